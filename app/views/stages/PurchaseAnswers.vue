<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { PlannedPurchase } from '../../../core/workspace'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { worthWords } from '../../words/plan-worth'
import { terms } from '../../words/terms'

/** What would be without a purchase, and with one a tier better or plainer; each by planning again. */
const props = defineProps<{ purchase: PlannedPurchase }>()
const store = useWorkspace()
const staging = useStaging()
const answers = computed(() => staging.answers.get(props.purchase.id))
const tiers = computed(() =>
  [answers.value?.up, answers.value?.down].flatMap((one) => (one ? [one] : []))
)
const waits = computed(
  () =>
    answers.value?.dropped.sooner.map(({ build }) => store.say?.build(build) ?? build).join(', ') ??
    ''
)
</script>

<template>
  <div v-if="store.say" class="answers">
    <h3>{{ worthWords.askTitle }}</h3>
    <Button
      v-if="!answers"
      size="small"
      severity="secondary"
      :label="staging.thinking === 'answers' ? worthWords.asking : worthWords.ask"
      :disabled="staging.thinking !== undefined"
      @click="staging.ask(purchase.id)"
    />
    <dl v-else class="small">
      <dt>{{ worthWords.dropped }}</dt>
      <dd>
        {{ worthWords.difference(answers.dropped, store.say) }}
        <template v-if="waits">{{ worthWords.waitsFor(waits) }}</template>
      </dd>
      <template v-for="one in tiers" :key="one.tier"
        ><dt>{{ worthWords.tierIs(lowerFirst(terms.tierName[one.tier] ?? one.tier)) }}</dt>
        <dd>{{ store.say ? worthWords.difference(one.difference, store.say) : '' }}</dd></template
      >
    </dl>
  </div>
</template>

<style scoped>
.answers {
  display: grid;
  gap: 0.35rem;
  justify-items: start;
}
dl {
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: 0.2rem 1rem;
  margin: 0;
}
dt {
  font-weight: 650;
}
dd {
  margin: 0;
}
@media (max-width: 700px) {
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
