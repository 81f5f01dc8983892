<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import type { Rung } from '../../../core/ladder'
import PlaceHead from '../../parts/PlaceHead.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import { useLadder } from '../../stores/ladder'
import { useWorkspace } from '../../stores/workspace'
import { firsts } from '../../words/firsts'
import { ladder as words } from '../../words/ladder'
import { weigh } from '../../words/weigh'
import LadderBeside from './LadderBeside.vue'
import LadderRung from './LadderRung.vue'
import NotForBuilds from './NotForBuilds.vue'
import WeighTabs from './WeighTabs.vue'

/** The order to buy in: single tools as rungs, the money as a line across. */

/** Rungs shown before the rest is asked for. */
const FIRST_RUNGS = 9

const store = useWorkspace()
const climbing = useLadder()
const open = ref<string>()
const all = ref(false)
onMounted(() => climbing.climb())
watch(
  () => climbing.hash,
  () => climbing.climb()
)

const ladder = computed(() => climbing.ladder)
const shown = computed(() => {
  const rungs = ladder.value?.rungs ?? []
  return all.value ? rungs : rungs.slice(0, FIRST_RUNGS)
})
const isStale = computed(() => ladder.value !== undefined && climbing.madeFor !== climbing.hash)
const title = computed(() =>
  ladder.value && store.say ? words.headline(store.say, ladder.value) : words.working
)
const subtitle = computed(() =>
  isStale.value
    ? words.again
    : store.workspace?.builds.length === 0
      ? weigh.noneHint
      : ladder.value && store.say
        ? words.subtitle(store.say, ladder.value)
        : undefined
)
const against = computed(() => {
  const { main, begins } = climbing
  return store.say && main && begins
    ? firsts.beginning(store.say, main.lead.tool, begins)
    : undefined
})
/** The money is drawn before a rung that it does not reach. */
const lineBefore = (rung: Rung, at: number): boolean => {
  const before = ladder.value?.rungs[at - 1]?.band ?? 'first'
  return rung.band !== before || (at === 0 && rung.band !== 'first')
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle" steady />
  <WeighTabs />
  <TroubleLine :trouble="climbing.failure" @again="climbing.climb()" />
  <template v-if="store.say && ladder">
    <p v-if="against" class="small against">{{ against }}</p>
    <p v-if="ladder.rungs.length > 0" class="caption">{{ words.caption }}</p>
    <ol class="plain-list ladder" :aria-busy="isStale">
      <template v-for="(rung, at) in shown" :key="rung.lead.offer">
        <li v-if="lineBefore(rung, at)" class="money small" aria-hidden="false">
          <span>{{ words.line(store.say, rung.band, ladder) }}</span>
        </li>
        <LadderRung
          :rung="rung"
          :at="at"
          :last="at + 1 === ladder.rungs.length"
          :open="open === rung.lead.offer"
          @toggle="open = open === rung.lead.offer ? undefined : rung.lead.offer"
        />
      </template>
    </ol>
    <p v-if="ladder.rungs.length > FIRST_RUNGS">
      <button type="button" class="link" @click="all = !all">
        {{ all ? words.fewer : `${words.show} (${ladder.rungs.length})` }}
      </button>
    </p>
    <section class="stack small foot">
      <p v-if="ladder.already.length > 0">{{ words.already(store.say, ladder.already) }}</p>
      <p v-if="ladder.never.length > 0" class="attention">
        {{ words.never(store.say, ladder.never) }}
      </p>
      <p v-if="ladder.rungs.length > 1" class="soft">
        {{ ladder.exact ? words.exact : words.searched }}
      </p>
    </section>
    <NotForBuilds :ladder="ladder" />
    <LadderBeside :ladder="ladder" />
  </template>
</template>

<style scoped>
.against {
  border-left: 4px solid var(--planned);
  padding-left: 0.6rem;
}
.ladder {
  max-width: 62rem;
}
.money {
  display: flex;
  align-items: center;
  gap: 0.75rem;
  color: var(--planned);
  font-weight: 650;
  padding: 0.15rem 0;
}
.money::before {
  content: '';
  width: 3.4rem;
  border-top: 3px double var(--planned);
}
.money::after {
  content: '';
  flex: 1;
  border-top: 3px double var(--planned);
}
.foot {
  margin-top: 0.75rem;
}
</style>
