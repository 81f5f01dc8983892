<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import type { Build } from '../../../core/builds'
import { SURFACES, type Step, type StockField, type Surface } from '../../../core/catalogue'
import type { BuildFit } from '../../../core/fit'
import WideBox from '../../parts/WideBox.vue'
import NumberField from '../../parts/NumberField.vue'
import { useLengthText } from '../../parts/length-text'
import TextField from '../../parts/TextField.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { operationUnits } from '../../words/units'
import { lowerFirst } from '../../words/bench'
import { builds as gridWords } from '../../words/builds'
import { buildPage as words } from '../../words/build-page'
import { duration } from '../../words/say'

/** The steps of a build, changed where they stand; each says with what it would be done. */
const props = defineProps<{ build: Build; fit: BuildFit; asked?: string | undefined }>()
const emit = defineEmits<{ change: [steps: readonly Step[]]; why: [step: string] }>()
const store = useWorkspace()
const operations = computed(() =>
  [...(store.world?.library.operations.values() ?? [])].sort((a, b) => a.order - b.order)
)
const sizes: readonly StockField[] = ['lengthMm', 'widthMm', 'thicknessMm']
const labels: Record<StockField, string> = {
  lengthMm: words.length,
  widthMm: words.width,
  thicknessMm: words.thickness
}

const replace = (id: string, next: (step: Step) => Step): void =>
  emit(
    'change',
    props.build.steps.map((step) => (step.id === id ? next(step) : step))
  )
const { text: sizeText, read: readSize } = useLengthText()
function setSize(id: string, field: StockField, mm: number | undefined): void {
  replace(id, (step) => {
    const { [field]: _former, ...rest } = step.stock
    return { ...step, stock: mm === undefined ? rest : { ...rest, [field]: mm } }
  })
}
function setAccuracy(id: string, mm: number | undefined): void {
  replace(id, ({ accuracyMm: _former, ...rest }) =>
    mm === undefined ? rest : { ...rest, accuracyMm: mm }
  )
}
/** Ways to join that are left open where none is set. */
const OPEN = 'open'
/** The ways a step can be made up: the joints that suit, and leaving it open. */
function waysFor({ operation }: Step): { id: string; name: string }[] {
  const made = (store.world?.library.methodsFor.get(operation) ?? []).filter(({ joins }) => joins)
  return made.length === 0
    ? []
    : [{ id: OPEN, name: words.wayOpen }, ...made.map(({ id, name }) => ({ id, name }))]
}
function setWay(id: string, way: string): void {
  replace(id, ({ way: _former, ...rest }) => (way === OPEN ? rest : { ...rest, way }))
}
const surfaces = Object.entries(words.surfaces).map(([id, name]) => ({ id, name }))
function setSurface(id: string, surface: string): void {
  replace(id, ({ surface: _former, ...rest }) => (isSurface(surface) ? { ...rest, surface } : rest))
}
const isSurface = (text: string): text is Surface => (SURFACES as readonly string[]).includes(text)
function add(): void {
  const numbers = props.build.steps.map(({ id }) => Number(/^s(\d+)$/.exec(id)?.[1] ?? 0))
  emit('change', [
    ...props.build.steps,
    { id: `s${Math.max(0, ...numbers) + 1}`, operation: 'crosscut', quantity: 1, stock: {} }
  ])
}
const rows = computed(() =>
  props.build.steps.map((step) => {
    const fit = props.fit.steps.find((one) => one.step.id === step.id)
    const best = fit?.usable[0]
    const nearest = fit?.others[0]
    return {
      step,
      operation: store.world?.library.operations.get(step.operation),
      method: best
        ? best.method.name
        : nearest?.misses[0] && store.say
          ? `${gridWords.noWay}: ${lowerFirst(nearest.method.name)}, ${gridWords.miss(store.say, nearest.misses[0])}`
          : gridWords.noWay,
      minutes: best?.minutes
    }
  })
)
</script>

<template>
  <p v-if="rows.length === 0" class="soft">{{ words.noSteps }}</p>
  <WideBox v-else>
    <table class="plain">
      <thead>
        <tr>
          <th>{{ words.operation }}</th>
          <th>{{ words.quantity }}</th>
          <th v-for="field in sizes" :key="field">{{ labels[field] }}</th>
          <th>{{ words.accuracy }}</th>
          <th>{{ words.surface }}</th>
          <th>{{ words.method }}</th>
          <th class="figure">{{ words.time }}</th>
          <td />
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="{ step, operation, method, minutes } in rows"
          :key="step.id"
          :class="{ gap: minutes === undefined }"
        >
          <td>
            <div class="row nowrap">
              <Select
                :model-value="step.operation"
                :options="operations"
                option-label="name"
                option-value="id"
                filter
                :aria-label="words.operation"
                @update:model-value="replace(step.id, (one) => ({ ...one, operation: $event }))"
              /><WhatIs
                v-if="operation"
                :id="operation.id"
                kind="operation"
                :name="operation.name"
                mark
              />
            </div>
          </td>
          <td class="held quantity">
            <div class="row nowrap">
              <NumberField
                hide-label
                :label="`${words.quantity}, ${operation?.name}`"
                width="4rem"
                :value="step.quantity"
                :least="0.001"
                :most="1000000"
                @change="replace(step.id, (one) => ({ ...one, quantity: $event ?? 1 }))"
              /><span class="soft small">{{
                operationUnits(operation?.unit ?? '', step.quantity, 'metric')
              }}</span>
            </div>
          </td>
          <td v-for="field in sizes" :key="field" class="held">
            <TextField
              hide-label
              :label="`${labels[field]}, ${operation?.name}`"
              width="4.5rem"
              :value="sizeText(step.stock[field])"
              :read="readSize"
              @change="setSize(step.id, field, $event as number | undefined)"
            />
          </td>
          <td class="held">
            <NumberField
              hide-label
              :label="`${words.accuracy}, ${operation?.name}`"
              width="3.5rem"
              :value="step.accuracyMm"
              :least="0.01"
              :most="1000"
              optional
              @change="setAccuracy(step.id, $event)"
            />
          </td>
          <td>
            <Select
              :model-value="step.surface ?? 'any'"
              :options="surfaces"
              option-label="name"
              option-value="id"
              :aria-label="`${words.surface}, ${operation?.name}`"
              @update:model-value="setSurface(step.id, $event)"
            />
          </td>
          <td class="method small">
            <button
              type="button"
              class="link"
              :aria-expanded="asked === step.id"
              :aria-label="words.why(operation?.name ?? '')"
              @click="emit('why', step.id)"
            >
              {{ method }}
            </button>
            <Select
              v-if="waysFor(step).length > 0"
              class="way"
              size="small"
              :model-value="step.way ?? OPEN"
              :options="waysFor(step)"
              option-label="name"
              option-value="id"
              :aria-label="`${words.way}, ${operation?.name}`"
              @update:model-value="setWay(step.id, $event)"
            />
          </td>
          <td class="figure">{{ minutes === undefined ? '–' : duration(minutes) }}</td>
          <td>
            <Button
              size="small"
              severity="secondary"
              variant="text"
              icon="pi pi-times"
              :aria-label="`${words.removeStep}: ${operation?.name}`"
              @click="
                emit(
                  'change',
                  build.steps.filter(({ id }) => id !== step.id)
                )
              "
            />
          </td>
        </tr>
      </tbody>
    </table>
  </WideBox>
  <div><Button size="small" severity="secondary" :label="words.addStep" @click="add" /></div>
</template>

<style scoped>
.nowrap {
  flex-wrap: nowrap;
}
.held {
  min-width: 4.9rem;
  padding-inline-end: 0.4rem;
}
.held.quantity {
  min-width: 7.4rem;
}
.held :deep(.field),
.held :deep(input) {
  flex: none;
  max-width: none;
}
.gap .method {
  color: var(--attention);
}
.method {
  min-width: 10.5rem;
}
.way {
  display: flex;
  max-width: 14rem;
}
</style>
