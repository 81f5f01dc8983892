<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import {
  SPECS,
  isCapacity,
  checkOwn,
  methodDefaults,
  methodWith,
  ownId,
  toolLike,
  type SpecName,
  type Specs
} from '../../../core/catalogue'
import { issue, type Issue } from '../../../core/kernel'
import { exponentOf } from '../../../core/money'
import { parseLengths, parseNumber } from '../../../core/units'
import { change } from '../../../core/workspace'
import { library } from '../../../data'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { sentence } from '../../words/issues'
import { kit as words } from '../../words/kit'
import { own } from '../../words/own-entry'
import { steps } from '../../words/steps'
import AmountInput from '../../parts/AmountInput.vue'

/** A tool or a method of one's own, by the side of the library and under the same checks. */
const props = defineProps<{ what: 'tool' | 'method' }>()
const visible = defineModel<boolean>('visible', { required: true })
const store = useWorkspace()
const name = ref('')
const like = ref<string>()
const sizes = ref<Partial<Record<SpecName, string>>>({})
const price = ref('')
const operation = ref<string>()
const tools = ref<string[]>([])
const setup = ref('2')
const run = ref('')
const error = ref('1')
const problems = ref<readonly Issue[]>([])

const known = computed(() => store.world?.library)
const toolOptions = computed(() =>
  [...(known.value?.tools.values() ?? [])]
    .filter(({ roles }) => roles.length > 0)
    .map(({ id, name: text, aliases }) => ({ id, name: text, words: [text, ...aliases].join(' ') }))
)
const operationOptions = computed(() =>
  [...(known.value?.operations.values() ?? [])]
    .sort((a, b) => a.order - b.order)
    .map(({ id, name: text }) => ({ id, name: text }))
)
const base = computed(() =>
  like.value === undefined ? undefined : known.value?.tools.get(like.value)
)
const measures = computed<readonly SpecName[]>(() =>
  SPECS.filter((spec) => isCapacity(spec) && base.value?.specs[spec] !== undefined)
)
watch(visible, (shown) => {
  if (shown) problems.value = []
})

const amount = (text: string): number => {
  if (text.trim() === '') return 0
  const read = parseNumber(text)
  return read.ok ? read.value : Number.NaN
}
function readSizes(): Specs | undefined {
  const read = parseLengths(
    sizes.value,
    measures.value,
    store.workspace?.preferences.units ?? 'metric'
  )
  if (read.ok) return read.value
  problems.value = [...problems.value, ...read.issues]
  return undefined
}

function addTool(): void {
  const { world } = store
  const specs = readSizes()
  const minor = Math.round(
    amount(price.value || '0') * 10 ** exponentOf(world?.workspace.money.currency ?? 'EUR')
  )
  if (!base.value) problems.value = [...problems.value, issue('own.choose-tool')]
  if (!Number.isFinite(minor) || minor < 0)
    problems.value = [...problems.value, issue('money.negative')]
  if (!world || !base.value || !specs || problems.value.length > 0) return
  const id = ownId(name.value, (one) => world.library.tools.has(one))
  const tool = toolLike(
    base.value,
    id,
    name.value.trim(),
    specs,
    (minor * 100) / world.pricing.minorPer100Points
  )
  problems.value = checkOwn(library, {
    ...world.workspace.own,
    tools: [...world.workspace.own.tools, tool]
  })
  if (problems.value.length > 0) return
  problems.value = store.attempt(steps.addedOwn(tool.name), (state) =>
    change.putOwnTool(state, tool)
  )
  visible.value = problems.value.length > 0
}
function addMethod(): void {
  const { world } = store
  const figures = [amount(setup.value), amount(run.value), amount(error.value)]
  if (operation.value === undefined)
    problems.value = [...problems.value, issue('own.choose-operation')]
  if (run.value.trim() === '' || figures.some((one) => !Number.isFinite(one) || one < 0))
    problems.value = [
      ...problems.value,
      issue('field.type', [], { expected: 'a number, 0 or more' })
    ]
  if (!world || operation.value === undefined || problems.value.length > 0) return
  const id = ownId(name.value, (one) => world.library.methods.has(one))
  const chosen = tools.value.flatMap((one) => world.library.tools.get(one) ?? [])
  const [setupMinutes = 0, runMinutes = 0, accuracyMm = 1] = figures
  const method = methodWith(methodDefaults(world.library, operation.value, chosen[0]), {
    id,
    name: name.value.trim(),
    tools: chosen,
    setupMinutes,
    runMinutes,
    accuracyMm
  })
  problems.value = checkOwn(library, {
    ...world.workspace.own,
    methods: [...world.workspace.own.methods, method]
  })
  if (problems.value.length > 0) return
  problems.value = store.attempt(steps.addedOwn(method.name), (state) =>
    change.putOwnMethod(state, method)
  )
  visible.value = problems.value.length > 0
}
function add(): void {
  problems.value = name.value.trim() === '' ? [issue('text.empty')] : []
  if (problems.value.length > 0) return
  if (props.what === 'tool') addTool()
  else addMethod()
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="what === 'tool' ? own.toolTitle : own.methodTitle"
    :style="{ width: '28rem', maxWidth: '95vw' }"
  >
    <form class="stack" @submit.prevent="add">
      <div class="field">
        <label for="own-name">{{ own.name }}</label><InputText id="own-name" v-model="name" />
      </div>
      <template v-if="what === 'tool'">
        <div class="field">
          <span id="own-like" class="label">{{ own.like }}</span><Select
            v-model="like"
            :options="toolOptions"
            option-label="name"
            option-value="id"
            filter
            :filter-fields="['words']"
            aria-labelledby="own-like"
            fluid
          />
        </div>
        <p class="caption">{{ own.likeHint }}</p>
        <div v-for="spec in measures" :key="spec" class="field">
          <label :for="`own-${spec}`">{{ specName(spec) }}</label><InputText
            :id="`own-${spec}`"
            v-model="sizes[spec]"
            :placeholder="store.say?.length(base?.specs[spec] ?? 0) ?? ''"
            style="width: 8rem"
          />
        </div>
        <div class="field">
          <label for="own-price">{{ own.price }}</label><AmountInput
            id="own-price"
            v-model="price"
            width="8rem"
          />
        </div>
      </template>
      <template v-else>
        <div class="field">
          <span id="own-operation" class="label">{{ own.operation }}</span><Select
            v-model="operation"
            :options="operationOptions"
            option-label="name"
            option-value="id"
            filter
            aria-labelledby="own-operation"
            fluid
          />
        </div>
        <div class="field">
          <span id="own-tools" class="label">{{ own.tools }}</span><MultiSelect
            v-model="tools"
            :options="toolOptions"
            option-label="name"
            option-value="id"
            filter
            :filter-fields="['words']"
            aria-labelledby="own-tools"
            fluid
          />
        </div>
        <div class="row">
          <div class="field">
            <label for="own-setup">{{ own.setup }}</label><InputText
              id="own-setup"
              v-model="setup"
              inputmode="decimal"
              style="width: 5rem"
            />
          </div>
          <div class="field">
            <label for="own-run">{{ own.run }}</label><InputText
              id="own-run"
              v-model="run"
              inputmode="decimal"
              style="width: 5rem"
            />
          </div>
          <div class="field">
            <label for="own-error">{{ own.error }}</label><InputText
              id="own-error"
              v-model="error"
              inputmode="decimal"
              style="width: 5rem"
            />
          </div>
        </div>
        <p class="caption">{{ own.methodHint }}</p>
      </template>
      <p v-for="(one, index) in problems" :key="index" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
      <div class="row">
        <Button type="submit" :label="own.add" /><Button
          type="button"
          severity="secondary"
          :label="words.cancel"
          @click="visible = false"
        />
      </div>
    </form>
  </Dialog>
</template>
