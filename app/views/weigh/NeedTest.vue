<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { addDays, type Day } from '../../../core/calendar'
import { isDone } from '../../../core/builds'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import { useWorkspace } from '../../stores/workspace'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import type { EffectView } from '../../workers/protocol'

/** "I need it for …": names the build and a day to sleep on it until; says plainly when that build has no use for it. */
const props = defineProps<{ tool: string; effects: readonly EffectView[] }>()
const emit = defineEmits<{ close: [] }>()
/** Days to sleep on a purchase; common practice. */
const COOLING_DAYS = 14

const store = useWorkspace()
const need = computed(() => store.workspace?.needTests?.find(({ tool }) => tool === props.tool))
const options = computed(() =>
  (store.workspace?.builds ?? [])
    .filter((build) => !isDone(build))
    .map(({ id, name }) => ({ id, name }))
)
const build = ref(props.effects[0]?.build ?? options.value[0]?.id ?? '')
const until = ref<Day>(addDays(store.world?.asOf ?? '2026-01-01', COOLING_DAYS))
const useless = computed(
  () => build.value !== '' && !props.effects.some((effect) => effect.build === build.value)
)
const over = computed(
  () => need.value !== undefined && need.value.until <= (store.world?.asOf ?? '')
)

function ask(): void {
  const { world, say } = store
  if (!world || !say || build.value === '') return
  store.run(steps.needed(say.tool(props.tool)), (state) =>
    change.askNeed(state, {
      tool: props.tool,
      build: build.value,
      asked: world.asOf,
      until: until.value
    })
  )
  emit('close')
}
function end(): void {
  store.run(steps.notNeeded(store.say?.tool(props.tool) ?? ''), (state) =>
    change.endNeed(state, props.tool)
  )
}
</script>

<template>
  <section v-if="store.say" class="row need small">
    <template v-if="need">
      <p>
        {{
          over
            ? words.needOver(store.say.build(need.build))
            : words.needWaits(store.say, store.say.build(need.build), need.until)
        }}
      </p>
      <Button v-if="over" size="small" :label="words.needYes" @click="end" />
      <Button size="small" severity="secondary" :label="words.needNo" @click="end" />
    </template>
    <template v-else>
      <div class="field">
        <span :id="`need-${tool}-label`" class="label">{{ words.needBuild }}</span><Select
          v-model="build"
          :aria-labelledby="`need-${tool}-label`"
          :options="options"
          option-label="name"
          option-value="id"
          size="small"
        />
      </div>
      <DayField :label="words.needUntil" :value="until" @change="until = $event ?? until" />
      <Button size="small" :label="words.needAsk" @click="ask" />
      <p v-if="useless" class="attention" role="status">
        {{ words.needWrong(store.say.build(build)) }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.need {
  border-top: 1px solid var(--line);
  padding-top: 0.5rem;
  align-items: end;
}
</style>
