<script setup lang="ts">
import Select from 'primevue/select'
import { CONDITIONS, type Condition } from '../../core/catalogue'
import { SELLER_TYPES, type SellerType } from '../../core/prices'
import { ledger as words } from '../words/ledger'
import { prices } from '../words/prices'
import { terms } from '../words/terms'
import DayField from './DayField.vue'

/** Who sold it, in which condition, and how long it is under warranty. */
const seller = defineModel<SellerType | undefined>('seller', { required: true })
const warranty = defineModel<string>('warranty', { required: true })
const condition = defineModel<Condition | undefined>('condition', { required: true })
const conditions = [
  { id: undefined, name: words.notSaid },
  ...CONDITIONS.map((id) => ({
    id: id as Condition | undefined,
    name: terms.conditionName[id] ?? id
  }))
]
const sellers = [
  { id: undefined, name: words.notSaid },
  ...SELLER_TYPES.map((id) => ({ id: id as SellerType | undefined, name: prices.sellerName[id] }))
]
</script>

<template>
  <div class="row top">
    <div class="field">
      <span id="seller-label" class="label">{{ words.seller }}</span><Select
        v-model="seller"
        :options="sellers"
        option-label="name"
        option-value="id"
        :placeholder="words.notSaid"
        aria-labelledby="seller-label"
      />
    </div>
    <DayField
      ahead
      optional
      :label="words.warranty"
      :value="warranty"
      @change="warranty = $event ?? ''"
    />
    <div class="field">
      <span id="bought-condition" class="label">{{ words.condition }}</span><Select
        v-model="condition"
        :options="conditions"
        option-label="name"
        option-value="id"
        :placeholder="words.notSaid"
        aria-labelledby="bought-condition"
      />
    </div>
  </div>
</template>

<style scoped>
.top {
  align-items: end;
}
</style>
