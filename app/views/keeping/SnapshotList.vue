<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, shallowRef } from 'vue'
import { compareForReplacing, type Workspace } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import { useKeeping } from '../../stores/keeping'
import { useWorkspace } from '../../stores/workspace'
import { keeping as words, momentText } from '../../words/keeping'
import ChangeList from './ChangeList.vue'

/** Former states: each can be looked into, and gone back to. */
const store = useWorkspace()
const keeping = useKeeping()
const SHOWN = 8
const all = ref(false)
const looking = shallowRef<{
  readonly key: string
  readonly at: number
  readonly state: Workspace | undefined
}>()
const comparison = computed(() =>
  looking.value?.state && store.workspace
    ? compareForReplacing(store.workspace, looking.value.state)
    : undefined
)
const shown = computed(() => (all.value ? keeping.snapshots : keeping.snapshots.slice(0, SHOWN)))

async function look(key: string, at: number): Promise<void> {
  looking.value = { key, at, state: await keeping.snapshotState(key) }
}
async function goBack(): Promise<void> {
  const { state, at } = looking.value ?? {}
  if (!state || at === undefined) return
  await keeping.goBack(state, momentText(at))
  looking.value = undefined
}
</script>

<template>
  <section v-if="store.say" class="stack" :aria-label="words.snapshotsTitle">
    <h2>{{ words.snapshotsTitle }}</h2>
    <p class="caption">{{ words.snapshotsHint }}</p>
    <div>
      <Button
        size="small"
        severity="secondary"
        :label="words.snapshotNow"
        @click="keeping.snapshotNow()"
      />
    </div>
    <p v-if="keeping.snapshots.length === 0" class="soft">{{ words.snapshotsNone }}</p>
    <WideBox v-else>
      <table class="plain">
        <thead>
          <tr>
            <th>{{ words.when }}</th>
            <th>{{ words.why }}</th>
            <th>{{ words.holds }}</th>
            <th>
              <span class="visually-hidden">{{ words.look }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in shown" :key="one.key">
            <td class="one-line">{{ momentText(one.at) }}</td>
            <td>{{ words.reasons[one.reason] }}</td>
            <td>{{ words.holdsText(store.say, one) }}</td>
            <td>
              <button
                type="button"
                class="link small one-line"
                :aria-label="`${words.look}: ${momentText(one.at)}`"
                @click="look(one.key, one.at)"
              >
                {{ words.look }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <button
      v-if="!all && keeping.snapshots.length > SHOWN"
      type="button"
      class="link"
      @click="all = true"
    >
      {{ words.more(keeping.snapshots.length - SHOWN) }}
    </button>
    <div
      v-if="looking"
      class="look stack"
      role="region"
      :aria-label="words.lookTitle(momentText(looking.at))"
    >
      <h3>{{ words.lookTitle(momentText(looking.at)) }}</h3>
      <p v-if="!comparison" class="attention">{{ words.unreadable }}</p>
      <template v-else>
        <ChangeList :comparison="comparison" :replacing="true" plain />
        <p v-if="comparison.onlyHere.length > 0" class="small">
          {{ words.entriesSince(comparison.onlyHere.length) }}
        </p>
        <p class="caption">{{ words.goBackHint }}</p>
      </template>
      <div class="row">
        <Button v-if="comparison" size="small" :label="words.goBack" @click="goBack" />
        <Button
          size="small"
          severity="secondary"
          :label="words.close"
          @click="looking = undefined"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.look {
  border-left: 4px solid var(--planned);
  padding: 0.25rem 0 0.25rem 1rem;
}
</style>
