<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import MultiSelect from 'primevue/multiselect'
import { computed, ref, useId } from 'vue'
import { GAUGES, ampsOf, circuitsOf, gaugeFor, judgeCord, loadOn } from '../../../core/workshop'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useWorkspace } from '../../stores/workspace'
import { circuits as circuitWords } from '../../words/circuits'
import { powerSense as words } from '../../words/power-sense'

/** What runs together against what the circuit carries, and the cord that serves for a length. */
const store = useWorkspace()
const pickId = useId()
const longId = useId()
const FEET = 0.3048
/** From here on the pull of a motor that starts may trip what would hold. A judgement. */
const CLOSE = 0.7
const picked = ref<string[]>([])
const also = ref(0)
const long = ref(false)
const length = ref<number>()
const amps = ref<number>()

const shop = computed(() => store.workspace?.workshop)
const circuits = computed(() =>
  (shop.value?.circuits ?? []).map(({ name }) => ({ id: name, name }))
)
const named = ref<string>()
/** The circuit asked about: the first one where none is chosen. */
const chosen = computed(() => {
  const list = shop.value ? circuitsOf(shop.value) : []
  return list.find(({ name }) => name === named.value) ?? list[0]
})
const volts = computed(() => chosen.value?.volts ?? shop.value?.volts ?? 230)
const isImperial = computed(() => store.workspace?.preferences.units === 'imperial')
const corded = computed(() =>
  [...(store.world?.library.tools.values() ?? [])]
    .flatMap((tool) => {
      const current = ampsOf(tool, 'corded', volts.value)
      return current > 0
        ? [{ id: tool.id, name: tool.name, current, words: [tool.name, ...tool.aliases].join(' ') }]
        : []
    })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
)
const verdict = computed(() => {
  const { say } = store
  const loads = corded.value
    .filter(({ id }) => picked.value.includes(id))
    .map(({ current }) => ({ amps: current, continuous: long.value }))
  if (loads.length === 0 || !say) return { text: words.none, over: false }
  const on = chosen.value
  const rating = on?.amps
  const load = loadOn(on ?? { name: '', amps: 1 }, [
    ...loads,
    { amps: also.value, continuous: true }
  ])
  const together = say.number(load.amps, 1)
  if (rating === undefined) return { text: `${together} A. ${words.noRating}`, over: false }
  const share = say.percent(load.share)
  if (load.share > 1) return { text: words.over(together, say.number(rating, 0)), over: true }
  const line = load.share > CLOSE ? words.close : words.carries
  return { text: line(together, share), over: false }
})
const cord = computed(() => {
  const { say } = store
  if (!length.value || !amps.value || !say || !shop.value) return undefined
  const metres = isImperial.value ? length.value * FEET : length.value
  const system = isImperial.value ? 'awg' : 'mm2'
  const gauge = gaugeFor(system, metres, amps.value, volts.value)
  if (!gauge) {
    const shown = `${say.number(length.value, 1)} ${isImperial.value ? 'ft' : 'm'}`
    return { text: words.noCord(shown), thinner: undefined, bad: true }
  }
  const { lost, share } = judgeCord(gauge, metres, amps.value, volts.value)
  const its = GAUGES.filter((one) => one.system === system)
  const under = its[its.indexOf(gauge) - 1]
  return {
    text: words.cord(gauge.name, say.number(lost, 1), say.percent(share)),
    thinner:
      under &&
      words.thinner(
        under.name,
        say.percent(judgeCord(under, metres, amps.value, volts.value).share)
      ),
    bad: false
  }
})
</script>

<template>
  <h3>{{ words.together }}</h3>
  <div class="field">
    <span :id="pickId" class="label">{{ words.pick }}</span><MultiSelect
      v-model="picked"
      :aria-labelledby="pickId"
      :options="corded"
      option-label="name"
      option-value="id"
      filter
      :filter-fields="['words']"
      :max-selected-labels="3"
    />
  </div>
  <div class="row">
    <SelectField
      v-if="circuits.length > 1"
      :label="circuitWords.onCircuit"
      :value="chosen?.name ?? ''"
      :options="circuits"
      @change="named = $event"
    />
    <NumberField
      :label="words.also"
      :value="also"
      :least="0"
      :most="400"
      @change="also = $event ?? 0"
    />
    <p class="check">
      <Checkbox v-model="long" binary :input-id="longId" />
      <label :for="longId">{{ words.long }}</label>
    </p>
  </div>
  <p :class="verdict.over ? 'attention' : undefined" aria-live="polite">{{ verdict.text }}</p>
  <p class="caption">{{ words.starting }}</p>
  <h3>{{ words.cordTitle }}</h3>
  <div class="row">
    <NumberField
      :label="isImperial ? words.cordLengthFeet : words.cordLength"
      :value="length"
      :least="0.5"
      :most="500"
      optional
      @change="length = $event"
    />
    <NumberField
      :label="words.cordAmps"
      :value="amps"
      :least="0.1"
      :most="100"
      optional
      @change="amps = $event"
    />
  </div>
  <p v-if="cord" :class="cord.bad ? 'attention' : undefined" aria-live="polite">
    {{ cord.text }} {{ cord.thinner }}
  </p>
  <p class="caption">{{ words.unrolled }}</p>
</template>

<style scoped>
.check {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
</style>
