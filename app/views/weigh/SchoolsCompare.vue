<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed, ref } from 'vue'
import { schools } from '../../../data'
import { useWeighing } from '../../stores/weighing'
import WideBox from '../../parts/WideBox.vue'
import { usePlanShare } from '../../parts/plan-share'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { duration } from '../../words/say'
import { schools as words } from '../../words/schools'

/** What comes of several schools, side by side. */
const MOST = 4
const OWN = 'own'
const store = useWorkspace()
const weighing = useWeighing()
const picked = ref<string[]>([OWN, 'hand-held', 'quiet-pull'])
const options = computed(() => [
  { id: OWN, name: words.own },
  ...schools.map(({ id, name }) => ({ id, name }))
])
const run = (): void =>
  weighing.compare(
    picked.value.slice(0, MOST).map((id) => schools.find((one) => one.id === id) ?? null)
  )
const nameOf = (id: string): string => schools.find((one) => one.id === id)?.name ?? words.own
const open = computed(() =>
  (store.workspace?.builds ?? []).filter(({ log }) => log?.done === undefined)
)
const rows = computed(() => {
  const { say } = store
  const r = words.rows
  if (!say) return []
  return [
    [
      r.first,
      (i: number) => {
        const [first] = weighing.outcomes[i]?.purchases ?? []
        const same =
          weighing.outcomes[i]?.purchases.filter(({ date }) => date === first?.date) ?? []
        return same.map(({ offer }) => lowerFirst(say.shortOffer(offer))).join(', ') || '–'
      }
    ],
    [
      r.order,
      (i: number) =>
        (weighing.outcomes[i]?.order ?? [])
          .map(({ tool }, k) => `${k + 1} ${lowerFirst(say.shortTool(tool))}`)
          .join(', ')
    ],
    [r.spent, (i: number) => say.money(weighing.outcomes[i]?.spentOnTools ?? 0)],
    [
      r.builds,
      (i: number) => words.buildsOf(weighing.outcomes[i]?.builds.length ?? 0, open.value.length)
    ],
    [r.hours, (i: number) => duration(weighing.outcomes[i]?.minutes ?? 0)],
    [r.loud, (i: number) => duration(weighing.outcomes[i]?.loudMinutes ?? 0)],
    [r.risk, (i: number) => say.number((weighing.outcomes[i]?.riskMinutes ?? 0) / 60, 1)],
    [r.floor, (i: number) => `${say.number(weighing.outcomes[i]?.floorM2 ?? 0, 2)} m²`]
  ] as const
})
const at = usePlanShare()
const doneDay = (i: number, build: string): string | undefined =>
  weighing.outcomes[i]?.builds.find((one) => one.build === build)?.done
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.side }}</h2>
    <p class="caption">{{ words.sideCaption }}</p>
    <div class="row">
      <MultiSelect
        v-model="picked"
        :options="options"
        option-label="name"
        option-value="id"
        :selection-limit="MOST"
        display="comma"
        :max-selected-labels="4"
        :aria-label="words.choose"
      />
      <Button
        size="small"
        :label="words.run"
        :disabled="picked.length === 0 || weighing.comparing"
        @click="run"
      />
      <Button
        v-if="weighing.comparing"
        size="small"
        severity="secondary"
        :label="words.stop"
        @click="weighing.stopComparing()"
      />
      <span v-if="weighing.comparing" role="status" class="soft small">{{
        words.working(weighing.outcomes.length, picked.length)
      }}</span>
    </div>
    <template v-if="weighing.outcomes.length > 0">
      <WideBox>
        <table class="plain small">
          <thead>
            <tr>
              <td />
              <th v-for="outcome in weighing.outcomes" :key="outcome.school" scope="col">
                {{ nameOf(outcome.school)
                }}<template v-if="outcome.clash"> · {{ words.clash }}</template>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="[name, text] in rows" :key="name">
              <th scope="row">{{ name }}</th>
              <td v-for="(outcome, i) in weighing.outcomes" :key="outcome.school">{{ text(i) }}</td>
            </tr>
          </tbody>
        </table>
      </WideBox>
      <h3>{{ words.chart }}</h3>
      <p class="row small">
        <span v-for="(outcome, i) in weighing.outcomes" :key="outcome.school" class="row key"
          ><span class="bar" :class="`kind-${i}`" />{{ nameOf(outcome.school) }}</span
        >
      </p>
      <div class="lanes small">
        <div v-for="build in open" :key="build.id" class="lane">
          <span class="build">{{ build.name }}</span>
          <div>
            <div v-for="(outcome, i) in weighing.outcomes" :key="outcome.school" class="track">
              <span
                v-if="doneDay(i, build.id)"
                class="bar"
                :class="`kind-${i}`"
                :style="{ width: `${at(doneDay(i, build.id) ?? '')}%` }"
              />
              <span
                class="day"
                :style="{
                  left: `${doneDay(i, build.id) ? Math.min(84, at(doneDay(i, build.id) ?? '')) : 0}%`
                }"
                >{{
                  doneDay(i, build.id)
                    ? store.say.shortDay(doneDay(i, build.id) ?? '')
                    : words.never
                }}<span class="visually-hidden">, {{ nameOf(outcome.school) }}</span></span
              >
            </div>
          </div>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
tbody th {
  min-width: 8rem;
  vertical-align: top;
}
.lane {
  display: grid;
  grid-template-columns: 10rem minmax(0, 1fr);
  border-bottom: 1px solid var(--line);
  padding: 0.15rem 0;
  align-items: center;
}
.track {
  position: relative;
  height: 1.15rem;
}
.bar {
  position: absolute;
  inset: 0.15rem auto 0.15rem 0;
  border: 1px solid var(--graphite);
}
.kind-0 {
  background: var(--planned-wash);
}
.kind-1 {
  background: repeating-linear-gradient(135deg, var(--planned) 0 2px, var(--planned-faint) 2px 7px);
}
.kind-2 {
  background: var(--spent-wash);
}
.kind-3 {
  background: repeating-linear-gradient(90deg, var(--spent) 0 2px, var(--paper-raised) 2px 6px);
}
.day {
  position: absolute;
  padding: 0 0.4rem;
  white-space: nowrap;
  line-height: 1.15rem;
}
.key {
  margin-right: 1rem;
}
.key .bar {
  position: static;
  width: 2rem;
  height: 0.85rem;
}
tbody th {
  border-bottom: 1px solid var(--line);
}
@media (max-width: 800px) {
  .lane {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
