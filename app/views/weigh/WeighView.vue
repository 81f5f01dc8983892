<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { toolOfPurchase } from '../../../core/stages'
import { change } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import TheBeam from '../../parts/TheBeam.vue'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import type { CandidateView } from '../../workers/protocol'
import CandidateDetail from './CandidateDetail.vue'

const store = useWorkspace()
const planning = usePlanning()
const chosen = ref<string>()
onMounted(() => planning.rank())
watch(() => planning.hash, () => planning.rank())

const candidates = computed(() => planning.ranking?.candidates ?? [])
const detail = computed(() => candidates.value.find(({ id }) => id === chosen.value) ?? candidates.value[0])
const heaviest = computed(() => Math.max(1, ...candidates.value.map(({ cost, gain }) => Math.max(cost, gain))))
const bans = computed(() => (store.workspace?.bans ?? []).filter(({ kind }) => kind === 'tool'))
const title = computed(() => (candidates.value[0] && store.say ? words.title(store.say.shortTool(candidates.value[0].lead.tool)) : planning.ranking ? words.titleNone : words.titleWorking))
const partsOf = (candidate: CandidateView): { name: string; gain: number }[] => candidate.effects.map(({ build, gain }) => ({ name: store.say?.build(build) ?? build, gain }))
const others = (candidate: CandidateView): string[] => candidate.others.map((part) => (store.say ? words.part(store.say, part) : part.tool))
const ratio = (candidate: CandidateView): string => (!Number.isFinite(candidate.backPerMoney) ? words.gift : candidate.gain > 0 ? words.back(store.say?.number(candidate.backPerMoney, 1) ?? '') : words.saves(duration(candidate.minutesSaved)))
/** Where the plan begins, when it is not with the first of the list. */
const plan = computed(() => {
  const { world, say } = store
  const first = planning.plan?.purchases
  const top = candidates.value[0]
  if (!world || !say || !first?.[0] || !top) return undefined
  const now = first.filter(({ date }) => date === first[0]?.date)
  if (now.some((purchase) => toolOfPurchase(world, purchase) === top.lead.tool)) return words.planSame
  const dearest = [...now].sort((a, b) => b.price - a.price)[0] ?? first[0]
  return words.planDiffers(say.shortOffer(dearest.offer), say.shortDay(dearest.date))
})
function step(event: KeyboardEvent): void {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
  if (by === 0) return
  event.preventDefault()
  const list = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('button.candidate')]
  list[list.indexOf(document.activeElement as HTMLElement) + by]?.focus()
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="candidates.length > 0 ? words.subtitle(candidates.length, store.workspace?.builds.length ?? 0) : planning.ranking ? words.noneHint : undefined" />
  <template v-if="store.say && candidates.length > 0">
    <p class="caption">{{ plan ? `${words.caption} ${plan}` : words.caption }}</p>
    <div class="ends soft small" aria-hidden="true"><span>{{ words.costs }}</span><span>{{ words.worth }}</span></div>
    <ol class="plain-list" @keydown="step">
      <li v-for="(candidate, index) in candidates" :key="candidate.id">
        <button type="button" class="candidate" :class="{ chosen: detail?.id === candidate.id }" :aria-pressed="detail?.id === candidate.id" @click="chosen = candidate.id">
          <span class="name"><span class="strong">{{ index + 1 }} {{ store.say.shortTool(candidate.lead.tool) }}</span><span v-if="candidate.others.length > 0" class="soft small others">{{ words.with(others(candidate)) }}</span></span>
          <TheBeam :cost="candidate.cost" :along="candidate.cost - candidate.lead.cost" :parts="partsOf(candidate)" :heaviest="heaviest" :label="words.beamLabel(store.say.shortTool(candidate.lead.tool), store.say.money(candidate.cost), store.say.money(candidate.gain))" />
          <span class="figures"><span class="strong" :class="{ typical: candidate.typical }">{{ words.arrow(store.say.money(candidate.cost), store.say.money(candidate.gain)) }}</span><span class="soft small">{{ ratio(candidate) }}</span></span>
        </button>
        <CandidateDetail v-if="detail?.id === candidate.id" :candidate="candidate" />
      </li>
    </ol>
  </template>
  <section v-if="store.say && planning.ranking" class="stack small">
    <p v-if="planning.ranking.feasible.length > 0">{{ words.possible(planning.ranking.feasible.map((id) => store.say!.build(id))) }}</p>
    <p v-for="one in planning.ranking.hopeless" :key="one.build" class="attention">{{ words.hopeless(store.say.build(one.build), one.steps.map((id) => store.say!.operation(store.workspace?.builds.find((build) => build.id === one.build)?.steps.find((s) => s.id === id)?.operation ?? id))) }}</p>
    <p v-if="bans.length > 0" class="row"><span class="strong">{{ words.banned }}:</span><span v-for="ban in bans" :key="ban.id">{{ store.say.shortTool(ban.id) }} <button type="button" class="link" @click="store.run(steps.unbanned(store.say.tool(ban.id)), (state) => change.unban(state, ban))">{{ words.unban }}</button></span></p>
  </section>
</template>

<style scoped>
.ends { display: grid; grid-template-columns: 1fr 1fr; width: 52%; margin-left: 23%; gap: 1.2rem; }
.ends span:first-child { text-align: right; }
li { border-bottom: 1px solid var(--line); }
.candidate { width: 100%; display: grid; grid-template-columns: 23% 52% minmax(0, 1fr); align-items: center; background: none; border: 0; text-align: left; cursor: pointer; padding: 0.15rem 0; }
.candidate:hover, .candidate.chosen { background: var(--paper-raised); }
.candidate.chosen { box-shadow: inset 4px 0 0 var(--planned); }
.name { display: grid; padding-left: 0.75rem; }
.others { display: -webkit-box; -webkit-line-clamp: 2; -webkit-box-orient: vertical; overflow: hidden; }
.figures { display: grid; text-align: right; padding-right: 0.25rem; }
@media (max-width: 700px) {
  .ends { display: none; }
  .candidate { grid-template-columns: minmax(0, 1fr) auto; row-gap: 0; padding: 0.4rem 0; }
  .candidate > svg { grid-column: 1 / -1; grid-row: 2; }
}
</style>
