<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import {
  CONDITIONS,
  SPECS,
  TIERS,
  ownId,
  type Condition,
  type Power,
  type SpecName,
  type Specs,
  type Tier
} from '../../../core/catalogue'
import type { Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { issue, type Issue } from '../../../core/kernel'
import { SELLER_TYPES, checkLink, offerId, type SellerType } from '../../../core/prices'
import type { Offered } from '../../../core/timing'
import { parseLengths } from '../../../core/units'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import { newId } from '../../stores/clock'
import { useToolOptions } from '../../parts/tool-options'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { sentence } from '../../words/issues'
import { inForm } from '../../words/where'
import { prices as words } from '../../words/prices'
import { quality } from '../../words/quality'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'
import { timing } from '../../words/timing'

/** One price: of a usual offer, or of a single find with measures of its own. */
const props = defineProps<{ find?: boolean }>()
const emit = defineEmits<{ weigh: [offered: Offered, asked: Minor | undefined] }>()
const store = useWorkspace()
const tool = ref<string>()
const tier = ref<Tier>(store.workspace?.preferences.tier ?? 'weekend')
const condition = ref<Condition>(props.find ? 'used' : 'new')
const power = ref<Power>('hand')
const price = ref<Minor>()
const date = ref<Day>(store.world?.asOf ?? '2026-01-01')
const seller = ref<SellerType>(props.find ? 'private' : 'online')
const until = ref<Day>()
const name = ref('')
const link = ref('')
const sizes = ref<Partial<Record<SpecName, string>>>({})
const problem = ref('')

const known = computed(() => store.world?.library)
const options = useToolOptions()
const entry = computed(() => known.value?.tools.get(tool.value ?? ''))
const forms = computed(() =>
  (entry.value?.forms ?? []).map((form) => ({
    id: form.power,
    name: quality.powerName[form.power] ?? form.power
  }))
)
watch(entry, (one) => {
  power.value = one?.forms[0]?.power ?? 'hand'
})
const measures = computed<readonly SpecName[]>(() =>
  SPECS.filter((spec) => spec.endsWith('Mm') && entry.value?.specs[spec] !== undefined)
)
const tiers = TIERS.map((id) => ({ id, name: terms.tierName[id] ?? id }))
const conditions = CONDITIONS.map((id) => ({ id, name: terms.conditionName[id] ?? id }))
const sellers = SELLER_TYPES.map((id) => ({ id, name: words.sellerName[id] }))

function readSizes(): Specs | undefined {
  const read = parseLengths(
    sizes.value,
    measures.value,
    store.workspace?.preferences.units ?? 'metric'
  )
  if (read.ok) return read.value
  problem.value = read.issues[0] && store.say ? sentence(read.issues[0], store.say) : ''
  return undefined
}
/** Asks what it is worth, kept or not. */
function weigh(): void {
  problem.value = ''
  if (!entry.value) return void (problem.value = words.needTool)
  const specs = readSizes()
  if (!specs) return
  emit(
    'weigh',
    {
      tool: entry.value.id,
      tier: tier.value,
      condition: condition.value,
      power: power.value,
      ...(Object.keys(specs).length > 0 ? { specs } : {})
    },
    price.value
  )
}
function put(): void {
  problem.value = ''
  const { workspace, say } = store
  if (!entry.value || !workspace || !say) return void (problem.value = words.needTool)
  if (price.value === undefined) return void (problem.value = words.needPrice)
  const quote = {
    id: newId('q'),
    date: date.value,
    price: price.value,
    seller: seller.value,
    ...(until.value === undefined ? {} : { until: until.value })
  }
  const parts = {
    tool: entry.value.id,
    tier: tier.value,
    condition: condition.value,
    acquisition: 'buy' as const,
    power: power.value
  }
  let refusal: readonly Issue[]
  if (!props.find) {
    refusal = store.attempt(steps.quoted(say.tool(entry.value.id)), (state) =>
      change.addQuote(state, { ...quote, offer: offerId(parts) })
    )
  } else {
    const specs = readSizes()
    if (!specs) return
    const web = link.value.trim() === '' ? undefined : checkLink(link.value)
    if (web && !web.ok)
      return void (problem.value = sentence(web.issues[0] ?? issue('link.only-web'), say))
    const text = name.value.trim() || say.shortTool(entry.value.id)
    const id = ownId(
      text,
      (taken) =>
        workspace.offers.some((offer) => offer.id === taken) ||
        (workspace.bundles ?? []).some((bundle) => bundle.id === taken)
    )
    refusal = store.attempt(steps.offered(text), (state) =>
      change.addOffer(
        state,
        {
          ...parts,
          id,
          single: true,
          ...(web?.ok ? { link: web.value } : {}),
          ...(Object.keys(specs).length > 0 ? { specs } : {})
        },
        { ...quote, offer: id }
      )
    )
  }
  const [first] = refusal
  if (first) return void (problem.value = inForm(first, say))
  price.value = undefined
  name.value = ''
  link.value = ''
  sizes.value = {}
}
</script>

<template>
  <form v-if="store.say" class="stack" @submit.prevent="put">
    <div class="row fields">
      <div class="field grow">
        <span :id="`q-tool-${find}-label`" class="label">{{ words.tool }}</span><Select
          v-model="tool"
          :aria-labelledby="`q-tool-${find}-label`"
          :options="options"
          option-label="name"
          option-value="id"
          filter
          :filter-fields="['words']"
        />
      </div>
      <div class="field">
        <span :id="`q-tier-${find}-label`" class="label">{{ words.tier }}</span><Select
          v-model="tier"
          :aria-labelledby="`q-tier-${find}-label`"
          :options="tiers"
          option-label="name"
          option-value="id"
        />
      </div>
      <div class="field">
        <span :id="`q-condition-${find}-label`" class="label">{{ words.condition }}</span><Select
          v-model="condition"
          :aria-labelledby="`q-condition-${find}-label`"
          :options="conditions"
          option-label="name"
          option-value="id"
        />
      </div>
      <div v-if="forms.length > 1" class="field">
        <span :id="`q-power-${find}-label`" class="label">{{ words.power }}</span><Select
          v-model="power"
          :aria-labelledby="`q-power-${find}-label`"
          :options="forms"
          option-label="name"
          option-value="id"
        />
      </div>
      <MoneyField :label="words.price" :value="price" optional @change="price = $event" />
      <DayField :label="words.date" :value="date" @change="date = $event ?? date" />
      <div class="field">
        <span :id="`q-seller-${find}-label`" class="label">{{ words.seller }}</span><Select
          v-model="seller"
          :aria-labelledby="`q-seller-${find}-label`"
          :options="sellers"
          option-label="name"
          option-value="id"
        />
      </div>
      <DayField :label="words.until" :value="until" optional @change="until = $event" />
    </div>
    <template v-if="find">
      <div class="row fields">
        <div class="field">
          <label for="find-name">{{ words.findName }}</label><InputText
            id="find-name"
            v-model="name"
          />
        </div>
        <div class="field grow">
          <label for="find-link">{{ words.findLink }}</label><InputText
            id="find-link"
            v-model="link"
            type="url"
            inputmode="url"
            placeholder="https://"
            fluid
          />
        </div>
        <div v-for="spec in measures" :key="spec" class="field">
          <label :for="`find-${spec}`">{{ specName(spec) }}</label><InputText
            :id="`find-${spec}`"
            v-model="sizes[spec]"
            :placeholder="store.say.length(entry?.specs[spec] ?? 0)"
            class="short"
          />
        </div>
      </div>
      <p class="caption">{{ words.findHint }}</p>
    </template>
    <p v-if="problem" class="attention" role="alert">{{ problem }}</p>
    <p class="row">
      <Button v-if="find" type="button" size="small" :label="timing.ask" @click="weigh" /><Button
        type="submit"
        size="small"
        :severity="find ? 'secondary' : undefined"
        :label="find ? words.putFind : words.put"
      />
    </p>
  </form>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
.grow {
  flex: 1 1 14rem;
  min-width: 0;
}
.short {
  width: 7rem;
}
</style>
