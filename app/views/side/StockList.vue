<script setup lang="ts">
import { computed, ref } from 'vue'
import { daysBetween, type Day } from '../../../core/calendar'
import type { Minor } from '../../../core/money'
import { outletOf, type Piece } from '../../../core/workspace'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { sideStock as words } from '../../words/side-stock'
import PieceDoing from './PieceDoing.vue'

/** Pieces that wait for a buyer, the oldest first, and what can be done with each. */
const store = useWorkspace()
const work = useSideWork()
const AT_FIRST = 12
const STEP = 50
const count = ref(AT_FIRST)
const doing = ref<string>()
const old = (piece: Piece): number =>
  store.world ? daysBetween(piece.offered[0]?.date ?? piece.made, store.world.asOf) : 0
const outletName = ({ offered }: Piece): string =>
  (store.workspace && outletOf(store.workspace, offered.at(-1)?.outlet)?.name) ?? ''
/** Prices with their days. */
const dated = (list: readonly { readonly date: Day; readonly price: Minor }[]): string =>
  list
    .map(({ date, price }) => `${store.say?.money(price)} (${store.say?.shortDay(date)})`)
    .join(', ')
const pieces = computed(() =>
  [...work.held.pieces].sort((a, b) => (a.made < b.made ? -1 : a.made > b.made ? 1 : 0))
)
const shown = computed(() => pieces.value.slice(0, count.value))
/** Pieces that some mistake speaks of: they stand out. */
const aged = computed(
  () => new Set(work.mistakes.flatMap((one) => (one.kind === 'old-stock' ? [...one.pieces] : [])))
)
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.stockTitle }}</h2>
    <p v-if="pieces.length === 0" class="soft">{{ words.empty }}</p>
    <ul v-else class="plain-list">
      <li v-for="piece in shown" :key="piece.id" class="piece">
        <div class="spread">
          <span
            ><bdi class="strong">{{ piece.name }}</bdi
            >{{ ' '
            }}<span :class="aged.has(piece.id) ? 'attention' : 'soft'"
              >{{ words.age(old(piece)) }},
              {{
                piece.offered.length > 0
                  ? words.asked(store.say, piece.offered.at(-1)?.price ?? 0, outletName(piece))
                  : words.notOffered
              }}</span
            ></span
          >
          <button
            type="button"
            class="link small"
            :aria-expanded="doing === piece.id"
            :aria-label="`${words.act} ${piece.name}`"
            @click="doing = doing === piece.id ? undefined : piece.id"
          >
            {{ words.act }}
          </button>
        </div>
        <p v-if="piece.offered.length > 1" class="caption">
          {{ words.steps(dated(piece.offered)) }}
        </p>
        <p v-if="(piece.bids ?? []).length > 0" class="caption">
          {{ words.bids(dated(piece.bids ?? [])) }}
        </p>
        <PieceDoing v-if="doing === piece.id" :piece="piece" @done="doing = undefined" />
      </li>
    </ul>
    <button v-if="pieces.length > count" type="button" class="link small" @click="count += STEP">
      {{ words.more(pieces.length - count) }}
    </button>
  </section>
</template>

<style scoped>
.piece {
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
}
</style>
