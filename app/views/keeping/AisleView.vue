<script setup lang="ts">
import { useOnline, useWakeLock } from '@vueuse/core'
import { computed, onMounted, onUnmounted, ref, shallowRef, watch } from 'vue'
import { sumOf } from '../../../core/kernel'
import type { Minor } from '../../../core/money'
import { pocketDays, type PocketLine } from '../../../core/shopping'
import type { PlannedPurchase } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import RecordPurchase from '../../parts/RecordPurchase.vue'
import { useJudging } from '../../stores/judging'
import { usePlanning } from '../../stores/planning'
import { useTiming } from '../../stores/timing'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import { pocket as words } from '../../words/pocket'
import AisleLine from './AisleLine.vue'

/** The pocket list for one hand and bad light: large figures, one thing open at a time, the screen kept on. */
const store = useWorkspace()
const judging = useJudging()
const planning = usePlanning()
const timing = useTiming()
const online = useOnline()
const lines = shallowRef<readonly PocketLine[]>([])
const heard = ref(false)
watch(
  [() => store.plan, () => judging.state],
  () =>
    judging.pocket((found) => {
      lines.value = found
      heard.value = true
    }),
  { immediate: true }
)
// Whether to buy now or to wait is worked out beside it, here as on the Prices.
watch([() => store.plan, () => planning.busy], () => timing.look(), { immediate: true })
/** Only the next day of buying: what comes later is not bought in this shop. */
const day = computed(() => pocketDays(lines.value, store.plan?.savings)[0])
const isToday = computed(() => day.value?.date === store.world?.asOf)
const open = ref<string>()
const buying = shallowRef<{ purchase: PlannedPurchase; asked: Minor | undefined }>()
function buy(line: PocketLine, asked: Minor | undefined): void {
  const purchase = store.plan?.purchases.find(({ id }) => id === line.id)
  if (purchase) buying.value = { purchase, asked }
}
const bought = computed(() =>
  (store.workspace?.ledger ?? []).filter(
    ({ date, kind, amount }) => date === store.world?.asOf && kind === 'tool' && amount < 0
  )
)
const title = computed(() => {
  const { say } = store
  if (!say || !day.value) return words.title
  return words.aisleTitle(
    day.value.lines.length,
    isToday.value ? bench.today : bench.on(say.shortDay(day.value.date))
  )
})

const awake = useWakeLock()
const stay = async (): Promise<void> => {
  // Refused where the battery is low, or the page is not in sight: the list is of use all the same.
  await awake.request('screen').catch(() => undefined)
}
onMounted(() => void stay())
onUnmounted(() => void awake.release())
</script>

<template>
  <div v-if="store.say && store.world" class="stack aisle">
    <PlaceHead
      :title="title"
      :subtitle="
        day
          ? words.aisleSum(store.say.money(day.total), store.say.money(store.world.balance))
          : undefined
      "
    >
      <RouterLink to="/pocket">{{ words.asList }}</RouterLink>
    </PlaceHead>
    <p v-if="bought.length > 0" role="status" class="strong">
      {{
        words.boughtToday(bought.length, store.say.money(-sumOf(bought, ({ amount }) => amount)))
      }}
    </p>
    <p v-if="day && !isToday">{{ words.aisleFuture(store.say.day(day.date)) }}</p>
    <p v-else-if="heard && !day">{{ words.aisleNone }}</p>
    <ul class="plain-list">
      <AisleLine
        v-for="line in day?.lines"
        :key="line.id"
        :line="line"
        :open="open === line.id"
        :answer="timing.answers.find(({ offer }) => offer === line.offer)"
        @toggle="open = open === line.id ? undefined : line.id"
        @buy="buy(line, $event)"
      />
    </ul>
    <p class="caption">
      {{ online ? '' : words.offline }}
      {{ awake.isActive.value ? words.awake : awake.isSupported.value ? '' : words.notAwake }}
    </p>
    <p class="caption">{{ words.footnote }}</p>
  </div>
  <RecordPurchase
    v-if="buying"
    :visible="true"
    :purchase="buying.purchase"
    :asked="buying.asked"
    @update:visible="buying = undefined"
  />
</template>

<style scoped>
.aisle {
  max-width: 40rem;
}
</style>
