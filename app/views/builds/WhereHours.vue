<script setup lang="ts">
import { computed } from 'vue'
import type { Build } from '../../../core/builds'
import { sharedOf } from '../../../core/hours'
import { change } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import { useWorkspace } from '../../stores/workspace'
import { hours as words } from '../../words/hours'

/** Where the logged hours of a build went, by ways and by tools; of a finished one put right by hand. */
const props = defineProps<{ build: Build }>()
const store = useWorkspace()
const shared = computed(() =>
  store.world ? sharedOf(store.world, props.build, store.plan) : undefined
)
const isKept = computed(() => props.build.log?.shared !== undefined)
const most = (minutes: Readonly<Record<string, number>>): [string, number][] =>
  Object.entries(minutes).sort((a, b) => b[1] - a[1])
/** What is done and how: "Finish: Brushed on" says more than the way alone. */
function wayName(id: string): string {
  const { say, world } = store
  const operation = world?.library.methods.get(id)?.operation
  return say && operation !== undefined ? `${say.operation(operation)}: ${say.method(id)}` : id
}
const ways = computed(() =>
  most(shared.value?.ways ?? {}).map(([id, minutes]) => ({
    id,
    minutes,
    name: wayName(id)
  }))
)
const items = computed(() =>
  most(shared.value?.items ?? {}).map(([id, minutes]) => {
    const item = store.workspace?.items.find((one) => one.id === id)
    return {
      id,
      minutes,
      name: item ? (item.name ?? store.say?.tool(item.tool) ?? id) : words.gone
    }
  })
)
const inHours = (minutes: number): number => Math.round((minutes / 60) * 100) / 100
const inMinutes = (hours: number | undefined): number => Math.round((hours ?? 0) * 60)
const setWay = (way: string, hours: number | undefined): void =>
  void store.run(words.steps.share(props.build.name), (state) =>
    change.setWayMinutes(state, props.build.id, way, inMinutes(hours))
  )
const setItem = (item: string, hours: number | undefined): void =>
  void store.run(words.steps.share(props.build.name), (state) =>
    change.setItemMinutes(state, props.build.id, item, inMinutes(hours))
  )
</script>

<template>
  <section v-if="shared && store.say" class="stack">
    <h2>{{ words.whereTitle }}</h2>
    <p v-if="ways.length === 0" class="soft">{{ words.noWays }}</p>
    <template v-else>
      <p class="caption">{{ words.where }}</p>
      <div class="both">
        <table v-for="(list, i) in [ways, items]" :key="i" class="plain">
          <thead>
            <tr>
              <th scope="col">{{ i === 0 ? words.wayHead : words.toolHead }}</th>
              <th scope="col" :class="{ figure: !isKept }">{{ words.hoursHead }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in list" :key="one.id">
              <th scope="row">{{ one.name }}</th>
              <td :class="{ figure: !isKept }">
                <NumberField
                  v-if="isKept"
                  :label="i === 0 ? words.wayHours(one.name) : words.itemHours(one.name)"
                  hide-label
                  :least="0"
                  :most="inHours(build.log?.minutesSpent ?? 0)"
                  :value="inHours(one.minutes)"
                  @change="i === 0 ? setWay(one.id, $event) : setItem(one.id, $event)"
                />
                <template v-else>{{ store.say.number(inHours(one.minutes), 2) }}</template>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
  </section>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: 1rem 2rem;
  align-items: start;
}
</style>
