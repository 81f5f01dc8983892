<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, shallowRef, useTemplateRef } from 'vue'
import { matchesSearch, namesInAllSets, WISHES, type Wish } from '../../../core/catalogue'
import { firstPieces, library } from '../../../data'
import { OCCASIONS, piecesBy } from '../../../data/places'
import { pieceDrawings } from '../../drawings'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import { useRoving } from '../../parts/roving'
import { useStart } from '../../stores/start'
import { reckoning as counts } from '../../words/reckoning'
import { start as words } from '../../words/start'
import ChipSearch from './ChipSearch.vue'

/** Which pieces somebody would like to build, by place and occasion, and how much they want each of them. */
const start = useStart()
const { reckoning } = library.data
const wishChoices = WISHES.map((id) => ({ id, name: counts.wishes[id] }))
type Group = 'first' | (typeof OCCASIONS)[number] | 'all'
const group = ref<Group>('first')
const wanted = ref('')
const groups = (['first', ...OCCASIONS, 'all'] as const).map((id) => ({
  id,
  name: words.occasions[id]
}))
const everyPiece = [
  ...firstPieces,
  ...OCCASIONS.flatMap((one) => piecesBy[one]).filter((id) => !firstPieces.includes(id))
]
const idsOf = (one: Group): readonly string[] =>
  one === 'all' ? everyPiece : one === 'first' ? firstPieces : piecesBy[one]
const pieces = computed(() => {
  const text = wanted.value.trim()
  const { templates } = start.told
  const ids = text === '' ? idsOf(group.value) : everyPiece
  const found = ids.flatMap((id) => templates.get(id) ?? [])
  return text === ''
    ? found
    : found.filter(({ id, name }) =>
        matchesSearch(
          text.toLowerCase(),
          name,
          ...namesInAllSets(library, library.templates.get(id)?.name ?? name)
        )
      )
})
/** What is nearest to a piece that nobody here has a name for; looked for once it is typed. */
const nearest = shallowRef<readonly { readonly id: string; readonly name: string }[]>([])
const HAS_TYPED_MS = 250
watchDebounced(
  [wanted, () => pieces.value.length],
  async ([text, found]) => {
    if (found > 0) nearest.value = []
    else {
      const [{ nearestPieces }, { piecesAlso }, { germanAlso }] = await Promise.all([
        import('../../../core/found-list'),
        import('../../../data/pieces-also'),
        import('../../../data/german/pieces-also')
      ])
      const ids = nearestPieces(library, everyPiece, text, {
        also: Object.fromEntries(
          everyPiece.map((id) => [id, [...(piecesAlso[id] ?? []), ...(germanAlso[id] ?? [])]])
        )
      })
      nearest.value = ids.flatMap((id) => start.told.templates.get(id) ?? [])
    }
  },
  { debounce: HAS_TYPED_MS }
)
/** What is ticked but not among those shown. */
const elsewhere = computed(() =>
  start.answers.builds.flatMap((id) =>
    pieces.value.some((one) => one.id === id) ? [] : (start.told.templates.get(id) ?? [])
  )
)
const tiles = useRoving(useTemplateRef<HTMLElement>('tileList'))
const ticked = (id: string): boolean => start.answers.builds.includes(id)
function toggle(id: string): void {
  const { answers } = start
  answers.builds = ticked(id) ? answers.builds.filter((one) => one !== id) : [...answers.builds, id]
}
function wish(id: string, how: string): void {
  start.answers.wishes = { ...start.answers.wishes, [id]: how as Wish }
}
</script>

<template>
  <fieldset>
    <legend>
      <h2>{{ words.buildsTitle }}</h2>
    </legend>
    <ChipSearch
      v-model:group="group"
      v-model:wanted="wanted"
      :groups="groups"
      :label="words.occasion"
      :search-label="words.findPiece"
    />
    <ul
      ref="tileList"
      class="pieces"
      :aria-label="words.buildsTitle"
      @keydown="tiles.key"
      @focusin="tiles.entered"
    >
      <li v-for="one in [...elsewhere, ...pieces]" :key="one.id" :class="{ on: ticked(one.id) }">
        <label>
          <span class="picture" aria-hidden="true"
            ><LineDrawing v-if="pieceDrawings[one.id]" :drawing="pieceDrawings[one.id]!"
          /></span>
          <span>
            <input
              type="checkbox"
              data-rove
              :checked="ticked(one.id)"
              :aria-label="one.name"
              @change="toggle(one.id)"
            />
            {{ one.name }}
            <span class="soft small hours">{{ words.hoursOf(one.typicalHours) }}</span>
          </span>
        </label>
        <select
          v-if="ticked(one.id)"
          class="wish"
          :value="start.answers.wishes[one.id] ?? reckoning.usualWish"
          :aria-label="counts.wishOf(one.name)"
          @change="wish(one.id, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="how in wishChoices" :key="how.id" :value="how.id">{{ how.name }}</option>
        </select>
      </li>
    </ul>
    <p v-if="pieces.length === 0 && nearest.length > 0" class="small" role="status">
      {{ words.nearest(wanted) }}
      <button
        v-for="one in nearest"
        :key="one.id"
        type="button"
        class="link near"
        @click="toggle(one.id)"
      >
        {{ ticked(one.id) ? words.notThat(one.name) : one.name }}
      </button>
    </p>
    <p v-if="pieces.length === 0" class="small">
      {{ nearest.length > 0 ? words.orOwn : words.noPiece(wanted) }}
      <RouterLink to="/cut-list">{{ words.fromCutList }}</RouterLink>
    </p>
    <button
      v-else-if="group !== 'all' && wanted === ''"
      type="button"
      class="link"
      @click="group = 'all'"
    >
      {{ words.moreBuilds(everyPiece.length - pieces.length) }}
    </button>
  </fieldset>
</template>

<style scoped src="./start.css" />

<style scoped>
.near {
  margin-right: 0.75rem;
}
.pieces {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(9.5rem, 1fr));
  gap: 0.5rem;
  width: 100%;
}
.pieces li {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  display: grid;
  align-content: space-between;
}
.pieces label {
  cursor: pointer;
  padding: 0.3rem 0.5rem 0.4rem;
  display: grid;
  gap: 0.2rem;
  line-height: 1.3;
}
.picture :deep(.drawing) {
  max-height: 3.6rem;
}
.hours {
  white-space: nowrap;
}
.wish {
  margin: 0 0.4rem 0.4rem;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  background: var(--paper-raised);
  color: inherit;
  font: inherit;
  font-size: 0.85em;
  min-height: 24px;
}
@media (max-width: 700px) {
  .pieces {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
