<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import Slider from 'primevue/slider'
import { computed, ref } from 'vue'
import {
  adoptSchool,
  bannedBy,
  blend,
  followsSchool,
  leaveSchool,
  schoolWeights,
  takeSide
} from '../../../core/workspace'
import type { School } from '../../../core/catalogue'
import { disputes, library, schools } from '../../../data'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { lowerFirst } from '../../words/bench'
import { schools as words } from '../../words/schools'
import { steps } from '../../words/steps'
import SchoolsCompare from './SchoolsCompare.vue'
import WeighTabs from './WeighTabs.vue'

const NO_SIDE = 'none'
const store = useWorkspace()
const weighing = useWeighing()
const shown = ref<string>(schools[0]?.id ?? '')
const second = ref<string>()
const share = ref(50)

const level = computed(() => store.world?.pricing.minorPer100Points ?? 0)
const current = computed(() => schools.find(({ id }) => id === store.workspace?.preferences.school))
const title = computed(() => {
  const school = current.value
  if (!store.workspace?.preferences.school) return words.titleOwn
  if (!school) return words.title(store.workspace.preferences.school.replace('+', ' / '))
  return followsSchool(store.workspace, school, level.value)
    ? words.title(school.name)
    : words.titleMix(school.name)
})
const school = computed(() => schools.find(({ id }) => id === shown.value))
const lean = (one: School, up: boolean): string =>
  one.leanings
    .filter(({ times }) => (up ? times > 1 : times < 1))
    .map(
      ({ tool, times }) =>
        `${lowerFirst(store.say?.shortTool(tool) ?? tool)} × ${store.say?.number(times, 2)}`
    )
    .join(', ')
const leavesOut = (one: School): string => {
  const named = one.bans.map((id) => lowerFirst(store.say?.tool(id) ?? id))
  const motors =
    one.noMotorsBut === undefined
      ? []
      : [
          one.noMotorsBut.length > 0
            ? words.noMotorsBut(
                one.noMotorsBut.map((id) => lowerFirst(store.say?.shortTool(id) ?? id)).join(', ')
              )
            : words.noMotors
        ]
  return [...motors, ...named].join(', ')
}
function take(one: School): void {
  store.run(steps.school(one.name), (state) => adoptSchool(state, library, level.value, one))
}
const leave = (): void => void store.run(steps.noSchool(), leaveSchool)
const blended = computed(() => {
  const [a, b] = [school.value, schools.find(({ id }) => id === second.value)]
  return a && b && a !== b
    ? blend(a, b, share.value / 100, `${a.id}+${b.id}`, words.blendName(a.name, b.name))
    : undefined
})
const nameOf = (id: string): string => schools.find((one) => one.id === id)?.name ?? words.own
const sideOptions = (id: string) => [
  { id: NO_SIDE, name: words.noSide },
  ...(disputes.find((one) => one.id === id)?.sides ?? []).map((side) => ({
    id: side.id,
    name: side.name
  }))
]
function takeTheSide(id: string, side: string): void {
  const dispute = disputes.find((one) => one.id === id)
  if (dispute)
    store.run(steps.side(dispute.question), (state) =>
      takeSide(state, library, dispute, side === NO_SIDE ? undefined : side)
    )
}
const sideOf = (id: string): string => store.workspace?.preferences.sides?.[id] ?? NO_SIDE
const argumentOf = (id: string): string =>
  disputes.find((one) => one.id === id)?.sides.find((side) => side.id === sideOf(id))?.argument ??
  ''
</script>

<template>
  <PlaceHead :title="title" :subtitle="words.subtitle"
    ><Button
      v-if="store.workspace?.preferences.ownMix"
      size="small"
      severity="secondary"
      :label="words.leave"
      @click="leave"
  /></PlaceHead>
  <WeighTabs />
  <TroubleLine :trouble="weighing.failure" @again="weighing.stopComparing()" />
  <div v-if="store.say" class="book">
    <ul class="plain-list spines">
      <li v-for="one in schools" :key="one.id">
        <button
          type="button"
          :aria-pressed="one.id === shown"
          :class="{ here: one.id === shown }"
          @click="shown = one.id"
        >
          <span class="strong">{{ one.name }}</span><span
            v-if="one.id === current?.id"
            class="soft small"
          >
            · {{ words.following }}</span
          >
        </button>
      </li>
    </ul>
    <section v-if="school" class="stack">
      <h2>{{ school.name }}</h2>
      <p>{{ school.argument }}</p>
      <dl class="small">
        <dt>{{ words.first }}</dt>
        <dd>{{ school.firstMoney }}</dd>
        <dt>{{ words.givesUp }}</dt>
        <dd>{{ school.givesUp }}</dd>
        <dt>{{ words.weights }}</dt>
        <dd>{{ words.weightText(store.say, { ...schoolWeights(school, level) }) }}</dd>
        <template v-if="lean(school, true)"
          ><dt>{{ words.leanings }}</dt>
          <dd>
            {{ lean(school, true)
            }}<template v-if="lean(school, false)"
              >, {{ words.away }} {{ lean(school, false) }}</template
            >
          </dd></template
        >
        <template v-if="bannedBy(library, school).length > 0"
          ><dt>{{ words.bans }}</dt>
          <dd>{{ leavesOut(school) }}</dd></template
        >
      </dl>
      <div class="row">
        <Button
          size="small"
          :label="words.takeUp"
          :disabled="school.id === current?.id"
          @click="take(school)"
        />
        <span class="soft small">{{ words.blend }}: {{ words.blendWith }}</span>
        <Select
          v-model="second"
          :options="schools.filter(({ id }) => id !== shown)"
          option-label="name"
          option-value="id"
          size="small"
          :aria-label="words.blend"
          :placeholder="words.blendChoose"
          show-clear
        />
      </div>
      <div v-if="blended" class="row blend">
        <span :id="'blend-share'" class="small">{{
          words.blendShare(school.name, nameOf(second ?? ''), store.say.percent(share / 100))
        }}</span><Slider
          v-model="share"
          class="slide"
          :step="10"
          aria-labelledby="blend-share"
        /><Button
          size="small"
          severity="secondary"
          :label="words.blendTake"
          @click="take(blended)"
        />
      </div>
    </section>
  </div>
  <SchoolsCompare />
  <section v-if="store.say" class="stack">
    <h2>{{ words.disputes }}</h2>
    <div class="disputes">
      <div v-for="dispute in disputes" :key="dispute.id" class="field">
        <span :id="`dispute-${dispute.id}-label`" class="label">{{ dispute.question }}</span>
        <Select
          :aria-labelledby="`dispute-${dispute.id}-label`"
          :model-value="sideOf(dispute.id)"
          :options="sideOptions(dispute.id)"
          option-label="name"
          option-value="id"
          size="small"
          @update:model-value="takeTheSide(dispute.id, $event)"
        />
        <span class="soft small">{{ argumentOf(dispute.id) }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.book {
  display: grid;
  grid-template-columns: 14rem minmax(0, 1fr);
  border: 1px solid var(--line-strong);
}
.spines {
  border-right: 1px solid var(--line-strong);
}
.spines button {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line);
  padding: 0.35rem 0.75rem;
  cursor: pointer;
}
.spines .here {
  background: var(--paper-raised);
  box-shadow: inset 4px 0 0 var(--planned);
}
.book > section {
  padding: 0.75rem 1rem;
  background: var(--paper-raised);
}
dl {
  display: grid;
  grid-template-columns: 7.5rem minmax(0, 1fr);
  gap: 0.25rem 0.75rem;
  margin: 0;
}
dt {
  color: var(--graphite-soft);
}
dd {
  margin: 0;
}
.blend {
  align-items: center;
}
.slide {
  width: 12rem;
}
.disputes {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr));
  gap: 0.75rem 1.5rem;
}
@media (max-width: 800px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
  .spines {
    border-right: 0;
  }
  dl {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
