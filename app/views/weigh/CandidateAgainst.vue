<script setup lang="ts">
import { computed } from 'vue'
import { USUAL_REGRET, lessonFor } from '../../../core/judged'
import SetLine from '../../parts/SetLine.vue'
import { useWorkspace } from '../../stores/workspace'
import { back } from '../../words/back'
import { duration } from '../../words/say'
import { perUnit } from '../../words/units'
import { weigh as words } from '../../words/weigh'
import type { CandidateView, ReasonsView, WayRound } from '../../workers/protocol'
import NamedText from '../../parts/NamedText.vue'

/** What speaks against a purchase, how much it would be used, and other ways to the same builds. */
const props = defineProps<{ candidate: CandidateView; reasons: ReasonsView | undefined }>()
const store = useWorkspace()
const perYear = computed(() => {
  const { say } = store
  const year = props.reasons?.perYear
  if (!say || !year) return []
  return [
    year.minutes >= 1 ? duration(year.minutes) : '',
    year.fees >= 1 ? `${say.money(Math.round(year.fees))} in fees` : '',
    year.timber >= 1 ? `${say.money(Math.round(year.timber))} in timber` : ''
  ].filter(Boolean)
})
/** What was said of like purchases. */
const lesson = computed(() =>
  store.world ? lessonFor(store.world, props.candidate.lead.tool) : undefined
)
const roundLine = (way: WayRound): string =>
  way.minutesMore > 0
    ? words.wayMore(duration(way.minutesMore))
    : way.minutesMore < 0
      ? words.wayLess(duration(-way.minutesMore))
      : ''
</script>

<template>
  <template v-if="store.say">
    <div v-if="reasons" class="small">
      <h3>{{ words.against }}</h3>
      <p v-for="regret in reasons.regrets" :key="regret.kind" class="attention">
        <NamedText :text="words.regret(store.say, regret)" />
      </p>
      <p v-if="lesson" :class="{ attention: lesson.risk > USUAL_REGRET }">
        {{ back.lesson(store.say, lesson) }}
        <RouterLink to="/kit/back">{{ back.tab }}</RouterLink>
      </p>
      <p v-if="reasons.regrets.length === 0 && !lesson" class="soft">{{ words.noRegret }}</p>
      <p v-if="!reasons.regrets.some(({ kind }) => kind === 'few-uses')">
        {{ words.usesPerYear(store.say.number(reasons.usesPerYear, 1)) }}
        <template v-if="perYear.length > 0">{{ words.savesPerYear(perYear) }}</template>
      </p>
      <p v-for="service in reasons.services" :key="service.operation">
        {{
          words.service(
            store.say,
            service,
            perUnit(store.world?.library.operations.get(service.operation)?.unit ?? 'piece')
          )
        }}
      </p>
    </div>
    <div
      v-if="candidate.variants.length > 0 || reasons?.cheaper || reasons?.hazard?.gentler"
      class="small"
    >
      <h3>{{ words.ways }}</h3>
      <div v-if="reasons?.cheaper" class="way">
        <span class="strong">{{ words.cheaper }}{{ roundLine(reasons.cheaper) }}</span
        ><SetLine :parts="reasons.cheaper.parts" :cost="reasons.cheaper.cost" />
      </div>
      <div v-if="reasons?.hazard?.gentler" class="way">
        <span class="strong">{{ words.gentler }}{{ roundLine(reasons.hazard.gentler) }}</span
        ><SetLine :parts="reasons.hazard.gentler.parts" :cost="reasons.hazard.gentler.cost" />
      </div>
      <div v-if="candidate.variants.length > 0" class="way">
        <span class="strong">{{ words.variants }}</span><SetLine
          v-for="variant in candidate.variants.slice(0, 3)"
          :key="variant.id"
          :parts="variant.parts"
          :cost="variant.cost"
        />
      </div>
    </div>
  </template>
</template>

<style scoped>
.way {
  padding-bottom: 0.25rem;
}
</style>
