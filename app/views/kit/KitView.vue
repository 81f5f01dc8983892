<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import { capacityGaps, dueIn } from '../../../core/care'
import {
  TOOL_GROUPS,
  matchesSearch,
  namesInAllSets,
  operationsByTool,
  type Tool
} from '../../../core/catalogue'
import { fitContext, kitOf, operationsWithin } from '../../../core/fit'
import { toolOfPurchase } from '../../../core/explain'
import { change, type Item } from '../../../core/workspace'
import { usual } from '../../../data'
import PlaceHead from '../../parts/PlaceHead.vue'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { groups, kit as words } from '../../words/kit'
import { paper } from '../../words/paper'
import { steps } from '../../words/steps'
import KitGaps from './KitGaps.vue'
import KitTabs from './KitTabs.vue'
import KitTool from './KitTool.vue'

type Shown = 'mine' | 'usual' | 'all' | 'owned' | 'planned' | 'wished'
const OwnEntry = defineAsyncComponent(() => import('./OwnEntry.vue'))
const store = useWorkspace()
const planning = usePlanning()
const route = useRoute()
const asked = typeof route.query.tool === 'string' ? route.query.tool : undefined
/** Asked for an operation: every tool that has a part in it. */
const askedOperation =
  typeof route.query.operation === 'string'
    ? store.world?.library.operations.get(route.query.operation)?.name
    : undefined
const search = ref(askedOperation ?? '')
const show = ref<Shown>(
  askedOperation !== undefined
    ? 'all'
    : (store.workspace?.items.length ?? 0) > 0 || asked !== undefined
      ? 'mine'
      : 'usual'
)
const adding = ref<'tool' | 'method'>()
const opened = ref<string | undefined>(asked)
const shows = [
  { id: 'mine', name: words.mine },
  { id: 'usual', name: words.usual },
  { id: 'all', name: words.all },
  { id: 'owned', name: words.owned },
  { id: 'planned', name: words.planned },
  { id: 'wished', name: words.wished }
] as const

const items = computed(() => store.workspace?.items ?? [])
const itemOf = (tool: string): Item | undefined => items.value.find((item) => item.tool === tool)
const planned = computed(
  () =>
    new Map(
      (planning.plan?.purchases ?? []).map((purchase) => [
        store.world ? (toolOfPurchase(store.world, purchase) ?? '') : '',
        purchase.date
      ])
    )
)
const due = computed(() => (store.world ? dueIn(store.world) : []))

const operationsOf = computed(
  () =>
    new Map(
      [...(store.world ? operationsByTool(store.world.library) : [])].map(([tool, operations]) => [
        tool,
        operations.map(({ name }) => name)
      ])
    )
)
const covered = computed(() =>
  store.world
    ? operationsWithin(
        fitContext(store.world),
        kitOf(store.world.library, store.world.workspace.items)
      ).length
    : 0
)
const matches = (tool: Tool): boolean => {
  return (
    search.value.trim() === '' ||
    matchesSearch(
      search.value,
      ...(store.world ? namesInAllSets(store.world.library, tool.name) : [tool.name]),
      ...tool.aliases,
      ...(operationsOf.value.get(tool.id) ?? [])
    )
  )
}
const isShown = (tool: Tool): boolean => {
  const isMine =
    itemOf(tool.id) !== undefined ||
    planned.value.has(tool.id) ||
    (store.workspace?.wishes.includes(tool.id) ?? false) ||
    tool.id === asked
  if (search.value.trim() !== '') return true
  switch (show.value) {
    case 'mine':
      return isMine
    case 'usual':
      return usual.includes(tool.id)
    case 'all':
      return true
    case 'owned':
      return itemOf(tool.id) !== undefined
    case 'planned':
      return planned.value.has(tool.id)
    case 'wished':
      return store.workspace?.wishes.includes(tool.id) ?? false
  }
}
const grouped = computed(() =>
  TOOL_GROUPS.map((group) => ({
    group,
    tools: [...(store.world?.library.tools.values() ?? [])].filter(
      (tool) => tool.group === group && matches(tool) && isShown(tool)
    )
  })).filter(({ tools }) => tools.length > 0)
)
const waiting = (tool: Tool): string[] =>
  due.value.flatMap((one) =>
    one.kind === 'companion' && one.tool === tool.id
      ? [words.oneOf(one.anyOf.map((id) => lowerFirst(store.say?.shortTool(id) ?? id)))]
      : one.kind === 'unprotected' && one.tool === tool.id
        ? one.protections.map(words.protection)
        : []
  )

const shortfalls = computed(() => (store.world ? capacityGaps(store.world) : []))
const alone = computed(() =>
  [...(store.world?.library.tools.values() ?? [])].filter(
    (tool) => itemOf(tool.id) && waiting(tool).length > 0
  )
)
const ownEntries = computed(() =>
  [...(store.workspace?.own.tools ?? []), ...(store.workspace?.own.methods ?? [])].map(
    ({ id, name }) => ({ id, name })
  )
)
function removeOwn(id: string, name: string): void {
  store.run(steps.removedOwn(name), (state) => change.removeOwn(state, id) ?? state)
}
</script>

<template>
  <PlaceHead :title="words.title(items.length, covered)" :subtitle="words.subtitle">
    <RouterLink v-if="items.length > 0" to="/kit/care">{{ paper.openCare }}</RouterLink>
  </PlaceHead>
  <KitTabs />
  <div class="row tools">
    <InputText
      v-model="search"
      :placeholder="words.search"
      :aria-label="words.search"
      class="search"
    />
    <Select
      v-model="show"
      :options="[...shows]"
      option-label="name"
      option-value="id"
      :aria-label="words.show"
    />
    <Button severity="secondary" :label="words.addTool" @click="adding = 'tool'" />
    <Button severity="secondary" :label="words.addMethod" @click="adding = 'method'" />
  </div>
  <p v-if="show === 'usual'" class="caption">{{ words.usualHint }}</p>
  <KitGaps
    v-if="show !== 'usual' && (shortfalls.length > 0 || alone.length > 0)"
    :shortfalls="shortfalls"
    :alone="alone.map((tool) => ({ tool: tool.id, waiting: waiting(tool) }))"
  />
  <section v-if="ownEntries.length > 0" class="own small">
    <h2>{{ words.ownTitle }}</h2>
    <ul class="plain-list row">
      <li v-for="one in ownEntries" :key="one.id">
        <bdi>{{ one.name }}</bdi>
        <button
          type="button"
          class="link"
          :aria-label="words.removeOwn(one.name)"
          @click="removeOwn(one.id, one.name)"
        >
          {{ words.remove }}
        </button>
      </li>
    </ul>
  </section>
  <OwnEntry
    v-if="adding"
    :what="adding"
    :visible="adding !== undefined"
    @update:visible="adding = undefined"
  />
  <p v-if="grouped.length === 0" class="soft">{{ words.none }}</p>
  <div v-if="store.say" class="groups">
    <section v-for="{ group, tools } in grouped" :key="group">
      <h2>{{ groups[group] }}</h2>
      <ul class="plain-list">
        <KitTool
          v-for="tool in tools"
          :key="tool.id"
          :tool="tool"
          :item="itemOf(tool.id)"
          :planned="planned.get(tool.id)"
          :waiting="waiting(tool)"
          :operations="operationsOf.get(tool.id) ?? []"
          :open="opened === tool.id"
          @toggle="opened = opened === tool.id ? undefined : tool.id"
        />
      </ul>
    </section>
  </div>
</template>

<style scoped>
.search {
  width: 24rem;
  max-width: 100%;
}
.own {
  margin-top: 0.5rem;
}
.own h2 {
  font-size: var(--head-3);
}
.own li {
  border: 1px solid var(--line);
  padding: 0.1rem 0.5rem;
}
.groups {
  columns: 3 19rem;
  column-gap: 2rem;
}
.groups section {
  break-inside: avoid;
  margin-bottom: 1.25rem;
}
</style>
