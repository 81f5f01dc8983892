<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { ref } from 'vue'
import type { Day } from '../../../core/calendar'
import { ownId } from '../../../core/catalogue'
import type { Minor } from '../../../core/money'
import type { Hire } from '../../../core/prices'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import { useWorkspace } from '../../stores/workspace'
import { hire as words } from '../../words/hire'
import { prices } from '../../words/prices'
import { inForm } from '../../words/where'
import ToolsField from './ToolsField.vue'

/** Terms on which tools can be hired by the day, or a shared workshop used by the visit or month. */
const store = useWorkspace()
const MINUTES = 60
/** Hours one works with what is hired, to begin with. Common practice: half a day of a day, an evening of a visit. */
const USUAL_HOURS: Readonly<Record<Hire['per'], number>> = { day: 5, visit: 3, month: 20 }
const name = ref('')
const tools = ref<string[]>([])
const per = ref<Hire['per']>('day')
const fee = ref<Minor>()
const hours = ref(USUAL_HOURS.day)
const elsewhere = ref(false)
const until = ref<Day>()
const problem = ref('')
const terms = (['day', 'visit', 'month'] as const).map((id) => ({ id, name: words.perName[id] }))
function paidBy(next: Hire['per']): void {
  per.value = next
  hours.value = USUAL_HOURS[next]
  elsewhere.value = next !== 'day'
}
const say = (text: string): void => {
  problem.value = text
}

function put(): void {
  const { workspace, world } = store
  if (!workspace || !world) return
  const called = name.value.trim()
  if (called === '') return say(prices.needName)
  if (tools.value.length === 0) return say(prices.needTools)
  const price = fee.value
  if (price === undefined) return say(prices.needPrice)
  problem.value = ''
  const known = [...workspace.offers, ...(workspace.bundles ?? []), ...(workspace.hires ?? [])]
  const pieces = tools.value.flatMap((tool) => {
    const form = world.library.tools.get(tool)?.forms.at(-1)
    return form
      ? [{ tool, tier: 'trade' as const, condition: 'used' as const, power: form.power, count: 1 }]
      : []
  })
  const refused = store.attempt(words.added(called), (state) =>
    change.addHire(state, {
      id: ownId(called, (id) => known.some((one) => one.id === id)),
      name: called,
      pieces,
      per: per.value,
      fee: price,
      minutes: Math.round(hours.value * MINUTES),
      ...(elsewhere.value ? { elsewhere: true } : {}),
      ...(until.value === undefined ? {} : { until: until.value })
    })
  )
  if (refused[0]) return say(inForm(refused[0], store.say))
  name.value = ''
  tools.value = []
  fee.value = undefined
}
</script>

<template>
  <details>
    <summary class="strong">{{ words.add }}</summary>
    <form class="row fields" @submit.prevent="put">
      <div class="field">
        <label for="hire-name">{{ words.name }}</label><InputText id="hire-name" v-model="name" />
      </div>
      <ToolsField v-model="tools" :label="words.tools" />
      <div class="field">
        <span id="hire-per" class="label">{{ words.per }}</span><Select
          :model-value="per"
          aria-labelledby="hire-per"
          :options="terms"
          option-label="name"
          option-value="id"
          @update:model-value="paidBy"
        />
      </div>
      <MoneyField :label="words.fee" :value="fee" optional @change="fee = $event" />
      <NumberField
        :label="words.hours(per)"
        :value="hours"
        :least="0.5"
        :most="700"
        @change="hours = $event ?? hours"
      />
      <DayField :label="words.until" :value="until" optional ahead @change="until = $event" />
      <label class="choice"><Checkbox v-model="elsewhere" binary />{{ words.elsewhere }}</label>
      <Button type="submit" size="small" :label="words.put" />
      <p v-if="problem" class="attention" role="alert">{{ problem }}</p>
    </form>
    <p class="caption">{{ words.hint }}</p>
  </details>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
  padding: 0.5rem 0;
}
.choice {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 2.25rem;
}
summary {
  cursor: pointer;
}
</style>
