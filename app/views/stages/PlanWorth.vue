<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { exponentOf } from '../../../core/money'
import { sentence } from '../../words/issues'
import { stages as words } from '../../words/stages'
import { worthWords } from '../../words/plan-worth'
import { reckoning } from '../../words/reckoning'
import { afterOf } from '../../../core/worth'

/** What the plan is worth, how much better one could be at most, and what the next money would do. */
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const judging = useJudging()
const value = computed(() => planning.report?.value.total ?? 0)
/** The terms of its worth, largest first; those that are nothing are left out. */
const terms = computed(() =>
  (Object.keys(reckoning.term) as (keyof typeof reckoning.term)[])
    .map((name) => ({ name: reckoning.term[name], amount: planning.report?.value[name] ?? 0 }))
    .filter(({ amount }) => Math.abs(amount) >= 1)
    .sort((a, b) => b.amount - a.amount)
)
/** Of all money the share above which what is left over is worth a word. */
const MUCH = 0.2
/** What is left above the reserve at the end, where it is much. */
const unspent = computed(() => {
  const { report } = planning
  if (!store.world || !report) return 0
  const { balance, receipts, workspace } = store.world
  const came = receipts.reduce((sum, { amount }) => sum + Math.max(0, amount), balance)
  const left = (report.balances.at(-1)?.balance ?? 0) - workspace.money.reserve
  return left > MUCH * came ? left : 0
})
const counted = computed(() => {
  if (!store.world || !store.say) return ''
  const { perYear, years } = afterOf(store.world)
  const { keptMoneyWorth } = store.world.workspace.money
  return [
    reckoning.afterIs(perYear, years),
    ...(keptMoneyWorth === 1 ? [] : [reckoning.keptIs(store.say.percent(keptMoneyWorth))])
  ].join(' ')
})
/** Fifty of the currency. */
const FIFTY = 50
const amount = computed(() => FIFTY * 10 ** exponentOf(store.workspace?.money.currency ?? 'EUR'))
const gain = computed(() => {
  if (staging.unbounded) return worthWords.gainUnknown
  if (staging.bound === undefined || !store.say) return undefined
  const more = Math.max(0, staging.bound - value.value)
  return staging.proven
    ? worthWords.gainNone
    : worthWords.gain(
        value.value > 0 ? store.say.percent(more / value.value) : '–',
        store.say.money(Math.round(more))
      )
})
</script>

<template>
  <section v-if="store.say && planning.report" class="worth no-print">
    <div>
      <p class="small">{{ worthWords.worth(store.say.money(Math.round(value))) }}</p>
      <p v-if="judging.says?.paidBack" class="small">
        {{ worthWords.paidBack(judging.says.paidBack, store.say) }}
      </p>
      <p v-if="unspent > 0" class="small">
        {{ reckoning.unspent(store.say.money(unspent)) }}
      </p>
      <details v-if="terms.length > 0">
        <summary class="small">{{ reckoning.terms }}</summary>
        <table class="small">
          <tbody>
            <tr v-for="one in terms" :key="one.name">
              <th scope="row">{{ one.name }}</th>
              <td class="figure">{{ store.say.moved(Math.round(one.amount)) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="caption">{{ counted }}</p>
      </details>
      <p v-if="gain" class="small" role="status">{{ gain }}</p>
      <p v-if="staging.proving" class="small soft" role="status">
        {{ worthWords.proving }}
        <button type="button" class="link" @click="staging.stopProving()">{{ words.stop }}</button>
      </p>
      <button
        v-else-if="gain === undefined"
        type="button"
        class="link small"
        @click="staging.prove(value)"
      >
        {{ worthWords.prove }}
      </button>
    </div>
    <div>
      <Button
        size="small"
        severity="secondary"
        :label="worthWords.moreAsk(store.say.money(amount))"
        :disabled="staging.thinking !== undefined"
        @click="staging.spend(amount)"
      />
      <p v-if="staging.thinking === 'more'" class="small soft" role="status">
        {{ worthWords.asking }}
      </p>
      <p v-else-if="staging.more" class="small" role="status">
        {{ worthWords.difference(staging.more.difference, store.say) }}
      </p>
    </div>
    <p v-if="staging.failure" class="small" role="alert">
      {{ sentence(staging.failure, store.say) }}
    </p>
  </section>
</template>

<style scoped>
.worth {
  display: grid;
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 0.5rem 2rem;
  border-top: 1px solid var(--line);
  padding-top: 0.5rem;
}
@media (max-width: 700px) {
  .worth {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
