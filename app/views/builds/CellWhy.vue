<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { setUpMinutes, type MethodFit, type MethodUse } from '../../../core/fit'
import { change } from '../../../core/workspace'
import { sheetsOf } from '../../../core/safety'
import HazardSheets from '../../parts/HazardSheets.vue'
import NamedText from '../../parts/NamedText.vue'
import SetLine from '../../parts/SetLine.vue'
import { usePlanning } from '../../stores/planning'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { builds as words } from '../../words/builds'
import { steps } from '../../words/steps'
import type { WayView } from '../../workers/protocol'
import type { Cell } from './cells'

/** Why a cell says what it says: with what, how else, what is missing, what would open it. */
const props = defineProps<{ cell: Cell }>()
const store = useWorkspace()
const planning = usePlanning()
const ways = ref<readonly WayView[]>()
const gap = computed(() => props.cell.steps.find(({ usable }) => usable.length === 0))
const other = computed(() => (gap.value ?? props.cell.steps[0])?.others.slice(0, 5) ?? [])
const also = computed(() => props.cell.steps[0]?.usable.slice(1) ?? [])

watch(
  () => [props.cell, planning.hash] as const,
  () => {
    ways.value = undefined
    const step = (gap.value ?? props.cell.steps[0])?.step.id
    if (step !== undefined)
      planning.waysIn(props.cell.build.id, step, (found) => {
        ways.value = found
      })
  },
  { immediate: true }
)
const banned = (id: string): boolean =>
  store.workspace?.bans.some((one) => one.kind === 'method' && one.id === id) ?? false
function toggle(id: string, name: string): void {
  const ban = { kind: 'method' as const, id }
  store.run(banned(id) ? steps.unbanned(name) : steps.banned(name), (state) =>
    banned(id) ? change.unban(state, ban) : change.ban(state, ban)
  )
}
const doneWith = ({ method, tools }: MethodUse): string => {
  const { say } = store
  if (!say) return ''
  const names = tools.map(({ tool }) => lowerFirst(say.shortTool(tool.id)))
  const minutes = words.setMin(say.duration(props.cell.minutes), say.duration(setUpMinutes(method)))
  return words.doneWith(method.name, [...new Set(names)].join(', '), minutes)
}
const missing = ({ misses }: MethodFit): string => {
  const { say } = store
  return say
    ? misses
        .slice(0, 3)
        .map((miss) => words.miss(say, miss))
        .join('; ')
    : ''
}
const stock = computed(() => {
  const { lengthMm, widthMm, thicknessMm } = (gap.value ?? props.cell.steps[0])?.step.stock ?? {}
  const sizes = [lengthMm, widthMm, thicknessMm].filter((size) => size !== undefined)
  return sizes.length > 0 ? store.say?.lengths(sizes) : undefined
})
</script>

<template>
  <section v-if="store.say" class="why" aria-live="polite">
    <h2>
      <bdi>{{ words.whyTitle(cell.operation.name, cell.build.name) }}</bdi>
    </h2>
    <p class="soft small">
      <template v-for="one in cell.steps" :key="one.step.id"
        >{{
          store.say.quantity(one.step.quantity * cell.build.copies, cell.operation.unit)
        }} </template><template v-if="stock">{{ ` · ${stock}` }}</template>
    </p>
    <div class="columns">
      <div class="stack">
        <template v-if="cell.best">
          <p class="strong">
            <NamedText :text="doneWith(cell.best)" />
          </p>
          <p class="small">
            {{ words.accuracy(store.say.number(cell.best.accuracyMm, 1)) }}
            <template v-if="cell.best.method.why">{{ cell.best.method.why }}</template>
            <WhatIs :id="cell.best.method.id" kind="method" :name="cell.best.method.name" />
          </p>
          <p v-for="(one, index) in cell.best.workArounds" :key="index" class="small">
            <NamedText :text="words.workAround(store.say, one)" />
          </p>
          <p v-if="cell.best.cleanUp" class="small">
            {{
              words.cleanUp(
                cell.best.cleanUp.method.name,
                store.say.duration(cell.best.cleanUp.minutes)
              )
            }}
          </p>
          <p v-if="cell.best.method.hazard" class="small caution">
            {{ words.hazardNote(cell.best.method.hazard.kind, cell.best.method.hazard.level) }}
            <HazardSheets :sheets="sheetsOf(cell.best.method)" />
          </p>
          <Button
            size="small"
            severity="secondary"
            :label="words.rule"
            @click="toggle(cell.best.method.id, cell.best.method.name)"
          />
        </template>
        <template v-if="gap">
          <h3>{{ words.waysTitle }}</h3>
          <p v-if="!ways" class="soft">{{ words.working }}</p>
          <p v-else-if="ways.length === 0">{{ words.waysNone }}</p>
          <SetLine
            v-for="(way, index) in ways ?? []"
            :key="index"
            :parts="way.parts"
            :cost="way.cost"
          />
        </template>
        <template v-else-if="ways && ways.length > 0">
          <h3>{{ words.quickerTitle }}</h3>
          <div v-for="(way, index) in ways" :key="index">
            <SetLine :parts="way.parts" :cost="way.cost" />
            <p class="small soft">{{ words.saves(store.say.duration(way.saves ?? 0)) }}</p>
          </div>
        </template>
        <template v-if="also.length > 0">
          <h3>{{ words.alternatives }}</h3>
          <ul class="plain-list small">
            <li v-for="use in also" :key="use.method.id">
              {{ use.method.name }}: {{ store.say.duration(use.minutes)
              }}<template v-if="use.fee > 0">, {{ store.say.money(use.fee) }}</template>
            </li>
          </ul>
        </template>
      </div>
      <div class="stack">
        <h3>{{ words.notYet }}</h3>
        <ul class="plain-list small others">
          <li v-for="one in other" :key="one.method.id">
            <span class="strong">{{ one.method.name }}</span>:
            <NamedText :text="missing(one)" />
            <button
              v-if="banned(one.method.id)"
              type="button"
              class="link"
              @click="toggle(one.method.id, one.method.name)"
            >
              {{ words.allow }}
            </button>
          </li>
        </ul>
      </div>
    </div>
  </section>
</template>

<style scoped>
.why {
  border-top: 1px solid var(--graphite);
  padding-top: 0.75rem;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 0.75rem 2rem;
  margin-top: 0.5rem;
}
.stack {
  justify-items: start;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
.others li {
  padding: 0.15rem 0;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
