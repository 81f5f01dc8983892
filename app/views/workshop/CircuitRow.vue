<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { issue, refused, type Result } from '../../../core/kernel'
import { readName } from '../../../core/units'
import { leftFor, type AlsoOn, type Circuit } from '../../../core/workshop'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import TextField from '../../parts/TextField.vue'
import { useWorkspace } from '../../stores/workspace'
import { circuits as words } from '../../words/circuits'

/** One circuit: its name, breaker and voltage, and what else hangs on it. */
const props = defineProps<{
  circuit: Circuit
  others: readonly string[]
  /** Outlets of the floor plan on it; undefined where none is drawn. */
  outlets: number | undefined
}>()
const emit = defineEmits<{ change: [next: Circuit]; remove: [] }>()
const store = useWorkspace()
const MOST_AMPS = 400
const voltages = [
  { id: '230', name: '230 V' },
  { id: '120', name: '120 V' }
]
const volts = computed(() => String(props.circuit.volts ?? store.workspace?.workshop.volts ?? 230))
const left = computed(() => leftFor(props.circuit))
function readOwn(text: string): Result<string> {
  const name = readName(text)
  return name.ok && props.others.includes(name.value)
    ? refused(issue('circuit.twice', [], { name: name.value }))
    : name
}
const set = (next: Partial<Circuit>): void => emit('change', { ...props.circuit, ...next })
const setAlso = (also: readonly AlsoOn[]): void => {
  const { also: _former, ...rest } = props.circuit
  emit('change', also.length > 0 ? { ...rest, also } : rest)
}
const also = computed(() => props.circuit.also ?? [])
const changeAlso = (index: number, next: Partial<AlsoOn>): void =>
  setAlso(also.value.map((one, i) => (i === index ? { ...one, ...next } : one)))
function setAlways(index: number, all: boolean): void {
  setAlso(
    also.value.map(({ always: _former, ...one }, i) =>
      i === index
        ? all
          ? { ...one, always: true }
          : one
        : { ...one, ...(_former ? { always: _former } : {}) }
    )
  )
}
</script>

<template>
  <fieldset v-if="store.say">
    <legend class="visually-hidden">{{ circuit.name }}</legend>
    <div class="row">
      <TextField
        :label="words.name"
        :value="circuit.name"
        :read="readOwn"
        width="9rem"
        @change="set({ name: String($event) })"
      />
      <NumberField
        :label="words.rating"
        :value="circuit.amps"
        :least="0"
        :most="MOST_AMPS"
        @change="set({ amps: $event ?? 0 })"
      />
      <SelectField
        :label="words.volts"
        :value="volts"
        :options="voltages"
        @change="set({ volts: $event === '120' ? 120 : 230 })"
      />
    </div>
    <p class="small" :class="{ attention: left <= 0 }">
      {{ left > 0 ? words.left(store.say.number(left, 1)) : words.none }}
      <span v-if="outlets !== undefined" class="soft">{{ words.outlets(outlets) }}</span>
    </p>
    <div v-for="(one, index) in also" :key="index" class="row also">
      <TextField
        :label="words.alsoName"
        :value="one.name"
        :read="readName"
        width="8rem"
        @change="changeAlso(index, { name: String($event) })"
      />
      <NumberField
        :label="words.alsoAmps"
        :value="one.amps"
        :least="0"
        :most="MOST_AMPS"
        @change="changeAlso(index, { amps: $event ?? 0 })"
      />
      <label class="check"
        ><Checkbox
          :model-value="one.always === true"
          binary
          @update:model-value="setAlways(index, $event)"
        />
        {{ words.alsoAlways }}</label
      >
      <button type="button" class="link" @click="setAlso(also.filter((_, i) => i !== index))">
        {{ words.alsoRemove }}
      </button>
    </div>
    <p class="row small">
      <button
        type="button"
        class="link"
        @click="setAlso([...also, { name: words.alsoNew, amps: 0.5 }])"
      >
        {{ words.alsoAdd }}
      </button>
      <button type="button" class="link" @click="emit('remove')">{{ words.remove }}</button>
    </p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1px solid var(--line);
  margin: 0;
  padding: 0.5rem 0;
}
.also {
  padding-left: 1rem;
  align-items: end;
}
.check {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
}
p {
  margin: 0.25rem 0;
}
</style>
