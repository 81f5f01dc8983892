<script setup lang="ts">
import { computed } from 'vue'
import type { Day } from '../../../core/calendar'
import { distinct } from '../../../core/kernel'
import type { DayBalance } from '../../../core/plan'
import type { PlannedBuild, PlannedPurchase, Receipt } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { upperFirst } from '../../words/plural'
import { paper as words } from '../../words/paper'

/** The plan as a list by day, for paper: what to buy, what to begin, what is done, and what is then in the purse. */
const props = defineProps<{
  receipts: readonly Receipt[]
  balances: readonly DayBalance[]
  purchases: readonly PlannedPurchase[]
  builds: readonly PlannedBuild[]
  asOf: Day
}>()
const store = useWorkspace()
interface Row {
  readonly what: string
  readonly amount: string
  readonly tick: boolean
}
const days = computed(() => {
  const { say } = store
  if (!say) return []
  const dates = distinct([
    ...props.purchases.map(({ date }) => date),
    ...props.builds.flatMap(({ begin, done }) => [begin, done]),
    ...props.receipts.map(({ date }) => date)
  ])
    .filter((date) => date >= props.asOf)
    .sort()
  return dates.map((date) => {
    const left = props.balances.filter((one) => one.date <= date).at(-1)?.balance
    const rows: Row[] = [
      ...props.receipts
        .filter((one) => one.date === date)
        .map(({ amount, text }) => ({
          what: text ?? words.comesIn,
          amount: say.moved(amount),
          tick: false
        })),
      ...props.builds
        .filter(({ done }) => done === date)
        .map((one) => ({ what: words.done(say.planned(one)), amount: '', tick: true })),
      ...props.purchases
        .filter((one) => one.date === date)
        .map(({ offer, count, price, forBuild }) => ({
          what: words.buy(
            `${say.offer(offer)}${count > 1 ? ` × ${count}` : ''}`,
            forBuild === undefined ? undefined : say.build(forBuild)
          ),
          amount: say.moved(-price),
          tick: true
        })),
      ...props.builds
        .filter(({ begin }) => begin === date)
        .map((one) => ({
          what: words.begins(say.planned(one)),
          amount: one.material > 0 ? say.moved(-one.material) : '',
          tick: true
        }))
    ]
    return { date, left: left === undefined ? '' : say.money(left), rows }
  })
})
</script>

<template>
  <div v-if="store.say && days.length > 0" class="on-paper">
    <table class="plain small">
      <thead>
        <tr>
          <th>{{ words.plan.day }}</th>
          <td />
          <th>{{ words.plan.what }}</th>
          <th class="figure">{{ words.plan.amount }}</th>
          <th class="figure">{{ words.plan.left }}</th>
        </tr>
      </thead>
      <tbody v-for="day in days" :key="day.date">
        <tr v-for="(row, index) in day.rows" :key="index">
          <th scope="row">{{ index === 0 ? store.say.day(day.date) : '' }}</th>
          <td><span v-if="row.tick" class="box" /></td>
          <td>{{ upperFirst(row.what) }}</td>
          <td class="figure">{{ row.amount }}</td>
          <td class="figure strong">{{ index === day.rows.length - 1 ? day.left : '' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
tbody {
  break-inside: avoid;
}
</style>
