<script setup lang="ts">
import { issue, ok, refused, type Result } from '../../core/kernel'
import { inchText, parseLength } from '../../core/units'
import { useWorkspace } from '../stores/workspace'
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
const store = useWorkspace()
const units = (): 'metric' | 'imperial' => store.workspace?.preferences.units ?? 'metric'
const text = (mm: number | undefined): string => {
  if (mm === undefined) return ''
  return units() === 'imperial' ? inchText(mm) : String(Math.round(mm * 10) / 10)
}
function read(typed: string): Result<number | undefined> {
  if (typed.trim() === '' && props.optional) return ok(undefined)
  if (typed === text(props.value)) return ok(props.value)
  const length = parseLength(typed, units())
  if (!length.ok) return length
  if (props.least !== undefined && length.value < props.least)
    return refused(issue('number.too-small', [], { limit: props.least }))
  if (props.most !== undefined && length.value > props.most)
    return refused(issue('number.too-large', [], { limit: props.most }))
  return length
}
</script>

<template>
  <TextField
    :label="`${label}, ${units() === 'imperial' ? 'in' : 'mm'}`"
    :value="text(value)"
    :read="read"
    :width="width ?? '6rem'"
    @change="$emit('change', $event as number | undefined)"
  />
</template>
