<script setup lang="ts">
import Button from 'primevue/button'
import { computed, watch } from 'vue'
import { isForSale } from '../../../core/builds'
import { marginPerHour } from '../../../core/sidework'
import { change } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import { useJudging } from '../../stores/judging'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { worthWords } from '../../words/plan-worth'
import { side as words } from '../../words/side'
import { steps } from '../../words/steps'
import FirstKits from './FirstKits.vue'
import MarginBars from './MarginBars.vue'
import SideMistakes from './SideMistakes.vue'
import SideTabs from './SideTabs.vue'

/** What should I make and sell? The next piece, the months ahead, and where each price goes. */
const store = useWorkspace()
const work = useSideWork()
const judging = useJudging()
function ask(): void {
  work.askForSale()
  work.askMix()
}
watch(() => [work.ground, store.plan], ask, { immediate: true })
watch(() => [work.months, work.most], work.askMix)

const first = computed(() => work.mix?.turns[0])
const best = computed(() =>
  [...work.designs].sort((a, b) => (marginPerHour(b) ?? 0) - (marginPerHour(a) ?? 0)).at(0)
)
const isAnySold = computed(() => (store.workspace?.builds ?? []).some(isForSale))
const title = computed(() => {
  const { say } = store
  if (!say) return words.working
  if (!isAnySold.value) return words.nothing
  if (!work.forSale) return words.working
  const design = work.mix?.designs.find(({ build }) => build === first.value?.build)
  if (first.value && design) return words.headline(say, first.value, design, marginPerHour(design))
  if (best.value) return words.headlineOne(say, best.value, marginPerHour(best.value))
  const [kit] = work.forSale.kits
  return kit ? words.firstHeadline(say, kit) : words.cannotYet
})
const subtitle = computed(() => {
  const { say } = store
  const found = work.forSale
  if (!say || !isAnySold.value || !found) return undefined
  return found.designs.length === 0
    ? found.kits.length > 0
      ? words.firstHint
      : words.cannotHint(joined(found.cannot.map((id) => say.build(id))))
    : words.month(say, found.month.margin, found.month.minutes, found.month.short)
})
const fullMonths = computed(() =>
  joined((work.mix?.mix.fullMonths ?? []).map((month) => store.say?.month(`${month}-01`) ?? month))
)
/** Sets how many of each are to be made; what is in the mix and was in fewer. */
function take(): void {
  const { mix } = work
  if (!mix) return
  store.run(words.tookMix, (state) => change.takeMix(state, mix.mix.lines))
}
function setFloor(piecesM2: number | undefined): void {
  store.run(steps.workshop(), (state) => ({
    ...state,
    workshop: { ...state.workshop, piecesM2 }
  }))
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="subtitle" steady />
  <SideTabs />
  <TroubleLine :trouble="work.failure" @again="ask" />
  <div v-if="store.say && !isAnySold" class="stack">
    <p>{{ words.nothingHint }}</p>
    <p>
      <RouterLink to="/builds">{{ words.toBuilds }}</RouterLink>
    </p>
  </div>
  <template v-else-if="store.say && store.workspace">
    <SideMistakes :mistakes="work.mistakes" />
    <div class="two">
      <section class="stack">
        <h2>{{ words.mixTitle }}</h2>
        <p v-if="work.mixing && !work.mix" class="soft" role="status">{{ words.mixWorking }}</p>
        <p v-else-if="!work.mix || work.mix.turns.length === 0" class="soft">{{ words.mixNone }}</p>
        <template v-else>
          <ol class="plain-list turns" :aria-busy="work.mixing">
            <li v-for="turn in work.mix.turns" :key="`${turn.build}${turn.from}`">
              {{ words.turn(store.say, turn) }}
            </li>
          </ol>
          <p>{{ words.mixSum(store.say, work.mix.mix, work.months) }}</p>
          <p v-if="fullMonths !== ''" class="small">{{ words.full(fullMonths) }}</p>
          <p class="small soft">{{ work.mix.mix.proven ? words.proven : words.unproven }}</p>
          <div class="row">
            <Button size="small" :label="words.takeMix" @click="take" />
          </div>
          <p class="caption">{{ words.takeHint }}</p>
        </template>
        <p v-if="judging.says?.paidBack">
          {{ worthWords.paidBack(judging.says.paidBack, store.say) }}
          <RouterLink to="/side/tools">{{ words.tabs.tools }}</RouterLink>
        </p>
        <div class="row fields">
          <NumberField
            :label="words.monthsAhead"
            :value="work.months"
            :least="1"
            :most="12"
            whole
            width="4rem"
            @change="work.months = $event ?? 6"
          />
          <NumberField
            :label="words.designsAtMost"
            :value="work.most"
            :least="1"
            :most="3"
            whole
            width="4rem"
            @change="work.most = $event ?? 3"
          />
          <NumberField
            :label="words.floorForPieces"
            :value="store.workspace.workshop.piecesM2"
            :least="0"
            :most="1000"
            width="5rem"
            optional
            @change="setFloor"
          />
        </div>
        <p class="caption">{{ words.mixCounts }}</p>
      </section>
      <div class="stack">
        <MarginBars />
        <FirstKits :kits="work.forSale?.kits ?? []" />
      </div>
    </div>
    <p class="small">
      {{ words.stockLine(store.say, work.held.pieces.length, work.held.tiedUp, work.held.owed) }}
      <RouterLink to="/side/stock">{{ words.tabs.stock }}</RouterLink>
    </p>
    <p class="caption">{{ words.advice }}</p>
  </template>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
  gap: 1.5rem 2.5rem;
}
.turns {
  border-left: 3px solid var(--planned);
  padding-left: 0.8rem;
}
.turns li {
  padding: 0.15rem 0;
}
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
}
</style>
