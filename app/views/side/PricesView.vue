<script setup lang="ts">
import { computed, watch } from 'vue'
import { isForSale } from '../../../core/builds'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { side } from '../../words/side'
import { sidePrices as words } from '../../words/side-stock'
import OutletList from './OutletList.vue'
import PriceOf from './PriceOf.vue'
import SideTabs from './SideTabs.vue'

/** What to ask for each piece, and where: what is known of prices, and the best that follows. */
const store = useWorkspace()
const work = useSideWork()
watch(() => [work.ground, store.plan], work.askForSale, { immediate: true })
const builds = computed(() => (store.workspace?.builds ?? []).filter(isForSale))
</script>

<template>
  <PlaceHead
    :title="builds.length === 0 ? side.nothing : words.title"
    :subtitle="builds.length === 0 ? side.nothingHint : words.subtitle"
  />
  <SideTabs />
  <div v-if="store.say" class="two">
    <div class="stack">
      <PriceOf v-for="build in builds" :key="build.id" :build="build" />
      <p v-if="builds.length === 0">
        <RouterLink to="/builds">{{ side.toBuilds }}</RouterLink>
      </p>
    </div>
    <OutletList />
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr);
  gap: 1.5rem 2.5rem;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
