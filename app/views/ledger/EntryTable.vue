<script setup lang="ts">
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import { useVirtualList } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import {
  ENTRY_KINDS,
  filterRows,
  movedIn,
  sortRows,
  type EntryKind,
  type LedgerFilter,
  type LedgerRow,
  type SortBy
} from '../../../core/ledger'
import { useWorkspace } from '../../stores/workspace'
import { entryKinds, ledger as words } from '../../words/ledger'
import DayField from '../../parts/DayField.vue'

/** Entries to filter, sort and go through by keys. Only the rows in sight are drawn, so that a long ledger stays quick. */
const props = defineProps<{ rows: readonly LedgerRow[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [id: string | undefined] }>()
/** Height of a row, in the size of the page’s text; the same in the styles below. */
const ROW_REM = 2.125
/** The same, px. */
const ROW = ROW_REM * parseFloat(getComputedStyle(document.documentElement).fontSize)
const store = useWorkspace()
const text = ref('')
const kinds = ref<EntryKind[]>([])
const from = ref('')
const to = ref('')
const standing = ref(false)
const by = ref<SortBy>('date')
const down = ref(true)
const active = ref(0)
const options = ENTRY_KINDS.map((id) => ({ id, name: entryKinds[id] }))
const filter = computed<LedgerFilter>(() => ({
  text: text.value,
  kinds: kinds.value,
  standing: standing.value,
  ...(from.value === '' ? {} : { from: from.value }),
  ...(to.value === '' ? {} : { to: to.value })
}))
const found = computed(() => filterRows(props.rows, filter.value))
const shown = computed(() => [...sortRows(found.value, by.value, down.value)])
const sum = computed(() => movedIn(found.value))
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(shown, {
  itemHeight: ROW,
  overscan: 12
})
const height = computed(() => `min(${Math.max(1, shown.value.length) * ROW + 2}px, 24rem)`)
watch([filter, by, down], () => {
  active.value = 0
  scrollTo(0)
})
const COLUMNS: readonly (readonly [SortBy, string, boolean])[] = [
  ['date', words.date, false],
  ['kind', words.kind, false],
  ['text', words.text, false],
  ['planned', words.planned, true],
  ['amount', words.amount, true]
]

function sort(column: SortBy): void {
  if (by.value === column) down.value = !down.value
  else [by.value, down.value] = [column, column === 'date' || column === 'amount']
}
async function go(event: KeyboardEvent, index: number): Promise<void> {
  const last = shown.value.length - 1
  const next =
    event.key === 'ArrowDown'
      ? index + 1
      : event.key === 'ArrowUp'
        ? index - 1
        : event.key === 'Home'
          ? 0
          : event.key === 'End'
            ? last
            : event.key === 'PageDown'
              ? index + 10
              : event.key === 'PageUp'
                ? index - 10
                : undefined
  if (next === undefined) return
  event.preventDefault()
  active.value = Math.min(last, Math.max(0, next))
  const row = (): HTMLElement | null => document.getElementById(`entry-row-${active.value}`)
  if (!row()) {
    scrollTo(active.value)
    await nextTick()
    await new Promise((resolve) => requestAnimationFrame(resolve))
  }
  row()?.focus()
}
function choose(index: number, entry: string): void {
  active.value = index
  emit('choose', entry)
}
</script>

<template>
  <div v-if="store.say" class="stack">
    <div class="filters no-print">
      <div class="field grow">
        <label for="ledger-filter">{{ words.filter }}</label><InputText
          id="ledger-filter"
          v-model="text"
          type="search"
          fluid
        />
      </div>
      <div class="field">
        <span id="kinds-label" class="label">{{ words.kinds }}</span><MultiSelect
          v-model="kinds"
          :options="options"
          option-label="name"
          option-value="id"
          :placeholder="words.anyKind"
          :max-selected-labels="1"
          :selected-items-label="words.kindsChosen"
          aria-labelledby="kinds-label"
        />
      </div>
      <DayField optional :label="words.from" :value="from" @change="from = $event ?? ''" />
      <DayField optional :label="words.to" :value="to" @change="to = $event ?? ''" />
    </div>
    <div class="spread">
      <p class="caption" role="status">
        {{ words.found(found.length, rows.length, store.say.moved(sum)) }}
      </p>
      <label class="small no-print"
        ><input v-model="standing" type="checkbox" /> {{ words.standing }}</label
      >
    </div>
    <div role="table" :aria-label="words.entries" :aria-rowcount="shown.length + 1" class="table">
      <div role="row" class="line head">
        <span
          v-for="[column, name, figure] in COLUMNS"
          :key="column"
          role="columnheader"
          :class="[column, { figure }]"
          :aria-sort="by === column ? (down ? 'descending' : 'ascending') : 'none'"
        >
          <button type="button" @click="sort(column)">
            {{ name }} <span aria-hidden="true">{{ by === column ? (down ? '↓' : '↑') : '' }}</span>
          </button>
        </span>
        <span role="columnheader" class="figure balance">{{ words.balance }}</span>
      </div>
      <div v-bind="containerProps" :style="{ height }" class="body" role="rowgroup">
        <div v-bind="wrapperProps" role="presentation">
          <div
            v-for="{ data: row, index } in list"
            :id="`entry-row-${index}`"
            :key="row.entry.id"
            role="row"
            class="line"
            :aria-rowindex="index + 2"
            :tabindex="index === active ? 0 : -1"
            :aria-selected="chosen === row.entry.id"
            :class="{
              gone: row.reversed || row.takesBack !== undefined,
              chosen: chosen === row.entry.id
            }"
            @click="choose(index, row.entry.id)"
            @keydown="go($event, index)"
            @keydown.enter.prevent="emit('choose', row.entry.id)"
            @keydown.escape="emit('choose', undefined)"
            @focus="active = index"
          >
            <span role="cell" class="date">{{ store.say.day(row.entry.date) }}</span>
            <span role="cell" class="kind">{{ entryKinds[row.entry.kind] }}</span>
            <span role="cell" class="text"
              ><bdi>{{
                row.takesBack === undefined ? row.entry.text : words.reverses(row.takesBack)
              }}</bdi
              ><span v-if="row.reversed" class="small soft"> · {{ words.reversed }}</span></span
            >
            <span role="cell" class="figure soft planned">{{
              row.entry.planned === undefined || row.takesBack !== undefined
                ? ''
                : store.say.money(Math.abs(row.entry.planned))
            }}</span>
            <span role="cell" class="figure strong amount">{{
              store.say.moved(row.entry.amount)
            }}</span>
            <span role="cell" class="figure soft balance">{{ store.say.money(row.balance) }}</span>
          </div>
        </div>
      </div>
    </div>
    <p class="caption no-print">{{ words.tableHint }}</p>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.75rem;
  align-items: end;
}
.grow {
  flex: 1 1 9rem;
}
.filters :deep(.p-multiselect) {
  width: 8.5rem;
}
.filters :deep(input[type='date']) {
  width: 9.2rem;
}
.line {
  display: grid;
  grid-template-columns: 6.6rem 6.4rem minmax(6rem, 1fr) 4.6rem 5.2rem 5.4rem;
  gap: 0 0.75rem;
  align-items: center;
  height: 2.125rem;
  border-bottom: 1px solid var(--line);
  padding: 0 0.35rem;
}
.line > span {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.head {
  border-bottom-color: var(--graphite);
  font-size: var(--text-small);
}
.head button {
  background: none;
  border: 0;
  padding: 0;
  font: inherit;
  font-weight: 650;
  color: inherit;
  cursor: pointer;
  white-space: nowrap;
}
.body {
  overflow-y: auto;
}
.body .line {
  cursor: pointer;
}
.body .line:hover {
  background: var(--paper-raised);
}
.chosen {
  background: var(--planned-wash);
}
.gone > span {
  text-decoration: line-through;
  text-decoration-color: var(--graphite-soft);
  color: var(--graphite-soft);
}
.figure {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.table {
  container-type: inline-size;
}
/* By its own room, which is little on a phone and little with large text. */
@container (max-width: 38rem) {
  .line {
    grid-template-columns: 4.9rem minmax(5rem, 1fr) 5.2rem;
    gap: 0 0.4rem;
  }
  .kind,
  .planned,
  .balance {
    display: none;
  }
  .date {
    font-size: 0.75rem;
  }
}
@media print {
  .body {
    height: auto !important;
    overflow: visible;
  }
}
</style>
