<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRoute } from 'vue-router'
import { capacityGaps, dueIn } from '../../../core/care'
import {
  CONDITIONS,
  SPECS,
  TIERS,
  TOOL_GROUPS,
  matchesSearch,
  namesInAllSets,
  specsOf,
  type SpecName,
  type Tool
} from '../../../core/catalogue'
import { fitMethod, fitContext, kitOf } from '../../../core/fit'
import { toolOfPurchase } from '../../../core/explain'
import { change, type Item } from '../../../core/workspace'
import { ok, type Result } from '../../../core/kernel'
import { inchText, parseLength } from '../../../core/units'
import { usual } from '../../../data'
import DayField from '../../parts/DayField.vue'
import MoneyField from '../../parts/MoneyField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TextField from '../../parts/TextField.vue'
import { newId } from '../../stores/clock'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { specName } from '../../words/builds'
import { groups, kit as words } from '../../words/kit'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'

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

/** Operations a tool has a part in, by name. */
const operationsOf = computed(() => {
  const found = new Map<string, string[]>()
  const { library } = store.world ?? {}
  for (const tool of library?.tools.values() ?? [])
    found.set(tool.id, [
      ...new Set(
        [...(library?.methods.values() ?? [])]
          .filter(({ roles }) => roles.some(({ role }) => tool.roles.includes(role)))
          .map(({ operation }) => library?.operations.get(operation)?.name ?? '')
      )
    ])
  return found
})
const covered = computed(() => {
  const { world } = store
  if (!world) return 0
  const kit = kitOf(world.library, world.workspace.items)
  const context = fitContext(world)
  return [...world.library.operations.values()].filter(({ id }) =>
    (world.library.methodsFor.get(id) ?? []).some(
      (method) =>
        method.form !== 'service' &&
        fitMethod(kit, method, { id: 's', operation: id, quantity: 1, stock: {} }, context).misses
          .length === 0
    )
  ).length
})
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
      ? [words.oneOf(one.anyOf.map((id) => store.say?.shortTool(id).toLowerCase() ?? id))]
      : one.kind === 'unprotected' && one.tool === tool.id
        ? one.protections.map(words.protection)
        : []
  )

function tick(tool: Tool, has: boolean): void {
  const item = itemOf(tool.id)
  if (has && !item)
    store.run(steps.owned(tool.name), (state) =>
      change.addItem(state, change.plainItem(tool, newId('item'), store.world?.asOf ?? ''))
    )
  if (!has && item)
    store.run(steps.disowned(tool.name), (state) => ({
      ...state,
      items: state.items.filter((one) => one.tool !== tool.id)
    }))
}
function edit(item: Item, next: Partial<Item>): void {
  const tool = store.world?.library.tools.get(item.tool)
  store.run(steps.owned(tool?.name ?? ''), (state) =>
    change.changeItem(state, item.id, (one) => ({
      ...one,
      ...next,
      ...(next.tier && tool ? { specs: specsOf(tool, next.tier) } : {})
    }))
  )
}
const capacities = (tool: Tool): string => {
  const specs = itemOf(tool.id)?.specs ?? tool.specs
  return Object.entries(specs)
    .flatMap(([spec, value]) =>
      value === undefined || !store.say || !spec.endsWith('Mm') || spec === 'accuracyMm'
        ? []
        : [words.capacity(store.say.length(value), specName(spec))]
    )
    .join(', ')
}
/** Measures of an owned tool that decide what it can do. */
const measuresOf = (item: Item): SpecName[] =>
  SPECS.filter(
    (spec) => spec.endsWith('Mm') && spec !== 'accuracyMm' && item.specs[spec] !== undefined
  )
const sizeText = (mm: number | undefined): string =>
  mm === undefined
    ? ''
    : store.workspace?.preferences.units === 'imperial'
      ? inchText(mm)
      : String(Math.round(mm * 10) / 10)
const readSize = (text: string): Result<number | undefined> =>
  text.trim() === ''
    ? ok(undefined)
    : parseLength(text, store.workspace?.preferences.units ?? 'metric')
const setMeasure = (item: Item, spec: SpecName, mm: number | undefined): void =>
  edit(item, {
    specs: { ...item.specs, [spec]: mm ?? store.world?.library.tools.get(item.tool)?.specs[spec] }
  })
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
const toggleWish = (tool: Tool): void => {
  const wanted = !(store.workspace?.wishes.includes(tool.id) ?? false)
  store.run(wanted ? steps.wished(tool.name) : steps.unwished(tool.name), (state) =>
    change.wish(state, tool.id, wanted)
  )
}
const tiers = TIERS.map((id) => ({ id, name: weigh.tierName[id] }))
const conditions = CONDITIONS.map((id) => ({ id, name: weigh.conditionName[id] }))
</script>

<template>
  <PlaceHead :title="words.title(items.length, covered)" :subtitle="words.subtitle" />
  <div class="row">
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
  <div
    v-if="store.say && show !== 'usual' && (shortfalls.length > 0 || alone.length > 0)"
    class="gaps small"
  >
    <section v-if="shortfalls.length > 0">
      <h2>{{ words.shortTitle }}</h2>
      <ul class="plain-list">
        <li v-for="one in shortfalls" :key="one.tool + one.spec">
          <bdi>{{
            words.short(
              store.say.shortTool(one.tool),
              store.say.length(one.has),
              specName(one.spec),
              store.say.length(one.needs),
              one.builds.map((id) => store.say!.build(id))
            )
          }}</bdi>
        </li>
      </ul>
    </section>
    <section v-if="alone.length > 0">
      <h2>{{ words.companionTitle }}</h2>
      <ul class="plain-list">
        <li v-for="tool in alone" :key="tool.id">
          {{ words.companion(store.say.shortTool(tool.id), waiting(tool).join(', ')) }}
        </li>
      </ul>
    </section>
  </div>
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
        <li
          v-for="tool in tools"
          :key="tool.id"
          class="tool"
          :class="{ owned: itemOf(tool.id), planned: planned.has(tool.id) && !itemOf(tool.id) }"
        >
          <label class="tick">
            <input
              type="checkbox"
              :checked="itemOf(tool.id) !== undefined"
              :aria-label="words.have(tool.name)"
              @change="tick(tool, ($event.target as HTMLInputElement).checked)"
            />
            <span>
              <span class="strong">{{ tool.name }}</span>
              <span v-if="itemOf(tool.id) && itemOf(tool.id)!.count > 1">
                × {{ itemOf(tool.id)!.count }}</span
              >
              <span v-if="!itemOf(tool.id) && planned.has(tool.id)" class="small state">{{
                words.plannedOn(store.say.shortDay(planned.get(tool.id) ?? ''))
              }}</span>
              <span v-if="store.workspace?.wishes.includes(tool.id)" class="small state">{{
                words.wished
              }}</span>
              <span v-if="itemOf(tool.id) && waiting(tool).length > 0" class="small attention">
                {{ words.waitsFor(waiting(tool)) }}</span
              >
            </span>
          </label>
          <button
            type="button"
            class="link small"
            :aria-expanded="opened === tool.id"
            :aria-label="`${words.details}: ${tool.name}`"
            @click="opened = opened === tool.id ? undefined : tool.id"
          >
            {{ words.details }}
          </button>
          <div v-if="opened === tool.id" class="details small">
            <p>
              {{
                (operationsOf.get(tool.id) ?? []).length > 0
                  ? words.covers(operationsOf.get(tool.id) ?? [])
                  : words.coversNone
              }}<template v-if="capacities(tool) !== ''"> · {{ capacities(tool) }}</template>
            </p>
            <p v-if="tool.why">{{ tool.why }}</p>
            <p v-if="tool.caution" class="caution">{{ tool.caution }} {{ words.cautionTail }}</p>
            <ul v-if="tool.companions.length > 0" class="plain-list">
              <li v-for="companion in tool.companions" :key="companion.anyOf.join()">
                {{ companion.anyOf.map((id) => store.say!.shortTool(id)).join(' / ') }}:
                {{ companion.why }}
              </li>
            </ul>
            <div v-if="itemOf(tool.id)" class="row">
              <Button
                size="small"
                severity="secondary"
                icon="pi pi-minus"
                :aria-label="words.less(tool.name)"
                :disabled="itemOf(tool.id)!.count <= 1"
                @click="edit(itemOf(tool.id)!, { count: itemOf(tool.id)!.count - 1 })"
              />
              <span>{{ words.count }}: {{ itemOf(tool.id)!.count }}</span>
              <Button
                size="small"
                severity="secondary"
                icon="pi pi-plus"
                :aria-label="words.more(tool.name)"
                @click="edit(itemOf(tool.id)!, { count: itemOf(tool.id)!.count + 1 })"
              />
              <Select
                :model-value="itemOf(tool.id)!.tier"
                :options="tiers"
                option-label="name"
                option-value="id"
                :aria-label="words.tier"
                @update:model-value="edit(itemOf(tool.id)!, { tier: $event })"
              />
              <Select
                :model-value="itemOf(tool.id)!.condition"
                :options="conditions"
                option-label="name"
                option-value="id"
                :aria-label="words.condition"
                @update:model-value="edit(itemOf(tool.id)!, { condition: $event })"
              />
              <TextField
                v-for="spec in measuresOf(itemOf(tool.id)!)"
                :key="spec"
                :label="specName(spec)"
                width="5rem"
                :value="sizeText(itemOf(tool.id)!.specs[spec])"
                :read="readSize"
                @change="setMeasure(itemOf(tool.id)!, spec, $event as number | undefined)"
              />
              <MoneyField
                :label="words.paid"
                :value="itemOf(tool.id)!.cost"
                @change="edit(itemOf(tool.id)!, { cost: $event ?? 0 })"
              />
              <DayField
                :label="words.since"
                :value="itemOf(tool.id)!.since"
                @change="$event !== undefined && edit(itemOf(tool.id)!, { since: $event })"
              />
            </div>
            <Button
              v-else
              size="small"
              severity="secondary"
              :label="store.workspace?.wishes.includes(tool.id) ? words.unwish : words.wish"
              @click="toggleWish(tool)"
            />
          </div>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.search {
  width: 24rem;
  max-width: 100%;
}
.gaps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(18rem, 1fr));
  gap: 0.5rem 2rem;
  border-left: 4px solid var(--attention);
  padding-left: 0.75rem;
  margin-top: 0.75rem;
}
.gaps h2 {
  font-size: var(--head-3);
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
.tool {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.15rem 0.5rem;
  align-items: baseline;
  border: 1px solid var(--line);
  border-left: 4px solid transparent;
  padding: 0.3rem 0.5rem;
  margin-top: 0.3rem;
  background: var(--paper);
}
.tool.owned {
  background: var(--paper-raised);
  border-color: var(--graphite);
  border-left: 4px solid var(--planned);
}
.tool.planned {
  border-style: dashed;
  border-color: var(--graphite);
}
.tick {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0.5rem;
  align-items: baseline;
  cursor: pointer;
}
.tick input {
  accent-color: var(--planned);
}
.state {
  border: 1px dashed var(--line-strong);
  padding: 0 0.3rem;
  margin-left: 0.4rem;
  white-space: nowrap;
}
.details {
  grid-column: 1 / -1;
  display: grid;
  gap: 0.4rem;
  padding: 0.25rem 0 0.25rem 1.6rem;
  justify-items: start;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
</style>
