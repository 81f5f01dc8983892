<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import { computed, useId } from 'vue'
import { ok } from '../../../core/kernel'
import { lengthOf, wallsOf, type Opening, type Stand, type Thing } from '../../../core/workshop'
import LengthField from '../../parts/LengthField.vue'
import SelectField from '../../parts/SelectField.vue'
import TextField from '../../parts/TextField.vue'
import { useFloor } from '../../stores/floor'
import { useWorkspace } from '../../stores/workspace'
import { floor as words } from '../../words/floor'
import { moved, split, turned, without } from './floor-pieces'

/** The place of what is chosen in figures, and its buttons. */
const props = defineProps<{ piece: string; name: string }>()
const emit = defineEmits<{ gone: []; chose: [key: string] }>()
const store = useWorkspace()
const floor = useFloor()
const check = useId()
const MOST_MM = 100_000
const BUTTON_MM = 100
const ways = [
  ['left', -1, 0],
  ['right', 1, 0],
  ['up', 0, -1],
  ['down', 0, 1]
] as const

const kind = computed(() => split(props.piece)[0])
const id = computed(() => split(props.piece)[1])
const plan = computed(() => floor.plan)
const thing = computed(() =>
  plan.value?.things.find((one) => one.id === id.value && kind.value === 'thing')
)
const standing = computed(() => plan.value?.stands.find((one) => one.tool === id.value))
const opening = computed(() =>
  plan.value?.openings.find((one) => one.id === id.value && kind.value === 'opening')
)
const outlet = computed(() =>
  plan.value?.outlets.find((one) => one.id === id.value && kind.value === 'outlet')
)
const at = computed<Stand | undefined>(() =>
  kind.value === 'thing'
    ? thing.value
    : kind.value === 'tool'
      ? standing.value
      : kind.value === 'stored'
        ? standing.value?.stored
        : undefined
)
const walls = computed(() =>
  wallsOf(plan.value?.outline ?? []).map((wall, i) => ({
    id: String(i),
    name: words.wallName(i + 1, store.say?.length(Math.round(lengthOf(wall))) ?? '')
  }))
)

/** Circuits that are told apart, and what the outlet says where that is none of them. */
const circuits = computed(() => {
  const names = (store.workspace?.workshop.circuits ?? []).map(({ name }) => ({ id: name, name }))
  const says = outlet.value?.circuit ?? ''
  return names.length === 0 || names.some(({ id: its }) => its === says)
    ? names
    : [{ id: says, name: says === '' ? words.noCircuit : says }, ...names]
})

const setThing = (next: Partial<Thing>): void =>
  floor.change({
    things: (plan.value?.things ?? []).map((one) =>
      one.id === id.value ? { ...one, ...next } : one
    )
  })
const setAway = (away: boolean): void => setThing({ away: away ? true : undefined })
const setOpening = (next: Partial<Opening>): void =>
  floor.change({
    openings: (plan.value?.openings ?? []).map((one) =>
      one.id === id.value ? { ...one, ...next } : one
    )
  })
function setInward(inward: boolean): void {
  setOpening({ inward: inward ? true : undefined })
}
const setOutlet = (next: { wall?: number; atMm?: number; circuit?: string }): void =>
  floor.change({
    outlets: (plan.value?.outlets ?? []).map((one) =>
      one.id === id.value ? { ...one, ...next } : one
    )
  })
function go(dx: number, dy: number): void {
  if (plan.value) floor.set(moved(plan.value, props.piece, dx, dy))
}
function turn(): void {
  if (plan.value) floor.set(turned(plan.value, props.piece))
}
function takeOut(): void {
  if (plan.value) floor.set(without(plan.value, props.piece))
  emit('gone')
}
function apart(): void {
  const one = standing.value
  if (!one) return
  const { xMm, yMm, turn: turned_ } = one
  floor.stand({ ...one, stored: { xMm: xMm + 300, yMm: yMm + 300, turn: turned_ } })
  emit('chose', `stored:${one.tool}`)
}
function together(): void {
  const one = standing.value
  if (!one) return
  const { stored: _former, ...rest } = one
  floor.stand(rest)
  emit('chose', `tool:${one.tool}`)
}
</script>

<template>
  <h3>{{ words.chosen(name) }}</h3>
  <div v-if="at" class="row">
    <LengthField
      :label="words.fromLeft"
      :value="at.xMm"
      :least="-MOST_MM"
      :most="MOST_MM"
      @change="go(($event ?? 0) - (at?.xMm ?? 0), 0)"
    />
    <LengthField
      :label="words.fromTop"
      :value="at.yMm"
      :least="-MOST_MM"
      :most="MOST_MM"
      @change="go(0, ($event ?? 0) - (at?.yMm ?? 0))"
    />
  </div>
  <div v-if="thing" class="row">
    <LengthField
      :label="words.across"
      :value="thing.sides[0]"
      :least="10"
      :most="MOST_MM"
      @change="setThing({ sides: [$event ?? 10, thing?.sides[1] ?? 10] })"
    />
    <LengthField
      :label="words.deep"
      :value="thing.sides[1]"
      :least="10"
      :most="MOST_MM"
      @change="setThing({ sides: [thing?.sides[0] ?? 10, $event ?? 10] })"
    />
  </div>
  <p v-if="thing" class="check">
    <Checkbox
      :model-value="thing.away === true"
      binary
      :input-id="check"
      @update:model-value="setAway($event)"
    />
    <label :for="check">{{ words.away }}</label>
  </p>
  <template v-if="opening">
    <div class="row">
      <SelectField
        :label="words.wall"
        :value="String(opening.wall)"
        :options="walls"
        @change="setOpening({ wall: Number($event), fromMm: 0 })"
      />
      <LengthField
        :label="words.along"
        :value="opening.fromMm"
        :least="0"
        :most="MOST_MM"
        @change="setOpening({ fromMm: $event ?? 0 })"
      />
    </div>
    <div class="row">
      <LengthField
        :label="words.across"
        :value="opening.widthMm"
        :least="100"
        :most="MOST_MM"
        @change="setOpening({ widthMm: $event ?? 100 })"
      />
      <LengthField
        :label="words.high"
        :value="opening.heightMm"
        :least="100"
        :most="MOST_MM"
        @change="setOpening({ heightMm: $event ?? 100 })"
      />
    </div>
    <p v-if="opening.kind === 'door'" class="check">
      <Checkbox
        :model-value="opening.inward === true"
        binary
        :input-id="check"
        @update:model-value="setInward($event)"
      />
      <label :for="check">{{ words.inward }}</label>
    </p>
  </template>
  <div v-if="outlet" class="row">
    <SelectField
      :label="words.wall"
      :value="String(outlet.wall)"
      :options="walls"
      @change="setOutlet({ wall: Number($event), atMm: 200 })"
    />
    <LengthField
      :label="words.along"
      :value="outlet.atMm"
      :least="0"
      :most="MOST_MM"
      @change="setOutlet({ atMm: $event ?? 0 })"
    />
    <SelectField
      v-if="circuits.length > 0"
      :label="words.circuit"
      :value="outlet.circuit"
      :options="circuits"
      @change="setOutlet({ circuit: $event })"
    />
    <TextField
      v-else
      :label="words.circuit"
      :value="outlet.circuit"
      :read="(text: string) => ok(text.trim() === '' ? words.circuitFirst : text.trim())"
      @change="setOutlet({ circuit: String($event) })"
    />
  </div>
  <div class="row">
    <Button
      v-for="[way, dx, dy] in ways"
      :key="way"
      type="button"
      size="small"
      severity="secondary"
      :label="words.move[way]"
      @click="go(dx * BUTTON_MM, dy * BUTTON_MM)"
    />
    <Button type="button" size="small" severity="secondary" :label="words.turn" @click="turn" />
  </div>
  <div class="row">
    <button v-if="kind === 'tool' && !standing?.stored" type="button" class="link" @click="apart">
      {{ words.apart }}
    </button>
    <button
      v-if="standing?.stored && (kind === 'tool' || kind === 'stored')"
      type="button"
      class="link"
      @click="together"
    >
      {{ words.together }}
    </button>
    <button type="button" class="link" @click="takeOut">{{ words.takeOut }}</button>
  </div>
</template>

<style scoped>
.check {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
</style>
