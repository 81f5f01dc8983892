<script setup lang="ts">
import Button from 'primevue/button'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Issue } from '../../../core/kernel'
import PlaceHead from '../../parts/PlaceHead.vue'
import { fileText } from '../../shell/file-text'
import { saveText } from '../../shell/save'
import { useSave } from '../../shell/use-save'
import { openFormat, type FormatId } from '../../shell/open-formats'
import { useBackups } from '../../stores/backups'
import { useIncoming } from '../../stores/incoming'
import { useKeeping } from '../../stores/keeping'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { shell } from '../../words/shell'
import { keeping as words } from '../../words/keeping'
import AsideList from './AsideList.vue'
import KeepingTabs from './KeepingTabs.vue'
import SnapshotList from './SnapshotList.vue'

type FolderPicker = (options: object) => Promise<FileSystemDirectoryHandle>

const store = useWorkspace()
const backups = useBackups()
const bringing = useIncoming()
const keeping = useKeeping()
const router = useRouter()
const save = useSave()
const problems = ref<readonly Issue[]>([])
const refusedFile = ref('')
const copied = ref('')
const picker = ref<HTMLInputElement>()
const sheet = ref<'tools' | 'prices' | 'ledger'>('ledger')
const folderPicker = (window as unknown as { showDirectoryPicker?: FolderPicker })
  .showDirectoryPicker
const formats = Object.entries(words.formats) as [FormatId, string][]
onMounted(() => void keeping.refresh())

async function chooseFolder(): Promise<void> {
  try {
    const folder = await folderPicker?.call(window, { id: 'backups', mode: 'readwrite' })
    if (!folder) return
    await backups.chooseFolder(folder)
    await toFolder()
  } catch {
    // The question was left without an answer: nothing changes.
  }
}
async function toFolder(): Promise<void> {
  copied.value = ''
  // A browser that was closed meanwhile asks again; that needs the user's own press of a button, which this is.
  await (
    backups.folder as unknown as
      { requestPermission?: (mode: object) => Promise<string> } | undefined
  )?.requestPermission?.({ mode: 'readwrite' })
  const written = await backups.toFolder()
  if (written.ok) copied.value = words.inFolder(written.value)
  problems.value = written.ok ? [] : written.issues
}
async function saveAs(id: FormatId): Promise<void> {
  const made = await openFormat(id, store)
  if (made) saveText(made.name, made.text, made.type)
}
function pick(what: 'tools' | 'prices' | 'ledger'): void {
  sheet.value = what
  picker.value?.click()
}
async function open(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const text = await fileText(file)
  const issues = text.ok ? await bringing.openRows(file.name, text.value, sheet.value) : text.issues
  if (picker.value) picker.value.value = ''
  refusedFile.value = issues.length > 0 ? file.name : ''
  problems.value = issues
  if (issues.length === 0) await router.push('/incoming')
}
async function askLasting(): Promise<void> {
  await navigator.storage?.persist?.()
  await keeping.refresh()
}
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle(store.workspace?.name ?? '')" />
  <KeepingTabs />
  <div v-if="store.workspace && store.say" class="columns">
    <div v-if="problems.length > 0" class="refusal" role="alert">
      <p v-if="refusedFile" class="strong">
        <bdi>{{ words.refused(refusedFile) }}</bdi>
      </p>
      <ul class="small plain-list">
        <li v-for="(one, index) in problems.slice(0, 20)" :key="index">
          {{ sentence(one, store.say) }}
        </li>
      </ul>
    </div>
    <section class="stack" :aria-label="words.backupTitle">
      <h2>{{ words.backupTitle }}</h2>
      <p v-if="backups.backupDue !== undefined" class="attention">
        {{ shell.backupDue(backups.backupDue, backups.backup === undefined) }}
      </p>
      <p>
        {{
          backups.backup
            ? words.lastBackup(backups.backup.at, backups.backup.where)
            : words.noBackup
        }}
      </p>
      <div>
        <Button :label="words.save" @click="save().then((issues) => (problems = issues))" />
      </div>
      <template v-if="folderPicker">
        <p v-if="backups.folder" class="small">
          <bdi>{{ words.folder(backups.folder.name) }}</bdi>
        </p>
        <div class="row">
          <Button
            v-if="backups.folder"
            severity="secondary"
            size="small"
            :label="words.toFolder"
            @click="toFolder"
          />
          <Button
            severity="secondary"
            size="small"
            :label="words.chooseFolder"
            @click="chooseFolder"
          />
          <button
            v-if="backups.folder"
            type="button"
            class="link small"
            @click="backups.chooseFolder(undefined)"
          >
            {{ words.dropFolder }}
          </button>
        </div>
        <p v-if="copied" class="small" role="status">
          <bdi>{{ copied }}</bdi>
        </p>
      </template>
      <p v-else class="caption">{{ words.noFolders }}</p>
      <p v-if="keeping.room" class="caption">
        {{ words.room(keeping.room.used, keeping.room.quota) }}
        {{ keeping.room.lasting ? words.lasting : words.notLasting }}
        <button v-if="!keeping.room.lasting" type="button" class="link small" @click="askLasting">
          {{ words.askLasting }}
        </button>
      </p>
      <h2>{{ words.formatsTitle }}</h2>
      <p class="caption">{{ words.formatsHint }}</p>
      <div class="row">
        <Button
          v-for="[id, name] in formats"
          :key="id"
          size="small"
          severity="secondary"
          :label="name"
          @click="saveAs(id)"
        />
      </div>
      <RouterLink to="/pocket">{{ words.pocketPage }}</RouterLink>
      <h2>{{ words.rowsTitle }}</h2>
      <p class="caption">{{ words.rowsHint }}</p>
      <div class="row">
        <Button
          v-for="(name, what) in words.rows"
          :key="what"
          size="small"
          severity="secondary"
          :label="name"
          :aria-label="`${words.rowsTitle}: ${name}`"
          @click="pick(what)"
        />
        <input
          ref="picker"
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          class="visually-hidden"
          tabindex="-1"
          :aria-label="words.rowsTitle"
          @change="open"
        />
      </div>
    </section>
    <div class="stack">
      <AsideList />
      <SnapshotList />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 24rem) minmax(0, 1fr);
  gap: 1.5rem 2.5rem;
  align-items: start;
}
.refusal {
  grid-column: 1 / -1;
  border: 1px solid var(--attention);
  border-left-width: 6px;
  background: var(--attention-wash);
  padding: 0.6rem 0.9rem;
  overflow-wrap: anywhere;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
