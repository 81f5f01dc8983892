<script setup lang="ts">
import Button from 'primevue/button'
import { useMediaQuery } from '@vueuse/core'
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import type { Day, Stage } from '../../../core/calendar'
import { isDone } from '../../../core/builds'
import { pastBalances } from '../../../core/ledger'
import { purchaseDays, type Report } from '../../../core/plan'
import { expectedReceipts, type PlannedPurchase } from '../../../core/workspace'
import { useInSight } from '../../parts/in-sight'
import PlaceHead from '../../parts/PlaceHead.vue'
import RuleColumn from '../../parts/rule/RuleColumn.vue'
import RuleDrawing from '../../parts/rule/RuleDrawing.vue'
import { useToolOf } from '../../parts/tool-of'
import { openFormat } from '../../shell/open-formats'
import { printPage, saveText } from '../../shell/save'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { stages as words } from '../../words/stages'
import ChosenBuild from './ChosenBuild.vue'
import PlanFootnotes from './PlanFootnotes.vue'
import PlanNotices from './PlanNotices.vue'
import PlanPaper from './PlanPaper.vue'
import PlanWorth from './PlanWorth.vue'
import PurchaseDetail from './PurchaseDetail.vue'
import StagesTabs from './StagesTabs.vue'

const RecordPurchase = defineAsyncComponent(() => import('../../parts/RecordPurchase.vue'))
const BuildLog = defineAsyncComponent(() => import('../../parts/BuildLog.vue'))

/** Stages before today that are shown. */
const LOOK_BACK = 2

const store = useWorkspace()
const planning = usePlanning()
const judging = useJudging()
const staging = useStaging()
const narrow = useMediaQuery('(max-width: 700px)')
const chosen = ref<string>()
const trial = ref<{ day: Day; report: Report | undefined }>()
const { part: detail, bring } = useInSight(narrow)
const moved = ref<{ purchase: PlannedPurchase; from: Day; to: Day }>()
const recording = ref<PlannedPurchase>()
const logging = ref<string>()

const shownStages = computed(() => {
  const { world } = store
  if (!world) return []
  const current = world.stages.findIndex(({ end }) => end >= world.asOf)
  return world.stages.slice(Math.max(0, current - LOOK_BACK))
})
/** Every payday on the rule, also those behind today. */
const receipts = computed(() =>
  store.world && shownStages.value[0]
    ? expectedReceipts(store.world.workspace, shownStages.value[0].start, store.world.until)
    : []
)
const balances = computed(() => {
  const { world } = store
  const first = shownStages.value[0]
  return world && first
    ? [
        ...pastBalances(world.workspace.ledger, first.start, world.asOf),
        ...(planning.report?.balances ?? [])
      ]
    : []
})
const days = computed(() => (store.world ? purchaseDays(store.world) : []))
const purchases = computed(() => planning.shown?.purchases ?? [])
const builds = computed(() => planning.shown?.builds ?? [])
const after = ref<Stage>()
const possible = shallowRef<readonly string[]>([])
watch([after, () => planning.shown], ([stage, plan]) => {
  possible.value = []
  if (stage && plan)
    judging.ask('possible-after', { plan, day: stage.end }, (found) => (possible.value = found))
})
const drawing = ref<{ zoomBy?: (factor: number) => void }>()
const broken = computed(() => planning.report?.broken ?? [])
const clash = computed(() => (planning.outcome?.kind === 'clash' ? planning.outcome : undefined))
const chosenPurchase = computed(() => purchases.value.find(({ id }) => id === chosen.value))
const chosenBuild = computed(() => builds.value.find(({ build }) => build === chosen.value))
const toolOf = useToolOf()
const isHazard = (purchase: PlannedPurchase): boolean => toolOf(purchase)?.group === 'protection'

const title = computed(() => {
  const { say } = store
  const pieces = new Set(
    builds.value.map(({ build }) => build).filter((build) => !build.startsWith('make/'))
  )
  if (clash.value) return words.clashTitle
  return say && (pieces.size > 0 || purchases.value.length > 0)
    ? words.title(pieces.size, say.money(planning.report?.spent ?? 0))
    : words.titleNone
})
const subtitle = computed(() => {
  const { say, world, workspace } = store
  if (!say || !world || !workspace) return undefined
  if (workspace.builds.every(isDone)) return words.noBuildsHint
  if (broken.value.length > 0) return words.subtitleBroken(broken.value.length)
  if (planning.outcome?.kind === 'nothing-pays') return words.nothingPaysHint
  return words.subtitle(purchases.value.length, say.day(world.until))
})

/** What a drop on the day under the pointer would mean; stands in the place of the subtitle, so that nothing shifts under the hand. */
const trialLine = computed(() => {
  const { say } = store
  if (!trial.value || !say) return undefined
  const rule = trial.value.report?.broken[0]
  return rule
    ? `${words.wouldBreak(say.shortDay(trial.value.day))} ${sentence(rule, say)}`
    : words.wouldHold(say.shortDay(trial.value.day))
})
function tryMove(purchase: PlannedPurchase, day: Day): void {
  trial.value = { day, report: trial.value?.report }
  planning.tryMove(purchase, day, (report) => {
    if (trial.value?.day === day) trial.value = { day, report }
  })
}
function choose(id: string): void {
  chosen.value = id
  void bring()
}
function move(purchase: PlannedPurchase, to: Day): void {
  moved.value = planning.whatIf ? undefined : { purchase, from: purchase.date, to }
  trial.value = undefined
  planning.move(purchase, to)
  chosen.value = planning.shown?.purchases.find(({ id }) => id === purchase.id)?.id
}
function step(purchase: PlannedPurchase, by: 1 | -1): void {
  const ordered = by === 1 ? days.value : [...days.value].reverse()
  const day = ordered.find((candidate) =>
    by === 1 ? candidate > purchase.date : candidate < purchase.date
  )
  if (day !== undefined) move(purchase, day)
}
function planAgain(): void {
  moved.value = undefined
  planning.replan()
}
function putBack(): void {
  moved.value = undefined
  store.undo()
}
async function save(format: 'plan-csv' | 'calendar'): Promise<void> {
  const file = await openFormat(format, store)
  if (file) saveText(file.name, file.text, file.type)
}
</script>

<template>
  <PlaceHead
    :title="title"
    :subtitle="trialLine ?? subtitle"
    :alarm="(trial?.report?.broken.length ?? 0) > 0"
  >
    <Button
      severity="secondary"
      :label="planning.busy ? words.planning : words.planAgain"
      :disabled="planning.busy || !planning.plan"
      @click="planAgain"
    />
    <Button
      severity="secondary"
      :label="words.keep"
      :disabled="!planning.plan"
      @click="planning.keep"
    />
    <Button
      severity="secondary"
      :label="words.csv"
      :disabled="!planning.plan"
      @click="save('plan-csv')"
    />
    <Button
      severity="secondary"
      :label="words.ics"
      :disabled="!planning.plan"
      @click="save('calendar')"
    />
    <Button v-if="!narrow" severity="secondary" :label="words.print" @click="printPage" />
  </PlaceHead>
  <StagesTabs />
  <p v-if="planning.busy && planning.progress && store.say" class="small no-print" role="status">
    {{
      words.searching(
        store.say.number(planning.progress.evaluations, 0),
        store.say.number(planning.progress.of, 0),
        store.say.money(Math.round(planning.progress.value))
      )
    }}
    <button type="button" class="link" @click="planning.stop()">{{ words.stop }}</button>
  </p>

  <PlanNotices :moved="moved" @put-back="putBack" @plan-again="planAgain" />
  <template v-if="store.say && store.world">
    <component
      :is="narrow ? RuleColumn : RuleDrawing"
      ref="drawing"
      class="no-print"
      :stages="shownStages"
      :receipts="receipts"
      :balances="balances"
      :purchases="purchases"
      :builds="builds"
      :days="days"
      :as-of="store.world.asOf"
      :reserve="store.world.workspace.money.reserve"
      :say="store.say"
      :is-pinned="planning.isPinned"
      :is-hazard="isHazard"
      :chosen="chosen"
      :former="planning.former?.purchases"
      :fan="planning.whatIf ? undefined : staging.risk?.fan"
      @after="after = $event"
      @choose="choose"
      @try="tryMove"
      @drop="trial = undefined"
      @move="move"
      @step="step"
      @pin="planning.setPinned($event, !planning.isPinned($event))"
    />
    <p class="caption no-print">
      {{ narrow ? words.phoneHint : `${words.caption} ${words.keysHint}` }}
    </p>
    <div v-if="!narrow" class="row no-print">
      <Button
        size="small"
        severity="secondary"
        :label="words.narrower"
        @click="drawing?.zoomBy?.(1 / 1.3)"
      />
      <Button
        size="small"
        severity="secondary"
        :label="words.wider"
        @click="drawing?.zoomBy?.(1.3)"
      />
      <Button
        v-if="!planning.whatIf"
        size="small"
        severity="secondary"
        :label="words.tryOut"
        :disabled="!planning.plan"
        @click="planning.tryOut(true)"
      />
      <Button
        v-if="!staging.risk"
        size="small"
        severity="secondary"
        :label="words.showFan"
        :disabled="!planning.plan || staging.thinking !== undefined"
        @click="staging.weighRisk()"
      />
      <span v-else class="small soft">{{ words.fanOnRule }}</span>
      <span v-if="planning.former" class="small soft">{{ words.ghosts }}</span>
    </div>
    <section v-if="after" class="stack" aria-live="polite">
      <h3>{{ words.afterTitle(store.say.day(after.end)) }}</h3>
      <p v-if="possible.length === 0">{{ words.afterNone }}</p>
      <p v-else>{{ possible.map((id) => store.say?.build(id)).join(' · ') }}</p>
    </section>
    <section ref="detail" class="detail no-print" aria-live="polite">
      <PurchaseDetail
        v-if="chosenPurchase"
        :purchase="chosenPurchase"
        @step="step(chosenPurchase, $event)"
        @record="recording = chosenPurchase"
      />
      <ChosenBuild v-else-if="chosenBuild" :planned="chosenBuild" @log="logging = $event" />
      <p v-else class="soft">{{ words.choose }}</p>
    </section>
    <PlanWorth />
    <PlanFootnotes />
    <PlanPaper v-bind="{ receipts, balances, purchases, builds, asOf: store.world.asOf }" />
  </template>
  <RecordPurchase
    v-if="recording"
    :visible="true"
    :purchase="recording"
    @update:visible="recording = undefined"
  />
  <BuildLog
    v-if="logging"
    :visible="true"
    :build-id="logging"
    @update:visible="logging = undefined"
  />
</template>

<style scoped>
.detail {
  border-top: 1px solid var(--graphite);
  padding-top: 0.75rem;
}
</style>
