<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed, ref } from 'vue'
import { isDone } from '../../../core/builds'
import WideBox from '../../parts/WideBox.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useStaging } from '../../stores/staging'
import { usePlanShare } from '../../parts/plan-share'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { stages as words } from '../../words/stages'
import { scenarioWords } from '../../words/scenarios'
import CurvePanel from './CurvePanel.vue'
import ScenarioDraft from './ScenarioDraft.vue'
import StagesTabs from './StagesTabs.vue'

const MOST = 4
const OWN = 'own'
const store = useWorkspace()
const staging = useStaging()
const picked = ref<string[]>([OWN])
const compared = ref<string[]>([])

const kept = computed(() => store.workspace?.scenarios ?? [])
const options = computed(() => [
  { id: OWN, name: scenarioWords.asItStands },
  ...kept.value.map(({ id, name }) => ({ id, name }))
])
const nameOf = (id: string): string => options.value.find((one) => one.id === id)?.name ?? id
function run(): void {
  compared.value = picked.value.slice(0, MOST)
  staging.compare(compared.value.map((id) => kept.value.find((one) => one.id === id) ?? null))
}
const shown = computed(() =>
  staging.outcomes.map((outcome, i) => ({
    name: nameOf(compared.value[i] ?? OWN),
    comes: outcome.comes
  }))
)
const open = computed(() => (store.workspace?.builds ?? []).filter((build) => !isDone(build)))
const rows = computed(() => {
  const { say } = store
  const r = scenarioWords.rows
  if (!say) return []
  const own = (builds: readonly { build: string }[]): number =>
    builds.filter(({ build }) => !build.startsWith('make/')).length
  return [
    [r.value, (i: number) => say.money(Math.round(shown.value[i]?.comes?.value ?? 0))],
    [r.builds, (i: number) => `${own(shown.value[i]?.comes?.builds ?? [])} / ${open.value.length}`],
    [r.spent, (i: number) => say.money(shown.value[i]?.comes?.spent ?? 0)],
    [r.tools, (i: number) => say.money(shown.value[i]?.comes?.spentOnTools ?? 0)],
    [r.hours, (i: number) => duration(shown.value[i]?.comes?.minutes ?? 0)],
    [r.loud, (i: number) => duration(Math.round(shown.value[i]?.comes?.loudMinutes ?? 0))],
    [r.risk, (i: number) => say.number((shown.value[i]?.comes?.riskMinutes ?? 0) / 60, 1)],
    [r.floor, (i: number) => `${say.number(shown.value[i]?.comes?.floorM2 ?? 0, 2)} m²`],
    [r.lowest, (i: number) => say.money(shown.value[i]?.comes?.lowest ?? 0)]
  ] as const
})
const doneDay = (i: number, build: string): string | undefined =>
  shown.value[i]?.comes?.builds.find((one) => one.build === build)?.done
const at = usePlanShare()
</script>

<template>
  <PlaceHead :title="scenarioWords.scenariosTitle" :subtitle="scenarioWords.scenariosSubtitle" />
  <StagesTabs />
  <section v-if="store.say" class="stack">
    <div class="row">
      <MultiSelect
        v-model="picked"
        :options="options"
        option-label="name"
        option-value="id"
        :selection-limit="MOST"
        display="comma"
        :max-selected-labels="4"
        :aria-label="scenarioWords.chooseScenarios"
      />
      <Button
        size="small"
        :label="scenarioWords.run"
        :disabled="picked.length === 0 || staging.thinking === 'scenarios'"
        @click="run"
      />
      <span v-if="staging.thinking === 'scenarios'" role="status" class="small soft"
        >{{ scenarioWords.running(staging.outcomes.length, compared.length) }}
        <button type="button" class="link" @click="staging.halt()">{{ words.stop }}</button></span
      >
    </div>
    <WideBox v-if="shown.length > 0">
      <table class="plain small">
        <thead>
          <tr>
            <td />
            <th v-for="(one, i) in shown" :key="i" scope="col">
              <bdi>{{ one.name }}</bdi><template v-if="!one.comes">
                · {{ scenarioWords.clash }}</template
              >
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[name, cell] in rows" :key="name">
            <th scope="row">{{ name }}</th>
            <td v-for="(one, i) in shown" :key="i" class="figure">
              {{ one.comes ? cell(i) : '–' }}
            </td>
          </tr>
          <tr>
            <th scope="rowgroup" :colspan="shown.length + 1">{{ scenarioWords.doneTitle }}</th>
          </tr>
          <tr v-for="build in open" :key="build.id">
            <th scope="row">
              <bdi>{{ build.name }}</bdi>
            </th>
            <td v-for="(one, i) in shown" :key="i">
              <span v-if="doneDay(i, build.id)" class="done"
                ><span class="bar" :style="{ width: `${at(doneDay(i, build.id) ?? '')}%` }" />{{
                  store.say.shortDay(doneDay(i, build.id) ?? '')
                }}</span
              ><span v-else class="soft">{{ scenarioWords.never }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <TroubleLine :trouble="staging.failure" @again="run()" />
  </section>
  <div v-if="store.say && store.workspace" class="sides">
    <ScenarioDraft
      @kept="picked = [...picked, $event].slice(-MOST)"
      @removed="picked = picked.filter((id) => id !== $event)"
    />
    <CurvePanel />
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.5rem 2rem;
  align-items: start;
}
.done {
  display: grid;
  gap: 0.1rem;
  min-width: 6rem;
}
.bar {
  height: 5px;
  background: var(--planned);
}
@media (max-width: 900px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
