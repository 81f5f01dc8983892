<script setup lang="ts">
import Button from 'primevue/button'
import { computed, shallowRef, watch } from 'vue'
import { toolOfPurchase, type PurchaseReasons } from '../../../core/explain'
import { change, type PlannedPurchase } from '../../../core/workspace'
import { sheetsOfTool } from '../../../core/safety'
import HazardSheets from '../../parts/HazardSheets.vue'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { stages as words } from '../../words/stages'
import { air } from '../../words/air'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'
import InUse from '../../parts/InUse.vue'
import WhatIs from '../../parts/WhatIs.vue'
import PurchaseAnswers from './PurchaseAnswers.vue'
import { toldText } from '../../../data'
import NamedText from '../../parts/NamedText.vue'

/** Why a purchase stands where it does, answered by replaying the plan without it and on other days. */
const props = defineProps<{ purchase: PlannedPurchase }>()
defineEmits<{ step: [by: 1 | -1]; record: [] }>()
const store = useWorkspace()
const planning = usePlanning()
const judging = useJudging()
const reasons = shallowRef<PurchaseReasons>()
watch(
  [() => props.purchase, () => planning.shown],
  ([purchase, plan]) => {
    if (plan) judging.reasons(plan, purchase, (found) => (reasons.value = found))
  },
  { immediate: true }
)
const tool = computed(() =>
  store.world?.library.tools.get(toolOfPurchase(store.world, props.purchase) ?? '')
)
const wished = computed(() => store.workspace?.wishes.includes(tool.value?.id ?? '') ?? false)
const pinned = computed(() => planning.isPinned(props.purchase))
const withIt = computed(() =>
  (planning.plan?.purchases ?? [])
    .filter(({ id }) => reasons.value?.comesWith.includes(id))
    .map(({ offer }) => store.say?.offer(offer) ?? '')
)
const waiting = computed(() =>
  (planning.plan?.purchases ?? [])
    .filter(({ id }) => reasons.value?.waitsWith.includes(id))
    .map(({ offer }) => store.say?.offer(offer) ?? '')
    .join(', ')
)

/** What the plan loses by one payday more: a build that waits for it, or the rule that would break. */
const afterwards = computed(() => {
  const [first] = reasons.value?.later ?? []
  if (!first || !store.say) return ''
  const { build, begin } = first.figures
  return first.code.startsWith('plan.miss.') &&
    typeof build === 'string' &&
    typeof begin === 'string'
    ? words.couldNotBegin(store.say.build(build), store.say.shortDay(begin))
    : sentence(first, store.say)
})
/** Puts an advised companion into the plan, as a purchase that is to stay. */
function takeAlong(offer: string, date: string): void {
  store.run(steps.pinned(store.say?.offer(offer) ?? offer), (state) =>
    change.pin(state, { offer, count: 1, date })
  )
}
function ban(): void {
  const { id, name } = tool.value ?? {}
  if (id === undefined || name === undefined) return
  store.run(steps.banned(name), (state) =>
    change.ban(change.unpin(state, props.purchase.offer, props.purchase.date), { kind: 'tool', id })
  )
}
</script>

<template>
  <div v-if="store.say && reasons" class="stack">
    <div class="spread">
      <h2>
        {{ store.say.offer(purchase.offer) }}, {{ store.say.money(purchase.price) }},
        {{ store.say.day(purchase.date) }}
        <WhatIs v-if="tool" :id="tool.id" kind="tool" :name="tool.name" mark />
      </h2>
      <div class="row no-print">
        <Button size="small" :label="words.boughtIt" @click="$emit('record')" />
        <Button
          size="small"
          severity="secondary"
          :label="words.earlier"
          @click="$emit('step', -1)"
        />
        <Button size="small" severity="secondary" :label="words.later" @click="$emit('step', 1)" />
        <Button
          size="small"
          severity="secondary"
          :label="pinned ? words.unpin : words.pin"
          @click="planning.setPinned(purchase, !pinned)"
        />
        <Button size="small" severity="secondary" :label="words.ban" @click="ban" />
      </div>
    </div>
    <p v-if="tool?.caution" class="caution">
      <i class="pi pi-exclamation-triangle" aria-hidden="true" /> {{ tool.caution }}
      {{ weigh.cautionTail }}
      <HazardSheets :sheets="sheetsOfTool(tool)" />
    </p>
    <InUse v-if="tool" :tool="tool" />
    <div class="columns">
      <div>
        <h3>{{ words.opensTitle }}</h3>
        <p v-if="wished">{{ words.wished }}</p>
        <ul v-else-if="reasons.quickens.length > 0">
          <li v-for="one in reasons.quickens" :key="one.build">
            <bdi>{{
              words.quickens(store.say.build(one.build), store.say.duration(one.minutes))
            }}</bdi>
          </li>
        </ul>
        <p v-else-if="reasons.opens.length === 0">{{ words.opensNone }}</p>
        <ul class="plain-list">
          <li v-for="one in reasons.opens" :key="one.build">
            <bdi>{{ words.opens(store.say.build(one.build), store.say.shortDay(one.begin)) }}</bdi>
          </li>
        </ul>
      </div>
      <div>
        <h3>{{ words.withTitle }}</h3>
        <p><NamedText :text="withIt.length > 0 ? withIt.join(' · ') : words.withNone" /></p>
        <div v-for="one in reasons.advised" :key="one.tool" class="small advised">
          <p>
            <NamedText
              :text="words.advised(store.say.offer(one.offer), store.say.money(one.price))"
            />{{ ' '
            }}<span class="soft"
              ><NamedText v-if="one.why !== ''" :text="toldText(one.why)" />
              {{ one.dust ? air.announced(store.say, one.dust) : '' }}</span
            >
          </p>
          <Button
            v-if="one.date !== undefined"
            size="small"
            severity="secondary"
            :label="
              one.date === purchase.date
                ? words.takeAlong
                : words.takeLater(store.say.shortDay(one.date))
            "
            @click="takeAlong(one.offer, one.date)"
          />
          <span v-else class="soft">{{ words.takeNever }}</span>
        </div>
      </div>
      <div>
        <h3>{{ words.waitTitle }}</h3>
        <p>
          {{
            reasons.slack > 0 && reasons.slackUntil
              ? words.slack(reasons.slack, store.say.shortDay(reasons.slackUntil))
              : words.slackNone
          }}
        </p>
        <p v-if="waiting.length > 0" class="small soft">{{ words.waitsWith(waiting) }}</p>
        <p v-if="reasons.later[0]" class="small soft">{{ words.slackAfter }} {{ afterwards }}</p>
      </div>
      <div>
        <h3>{{ words.earlierTitle }}</h3>
        <p>
          <NamedText
            :text="
              reasons.earlierDay === undefined
                ? words.earlierFirst
                : reasons.earlier[0]
                  ? sentence(reasons.earlier[0], store.say)
                  : words.earlierFine
            "
          />
        </p>
      </div>
    </div>
    <PurchaseAnswers :purchase="purchase" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 0.75rem 1.5rem;
}
.advised {
  display: grid;
  gap: 0.25rem;
  justify-items: start;
  margin-top: 0.4rem;
}
.advised p {
  margin: 0;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
  font-size: var(--text-small);
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
