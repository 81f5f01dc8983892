<script setup lang="ts">
import { issue, ok, refused, type Result } from '../../core/kernel'
import { useLengthText } from './length-text'
import TextField from './TextField.vue'

/** A length as the workspace writes it, kept in mm. */
const props = defineProps<{
  label: string
  value: number | undefined
  least?: number
  most?: number
  width?: string
  optional?: boolean
}>()
defineEmits<{ change: [mm: number | undefined] }>()
const lengths = useLengthText()
function read(typed: string): Result<number | undefined> {
  if (typed === lengths.text(props.value)) return ok(props.value)
  const length = lengths.read(typed)
  if (!length.ok) return length
  const { value } = length
  if (value === undefined)
    return props.optional
      ? ok(undefined)
      : refused(issue('number.too-small', [], { limit: props.least ?? 0 }))
  if (props.least !== undefined && value < props.least)
    return refused(issue('number.too-small', [], { limit: props.least }))
  if (props.most !== undefined && value > props.most)
    return refused(issue('number.too-large', [], { limit: props.most }))
  return length
}
</script>

<template>
  <TextField
    :label="`${label}, ${lengths.units() === 'imperial' ? 'in' : 'mm'}`"
    :value="lengths.text(value)"
    :read="read"
    :width="width ?? '7rem'"
    @change="$emit('change', $event as number | undefined)"
  />
</template>
