<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref } from 'vue'
import type { Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { bidAdvice, minutesEach } from '../../../core/sidework'
import {
  GONE_WHY,
  change,
  outletOf,
  priceParts,
  type GoneWhy,
  type Piece
} from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import SelectField from '../../parts/SelectField.vue'
import { newId } from '../../stores/clock'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { sidePrices, sideStock as words } from '../../words/side-stock'
import { inForm } from '../../words/where'

/** What can be done with a piece in stock: sold, another price, an offer that came, left otherwise. */
const props = defineProps<{ piece: Piece }>()
const emit = defineEmits<{ done: [] }>()
const store = useWorkspace()
const work = useSideWork()
const NOWHERE = 'hand'
const DOINGS = ['sell', 'reprice', 'bid', 'gone'] as const
const doing = ref<(typeof DOINGS)[number]>('sell')
const doings = DOINGS.map((id) => ({ id, name: words[id] }))
const asked = props.piece.offered.at(-1)
const price = ref<Minor | undefined>(asked?.price)
const date = ref<Day>(store.world?.asOf ?? '')
const outlet = ref(asked?.outlet ?? NOWHERE)
const paid = ref(true)
const why = ref<GoneWhy>('given')
const problem = ref('')
const outlets = computed(() => [
  { id: NOWHERE, name: sidePrices.noOutlet },
  ...(store.workspace?.outlets ?? []).map(({ id, name }) => ({ id, name }))
])
const whys = GONE_WHY.map((id) => ({ id, name: words.goneWhy[id] }))
const place = computed(() =>
  store.workspace && outlet.value !== NOWHERE ? outletOf(store.workspace, outlet.value) : undefined
)
const parts = computed(() => priceParts(price.value ?? 0, place.value))
const own = ref<{ fee?: Minor | undefined; delivery?: Minor | undefined }>({})
const advice = computed(() => {
  const { workspace } = store
  const design = work.designs.find(({ build }) => build === props.piece.build)
  if (!workspace || !asked || price.value === undefined || doing.value !== 'bid') return undefined
  return bidAdvice(asked.price, price.value, outletOf(workspace, asked.outlet), {
    cost: props.piece.cost,
    minutes: props.piece.minutes || (design ? minutesEach(design) : 0),
    hourValue:
      workspace.builds.find(({ id }) => id === props.piece.build)?.hourValue ??
      workspace.money.hourValue,
    days: design?.days ?? 0,
    rate: workspace.money.impatience
  })
})
/** Reads a change and leaves; what is wrong with it stays beside the form. */
function make(name: string, next: Parameters<typeof store.attempt>[1]): void {
  const [refused] = store.attempt(name, next)
  problem.value = refused ? inForm(refused, store.say) : ''
  if (!refused) emit('done')
}
function wrongDay(): string {
  const { world, say } = store
  if (!world || !say) return ''
  if (date.value > world.asOf) return words.notYet
  return date.value < props.piece.made ? words.beforeMade(say.day(props.piece.made)) : ''
}
function enter(): void {
  const { id, name } = props.piece
  const amount = price.value
  problem.value =
    wrongDay() || (doing.value !== 'gone' && amount === undefined ? words.needPrice : '')
  if (problem.value !== '') return
  const sum = amount ?? 0
  const at = outlet.value === NOWHERE ? {} : { outlet: outlet.value }
  switch (doing.value) {
    case 'sell':
      return make(words.soldStep(name), (state) =>
        change.sellPiece(
          state,
          id,
          {
            id: newId('sale'),
            date: date.value,
            price: sum,
            ...at,
            fee: own.value.fee ?? parts.value.fee,
            delivery: own.value.delivery ?? parts.value.delivery,
            ...(paid.value ? { paid: date.value } : {}),
            ...(place.value?.kmEach === undefined ? {} : { km: place.value.kmEach })
          },
          () => newId('e')
        )
      )
    case 'reprice':
      return make(words.priceStep(name), (state) =>
        change.offerPiece(state, id, { date: date.value, price: sum, ...at })
      )
    case 'bid':
      return make(words.bidStep(name), (state) =>
        change.bidForPiece(state, id, { date: date.value, price: sum })
      )
    case 'gone':
      return make(words.goneStep(name), (state) =>
        change.leaveStock(state, id, { date: date.value, why: why.value })
      )
  }
}
</script>

<template>
  <form v-if="store.say" class="stack doing" @submit.prevent="enter">
    <div class="row fields">
      <SelectField :label="words.act" :value="doing" :options="doings" @change="doing = $event" />
      <MoneyField
        v-if="doing !== 'gone'"
        :label="doing === 'sell' ? words.soldFor : doing === 'bid' ? words.offered : words.price"
        :value="price"
        optional
        width="6rem"
        @change="price = $event"
      />
      <SelectField v-else :label="words.gone" :value="why" :options="whys" @change="why = $event" />
      <DayField :label="words.soldOn" :value="date" @change="date = $event ?? date" />
      <SelectField
        v-if="(doing === 'sell' || doing === 'reprice') && outlets.length > 1"
        :label="words.soldAt"
        :value="outlet"
        :options="outlets"
        @change="outlet = $event"
      />
      <template v-if="doing === 'sell'">
        <MoneyField
          :label="words.fee"
          :value="own.fee ?? parts.fee"
          width="5rem"
          @change="own.fee = $event"
        />
        <MoneyField
          :label="words.deliveryCost"
          :value="own.delivery ?? parts.delivery"
          width="5rem"
          @change="own.delivery = $event"
        />
        <label class="choice"><Checkbox v-model="paid" binary />{{ words.paidNow }}</label>
      </template>
    </div>
    <p v-if="advice && asked">{{ words.advice(store.say, asked.price, advice) }}</p>
    <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
    <div class="row">
      <Button type="submit" size="small" :label="words.confirm" /><Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.cancel"
        @click="emit('done')"
      />
      <button
        v-if="!store.workspace?.ledger.some((entry) => entry.piece === piece.id)"
        type="button"
        class="link small"
        @click="make(words.dropStep(piece.name), (state) => change.removePiece(state, piece.id))"
      >
        {{ words.drop }}
      </button>
    </div>
  </form>
</template>

<style scoped>
.doing {
  border-left: 4px solid var(--planned);
  padding: 0.4rem 0 0.4rem 0.8rem;
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
