<script setup lang="ts">
import { checkDay, type Day } from '../../core/calendar'
import { ok, type Result } from '../../core/kernel'
import TextField from './TextField.vue'

const props = defineProps<{
  label: string
  value: Day | undefined
  optional?: boolean
  hideLabel?: boolean
}>()
defineEmits<{ change: [value: Day | undefined] }>()
const read = (typed: string): Result<Day | undefined> =>
  typed === '' && props.optional ? ok(undefined) : checkDay(typed)
</script>

<template>
  <TextField
    type="date"
    width="10rem"
    :label="label"
    :value="value ?? ''"
    :read="read"
    :hide-label="hideLabel ?? false"
    @change="$emit('change', $event as Day | undefined)"
  />
</template>
