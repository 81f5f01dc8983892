<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { inexactBy } from '../../../core/care'
import { bringsNow } from '../../../core/judged'
import { standing } from '../../../core/ledger'
import { change, type Upkeep } from '../../../core/workspace'
import { trueChecks as checks } from '../../../data'
import PhotoView from '../../parts/PhotoView.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { printPage } from '../../shell/save'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { back } from '../../words/back'
import { joined } from '../../words/bench'
import { FIRST_HOUR_OF, HELPS_OF, firstHour, shopHelps } from '../../words/first-hour'
import { duration } from '../../words/say'
import { toolLife as words } from '../../words/tool-life'
import { careTasks, trueChecks, upkeep as upkeepWords } from '../../words/upkeep'
import CareRow from './CareRow.vue'
import CheckRow from './CheckRow.vue'
import LoanPart from './LoanPart.vue'

/** One thing owned with its whole life: bought, paid, checks, care, hours, builds, what became of it, receipts, worth now. */
const props = defineProps<{ id: string }>()
const store = useWorkspace()
const upkeep = useUpkeep()
const item = computed(() => store.workspace?.items.find(({ id }) => id === props.id))
const name = computed(() =>
  item.value ? (item.value.name ?? store.say?.tool(item.value.tool) ?? item.value.tool) : ''
)
const used = computed(() => upkeep.hours.get(props.id))
const own = computed(() => upkeep.checks.filter((one) => one.item.id === props.id))
const care = computed(() => upkeep.care.filter((one) => one.item.id === props.id))
const nameOf = (one: Upkeep): string =>
  (one.kind === 'care' ? careTasks[one.task]?.name : trueChecks[one.check]?.name) ?? ''
const done = computed(() =>
  (store.workspace?.upkeep ?? [])
    .filter((one) => one.item === props.id)
    .sort((a, b) => (a.on < b.on ? 1 : -1))
)
const verdicts = computed(() =>
  (store.workspace?.verdicts ?? []).filter((one) => one.item === props.id)
)
const entries = computed(() =>
  standing(store.workspace?.ledger ?? []).filter((one) => one.item === props.id)
)
const photos = computed(() => {
  const ids = new Set(entries.value.map(({ id }) => id))
  return (store.workspace?.photos ?? []).filter(
    ({ entry }) => entry !== undefined && ids.has(entry)
  )
})
const order = computed(() => firstHour[FIRST_HOUR_OF[item.value?.tool ?? ''] ?? ''] ?? [])
const helps = computed(() => HELPS_OF[item.value?.tool ?? ''] ?? [])
function takeOut(one: Upkeep): void {
  const { world } = store
  if (!world || !item.value) return
  const rest = (world.workspace.upkeep ?? []).filter(({ id }) => id !== one.id)
  const inexact =
    one.kind === 'check' ? (inexactBy(world, item.value, checks, rest) ?? 1) : undefined
  store.run(upkeepWords.steps.out, (state) => change.removeUpkeep(state, one.id, inexact))
}
</script>

<template>
  <p v-if="!item" class="soft">
    {{ words.missing }} <RouterLink to="/kit">{{ words.back }}</RouterLink>
  </p>
  <template v-else-if="store.say && store.world">
    <PlaceHead
      :title="name"
      :subtitle="`${words.since(store.say.day(item.since), store.say.money(item.cost))} ${words.worth(store.say.money(bringsNow(store.world, item)))}`"
    >
      <Button severity="secondary" :label="words.print" @click="printPage" />
      <RouterLink to="/kit">{{ words.back }}</RouterLink>
    </PlaceHead>
    <p>
      {{
        used
          ? words.hours(used.times, duration(used.minutes), store.say.day(used.last))
          : words.hoursNone
      }}
      <template v-if="used">{{
        words.usedFor(joined(used.builds.map((id) => store.say?.build(id) ?? id)))
      }}</template>
    </p>
    <section class="stack no-print">
      <h2>{{ back.lentTitle }}</h2>
      <LoanPart :key="item.loan?.kind ?? ''" :item="item" :name="name" />
    </section>
    <section v-if="own.length > 0" class="stack">
      <h2>{{ words.checks }}</h2>
      <ul class="plain-list">
        <CheckRow v-for="one in own" :key="one.check.id" :one="one" bare />
      </ul>
    </section>
    <section class="stack">
      <h2>{{ words.care }}</h2>
      <p v-if="care.length === 0" class="soft">{{ words.careNone }}</p>
      <ul v-else class="plain-list">
        <CareRow
          v-for="one in care"
          :key="one.task.id"
          bare
          :one="one"
          :minutes-used="used?.minutes ?? 0"
        />
      </ul>
    </section>
    <section v-if="done.length > 0" class="stack no-print">
      <h2>{{ words.done }}</h2>
      <ul class="plain-list">
        <li v-for="one in done" :key="one.id" class="row">
          <span>{{ words.doneLine(nameOf(one), store.say.day(one.on)) }}</span>
          <Button
            size="small"
            severity="secondary"
            icon="pi pi-times"
            :aria-label="words.takeOut(nameOf(one), store.say.day(one.on))"
            @click="takeOut(one)"
          />
        </li>
      </ul>
    </section>
    <section v-if="verdicts.length > 0" class="stack no-print">
      <h2>{{ words.verdicts }}</h2>
      <ul class="plain-list">
        <li v-for="one in verdicts" :key="one.id">
          {{
            words.doneLine(
              one.good ? words.good : one.regret ? back.regrets[one.regret] : back.no,
              store.say.day(one.on)
            )
          }}
        </li>
      </ul>
    </section>
    <section v-if="entries.length > 0" class="stack no-print">
      <h2>{{ words.money }}</h2>
      <ul class="plain-list">
        <li v-for="one in entries" :key="one.id">
          {{
            words.doneLine(`${one.text}, ${store.say.money(one.amount)}`, store.say.day(one.date))
          }}
        </li>
      </ul>
      <div class="row">
        <PhotoView v-for="photo in photos" :id="photo.id" :key="photo.id" :what="name" />
      </div>
    </section>
    <section v-if="order.length > 0" class="stack">
      <h2>{{ words.firstHour }}</h2>
      <p class="caption">{{ words.manual }}</p>
      <ol>
        <li v-for="line in order" :key="line">{{ line }}</li>
      </ol>
    </section>
    <section v-if="helps.length > 0" class="stack">
      <h2>{{ words.helps }}</h2>
      <ul class="plain-list">
        <li v-for="help in helps" :key="help">
          <strong>{{ store.say.tool(help) }}:</strong> {{ shopHelps[help] }}
        </li>
      </ul>
    </section>
  </template>
</template>
