<script setup lang="ts">
import { computed } from 'vue'
import type { PlannedPurchase } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import NamedText from '../../parts/NamedText.vue'

/** What comes after the next purchase. */
const props = defineProps<{
  purchases: readonly PlannedPurchase[]
  isMain: (purchase: PlannedPurchase) => boolean
}>()
const store = useWorkspace()
/** What comes after the next purchase, by date. */
const AHEAD = 4
const ahead = computed(() => {
  const { say } = store
  if (!say) return []
  const dates = [...new Set(props.purchases.map(({ date }) => date))].slice(0, AHEAD)
  return dates.map((date) => {
    const bought = props.purchases
      .filter((purchase) => purchase.date === date)
      .sort((a, b) => Number(props.isMain(b)) - Number(props.isMain(a)) || b.price - a.price)
    const builds = new Set(bought.flatMap(({ forBuild }) => forBuild ?? []))
    return {
      date,
      names: bought.map(({ offer }) => say.shortOffer(offer)),
      cost: bought.reduce((sum, { price }) => sum + price, 0),
      builds: [...builds].map((id) => say.build(id))
    }
  })
})
</script>

<template>
  <template v-if="store.say && ahead.length > 0">
    <h2>{{ bench.aheadTitle }}</h2>
    <table class="plain">
      <thead class="visually-hidden">
        <tr>
          <th>{{ bench.aheadWhen }}</th>
          <th>{{ bench.aheadWhat }}</th>
          <th>{{ bench.aheadCost }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in ahead" :key="one.date">
          <td class="when strong">{{ store.say.shortDay(one.date) }}</td>
          <td>
            <NamedText :text="bench.aheadNames(one.names)" /><span
              v-if="one.builds.length > 0"
              class="soft small"
              ><br /><bdi>{{ bench.aheadFor(one.builds) }}</bdi></span
            >
          </td>
          <td class="figure">{{ store.say.money(one.cost) }}</td>
        </tr>
      </tbody>
    </table>
  </template>
</template>

<style scoped>
.when {
  white-space: nowrap;
  font-family: var(--slab);
}
</style>
