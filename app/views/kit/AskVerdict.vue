<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Asked } from '../../../core/judged'
import { REGRET_KINDS, change, type RegretKind } from '../../../core/workspace'
import { newId } from '../../stores/clock'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { duration } from '../../words/say'

/** One short question about a purchase: yes, or no and why. */
const props = defineProps<{ one: Asked }>()
const store = useWorkspace()
const upkeep = useUpkeep()
const isNo = ref(false)
const name = computed(
  () => props.one.item.name ?? store.say?.tool(props.one.item.tool) ?? props.one.item.tool
)
const used = computed(() => upkeep.hours.get(props.one.item.id))
function give(good: boolean, regret?: RegretKind): void {
  const { item, when } = props.one
  store.run(words.steps.verdict(name.value), (state) =>
    change.giveVerdict(state, {
      id: newId('v'),
      item: item.id,
      tool: item.tool,
      tier: item.tier,
      condition: item.condition,
      when,
      on: store.world?.asOf ?? '',
      good,
      ...(regret ? { regret } : {})
    })
  )
}
</script>

<template>
  <li v-if="store.say" class="ask">
    <p>
      <strong>{{ words.question[one.when](name, store.say.day(one.item.since)) }}</strong>
    </p>
    <p class="soft small">{{ words.sofar(used?.times ?? 0, duration(used?.minutes ?? 0)) }}</p>
    <div v-if="!isNo" class="row">
      <Button size="small" :label="words.yes" @click="give(true)" />
      <Button size="small" severity="secondary" :label="words.no" @click="isNo = true" />
    </div>
    <div v-else class="row" role="group" :aria-label="words.why">
      <span>{{ words.why }}</span>
      <Button
        v-for="kind in REGRET_KINDS"
        :key="kind"
        size="small"
        severity="secondary"
        :label="words.regrets[kind]"
        @click="give(false, kind)"
      />
    </div>
  </li>
</template>

<style scoped>
.ask {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  margin-bottom: 0.5rem;
  background-color: var(--paper-raised);
  display: grid;
  gap: 0.4rem;
}
</style>
