<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import {
  kindKey,
  levelOf,
  seenPrices,
  standingOf,
  type PriceKind,
  type SeenPrice
} from '../../../core/prices'
import type { LookAhead } from '../../../core/timing'
import { change } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import { useWorkspace } from '../../stores/workspace'
import { steps } from '../../words/steps'
import { timing as words } from '../../words/timing'
import { prices } from '../../words/prices'

/** What one kind costs: where a price stands among those seen, the band, the drawing, and the same as a table. */
const props = defineProps<{
  kind: PriceKind
  /** The price asked about. */
  price: number | undefined
  looks: readonly LookAhead[]
}>()
const PriceChart = defineAsyncComponent(() => import('./PriceChart.vue'))
const store = useWorkspace()
const table = ref(false)
const MOST_ROWS = 40
const all = computed<readonly SeenPrice[]>(() => {
  const { world } = store
  return world ? seenPrices(world.pricing, world.workspace.quotes, world.workspace.ledger) : []
})
const level = computed(() =>
  store.world ? levelOf(store.world.pricing, all.value, props.kind, store.world.asOf) : undefined
)
const standing = computed(() =>
  store.world && props.price !== undefined
    ? standingOf(store.world.pricing, all.value, props.kind, props.price, store.world.asOf)
    : undefined
)
const own = computed(() => all.value.filter((one) => kindKey(one) === kindKey(props.kind)))
const rows = computed(() => [...own.value].reverse().slice(0, MOST_ROWS))
const about = (amount: number): string => store.say?.money(store.say.about(amount)) ?? ''
const name = computed(() => store.say?.shortTool(props.kind.tool) ?? '')
function setAside(one: SeenPrice): void {
  store.run((one.aside ? words.againStep : words.asideStep)(name.value), (state) =>
    change.setQuoteAside(state, one.id, !one.aside)
  )
}
function takeOut(one: SeenPrice): void {
  store.run(steps.unquoted(name.value), (state) => change.removeQuote(state, one.id))
}
</script>

<template>
  <div v-if="level && store.say" class="stack">
    <p v-if="standing" class="strong">{{ words.standing(standing) }}</p>
    <p class="small">
      {{ words.band(about(level.low), about(level.high), level.prices) }}
      <template v-if="level.trend !== undefined">{{
        words.trend(store.say.percent(Math.abs(level.trend)), level.trend > 0)
      }}</template>
    </p>
    <PriceChart :seen="own" :level="level" :looks="looks" :label="words.chart(name)" />
    <p class="caption">{{ words.chartCaption }}</p>
    <button type="button" class="link small" :aria-expanded="table" @click="table = !table">
      {{ words.asTable }}
    </button>
    <WideBox v-if="table">
      <table v-if="rows.length > 0" class="plain small">
        <thead>
          <tr>
            <th scope="col">{{ words.head.date }}</th>
            <th scope="col" class="figure">{{ words.head.price }}</th>
            <th scope="col">{{ words.head.source }}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in rows" :key="one.id" :class="{ soft: one.aside }">
            <td>{{ store.say.day(one.date) }}</td>
            <td class="figure strong">{{ store.say.money(one.price) }}</td>
            <td>
              {{ words.source[one.source]
              }}<template v-if="one.seller">, {{ prices.sellerName[one.seller] }}</template>
            </td>
            <td>
              <template v-if="one.source !== 'receipt'">
                <button type="button" class="link" @click="setAside(one)">
                  {{ one.aside ? words.countAgain : words.putAside }}
                </button>
                <button type="button" class="link" @click="takeOut(one)">
                  {{ prices.remove }}
                </button>
              </template>
            </td>
          </tr>
        </tbody>
      </table>
      <table v-if="looks.length > 0" class="plain small">
        <thead>
          <tr>
            <th scope="col">{{ words.head.date }}</th>
            <th scope="col" class="figure">{{ words.head.takes }}</th>
            <th scope="col" class="figure">{{ words.head.expects }}</th>
            <th scope="col" class="figure">{{ words.head.lost }}</th>
            <th scope="col">{{ words.head.sale }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="look in looks" :key="look.date">
            <td>{{ store.say.shortDay(look.date) }}</td>
            <td class="figure">{{ about(look.takes) }}</td>
            <td class="figure">{{ about(look.expects) }}</td>
            <td class="figure">{{ about(look.lost) }}</td>
            <td>{{ look.sale?.name ?? '–' }}</td>
          </tr>
        </tbody>
      </table>
    </WideBox>
  </div>
</template>
