<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Day } from '../../../core/calendar'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { inForm } from '../../words/where'
import ToolsField from './ToolsField.vue'

/** Buy several of some tools, get one or more free. */
const store = useWorkspace()
const dealName = ref('')
const dealTools = ref<string[]>([])
const dealBuy = ref(3)
const dealFree = ref(1)
const dealUntil = ref<Day>()
const dealMost = ref<number>()
const problem = ref('')
const say = (text: string): void => {
  problem.value = text
}

function putDeal(): void {
  const name = dealName.value.trim()
  if (name === '') return say(words.needName)
  if (dealTools.value.length === 0) return say(words.needTools)
  problem.value = ''
  const refused = store.attempt(steps.dealt(name), (state) =>
    change.addDeal(state, {
      id: newId('deal'),
      name,
      buy: dealBuy.value,
      free: dealFree.value,
      tools: dealTools.value,
      ...(dealUntil.value === undefined ? {} : { until: dealUntil.value }),
      ...(dealMost.value === undefined ? {} : { most: dealMost.value })
    })
  )
  if (refused[0]) return say(inForm(refused[0], store.say))
  dealName.value = ''
}
</script>

<template>
  <details>
    <summary class="strong">{{ words.deal }}</summary>
    <form class="row fields" @submit.prevent="putDeal">
      <div class="field">
        <label for="deal-name">{{ words.name }}</label><InputText
          id="deal-name"
          v-model="dealName"
        />
      </div>
      <NumberField
        :label="words.dealBuy"
        :value="dealBuy"
        :least="1"
        :most="20"
        whole
        @change="dealBuy = $event ?? dealBuy"
      />
      <NumberField
        :label="words.dealFree"
        :value="dealFree"
        :least="1"
        :most="20"
        whole
        @change="dealFree = $event ?? dealFree"
      />
      <NumberField
        :label="words.dealMost"
        :value="dealMost"
        :least="1"
        :most="100"
        whole
        optional
        @change="dealMost = $event"
      />
      <ToolsField v-model="dealTools" :label="words.dealTools" />
      <DayField :label="words.until" :value="dealUntil" optional @change="dealUntil = $event" />
      <Button type="submit" size="small" :label="words.putDeal" />
      <p v-if="problem" class="attention" role="alert">{{ problem }}</p>
    </form>
  </details>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
  padding: 0.5rem 0;
}
summary {
  cursor: pointer;
}
</style>
