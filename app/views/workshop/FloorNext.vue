<script setup lang="ts">
import Select from 'primevue/select'
import { computed, onMounted, useId } from 'vue'
import { goesThrough, shapeOf } from '../../../core/workshop'
import { change } from '../../../core/workspace'
import LengthField from '../../parts/LengthField.vue'
import { useToolOptions } from '../../parts/tool-options'
import { useFloor } from '../../stores/floor'
import { useWorkspace } from '../../stores/workspace'
import { floor as words } from '../../words/floor'
import { steps } from '../../words/steps'

/** Whether the next machine, a whole sheet and each finished piece find their way. */
const store = useWorkspace()
const floor = useFloor()
const SHEET = {
  metric: { length: 2500, width: 1250, height: 18 },
  imperial: { length: 2438.4, width: 1219.2, height: 19 }
} as const
const MOST_MM = 20_000
onMounted(floor.askNext)
const tryId = useId()
const tools = useToolOptions()
const machines = computed(() =>
  tools.value.filter(({ id }) => {
    const tool = store.world?.library.tools.get(id)
    return tool && shapeOf(tool) && !floor.shapes.has(id)
  })
)

const verdicts = computed(() => {
  const { say } = store
  return floor.verdicts.map(({ tool, alone, beside, out, smaller }) => {
    const name = say?.tool(tool) ?? tool
    const line = beside ? words.nextFits : alone ? words.nextBeside : words.nextNever
    const thing = floor.plan?.things.find(({ id }) => id === out)
    return {
      tool,
      beside,
      text: line(name),
      wish: beside && floor.tried.includes(tool) && !isWished(tool),
      out: thing && { id: thing.id, name: thing.name ?? words.theKinds[thing.kind] ?? '' },
      smaller: smaller === undefined ? undefined : { id: smaller, name: say?.tool(smaller) ?? '' }
    }
  })
})
/** The way out that is taken: something is out of the room while one works. */
function driveOut(id: string): void {
  floor.change({
    things: (floor.plan?.things ?? []).map((one) =>
      one.id === id ? { ...one, away: true as const } : one
    )
  })
}
const isWished = (tool: string): boolean => store.workspace?.wishes.includes(tool) === true
function wish(tool: string): void {
  store.run(steps.wished(store.say?.tool(tool) ?? tool), (state) => change.wish(state, tool, true))
}
/** A smaller one is wished for in its place. */
function takeSmaller(tool: string, smaller: string): void {
  store.run(steps.wished(store.say?.tool(smaller) ?? smaller), (state) =>
    change.wish(change.wish(state, tool, false), smaller, true)
  )
  floor.tried = floor.tried.filter((one) => one !== tool)
}
const doors = computed(() => (floor.plan?.openings ?? []).filter(({ kind }) => kind !== 'window'))
const out = computed(() => floor.pieces.filter(({ ways }) => ways > 0))
const stuck = computed(() => floor.pieces.filter(({ ways }) => ways === 0))
const sheet = computed(() => SHEET[store.workspace?.preferences.units ?? 'metric'])
const sheetIn = computed(() => doors.value.some((one) => goesThrough(sheet.value, one)))
const sheetSize = computed(() => {
  const { say } = store
  return say ? `${say.length(sheet.value.length)} × ${say.length(sheet.value.width)}` : ''
})
function setStock(next: { lengthMm?: number | undefined; widthMm?: number | undefined }): void {
  const { lengthMm, widthMm } = { ...floor.plan?.stock, ...next }
  if (!floor.plan) return
  const { stock: _former, ...plan } = floor.plan
  floor.set(
    lengthMm === undefined ? plan : { ...plan, stock: { lengthMm, widthMm: widthMm ?? 300 } }
  )
}
</script>

<template>
  <h2>{{ words.nextTitle }}</h2>
  <p v-if="floor.next.length === 0" class="soft">{{ words.nextNone }}</p>
  <p v-else-if="verdicts.length === 0" class="soft">{{ words.asking }}</p>
  <ul v-else class="plain-list">
    <li v-for="one in verdicts" :key="one.tool" :class="{ attention: !one.beside }">
      {{ one.text }}
      <button v-if="one.wish" type="button" class="link" @click="wish(one.tool)">
        {{ words.wishFor }}
      </button>
      <button v-if="one.out" type="button" class="link" @click="driveOut(one.out.id)">
        {{ words.driveOut(one.out.name) }}
      </button>
      <button
        v-if="one.smaller"
        type="button"
        class="link"
        @click="takeSmaller(one.tool, one.smaller.id)"
      >
        {{ words.takeSmaller(one.smaller.name) }}
      </button>
    </li>
  </ul>
  <div class="field">
    <span :id="tryId" class="label">{{ words.tryOther }}</span><Select
      :model-value="undefined"
      :options="machines"
      option-label="name"
      option-value="id"
      filter
      :filter-fields="['words']"
      :placeholder="words.tryWhich"
      :aria-labelledby="tryId"
      @update:model-value="floor.tried = [$event as string]"
    />
  </div>
  <p class="caption">{{ words.rule }}</p>
  <h2>{{ words.doorsTitle }}</h2>
  <p v-if="doors.length === 0" class="soft">{{ words.doorNone }}</p>
  <ul v-else-if="store.say" class="plain-list">
    <li v-if="out.length > 0">{{ words.doorFits(out.length) }}</li>
    <li v-for="one in stuck" :key="one.build" class="attention">
      {{ words.doorNot(store.say.build(one.build)) }}
    </li>
    <li :class="{ attention: !sheetIn }">
      {{ sheetIn ? words.sheetThrough(sheetSize) : words.sheetNot(sheetSize) }}
    </li>
  </ul>
  <details>
    <summary>{{ words.stockTitle }}</summary>
    <div class="row">
      <LengthField
        :label="words.stockLength"
        :value="floor.plan?.stock?.lengthMm"
        :least="100"
        :most="MOST_MM"
        optional
        @change="setStock({ lengthMm: $event })"
      />
      <LengthField
        :label="words.stockWidth"
        :value="floor.plan?.stock?.widthMm"
        :least="20"
        :most="MOST_MM"
        optional
        @change="setStock({ widthMm: $event })"
      />
    </div>
    <p class="caption">{{ words.stockWhy }}</p>
  </details>
</template>
