<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { isBegun, isDone, materialPrice, type Build } from '../../../core/builds'
import { fitBuild, fitContext, kitOf } from '../../../core/fit'
import { timesRatio } from '../../../core/money'
import { buildMaterial, buildWorth, change } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TextField from '../../parts/TextField.vue'
import { issue, ok, refused, type Result } from '../../../core/kernel'
import { useWorkspace } from '../../stores/workspace'
import { buildPage as words } from '../../words/builds'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import MaterialRows from './MaterialRows.vue'
import StepRows from './StepRows.vue'

const BuildLog = defineAsyncComponent(() => import('../../parts/BuildLog.vue'))
const props = defineProps<{ id: string }>()
const store = useWorkspace()
const router = useRouter()
const logging = ref(false)

const build = computed(() => store.workspace?.builds.find(({ id }) => id === props.id))
const fit = computed(() => (store.world && build.value ? fitBuild(fitContext(store.world), kitOf(store.world.library, store.world.workspace.items), build.value) : undefined))
const template = computed(() => (build.value?.template === undefined ? undefined : store.world?.library.templates.get(build.value.template)))
const readyMade = computed(() => (build.value && store.world ? Math.round(buildWorth(store.world, { ...build.value, copies: 1, worthEach: undefined, sale: undefined }) ) : 0))
const status = computed(() => {
  const { say } = store
  if (!build.value || !fit.value || !say) return ''
  const { log } = build.value
  if (log?.done !== undefined) return words.isDone(say.day(log.done), duration(log.minutesSpent))
  if (log) return words.isBegun(say.day(log.begun))
  return fit.value.gaps.length === 0 ? words.canStart : words.needs(fit.value.gaps.length)
})
const change_ = (next: (build: Build) => Build): void => store.run(steps.changedBuild(build.value?.name ?? ''), (state) => change.changeBuild(state, props.id, next))
/** Sets a field, or takes it out when the value is empty. */
function set<K extends keyof Build>(key: K, value: Build[K] | undefined): void {
  change_((state) => {
    const { [key]: _former, ...rest } = state
    return (value === undefined ? rest : { ...rest, [key]: value }) as Build
  })
}
const readName = (text: string): Result<string> => (text.trim() === '' ? refused(issue('text.empty')) : text.length > 200 ? refused(issue('text.too-long')) : ok(text.trim()))
function remove(): void {
  store.run(steps.removedBuild(build.value?.name ?? ''), (state) => change.removeBuild(state, props.id))
  void router.push('/builds')
}
const materialLines = computed(() =>
  (build.value?.materials ?? []).map((line) => {
    const { price, typical } = store.world ? materialPrice(store.world.pricing, line.material) : { price: 0, typical: true }
    return { ...line, cost: timesRatio(price, line.quantity), typical }
  })
)
</script>

<template>
  <p v-if="!build" class="soft">{{ words.missing }} <RouterLink to="/builds">{{ words.back }}</RouterLink></p>
  <template v-else-if="store.say && store.world && fit">
    <PlaceHead :title="build.name" :subtitle="`${status}. ${words.figures(duration(fit.minutes), store.say.money(buildMaterial(store.world, build)))}`">
      <Button v-if="!isDone(build) && (isBegun(build) || fit.gaps.length === 0)" :label="isBegun(build) ? words.finish : words.begin" @click="logging = true" />
      <Button severity="secondary" :label="words.remove" @click="remove" />
      <RouterLink to="/builds">{{ words.back }}</RouterLink>
    </PlaceHead>
    <p v-if="template?.bearing" class="bearing">{{ words.bearing[template.bearing] }} <template v-if="template.why">{{ template.why }}</template></p>
    <p v-else-if="template?.why" class="caption">{{ template.why }}</p>
    <div class="fields">
      <TextField :label="words.name" :value="build.name" :read="readName" width="14rem" @change="set('name', $event as string)" />
      <NumberField :label="words.copies" :value="build.copies" :least="1" :most="100000" whole @change="set('copies', $event ?? 1)" />
      <NumberField :label="words.batch" :value="build.batchSize" :least="1" :most="100000" whole optional @change="set('batchSize', $event)" />
      <MoneyField v-if="!build.sale" :label="words.worth" :value="build.worthEach" optional :placeholder="store.say.money(readyMade)" @change="set('worthEach', $event)" />
      <DayField :label="words.wished" :value="build.wished" optional @change="set('wished', $event)" />
      <div class="field">
        <span class="label">{{ words.sold }}</span>
        <Checkbox :model-value="build.sale !== undefined" binary :aria-label="words.sold" @update:model-value="set('sale', $event ? { netEach: build.worthEach ?? readyMade, daysToSell: 30 } : undefined)" />
      </div>
      <template v-if="build.sale">
        <MoneyField :label="words.net" :value="build.sale.netEach" @change="set('sale', { netEach: $event ?? 0, daysToSell: build.sale?.daysToSell ?? 30 })" />
        <NumberField :label="words.daysToSell" :value="build.sale.daysToSell" :least="0" :most="3650" whole @change="set('sale', { netEach: build.sale?.netEach ?? 0, daysToSell: $event ?? 0 })" />
        <MoneyField :label="words.hourValue" :value="build.hourValue" optional @change="set('hourValue', $event)" />
      </template>
    </div>
    <h2>{{ words.stepsTitle }}</h2>
    <StepRows :build="build" :fit="fit" @change="set('steps', $event)" />
    <h2>{{ words.materialsTitle }}</h2>
    <MaterialRows :lines="materialLines" @change="set('materials', $event)" />
  </template>
  <BuildLog v-if="logging" v-model:visible="logging" :build-id="id" />
</template>

<style scoped>
.fields { display: flex; flex-wrap: wrap; gap: 0.75rem 1.25rem; align-items: start; }
.bearing { border-left: 6px double var(--hazard); padding-left: 0.6rem; font-size: var(--text-small); }
</style>
