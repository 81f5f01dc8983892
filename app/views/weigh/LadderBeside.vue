<script setup lang="ts">
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import { computed, ref } from 'vue'
import type { Ladder } from '../../../core/ladder'
import { schools } from '../../../data'
import { useLadder } from '../../stores/ladder'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { ladder as words } from '../../words/ladder'

/** Ladders side by side: as other schools would buy for the same builds, and how far other sums reach. */
const props = defineProps<{ ladder: Ladder }>()
const MOST = 3
/** Sums to compare with, index points. */
const SUMS = [500, 1000, 2500] as const

const store = useWorkspace()
const climbing = useLadder()
const picked = ref<string[]>([])
const minor = (points: number): number =>
  Math.round((points * (store.world?.pricing.minorPer100Points ?? 100)) / 10_000) * 100
const options = computed(() => [
  ...schools.map(({ id, name }) => ({ id, name })),
  ...SUMS.map((points) => ({
    id: `sum-${points}`,
    name: store.say ? words.besideTotal(store.say, minor(points)) : String(points)
  }))
])
const run = (): void =>
  climbing.climbBeside(picked.value.flatMap((id) => schools.find((one) => one.id === id) ?? []))

interface Column {
  readonly id: string
  readonly name: string
  readonly ladder: Ladder
  /** Where the money ends, minor units. */
  readonly reach: number
}
const columns = computed<Column[]>(() => [
  { id: 'own', name: words.besideMine, ladder: props.ladder, reach: props.ladder.inTime },
  ...picked.value.flatMap((id): Column[] => {
    const sum = SUMS.find((points) => id === `sum-${points}`)
    const name = options.value.find((one) => one.id === id)?.name ?? id
    if (sum !== undefined) return [{ id, name, ladder: props.ladder, reach: minor(sum) }]
    const found = climbing.beside.find(({ school }) => school === id)
    return found ? [{ id, name, ladder: found.ladder, reach: found.ladder.inTime }] : []
  })
])
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.beside }}</h2>
    <p class="caption">{{ words.besideHint }}</p>
    <div class="row">
      <MultiSelect
        v-model="picked"
        :options="options"
        option-label="name"
        option-value="id"
        :selection-limit="MOST"
        display="comma"
        :aria-label="words.beside"
        :placeholder="words.beside"
      />
      <Button
        size="small"
        :label="words.besideRun"
        :disabled="picked.length === 0 || climbing.comparing"
        @click="run"
      />
    </div>
    <div v-if="columns.length > 1" class="columns">
      <div v-for="column in columns" :key="column.id">
        <h3>{{ column.name }}</h3>
        <ol class="plain-list small">
          <template v-for="(rung, at) in column.ladder.rungs" :key="rung.lead.offer">
            <li
              v-if="
                rung.total > column.reach &&
                (column.ladder.rungs[at - 1]?.total ?? 0) <= column.reach
              "
              class="reach"
            >
              {{ words.besideLine(store.say, column.reach) }}
            </li>
            <li :class="{ soft: rung.total > column.reach }">
              <span
                >{{ at + 1 }}
                {{
                  at === 0
                    ? store.say.shortTool(rung.lead.tool)
                    : lowerFirst(store.say.shortTool(rung.lead.tool))
                }}</span
              ><span class="figure">{{ store.say.money(rung.total) }}</span>
            </li>
          </template>
        </ol>
      </div>
    </div>
  </section>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.5rem 1.5rem;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
  border-bottom: 1px solid var(--line);
  padding: 0.1rem 0;
}
.reach {
  color: var(--planned);
  font-weight: 650;
  border-bottom: 3px double var(--planned);
}
</style>
