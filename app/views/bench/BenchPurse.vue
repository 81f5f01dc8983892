<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { dueIn, type Due } from '../../../core/care'
import { ALIGN } from '../../../core/inspection'
import { change } from '../../../core/workspace'
import { sheetFor, toldText } from '../../../data'
import { useBoard } from '../../stores/board'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { board as boardWords } from '../../words/board'
import { steps } from '../../words/steps'

const BenchCare = defineAsyncComponent(() => import('./BenchCare.vue'))

/** The purse, the next money, and what waits for an answer. */
const store = useWorkspace()
const board = useBoard()
// Where that is wished the board is looked at once a day; what is watched and cheap enough is said below.
watch(
  () => store.world?.asOf,
  () => void board.lookDaily(),
  { immediate: true }
)
const upTo = (tool: string): number =>
  store.workspace?.watches?.find((one) => one.tool === tool)?.upTo ?? 0
const due = computed<Due[]>(() => (store.world ? dueIn(store.world) : []))
/** So many are open at first; the rest are one press away. */
const AT_FIRST = 5
const all = ref(false)
const shownDue = computed(() => (all.value ? due.value : due.value.slice(0, AT_FIRST)))
const nextMoney = computed(() =>
  store.world?.receipts.find(({ amount, date }) => amount > 0 && date > (store.world?.asOf ?? ''))
)

function answerReceipt(one: Extract<Due, { kind: 'receipt' }>, came: boolean): void {
  const { say } = store
  if (!say) return
  const { receipt } = one
  const text = came
    ? (receipt.text ?? bench.setAsideText(say.month(receipt.date)))
    : receipt.text === undefined
      ? bench.notSetAside(say.shortDay(receipt.date))
      : bench.notMoved(receipt.text, say.shortDay(receipt.date))
  const kind = receipt.key.startsWith('one-off/') ? ('one-off' as const) : ('set-aside' as const)
  store.run(steps.entered(text), (state) =>
    change.addEntry(state, {
      id: newId('e'),
      date: receipt.date,
      kind,
      amount: came ? receipt.amount : 0,
      text,
      answers: receipt.key
    })
  )
}
/** Fresh filters or plugs: counted from today on. */
function renew(id: string, tool: string): void {
  const { say, world } = store
  if (say && world)
    store.run(steps.checked(say.shortTool(tool)), (state) => ({
      ...state,
      items: state.items.map((one) => (one.id === id ? { ...one, since: world.asOf } : one))
    }))
}
function lookedFor(watch: string, tool: string): void {
  const { say, world } = store
  if (say && world)
    store.run(steps.looked(say.shortTool(tool)), (state) =>
      change.lookedFor(state, watch, world.asOf)
    )
}
function unwatch(watch: string, tool: string): void {
  store.run(steps.unwatched(store.say?.shortTool(tool) ?? ''), (state) =>
    change.removeWatch(state, watch)
  )
}
/** What is still to be looked at on a used tool, in the words of its sheet. */
function checksOf({
  tool,
  power,
  checks
}: Extract<Due, { kind: 'checks' }>): { id: string; text: string }[] {
  const entry = store.world?.library.tools.get(tool)
  const points = (entry && sheetFor(entry, power)?.points) ?? []
  return checks.flatMap((id) => {
    const point = points.find((one) => one.id === id)
    const text =
      id === ALIGN
        ? bench.setTrue(store.say?.duration(entry?.alignMinutes ?? 0) ?? '')
        : point && toldText(point.text)
    return text === undefined ? [] : [{ id, text }]
  })
}
function checked({ item, tool }: Extract<Due, { kind: 'checks' }>, check: string): void {
  store.run(steps.checked(store.say?.shortTool(tool) ?? ''), (state) =>
    change.itemChecked(state, item, check)
  )
}
function forget(quote: string, tool: string): void {
  store.run(steps.quoted(store.say?.tool(tool) ?? ''), (state) => ({
    ...state,
    quotes: state.quotes.filter(({ id }) => id !== quote)
  }))
}
</script>

<template>
  <section v-if="store.say && store.world" class="stack" :aria-label="bench.balanceTitle">
    <h2>{{ bench.balanceTitle }}</h2>
    <p class="purse">
      <span class="amount">{{ store.say.money(store.world.balance) }}</span>
      <span class="soft">{{
        bench.keepBack(store.say.money(store.world.workspace.money.reserve))
      }}</span>
    </p>
    <p v-if="nextMoney">
      <span class="soft">{{ bench.nextLabel }}:</span>
      {{ bench.nextMoney(store.say.money(nextMoney.amount), store.say.day(nextMoney.date)) }}
    </p>
    <p v-else class="soft">{{ bench.noMoney }}</p>

    <h2>{{ bench.dueTitle }}</h2>
    <ul class="plain-list due">
      <li v-for="{ listing } in board.met" :key="listing.id">
        <p>
          {{
            boardWords.onBench(
              store.say.shortTool(listing.tool),
              store.say.money(listing.price),
              store.say.money(upTo(listing.tool))
            )
          }}
          <RouterLink to="/prices/board">{{ boardWords.toBoard }}</RouterLink>
        </p>
      </li>
      <li
        v-for="(one, index) in shownDue"
        :key="index"
        :class="{ hatch: one.kind === 'unprotected' }"
      >
        <p>
          <bdi>{{ bench.due(store.say, one) }}</bdi>
        </p>
        <div v-if="one.kind === 'receipt'" class="row">
          <Button
            size="small"
            :label="one.receipt.amount < 0 ? bench.wasPaid : bench.cameIn"
            @click="answerReceipt(one, true)"
          />
          <Button
            size="small"
            severity="secondary"
            :label="one.receipt.amount < 0 ? bench.notPaid : bench.didNot"
            @click="answerReceipt(one, false)"
          />
        </div>
        <ul v-if="one.kind === 'checks'" class="plain-list small">
          <li v-for="check in checksOf(one)" :key="check.id" class="check">
            {{ check.text }}
            <button type="button" class="link" @click="checked(one, check.id)">
              {{ bench.checked }}
            </button>
          </li>
        </ul>
        <div v-if="one.kind === 'watch-look' || one.kind === 'watch-met'" class="row">
          <Button
            v-if="one.kind === 'watch-look'"
            size="small"
            :label="bench.looked"
            @click="lookedFor(one.watch, one.tool)"
          />
          <Button
            size="small"
            severity="secondary"
            :label="bench.unwatch"
            @click="unwatch(one.watch, one.tool)"
          />
        </div>
        <Button
          v-if="one.kind === 'run-out'"
          size="small"
          :label="bench.renewed"
          @click="renew(one.item, one.tool)"
        />
        <Button
          v-if="one.kind === 'stale-quote'"
          size="small"
          severity="secondary"
          :label="bench.removeQuote"
          @click="forget(one.quote, one.tool)"
        />
      </li>
    </ul>
    <BenchCare :alone="due.length === 0 && board.met.length === 0" />
    <button v-if="shownDue.length < due.length" type="button" class="link" @click="all = true">
      {{ bench.dueMore(due.length - shownDue.length) }}
    </button>
  </section>
</template>

<style scoped>
.purse {
  display: flex;
  gap: 0.75rem;
  align-items: baseline;
  flex-wrap: wrap;
}
.amount {
  font-family: var(--slab);
  font-size: var(--head-1);
  font-weight: 700;
}
.due li {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  margin-bottom: 0.5rem;
  display: grid;
  gap: 0.4rem;
  background-color: var(--paper-raised);
  justify-items: start;
}
.due .check {
  border: 0;
  padding: 0.2rem 0;
  margin: 0;
  display: block;
}
.due li.hatch {
  border-left-color: var(--hazard);
  padding-left: 1.25rem;
  background-size: 0.6rem 100%;
  background-repeat: repeat-y;
}
</style>
