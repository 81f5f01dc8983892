<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { PricePoint } from '../../../core/builds'
import type { Minor } from '../../../core/money'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useWorkspace } from '../../stores/workspace'
import { sidePrices as words } from '../../words/side-stock'

/** What the seller knows of prices: at which a piece sells how fast and how often. */
const props = defineProps<{
  known: readonly PricePoint[]
  outlets: readonly { readonly id: string; readonly name: string }[]
  nowhere: string
}>()
const emit = defineEmits<{ change: [known: readonly PricePoint[]] }>()
const store = useWorkspace()
const price = ref<Minor>()
const perMonth = ref(1)
const days = ref(14)
const outlet = ref(props.nowhere)
const problem = ref('')
function add(): void {
  const asked = price.value
  problem.value = asked === undefined ? words.needPrice : ''
  if (asked === undefined) return
  emit('change', [
    ...props.known,
    {
      price: asked,
      perMonth: perMonth.value,
      days: days.value,
      ...(outlet.value === props.nowhere ? {} : { outlet: outlet.value })
    }
  ])
  price.value = undefined
}
const nameOf = (id: string | undefined): string =>
  props.outlets.find((one) => one.id === (id ?? props.nowhere))?.name ?? ''
</script>

<template>
  <div v-if="store.say" class="stack tight">
    <h3>{{ words.known }}</h3>
    <ul v-if="known.length > 0" class="plain-list">
      <li v-for="(one, i) in known" :key="i" class="row">
        <span class="strong">{{ store.say.money(one.price) }}</span>
        <span>{{ nameOf(one.outlet) }}</span>
        <span>{{ store.say.number(one.perMonth, 1) }} {{ words.perMonth }}</span>
        <span>{{ one.days }} {{ words.within }}</span>
        <button
          type="button"
          class="link small"
          :aria-label="`${words.remove}: ${store.say.money(one.price)}`"
          @click="
            emit(
              'change',
              known.filter((_, k) => k !== i)
            )
          "
        >
          {{ words.remove }}
        </button>
      </li>
    </ul>
    <p v-else class="caption">{{ words.knownHint }}</p>
    <form class="row fields" @submit.prevent="add">
      <MoneyField
        :label="words.price"
        :value="price"
        optional
        width="5.5rem"
        @change="price = $event"
      />
      <NumberField
        :label="words.perMonth"
        :value="perMonth"
        :least="0"
        :most="10000"
        width="4rem"
        @change="perMonth = $event ?? perMonth"
      />
      <NumberField
        :label="words.within"
        :value="days"
        :least="0"
        :most="3650"
        whole
        width="4rem"
        @change="days = $event ?? days"
      />
      <SelectField
        v-if="outlets.length > 1"
        :label="words.outlet"
        :value="outlet"
        :options="outlets"
        @change="outlet = $event"
      />
      <Button type="submit" size="small" severity="secondary" :label="words.add" />
    </form>
    <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.tight {
  gap: 0.35rem;
}
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
}
li {
  gap: 0.2rem 1rem;
}
</style>
