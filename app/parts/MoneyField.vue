<script setup lang="ts">
import { computed } from 'vue'
import { issue, ok, refused, type Result } from '../../core/kernel'
import { parseAmount, type Minor } from '../../core/money'
import { useWorkspace } from '../stores/workspace'
import { decimalText } from '../words/amounts'
import TextField from './TextField.vue'

const props = defineProps<{
  label: string
  value: Minor | undefined
  currency?: string
  hideLabel?: boolean
  width?: string
  optional?: boolean
  signed?: boolean
  placeholder?: string
}>()
defineEmits<{ change: [value: Minor | undefined] }>()
const store = useWorkspace()
const code = computed(() => props.currency ?? store.workspace?.money.currency ?? 'EUR')
const text = computed(() => (props.value === undefined ? '' : decimalText(props.value, code.value)))
function read(typed: string): Result<Minor | undefined> {
  if (typed.trim() === '' && props.optional) return ok(undefined)
  const amount = parseAmount(typed, code.value)
  return amount.ok && amount.value < 0 && !props.signed ? refused(issue('money.negative')) : amount
}
</script>

<template>
  <TextField
    :label="label"
    :value="text"
    :read="read"
    :hide-label="hideLabel ?? false"
    :width="width ?? '7rem'"
    :placeholder="placeholder ?? ''"
    :currency="code"
    :signed="signed ?? false"
    @change="$emit('change', $event as Minor | undefined)"
  />
</template>
