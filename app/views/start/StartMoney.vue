<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { HOUR_WORDS, MONEY_AIMS, TIMBERS } from '../../../core/catalogue'
import { library } from '../../../data'
import SelectField from '../../parts/SelectField.vue'
import { useStart } from '../../stores/start'
import { ledger } from '../../words/ledger'
import { reckoning as counts } from '../../words/reckoning'
import { start as words } from '../../words/start'
import AmountInput from '../../parts/AmountInput.vue'

/** A sum, a rhythm or both; what it is for; where timber is paid from; hours a week. */
const start = useStart()
const { answers } = start
const currencies = library.data.regions.map(({ currency }) => ({ id: currency, name: currency }))
const rhythms = (['monthly', 'fortnightly', 'weekly', 'none'] as const).map((id) => ({
  id,
  name: ledger.rhythms[id]
}))
const aims = MONEY_AIMS.map((id) => ({ id, name: counts.aims[id] }))
const timbers = TIMBERS.map((id) => ({ id, name: counts.timbers[id] }))
const hourChoices = HOUR_WORDS.map((id) => ({ id, name: counts.hours[id] }))
/** What follows from the currency; said before it is taken over. */
const regionText = computed(() =>
  start.region
    ? words.currencyOf(words.units[start.region.units], words.names[start.region.names ?? 'plain'])
    : words.currencyUnknown
)
function pay(currency: string): void {
  answers.currency = currency
  answers.said = true
}
</script>

<template>
  <fieldset>
    <legend>
      <h2>{{ words.moneyTitle }}</h2>
    </legend>
    <div class="row top">
      <SelectField
        :label="words.currency"
        :value="answers.currency"
        :options="currencies"
        @change="pay($event)"
      />
      <div class="field">
        <label for="now">{{ words.now }}</label><AmountInput
          id="now"
          v-model="answers.now"
          width="7rem"
          :currency="answers.currency"
        />
      </div>
      <div class="field">
        <label for="each">{{ words.each }}</label><AmountInput
          id="each"
          v-model="answers.each"
          width="7rem"
          :currency="answers.currency"
        />
      </div>
      <SelectField
        :label="words.rhythm"
        :value="answers.rhythm"
        :options="rhythms"
        @change="answers.rhythm = $event"
      />
      <div class="field">
        <label for="reserve">{{ words.reserve }}</label><AmountInput
          id="reserve"
          v-model="answers.reserve"
          width="7rem"
          :currency="answers.currency"
        />
      </div>
      <div class="field">
        <label for="hours">{{ words.hours }}</label><InputText
          id="hours"
          v-model="answers.hours"
          inputmode="decimal"
          style="width: 4rem"
        />
      </div>
    </div>
    <p class="small">{{ regionText }}</p>
    <div class="row top">
      <SelectField
        :label="words.aim"
        :value="answers.aim"
        :options="aims"
        @change="answers.aim = $event"
      />
      <SelectField
        :label="counts.timber"
        :value="answers.timber"
        :options="timbers"
        @change="answers.timber = $event"
      />
      <SelectField
        :label="words.hour"
        :value="answers.hour"
        :options="hourChoices"
        @change="answers.hour = $event"
      />
    </div>
  </fieldset>
</template>

<style scoped src="./start.css" />
