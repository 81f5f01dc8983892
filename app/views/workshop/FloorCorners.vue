<script setup lang="ts">
import Button from 'primevue/button'
import { rewalled, type Point } from '../../../core/workshop'
import LengthField from '../../parts/LengthField.vue'
import { useFloor } from '../../stores/floor'
import { floor as words } from '../../words/floor'
import { resized } from './floor-pieces'

/** The corners of the room in figures: for walls that run aslant, and for rooms that are no rectangle. */
const floor = useFloor()
const MOST_MM = 60_000
const FEWEST = 3
const MOST = 40

function move(index: number, next: Partial<Point>): void {
  const { plan } = floor
  if (!plan) return
  floor.set(
    resized(
      plan,
      plan.outline.map((one, i) => (i === index ? { ...one, ...next } : one))
    )
  )
}
/** A corner more, halfway to the next one. */
function add(index: number): void {
  const { plan } = floor
  const [a, b] = [plan?.outline[index], plan?.outline[(index + 1) % (plan?.outline.length ?? 1)]]
  if (!plan || !a || !b) return
  const half = { xMm: Math.round((a.xMm + b.xMm) / 2), yMm: Math.round((a.yMm + b.yMm) / 2) }
  const outline = [...plan.outline]
  outline.splice(index + 1, 0, half)
  floor.set(rewalled(plan, outline))
}
function remove(index: number): void {
  const { plan } = floor
  if (plan)
    floor.set(
      rewalled(
        plan,
        plan.outline.filter((_, i) => i !== index)
      )
    )
}
</script>

<template>
  <details v-if="floor.plan">
    <summary>{{ words.cornersTitle }}</summary>
    <p class="caption">{{ words.cornersWhy }}</p>
    <ol class="plain-list">
      <li v-for="(corner, index) in floor.plan.outline" :key="index" class="row">
        <LengthField
          :label="words.cornerLeft(index + 1)"
          :value="corner.xMm"
          :least="0"
          :most="MOST_MM"
          @change="move(index, { xMm: $event ?? 0 })"
        />
        <LengthField
          :label="words.cornerTop(index + 1)"
          :value="corner.yMm"
          :least="0"
          :most="MOST_MM"
          @change="move(index, { yMm: $event ?? 0 })"
        />
        <Button
          v-if="floor.plan.outline.length < MOST"
          type="button"
          size="small"
          severity="secondary"
          :label="words.cornerAdd(index + 1)"
          @click="add(index)"
        />
        <button
          v-if="floor.plan.outline.length > FEWEST"
          type="button"
          class="link"
          @click="remove(index)"
        >
          {{ words.cornerRemove(index + 1) }}
        </button>
      </li>
    </ol>
  </details>
</template>

<style scoped>
.row {
  align-items: end;
}
</style>
