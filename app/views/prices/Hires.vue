<script setup lang="ts">
import { computed } from 'vue'
import { bundlesOf, change } from '../../../core/workspace'
import { lastHired, type Hire } from '../../../core/prices'
import { useWorkspace } from '../../stores/workspace'
import { hire as words } from '../../words/hire'
import { prices } from '../../words/prices'
import HireForm from './HireForm.vue'

/** What can be hired, and shared workshops: on which terms, and what the plan makes of them. */
const store = useWorkspace()
interface Line {
  readonly hire: Hire
  readonly said: readonly string[]
}
/** Stretches the plan hires, with the builds that begin in them. */
function plannedOf({ id, per }: Hire): string[] {
  const { world, plan, say } = store
  if (!world || !plan || !say) return []
  const stretches = new Map(bundlesOf(world).map((one) => [one.id, one.hire]))
  return plan.purchases
    .filter(({ offer }) => offer.startsWith(`${id}@`))
    .flatMap(({ offer, date, count }) => {
      const stretch = stretches.get(offer)
      if (!stretch) return []
      const last = lastHired(stretch, date)
      if (stretch.from !== undefined) return [words.paid(say.shortDay(last))]
      const builds = plan.builds
        .filter(({ begin }) => begin >= date && begin <= last)
        .map((one) => say.planned(one))
      return [
        words.planned(
          words.stretch(per, stretch.days, count),
          say.shortDay(date),
          builds.join(', ')
        )
      ]
    })
}
const lines = computed<Line[]>(() =>
  (store.workspace?.hires ?? []).map((hire) => {
    const said = plannedOf(hire)
    return { hire, said: said.length > 0 ? said : store.plan ? [words.notPlanned] : [] }
  })
)
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.title }}</h2>
    <p v-if="lines.length === 0" class="soft">{{ words.none }}</p>
    <ul class="plain-list">
      <li v-for="{ hire, said } in lines" :key="hire.id">
        {{ words.line(store.say, hire) }}
        <span v-for="text in said" :key="text" class="strong">{{ text }} </span>
        <button
          type="button"
          class="link"
          :aria-label="`${prices.remove}: ${hire.name}`"
          @click="store.run(words.removed(hire.name), (state) => change.removeHire(state, hire.id))"
        >
          {{ prices.remove }}
        </button>
      </li>
    </ul>
    <p v-if="lines.length > 0" class="caution">{{ words.caution }}</p>
    <HireForm />
  </section>
</template>

<style scoped>
li {
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}
</style>
