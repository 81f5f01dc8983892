<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { saleEstimate, seenPrices } from '../../../core/prices'
import { change, salesOf } from '../../../core/workspace'
import { usualSales } from '../../../data'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { prices } from '../../words/prices'
import { steps } from '../../words/steps'
import { timing as words } from '../../words/timing'
import Bargains from './Bargains.vue'
import Hires from './Hires.vue'
import PricesTabs from './PricesTabs.vue'
import SaleForm from './SaleForm.vue'

/** Sales of the year with what they are by what was seen, bundles, and buy-several deals. */
const store = useWorkspace()
const sales = computed(() => {
  const { world } = store
  if (!world) return []
  const seen = seenPrices(world.pricing, world.workspace.quotes, [])
  return (world.workspace.saleWindows ?? []).map((sale) => ({
    sale,
    estimate: saleEstimate(seen, sale, world.asOf),
    isOver: !sale.yearly && sale.until < world.asOf
  }))
})
const next = computed(() => {
  const { world, say } = store
  const first = world
    ? [...salesOf(world)]
        .filter(({ until }) => until >= world.asOf)
        .sort((a, b) => (a.from < b.from ? -1 : 1))[0]
    : undefined
  return first && say ? `${first.name}, ${say.shortDay(first.from)}` : undefined
})
const lacking = computed(() => {
  const { workspace } = store
  const known = new Set((workspace?.saleWindows ?? []).map(({ name }) => name))
  return workspace
    ? usualSales(workspace.money.currency).filter(({ id }) => !known.has(words.saleNames[id] ?? id))
    : []
})
/** The usual sales as they fall in the year of today; one over the year’s end ends in the next. */
function startFromUsual(): void {
  const { world } = store
  if (!world) return
  const year = Number(world.asOf.slice(0, 4))
  const list = lacking.value.map(({ id, from, until, off, chance }) => ({
    id: newId('sale'),
    name: words.saleNames[id] ?? id,
    from: `${year}-${from}`,
    until: `${until < from ? year + 1 : year}-${until}`,
    off,
    chance,
    tools: [],
    yearly: true
  }))
  store.run(words.usualStep, (state) => change.addSaleWindows(state, list))
}
</script>

<template>
  <PlaceHead :title="words.salesTitle(next)" :subtitle="words.salesSubtitle">
    <Button
      v-if="lacking.length > 0"
      severity="secondary"
      :label="words.usualSales"
      @click="startFromUsual"
    />
  </PlaceHead>
  <PricesTabs />
  <div v-if="store.say" class="stack">
    <p v-if="lacking.length > 0" class="caption">{{ words.usualSalesHint }}</p>
    <ul class="plain-list">
      <li v-for="{ sale, estimate, isOver } in sales" :key="sale.id" :class="{ soft: isOver }">
        <span class="strong">{{ sale.name }}</span>, {{ store.say.shortDay(sale.from) }} –
        {{ store.say.shortDay(sale.until)
        }}<template v-if="sale.yearly"> · {{ words.yearly }}</template
        ><template v-if="isOver">{{ prices.noLonger }}</template>
        <button
          type="button"
          class="link"
          :aria-label="`${prices.remove}: ${sale.name}`"
          @click="
            store.run(steps.unoffered(sale.name), (state) =>
              change.removeSaleWindow(state, sale.id)
            )
          "
        >
          {{ prices.remove }}
        </button>
        <br /><span class="small soft">{{ words.estimate(store.say, estimate) }}</span>
      </li>
    </ul>
    <SaleForm />
    <Bargains />
    <Hires />
  </div>
</template>

<style scoped>
li .link {
  margin-inline-start: 0.5rem;
}
li {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
</style>
