<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Textarea from 'primevue/textarea'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { derive, nestParts, sheetsOf, type Layout, type Part } from '../../../core/cutlist'
import type { CutListReading } from '../../../core/formats'
import { change } from '../../../core/workspace'
import CuttingPicture from '../../parts/CuttingPicture.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { saveText } from '../../shell/save'
import type { Issue } from '../../../core/kernel'
import { fileText } from '../../shell/file-text'
import { newId } from '../../stores/clock'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { buildPage } from '../../words/build-page'
import { cutList as words } from '../../words/cutlist'
import { sentence } from '../../words/issues'
import { placed } from '../../words/where'
import { steps } from '../../words/steps'
import CutListResult from './CutListResult.vue'

/** A cut list read, reviewed and taken over: as a new build, or in place of a build's steps and timber. */
const props = defineProps<{ id?: string }>()
const store = useWorkspace()
const planning = usePlanning()
const router = useRouter()
const picker = ref<HTMLInputElement>()
const text = ref('')
const name = ref('')
const reading = shallowRef<CutListReading>()
const leftOut = ref<readonly string[]>([])
const layouts = shallowRef<ReadonlyMap<string, Layout>>(new Map())

const formats = (): Promise<typeof import('../../../core/formats')> =>
  import('../../../core/formats')
const present = computed(() => store.workspace?.builds.find(({ id }) => id === props.id))
watch(
  present,
  async (build) => {
    if (build?.parts && text.value === '') text.value = (await formats()).writeCutList(build.parts)
  },
  { immediate: true }
)

watch(text, async (now) => {
  const units = store.workspace?.preferences.units ?? 'metric'
  const found = now.trim() === '' ? undefined : (await formats()).readCutList(now, units)
  if (now === text.value) [reading.value, leftOut.value] = [found, []]
})
const parts = computed<readonly Part[]>(() =>
  (reading.value?.parts ?? []).filter(({ id }) => !leftOut.value.includes(id))
)
const names = computed(() => new Map(parts.value.map((part) => [part.id, part.name])))
const derived = computed(() =>
  store.world && parts.value.length > 0
    ? derive(store.world.library, parts.value, {
        layouts: layouts.value,
        units: store.workspace?.preferences.units
      })
    : undefined
)
const sheets = computed(() =>
  store.world && derived.value ? sheetsOf(store.world.library, derived.value.timber) : []
)

/** The quick layout stands at once; a better one is looked for in the worker, one material after another. */
watch(parts, (now) => {
  layouts.value = new Map()
  const first = store.world
    ? derive(store.world.library, now, { units: store.workspace?.preferences.units })
    : undefined
  const waiting = (first?.timber ?? []).filter(({ layout }) => layout)
  const next = (): void => {
    const line = waiting.shift()
    const stock = line && store.world?.library.materials.get(line.material)?.stock
    if (!line || !stock || now !== parts.value) return
    const { material } = line
    const own = now.filter(({ id }) => line.parts.includes(id))
    planning.layOut(
      nestParts(own),
      { lengthMm: stock.lengthMm ?? 0, widthMm: stock.widthMm ?? 0 },
      (layout) => {
        if (now === parts.value) layouts.value = new Map([...layouts.value, [material, layout]])
        next()
      }
    )
  }
  next()
})

async function open(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const read = await fileText(file)
  refusal.value = read.ok ? [] : read.issues
  if (!read.ok) return
  text.value = read.value
  if (name.value === '') name.value = file.name.replace(/\.[a-z]+$/i, '')
}
async function saveCsv(): Promise<void> {
  saveText(
    `${present.value?.name ?? (name.value || 'cut-list')}.csv`,
    (await formats()).writeCutList(parts.value),
    'text/csv'
  )
}
/** Why what was derived could not be kept. */
const refusal = ref<readonly Issue[]>([])
function take(): void {
  const found = derived.value
  if (!found) return
  const fresh = { steps: found.steps, materials: found.materials, parts: parts.value }
  if (present.value) {
    const { id, name: wholeName } = present.value
    refusal.value = store.attempt(steps.changedBuild(wholeName), (state) =>
      change.changeBuild(state, id, (build) => ({ ...build, ...fresh }))
    )
    if (refusal.value.length === 0) void router.push(`/builds/${encodeURIComponent(id)}`)
    return
  }
  const id = newId('build')
  const wholeName = name.value.trim() || words.title
  refusal.value = store.attempt(steps.addedBuild(wholeName), (state) =>
    change.addBuild(state, { id, name: wholeName, copies: 1, ...fresh })
  )
  if (refusal.value.length === 0) void router.push(`/builds/${encodeURIComponent(id)}`)
}
</script>

<template>
  <PlaceHead
    :title="present ? words.changeTitle(present.name) : words.title"
    :subtitle="words.subtitle"
  >
    <RouterLink :to="present ? `/builds/${encodeURIComponent(present.id)}` : '/builds'">{{
      present ? present.name : buildPage.back
    }}</RouterLink>
  </PlaceHead>
  <div v-if="store.say" class="columns">
    <section class="stack">
      <div v-if="!present" class="field">
        <label for="cut-name">{{ words.name }}</label><InputText id="cut-name" v-model="name" />
      </div>
      <div class="field">
        <label for="cut-rows">{{ words.rows }}</label><Textarea
          id="cut-rows"
          v-model="text"
          rows="9"
          class="rows"
          spellcheck="false"
        />
      </div>
      <p class="caption">{{ words.hint }}</p>
      <div class="row">
        <Button severity="secondary" size="small" :label="words.file" @click="picker?.click()" />
        <input
          ref="picker"
          type="file"
          accept=".csv,.tsv,.txt,text/csv,text/plain"
          class="visually-hidden"
          tabindex="-1"
          :aria-label="words.file"
          @change="open"
        />
        <Button
          v-if="text === ''"
          severity="secondary"
          size="small"
          :label="words.useExample"
          @click="text = words.example"
        />
        <Button
          v-if="parts.length > 0"
          severity="secondary"
          size="small"
          :label="words.save"
          @click="saveCsv"
        />
      </div>
      <ul v-if="refusal.length > 0" class="problems small" role="alert">
        <li v-for="(one, index) in refusal.slice(0, 20)" :key="index">
          {{ placed(one, store.say) }}
        </li>
      </ul>
      <div v-if="reading && reading.problems.length > 0" class="problems" role="alert">
        <p class="strong">{{ words.problems(reading.problems.length, reading.parts.length) }}</p>
        <ul class="small">
          <li v-for="(one, index) in reading.problems.slice(0, 20)" :key="index">
            <bdi>{{ sentence(one, store.say) }}</bdi>
          </li>
        </ul>
      </div>
      <template v-if="derived">
        <ul v-if="derived.notes.length > 0" class="problems small">
          <li v-for="(one, index) in derived.notes" :key="index">{{ sentence(one, store.say) }}</li>
        </ul>
        <div><Button :label="present ? words.takeOver : words.take" @click="take" /></div>
        <p v-if="present" class="caption">{{ words.replaces }}</p>
      </template>
    </section>
    <CutListResult
      v-if="derived"
      :parts="parts"
      :derived="derived"
      @leave-out="leftOut = [...leftOut, $event]"
    />
    <section v-if="sheets.length > 0" class="stack wide">
      <CuttingPicture
        v-for="one in sheets"
        :key="one.line.material"
        :layout="one.layout"
        :sheet="one.sheet"
        :material="one.material"
        :names="names"
      />
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
  gap: 1rem 2rem;
  align-items: start;
}
.wide {
  grid-column: 1 / -1;
}
.rows {
  width: 100%;
  border: 1px solid var(--line-strong);
  background: var(--paper-raised);
  padding: 0.5rem 0.6rem;
  font-size: var(--text-small);
  white-space: pre;
  overflow: auto;
  tab-size: 10;
}
.problems {
  border: 1px solid var(--attention);
  border-left-width: 6px;
  background: var(--attention-wash);
  padding: 0.5rem 0.9rem;
  overflow-wrap: anywhere;
}
.problems ul {
  margin: 0.3rem 0 0;
  padding-left: 1.1rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
