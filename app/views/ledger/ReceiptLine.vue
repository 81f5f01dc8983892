<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useId } from 'vue'
import { ledger as words } from '../../words/ledger'
import { supplies } from '../../words/supplies'
import AmountInput from '../../parts/AmountInput.vue'

/** One line of a receipt: what it was, in words where it is nothing that is known, and its price. */
defineProps<{
  number: number
  choices: readonly {
    readonly label: string
    readonly items: readonly { readonly id: string; readonly name: string }[]
  }[]
}>()
const emit = defineEmits<{ chosen: []; remove: [] }>()
const what = defineModel<string>('what', { required: true })
const text = defineModel<string>('text', { required: true })
const price = defineModel<string>('price', { required: true })
const key = useId()
</script>

<template>
  <div class="line">
    <div class="field">
      <span :id="`${key}-label`" class="label">{{ words.lineWhat(number) }}</span><Select
        v-model="what"
        :options="[...choices]"
        option-group-label="label"
        option-group-children="items"
        option-label="name"
        option-value="id"
        filter
        :aria-labelledby="`${key}-label`"
        fluid
        @change="emit('chosen')"
      />
    </div>
    <div class="field">
      <label :for="`${key}-text`">{{
        what.startsWith('supply/') ? supplies.pack : words.text
      }}</label><InputText
        :id="`${key}-text`"
        v-model="text"
        maxlength="200"
        fluid
        :disabled="!/^(kind|supply)\//.test(what)"
      />
    </div>
    <div class="field">
      <label :for="`${key}-price`">{{ words.price }}</label><AmountInput
        :id="`${key}-price`"
        v-model="price"
        width="100%"
      />
    </div>
    <button
      type="button"
      class="link small"
      :aria-label="`${words.remove}: ${words.lineWhat(number)}`"
      @click="emit('remove')"
    >
      {{ words.remove }}
    </button>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 2fr) 6rem auto;
  gap: 0.5rem 0.75rem;
  align-items: end;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) 6rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 0.5rem;
  }
}
</style>
