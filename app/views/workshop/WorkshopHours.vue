<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { minutesBetween } from '../../../core/calendar'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import { useWorkspace } from '../../stores/workspace'
import { steps } from '../../words/steps'
import { workshop as words } from '../../words/workshop'

/** The hours there are for the workshop: of a usual week, and of times that are otherwise. */
const store = useWorkspace()
const time = computed(() => store.workspace?.time ?? { minutesPerWeek: 0 })
const other = ref({ from: '', until: '', hours: 0 })
function addStretch(): void {
  const { from, until, hours } = other.value
  const begin = from || (store.world?.asOf ?? '')
  const end = until || begin
  store.run(steps.hours(), (state) => ({
    ...state,
    time: {
      ...state.time,
      changes: [
        ...(state.time.changes ?? []),
        {
          from: begin < end ? begin : end,
          until: begin < end ? end : begin,
          minutesPerWeek: Math.round(hours * 60)
        }
      ]
    }
  }))
}
function removeStretch(index: number): void {
  store.run(steps.hours(), (state) => {
    const changes = (state.time.changes ?? []).filter((_, i) => i !== index)
    return {
      ...state,
      time:
        changes.length > 0
          ? { ...state.time, changes }
          : { minutesPerWeek: state.time.minutesPerWeek }
    }
  })
}
const perStage = computed(() => {
  const { world } = store
  if (!world) return []
  return world.stages
    .filter(({ end }) => end >= world.asOf)
    .map((stage) => ({
      stage,
      minutes: minutesBetween(
        world.workspace.time,
        world.asOf,
        stage.start > world.asOf ? stage.start : world.asOf,
        stage.end
      )
    }))
})
</script>

<template>
  <template v-if="store.say">
    <h2>{{ words.hoursTitle }}</h2>
    <NumberField
      :label="words.perWeek"
      :value="time.minutesPerWeek / 60"
      :least="0"
      :most="168"
      width="6rem"
      @change="
        store.run(steps.hours(), (state) => ({
          ...state,
          time: { ...state.time, minutesPerWeek: Math.round(($event ?? 0) * 60) }
        }))
      "
    />
    <p class="caption">{{ words.perWeekWhy }}</p>
    <h3>{{ words.changesTitle }}</h3>
    <p class="caption">{{ words.changesWhy }}</p>
    <ul class="plain-list small">
      <li v-for="(one, index) in time.changes ?? []" :key="index">
        {{ store.say.shortDay(one.from) }} – {{ store.say.shortDay(one.until) }}:
        {{ store.say.duration(one.minutesPerWeek) }}
        <button type="button" class="link" @click="removeStretch(index)">
          {{ words.remove }}
        </button>
      </li>
    </ul>
    <div class="row">
      <DayField
        :label="words.from"
        :value="other.from || (store.world?.asOf ?? '')"
        @change="other.from = $event ?? ''"
      />
      <DayField
        :label="words.until"
        :value="other.until || other.from || (store.world?.asOf ?? '')"
        @change="other.until = $event ?? ''"
      />
      <NumberField
        :label="words.perWeek"
        :value="other.hours"
        :least="0"
        :most="168"
        width="5rem"
        @change="other.hours = $event ?? 0"
      />
      <Button size="small" severity="secondary" :label="words.add" @click="addStretch" />
    </div>
    <details class="small">
      <summary>{{ words.perStage }}</summary>
      <table class="plain small">
        <tbody>
          <tr v-for="one in perStage" :key="one.stage.start">
            <th scope="row">{{ store.say.shortDay(one.stage.start) }}</th>
            <td class="figure">{{ store.say.duration(one.minutes) }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </template>
</template>
