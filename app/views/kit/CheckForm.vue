<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { inexactBy, type CheckOf } from '../../../core/care'
import { TYPED, errorTyped } from '../../../core/inspection'
import { pastDay } from '../../../core/ledger'
import { change, type CheckDone } from '../../../core/workspace'
import { trueChecks } from '../../../data'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { upkeep as words } from '../../words/upkeep'

/** The result of a check: what was measured, or whether it is fine. The error found becomes that of the tool. */
const props = defineProps<{ one: CheckOf }>()
const emit = defineEmits<{ kept: [] }>()
const store = useWorkspace()
const fields = computed(() =>
  TYPED[props.one.check.kind].filter(
    (field) => field !== 'length' || props.one.check.overMm !== undefined
  )
)
const typed = ref<Record<string, number | undefined>>({})
const values = computed(() => TYPED[props.one.check.kind].map((field) => typed.value[field] ?? 0))
const isWhole = computed(() => fields.value.every((field) => typed.value[field] !== undefined))
const error = computed(() =>
  isWhole.value && fields.value.length > 0 ? errorTyped(props.one.check, values.value) : undefined
)
const trouble = computed(() =>
  error.value && !error.value.ok
    ? error.value.issues.map((one) => sentence(one, store.say)).join(' ')
    : ''
)
const comesTo = computed(() =>
  error.value?.ok && store.say
    ? words.comesTo(store.say, error.value.value, props.one.check.overMm, props.one.reckonedMm ?? 0)
    : ''
)
const on = ref(store.world?.asOf ?? '')
const wrongDay = ref('')
function keep(fine: boolean): void {
  const { world, say } = store
  if (!world) return
  const day = pastDay(on.value, world.asOf)
  wrongDay.value = day.ok ? '' : day.issues.map((one) => sentence(one, say)).join(' ')
  if (!day.ok) return
  const { item, check } = props.one
  const done: CheckDone = {
    kind: 'check',
    id: newId('k'),
    item: item.id,
    check: check.id,
    on: day.value,
    values: values.value,
    fine
  }
  const upkeep = [...(world.workspace.upkeep ?? []), done]
  const refused = store.run(
    words.steps.check(item.name ?? say?.tool(item.tool) ?? item.tool),
    (state) => change.addUpkeep(state, done, inexactBy(world, item, trueChecks, upkeep))
  )
  if (refused.length === 0) emit('kept')
}
const keepMeasured = (): void => {
  if (error.value?.ok) keep(error.value.value <= (props.one.reckonedMm ?? Infinity))
}
</script>

<template>
  <form class="stack" @submit.prevent="keepMeasured">
    <div class="row fields">
      <NumberField
        v-for="field in fields"
        :key="field"
        :label="words.values[field as keyof typeof words.values]"
        :value="typed[field]"
        optional
        :least="0"
        @change="typed = { ...typed, [field]: $event }"
      />
      <DayField :label="words.on" :value="on" @change="on = $event ?? ''" />
    </div>
    <p v-if="trouble" class="attention small" role="alert">{{ trouble }}</p>
    <p v-else-if="comesTo" role="status">{{ comesTo }}</p>
    <p v-if="wrongDay" class="attention small" role="alert">{{ wrongDay }}</p>
    <div class="row">
      <Button
        v-if="fields.length > 0"
        type="submit"
        size="small"
        :label="words.keep"
        :disabled="!error?.ok"
      />
      <template v-else>
        <Button type="button" size="small" :label="words.fine" @click="keep(true)" />
        <Button
          type="button"
          size="small"
          severity="secondary"
          :label="words.notFineButton"
          @click="keep(false)"
        />
      </template>
    </div>
  </form>
</template>

<style scoped>
.fields {
  align-items: end;
}
</style>
