<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { SaleReckoning } from '../../../core/sidework'
import PriceBar from '../../parts/PriceBar.vue'
import { useJudging } from '../../stores/judging'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { side } from '../../words/side'
import { sidework as words } from '../../words/sidework'

/** Of a build that is sold: where the price of one piece goes, what an hour brings, and from how many together it pays. */
const props = defineProps<{ build: string }>()
const store = useWorkspace()
const judging = useJudging()
const work = useSideWork()
watch(() => [work.ground, store.plan], work.askForSale, { immediate: true })
/** The seller's own pace at this build, as pieces have shown it. */
const pace = computed(() => work.designs.find((one) => one.build === props.build)?.pace)
const reckoning = shallowRef<SaleReckoning>()
const known = shallowRef(false)
watch(
  [() => props.build, () => store.plan, () => judging.state, pace],
  ([build, plan, , own]) =>
    judging.ask('sale', { plan, build, pace: own }, (found) => {
      reckoning.value = found
      known.value = true
    }),
  { immediate: true }
)
const PARTS = ['fee', 'delivery', 'timber', 'other', 'margin'] as const
const parts = computed(() => {
  const { planned } = reckoning.value ?? {}
  if (!planned) return []
  const { fee, delivery, material, consumables, services, margin } = planned
  const amounts = { fee, delivery, timber: material, other: consumables + services, margin }
  return PARTS.map((id) => ({ id, amount: amounts[id] })).filter(
    ({ amount }) => Math.round(amount) !== 0
  )
})
const whole = computed(() =>
  Math.max(
    reckoning.value?.planned.price ?? 0,
    parts.value.reduce((sum, { id, amount }) => (id === 'margin' ? sum : sum + amount), 0)
  )
)
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.title }}</h2>
    <p v-if="!known" class="soft">{{ words.working }}</p>
    <p v-else-if="!reckoning" class="soft">{{ words.cannot }}</p>
    <template v-else>
      <p :class="{ attention: reckoning.planned.margin < 0 }">
        {{ words.headline(store.say, reckoning.planned) }}
      </p>
      <div class="narrow"><PriceBar :parts="parts" :whole="whole" /></div>
      <dl>
        <template v-for="one in parts" :key="one.id">
          <dt>{{ side.parts[one.id] }}</dt>
          <dd class="figure">{{ store.say.money(Math.round(one.amount)) }}</dd>
        </template>
      </dl>
      <p class="caption">{{ words.caption }}</p>
      <p>{{ words.single(store.say, reckoning.single) }}</p>
      <p>{{ words.batch(store.say, reckoning) }}</p>
      <p v-if="reckoning.priceNeeded !== undefined">
        {{ words.priceNeeded(store.say, reckoning.priceNeeded) }}
      </p>
      <p v-for="one in reckoning.stages.slice(1)" :key="one.day" class="small">
        {{ words.stage(store.say, one) }}
      </p>
      <p class="row">
        <RouterLink to="/side/prices">{{ side.priceIt }}</RouterLink>
        <RouterLink :to="`/side/listing/${build}`">{{ side.listing }}</RouterLink>
        <RouterLink to="/side">{{ side.tabs.make }}</RouterLink>
      </p>
      <p class="caption">{{ words.advice }}</p>
    </template>
  </section>
</template>

<style scoped>
.narrow {
  max-width: 34rem;
}
dl {
  display: grid;
  grid-template-columns: max-content max-content;
  gap: 0.2rem 1.5rem;
  margin: 0;
}
dd {
  margin: 0;
  text-align: right;
}
.row {
  gap: 0.3rem 1.2rem;
}
</style>
