<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import type { Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { minutesEach } from '../../../core/sidework'
import { change, type Piece } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import SelectField from '../../parts/SelectField.vue'
import { newId } from '../../stores/clock'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { sideStock as words } from '../../words/side-stock'
import { inForm } from '../../words/where'

/** Finished pieces of a build for sale go into the stock, with what they cost and the work in them. */
const store = useWorkspace()
const work = useSideWork()
const build = ref('')
const count = ref(1)
const made = ref<Day>()
const cost = ref<Minor>()
const minutes = ref<number>()
const price = ref<Minor>()
const problem = ref('')
const builds = computed(() =>
  (store.workspace?.builds ?? []).filter(({ sale }) => sale).map(({ id, name }) => ({ id, name }))
)
const design = computed(() => work.designs.find((one) => one.build === build.value))
watch(
  [build, design],
  () => {
    const one = design.value
    cost.value = one && Math.round(one.cost)
    minutes.value = one && Math.round(minutesEach(one))
    price.value =
      one?.price ?? store.workspace?.builds.find(({ id }) => id === build.value)?.sale?.netEach
  },
  { immediate: true }
)
watch(
  builds,
  (list) => {
    if (!list.some(({ id }) => id === build.value)) build.value = list[0]?.id ?? ''
  },
  { immediate: true }
)
function put(): void {
  const { workspace, world } = store
  const name = builds.value.find(({ id }) => id === build.value)?.name
  if (!workspace || !world) return
  const day = made.value ?? world.asOf
  problem.value = name === undefined ? words.needDesign : day > world.asOf ? words.future : ''
  if (name === undefined || problem.value !== '') return
  const outlet = workspace.builds.find(({ id }) => id === build.value)?.sale?.outlet
  const asked = price.value
  const pieces = Array.from({ length: count.value }, (): Piece => ({
    id: newId('piece'),
    build: build.value,
    name,
    made: day,
    cost: cost.value ?? 0,
    minutes: minutes.value ?? 0,
    offered:
      asked === undefined
        ? []
        : [{ date: day, price: asked, ...(outlet === undefined ? {} : { outlet }) }]
  }))
  const [refused] = store.attempt(words.putStep(count.value, name), (state) =>
    change.addPieces(state, pieces)
  )
  problem.value = refused ? inForm(refused, store.say) : ''
}
</script>

<template>
  <section v-if="store.say && builds.length > 0" class="stack">
    <h2>{{ words.finishedTitle }}</h2>
    <form class="row fields" @submit.prevent="put">
      <SelectField
        :label="words.design"
        :value="build"
        :options="builds"
        @change="build = $event"
      />
      <NumberField
        :label="words.count"
        :value="count"
        :least="1"
        :most="500"
        whole
        width="4rem"
        @change="count = $event ?? 1"
      />
      <DayField :label="words.made" :value="made ?? store.world?.asOf" @change="made = $event" />
      <MoneyField
        :label="words.cost"
        :value="cost"
        optional
        width="5.5rem"
        @change="cost = $event"
      />
      <NumberField
        :label="words.minutes"
        :value="minutes"
        :least="0"
        :most="100000"
        whole
        optional
        width="5rem"
        @change="minutes = $event"
      />
      <MoneyField
        :label="words.price"
        :value="price"
        optional
        width="5.5rem"
        @change="price = $event"
      />
      <Button type="submit" size="small" :label="words.put" />
    </form>
    <p class="caption">{{ words.estimate }}</p>
    <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
}
</style>
