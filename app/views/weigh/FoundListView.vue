<script setup lang="ts">
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, shallowRef, useId } from 'vue'
import type { Issue } from '../../../core/kernel'
import { change, type Workspace } from '../../../core/workspace'
import { schools } from '../../../data'
import PlaceHead from '../../parts/PlaceHead.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import { saveText } from '../../shell/save'
import { newId } from '../../stores/clock'
import { useFoundList, type ReadLine } from '../../stores/found-list'
import { useLadder } from '../../stores/ladder'
import { useWorkspace } from '../../stores/workspace'
import { foundList as words } from '../../words/found-list'
import { sentence } from '../../words/issues'
import { steps } from '../../words/steps'
import FoundAsked from './FoundAsked.vue'
import FoundLines from './FoundLines.vue'
import WeighTabs from './WeighTabs.vue'

/** Any list of tools, held against one's own builds: what is needed, what is there, what it forgets. */
const store = useWorkspace()
const found = useFoundList()
const climbing = useLadder()
found.lookAt()
const field = useId()
const problems = shallowRef<readonly Issue[]>([])
const said = ref('')
/** Tools that are taken over, by id; those that are for one's builds until something else is said. */
const picked = ref<ReadonlyMap<string, boolean>>(new Map())

const NEEDED = new Set(['planned', 'rung'])
const HAD = new Set(['owned', 'done-by'])
const kindOf = ({ tool }: ReadLine): string => found.adviceOn(tool)?.standing.kind ?? ''
const known = computed(() => found.lines.filter(({ tool }) => found.adviceOn(tool) !== undefined))
const groups = computed(() => ({
  need: known.value.filter((one) => NEEDED.has(kindOf(one))),
  have: known.value.filter((one) => HAD.has(kindOf(one))),
  not: known.value.filter((one) => !NEEDED.has(kindOf(one)) && !HAD.has(kindOf(one)))
}))
const toAsk = computed(() => found.lines.filter(({ asked }) => asked))
const others = computed(() =>
  found.lines.filter(
    ({ tool, asked, line }) => tool === undefined && !asked && line.kind !== 'heading'
  )
)
const isPicked = (tool: string): boolean =>
  picked.value.get(tool) ?? NEEDED.has(found.adviceOn(tool)?.standing.kind ?? '')
const pick = (tool: string, on: boolean): void => {
  picked.value = new Map([...picked.value, [tool, on]])
}
const chosen = computed(() => known.value.filter(({ tool }) => isPicked(tool ?? '')))
const priced = computed(() =>
  chosen.value.filter(({ tool, line }) => line.price !== undefined && found.adviceOn(tool)?.offer)
)
const listTotal = computed(() => {
  const prices = found.lines.flatMap(({ line: { price } }) => price ?? [])
  return prices.length === 0 ? undefined : prices.reduce((sum, one) => sum + one, 0)
})
const schoolName = computed(() => schools.find(({ id }) => id === found.advice?.school)?.name ?? '')
const title = computed(() =>
  found.advice && known.value.length > 0
    ? words.titleRead(groups.value.need.length, known.value.length)
    : words.title
)

function take(as: 'owned' | 'wishes' | 'prices', from: readonly ReadLine[]): void {
  const { world } = store
  if (!world || from.length === 0) return
  const today = world.asOf
  const one = (state: Workspace, { tool: id = '', line }: ReadLine): Workspace => {
    const tool = world.library.tools.get(id)
    if (!tool) return state
    if (as === 'wishes') return change.wish(state, id, true)
    if (as === 'owned')
      return change.addItem(state, {
        ...change.plainItem(tool, newId('item'), today),
        count: line.count
      })
    const offer = found.adviceOn(id)?.offer
    const { each: price } = line
    return offer === undefined || price === undefined
      ? state
      : change.addQuotes(state, [{ id: newId('q'), offer, date: today, price, seller: 'other' }])
  }
  const name =
    as === 'owned'
      ? steps.listOwned(from.length)
      : as === 'wishes'
        ? steps.listWished(from.length)
        : steps.pricesIn(from.length)
  problems.value = store.attempt(name, (state) => from.reduce(one, state))
  said.value = problems.value.length === 0 ? words.taken(from.length, as) : ''
}
/** The answer as text, line by line. */
function save(): void {
  const { say } = store
  const { advice } = found
  if (!say || !advice) return
  const row = ({ tool = '', line }: ReadLine): string[] => {
    const on = found.adviceOn(tool)
    return on
      ? [
          `${say.shortTool(tool)}: ${words.standing(say, on.standing, on.usedIn)}`,
          ...(on.comesWith.length > 0
            ? [`  ${words.columns.with}: ${words.comesWith(say, on.comesWith)}`]
            : []),
          ...(line.price === undefined ? [] : [`  ${words.price(say, line.each, on)}`])
        ]
      : []
  }
  const text = [
    ...(['need', 'have', 'not'] as const).flatMap((group) => [
      `${words.groups[group]}:`,
      ...groups.value[group].flatMap(row),
      ''
    ]),
    `${words.forgotten}:`,
    ...advice.forgotten.map((one) => words.forgottenOne(say, one)),
    '',
    words.totals(say, advice, listTotal.value),
    ''
  ].join('\n')
  saveText(words.fileName, text, 'text/plain')
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.hint" />
  <WeighTabs />
  <TroubleLine :trouble="climbing.failure" @again="climbing.climb()" />
  <div class="stack">
    <label :for="field" class="label">{{ words.label }}</label>
    <Textarea
      :id="field"
      v-model="found.text"
      :rows="found.lines.length > 0 ? 5 : 10"
      :placeholder="words.example"
      class="wide"
    />
    <div v-if="found.text !== ''" class="row">
      <span role="status" class="small">{{
        words.read(known.length, toAsk.length, others.length)
      }}</span>
      <Button size="small" severity="secondary" :label="words.clear" @click="found.clear()" />
    </div>
    <template v-if="store.say">
      <p v-for="(one, i) in found.reading.issues" :key="i" class="attention small" role="alert">
        {{ sentence(one, store.say) }}
      </p>
    </template>
    <p v-if="store.workspace?.builds.length === 0" class="attention small">{{ words.noBuilds }}</p>
    <p v-else-if="found.text !== '' && !climbing.ladder" role="status" class="small">
      {{ words.working }}
    </p>
  </div>

  <FoundAsked v-if="toAsk.length > 0" :lines="toAsk" @answer="found.answer" />
  <template v-if="store.say && found.advice && known.length > 0">
    <p class="total">
      {{ words.totals(store.say, found.advice, listTotal) }}
      <template v-if="schoolName">{{ words.follows(schoolName) }}</template>
    </p>
    <section class="forgets">
      <h2>{{ words.forgotten }}</h2>
      <p v-if="found.advice.forgotten.length === 0">{{ words.forgottenNone }}</p>
      <ul v-else class="small columns">
        <li v-for="one in found.advice.forgotten" :key="one.tool">
          {{ words.forgottenOne(store.say, one) }}
        </li>
      </ul>
    </section>
    <template v-for="(lines, group) in groups" :key="group">
      <FoundLines
        v-if="lines.length > 0"
        :title="words.groups[group]"
        :lines="lines"
        :is-picked="isPicked"
        @pick="pick"
      />
    </template>
    <div class="row">
      <Button
        size="small"
        severity="secondary"
        :label="words.asOwned"
        :disabled="chosen.length === 0"
        @click="take('owned', chosen)"
      />
      <Button
        size="small"
        severity="secondary"
        :label="words.asWishes"
        :disabled="chosen.length === 0"
        @click="take('wishes', chosen)"
      />
      <Button
        size="small"
        severity="secondary"
        :label="words.asPrices"
        :disabled="priced.length === 0"
        @click="take('prices', priced)"
      />
      <Button size="small" severity="secondary" :label="words.save" @click="save" />
      <span v-if="said" role="status" class="small">{{ said }}</span>
    </div>
    <p v-for="(one, i) in problems" :key="i" class="attention small" role="alert">
      {{ sentence(one, store.say) }}
    </p>
    <details v-if="others.length > 0" class="small">
      <summary>{{ words.groups.other }} ({{ others.length }})</summary>
      <ul>
        <li v-for="{ line } in others" :key="line.number">{{ line.text }}</li>
      </ul>
    </details>
  </template>
</template>

<style scoped>
.wide {
  width: 100%;
  font-variant-numeric: tabular-nums;
}
.total {
  margin-block: 0.75rem;
}
.columns {
  columns: 18rem;
  margin: 0;
  padding-left: 1.1rem;
}
.forgets h2 {
  margin-block: 0.5rem 0.25rem;
}
</style>
