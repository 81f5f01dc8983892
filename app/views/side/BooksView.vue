<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { booksOf } from '../../../core/sidework'
import type { MoneySettings } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import SelectField from '../../parts/SelectField.vue'
import WideBox from '../../parts/WideBox.vue'
import { saveText } from '../../shell/save'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { side } from '../../words/side'
import { sideBooks as words } from '../../words/side-books'
import SideTabs from './SideTabs.vue'

/** What side work brought, month by month and year by year. */
const store = useWorkspace()
const work = useSideWork()
watch(() => [work.ground, store.plan], work.askForSale, { immediate: true })
const by = ref<'month' | 'year'>('month')
const bys = [
  { id: 'month' as const, name: words.month },
  { id: 'year' as const, name: words.year }
]
const booked = (kind: 'month' | 'year') =>
  store.workspace && store.world ? booksOf(store.workspace, kind, store.world.asOf) : []
const years = computed(() => booked('year'))
const periods = computed(() => [...(by.value === 'year' ? years.value : booked('month'))].reverse())
const last = computed(() => years.value.at(-1))
const periodName = (period: string): string =>
  period.length > 4 ? (store.say?.month(`${period}-01`) ?? period) : period
const SHOWN_MONTHS = 14
function set(next: Partial<MoneySettings>): void {
  store.run(words.costsStep, (state) => ({ ...state, money: { ...state.money, ...next } }))
}
async function csv(): Promise<void> {
  const { workspace } = store
  if (!workspace) return
  const { writeBooks } = await import('../../../core/formats')
  const text = writeBooks([...booked('year'), ...booked('month')], workspace.money.currency)
  saveText(`${workspace.name} ${words.file}.csv`, text, 'text/csv')
}
async function journal(): Promise<void> {
  const { workspace, world } = store
  if (!workspace || !world) return
  const { writeJournal } = await import('../../../core/formats')
  saveText(`${workspace.name}.journal`, writeJournal(workspace, world.asOf), 'text/plain')
}
const COLUMNS = ['takings', 'fees', 'cost', 'other', 'left'] as const
</script>

<template>
  <PlaceHead
    v-if="store.say"
    :title="last ? words.title(store.say, last.period, last.all) : words.none"
    :subtitle="last ? words.subtitle(store.say, last.all) : words.noneHint"
  >
    <template v-if="last">
      <Button severity="secondary" :label="words.csv" @click="csv" /><Button
        severity="secondary"
        :label="words.journal"
        @click="journal"
      />
    </template>
  </PlaceHead>
  <SideTabs />
  <div v-if="store.say && store.workspace && last" class="stack">
    <div class="row">
      <SelectField :label="words.by" :value="by" :options="bys" @change="by = $event" />
    </div>
    <WideBox>
      <table class="plain">
        <caption class="visually-hidden">
          {{
            side.tabs.books
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ words.period }}</th>
            <th>{{ words.design }}</th>
            <th class="figure">{{ words.sold }}</th>
            <th v-for="column in COLUMNS" :key="column" class="figure">{{ words[column] }}</th>
            <th class="figure">{{ words.perHour }}</th>
          </tr>
        </thead>
        <tbody v-for="{ period, all, designs } in periods.slice(0, SHOWN_MONTHS)" :key="period">
          <tr class="all">
            <th scope="row" class="one-line">{{ periodName(period) }}</th>
            <td>{{ words.all }}</td>
            <td class="figure">{{ all.pieces }}</td>
            <td
              v-for="column in COLUMNS"
              :key="column"
              class="figure"
              :class="{ attention: all[column] < 0, strong: column === 'left' }"
            >
              {{ store.say.money(all[column]) }}
            </td>
            <td class="figure">
              {{ all.perHour === undefined ? '' : store.say.money(Math.round(all.perHour)) }}
            </td>
          </tr>
          <template v-if="designs.length > 1 || by === 'year'">
            <tr v-for="{ build, name, line } in designs" :key="build" class="small">
              <td />
              <td>
                <bdi>{{ name }}</bdi>
              </td>
              <td class="figure">{{ line.pieces }}</td>
              <td
                v-for="column in COLUMNS"
                :key="column"
                class="figure"
                :class="{ attention: line[column] < 0 }"
              >
                {{ store.say.money(line[column]) }}
              </td>
              <td class="figure">
                {{ line.perHour === undefined ? '' : store.say.money(Math.round(line.perHour)) }}
              </td>
            </tr>
          </template>
        </tbody>
      </table>
    </WideBox>
    <section v-if="work.wages.length > 0" class="stack">
      <h2>{{ words.wagesTitle }}</h2>
      <ul class="plain-list">
        <li v-for="one in work.wages" :key="one.build">{{ words.wage(store.say, one) }}</li>
      </ul>
      <p class="caption">{{ words.wagesHint }}</p>
    </section>
    <section class="stack">
      <h2>{{ words.costsTitle }}</h2>
      <div class="row fields">
        <MoneyField
          :label="words.perKm"
          :value="store.workspace.money.perKm"
          optional
          width="6rem"
          @change="set({ perKm: $event })"
        />
        <MoneyField
          :label="words.room"
          :value="store.workspace.money.roomPerMonth"
          optional
          width="6rem"
          @change="set({ roomPerMonth: $event })"
        />
      </div>
      <p class="caption">{{ words.costsHint }}</p>
    </section>
    <p class="caption">{{ words.journalHint }}</p>
    <p class="caption">{{ side.advice }}</p>
  </div>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
tr.all :is(td, th) {
  border-bottom-color: var(--line);
}
</style>
