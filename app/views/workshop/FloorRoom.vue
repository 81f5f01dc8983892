<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { areaOf, rewalled, sidesOf } from '../../../core/workshop'
import LengthField from '../../parts/LengthField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useFloor } from '../../stores/floor'
import { useWorkspace } from '../../stores/workspace'
import { floor as words } from '../../words/floor'
import FloorCorners from './FloorCorners.vue'
import { cutOut, resized, roomOf } from './floor-pieces'

/** The outline of the room: two sides, and a corner that is not there. */
const store = useWorkspace()
const floor = useFloor()
const METRE = 1000
const SQUARE_FOOT_M2 = 0.3048 ** 2
const MOST_MM = 60_000
const inMm = (metres: number | undefined): number | undefined =>
  metres === undefined ? undefined : metres * METRE
/** The sides drawn, or those said before there was a drawing. */
const drawn = computed(() => {
  const shop = store.workspace?.workshop
  const room = shop && sidesOf(shop)
  return { length: inMm(room?.lengthM), width: inMm(room?.widthM) }
})
const typed = ref<{ length?: number | undefined; width?: number | undefined }>({})
const sides = computed(() => ({ ...drawn.value, ...typed.value }))
const corner = ref<{ at: string; along: number | undefined; across: number | undefined }>({
  at: '1',
  along: undefined,
  across: undefined
})
const corners = words.corners.map((name, i) => ({ id: String(i), name }))
const area = computed(() => (floor.plan ? areaOf(floor.plan.outline) : 0))

function draw(): void {
  const { length, width } = sides.value
  const made = roomOf(length ?? 0, width ?? 0)
  const { plan } = floor
  if (!plan) floor.set(made)
  else if (plan.outline.length === made.outline.length) floor.set(resized(plan, made.outline))
  else floor.set(rewalled(plan, made.outline))
  typed.value = {}
}
function cut(): void {
  const { at, along, across } = corner.value
  if (floor.plan && along && across) floor.set(cutOut(floor.plan, Number(at), along, across))
}
</script>

<template>
  <p v-if="!floor.plan">{{ words.noRoom }}</p>
  <p v-else-if="store.say" class="small soft">
    {{
      store.workspace?.preferences.units === 'imperial'
        ? words.areaFeet(store.say.number(area / SQUARE_FOOT_M2, 0))
        : words.area(store.say.number(area, 1))
    }}
  </p>
  <div class="row">
    <LengthField
      :label="words.lengthM"
      :value="sides.length"
      :least="0"
      :most="MOST_MM"
      optional
      @change="typed.length = $event"
    />
    <LengthField
      :label="words.widthM"
      :value="sides.width"
      :least="0"
      :most="MOST_MM"
      optional
      @change="typed.width = $event"
    />
    <Button
      type="button"
      :label="floor.plan ? words.redraw : words.draw"
      :severity="floor.plan ? 'secondary' : 'primary'"
      @click="draw"
    />
  </div>
  <details v-if="floor.plan">
    <summary>{{ words.cutTitle }}</summary>
    <div class="row">
      <SelectField
        :label="words.cutWhich"
        :value="corner.at"
        :options="corners"
        @change="corner.at = $event"
      />
      <LengthField
        :label="words.cutLength"
        :value="corner.along"
        :least="0"
        :most="MOST_MM"
        optional
        @change="corner.along = $event"
      />
      <LengthField
        :label="words.cutWidth"
        :value="corner.across"
        :least="0"
        :most="MOST_MM"
        optional
        @change="corner.across = $event"
      />
      <Button type="button" :label="words.cut" severity="secondary" @click="cut" />
    </div>
  </details>
  <FloorCorners />
  <button v-if="floor.plan" type="button" class="link" @click="floor.set(undefined)">
    {{ words.wipe }}
  </button>
</template>
