<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, ref, useId } from 'vue'
import { isDone } from '../../../core/builds'
import { QUIET_DBA, gearOf, loudestIn, sittingsOf, workingDay } from '../../../core/fit'
import { findOffer } from '../../../core/prices'
import { airOf, worn } from '../../../core/safety'
import { dayPacks } from '../../../core/weigh'
import { atNeighbour, quietLimit } from '../../../core/workshop'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import SelectField from '../../parts/SelectField.vue'
import { printPage } from '../../shell/save'
import { useWorkspace } from '../../stores/workspace'
import { PROTECTION } from '../../words/cards'
import { duration, roughly } from '../../words/say'
import { workingDay as words } from '../../words/working-day'
import { useBenchSteps } from '../builds/step-text'
import DayHazards from './DayHazards.vue'
import WorkshopTabs from './WorkshopTabs.vue'

/** The sheet of a day: one minute before the work begins, the noise and dust of it, and what can hurt. */
const store = useWorkspace()
const check = useId()
const MINUTES = 60
const USUAL_HOURS = 3
const MOST_HOURS = 24
const LOUD_DBA = 85
const LEAST_MG = 0.05

/** Builds as the plan begins them, then the others. */
const builds = computed(() => {
  const open = (store.workspace?.builds ?? []).filter((one) => !isDone(one))
  const order = [...(store.plan?.builds ?? [])]
    .sort((a, b) => (a.begin < b.begin ? -1 : 1))
    .map(({ build }) => build)
  const at = (id: string): number => (order.includes(id) ? order.indexOf(id) : order.length)
  return [...open].sort((a, b) => at(a.id) - at(b.id)).map(({ id, name }) => ({ id, name }))
})
const picked = ref<string>()
const build = computed(() => picked.value ?? builds.value[0]?.id ?? '')
const hours = ref(USUAL_HOURS)
const evening = ref('0')
const open = ref(false)

const steps = useBenchSteps(() => build.value)
const sittings = computed(() =>
  store.world ? sittingsOf(store.world.library, steps.value, hours.value * MINUTES) : []
)
const evenings = computed(() =>
  sittings.value.map((_, i) => ({ id: String(i), name: String(i + 1) }))
)
const sitting = computed(() => sittings.value[Number(evening.value)] ?? sittings.value[0])
/** What is owned, and what the evening works with: by then it is there. */
const tools = computed(
  () =>
    new Set([
      ...(store.workspace?.items ?? []).map(({ tool }) => tool),
      ...(store.plan?.purchases ?? []).flatMap(
        ({ offer }) => (store.world && findOffer(store.world.pricing, offer)?.tool) ?? []
      )
    ])
)
const day = computed(() => {
  const { world } = store
  if (!world || !sitting.value) return undefined
  const { workshop } = world.workspace
  return workingDay(
    world.library,
    sitting.value.work,
    gearOf(worn(tools.value, workshop)),
    airOf(workshop, open.value)
  )
})
const packs = computed(() =>
  store.world && sitting.value ? dayPacks(store.world, store.plan, sitting.value.work) : []
)
const methods = computed(() => day.value?.stretches.map(({ method }) => method) ?? [])
/** Louder than quiet hours allow, each with what goes instead. */
const loud = computed(() => {
  const { say, world } = store
  if (!say || !world || !sitting.value) return []
  const limit = quietLimit(world.workspace.workshop) ?? QUIET_DBA
  return sitting.value.work.flatMap((one) => {
    const { step, method, quiet } = one
    if (method === undefined || loudestIn(world.library, one) <= limit) return []
    const work = say.operation(step.operation)
    return [
      quiet
        ? words.quiet(work, say.method(quiet.method), roughly(quiet.minutes), say.method(method))
        : words.quietNot(work, say.method(method))
    ]
  })
})
const nextDoor = computed(() => {
  const { say, workspace } = store
  const dbA = day.value?.loudest?.stretch.dbA
  const neighbour = workspace?.workshop.neighbour
  return say && dbA !== undefined && neighbour
    ? words.evenSo(say.number(dbA, 0), say.number(atNeighbour(dbA, neighbour), 0))
    : undefined
})
const title = computed(() => {
  const name = builds.value.find(({ id }) => id === build.value)?.name
  return name === undefined ? words.titleNone : words.title(name)
})
const motors = computed(() =>
  methods.value.some((id) => store.world?.library.methods.get(id)?.form !== 'hand')
)
const checks = computed(() => {
  const { say } = store
  if (!day.value || !say) return []
  return words.checks(
    day.value.wear.map((one) => PROTECTION[one]),
    day.value.tools.map((tool) => say.shortTool(tool)),
    motors.value
  )
})
</script>

<template>
  <PlaceHead
    :title="title"
    :subtitle="
      sitting
        ? words.subtitle(Number(evening) + 1, sittings.length, duration(sitting.minutes))
        : undefined
    "
  >
    <Button v-if="day" severity="secondary" :label="words.print" @click="printPage" />
  </PlaceHead>
  <WorkshopTabs />
  <p v-if="builds.length === 0">{{ words.none }}</p>
  <div v-else-if="store.say" class="stack sheet">
    <div class="row no-print">
      <SelectField
        :label="words.build"
        :value="build"
        :options="builds"
        @change="((picked = $event), (evening = '0'))"
      />
      <SelectField
        :label="words.evening"
        :value="evening"
        :options="evenings"
        @change="evening = $event"
      />
      <NumberField
        :label="words.hours"
        :value="hours"
        :least="0.5"
        :most="MOST_HOURS"
        @change="((hours = $event ?? hours), (evening = '0'))"
      />
    </div>
    <template v-if="day">
      <h2>{{ words.checksTitle }}</h2>
      <ul class="plain-list checks">
        <li v-for="(line, i) in checks" :key="i">
          <span class="tick" aria-hidden="true" /><span>{{ line }}</span>
        </li>
        <li>
          <span class="tick" aria-hidden="true" /><span class="home">{{ words.home }}</span>
        </li>
      </ul>
      <h2>{{ words.hazardTitle }}</h2>
      <DayHazards :methods="methods" />
      <p class="small strong">{{ words.manual }}</p>
      <h2>{{ words.noiseTitle }}</h2>
      <p>{{ words.noise(store.say, day) }}</p>
      <p v-if="day.loudest">
        {{
          words.loudest(
            store.say.method(day.loudest.stretch.method),
            store.say.number(day.loudest.stretch.dbA, 0),
            duration(Math.round(Math.min(1440, day.loudest.permitted)))
          )
        }}
      </p>
      <p
        v-if="day.exposure.worn === undefined && (day.loudest?.stretch.dbA ?? 0) >= LOUD_DBA"
        class="attention"
      >
        {{ words.noEars }}
      </p>
      <p v-if="nextDoor">{{ nextDoor }}</p>
      <p class="caption">{{ words.noiseHow }}</p>
      <h3>{{ words.quietTitle }}</h3>
      <p v-if="loud.length === 0" class="small">{{ words.quietAll }}</p>
      <ul v-else class="plain-list small">
        <li v-for="(line, i) in loud" :key="i">{{ line }}</li>
      </ul>
      <template v-if="packs.length > 0">
        <h2>{{ words.packsTitle }}</h2>
        <p v-for="one in packs" :key="one.platform">
          {{
            words.packs(
              store.say.number(one.packs, 0),
              store.say.number(one.packWh, 0),
              store.say.number(one.energyWh, 0),
              one.platform
            )
          }}
        </p>
      </template>
      <h2>{{ words.dustTitle }}</h2>
      <p v-if="!day.dust" class="attention">{{ words.noAir }}</p>
      <p v-else-if="day.dust.mean < LEAST_MG">{{ words.dustNone }}</p>
      <template v-else>
        <p>{{ words.dust(store.say, day.dust.mean, day.masked) }}</p>
        <p v-if="day.dust.airing >= 1">{{ words.airing(duration(Math.ceil(day.dust.airing))) }}</p>
        <p v-if="day.withHose !== undefined">{{ words.withHose(store.say, day.withHose) }}</p>
      </template>
      <div class="row no-print">
        <p class="check">
          <Checkbox v-model="open" binary :input-id="check" />
          <label :for="check">{{ words.open }}</label>
        </p>
      </div>
      <p class="caption">{{ words.dustHow }}</p>
    </template>
  </div>
</template>

<style scoped>
.sheet {
  max-width: 50rem;
}
.checks li {
  display: grid;
  grid-template-columns: 1.1rem minmax(0, 1fr);
  gap: 0.6rem;
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--line);
}
.tick {
  width: 0.9rem;
  height: 0.9rem;
  margin-top: 0.2rem;
  border: 1.5px solid var(--graphite);
}
.home::after {
  content: ' ____________________';
  color: var(--graphite-soft);
}
.check {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
h2,
h3 {
  break-after: avoid;
}
</style>
