<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Minor } from '../../../core/money'
import { leftOf } from '../../../core/sidework'
import { change, type Piece, type Sold } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sideStock as words } from '../../words/side-stock'
import { inForm } from '../../words/where'

/** Pieces that were sold, the newest first: paid, money given back, or the sale taken back. */
const store = useWorkspace()
const AT_FIRST = 8
const STEP = 50
const count = ref(AT_FIRST)
const backOf = ref<string>()
const amount = ref<Minor>()
const returned = ref(true)
const problem = ref('')
type SoldPiece = Piece & { readonly sold: Sold }
const sold = computed(() =>
  (store.workspace?.pieces ?? [])
    .filter((piece): piece is SoldPiece => piece.sold !== undefined)
    .sort((a, b) => (a.sold.date < b.sold.date ? 1 : a.sold.date > b.sold.date ? -1 : 0))
)
function begin(piece: SoldPiece): void {
  backOf.value = backOf.value === piece.id ? undefined : piece.id
  amount.value = piece.sold.price - (piece.sold.back ?? 0)
  returned.value = true
  problem.value = ''
}
function giveBack({ id, name, sold: sale }: SoldPiece): void {
  const { say, world } = store
  const sum = amount.value ?? 0
  const most = sale.price - (sale.back ?? 0)
  if (!say || !world) return
  problem.value = sum > most ? words.tooMuchBack(say, most) : ''
  if (sum > most) return
  const [refused] = store.attempt(words.backStep(name), (state) =>
    change.giveBack(state, id, {
      date: world.asOf,
      amount: sum,
      returned: returned.value,
      id: newId('e')
    })
  )
  problem.value = refused ? inForm(refused, say) : ''
  if (!refused) backOf.value = undefined
}
const paidToday = ({ id, name }: SoldPiece): void => {
  const day = store.world?.asOf
  if (day === undefined) return
  store.run(words.paidStep(name), (state) => change.payPiece(state, id, day, () => newId('e')))
}
const unsell = ({ name, sold: sale }: SoldPiece): void => {
  store.run(words.unsoldStep(name), (state) => change.unsell(state, sale.id, () => newId('e')))
}
</script>

<template>
  <section v-if="store.say && sold.length > 0" class="stack">
    <h2>{{ words.soldTitle }}</h2>
    <ul class="plain-list">
      <li v-for="piece in sold.slice(0, count)" :key="piece.id" class="piece">
        <div class="spread">
          <bdi>{{
            words.soldLine(store.say, piece.name, piece.sold.price, store.say.day(piece.sold.date))
          }}</bdi>
          <span class="small" :class="leftOf(piece) < 0 ? 'attention' : 'soft'">{{
            words.left(store.say, leftOf(piece))
          }}</span>
        </div>
        <div class="row small">
          <template v-if="piece.sold.paid === undefined">
            <span class="attention">{{ words.open }}</span>
            <button
              type="button"
              class="link"
              :aria-label="`${words.paid}: ${piece.name}`"
              @click="paidToday(piece)"
            >
              {{ words.paid }}
            </button>
          </template>
          <button
            type="button"
            class="link"
            :aria-expanded="backOf === piece.id"
            :aria-label="`${words.back}: ${piece.name}`"
            @click="begin(piece)"
          >
            {{ words.back }}
          </button>
          <button
            type="button"
            class="link"
            :aria-label="`${words.unsell}: ${piece.name}`"
            @click="unsell(piece)"
          >
            {{ words.unsell }}
          </button>
        </div>
        <form v-if="backOf === piece.id" class="row fields" @submit.prevent="giveBack(piece)">
          <MoneyField
            :label="words.backAmount"
            :value="amount"
            width="6rem"
            @change="amount = $event"
          />
          <label class="choice"><Checkbox v-model="returned" binary />{{ words.returned }}</label>
          <Button type="submit" size="small" :label="words.confirm" />
          <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
        </form>
      </li>
    </ul>
    <button v-if="sold.length > count" type="button" class="link small" @click="count += STEP">
      {{ words.more(sold.length - count) }}
    </button>
  </section>
</template>

<style scoped>
.piece {
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
}
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
}
.choice {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 2.25rem;
}
</style>
