<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import type { SupplyLine } from '../../../core/supplies'
import { change, isSupply, type Supply } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import WideBox from '../../parts/WideBox.vue'
import { newId } from '../../stores/clock'
import { useUpkeep } from '../../stores/upkeep'
import { useWorkspace } from '../../stores/workspace'
import { supplies as words } from '../../words/supplies'
import KitTabs from './KitTabs.vue'

/** What is used up: what is there, what the builds ahead need, when it runs out and in which size to buy it. */
const store = useWorkspace()
const upkeep = useUpkeep()
const added = ref<string[]>([])
const lines = computed(() => upkeep.supplies)
const nameOf = (what: string): string =>
  store.world?.library.materials.get(what)?.name ?? store.say?.tool(what) ?? what
/** Everything kept in stock that has no line yet. */
const others = computed(() => {
  const shown = new Set([...lines.value.map(({ what }) => what), ...added.value])
  return [...(store.world?.library.materials.values() ?? [])]
    .filter((material) => isSupply(material) && !shown.has(material.id))
    .map(({ id }) => ({ id, name: nameOf(id) }))
    .sort((a, b) => a.name.localeCompare(b.name))
})
const fresh = computed(() =>
  added.value.filter((what) => !lines.value.some((line) => line.what === what))
)
const short = computed(() => lines.value.filter(({ runsOut }) => runsOut).length)
const notes = computed(() =>
  [...(store.workspace?.supplies ?? [])].sort((a, b) => (a.on < b.on ? 1 : -1))
)
function note(what: string, kind: Supply['kind'], amount: number, step: string): void {
  const on = store.world?.asOf ?? ''
  store.run(step, (state) => change.addSupply(state, { id: newId('s'), what, kind, on, amount }))
}
const count = (what: string, amount: number | undefined): void => {
  if (amount !== undefined) note(what, 'count', amount, words.steps.counted(nameOf(what)))
}
const came = (what: string, amount: number | undefined): void => {
  if (amount !== undefined && amount > 0) note(what, 'in', amount, words.steps.came(nameOf(what)))
}
const open = (what: string): void => note(what, 'opened', 0, words.steps.opened(nameOf(what)))
const takeOut = (one: Supply): void =>
  void store.run(words.steps.out(nameOf(one.what)), (state) => change.removeSupply(state, one.id))
const ages = ({ what, have }: SupplyLine): boolean =>
  have > 0 && store.world?.library.materials.get(what)?.keepsDays !== undefined
const amountOf = ({ what, amount, kind }: Supply): string => {
  const material = store.world?.library.materials.get(what)
  return kind === 'opened' || !store.say
    ? ''
    : words.amount(store.say, { unit: material?.unit ?? 'piece' }, amount)
}
</script>

<template>
  <template v-if="store.say">
    <PlaceHead :title="words.title(short)" :subtitle="words.subtitle" />
    <KitTabs />
    <p v-if="lines.length === 0" class="soft">{{ words.none }}</p>
    <WideBox v-else>
      <table class="plain cards">
        <caption class="visually-hidden">
          {{
            words.tab
          }}
        </caption>
        <thead>
          <tr>
            <th scope="col">{{ words.head.what }}</th>
            <th scope="col">{{ words.head.have }}</th>
            <th scope="col">{{ words.head.needs }}</th>
            <th scope="col">{{ words.head.out }}</th>
            <th scope="col">{{ words.head.buy }}</th>
            <th scope="col" class="no-print">{{ words.head.put }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.what">
            <th scope="row">{{ nameOf(line.what) }}</th>
            <td :data-label="words.head.have">
              {{ line.known ? words.amount(store.say, line, line.have) : words.unknown }}
              <span v-if="line.goodUntil && line.have > 0" class="soft small block">{{
                line.isOld ? words.old : words.keeps(store.say.day(line.goodUntil))
              }}</span>
            </td>
            <td :data-label="words.head.needs">
              {{ line.needs.length > 0 ? words.need(store.say, line) : '' }}
            </td>
            <td :data-label="words.head.out">
              <span v-if="line.runsOut" class="attention">{{
                words.outAt(store.say.build(line.runsOut.build), store.say.day(line.runsOut.on))
              }}</span><template v-else-if="line.needs.length > 0">{{ words.enough }}</template>
            </td>
            <td :data-label="words.head.buy">
              <template v-if="line.buy">
                {{ words.buy(store.say, line) }}
                <span v-if="line.saves > 0" class="soft small block">{{
                  words.saves(store.say.money(line.saves))
                }}</span>
              </template>
            </td>
            <td class="no-print">
              <div class="row put">
                <NumberField
                  :key="`${line.what}${line.have}`"
                  :label="words.count(nameOf(line.what))"
                  hide-label
                  :placeholder="line.kind === 'wears' ? words.pieces : words.countIs"
                  :value="undefined"
                  optional
                  :least="0"
                  :most="100000"
                  width="6rem"
                  @change="count(line.what, $event)"
                />
                <NumberField
                  :key="`in${line.what}${line.have}`"
                  :label="words.came(nameOf(line.what))"
                  hide-label
                  :placeholder="words.cameIn"
                  :value="undefined"
                  optional
                  :least="0"
                  :most="100000"
                  width="6rem"
                  @change="came(line.what, $event)"
                />
                <button
                  v-if="ages(line)"
                  type="button"
                  class="link small"
                  :aria-label="words.opened(nameOf(line.what))"
                  @click="open(line.what)"
                >
                  {{ words.open }}
                </button>
              </div>
            </td>
          </tr>
          <tr v-for="what in fresh" :key="what">
            <th scope="row">{{ nameOf(what) }}</th>
            <td colspan="4" class="soft">{{ words.unknown }}</td>
            <td>
              <NumberField
                :label="words.count(nameOf(what))"
                hide-label
                :placeholder="words.countIs"
                :value="undefined"
                optional
                :least="0"
                :most="100000"
                width="6rem"
                @change="count(what, $event)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <p class="caption">{{ words.inPlan }}</p>
    <div class="field no-print add">
      <span id="supply-add" class="label">{{ words.add }}</span><Select
        :model-value="null"
        aria-labelledby="supply-add"
        :options="others"
        option-label="name"
        option-value="id"
        :placeholder="words.choose"
        filter
        @update:model-value="added = [...added, $event]"
      />
    </div>
    <section v-if="notes.length > 0" class="stack no-print">
      <h2>{{ words.moves }}</h2>
      <ul class="plain-list">
        <li v-for="one in notes" :key="one.id" class="row">
          <span>{{
            words.move(
              nameOf(one.what),
              words.kinds[one.kind],
              amountOf(one),
              store.say.day(one.on)
            )
          }}</span>
          <Button
            size="small"
            severity="secondary"
            icon="pi pi-times"
            :aria-label="words.takeOut(nameOf(one.what), store.say.day(one.on))"
            @click="takeOut(one)"
          />
        </li>
      </ul>
    </section>
  </template>
</template>

<style scoped>
.block {
  display: block;
}
@media (max-width: 700px) {
  .cards thead {
    display: none;
  }
  .cards,
  .cards tbody,
  .cards tr,
  .cards th,
  .cards td {
    display: block;
    width: 100%;
    border: 0;
    padding: 0.1rem 0;
    text-align: start;
  }
  .cards tr {
    border-bottom: 1px solid var(--line);
    padding: 0.5rem 0;
  }
  .cards td[data-label]:empty {
    display: none;
  }
  .cards td[data-label]::before {
    content: attr(data-label) ': ';
    color: var(--graphite);
  }
}
.add {
  max-width: 22rem;
}
.put {
  flex-wrap: nowrap;
}
</style>
