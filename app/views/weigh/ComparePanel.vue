<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { floorOf } from '../../../core/fit'
import WideBox from '../../parts/WideBox.vue'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { weigh as words } from '../../words/weigh'
import type { CandidateView } from '../../workers/protocol'

/** Two to four purchases side by side, figure by figure. */
const props = defineProps<{ candidates: readonly CandidateView[] }>()
defineEmits<{ clear: [] }>()
const store = useWorkspace()
const weighing = useWeighing()

/** What its tools take of the floor where they are kept, m². */
const floorFor = (candidate: CandidateView): number =>
  floorOf({
    tools: [candidate.lead, ...candidate.others].flatMap(({ tool: id, count }) => {
      const tool = store.world?.library.tools.get(id)
      return tool ? [{ tool, count }] : []
    })
  })
const pullOf = (candidate: CandidateView): string => {
  const pull = weighing.pulls?.pulls.find(({ tool }) => tool === candidate.lead.tool)
  return pull && store.say ? store.say.money(Math.round(pull.share)) : '–'
}
const rows = computed((): readonly (readonly [string, (candidate: CandidateView) => string])[] => {
  const { say } = store
  if (!say) return []
  const r = words.compareRows
  return [
    [r.cost, ({ cost }) => say.money(cost)],
    [r.gain, ({ gain }) => say.money(gain)],
    [r.net, ({ netGain }) => say.moved(netGain)],
    [
      r.back,
      ({ backPerMoney }) =>
        Number.isFinite(backPerMoney) ? say.number(backPerMoney, 2) : words.gift
    ],
    [r.minutes, ({ minutesSaved }) => (minutesSaved > 0 ? duration(minutesSaved) : words.none)],
    [
      r.opens,
      ({ effects }) =>
        effects
          .filter(({ opens }) => opens)
          .map(({ build }) => say.build(build))
          .join(', ') || words.none
    ],
    [r.along, ({ others }) => others.map((part) => words.part(say, part)).join(', ') || words.none],
    [r.floor, (candidate) => `${say.number(floorFor(candidate), 2)} m²`],
    [r.pulls, pullOf]
  ]
})
const heads = computed(() =>
  props.candidates.map(
    (candidate) => store.say?.shortTool(candidate.lead.tool) ?? candidate.lead.tool
  )
)
</script>

<template>
  <section class="compare">
    <div class="spread">
      <h2>{{ words.compareTitle(candidates.length) }}</h2>
      <Button size="small" severity="secondary" :label="words.fewer" @click="$emit('clear')" />
    </div>
    <WideBox>
      <table class="plain small">
        <thead>
          <tr>
            <td />
            <th v-for="(head, i) in heads" :key="i" scope="col">{{ head }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, text] in rows" :key="name">
            <th scope="row">{{ name }}</th>
            <td v-for="candidate in candidates" :key="candidate.id">{{ text(candidate) }}</td>
          </tr>
        </tbody>
      </table>
    </WideBox>
  </section>
</template>

<style scoped>
.compare {
  background: var(--paper-raised);
  padding: 0.5rem 0.75rem;
  border: 1px solid var(--line-strong);
}
</style>
