<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue'
import { change } from '../../../core/workspace'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TheBeam from '../../parts/TheBeam.vue'
import { useJudging } from '../../stores/judging'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import { firsts } from '../../words/firsts'
import type { CandidateView } from '../../workers/protocol'
import CandidateDetail from './CandidateDetail.vue'
import WeighTabs from './WeighTabs.vue'
import WeightsPanel from './WeightsPanel.vue'

const ComparePanel = defineAsyncComponent(() => import('./ComparePanel.vue'))

/** Rows shown before the rest is asked for. */
const FIRST_ROWS = 10
const MOST_COMPARED = 4

const store = useWorkspace()
const judging = useJudging()
const weighing = useWeighing()
const chosen = ref<string>()
const compared = ref<readonly string[]>([])
const all = ref(false)
onMounted(() => weighing.weigh())
watch(
  () => weighing.hash,
  () => weighing.weigh()
)

const candidates = computed(() => weighing.ranking?.candidates ?? [])
const shown = computed(() => (all.value ? candidates.value : candidates.value.slice(0, FIRST_ROWS)))
const detail = computed(() => candidates.value.find(({ id }) => id === chosen.value))
const heaviest = computed(() =>
  Math.max(1, ...shown.value.map(({ cost, gain }) => Math.max(cost, gain)))
)
/** The list is still that of a former state; the new one is on its way. */
const isStale = computed(
  () =>
    weighing.ranking !== undefined &&
    weighing.trial === undefined &&
    weighing.rankedFor !== weighing.hash
)
const bans = computed(() => (store.workspace?.bans ?? []).filter(({ kind }) => kind === 'tool'))
const side = computed(() =>
  compared.value.flatMap((id) => candidates.value.find((one) => one.id === id) ?? [])
)
const title = computed(() =>
  candidates.value[0] && store.say
    ? words.title(store.say.shortTool(candidates.value[0].lead.tool))
    : weighing.ranking
      ? words.titleNone
      : words.titleWorking
)
const gainsOf = (candidate: CandidateView): { name: string; gain: number }[] =>
  candidate.effects.map(({ build, gain }) => ({ name: store.say?.build(build) ?? build, gain }))
const others = (candidate: CandidateView): string[] =>
  candidate.others.map((part) => (store.say ? words.part(store.say, part) : part.tool))
const ratio = (candidate: CandidateView): string =>
  !Number.isFinite(candidate.backPerMoney)
    ? words.gift
    : candidate.gain > 0
      ? words.back(
          store.say?.number(candidate.backPerMoney, 1) ?? '',
          store.say?.moved(store.say.about(candidate.netGain)) ?? ''
        )
      : words.saves(duration(candidate.minutesSaved))
/** Where the plan begins, and why there. */
const plan = computed(() => {
  const [top] = candidates.value
  const { say } = store
  return judging.beginning && say && top
    ? firsts.beginning(say, top.lead.tool, judging.beginning)
    : undefined
})
function tick(id: string, on: boolean): void {
  compared.value = on
    ? [...compared.value.filter((other) => other !== id), id].slice(-MOST_COMPARED)
    : compared.value.filter((other) => other !== id)
}
const KEYS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 }
function step(event: KeyboardEvent): void {
  const list = [
    ...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('button.candidate')
  ]
  const at = list.indexOf(document.activeElement as HTMLElement)
  const by = KEYS[event.key]
  if (by !== undefined && at >= 0) {
    event.preventDefault()
    list[at + by]?.focus()
  }
  const here = shown.value[at]
  if (event.key === 'c' && here) {
    event.preventDefault()
    event.stopPropagation()
    tick(here.id, !compared.value.includes(here.id))
  }
}
</script>

<template>
  <PlaceHead
    :title="title"
    :subtitle="
      isStale
        ? words.again
        : candidates.length > 0
          ? words.subtitle(candidates.length, store.workspace?.builds.length ?? 0)
          : weighing.ranking
            ? (store.workspace?.builds.length ?? 0) > 0
              ? words.noneOpens
              : words.noneHint
            : undefined
    "
  />
  <WeighTabs />
  <TroubleLine :trouble="weighing.failure" @again="weighing.weigh()" />
  <WeightsPanel />
  <p v-if="weighing.ranking?.weightless" class="attention strong">{{ words.weightless }}</p>
  <ComparePanel v-if="side.length >= 2" :candidates="side" @clear="compared = []" />
  <p v-else-if="side.length === 1" class="caption" role="status">{{ words.compareHint }}</p>
  <template v-if="store.say && candidates.length > 0">
    <p v-if="plan" class="small plan">{{ plan }}</p>
    <p class="caption">{{ words.caption }}</p>
    <div class="ends soft small" aria-hidden="true">
      <span>{{ words.costs }}</span><span>{{ words.worth }}</span>
    </div>
    <ol class="plain-list" @keydown="step">
      <li v-for="(candidate, index) in shown" :key="candidate.id">
        <div class="line" :class="{ chosen: detail?.id === candidate.id }">
          <button
            type="button"
            class="candidate"
            :class="{ chosen: detail?.id === candidate.id }"
            :aria-expanded="detail?.id === candidate.id"
            @click="chosen = detail?.id === candidate.id ? undefined : candidate.id"
          >
            <span class="name"
              ><span class="strong"
                >{{ index + 1 }} {{ store.say.shortTool(candidate.lead.tool) }}</span
              ><span v-if="candidate.others.length > 0" class="soft small others">{{
                words.with(others(candidate))
              }}</span></span
            >
            <TheBeam
              :cost="candidate.cost"
              :along="candidate.cost - candidate.lead.cost"
              :parts="gainsOf(candidate)"
              :heaviest="heaviest"
              :label="
                words.beamLabel(
                  store.say.shortTool(candidate.lead.tool),
                  store.say.money(candidate.cost),
                  store.say.money(candidate.gain)
                )
              "
            />
            <span class="figures"
              ><span class="strong" :class="{ typical: candidate.typical }">{{
                words.arrow(store.say.money(candidate.cost), store.say.money(candidate.gain))
              }}</span
              ><span class="soft small">{{ ratio(candidate) }}</span></span
            >
          </button>
          <Checkbox
            binary
            :model-value="compared.includes(candidate.id)"
            :aria-label="words.compareThis(store.say.shortTool(candidate.lead.tool))"
            :title="words.compareThis(store.say.shortTool(candidate.lead.tool))"
            @update:model-value="tick(candidate.id, $event)"
          />
        </div>
        <CandidateDetail v-if="detail?.id === candidate.id" :candidate="candidate" />
      </li>
    </ol>
    <p v-if="candidates.length > FIRST_ROWS">
      <Button
        size="small"
        severity="secondary"
        :label="all ? words.fewer : words.more(candidates.length - FIRST_ROWS)"
        @click="all = !all"
      />
    </p>
  </template>
  <section v-if="store.say && weighing.ranking" class="stack small">
    <p v-if="weighing.ranking.feasible.length > 0">
      {{ words.possible(weighing.ranking.feasible.map((id) => store.say!.build(id))) }}
    </p>
    <p v-for="one in weighing.ranking.hopeless" :key="one.build" class="attention">
      {{
        words.hopeless(
          store.say.build(one.build),
          one.steps.map((id) =>
            store.say!.operation(
              store.workspace?.builds
                .find((build) => build.id === one.build)
                ?.steps.find((s) => s.id === id)?.operation ?? id
            )
          )
        )
      }}
    </p>
    <p v-if="bans.length > 0" class="row">
      <span class="strong">{{ words.banned }}:</span
      ><span v-for="ban in bans" :key="ban.id"
        >{{ store.say.shortTool(ban.id) }}
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unbanned(store.say.tool(ban.id)), (state) => change.unban(state, ban))
          "
        >
          {{ words.unban }}
        </button></span
      >
    </p>
  </section>
</template>

<style scoped>
.ends {
  display: grid;
  grid-template-columns: 1fr 1fr;
  width: 52%;
  margin-left: 22%;
  gap: 1.2rem;
}
.ends span:first-child {
  text-align: right;
}
li {
  border-bottom: 1px solid var(--line);
}
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 1.75rem;
  align-items: center;
}
.candidate {
  width: 100%;
  display: grid;
  grid-template-columns: 23% 53% minmax(0, 1fr);
  align-items: center;
  background: none;
  border: 0;
  text-align: left;
  cursor: pointer;
  padding: 0.1rem 0;
}
.line:hover,
.line.chosen {
  background: var(--paper-raised);
}
.line.chosen {
  box-shadow: inset 4px 0 0 var(--planned);
}
.plan {
  border-left: 4px solid var(--planned);
  padding-left: 0.6rem;
}
.name {
  display: grid;
  padding-left: 0.75rem;
}
.others {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  line-height: 1.3;
}
.figures {
  display: grid;
  text-align: right;
  padding-right: 0.25rem;
}
@media (max-width: 700px) {
  .ends {
    display: none;
  }
  .candidate {
    grid-template-columns: minmax(0, 1fr) auto;
    row-gap: 0;
    padding: 0.4rem 0;
  }
  .candidate > svg {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
