<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { SaleReckoning } from '../../../core/sidework'
import { useJudging } from '../../stores/judging'
import { useWorkspace } from '../../stores/workspace'
import { sidework as words } from '../../words/sidework'

/** Of a build that is sold: where the price of one piece goes, what an hour brings, and from how many together it pays. */
const props = defineProps<{ build: string }>()
const store = useWorkspace()
const judging = useJudging()
const reckoning = shallowRef<SaleReckoning>()
const known = shallowRef(false)
watch(
  [() => props.build, () => store.plan, () => judging.state],
  ([build, plan]) =>
    judging.ask('sale', { plan, build }, (found) => {
      reckoning.value = found
      known.value = true
    }),
  { immediate: true }
)
const PARTS = ['material', 'consumables', 'services', 'margin'] as const
const HUNDRED = 100
const bars = computed(() => {
  const { planned } = reckoning.value ?? {}
  if (!planned) return []
  const whole = Math.max(1, planned.net, planned.material + planned.consumables + planned.services)
  return PARTS.map((id) => ({
    id,
    amount: planned[id],
    share: (Math.max(0, planned[id]) / whole) * HUNDRED
  })).filter(({ amount }) => Math.round(amount) !== 0)
})
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
      <div class="bar" aria-hidden="true">
        <span
          v-for="one in bars"
          :key="one.id"
          :class="['part', one.id]"
          :style="{ width: `${one.share}%` }"
        />
      </div>
      <dl>
        <template v-for="one in bars" :key="one.id">
          <dt><span :class="['key', one.id]" aria-hidden="true" />{{ words.parts[one.id] }}</dt>
          <dd class="figure">{{ store.say.money(Math.round(one.amount)) }}</dd>
        </template>
      </dl>
      <p class="caption">{{ words.caption }}</p>
      <p>{{ words.single(store.say, reckoning.single) }}</p>
      <p>{{ words.batch(store.say, reckoning) }}</p>
      <p class="caption">{{ words.advice }}</p>
    </template>
  </section>
</template>

<style scoped>
.bar {
  display: flex;
  max-width: 34rem;
  height: 1.4rem;
  border: 1px solid var(--graphite);
}
.part,
.key {
  border-right: 1px solid var(--graphite);
}
.key {
  display: inline-block;
  width: 0.9rem;
  height: 0.9rem;
  margin-right: 0.5rem;
  border: 1px solid var(--graphite);
  vertical-align: -0.1rem;
}
.material {
  background: var(--line);
}
.consumables {
  background: var(--line-strong);
}
.services {
  background: var(--graphite-soft);
}
.margin {
  background: repeating-linear-gradient(135deg, var(--planned) 0 2px, transparent 2px 6px);
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
</style>
