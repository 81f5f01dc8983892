<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, shallowRef } from 'vue'
import {
  clashesOf,
  lengthOf,
  strayOutlets,
  wallsOf,
  type Against,
  type FloorPlan,
  type PlanFault
} from '../../../core/workshop'
import PlaceHead from '../../parts/PlaceHead.vue'
import { newId } from '../../stores/clock'
import { useFloor } from '../../stores/floor'
import { useWorkspace } from '../../stores/workspace'
import { floor as words } from '../../words/floor'
import FloorChosen from './FloorChosen.vue'
import FloorDrawing from './FloorDrawing.vue'
import FloorNext from './FloorNext.vue'
import FloorRoom from './FloorRoom.vue'
import WorkshopTabs from './WorkshopTabs.vue'
import { moved, split, turned, without, type Piece } from './floor-pieces'
import { ADDED, added } from './floor-added'

/** The room to scale: what stands in it, what is in the way, and whether the next thing fits. */
const store = useWorkspace()
const floor = useFloor()
const chosen = ref<string>()
/** The drawing while something is dragged. */
const draft = shallowRef<FloorPlan>()
const plan = computed(() => draft.value ?? floor.plan)
const clashes = computed(() =>
  draft.value && floor.faults.length === 0 ? clashesOf(draft.value, floor.shapes) : floor.clashes
)
const MOST_SHOWN = 8
const stray = computed(() =>
  store.workspace ? strayOutlets(store.workspace.workshop, plan.value?.outlets ?? []).length : 0
)

const title = computed(() => {
  if (!floor.plan) return words.titleNone
  if (floor.faults.length > 0) return words.titleFault
  return clashes.value.length > 0
    ? words.titleClash(clashes.value.length)
    : words.titleClear(floor.plan.stands.length)
})
/** To the centimetre, or half an inch. */
function mm(length: number): string {
  const step = store.workspace?.preferences.units === 'imperial' ? 12.7 : 10
  return store.say?.length(Math.max(step, Math.round(length / step) * step)) ?? ''
}
const toolName = (id: string): string => store.say?.tool(id) ?? id
function thingName(id: string): string {
  const one = plan.value?.things.find((thing) => thing.id === id)
  return one?.name ?? words.kinds[one?.kind ?? 'other'] ?? ''
}
const openingName = (id: string): string =>
  words.kinds[plan.value?.openings.find((one) => one.id === id)?.kind ?? 'door'] ?? ''
function againstName(against: Against): string {
  switch (against.kind) {
    case 'wall':
      return words.theWall
    case 'opening':
      return (
        words.theKinds[plan.value?.openings.find(({ id }) => id === against.id)?.kind ?? 'door'] ??
        ''
      )
    case 'thing': {
      const one = plan.value?.things.find(({ id }) => id === against.id)
      return one?.name ?? words.theKinds[one?.kind ?? 'other'] ?? ''
    }
    case 'tool':
      return toolName(against.id)
  }
}
const KEYS = { thing: thingName, opening: openingName, tool: toolName } as const
function nameOf(key: string): string {
  const [kind, id] = split(key)
  if (kind === 'outlet') return words.kinds.outlet ?? ''
  if (kind === 'stored') return words.storedOf(toolName(id))
  return KEYS[kind as keyof typeof KEYS](id)
}
const names = ({ key }: Piece): string => nameOf(key)
const lines = computed(() =>
  clashes.value.map((one) => ({
    key: `${one.part === 'body' && one.moment === 'put-away' ? 'stored' : 'tool'}:${one.tool}`,
    text: words.clash(one, toolName(one.tool), againstName(one.against), mm(one.byMm))
  }))
)
const faultText = (one: PlanFault): string =>
  words.faults(one, 'wallMm' in one ? mm(one.wallMm) : '')

function shift(key: string, dx: number, dy: number): void {
  if (floor.plan) draft.value = moved(floor.plan, key, dx, dy)
}
function drop(key: string, dx: number, dy: number): void {
  draft.value = undefined
  if (floor.plan) floor.set(moved(floor.plan, key, dx, dy))
}
function turn(key: string): void {
  if (floor.plan) floor.set(turned(floor.plan, key))
}
function remove(key: string): void {
  if (floor.plan) floor.set(without(floor.plan, key))
  chosen.value = undefined
}
function add(kind: (typeof ADDED)[number]): void {
  if (!floor.plan) return
  const id = newId('floor')
  const [first] = store.workspace?.workshop.circuits ?? []
  floor.set(added(floor.plan, kind, id, first?.name ?? words.circuitFirst))
  chosen.value = `${kind === 'outlet' ? 'outlet' : ['door', 'gate', 'window'].includes(kind) ? 'opening' : 'thing'}:${id}`
}
function putIn(tool: string): void {
  const walls = wallsOf(floor.plan?.outline ?? [])
  const [first] = walls
  const xMm = first ? Math.round(lengthOf(first) / 20) * 10 : 1000
  floor.stand({ tool, xMm, yMm: 1000, turn: 0 })
  chosen.value = `tool:${tool}`
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle">
    <Button
      v-if="floor.plan && floor.shapes.size > 0 && floor.faults.length === 0"
      type="button"
      :label="floor.placing ? words.placing : words.place"
      :disabled="floor.placing"
      @click="floor.place()"
    />
  </PlaceHead>
  <WorkshopTabs />
  <div v-if="store.workspace && store.say" class="floor">
    <section v-if="plan" class="stack">
      <p v-for="(one, i) in floor.faults" :key="i" class="attention" role="alert">
        {{ faultText(one) }}
      </p>
      <p v-if="stray > 0" class="attention" role="alert">{{ words.stray(stray) }}</p>
      <FloorDrawing
        v-model:chosen="chosen"
        :plan="plan"
        :shapes="floor.shapes"
        :clashes="clashes"
        :names="names"
        @shift="shift"
        @drop="drop"
        @turn="turn"
        @remove="remove"
      />
      <p class="caption">{{ words.caption }}</p>
      <h2>{{ words.roomTitle }}</h2>
      <FloorRoom />
    </section>
    <section class="stack">
      <template v-if="plan">
        <h2>{{ words.clashTitle }}</h2>
        <p v-if="lines.length === 0" class="soft">{{ words.noClash }}</p>
        <template v-else>
          <ul class="plain-list" aria-live="polite">
            <li v-for="(one, i) in lines.slice(0, MOST_SHOWN)" :key="i">
              <button type="button" class="link" @click="chosen = one.key">{{ one.text }}</button>
            </li>
          </ul>
          <p class="caption">{{ words.waysOut }}</p>
        </template>
        <FloorChosen
          v-if="chosen"
          :piece="chosen"
          :name="nameOf(chosen)"
          @gone="chosen = undefined"
          @chose="chosen = $event"
        />
        <p v-else class="soft">{{ words.nothingChosen }}</p>
        <div v-if="floor.unplaced.length + floor.next.length > 0" class="row">
          <Button
            v-for="tool in [...floor.unplaced, ...floor.next]"
            :key="tool"
            type="button"
            size="small"
            severity="secondary"
            :label="words.putIn(toolName(tool))"
            @click="putIn(tool)"
          />
        </div>
        <details>
          <summary>{{ words.addTitle }}</summary>
          <div class="row">
            <Button
              v-for="kind in ADDED"
              :key="kind"
              type="button"
              size="small"
              severity="secondary"
              :label="words.kinds[kind] ?? ''"
              @click="add(kind)"
            />
          </div>
          <p class="caption">{{ words.electrician }}</p>
        </details>
        <FloorNext v-if="floor.faults.length === 0" />
      </template>
      <template v-else>
        <h2>{{ words.roomTitle }}</h2>
        <FloorRoom />
      </template>
    </section>
  </div>
</template>

<style scoped>
.floor {
  display: grid;
  gap: 1.5rem;
  align-items: start;
  grid-template-columns: minmax(0, 3fr) minmax(18rem, 2fr);
}
@media (max-width: 50rem) {
  .floor {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
