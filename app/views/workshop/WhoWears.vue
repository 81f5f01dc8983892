<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import type { Protection } from '../../../core/catalogue'
import type { Wear } from '../../../core/safety'
import { useWorkspace } from '../../stores/workspace'
import { air as words } from '../../words/air'
import { PROTECTION } from '../../words/cards'
import { useSetWorkshop } from './set-workshop'

/** Who wears what at which machine and work, what of it is there, worn or not, and when it is used up. */
const props = defineProps<{ wear: Wear }>()
const store = useWorkspace()
const set = useSetWorkshop()
const SHOWN = 8
const list = (protections: readonly Protection[]): string =>
  protections.map((one) => PROTECTION[one]).join(', ')
const machines = computed(() => props.wear.machines.slice(0, SHOWN))
const work = computed(() => props.wear.work.slice(0, SHOWN))
function wears(tool: string, yes: boolean): void {
  const others = (store.workspace?.workshop.unworn ?? []).filter((one) => one !== tool)
  const unworn = yes ? others : [...others, tool]
  set({ unworn: unworn.length > 0 ? unworn : undefined })
}
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.ownedTitle }}</h2>
    <p v-if="wear.owned.length === 0">{{ words.ownedNone }}</p>
    <ul v-else class="plain-list">
      <li v-for="one in wear.owned" :key="one.tool">
        <span class="strong">{{ store.say.tool(one.tool) }}</span>
        {{ words.protects(list(one.protects)) }}
        <label class="check"
          ><Checkbox
            :model-value="one.isWorn"
            binary
            @update:model-value="wears(one.tool, $event)"
          />
          {{ words.iWear }}</label
        >
        <p v-if="!one.isWorn" class="small attention">{{ words.unworn }}</p>
        <p v-else-if="one.lastsHours !== undefined" class="small soft">
          {{ words.lasts(store.say, one) }}
        </p>
      </li>
    </ul>
    <p class="small">
      {{ wear.noSpare.length > 0 ? words.spare(list(wear.noSpare)) : words.spareAll }}
    </p>
    <h2>{{ words.wearTitle }}</h2>
    <p class="caption">{{ words.wearCaption }}</p>
    <p v-if="machines.length + work.length === 0">{{ words.wearNone }}</p>
    <table v-if="machines.length > 0" class="plain small">
      <thead>
        <tr>
          <th scope="col">{{ words.machine }}</th>
          <th scope="col">{{ words.wears }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in machines" :key="one.tool">
          <th scope="row">
            {{ store.say.tool(one.tool) }}
            <span v-if="one.bought" class="soft">{{
              words.plannedFor(store.say.shortDay(one.bought))
            }}</span>
          </th>
          <td>{{ list(one.wear) }}</td>
        </tr>
      </tbody>
    </table>
    <table v-if="work.length > 0" class="plain small">
      <thead>
        <tr>
          <th scope="col">{{ words.work }}</th>
          <th scope="col">{{ words.wears }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in work" :key="one.method">
          <th scope="row">
            {{ store.say.operation(one.operation) }}
            <span class="soft">{{ store.say.method(one.method) }}</span>
          </th>
          <td>{{ list(one.wear) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="caption">{{ words.ratings }}</p>
  </section>
</template>

<style scoped>
li {
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
}
li p {
  margin: 0;
}
.check {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  margin-left: 0.6rem;
}
th span {
  display: block;
  font-weight: 400;
}
</style>
