<script setup lang="ts">
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { useMediaQuery } from '@vueuse/core'
import { PLACES, type PlaceId } from '../places'
import { useSettings } from '../stores/settings'
import { firstTime } from '../words/first-time'
import { placeNames, shell } from '../words/shell'

const visible = defineModel<boolean>('visible', { required: true })
const settings = useSettings()
const route = useRoute()
/** What to try at the place one is at; nothing elsewhere. */
const here = computed(() => firstTime.lines[route.meta.place as PlaceId] as string | undefined)
/** Only fingers: no keys to tell of. */
const onlyFingers = useMediaQuery('(hover: none) and (pointer: coarse)')
const lines = computed(() => [
  ...(route.meta.place === 'stages'
    ? shell.stageKeys
    : route.meta.place === 'builds'
      ? shell.gridKeys
      : route.meta.place === 'weigh'
        ? shell.weighKeys
        : route.meta.place === 'ledger'
          ? shell.ledgerKeys
          : []),
  ...shell.keyLines(
    settings.settings.letters === false
      ? []
      : PLACES.map(({ id, letter }) => [letter, placeNames[id]] as const)
  )
])
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="onlyFingers ? shell.help : shell.keysTitle"
    :style="{ width: '26rem', maxWidth: '95vw' }"
  >
    <p v-if="here">{{ here }}</p>
    <p>{{ shell.helpNames }}</p>
    <dl v-if="!onlyFingers">
      <template v-for="[key, what] in lines" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <p v-if="!onlyFingers && settings.settings.letters === false" class="soft small">
      {{ shell.lettersOff }}
    </p>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.3rem 1rem;
  margin: 0;
}
dd {
  margin: 0;
}
kbd {
  font-family: var(--sans);
  border: 1px solid var(--line-strong);
  padding: 0.05rem 0.4rem;
  border-radius: var(--radius);
  font-size: var(--text-small);
}
</style>
