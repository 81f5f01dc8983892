<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useEventListener } from '@vueuse/core'
import { ref, useId, watch } from 'vue'
import type { Issue, Result } from '../../core/kernel'
import { refusalsDuring } from '../stores/door'
import { sentence } from '../words/issues'
import AmountInput from './AmountInput.vue'

/**
 * A field that is read when it is left, Enter is pressed, or the page is about to close. What cannot be read, or could not be kept, stays
 * in the field with a sentence beside it, and the former value stays in force.
 */
const props = defineProps<{
  label: string
  value: string
  read: (text: string) => Result<unknown>
  type?: string
  hideLabel?: boolean
  width?: string
  placeholder?: string
  /** Which keys a phone shows. */
  inputmode?: 'decimal' | undefined
  /** For a sum of money: its currency. */
  currency?: string | undefined
  /** For a sum of money: may be less than nothing. */
  signed?: boolean
}>()
const emit = defineEmits<{ change: [value: unknown] }>()
const id = useId()
const text = ref(props.value)
const refusal = ref<readonly Issue[]>([])
watch(
  () => props.value,
  (value) => {
    text.value = value
    refusal.value = []
  }
)

function leave(): void {
  if (text.value === props.value) {
    refusal.value = []
    return
  }
  const read = props.read(text.value)
  refusal.value = read.ok ? [] : read.issues
  if (read.ok) refusal.value = refusalsDuring(() => emit('change', read.value))
}
// Before the page asks whether all is kept.
useEventListener(window, 'beforeunload', leave, { capture: true })
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <AmountInput
      v-if="currency !== undefined"
      :id="id"
      v-model="text"
      :currency="currency"
      :signed="signed ?? false"
      :placeholder="placeholder ?? ''"
      :invalid="refusal.length > 0"
      :described-by="refusal.length > 0 ? `${id}-why` : undefined"
      :width="width ?? '100%'"
      @leave="leave"
    />
    <InputText
      v-else
      :id="id"
      v-model="text"
      :type="type ?? 'text'"
      :placeholder="placeholder ?? ''"
      :inputmode="inputmode"
      :invalid="refusal.length > 0"
      :aria-describedby="refusal.length > 0 ? `${id}-why` : undefined"
      :style="{ width: width ?? '100%' }"
      @blur="leave"
      @keydown.enter="leave"
    />
    <p
      v-for="one in refusal"
      :id="`${id}-why`"
      :key="one.code"
      class="attention small"
      role="alert"
    >
      {{ sentence(one) }}
    </p>
  </div>
</template>
