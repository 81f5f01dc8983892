<script setup lang="ts">
import Button from 'primevue/button'
import { useIntervalFn } from '@vueuse/core'
import { computed, defineAsyncComponent, ref } from 'vue'
import {
  LONGEST_SESSION,
  runningMinutes,
  sessionTrouble,
  untoldMinutes,
  type Build
} from '../../../core/builds'
import type { Day } from '../../../core/calendar'
import { pastDay } from '../../../core/ledger'
import { change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import { momentNow, msNow, newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { hours as words } from '../../words/hours'
import { sentence } from '../../words/issues'
import { momentText } from '../../words/keeping'
import { duration } from '../../words/say'

const LeftRunning = defineAsyncComponent(() => import('./LeftRunning.vue'))

/** Time at the bench while a build is under way: a clock, and sessions put in or put right by hand. */
const props = defineProps<{ build: Build }>()
const store = useWorkspace()
const log = computed(() => props.build.log)
const now = ref(msNow())
useIntervalFn(() => (now.value = msNow()), 20_000)
const ran = computed(() =>
  log.value?.running === undefined ? 0 : runningMinutes(log.value.running, now.value)
)
const asking = ref(false)
const today = computed(() => store.world?.asOf ?? '')

function start(): void {
  now.value = msNow()
  store.run(words.steps.start(props.build.name), (state) =>
    change.startClock(state, props.build.id, momentNow())
  )
}
const logged = (minutes: number): void => {
  asking.value = false
  store.run(words.steps.stop(props.build.name), (state) =>
    change.stopClock(state, props.build.id, { id: newId('t'), on: today.value, minutes })
  )
}
function stop(): void {
  now.value = msNow()
  if (ran.value > LONGEST_SESSION) asking.value = true
  else logged(ran.value)
}

const on = ref<Day>(today.value)
const worked = ref<number>()
const trouble = ref('')
function add(): void {
  const { say } = store
  const day = pastDay(on.value, today.value)
  if (!log.value || !say) return
  if (!day.ok) {
    trouble.value = day.issues.map((one) => sentence(one, say)).join(' ')
    return
  }
  const minutes = Math.round((worked.value ?? 0) * 60)
  const session = { id: newId('t'), on: day.value, minutes }
  const wrong = minutes > 0 ? sessionTrouble(log.value, session) : undefined
  trouble.value =
    minutes <= 0
      ? words.wrongHours
      : wrong?.kind === 'before'
        ? words.before(say.day(log.value.begun))
        : wrong
          ? words.tooLong(duration(wrong.minutes))
          : ''
  if (trouble.value !== '') return
  store.run(words.steps.session(props.build.name), (state) =>
    change.addSession(state, props.build.id, session)
  )
  worked.value = undefined
}
const setSession = (id: string, minutes: number): void =>
  void store.run(words.steps.session(props.build.name), (state) =>
    change.setSession(state, props.build.id, id, minutes)
  )
</script>

<template>
  <section v-if="log && store.say" class="stack">
    <h2>{{ words.bench }}</h2>
    <div class="row">
      <Button v-if="log.running === undefined" :label="words.start" @click="start" />
      <Button v-else :label="words.stop" @click="stop" />
      <span v-if="log.running !== undefined" role="status">{{
        words.since(momentText(log.running), duration(ran))
      }}</span>
      <span v-else class="soft">{{
        log.minutesSpent > 0 ? words.soFar(duration(log.minutesSpent)) : words.nothing
      }}</span>
    </div>
    <ul v-if="log.sessions" class="plain sessions">
      <li v-for="one in log.sessions" :key="one.id" class="row">
        <span class="day">{{ store.say.day(one.on) }}</span>
        <NumberField
          :label="words.session(store.say.day(one.on))"
          hide-label
          :least="0"
          :most="24"
          :value="Math.round((one.minutes / 60) * 100) / 100"
          @change="setSession(one.id, Math.round(($event ?? 0) * 60))"
        />
        <span class="soft">h</span>
        <Button
          size="small"
          severity="secondary"
          icon="pi pi-times"
          :aria-label="words.remove(store.say.day(one.on))"
          @click="setSession(one.id, 0)"
        />
      </li>
    </ul>
    <p v-if="log.sessions && untoldMinutes(log) > 0" class="soft small">
      {{ words.untold(duration(untoldMinutes(log))) }}
    </p>
    <form class="row" @submit.prevent="add">
      <DayField :label="words.on" :value="on" @change="on = $event ?? ''" />
      <NumberField
        :label="words.worked"
        :least="0"
        optional
        :value="worked"
        @change="worked = $event"
      />
      <Button type="submit" severity="secondary" :label="words.add" />
    </form>
    <p v-if="trouble" class="attention small" role="alert">{{ trouble }}</p>
    <LeftRunning v-if="asking" v-model:visible="asking" :ran="ran" @keep="logged($event)" />
  </section>
</template>

<style scoped>
.sessions {
  margin: 0;
  padding: 0;
  list-style: none;
}
.day {
  min-width: 7rem;
}
</style>
