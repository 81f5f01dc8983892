<script setup lang="ts">
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { changeOf, type Concern } from '../../../core/board'
import type { Issue } from '../../../core/kernel'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useToolOptions } from '../../parts/tool-options'
import { fileText } from '../../shell/file-text'
import { useBoard } from '../../stores/board'
import { useSettings } from '../../stores/settings'
import { useWorkspace } from '../../stores/workspace'
import { board as words } from '../../words/board'
import { sentence } from '../../words/issues'
import { prices } from '../../words/prices'
import BoardTable from './BoardTable.vue'
import PricesTabs from './PricesTabs.vue'

/** A board of prices: what it says of what one watches, plans and wishes for, and what taking it over would change. */
const store = useWorkspace()
const board = useBoard()
const settings = useSettings()
const options = useToolOptions()
const tool = ref<string>()
const picker = ref<HTMLInputElement>()
const refusal = ref<readonly Issue[]>([])
const MOST_SHOWN = 5

const CONCERNS = ['watched', 'planned', 'wished'] as const satisfies readonly Concern[]
const groups = computed(() =>
  tool.value !== undefined
    ? [
        {
          id: 'other' as Concern,
          rows: board.rows.filter(({ listing }) => listing.tool === tool.value)
        }
      ]
    : CONCERNS.map((id) => ({
        id: id as Concern,
        rows: board.rows.filter(({ concern }) => concern === id)
      })).filter(({ rows }) => rows.length > 0)
)
const shown = computed(() => groups.value.flatMap(({ rows }) => rows))
/** What would change if all that is shown were taken over. */
const news = computed(() => shown.value.filter(({ taken }) => !taken))
const cheaper = computed(
  () => shown.value.filter((one) => !one.taken && (changeOf(one) ?? 0) < 0).length
)
const others = computed(() => board.rows.filter(({ concern }) => concern === 'other').length)
const title = computed(() => {
  const { feed, met } = board
  if (!feed || !store.say) return words.title
  return met.length > 0
    ? words.metTitle(met.map(({ listing }) => store.say?.shortTool(listing.tool) ?? ''))
    : words.titleOf(cheaper.value, shown.value.length)
})
const subtitle = computed(() => {
  const { feed } = board
  return feed && store.say
    ? words.subtitleOf(feed, store.say.day(feed.date), feed.listings.length)
    : words.subtitle
})
const take = (listings: Parameters<typeof board.take>[0]): void => {
  refusal.value = board.take(listings)
}
async function open(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (!file) return
  const text = await fileText(file)
  input.value = ''
  refusal.value = text.ok ? [] : text.issues
  if (text.ok) await board.read(text.value)
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle" />
  <PricesTabs />
  <div v-if="store.say" class="stack">
    <div class="row">
      <Button
        size="small"
        :label="board.feed ? words.again : words.look"
        :loading="board.looking"
        @click="board.look()"
      />
      <Button size="small" severity="secondary" :label="words.open" @click="picker?.click()" />
      <input
        ref="picker"
        type="file"
        accept=".json,.csv,.txt,application/json,text/csv,text/plain"
        class="visually-hidden"
        tabindex="-1"
        aria-hidden="true"
        @change="open"
      />
      <label class="choice"
        ><Checkbox
          :model-value="settings.settings.boardDaily === true"
          binary
          @update:model-value="settings.change({ boardDaily: $event === true })"
        />{{ words.daily }}</label
      >
    </div>
    <p
      v-for="(one, i) in [...refusal, ...board.problems].slice(0, MOST_SHOWN)"
      :key="i"
      class="attention small"
      role="alert"
    >
      <bdi>{{ sentence(one, store.say) }}</bdi>
    </p>
    <p v-if="board.problems.length > MOST_SHOWN" class="attention small">
      {{ words.moreProblems(board.problems.length - MOST_SHOWN) }}
    </p>
    <template v-if="board.feed">
      <p v-if="board.feed.simulated" class="mark">{{ words.simulated }}</p>
      <div class="row fields">
        <div class="field grow">
          <span id="board-tool-label" class="label">{{ words.tool }}</span><Select
            v-model="tool"
            aria-labelledby="board-tool-label"
            :options="options"
            option-label="name"
            option-value="id"
            filter
            show-clear
            :filter-fields="['words']"
          />
        </div>
        <Button
          v-if="news.length > 1"
          size="small"
          severity="secondary"
          :label="words.takeAll(news.length)"
          @click="take(news.map(({ listing }) => listing))"
        />
      </div>
      <section v-for="{ id, rows } in groups" :key="id" class="stack">
        <h2>{{ tool === undefined ? words.concern[id] : store.say.tool(tool) }}</h2>
        <p v-if="rows.length === 0" class="soft">{{ words.none }}</p>
        <BoardTable v-else :rows="rows" @take="take([$event])" />
      </section>
      <p v-if="groups.length === 0" class="soft">{{ words.nothing }}</p>
      <p v-if="tool === undefined && others > 0" class="soft small">{{ words.others(others) }}</p>
    </template>
    <p class="caption">{{ words.hint }}</p>
    <p class="small">
      <RouterLink to="/prices/seen">{{ prices.paste }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.choice {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
}
.fields {
  align-items: end;
}
.grow {
  flex: 0 1 18rem;
}
.mark {
  border-left: 3px solid var(--line-strong);
  padding-left: 0.75rem;
}
</style>
