<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { CONDITIONS, TIERS } from '../../../core/catalogue'
import { issue, type Issue } from '../../../core/kernel'
import KeepingTabs from '../keeping/KeepingTabs.vue'
import type { Preferences } from '../../../core/workspace'
import NeverBuy from './NeverBuy.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TextField from '../../parts/TextField.vue'
import { chooseLanguage, chosenLanguage, languagesToChoose } from '../../shell/speaking'
import { useSave } from '../../shell/use-save'
import { readName } from '../../../core/units'
import { DEMOS } from '../../stores/demos'
import { useIncoming } from '../../stores/incoming'
import { useLoading } from '../../stores/loading'
import { useSettings } from '../../stores/settings'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { settings as words } from '../../words/settings'
import { placeNames, shell } from '../../words/shell'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'

/** Larger files are not even read, bytes. */
const LARGEST_TEXT = 40_000_000
const LARGEST_ZIP = 600_000_000
/** What stands for no language of one’s own. */
const BROWSER = 'browser'
const store = useWorkspace()
const loading = useLoading()
const settings = useSettings()
const bringing = useIncoming()
const save = useSave()
const router = useRouter()
const refusal = ref<{ name: string; issues: readonly Issue[] }>()
const mine = ref<readonly { id: string; name: string }[]>([])
const picker = ref<HTMLInputElement>()
onMounted(async () => {
  loading.warm()
  const listed = await loading.keptWorkspaces()
  if (listed.ok)
    mine.value = listed.value.filter(({ id }) => !DEMOS.some((demo) => demo.workspaceId === id))
})

const listOf = <T extends string>(record: Readonly<Record<T, string>>): { id: T; name: string }[] =>
  Object.entries<string>(record).map(([id, name]) => ({ id: id as T, name }))
const tiers = TIERS.map((id) => ({ id, name: terms.tierName[id] }))
const conditions = CONDITIONS.map((id) => ({ id, name: terms.conditionName[id] }))

async function open(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  refusal.value = undefined
  const tooLarge =
    file.size > LARGEST_ZIP || (!/\.zip$/i.test(file.name) && file.size > LARGEST_TEXT)
  const bytes = tooLarge ? undefined : await file.arrayBuffer().catch(() => undefined)
  const issues =
    bytes === undefined
      ? [
          tooLarge
            ? issue('file.too-large', [], { size: file.size, limit: 16_000_000 })
            : issue('file.unreadable', [], { file: file.name, reason: 'not found' })
        ]
      : await bringing.openFile(file.name, new Uint8Array(bytes))
  if (picker.value) picker.value.value = ''
  if (issues.length > 0) refusal.value = { name: file.name, issues }
  else await router.push(bringing.incoming ? '/incoming' : '/')
}
async function saveNow(): Promise<void> {
  const issues = await save()
  refusal.value = issues.length > 0 ? { name: store.workspace?.name ?? '', issues } : undefined
}
async function demo(id: (typeof DEMOS)[number]['id'], afresh: boolean): Promise<void> {
  await loading.showDemo(id, afresh)
  await router.push('/')
}
async function openMine(id: string): Promise<void> {
  if (await loading.openKept(id)) await router.push('/')
}
function prefer(next: Partial<Preferences>): void {
  store.run(steps.preferences(), (state) => ({
    ...state,
    preferences: { ...state.preferences, ...next }
  }))
}
const where = (one: Issue): string =>
  (typeof one.figures.line === 'number' ? `${words.line(one.figures.line)}: ` : '') +
  (one.path.length > 0 ? `${one.path.join(' › ')}: ` : '')
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle(store.workspace?.name ?? '')" />
  <KeepingTabs />
  <div v-if="store.workspace" class="columns">
    <section class="stack">
      <h2>{{ words.fileTitle }}</h2>
      <p class="caption">{{ words.fileHint }}</p>
      <div class="row">
        <Button :label="words.save" @click="saveNow" />
        <Button severity="secondary" :label="words.open" @click="picker?.click()" />
        <input
          ref="picker"
          type="file"
          accept=".json,.zip,application/json,application/zip"
          class="visually-hidden"
          tabindex="-1"
          :aria-label="words.open"
          @change="open"
        />
      </div>
      <div v-if="refusal" class="refusal" role="alert">
        <p class="strong">
          <bdi>{{ words.refused(refusal.name) }}</bdi>
        </p>
        <ul class="small">
          <li v-for="(one, index) in refusal.issues" :key="index">
            <bdi>{{ where(one) }}</bdi>{{ sentence(one, store.say) }}
          </li>
        </ul>
      </div>
      <h2>{{ words.demosTitle }}</h2>
      <p class="caption">{{ words.demosHint }}</p>
      <div v-for="one in DEMOS" :key="one.id" class="row">
        <Button
          severity="secondary"
          :label="words.showDemo(one.name)"
          @click="demo(one.id, false)"
        />
        <button
          type="button"
          class="link small"
          :aria-label="`${one.name}: ${words.afresh}`"
          @click="demo(one.id, true)"
        >
          {{ words.afresh }}
        </button>
      </div>
      <h2>{{ words.mineTitle }}</h2>
      <p v-if="mine.length === 0" class="soft">{{ words.mineNone }}</p>
      <div v-for="one in mine" :key="one.id">
        <Button severity="secondary" :label="words.openMine(one.name)" @click="openMine(one.id)" />
      </div>
      <RouterLink to="/start">{{ shell.startMine }}</RouterLink>
    </section>
    <section class="stack">
      <h2>{{ words.lookTitle }}</h2>
      <TextField
        :label="words.name"
        :value="store.workspace.name"
        :read="readName"
        width="14rem"
        @change="store.run(steps.renamed(), (state) => ({ ...state, name: $event as string }))"
      />
      <div class="field">
        <span id="language-label" class="label">{{ words.language }}</span><Select
          :model-value="chosenLanguage() ?? BROWSER"
          :options="[{ id: BROWSER, name: words.languages.browser }, ...languagesToChoose()]"
          option-label="name"
          option-value="id"
          aria-labelledby="language-label"
          @update:model-value="chooseLanguage($event === BROWSER ? undefined : $event)"
        />
      </div>
      <div class="field">
        <span id="theme-label" class="label">{{ words.theme }}</span><Select
          :model-value="settings.settings.theme ?? 'system'"
          :options="listOf(words.themes)"
          option-label="name"
          option-value="id"
          aria-labelledby="theme-label"
          @update:model-value="settings.change({ theme: $event })"
        />
      </div>
      <label class="row"
        ><Checkbox
          :model-value="settings.settings.letters !== false"
          binary
          input-id="letters"
          @update:model-value="settings.change({ letters: $event === true })"
        />
        {{ words.letters }}</label
      >
      <div class="field">
        <span id="units-label" class="label">{{ words.units }}</span><Select
          :model-value="store.workspace.preferences.units"
          :options="listOf(words.unitNames)"
          option-label="name"
          option-value="id"
          aria-labelledby="units-label"
          @update:model-value="prefer({ units: $event })"
        />
      </div>
      <div class="field">
        <span id="names-label" class="label">{{ words.tradeNames }}</span><Select
          :model-value="store.workspace.preferences.names ?? 'plain'"
          :options="listOf(words.nameSets)"
          option-label="name"
          option-value="id"
          aria-labelledby="names-label"
          @update:model-value="prefer({ names: $event })"
        />
      </div>
      <h2>{{ words.buyTitle }}</h2>
      <div class="field">
        <span id="tier-label" class="label">{{ words.tier }}</span><Select
          :model-value="store.workspace.preferences.tier"
          :options="tiers"
          option-label="name"
          option-value="id"
          aria-labelledby="tier-label"
          @update:model-value="prefer({ tier: $event })"
        />
      </div>
      <div class="field">
        <span id="condition-label" class="label">{{ words.condition }}</span><Select
          :model-value="store.workspace.preferences.condition"
          :options="conditions"
          option-label="name"
          option-value="id"
          aria-labelledby="condition-label"
          @update:model-value="prefer({ condition: $event })"
        />
      </div>
      <div class="field">
        <span id="power-label" class="label">{{ words.power }}</span><Select
          :model-value="store.workspace.preferences.power"
          :options="listOf(words.powers)"
          option-label="name"
          option-value="id"
          aria-labelledby="power-label"
          @update:model-value="prefer({ power: $event })"
        />
      </div>
      <NeverBuy />
    </section>
    <section class="stack">
      <h2>{{ words.shopTitle }}</h2>
      <p>{{ words.shopMoved }}</p>
      <RouterLink to="/workshop">{{ placeNames.workshop }}</RouterLink>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: 1.5rem 2.5rem;
  align-items: start;
}
.stack {
  justify-items: start;
}
.refusal {
  border: 1px solid var(--attention);
  border-left-width: 6px;
  background: var(--attention-wash);
  padding: 0.6rem 0.9rem;
  overflow-wrap: anywhere;
}
</style>
