<script setup lang="ts">
import Button from 'primevue/button'
import { computed, shallowRef, watch } from 'vue'
import { addDays } from '../../../core/calendar'
import { pocketDays, type PocketLine } from '../../../core/shopping'
import PlaceHead from '../../parts/PlaceHead.vue'
import { printPage } from '../../shell/save'
import { useJudging } from '../../stores/judging'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { pocket as words } from '../../words/pocket'
import { supplies } from '../../words/supplies'
import WatchList from '../prices/WatchList.vue'

const store = useWorkspace()
const judging = useJudging()
const upkeep = useUpkeep()
const lines = shallowRef<readonly PocketLine[]>([])
watch(
  [() => store.plan, () => judging.state],
  () => judging.pocket((found) => (lines.value = found)),
  { immediate: true }
)
const days = computed(() => pocketDays(lines.value, store.plan?.savings))
/** What runs out at builds begun by the last of these days, or within a month: glue and blades are bought on the same way. */
const MONTH = 30
const used = computed(() => {
  const { world } = store
  if (!world) return []
  const until =
    [addDays(world.asOf, MONTH), ...days.value.map(({ date }) => date)].sort().at(-1) ?? ''
  return upkeep.supplies.filter(({ runsOut, buy }) => buy && runsOut && runsOut.on <= until)
})
const nameOf = (what: string): string =>
  store.world?.library.materials.get(what)?.name ?? store.say?.tool(what) ?? what
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle"
    ><Button as="router-link" to="/pocket/shop" :label="words.aisle" /><Button
      severity="secondary"
      :label="words.print"
      @click="printPage"
  /></PlaceHead>
  <div v-if="store.say" class="stack list">
    <p v-if="lines.length === 0" class="soft">{{ words.none }}</p>
    <section v-for="day in days" :key="day.date">
      <h2>{{ words.on(store.say.day(day.date)) }}</h2>
      <ul class="plain-list">
        <li v-for="line in day.lines" :key="line.id">
          <span class="box" aria-hidden="true" />
          <div>
            <p class="strong">
              <bdi>{{ store.say.offer(line.offer) }}</bdi><span v-if="line.count > 1">
                × {{ line.count }}</span
              ><span v-if="line.forBuild" class="soft small for">
                <bdi>{{ words.forBuild(store.say.build(line.forBuild)) }}</bdi></span
              >
            </p>
            <p class="small">
              {{ words.look }}: {{ line.checks.map((check) => words.checks[check]).join('; ') }}.
            </p>
            <p v-if="line.caution" class="small hatched">{{ line.caution }}</p>
          </div>
          <p class="figure">
            {{ store.say.money(line.price) }}<br /><span class="small soft"
              >{{ words.upTo }} {{ store.say.money(line.upTo) }}:
              {{ words.bounds[line.limit] }}</span
            >
          </p>
        </li>
      </ul>
      <p class="small strong">{{ words.total(store.say, day) }}</p>
    </section>
    <section v-if="used.length > 0">
      <h2>{{ supplies.pocket }}</h2>
      <ul class="plain-list">
        <li v-for="line in used" :key="line.what">
          <span class="box" aria-hidden="true" />
          <div>
            <p class="strong">{{ nameOf(line.what) }}</p>
            <p v-if="line.runsOut" class="small">
              {{ supplies.head.out }}
              {{
                supplies.outAt(
                  store.say.build(line.runsOut.build),
                  store.say.shortDay(line.runsOut.on)
                )
              }}
            </p>
          </div>
          <p class="figure">{{ supplies.buy(store.say, line) }}</p>
        </li>
      </ul>
    </section>
    <WatchList />
    <p class="caption">{{ words.footnote }}</p>
  </div>
</template>

<style scoped>
.list {
  max-width: 46rem;
}
li {
  display: grid;
  grid-template-columns: 1.1rem minmax(0, 1fr) minmax(6rem, 13rem);
  gap: 0.25rem 0.75rem;
  padding: 0.45rem 0;
  border-bottom: 1px solid var(--line);
  break-inside: avoid;
}
.for {
  margin-left: 0.4em;
}
.hatched {
  border-left: 4px solid var(--hazard);
  padding-left: 0.5rem;
}
.figure {
  text-align: right;
  white-space: normal;
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1.1rem minmax(0, 1fr);
  }
  .figure {
    grid-column: 2;
    text-align: left;
  }
}
</style>
