<script setup lang="ts">
import { issue, ok, refused, type Result } from '../../core/kernel'
import { parseNumber } from '../../core/units'
import { plainNumber } from '../words/amounts'
import TextField from './TextField.vue'

const props = defineProps<{
  label: string
  value: number | undefined
  least?: number
  most?: number
  whole?: boolean
  hideLabel?: boolean
  width?: string
  optional?: boolean
  /** What holds where nothing is typed. */
  placeholder?: string
}>()
defineEmits<{ change: [value: number | undefined] }>()
function read(typed: string): Result<number | undefined> {
  if (typed.trim() === '' && props.optional) return ok(undefined)
  // What stands in the field was written by the program itself.
  if (props.value !== undefined && typed === plainNumber(props.value)) return ok(props.value)
  const figure = parseNumber(typed)
  if (!figure.ok) return figure
  const { value } = figure
  if (props.whole && !Number.isInteger(value)) return refused(issue('number.whole'))
  if (props.least !== undefined && value < props.least)
    return refused(issue('number.too-small', [], { limit: props.least }))
  if (props.most !== undefined && value > props.most)
    return refused(issue('number.too-large', [], { limit: props.most }))
  return ok(value)
}
</script>

<template>
  <TextField
    :label="label"
    :value="value === undefined ? '' : plainNumber(value)"
    :read="read"
    :hide-label="hideLabel ?? false"
    :width="width ?? '5rem'"
    :placeholder="placeholder ?? ''"
    inputmode="decimal"
    @change="$emit('change', $event as number | undefined)"
  />
</template>
