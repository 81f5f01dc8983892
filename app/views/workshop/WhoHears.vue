<script setup lang="ts">
import { computed } from 'vue'
import { QUIET_DBA } from '../../../core/fit'
import type { LoudWay } from '../../../core/safety'
import { WALLS_BETWEEN, quietLimit, type WallBetween } from '../../../core/workshop'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { useWorkspace } from '../../stores/workspace'
import { air as words } from '../../words/air'
import { workshop as limits } from '../../words/workshop'
import { useSetWorkshop } from './set-workshop'

/** Quiet hours and the neighbours, and what goes instead of what is too loud for them. */
const props = defineProps<{ loud: readonly LoudWay[]; known: boolean }>()
const store = useWorkspace()
const set = useSetWorkshop()
const SHOWN = 6
const FEET = 0.3048
const shop = computed(() => store.workspace?.workshop)
const walls = computed(() =>
  (Object.keys(WALLS_BETWEEN) as WallBetween[]).map((id) => ({ id, name: words.walls[id] }))
)
const wall = computed(() => shop.value?.neighbour?.wall ?? 'blocks')
const limit = computed(() => (shop.value && quietLimit(shop.value)) ?? QUIET_DBA)
const first = computed(() => props.loud.slice(0, SHOWN))
const isImperial = computed(() => store.workspace?.preferences.units === 'imperial')
const distance = computed(() => {
  const metres = shop.value?.neighbour?.metres
  return metres === undefined || !isImperial.value ? metres : Math.round(metres / FEET)
})
const quiet = (next: { aboveDbA?: number; costPerHour?: number } | undefined): void =>
  set({ quiet: next && { aboveDbA: 85, costPerHour: 0, ...shop.value?.quiet, ...next } })
function away(value: number | undefined): void {
  set({
    neighbour:
      value === undefined
        ? undefined
        : { metres: isImperial.value ? value * FEET : value, wall: wall.value }
  })
}
function between(id: string): void {
  const one = walls.value.find((any) => any.id === id)
  if (one) set({ neighbour: { metres: shop.value?.neighbour?.metres ?? 5, wall: one.id } })
}
</script>

<template>
  <section v-if="store.say && shop" class="stack">
    <h2>{{ words.noiseTitle }}</h2>
    <div class="row">
      <NumberField
        :label="isImperial ? words.neighbourFeet : words.neighbour"
        :value="distance"
        :least="0"
        :most="1000"
        optional
        @change="away"
      />
      <SelectField :label="words.wall" :value="wall" :options="walls" @change="between" />
    </div>
    <p class="caption">{{ words.neighbourWhy }}</p>
    <div class="row">
      <NumberField
        :label="limits.quietAbove"
        :value="shop.quiet?.aboveDbA"
        :least="30"
        :most="140"
        width="6rem"
        optional
        @change="quiet($event === undefined ? undefined : { aboveDbA: $event })"
      />
      <MoneyField
        :label="limits.quietCost"
        :value="shop.quiet?.costPerHour"
        optional
        @change="quiet($event === undefined ? undefined : { costPerHour: $event })"
      />
    </div>
    <p class="caption">
      {{ limits.quietWhy }}
      <button v-if="shop.quiet" type="button" class="link" @click="quiet(undefined)">
        {{ limits.quietOff }}
      </button>
    </p>
    <p>{{ words.limit(store.say.number(limit, 0), shop.neighbour !== undefined) }}</p>
    <p v-if="known && loud.length === 0">{{ words.noneLoud }}</p>
    <ul class="plain-list">
      <li v-for="one in first" :key="one.method">
        {{ words.loud(store.say, one) }}
        <span class="soft small">{{
          one.quiet ? words.instead(store.say, one.quiet) : words.notQuiet
        }}</span>
      </li>
      <li v-if="loud.length > first.length" class="soft small">
        {{ words.more(loud.length - first.length) }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
}
</style>
