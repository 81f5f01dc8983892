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
  useMediaQuery,
  useOnline,
  usePreferredDark,
  useTimeoutFn,
  useTitle,
  useEventListener
} from '@vueuse/core'
import Button from 'primevue/button'
import MessageBox from 'primevue/message'
import MessageLine from './shell/MessageLine.vue'
import FirstTime from './shell/FirstTime.vue'
import ThumbIndex from './shell/ThumbIndex.vue'
import { shownAgain } from './shell/found'
import { useKeys } from './shell/keys'
import { takeUp, waiting } from './shell/offline'
import { beginFinding, isOpening } from './shell/typed-ahead'
import { useSave } from './shell/use-save'
import { useCards } from './stores/cards'
import { useBackups } from './stores/backups'
import type { PlaceId } from './places'
import { isDark } from './theme/chart'
import { isTouched } from '../core/workspace'
import { DEMOS } from './stores/demos'
import { useJudging } from './stores/judging'
import { useLoading } from './stores/loading'
import { useNotices } from './stores/notices'
import { useSaving } from './stores/saving'
import { useSettings } from './stores/settings'
import { useWorkspace } from './stores/workspace'
import { usePlanning } from './stores/planning'
import { pageTitle, shell } from './words/shell'

/** Needed on a phone only, where it lies over the page and shifts nothing. */
const PhoneIndex = defineAsyncComponent(() => import('./shell/PhoneIndex.vue'))
// What is opened by hand is fetched when it is.
const FindDialog = defineAsyncComponent(() => import('./shell/FindDialog.vue'))
/** With the words of everything that can be found wanting: fetched when there is something to say, or a few seconds after the page stands. */
const pageMessages = () => import('./shell/PageMessages.vue')
const PageMessages = defineAsyncComponent(pageMessages)
const CardDialog = defineAsyncComponent(() => import('./shell/CardDialog.vue'))
const KeysDialog = defineAsyncComponent(() => import('./shell/KeysDialog.vue'))

const store = useWorkspace()
const loading = useLoading()
const saving = useSaving()
const notices = useNotices()
const settings = useSettings()
const judging = useJudging()
const planning = usePlanning()
const backups = useBackups()
const cards = useCards()
const route = useRoute()
useTitle(computed(() => pageTitle(route.meta.place as PlaceId | undefined, route.path)))
const failed = ref(false)
const finding = ref(false)
const showingKeys = ref(false)

onMounted(() => void loading.start())
useTimeoutFn(() => void pageMessages(), 5_000)
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
/** What was opened over a page goes with it, also where it was still on its way when the page was left. */
watch(
  () => route.fullPath,
  () => {
    cards.close()
    finding.value = false
    showingKeys.value = false
  }
)

const onPhone = useMediaQuery('(max-width: 700px)')

const demoLine = computed(() =>
  store.isDemo && store.workspace && store.world && store.say && route.path !== '/start'
    ? shell.demo(store.workspace.name, store.say.day(store.world.asOf))
    : undefined
)
/** Whatever is tried in a demo can be let go in one press; what was done is kept among the moments to go back to. */
const demoChanged = computed(() => store.workspace !== undefined && isTouched(store.workspace))
function asShipped(): void {
  const demo = DEMOS.find(({ workspaceId }) => workspaceId === store.workspace?.id)
  if (demo) void loading.showDemo(demo.id, true)
}
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
    ? shell.backupDue(backups.backupDue, backups.backup === undefined)
    : undefined
)
const hasMessages = computed(
  () =>
    notices.trouble.length > 0 ||
    notices.notes.length > 0 ||
    planning.failure !== undefined ||
    judging.failure !== undefined
)
const save = useSave()
</script>

<template>
  <a class="skip" href="#page" @click.prevent="($refs.page as HTMLElement).focus()">{{
    shell.skip
  }}</a>
  <div class="frame">
    <PhoneIndex v-if="onPhone" class="no-print" @find="find" @help="showingKeys = true" />
    <ThumbIndex v-else class="no-print" @find="find" @keys="showingKeys = true" />
    <main id="page" ref="page" tabindex="-1">
      <div v-if="demoLine" class="demo-line no-print">
        <span>{{ demoLine }}</span>
        <RouterLink to="/start">{{ shell.startMine }}</RouterLink>
        <button v-if="demoChanged" type="button" class="link" @click="asShipped">
          {{ shell.asShipped }}
        </button>
      </div>
      <PageMessages v-if="hasMessages" />
      <MessageLine v-if="failed" :text="shell.failed" severity="error" @dismiss="failed = false" />
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
      <FirstTime v-if="store.world" />
      <RouterView v-if="store.world" v-slot="{ Component }">
        <component :is="Component" :key="`${store.workspace?.id}${route.fullPath}#${shownAgain}`" />
      </RouterView>
      <p v-else class="soft">{{ shell.loading }}</p>
    </main>
  </div>
  <FindDialog v-if="finding" v-model:visible="finding" />
  <CardDialog v-if="cards.asked" />
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
  .demo-line {
    display: block;
  }
  .demo-line > :not(:first-child) {
    margin-left: 0.75rem;
  }
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
