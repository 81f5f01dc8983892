<script setup lang="ts">
import { computed, watch } from 'vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { side } from '../../words/side'
import { sideStock as words } from '../../words/side-stock'
import FinishedForm from './FinishedForm.vue'
import OrderList from './OrderList.vue'
import SideTabs from './SideTabs.vue'
import SoldList from './SoldList.vue'
import StockList from './StockList.vue'

/** What is finished and waits, what was sold, and what is ordered. */
const store = useWorkspace()
const work = useSideWork()
watch(() => [work.ground, store.plan], work.askForSale, { immediate: true })
const openOrders = computed(
  () =>
    (store.workspace?.orders ?? []).filter(({ state }) => state === 'asked' || state === 'accepted')
      .length
)
</script>

<template>
  <PlaceHead
    v-if="store.say"
    :title="words.title(store.say, work.held.pieces.length, work.held.tiedUp)"
    :subtitle="words.subtitle(store.say, work.held.owed, openOrders)"
  />
  <SideTabs />
  <div v-if="store.say" class="two">
    <div class="stack">
      <StockList />
      <FinishedForm />
    </div>
    <div class="stack">
      <OrderList />
      <SoldList />
    </div>
  </div>
  <p class="caption">{{ side.advice }}</p>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(26rem, 100%), 1fr));
  gap: 1.5rem 2.5rem;
}
.stack {
  gap: 1.25rem;
}
</style>
