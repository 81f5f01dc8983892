<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { computed, ref } from 'vue'
import { ownId } from '../../../core/catalogue'
import { addDays, type Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { bargainOf, wantedTools } from '../../../core/weigh'
import { change, stillOnOffer } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { inForm } from '../../words/where'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'

/** Bundles with their verdict, buy-several-get-one deals, and sales that are expected. */
const store = useWorkspace()
const options = computed(() =>
  [...(store.world?.library.tools.values() ?? [])]
    .filter(({ madeBy }) => madeBy === undefined)
    .map(({ id, name }) => ({ id, name }))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
)
const today = computed<Day>(() => store.world?.asOf ?? '2026-01-01')
const A_WEEK = 7

const bundleName = ref('')
const bundleTools = ref<string[]>([])
const bundlePrice = ref<Minor>()
const dealName = ref('')
const dealTools = ref<string[]>([])
const dealBuy = ref(3)
const dealFree = ref(1)
const dealUntil = ref<Day>()
const saleName = ref('')
const saleTools = ref<string[]>([])
const saleFrom = ref<Day>(today.value)
const saleUntil = ref<Day>(addDays(today.value, A_WEEK))
const saleOff = ref(20)
const saleChance = ref(70)
const problems = ref<Readonly<Record<string, string>>>({})
const say = (form: string, text: string): void => {
  problems.value = { ...problems.value, [form]: text }
}

function putBundle(): void {
  const { workspace, world } = store
  if (!workspace || !world) return
  const name = bundleName.value.trim()
  if (name === '') return say('bundle', words.needName)
  if (bundleTools.value.length < 2) return say('bundle', words.needPieces)
  const price = bundlePrice.value
  if (price === undefined) return say('bundle', words.needPrice)
  say('bundle', '')
  const id = ownId(
    name,
    (taken) =>
      workspace.offers.some((offer) => offer.id === taken) ||
      (workspace.bundles ?? []).some((bundle) => bundle.id === taken)
  )
  const pieces = bundleTools.value.flatMap((tool) => {
    const forms = world.library.tools.get(tool)?.forms ?? []
    const form = forms.find(({ power }) => power === workspace.preferences.power) ?? forms[0]
    return form
      ? [
          {
            tool,
            tier: workspace.preferences.tier,
            condition: 'new' as const,
            power: form.power,
            count: 1
          }
        ]
      : []
  })
  const refused = store.attempt(steps.bundled(name), (state) =>
    change.addBundle(
      state,
      { id, name, pieces },
      { id: newId('q'), offer: id, date: world.asOf, price, seller: 'other' }
    )
  )
  if (refused[0]) return say('bundle', inForm(refused[0], store.say))
  bundleName.value = ''
  bundleTools.value = []
  bundlePrice.value = undefined
}
function putDeal(): void {
  const name = dealName.value.trim()
  if (name === '') return say('deal', words.needName)
  if (dealTools.value.length === 0) return say('deal', words.needTools)
  say('deal', '')
  const refused = store.attempt(steps.dealt(name), (state) =>
    change.addDeal(state, {
      id: newId('deal'),
      name,
      buy: dealBuy.value,
      free: dealFree.value,
      tools: dealTools.value,
      ...(dealUntil.value === undefined ? {} : { until: dealUntil.value })
    })
  )
  if (refused[0]) return say('deal', inForm(refused[0], store.say))
  dealName.value = ''
}
function putSale(): void {
  const name = saleName.value.trim()
  if (name === '') return say('sale', words.needName)
  if (saleUntil.value < saleFrom.value) return say('sale', words.past)
  say('sale', '')
  const refused = store.attempt(steps.sale(name), (state) =>
    change.addSaleWindow(state, {
      id: newId('sale'),
      name,
      from: saleFrom.value,
      until: saleUntil.value,
      off: saleOff.value / 100,
      chance: saleChance.value / 100,
      tools: [...saleTools.value]
    })
  )
  if (refused[0]) return say('sale', inForm(refused[0], store.say))
  saleName.value = ''
}
const bundles = computed(() => {
  const { world, workspace } = store
  return world && workspace
    ? (workspace.bundles ?? []).map((bundle) => ({
        bundle,
        isOver: !stillOnOffer(workspace, bundle.id, world.asOf),
        bargain: bargainOf(world, bundle, wantedTools(world, store.plan))
      }))
    : []
})
const empty = computed(
  () =>
    bundles.value.length +
      (store.workspace?.deals?.length ?? 0) +
      (store.workspace?.saleWindows?.length ?? 0) ===
    0
)
</script>

<template>
  <div v-if="store.say" class="stack">
    <h2>{{ words.lists }}</h2>
    <p v-if="empty" class="soft">{{ words.noLists }}</p>
    <ul class="plain-list">
      <li v-for="{ bundle, bargain, isOver } in bundles" :key="bundle.id">
        <span class="strong">{{ bundle.name }}</span>
        <template v-if="isOver">{{ words.noLonger }}</template>
        <template v-else-if="bargain && bargain.allIn !== undefined">{{
          words.bargain(store.say, bargain, bargain.allIn)
        }}</template>
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unoffered(bundle.name), (state) => change.removeOffer(state, bundle.id))
          "
        >
          {{ words.remove }}
        </button>
      </li>
      <li v-for="deal in store.workspace?.deals ?? []" :key="deal.id">
        {{ words.dealLine(store.say, deal) }}
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unoffered(deal.name), (state) => change.removeDeal(state, deal.id))
          "
        >
          {{ words.remove }}
        </button>
      </li>
      <li v-for="sale in store.workspace?.saleWindows ?? []" :key="sale.id">
        {{ weigh.sale(store.say, sale) }}
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unoffered(sale.name), (state) =>
              change.removeSaleWindow(state, sale.id)
            )
          "
        >
          {{ words.remove }}
        </button>
      </li>
    </ul>
    <details>
      <summary class="strong">{{ words.bundle }}</summary>
      <form class="row fields" @submit.prevent="putBundle">
        <div class="field">
          <label for="bundle-name">{{ words.bundleName }}</label><InputText
            id="bundle-name"
            v-model="bundleName"
          />
        </div>
        <div class="field grow">
          <span id="bundle-tools-label" class="label">{{ words.bundleTools }}</span><MultiSelect
            v-model="bundleTools"
            aria-labelledby="bundle-tools-label"
            :options="options"
            option-label="name"
            option-value="id"
            filter
            display="comma"
            :max-selected-labels="3"
          />
        </div>
        <MoneyField
          :label="words.price"
          :value="bundlePrice"
          optional
          @change="bundlePrice = $event"
        />
        <Button type="submit" size="small" :label="words.putBundle" />
        <p v-if="problems.bundle" class="attention" role="alert">{{ problems.bundle }}</p>
      </form>
      <p class="caption">{{ words.bundleHint }}</p>
    </details>
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
        <div class="field grow">
          <span id="deal-tools-label" class="label">{{ words.dealTools }}</span><MultiSelect
            v-model="dealTools"
            aria-labelledby="deal-tools-label"
            :options="options"
            option-label="name"
            option-value="id"
            filter
            display="comma"
            :max-selected-labels="3"
          />
        </div>
        <DayField :label="words.until" :value="dealUntil" optional @change="dealUntil = $event" />
        <Button type="submit" size="small" :label="words.putDeal" />
        <p v-if="problems.deal" class="attention" role="alert">{{ problems.deal }}</p>
      </form>
    </details>
    <details>
      <summary class="strong">{{ words.sale }}</summary>
      <form class="row fields" @submit.prevent="putSale">
        <div class="field">
          <label for="sale-name">{{ words.name }}</label><InputText
            id="sale-name"
            v-model="saleName"
          />
        </div>
        <DayField
          :label="words.saleFrom"
          :value="saleFrom"
          @change="saleFrom = $event ?? saleFrom"
        />
        <DayField
          :label="words.until"
          :value="saleUntil"
          @change="saleUntil = $event ?? saleUntil"
        />
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
        <div class="field grow">
          <span id="sale-tools-label" class="label">{{ words.saleTools }}</span><MultiSelect
            v-model="saleTools"
            aria-labelledby="sale-tools-label"
            :options="options"
            option-label="name"
            option-value="id"
            filter
            display="comma"
            :max-selected-labels="3"
          />
        </div>
        <Button type="submit" size="small" :label="words.putSale" />
        <p v-if="problems.sale" class="attention" role="alert">{{ problems.sale }}</p>
      </form>
      <p class="caption">{{ words.saleHint }}</p>
    </details>
  </div>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
  padding: 0.5rem 0;
}
.grow {
  flex: 1 1 14rem;
  min-width: 0;
}
li {
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--line);
}
summary {
  cursor: pointer;
}
</style>
