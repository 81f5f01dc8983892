<script setup lang="ts">
import { usePrimeVue } from 'primevue/config'
import DatePicker from 'primevue/datepicker'
import { computed } from 'vue'
import { dayFromNumber, MS_PER_DAY, type Day } from '../../core/calendar'
import { useWorkspace } from '../stores/workspace'
import { calendarNames } from '../words/lists'
import { weekStart } from './week-start'

/** A month to pick a day from. */
const props = defineProps<{ value: Date | undefined; label: string }>()
const emit = defineEmits<{ pick: [day: Day]; close: [] }>()
const store = useWorkspace()
const { locale } = usePrimeVue().config
if (locale)
  Object.assign(locale, calendarNames(), { firstDayOfWeek: weekStart(navigator.language) })
/** The picker counts by the machine's own clock. */
const local = computed(() => {
  const at = props.value ?? (store.world ? new Date(`${store.world.asOf}T00:00:00Z`) : new Date())
  return new Date(at.getUTCFullYear(), at.getUTCMonth(), at.getUTCDate())
})
function pick(picked: unknown): void {
  if (picked instanceof Date)
    emit(
      'pick',
      dayFromNumber(
        Date.UTC(picked.getFullYear(), picked.getMonth(), picked.getDate()) / MS_PER_DAY
      )
    )
}
</script>

<template>
  <div @keydown.esc.stop="emit('close')">
    <DatePicker
      :model-value="local"
      inline
      :aria-label="label"
      :show-other-months="false"
      @update:model-value="pick"
    />
  </div>
</template>
