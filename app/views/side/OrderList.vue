<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { depositHeld, piecesFor, change, type Order } from '../../../core/workspace'
import type { Minor } from '../../../core/money'
import MoneyField from '../../parts/MoneyField.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import { newId } from '../../stores/clock'
import { useOrders } from '../../stores/orders'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { sideStock as words } from '../../words/side-stock'
import { inForm } from '../../words/where'
import OrderForm from './OrderForm.vue'

/** Orders of customers: whether to take them, and what became of them. */
const store = useWorkspace()
const asked = useOrders()
const problem = ref<{ readonly id: string; readonly text: string }>()
const cancelling = ref<string>()
const keep = ref<Minor>(0)
const OPEN = ['asked', 'accepted']
const orders = computed(() =>
  [...(store.workspace?.orders ?? [])].sort(
    (a, b) =>
      Number(OPEN.includes(b.state)) - Number(OPEN.includes(a.state)) || (a.due < b.due ? -1 : 1)
  )
)
function make({ id }: Order, name: string, next: Parameters<typeof store.attempt>[1]): void {
  const [refused] = store.attempt(name, next)
  problem.value = refused ? { id, text: inForm(refused, store.say) } : undefined
}
function accept(order: Order): void {
  const date = store.world?.asOf ?? ''
  make(order, words.acceptedStep(order.text), (state) =>
    change.acceptOrder(state, order.id, { date, deposit: order.deposit, entryId: newId('e') })
  )
}
const decline = (order: Order): void =>
  make(order, words.declinedStep(order.text), (state) =>
    change.declineOrder(state, order.id, store.world?.asOf ?? '')
  )
function deliver(order: Order): void {
  const { workspace, world } = store
  if (!workspace || !world) return
  const there = piecesFor(workspace, order)
  if (there.length < order.copies) {
    problem.value = { id: order.id, text: words.tooFew(there.length, order.copies) }
    return
  }
  make(order, words.deliveredStep(order.text), (state) =>
    change.deliverOrder(
      state,
      order.id,
      {
        pieces: there.slice(0, order.copies).map(({ id }) => id),
        sold: {
          id: newId('sale'),
          date: world.asOf,
          price: order.priceEach,
          fee: 0,
          delivery: 0,
          paid: world.asOf
        }
      },
      () => newId('e')
    )
  )
}
function cancel(order: Order): void {
  make(order, words.cancelledStep(order.text), (state) =>
    change.cancelOrder(state, order.id, { date: store.world?.asOf ?? '', keep: keep.value }, () =>
      newId('e')
    )
  )
  cancelling.value = undefined
}
const heldOf = ({ id }: Order): Minor => depositHeld(store.workspace?.ledger ?? [], id)
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.ordersTitle }}</h2>
    <p v-if="orders.length === 0" class="soft">{{ words.noOrders }}</p>
    <ul v-else class="plain-list">
      <li
        v-for="order in orders"
        :key="order.id"
        class="order"
        :class="{ soft: !OPEN.includes(order.state) }"
      >
        <div class="spread">
          <bdi class="strong">{{ order.text }}</bdi>
          <span class="small">{{ words.orderStates[order.state] }}</span>
        </div>
        <p class="small">
          {{ words.orderLine(store.say, order.copies, order.priceEach, store.say.day(order.due))
          }}<template v-if="order.state === 'accepted' && heldOf(order) > 0">
            · {{ words.held(store.say, heldOf(order)) }}</template
          >
        </p>
        <template v-if="asked.known?.id === order.id">
          <p v-if="asked.known.answer">
            {{ words.answer(store.say, store.say.day(order.due), asked.known.answer) }}
            <template v-if="asked.known.answer.difference.lost.length > 0">{{
              words.drops(
                joined(asked.known.answer.difference.lost.map((id) => store.say?.build(id) ?? id))
              )
            }}</template>
          </p>
        </template>
        <p v-else-if="asked.asking === order.id" class="soft" role="status">{{ words.thinking }}</p>
        <TroubleLine
          v-else-if="asked.failed?.id === order.id"
          :trouble="asked.failed.trouble"
          @again="asked.ask(order)"
        />
        <div v-if="order.state === 'asked'" class="row">
          <Button
            v-if="
              asked.known?.id !== order.id &&
              asked.asking !== order.id &&
              asked.failed?.id !== order.id
            "
            size="small"
            severity="secondary"
            :label="words.shall"
            @click="asked.ask(order)"
          />
          <Button
            size="small"
            :label="words.accept"
            :aria-label="`${words.accept}: ${order.text}`"
            @click="accept(order)"
          />
          <Button
            size="small"
            severity="secondary"
            :label="words.decline"
            :aria-label="`${words.decline}: ${order.text}`"
            @click="decline(order)"
          />
        </div>
        <template v-if="order.state === 'accepted'">
          <p class="caption">{{ words.planned }}</p>
          <div class="row">
            <Button
              size="small"
              :label="words.deliver"
              :aria-label="`${words.deliver}: ${order.text}`"
              @click="deliver(order)"
            />
            <Button
              size="small"
              severity="secondary"
              :label="words.cancelOrder"
              :aria-label="`${words.cancelOrder}: ${order.text}`"
              @click="cancelling = cancelling === order.id ? undefined : order.id"
            />
          </div>
          <form v-if="cancelling === order.id" class="row fields" @submit.prevent="cancel(order)">
            <MoneyField
              v-if="heldOf(order) > 0"
              :label="words.keepDeposit"
              :value="keep"
              width="6rem"
              @change="keep = $event ?? 0"
            />
            <Button type="submit" size="small" :label="words.confirm" />
          </form>
        </template>
        <p v-if="problem?.id === order.id" class="attention small" role="alert">
          {{ problem.text }}
        </p>
      </li>
    </ul>
    <OrderForm />
  </section>
</template>

<style scoped>
.order {
  border-bottom: 1px solid var(--line);
  padding: 0.35rem 0;
}
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
}
</style>
