<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { addDays, type Day } from '../../../core/calendar'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { timing } from '../../words/timing'
import { inForm } from '../../words/where'
import ToolsField from './ToolsField.vue'

/** A sale that is expected: its days, how much comes off and how likely it is. */
const store = useWorkspace()
const A_WEEK = 7
const today: Day = store.world?.asOf ?? '2026-01-01'
const saleName = ref('')
const saleTools = ref<string[]>([])
const saleFrom = ref<Day>(today)
const saleUntil = ref<Day>(addDays(today, A_WEEK))
const saleOff = ref(20)
const saleChance = ref(70)
const yearly = ref(true)
const problem = ref('')
const say = (text: string): void => {
  problem.value = text
}

function putSale(): void {
  const name = saleName.value.trim()
  if (name === '') return say(words.needName)
  if (saleUntil.value < saleFrom.value) return say(words.past)
  problem.value = ''
  const refused = store.attempt(steps.sale(name), (state) =>
    change.addSaleWindow(state, {
      id: newId('sale'),
      name,
      from: saleFrom.value,
      until: saleUntil.value,
      off: saleOff.value / 100,
      chance: saleChance.value / 100,
      tools: [...saleTools.value],
      ...(yearly.value ? { yearly: true } : {})
    })
  )
  if (refused[0]) return say(inForm(refused[0], store.say))
  saleName.value = ''
}
</script>

<template>
  <details>
    <summary class="strong">{{ words.sale }}</summary>
    <form class="row fields" @submit.prevent="putSale">
      <div class="field">
        <label for="sale-name">{{ words.name }}</label><InputText
          id="sale-name"
          v-model="saleName"
        />
      </div>
      <DayField :label="words.saleFrom" :value="saleFrom" @change="saleFrom = $event ?? saleFrom" />
      <DayField :label="words.until" :value="saleUntil" @change="saleUntil = $event ?? saleUntil" />
      <NumberField
        :label="words.saleOff"
        :value="saleOff"
        :least="1"
        :most="90"
        @change="saleOff = $event ?? saleOff"
      />
      <NumberField
        :label="words.saleChance"
        :value="saleChance"
        :least="0"
        :most="100"
        @change="saleChance = $event ?? saleChance"
      />
      <ToolsField v-model="saleTools" :label="words.saleTools" />
      <div class="check">
        <Checkbox v-model="yearly" input-id="sale-yearly" binary /><label for="sale-yearly">{{
          timing.yearly
        }}</label>
      </div>
      <Button type="submit" size="small" :label="words.putSale" />
      <p v-if="problem" class="attention" role="alert">{{ problem }}</p>
    </form>
    <p class="caption">{{ words.saleHint }}</p>
  </details>
</template>

<style scoped>
.check {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  min-height: 2.2rem;
}
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
  padding: 0.5rem 0;
}
summary {
  cursor: pointer;
}
</style>
