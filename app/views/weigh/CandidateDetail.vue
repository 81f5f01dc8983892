<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { change } from '../../../core/workspace'
import { sheetsOfTool } from '../../../core/safety'
import HazardSheets from '../../parts/HazardSheets.vue'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import type { CandidateView, EffectView, ReasonsView, UseView } from '../../workers/protocol'
import CandidateAgainst from './CandidateAgainst.vue'
import CandidateParts from './CandidateParts.vue'
import NeedTest from './NeedTest.vue'

/** Every figure of a candidate, down to the builds and steps it came from; a price of one's own can be put in where it is needed. */
const props = defineProps<{ candidate: CandidateView }>()
const store = useWorkspace()
const weighing = useWeighing()
const asking = ref(false)
watch(
  () => [props.candidate.id, weighing.rankedFor],
  () => weighing.explain(props.candidate.id),
  { immediate: true }
)

const reasons = computed<ReasonsView | undefined>(() => weighing.reasons.get(props.candidate.id))
const tool = computed(() => store.world?.library.tools.get(props.candidate.lead.tool))
const wished = computed(() => store.workspace?.wishes.includes(props.candidate.lead.tool) ?? false)
const need = computed(() =>
  store.workspace?.needTests?.find(({ tool: id }) => id === props.candidate.lead.tool)
)
const pull = computed(() =>
  weighing.pulls?.pulls.find(({ tool: id }) => id === props.candidate.lead.tool)
)
const saved = computed(() => props.candidate.separately - props.candidate.cost)

function ban(): void {
  const { id, name } = tool.value ?? {}
  if (id !== undefined && name !== undefined)
    store.run(steps.banned(name), (state) => change.ban(state, { kind: 'tool', id }))
}
function wish(): void {
  const { id, name } = tool.value ?? {}
  if (id !== undefined && name !== undefined)
    store.run(wished.value ? steps.unwished(name) : steps.wished(name), (state) =>
      change.wish(state, id, !wished.value)
    )
}
/** Shares are estimates: whole units of money are as exact as they are. */
const whole = (amount: number): string => store.say?.money(store.say.about(amount)) ?? ''
const leaning = computed(
  () =>
    store.workspace?.preferences.leanings?.find(({ tool: id }) => id === props.candidate.lead.tool)
      ?.times ?? 1
)
const leanOptions = computed(() =>
  [...new Set([0.5, 1, 2, leaning.value])]
    .sort((a, b) => a - b)
    .map((id) => ({
      id,
      name: words.leanName[String(id)] ?? words.leanOther(store.say?.number(id, 2) ?? '')
    }))
)
function lean(times: number): void {
  const id = props.candidate.lead.tool
  store.run(steps.leaning(store.say?.tool(id) ?? ''), (state) =>
    change.leanTowards(state, id, times)
  )
}
const effectLine = (effect: EffectView): string => {
  const { say } = store
  if (!say) return ''
  const name = say.build(effect.build)
  return effect.opens
    ? words.openLine(name, say.money(effect.gain))
    : effect.minutesSaved > 0
      ? words.easeLine(name, duration(effect.minutesSaved))
      : words.gainLine(name, say.money(effect.gain))
}
const stepsOf = (build: string): ReasonsView['changes'] =>
  reasons.value?.changes.filter((one) => one.build === build) ?? []
const use = (one: UseView | undefined): string =>
  one && store.say
    ? words.use(
        store.say.method(one.method),
        duration(one.minutes),
        one.fee > 0 ? store.say.money(one.fee) : undefined
      )
    : words.gap
</script>

<template>
  <div v-if="store.say" class="detail">
    <p>
      {{
        words.why(
          store.say.money(candidate.gain),
          store.say.money(candidate.cost),
          store.say.moved(candidate.netGain)
        )
      }}
      <template v-if="candidate.floor < 0">{{
        words.floor(store.say.money(-candidate.floor))
      }}</template>
      <template v-if="candidate.leaning !== 1"
        >{{ words.leaning(store.say.number(candidate.leaning, 2)) }}.</template
      >
      <template v-if="saved > 0">{{
        words.bundleLine(
          [...candidate.bundles, ...candidate.deals.map(({ name }) => name)],
          store.say.money(saved)
        )
      }}</template>
      <span v-if="pull" :title="words.pullsHint">
        {{
          words.pulls(whole(pull.share), weighing.pulls?.exact ? undefined : whole(pull.error))
        }}.</span
      >
      <span v-else class="soft"> {{ words.pullsWorking }}</span>
    </p>
    <p v-if="tool?.caution || (reasons?.hazard?.level ?? 0) > 1" class="caution small">
      {{ tool?.caution }}
      <template v-if="reasons?.hazard">{{ words.hazardLine(reasons.hazard.level) }}</template>
      {{ words.cautionTail }}
      <HazardSheets v-if="tool" :sheets="sheetsOfTool(tool)" />
    </p>
    <div class="columns">
      <div class="stack">
        <div>
          <h3>{{ words.opens }}</h3>
          <ul class="plain-list small">
            <li v-for="effect in candidate.effects" :key="effect.build">
              <details v-if="stepsOf(effect.build).length > 0">
                <summary>
                  <bdi>{{ effectLine(effect) }}</bdi>
                </summary>
                <ul class="steps">
                  <li v-for="one in stepsOf(effect.build)" :key="one.step">
                    {{
                      words.stepLine(
                        store.say.operation(one.operation),
                        use(one.before),
                        use(one.after)
                      )
                    }}
                  </li>
                  <li v-if="effect.roughMetres > 0">
                    {{
                      words.rough(
                        `${store.say.number(effect.roughMetres, 1)} m`,
                        store.say.money(effect.timberSaved)
                      )
                    }}
                  </li>
                </ul>
                <RouterLink :to="`/builds/${encodeURIComponent(effect.build)}`">{{
                  store.say.build(effect.build)
                }}</RouterLink>
              </details>
              <RouterLink v-else :to="`/builds/${encodeURIComponent(effect.build)}`"
                ><bdi>{{ effectLine(effect) }}</bdi></RouterLink
              >
            </li>
          </ul>
          <p
            v-for="miss in reasons?.nearMisses ?? []"
            :key="miss.build + miss.operation"
            class="small soft"
          >
            {{ words.nearMiss(store.say, miss) }}
          </p>
        </div>
        <CandidateAgainst :candidate="candidate" :reasons="reasons" />
      </div>
      <CandidateParts :candidate="candidate" :reasons="reasons" />
    </div>
    <NeedTest
      v-if="asking || need"
      :tool="candidate.lead.tool"
      :effects="candidate.effects"
      @close="asking = false"
    />
    <div class="row">
      <Button size="small" severity="secondary" :label="words.ban" @click="ban" /><Button
        size="small"
        severity="secondary"
        :label="wished ? words.unwish : words.wish"
        @click="wish"
      />
      <Button
        v-if="!need"
        size="small"
        severity="secondary"
        :label="words.need"
        @click="asking = !asking"
      />
      <Select
        :model-value="leaning"
        :options="leanOptions"
        option-label="name"
        option-value="id"
        size="small"
        :aria-label="words.leanLabel"
        @update:model-value="lean($event)"
      />
      <RouterLink
        class="small"
        :to="{
          path: '/weigh/quality',
          query: { tool: candidate.lead.tool, power: candidate.lead.power }
        }"
        >{{ words.howGood }}</RouterLink
      >
    </div>
  </div>
</template>

<style scoped>
.detail {
  padding: 0.5rem 0.75rem 1rem;
  display: grid;
  gap: 0.6rem;
  background: var(--paper-raised);
  box-shadow: inset 4px 0 0 var(--planned);
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr);
  gap: 0.75rem 2rem;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
.steps {
  margin: 0.15rem 0 0.3rem;
  padding-left: 1.1rem;
}
summary {
  cursor: pointer;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
