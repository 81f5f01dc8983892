<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useWorkspace } from '../stores/workspace'
import { currencySign } from '../words/amounts'

/** A sum as it is typed, with the currency's sign on the side where the language writes it. Whoever takes the text reads it. */
const props = defineProps<{
  id: string
  modelValue: string
  /** That of the workspace when left out. */
  currency?: string | undefined
  width?: string
  placeholder?: string
  invalid?: boolean
  describedBy?: string | undefined
  autofocus?: boolean
  /** May be a minus: phones show no such key among the figures. */
  signed?: boolean
}>()
defineEmits<{ 'update:modelValue': [text: string]; leave: [] }>()
const store = useWorkspace()
const sign = computed(() =>
  currencySign(props.currency ?? store.workspace?.money.currency ?? 'EUR')
)
</script>

<template>
  <span
    class="amount"
    :class="sign.before ? 'before' : 'after'"
    :style="{ width: width ?? '7rem' }"
  >
    <span class="sign" aria-hidden="true">{{ sign.text }}</span>
    <InputText
      :id="id"
      :model-value="modelValue"
      :placeholder="placeholder ?? ''"
      :inputmode="signed ? undefined : 'decimal'"
      autocomplete="off"
      :invalid="invalid ?? false"
      :aria-describedby="describedBy"
      :autofocus="autofocus ?? false"
      :style="sign.room"
      fluid
      @update:model-value="$emit('update:modelValue', $event ?? '')"
      @blur="$emit('leave')"
      @keydown.enter="$emit('leave')"
    />
  </span>
</template>

<style scoped>
.amount {
  position: relative;
  display: inline-block;
  max-width: 100%;
}
.sign {
  position: absolute;
  top: 50%;
  transform: translateY(-50%);
  color: var(--graphite-soft);
  pointer-events: none;
}
.before .sign {
  inset-inline-start: 0.6rem;
}
.after .sign {
  inset-inline-end: 0.6rem;
}
</style>
