<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Day } from '../../../core/calendar'
import { change, type PlannedPurchase } from '../../../core/workspace'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { stages as words } from '../../words/stages'
import { steps } from '../../words/steps'
import NamedText from '../../parts/NamedText.vue'

/** What stands against the plan as it is shown: pins that clash, rules that a move breaks, a trial under way. */
defineProps<{
  moved: { readonly purchase: PlannedPurchase; readonly to: Day } | undefined
}>()
const emit = defineEmits<{ putBack: []; planAgain: [] }>()
const store = useWorkspace()
const planning = usePlanning()
const broken = computed(() => planning.report?.broken ?? [])
const clash = computed(() => (planning.outcome?.kind === 'clash' ? planning.outcome : undefined))
</script>

<template>
  <div v-if="clash && store.say" class="notice" role="alert">
    <p class="strong">{{ words.clashTitle }}</p>
    <p v-for="(one, index) in clash.broken" :key="index">
      <NamedText :text="sentence(one, store.say)" />
    </p>
    <div class="row">
      <Button
        v-for="pin in clash.pins"
        :key="pin.offer + pin.date"
        size="small"
        severity="secondary"
        :label="words.letGo(store.say.offer(pin.offer), store.say.shortDay(pin.date))"
        @click="
          store.run(steps.unpinned(store.say.offer(pin.offer)), (state) =>
            change.unpin(state, pin.offer, pin.date)
          )
        "
      />
    </div>
  </div>
  <div v-if="planning.whatIf && store.say" class="notice" role="status">
    <p class="strong">{{ words.tryingOut }}</p>
    <p v-for="(one, index) in broken.slice(0, 3)" :key="index">
      <NamedText :text="sentence(one, store.say)" />
    </p>
    <div class="row">
      <Button size="small" :label="words.keepTried" @click="planning.keepTried()" />
      <Button
        size="small"
        severity="secondary"
        :label="words.dropTried"
        @click="planning.tryOut(false)"
      />
    </div>
  </div>
  <div
    v-else-if="!clash && broken.length > 0 && !planning.busy && store.say"
    class="notice"
    role="alert"
  >
    <p class="strong">{{ words.breaks }}</p>
    <p v-for="(one, index) in broken.slice(0, 3)" :key="index">
      <NamedText :text="sentence(one, store.say)" />
    </p>
    <div class="row">
      <Button v-if="moved" size="small" :label="words.putBack" @click="emit('putBack')" />
      <Button
        size="small"
        severity="secondary"
        :label="words.planAround"
        @click="emit('planAgain')"
      />
    </div>
  </div>
  <p v-else-if="!clash && moved && store.say" class="small" role="status">
    {{ words.movedFine(store.say.offer(moved.purchase.offer), store.say.day(moved.to)) }}
  </p>
</template>

<style scoped>
.notice {
  border: 1px solid var(--attention);
  border-left-width: 6px;
  background: var(--attention-wash);
  padding: 0.6rem 0.9rem;
  display: grid;
  gap: 0.35rem;
}
/* What a move breaks is seen where it was made, however far down the rule that was. */
@media (max-width: 700px) {
  .notice {
    position: sticky;
    top: 0;
    z-index: 3;
    max-height: 40vh;
    overflow-y: auto;
  }
}
</style>
