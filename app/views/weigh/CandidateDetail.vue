<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { exponentOf, type Minor } from '../../../core/money'
import { levelBasis, change } from '../../../core/workspace'
import { salesFor } from '../../../core/prices'
import MoneyField from '../../parts/MoneyField.vue'
import SetLine from '../../parts/SetLine.vue'
import { library } from '../../../data'
import { newId } from '../../stores/clock'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { perUnit } from '../../words/units'
import { weigh as words } from '../../words/weigh'
import type {
  CandidateView,
  EffectView,
  PartView,
  ReasonsView,
  UseView,
  WayRound
} from '../../workers/protocol'
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
const parts = computed(
  () =>
    reasons.value?.parts ??
    [props.candidate.lead, ...props.candidate.others].map((part) => ({
      part,
      because: undefined,
      tag: part.cost,
      tax: 0,
      delivery: 0,
      repair: 0
    }))
)
const tool = computed(() => store.world?.library.tools.get(props.candidate.lead.tool))
const wished = computed(() => store.workspace?.wishes.includes(props.candidate.lead.tool) ?? false)
const need = computed(() =>
  store.workspace?.needTests?.find(({ tool: id }) => id === props.candidate.lead.tool)
)
const pull = computed(() =>
  weighing.pulls?.pulls.find(({ tool: id }) => id === props.candidate.lead.tool)
)
const basis = computed(() => (store.workspace ? levelBasis(store.workspace, library) : undefined))
const sales = computed(() =>
  store.world
    ? salesFor(
        store.workspace?.saleWindows ?? [],
        props.candidate.lead.tool,
        store.world.asOf
      ).slice(0, 2)
    : []
)
const saved = computed(() => props.candidate.separately - props.candidate.cost)

function usePrice(part: PartView, price: Minor | undefined): void {
  if (price === undefined || part.jig !== undefined) return
  store.run(steps.quoted(store.say?.tool(part.tool) ?? ''), (state) =>
    change.addQuote(state, {
      id: newId('q'),
      offer: part.id,
      date: store.world?.asOf ?? '',
      price,
      seller: 'other'
    })
  )
}
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
const whole = (amount: number): string => {
  const unit = 10 ** exponentOf(store.workspace?.money.currency ?? 'EUR')
  return store.say?.money(Math.round(amount / unit) * unit) ?? ''
}
const quoted = (part: PartView): Minor | undefined =>
  store.workspace?.quotes.filter(({ offer }) => offer === part.id).at(-1)?.price
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
const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
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
const perYear = computed(() => {
  const { say } = store
  const year = reasons.value?.perYear
  if (!say || !year) return []
  return [
    year.minutes >= 1 ? duration(year.minutes) : '',
    year.fees >= 1 ? `${say.money(Math.round(year.fees))} in fees` : '',
    year.timber >= 1 ? `${say.money(Math.round(year.timber))} in timber` : ''
  ].filter(Boolean)
})
const roundLine = (way: WayRound): string =>
  way.minutesMore > 0
    ? words.wayMore(duration(way.minutesMore))
    : way.minutesMore < 0
      ? words.wayLess(duration(-way.minutesMore))
      : ''
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
        <div v-if="reasons" class="small">
          <h3>{{ words.against }}</h3>
          <p v-for="regret in reasons.regrets" :key="regret.kind" class="attention">
            {{ words.regret(store.say, regret) }}
          </p>
          <p v-if="reasons.regrets.length === 0" class="soft">{{ words.noRegret }}</p>
          <p v-if="!reasons.regrets.some(({ kind }) => kind === 'few-uses')">
            {{ words.usesPerYear(store.say.number(reasons.usesPerYear, 1)) }}
            <template v-if="perYear.length > 0">{{ words.savesPerYear(perYear) }}</template>
          </p>
          <p v-for="service in reasons.services" :key="service.operation">
            {{
              words.service(
                store.say,
                service,
                perUnit(store.world?.library.operations.get(service.operation)?.unit ?? 'piece')
              )
            }}
          </p>
        </div>
        <div
          v-if="candidate.variants.length > 0 || reasons?.cheaper || reasons?.hazard?.gentler"
          class="small"
        >
          <h3>{{ words.ways }}</h3>
          <div v-if="reasons?.cheaper" class="way">
            <span class="strong">{{ words.cheaper }}{{ roundLine(reasons.cheaper) }}</span
            ><SetLine :parts="reasons.cheaper.parts" :cost="reasons.cheaper.cost" />
          </div>
          <div v-if="reasons?.hazard?.gentler" class="way">
            <span class="strong">{{ words.gentler }}{{ roundLine(reasons.hazard.gentler) }}</span
            ><SetLine :parts="reasons.hazard.gentler.parts" :cost="reasons.hazard.gentler.cost" />
          </div>
          <div v-if="candidate.variants.length > 0" class="way">
            <span class="strong">{{ words.variants }}</span><SetLine
              v-for="variant in candidate.variants.slice(0, 3)"
              :key="variant.id"
              :parts="variant.parts"
              :cost="variant.cost"
            />
          </div>
        </div>
      </div>
      <div>
        <h3>{{ words.comes }}</h3>
        <table class="plain small">
          <tbody>
            <tr v-for="{ part, because, ...price } in parts" :key="part.id">
              <td>
                {{ store.say.tool(part.tool)
                }}<template v-if="part.count > 1"> × {{ part.count }}</template
                ><br />
                <span class="soft"
                  >{{
                    part.jig
                      ? words.make
                      : words.tierLine(
                          words.tierName[part.tier] ?? '',
                          words.conditionName[part.condition] ?? '',
                          part.power
                        )
                  }}<template v-if="because && because.kind !== 'jig'"
                    >. {{ upperFirst(words.because(store.say, because)) }}</template
                  ></span
                >
              </td>
              <td
                class="figure"
                :class="{ typical: part.typical && !part.jig }"
                :title="words.priceParts(store.say, price)"
              >
                {{ store.say.money(part.cost) }}<br /><span
                  v-if="price.tax + price.delivery + price.repair > 0"
                  class="soft"
                  >{{ words.priceParts(store.say, price) }}</span
                >
              </td>
              <td>
                <MoneyField
                  v-if="!part.jig"
                  hide-label
                  optional
                  width="5.5rem"
                  :label="`${words.yourPrice}: ${store.say.tool(part.tool)}`"
                  :value="quoted(part)"
                  :placeholder="words.addPrice"
                  @change="usePrice(part, $event)"
                />
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="basis" class="caption">{{ words.priceBasis(basis.kind, basis.quotes) }}</p>
        <p v-for="sale in sales" :key="sale.id" class="small">{{ words.sale(store.say, sale) }}</p>
      </div>
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
.way {
  padding-bottom: 0.25rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
