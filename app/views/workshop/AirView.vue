<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { DustAhead, LoudWay, Wear } from '../../../core/safety'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useJudging } from '../../stores/judging'
import { useWorkspace } from '../../stores/workspace'
import { air as words } from '../../words/air'
import DustComing from './DustComing.vue'
import WhoHears from './WhoHears.vue'
import WhoWears from './WhoWears.vue'
import WorkshopTabs from './WorkshopTabs.vue'

/** Noise, dust and protection of the work planned, each beside the limit that goes with it. */
const store = useWorkspace()
const judging = useJudging()
const dust = shallowRef<DustAhead>()
const wear = shallowRef<Wear>()
const loud = shallowRef<readonly LoudWay[]>()
watch(
  [() => store.plan, () => judging.state],
  ([plan]) => {
    judging.ask('dust-ahead', { plan }, (found) => (dust.value = found))
    judging.ask('wear', { plan }, (found) => (wear.value = found))
    judging.ask('loud', { plan }, (found) => (loud.value = found))
  },
  { immediate: true }
)
const title = computed(() =>
  loud.value ? words.title(loud.value.length, dust.value?.over === true) : words.titlePlain
)
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle" />
  <WorkshopTabs />
  <div v-if="store.workspace && store.say" class="columns">
    <WhoHears :loud="loud ?? []" :known="loud !== undefined" />
    <DustComing :dust="dust" :known="wear !== undefined" />
    <WhoWears v-if="wear" :wear="wear" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 1.5rem 2.5rem;
  align-items: start;
}
</style>
