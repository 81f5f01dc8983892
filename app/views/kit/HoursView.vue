<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { itemHours } from '../../../core/hours'
import { sumOf } from '../../../core/kernel'
import { BOOK_HOURS, OTHER_WORK, ownPace, type PaceFamily } from '../../../core/workspace'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { hours as words } from '../../words/hours'
import { duration } from '../../words/say'
import { skill } from '../../words/skill'
import KitTabs from './KitTabs.vue'

/** The user's own pace by kind of work, and what has been in use how long. */
const store = useWorkspace()
const paces = computed(() => (store.workspace ? ownPace(store.workspace) : []))
const known = computed(() => paces.value.filter(({ builds }) => builds > 0))
const nameOf = (family: PaceFamily): string =>
  family === OTHER_WORK ? words.other : skill.families[family]
/** The kind of work farthest from the book by hours, if any is. */
const NOTABLE = 0.1
const title = computed(() => {
  const { say } = store
  const [farthest] = known.value
    .filter(({ times }) => Math.abs(times - 1) >= NOTABLE)
    .sort((a, b) => Math.abs(b.times - 1) * b.hours - Math.abs(a.times - 1) * a.hours)
  if (!say || known.value.length === 0) return words.paceTitle(undefined)
  if (!farthest) return words.likeBook
  const name = nameOf(farthest.family)
  return farthest.times > 1
    ? words.slower(name, say.number(farthest.times, 1))
    : words.quicker(name, say.percent(farthest.times))
})
const builds = computed(() => Math.max(0, ...known.value.map((one) => one.builds)))
const byBook = computed(() => store.workspace?.preferences.byTheBook ?? false)
const setByBook = (on: boolean): void =>
  void store.run(words.steps.book, (state) => {
    const { byTheBook: _former, ...preferences } = state.preferences
    return { ...state, preferences: on ? { ...preferences, byTheBook: true } : preferences }
  })

const used = computed(() => {
  const { world, say } = store
  if (!world || !say) return []
  const found = itemHours(world, store.plan)
  return world.workspace.items
    .map((item) => ({
      id: item.id,
      tool: world.library.tools.get(item.tool),
      name: item.name ?? say.tool(item.tool),
      minutes: found.get(item.id)?.minutes ?? 0,
      builds: found.get(item.id)?.builds.length ?? 0
    }))
    .sort((a, b) => b.minutes - a.minutes)
})
const inUse = computed(() => used.value.filter(({ minutes }) => minutes > 0))
/** Tools alone: nobody counts the hours of glasses or of a blade that goes with its saw. */
const idle = computed(() =>
  used.value.filter(
    ({ minutes, tool }) => minutes === 0 && tool?.kind === 'tool' && tool.protects.length === 0
  )
)
</script>

<template>
  <template v-if="store.say">
    <PlaceHead
      :title="title"
      :subtitle="words.subtitle(builds, duration(sumOf(known, ({ hours }) => hours * 60)))"
    />
    <KitTabs />
    <template v-if="known.length > 0">
      <p class="caption">{{ words.paceWhy(store.say, BOOK_HOURS) }}</p>
      <table class="plain pace">
        <thead>
          <tr>
            <th scope="col">{{ words.kind }}</th>
            <th scope="col" class="figure">{{ words.times }}</th>
            <th scope="col" class="figure">{{ words.book }}</th>
            <th scope="col" class="figure">{{ words.from }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in paces" :key="one.family" :class="{ soft: one.builds === 0 }">
            <th scope="row">{{ nameOf(one.family) }}</th>
            <td class="figure">
              {{ one.builds > 0 ? words.timesOf(store.say, one.times) : words.unknown }}
            </td>
            <td class="figure">{{ one.builds > 0 ? store.say.number(one.hours, 1) : '' }}</td>
            <td class="figure">{{ one.builds > 0 ? one.builds : '' }}</td>
          </tr>
        </tbody>
      </table>
      <label class="check"
        ><Checkbox :model-value="byBook" binary @update:model-value="setByBook($event)" />
        {{ words.byBook }}</label
      >
      <p v-if="byBook" class="soft small">{{ words.byBookOn }}</p>
    </template>
    <h2>{{ words.useTitle }}</h2>
    <p v-if="inUse.length === 0" class="soft">{{ words.useNone }}</p>
    <template v-else>
      <p class="caption">{{ words.use }}</p>
      <table class="plain pace">
        <thead>
          <tr>
            <th scope="col">{{ words.toolHead }}</th>
            <th scope="col" class="figure">{{ words.hoursHead }}</th>
            <th scope="col" class="figure">{{ words.from }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in inUse" :key="one.id">
            <th scope="row">
              <RouterLink :to="`/kit/item/${encodeURIComponent(one.id)}`">{{
                one.name
              }}</RouterLink>
            </th>
            <td class="figure">{{ duration(one.minutes) }}</td>
            <td class="figure">{{ one.builds }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="idle.length > 0" class="soft small">
        {{ words.never(joined(idle.map(({ name }) => name))) }}
      </p>
    </template>
  </template>
</template>

<style scoped>
.pace {
  max-width: 46rem;
}
.check {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  margin-top: 0.75rem;
}
</style>
