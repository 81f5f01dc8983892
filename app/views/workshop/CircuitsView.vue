<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { circuitsOf, mostAmps, strayOutlets, type Circuit } from '../../../core/workshop'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import SelectField from '../../parts/SelectField.vue'
import { useFloor } from '../../stores/floor'
import { useWorkspace } from '../../stores/workspace'
import { circuits as words } from '../../words/circuits'
import { workshop as limits } from '../../words/workshop'
import CircuitRow from './CircuitRow.vue'
import PowerPairs from './PowerPairs.vue'
import PowerSense from './PowerSense.vue'
import WorkshopTabs from './WorkshopTabs.vue'
import { useSetWorkshop } from './set-workshop'

/** The circuits tools are plugged into, what hangs on them, what runs together and on which cord. */
const store = useWorkspace()
const floor = useFloor()
const set = useSetWorkshop()
const mains = [
  { id: '230', name: '230 V' },
  { id: '120', name: '120 V' }
]
const USUAL_AMPS = { 230: 16, 120: 15 } as const
const shop = computed(() => store.workspace?.workshop)
const list = computed(() => shop.value?.circuits ?? [])
const title = computed(() => {
  const { say } = store
  const most = shop.value && mostAmps(shop.value)
  if (!shop.value || !say || most === undefined) return words.titleNone
  return words.title(
    circuitsOf(shop.value).length,
    say.number(Math.max(0, most), 1),
    shop.value.volts
  )
})
const stray = computed(() =>
  shop.value ? strayOutlets(shop.value, floor.plan?.outlets ?? []) : []
)
const outletsOn = (name: string): number =>
  (floor.plan?.outlets ?? []).filter(({ circuit }) => circuit === name).length

/** A name none of the others has. */
function freeName(): string {
  for (let n = list.value.length + 1; ; n++) {
    const name = words.named(n)
    if (list.value.every((one) => one.name !== name)) return name
  }
}
function add(): void {
  const { volts = 230, circuitAmps } = shop.value ?? {}
  const amps = list.value.length === 0 ? (circuitAmps ?? USUAL_AMPS[volts]) : USUAL_AMPS[volts]
  // The first one has the name of the outlets that are drawn already.
  const [drawn] = floor.plan?.outlets ?? []
  const name = list.value.length === 0 && drawn ? drawn.circuit : freeName()
  set({ circuits: [...list.value, { name: name === '' ? freeName() : name, amps }] })
}
/** Changes a circuit; its outlets follow its name. */
function change(index: number, next: Circuit): void {
  const former = list.value[index]
  const { plan } = floor
  set({
    circuits: list.value.map((one, i) => (i === index ? next : one)),
    ...(plan && former && former.name !== next.name
      ? {
          plan: {
            ...plan,
            outlets: plan.outlets.map((one) =>
              one.circuit === former.name ? { ...one, circuit: next.name } : one
            )
          }
        }
      : {})
  })
}
function remove(index: number): void {
  const rest = list.value.filter((_, i) => i !== index)
  set({
    circuits: rest.length > 0 ? rest : undefined,
    ...(rest.length > 0 ? {} : { circuitAmps: list.value[index]?.amps })
  })
}
function gather(name: string): void {
  floor.change({
    outlets: (floor.plan?.outlets ?? []).map((one) =>
      stray.value.includes(one.id) ? { ...one, circuit: name } : one
    )
  })
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle" />
  <WorkshopTabs />
  <div v-if="store.workspace && store.say && shop" class="columns">
    <section class="stack">
      <h2>{{ words.listTitle }}</h2>
      <div class="row">
        <SelectField
          :label="limits.volts"
          :value="String(shop.volts)"
          :options="mains"
          @change="set({ volts: $event === '120' ? 120 : 230 })"
        />
        <NumberField
          v-if="list.length === 0"
          :label="limits.circuit"
          :value="shop.circuitAmps"
          :least="0"
          :most="400"
          width="6rem"
          optional
          @change="set({ circuitAmps: $event })"
        />
      </div>
      <CircuitRow
        v-for="(one, index) in list"
        :key="index"
        :circuit="one"
        :others="list.filter((_, i) => i !== index).map(({ name }) => name)"
        :outlets="floor.plan ? outletsOn(one.name) : undefined"
        @change="change(index, $event)"
        @remove="remove(index)"
      />
      <Button
        size="small"
        severity="secondary"
        :label="list.length === 0 ? words.apart : words.add"
        @click="add"
      />
      <div v-if="stray.length > 0" class="stack">
        <p class="attention" role="alert">{{ words.stray(stray.length) }}</p>
        <div class="row">
          <Button
            v-for="one in list"
            :key="one.name"
            size="small"
            severity="secondary"
            :label="words.strayTake(one.name)"
            @click="gather(one.name)"
          />
        </div>
      </div>
      <p class="caption">{{ limits.circuitWhy }}</p>
    </section>
    <section class="stack">
      <PowerPairs />
      <PowerSense />
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 1.5rem 2.5rem;
  align-items: start;
}
.stack {
  justify-items: start;
}
</style>
