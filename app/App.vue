<script setup lang="ts">
import {
  computed,
  defineAsyncComponent,
  onErrorCaptured,
  onMounted,
  ref,
  watch,
  watchEffect
} from 'vue'
import { useRoute } from 'vue-router'
import {
  useDocumentVisibility,
  useIntervalFn,
  useOnline,
  usePreferredDark,
  useTitle,
  useEventListener
} from '@vueuse/core'
import Button from 'primevue/button'
import MessageBox from 'primevue/message'
import ThumbIndex from './shell/ThumbIndex.vue'
import { shownAgain } from './shell/found'
import { useKeys } from './shell/keys'
import { takeUp, waiting } from './shell/offline'
import { beginFinding, isOpening } from './shell/typed-ahead'
import { useSave } from './shell/use-save'
import { useBackups } from './stores/backups'
import { keeping as keepingWords } from './words/keeping'
import type { PlaceId } from './places'
import { isDark } from './theme/chart'
import type { Issue } from '../core/kernel'
import { useJudging } from './stores/judging'
import { useLoading } from './stores/loading'
import { useNotices } from './stores/notices'
import { useSaving } from './stores/saving'
import { useSettings } from './stores/settings'
import { useWorkspace } from './stores/workspace'
import { usePlanning } from './stores/planning'
import { placed } from './words/where'
import { pageTitle, shell } from './words/shell'

// What is opened by hand is fetched when it is.
const FindDialog = defineAsyncComponent(() => import('./shell/FindDialog.vue'))
const KeysDialog = defineAsyncComponent(() => import('./shell/KeysDialog.vue'))

const store = useWorkspace()
const loading = useLoading()
const saving = useSaving()
const notices = useNotices()
const settings = useSettings()
const judging = useJudging()
const planning = usePlanning()
const backups = useBackups()
const route = useRoute()
useTitle(computed(() => pageTitle(route.meta.place as PlaceId | undefined, route.path)))
const failed = ref(false)
const finding = ref(false)
const showingKeys = ref(false)

onMounted(() => void loading.start())
useIntervalFn(store.lookAtTheDay, 60_000)
watch(useDocumentVisibility(), store.lookAtTheDay)
onErrorCaptured((error) => {
  failed.value = true
  console.error(error)
  return false
})
const prefersDark = usePreferredDark()
watchEffect(() => {
  const { theme } = settings.settings
  const dark = theme === 'dark' || (theme !== 'light' && prefersDark.value)
  document.documentElement.dataset.theme = dark ? 'dark' : 'light'
  isDark.value = dark
})
function find(): void {
  beginFinding()
  finding.value = true
}
useKeys({ find, keys: () => (showingKeys.value = true) })

const demoLine = computed(() =>
  store.isDemo && store.workspace && store.world && store.say && route.path !== '/start'
    ? shell.demo(store.workspace.name, store.say.day(store.world.asOf))
    : undefined
)
/** A part of the page that was not loaded yet may be gone with a newer version; the page is asked for anew. */
const partMissing = ref(false)
const online = useOnline()
useEventListener(window, 'vite:preloadError', (event) => {
  event.preventDefault()
  isOpening.value = false
  partMissing.value = true
})
/** A page that is closed while a change is being written, or could not be, asks first. */
useEventListener(window, 'beforeunload', (event) => {
  if (saving.kept !== 'kept' && !saving.standIn) event.preventDefault()
})
const backupLine = computed(() =>
  backups.backupDue !== undefined && (route.path === '/' || route.path === '/settings')
    ? keepingWords.due(backups.backupDue, backups.backup === undefined)
    : undefined
)
/** A message with what takes it away: itself alone. */
const message = (one: Issue, severity: 'error' | 'info'): Shown => ({
  text: placed(one, store.say),
  severity,
  again: undefined,
  dismiss: () => notices.dismiss(one)
})
interface Shown {
  readonly text: string
  readonly severity: 'error' | 'info'
  /** What is done about it on the spot, where something can be. */
  readonly again: (() => void) | undefined
  readonly dismiss: () => void
}
/** What a worker could not do, with the way out: it is asked again. */
const stopped = computed<Shown[]>(() => [
  ...(planning.failure
    ? [
        {
          ...message(planning.failure, 'error'),
          again: () => planning.replan(),
          dismiss: () => {
            planning.failure = undefined
          }
        }
      ]
    : []),
  ...(judging.failure && judging.failure.code !== planning.failure?.code
    ? [
        {
          ...message(judging.failure, 'error'),
          dismiss: () => {
            judging.failure = undefined
          }
        }
      ]
    : [])
])
const broken = computed<Shown[]>(() =>
  failed.value
    ? [
        {
          text: shell.failed,
          severity: 'error',
          again: undefined,
          dismiss: () => {
            failed.value = false
          }
        }
      ]
    : []
)
const messages = computed<Shown[]>(() => [
  ...notices.trouble.map((one) => message(one, 'error')),
  ...notices.notes.map((one) => message(one, 'info')),
  ...stopped.value,
  ...broken.value
])
const save = useSave()
</script>

<template>
  <a class="skip" href="#page" @click.prevent="($refs.page as HTMLElement).focus()">{{
    shell.skip
  }}</a>
  <div class="frame">
    <ThumbIndex class="no-print" @find="find" @keys="showingKeys = true" />
    <main id="page" ref="page" tabindex="-1">
      <div v-if="demoLine" class="demo-line no-print">
        <span>{{ demoLine }}</span>
        <RouterLink to="/start">{{ shell.startMine }}</RouterLink>
      </div>
      <MessageBox
        v-for="(one, index) in messages"
        :key="index"
        class="no-print"
        :severity="one.severity"
      >
        <div class="row">
          <span>{{ one.text }}</span>
          <Button v-if="one.again" size="small" :label="shell.again" @click="one.again()" />
          <Button
            v-if="one.severity === 'error' && store.workspace"
            size="small"
            severity="secondary"
            :label="shell.saveNow"
            @click="save"
          />
          <Button
            size="small"
            severity="secondary"
            variant="text"
            :label="shell.dismiss"
            @click="one.dismiss()"
          />
        </div>
      </MessageBox>
      <MessageBox v-if="waiting !== 'no' || partMissing" class="no-print" severity="info">
        <div class="row">
          <span>{{
            partMissing
              ? online
                ? shell.partMissing
                : shell.partOffline
              : waiting === 'here'
                ? shell.newVersion
                : shell.newElsewhere
          }}</span><Button size="small" :label="shell.takeUp" @click="takeUp(saving.idle)" />
        </div>
      </MessageBox>
      <MessageBox v-if="backupLine" class="no-print" severity="warn">
        <div class="row">
          <span>{{ backupLine }}</span><Button
            size="small"
            severity="secondary"
            :label="shell.saveNow"
            @click="save"
          />
        </div>
      </MessageBox>
      <RouterView v-if="store.world" v-slot="{ Component }">
        <component :is="Component" :key="`${store.workspace?.id}${route.fullPath}#${shownAgain}`" />
      </RouterView>
      <p v-else class="soft">{{ shell.loading }}</p>
    </main>
  </div>
  <FindDialog v-if="finding" v-model:visible="finding" />
  <KeysDialog v-if="showingKeys" v-model:visible="showingKeys" />
</template>

<style scoped>
.skip {
  position: absolute;
  left: -100rem;
}
.skip:focus {
  left: 0.5rem;
  top: 0.5rem;
  background: var(--paper-raised);
  padding: 0.5rem;
  z-index: 10;
}
.frame {
  display: grid;
  grid-template-columns: 7.5rem minmax(0, 1fr);
  min-height: 100vh;
}
main {
  padding: 1.25rem 1.75rem 2rem;
  min-width: 0;
  outline: none;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.75rem;
  align-content: start;
}
.demo-line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1rem;
  font-size: var(--text-small);
  color: var(--graphite-soft);
  border-bottom: 1px dashed var(--line-strong);
  padding-bottom: 0.4rem;
}
@media (max-width: 700px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
  }
  main {
    padding: 0.75rem 0.9rem 5.5rem;
  }
}
@media print {
  .frame {
    display: block;
  }
  main {
    padding: 0;
  }
}
</style>
