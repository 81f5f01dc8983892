<script setup lang="ts">
import { computed } from 'vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { duration } from '../../words/say'
import { trueChecks, upkeep as words } from '../../words/upkeep'
import CareRow from './CareRow.vue'
import CheckRow from './CheckRow.vue'
import KitTabs from './KitTabs.vue'

/** What is due: tools out of true, checks, and care. */
const store = useWorkspace()
const upkeep = useUpkeep()
const nameOf = (item: { readonly name?: string | undefined; readonly tool: string }): string =>
  item.name ?? store.say?.tool(item.tool) ?? item.tool
/** Never checked first, then by the day they are due. */
const checks = computed(() =>
  [...upkeep.checks].sort((a, b) => Number(a.last !== undefined) - Number(b.last !== undefined))
)
/** What is due, and what soon will be. */
const care = computed(() =>
  [
    { title: '', list: upkeep.due },
    { title: words.soonTitle, list: upkeep.soon }
  ].filter(({ list }) => list.length > 0)
)
/** Edges with hours left: every task of an edge is fine. */
const sharp = computed(() => {
  const edges = upkeep.care.filter(({ task }) => task.edge)
  const dull = new Set(edges.filter(({ state }) => state !== 'fine').map(({ item }) => item.id))
  const names = edges.filter(({ item }) => !dull.has(item.id)).map(({ item }) => nameOf(item))
  return [...new Set(names)]
})
const minutes = (item: string): number => upkeep.hours.get(item)?.minutes ?? 0
const dueChecks = computed(
  () => upkeep.checks.filter(({ due, last }) => last && due <= (store.world?.asOf ?? '')).length
)
</script>

<template>
  <template v-if="store.say && store.world">
    <PlaceHead
      :title="
        words.title(upkeep.due.length + upkeep.newcomers.length + dueChecks, upkeep.off.length)
      "
      :subtitle="words.subtitle"
    />
    <KitTabs />
    <p v-if="upkeep.checks.length + upkeep.care.length === 0" class="soft">{{ words.none }}</p>
    <section v-if="upkeep.off.length > 0" class="stack">
      <h2>{{ words.offTitle }}</h2>
      <div v-for="{ one, waits } in upkeep.off" :key="`${one.item.id}${one.check.id}`" class="off">
        <p>
          {{
            one.errorMm !== undefined && one.reckonedMm !== undefined
              ? words.off(
                  store.say,
                  nameOf(one.item),
                  one.errorMm,
                  one.check.overMm,
                  one.reckonedMm
                )
              : words.notFine(nameOf(one.item), trueChecks[one.check.id]?.name ?? '')
          }}
          <strong v-if="waits.length > 0">{{
            words.waits(joined(waits.map((id) => store.say?.build(id) ?? id)))
          }}</strong>
        </p>
        <p class="small">
          {{ words.wayOut(duration(one.check.minutesLater)) }}
          <RouterLink to="/weigh">{{ words.ladder }}</RouterLink>
        </p>
      </div>
    </section>
    <section v-if="upkeep.care.length > 0" class="stack">
      <h2>{{ words.careTitle }}</h2>
      <p v-if="upkeep.due.length === 0" class="soft">{{ words.careNone }}</p>
      <p v-if="sharp.length > 0" class="small">{{ words.sharp(joined(sharp)) }}</p>
      <template v-for="part in care" :key="part.title">
        <h3 v-if="part.title">{{ part.title }}</h3>
        <ul class="plain-list">
          <CareRow
            v-for="one in part.list"
            :key="`${one.item.id}${one.task.id}`"
            :one="one"
            :minutes-used="minutes(one.item.id)"
          />
        </ul>
      </template>
    </section>
    <section v-if="checks.length > 0" class="stack">
      <h2>{{ words.checksTitle }}</h2>
      <p class="caption">{{ words.checksWhy }}</p>
      <ul class="plain-list">
        <CheckRow v-for="one in checks" :key="`${one.item.id}${one.check.id}`" :one="one" />
      </ul>
    </section>
  </template>
</template>

<style scoped>
.off {
  border-left: 4px solid var(--attention);
  padding: 0.4rem 0.75rem;
  background-color: var(--paper-raised);
}
</style>
