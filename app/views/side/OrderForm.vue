<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref, watch } from 'vue'
import type { Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { newId } from '../../stores/clock'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { sideStock as words } from '../../words/side-stock'
import { inForm } from '../../words/where'

/** What a customer asks for: of which build, how many, at what price, by when. */
const store = useWorkspace()
const work = useSideWork()
const text = ref('')
const build = ref('')
const copies = ref(1)
const price = ref<Minor>()
const due = ref<Day>()
const deposit = ref<Minor>()
const problem = ref('')
const builds = computed(() =>
  (store.workspace?.builds ?? [])
    .filter(({ sale }) => sale?.due === undefined)
    .map(({ id, name }) => ({ id, name }))
)
const design = computed(() => work.designs.find((one) => one.build === build.value))
watch(
  builds,
  (list) => {
    if (!list.some(({ id }) => id === build.value))
      build.value = work.designs[0]?.build ?? list[0]?.id ?? ''
  },
  { immediate: true }
)
const timber = computed(() => design.value && Math.round(design.value.timber * copies.value))
watch(
  design,
  (one) => {
    price.value ??= one?.price
  },
  { immediate: true }
)
function add(): void {
  const { world } = store
  const each = price.value
  const day = due.value
  const called = text.value.trim()
  if (!world) return
  problem.value =
    called === ''
      ? words.needText
      : each === undefined
        ? words.needPrice
        : day === undefined || day < world.asOf
          ? words.overdue
          : ''
  if (problem.value !== '' || each === undefined || day === undefined) return
  const [refused] = store.attempt(words.orderStep(called), (state) =>
    change.addOrder(state, {
      id: newId('order'),
      text: called,
      build: build.value,
      copies: copies.value,
      priceEach: each,
      asked: world.asOf,
      due: day,
      deposit: deposit.value ?? 0,
      state: 'asked'
    })
  )
  problem.value = refused ? inForm(refused, store.say) : ''
  if (!refused) text.value = ''
}
</script>

<template>
  <details v-if="store.say && builds.length > 0">
    <summary class="strong">{{ words.orderAdd }}</summary>
    <form class="row fields" @submit.prevent="add">
      <div class="field">
        <label for="order-text">{{ words.orderText }}</label><InputText
          id="order-text"
          v-model="text"
          style="width: 14rem"
        />
      </div>
      <SelectField
        :label="words.design"
        :value="build"
        :options="builds"
        @change="build = $event"
      />
      <NumberField
        :label="words.orderCount"
        :value="copies"
        :least="1"
        :most="1000"
        whole
        width="4rem"
        @change="copies = $event ?? 1"
      />
      <MoneyField
        :label="words.orderPrice"
        :value="price"
        optional
        width="6rem"
        @change="price = $event"
      />
      <DayField :label="words.orderDue" :value="due" optional ahead @change="due = $event" />
      <MoneyField
        :label="words.orderDeposit"
        :value="deposit"
        optional
        width="6rem"
        @change="deposit = $event"
      />
      <Button type="submit" size="small" :label="words.orderAdd" />
    </form>
    <p v-if="timber !== undefined" class="caption">{{ words.depositHint(store.say, timber) }}</p>
    <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
  </details>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
  padding: 0.4rem 0;
}
summary {
  cursor: pointer;
}
</style>
