<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed, useId } from 'vue'
import { isForSale, type Build, type PricePoint, type Sale } from '../../../core/builds'
import { askingFor } from '../../../core/sidework'
import { change, outletOf, saleParts } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { localeNow } from '../../words/language'
import { side } from '../../words/side'
import { sidePrices as words } from '../../words/side-stock'
import PriceKnown from './PriceKnown.vue'

/** The price of one build for sale: where it is sold, what is known of prices, and the best one. */
const props = defineProps<{ build: Build }>()
const store = useWorkspace()
const work = useSideWork()
const monthsId = useId()
const NOWHERE = 'hand'
const sale = computed(() => props.build.sale as Sale)
const parts = computed(() => (store.workspace ? saleParts(store.workspace, sale.value) : undefined))
const set = (next: Partial<Sale>): void => {
  store.run(words.took(props.build.name), (state) =>
    change.setSale(state, props.build.id, {
      ...sale.value,
      price: parts.value?.price ?? sale.value.netEach,
      ...next
    })
  )
}
const outlets = computed(() => [
  { id: NOWHERE, name: words.noOutlet },
  ...(store.workspace?.outlets ?? []).map(({ id, name }) => ({ id, name }))
])
const outletName = (id: string | undefined): string =>
  (store.workspace && outletOf(store.workspace, id)?.name) ?? ''
const design = computed(() => work.designs.find(({ build }) => build === props.build.id))
const asking = computed(() =>
  store.workspace && design.value && work.forSale
    ? askingFor(store.workspace, sale.value, design.value, work.forSale)
    : undefined
)
const best = computed(() => asking.value?.best)
const months = computed(() =>
  Array.from({ length: 12 }, (_, i) => ({
    id: i + 1,
    name: new Intl.DateTimeFormat(localeNow(), { month: 'short', timeZone: 'UTC' }).format(
      Date.UTC(2026, i, 15)
    )
  }))
)
const others = computed(() => [
  { id: '', name: words.offcutsNone },
  ...(store.workspace?.builds ?? [])
    .filter((one) => isForSale(one) && one.id !== props.build.id)
    .map(({ id, name }) => ({ id, name }))
])
const setKnown = (known: readonly PricePoint[]): void =>
  set({ known: known.length === 0 ? undefined : known })
</script>

<template>
  <section v-if="store.say && parts" class="stack of">
    <div class="spread">
      <h2>
        <RouterLink :to="`/builds/${build.id}`">{{ build.name }}</RouterLink>
      </h2>
      <RouterLink :to="`/side/listing/${build.id}`" class="small">{{ side.listing }}</RouterLink>
    </div>
    <div class="row fields">
      <MoneyField
        :label="words.price"
        :value="parts.price"
        @change="set({ price: $event ?? parts.price })"
      />
      <SelectField
        :label="words.outlet"
        :value="sale.outlet ?? NOWHERE"
        :options="outlets"
        @change="set({ outlet: $event === NOWHERE ? undefined : $event })"
      />
      <NumberField
        :label="words.days"
        :value="sale.daysToSell"
        :least="0"
        :most="3650"
        whole
        @change="set({ daysToSell: $event ?? 0 })"
      />
    </div>
    <p class="small" :class="{ attention: parts.net < 0 }">
      {{ parts.net < 0 ? words.netBelow(store.say, -parts.net) : words.net(store.say, parts.net) }}
    </p>
    <p v-if="asking && parts.net > 0" class="small soft">
      {{ words.haggle(store.say, asking.haggle) }}
    </p>
    <PriceKnown
      :known="sale.known ?? []"
      :outlets="outlets"
      :nowhere="NOWHERE"
      @change="setKnown"
    />
    <template v-if="best">
      <p v-if="best.at.length === 0 || best.perMonthLeft <= 0" class="attention">
        {{ words.bestNone }}
      </p>
      <template v-for="at in best.at" v-else :key="at.outlet ?? ''">
        <p>
          {{ words.best(store.say, at, outletName(at.outlet)) }}
          <Button
            v-if="at.price !== parts.price || at.outlet !== sale.outlet"
            size="small"
            severity="secondary"
            :label="words.take(store.say, at.price)"
            @click="set({ price: at.price, outlet: at.outlet, daysToSell: Math.round(at.days) })"
          />
        </p>
      </template>
      <p v-if="best.limited" class="small soft">{{ words.bestLimited }}</p>
      <p v-if="(sale.known ?? []).length === 1" class="small soft">{{ words.onePrice }}</p>
    </template>
    <details>
      <summary class="small">{{ words.season }}, {{ words.stored }}, {{ words.offcuts }}</summary>
      <div class="row fields">
        <div class="field">
          <span :id="monthsId" class="label">{{ words.season }}</span><MultiSelect
            :model-value="[...(sale.season ?? [])]"
            :options="months"
            option-label="name"
            option-value="id"
            :placeholder="words.seasonAll"
            :aria-labelledby="monthsId"
            :show-toggle-all="false"
            @update:model-value="
              set({ season: $event.length === 0 ? undefined : [...$event].sort((a, b) => a - b) })
            "
          />
        </div>
        <NumberField
          :label="words.stored"
          :value="sale.storedM2"
          :least="0"
          :most="100"
          width="5rem"
          optional
          @change="set({ storedM2: $event })"
        />
        <SelectField
          :label="words.offcuts"
          :value="sale.offcuts?.build ?? ''"
          :options="others"
          @change="
            set({
              offcuts: $event === '' ? undefined : { build: $event, each: sale.offcuts?.each ?? 1 }
            })
          "
        />
        <NumberField
          v-if="sale.offcuts"
          :label="words.offcutsEach"
          :value="sale.offcuts.each"
          :least="1"
          :most="100"
          whole
          @change="sale.offcuts && set({ offcuts: { ...sale.offcuts, each: $event ?? 1 } })"
        />
      </div>
    </details>
  </section>
</template>

<style scoped>
.of {
  border-bottom: 1px solid var(--line-strong);
  padding-bottom: 1rem;
}
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
summary {
  cursor: pointer;
}
</style>
