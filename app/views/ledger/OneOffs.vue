<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { checkDay } from '../../../core/calendar'
import { issue, issuesOf, type Issue } from '../../../core/kernel'
import { parseAmount } from '../../../core/money'
import type { MoneySettings } from '../../../core/workspace'
import { newId } from '../../stores/clock'
import { refusalsDuring } from '../../stores/door'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { ledger as words } from '../../words/ledger'
import { steps } from '../../words/steps'
import DayField from '../../parts/DayField.vue'
import AmountInput from '../../parts/AmountInput.vue'

/** Money that comes or goes once, on a day that is known. */
const store = useWorkspace()
const oneOff = ref({ date: '', amount: '', text: '' })
const problems = ref<readonly Issue[]>([])
const setOneOffs = (change: (oneOffs: MoneySettings['oneOffs']) => MoneySettings['oneOffs']) =>
  store.run(steps.money(), (state) => ({
    ...state,
    money: { ...state.money, oneOffs: change(state.money.oneOffs) }
  }))
function addOneOff(): void {
  const day = checkDay(oneOff.value.date)
  const amount = parseAmount(oneOff.value.amount, store.workspace?.money.currency ?? 'EUR')
  problems.value = [
    ...issuesOf(day, amount),
    ...(amount.ok && amount.value === 0 ? [issue('ledger.zero')] : [])
  ]
  if (!day.ok || !amount.ok || problems.value.length > 0) return
  problems.value = refusalsDuring(() =>
    setOneOffs((all) => [
      ...all,
      {
        id: newId('once'),
        date: day.value,
        amount: amount.value,
        text: oneOff.value.text.trim() || words.oneOffs
      }
    ])
  )
  if (problems.value.length > 0) return
  oneOff.value = { date: '', amount: '', text: '' }
}
</script>

<template>
  <template v-if="store.say && store.workspace">
    <h3>{{ words.oneOffs }}</h3>
    <ul class="plain-list">
      <li v-for="one in store.workspace.money.oneOffs" :key="one.id" class="spread small">
        <span
          ><bdi>{{ one.text }}</bdi
          >, {{ store.say.day(one.date) }}</span
        ><span class="strong">{{ store.say.moved(one.amount) }}</span>
        <button
          type="button"
          class="link small"
          :aria-label="`${words.remove}: ${one.text}`"
          @click="setOneOffs((all) => all.filter(({ id }) => id !== one.id))"
        >
          {{ words.remove }}
        </button>
      </li>
    </ul>
    <form class="row top" @submit.prevent="addOneOff">
      <div class="field">
        <label for="once-text">{{ words.oneOffText }}</label><InputText
          id="once-text"
          v-model="oneOff.text"
          style="width: 8rem"
        />
      </div>
      <div class="field">
        <label for="once-amount">{{ words.amount }}</label><AmountInput
          id="once-amount"
          v-model="oneOff.amount"
          width="5rem"
        />
      </div>
      <DayField
        ahead
        :label="words.date"
        :value="oneOff.date"
        @change="oneOff.date = $event ?? ''"
      />
      <Button type="submit" size="small" severity="secondary" :label="words.addOneOff" />
    </form>
    <p class="caption">{{ words.oneOffHint }}</p>
    <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
      {{ sentence(one, store.say) }}
    </p>
  </template>
</template>

<style scoped>
.top {
  align-items: end;
}
</style>
