<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import {
  nightsOf,
  bearingOf,
  buildLike,
  isBegun,
  isDone,
  lineCost,
  type Build
} from '../../../core/builds'
import { derive, sheetsOf } from '../../../core/cutlist'
import { fitBuild, fitContext, kitOf } from '../../../core/fit'
import { buildMaterial, change } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { paper } from '../../words/paper'
import { printPage } from '../../shell/save'
import { buildPage as words } from '../../words/build-page'
import { duration } from '../../words/say'
import { cutList as cutWords } from '../../words/cutlist'
import { steps } from '../../words/steps'
import type { Answer } from '../../workers/protocol'
import { cellOf } from './cells'
import BenchClock from './BenchClock.vue'
import BuildFields from './BuildFields.vue'
import PieceBrings from './PieceBrings.vue'
import BuildPaper from './BuildPaper.vue'
import MaterialRows from './MaterialRows.vue'
import StepRows from './StepRows.vue'
import WhereHours from './WhereHours.vue'

const JoinerySense = defineAsyncComponent(() => import('./JoinerySense.vue'))
const CellWhy = defineAsyncComponent(() => import('./CellWhy.vue'))
const CuttingPicture = defineAsyncComponent(() => import('../../parts/CuttingPicture.vue'))
const BuildLog = defineAsyncComponent(() => import('../../parts/BuildLog.vue'))
const props = defineProps<{ id: string }>()
const store = useWorkspace()
const router = useRouter()
const planning = usePlanning()
const judging = useJudging()
const logging = ref(false)
const whyStep = ref<string>()

const build = computed(() => store.workspace?.builds.find(({ id }) => id === props.id))
const fit = computed(() =>
  store.world && build.value
    ? fitBuild(
        fitContext(store.world),
        kitOf(store.world.library, store.world.workspace.items),
        build.value
      )
    : undefined
)
/** What the build takes once the plan has been followed. */
const after = shallowRef<Answer<'fit-after'>>()
watch(
  [build, () => planning.plan, () => judging.state],
  ([its, plan]) => {
    if (its && plan)
      judging.ask('fit-after', { plan, build: its.id }, (found) => (after.value = found))
    else after.value = undefined
  },
  { immediate: true }
)
const afterText = computed(() =>
  after.value === undefined ||
  (after.value.minutes === fit.value?.minutes && after.value.fees === fit.value.fees)
    ? undefined
    : after.value.gaps > 0
      ? words.afterPlanGaps(after.value.gaps)
      : words.afterPlan(
          duration(after.value.minutes),
          after.value.fees > 0 ? store.say?.money(after.value.fees) : undefined
        )
)
const nights = computed(() =>
  store.world && build.value && !isDone(build.value)
    ? nightsOf(store.world.library, build.value)
    : 0
)
const bearing = computed(() =>
  store.world && build.value ? bearingOf(store.world.library, build.value) : undefined
)
const whyCell = computed(() => {
  const step = fit.value?.steps.find(({ step: one }) => one.id === whyStep.value)
  const operation = step && store.world?.library.operations.get(step.step.operation)
  return build.value && step && operation ? cellOf(build.value, operation, [step]) : undefined
})
const partNames = computed(
  () => new Map((build.value?.parts ?? []).map((part) => [part.id, part.name]))
)
const layouts = computed(() => {
  const { world, workspace } = store
  const parts = build.value?.parts
  return world && workspace && parts
    ? sheetsOf(
        world.library,
        derive(world.library, parts, { units: workspace.preferences.units }).timber
      )
    : []
})
function another(): void {
  if (!build.value) return
  const id = newId('build')
  const next = buildLike(build.value, id, build.value.name, 1)
  const refused = store.run(steps.addedBuild(next.name), (state) => change.addBuild(state, next))
  if (refused.length === 0) void router.push(`/builds/${encodeURIComponent(id)}`)
}
const template = computed(() =>
  build.value?.template === undefined
    ? undefined
    : store.world?.library.templates.get(build.value.template)
)
const status = computed(() => {
  const { say } = store
  if (!build.value || !fit.value || !say) return ''
  const { log } = build.value
  if (log?.done !== undefined) return words.isDone(say.day(log.done), duration(log.minutesSpent))
  if (log) return words.isBegun(say.day(log.begun))
  return fit.value.gaps.length === 0 ? words.canStart : words.needs(fit.value.gaps.length)
})
function change_(next: (build: Build) => Build): void {
  store.run(steps.changedBuild(build.value?.name ?? ''), (state) =>
    change.changeBuild(state, props.id, next)
  )
}
/** Sets a field, or takes it out when the value is empty. */
function set(key: keyof Build, value: Build[keyof Build]): void {
  change_((state) => {
    const { [key]: _former, ...rest } = state
    return (value === undefined ? rest : { ...rest, [key]: value }) as Build
  })
}
function remove(): void {
  const refused = store.run(steps.removedBuild(build.value?.name ?? ''), (state) =>
    change.removeBuild(state, props.id)
  )
  if (refused.length === 0) void router.push('/builds')
}
const materialLines = computed(() =>
  (build.value?.materials ?? []).map((line) => ({
    ...line,
    ...(store.world ? lineCost(store.world.pricing, line) : { cost: 0, typical: true })
  }))
)
</script>

<template>
  <p v-if="!build" class="soft">
    {{ words.missing }} <RouterLink to="/builds">{{ words.back }}</RouterLink>
  </p>
  <template v-else-if="store.say && store.world && fit">
    <PlaceHead
      :title="build.name"
      :subtitle="`${status}. ${words.figures(duration(fit.minutes), store.say.money(buildMaterial(store.world, build)), fit.fees > 0 ? store.say.money(fit.fees) : undefined)}`"
    >
      <Button
        v-if="!isDone(build) && (isBegun(build) || fit.gaps.length === 0)"
        :label="isBegun(build) ? words.finish : words.begin"
        @click="logging = true"
      />
      <Button severity="secondary" :label="words.another" @click="another" />
      <Button severity="secondary" :label="paper.print" @click="printPage" />
      <Button severity="secondary" :label="words.remove" @click="remove" />
      <RouterLink v-if="!isDone(build)" :to="`/builds/${encodeURIComponent(id)}/sheet`">{{
        paper.openSheet
      }}</RouterLink>
      <RouterLink to="/builds">{{ words.back }}</RouterLink>
    </PlaceHead>
    <p v-if="afterText" class="soft small">{{ afterText }}</p>
    <p v-if="nights > 0" class="soft small">{{ words.nights(nights) }}</p>
    <p v-if="bearing" class="bearing">
      {{ words.bearing[bearing] }} <template v-if="template?.why">{{ template.why }}</template>
    </p>
    <p v-else-if="template?.why" class="caption">{{ template.why }}</p>
    <BuildPaper :build="build" />
    <div class="stack no-print">
      <BenchClock v-if="isBegun(build) && !isDone(build)" :build="build" />
      <BuildFields :build="build" @set="set" />
      <PieceBrings v-if="build.sale" :build="build.id" />
      <WhereHours v-if="(build.log?.minutesSpent ?? 0) > 0" :build="build" />
      <h2>{{ words.stepsTitle }}</h2>
      <StepRows
        :build="build"
        :fit="fit"
        :asked="whyStep"
        @change="set('steps', $event)"
        @why="whyStep = whyStep === $event ? undefined : $event"
      />
      <CellWhy v-if="whyCell" :cell="whyCell" />
      <h2>{{ words.partsTitle }}</h2>
      <p class="row">
        <span v-if="build.parts">{{
          words.pieces(build.parts.reduce((sum, part) => sum + part.quantity, 0))
        }}</span><RouterLink :to="`/builds/${encodeURIComponent(id)}/cut-list`">{{
          build.parts ? cutWords.change : cutWords.open
        }}</RouterLink>
      </p>
    </div>
    <CuttingPicture
      v-for="one in layouts"
      :key="one.material"
      :layout="one.layout"
      :sheet="one.sheet"
      :material="one.material"
      :names="partNames"
    />
    <div class="stack no-print">
      <JoinerySense v-if="build.parts" :build="build" @bearing="set('bearing', $event)" />
      <h2>{{ words.materialsTitle }}</h2>
      <MaterialRows :lines="materialLines" @change="set('materials', $event)" />
    </div>
  </template>
  <BuildLog v-if="logging" v-model:visible="logging" :build-id="id" />
</template>

<style scoped>
.bearing {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
  font-size: var(--text-small);
}
</style>
