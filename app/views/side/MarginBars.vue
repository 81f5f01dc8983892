<script setup lang="ts">
import { computed } from 'vue'
import { marginEach, marginPerHour, minutesEach, type Design } from '../../../core/sidework'
import PriceBar from '../../parts/PriceBar.vue'
import { useSideWork } from '../../stores/side-work'
import { useWorkspace } from '../../stores/workspace'
import { side as words } from '../../words/side'

/** Where the price of each piece for sale goes, the best hour first. */
const store = useWorkspace()
const work = useSideWork()
const PARTS = ['fee', 'delivery', 'timber', 'other', 'margin'] as const
/** A pace this near to the estimate is as estimated. */
const NEAR = 0.05
const rows = computed(() =>
  [...(work.forSale?.designs ?? [])]
    .sort((a, b) => (marginPerHour(b.design) ?? 0) - (marginPerHour(a.design) ?? 0))
    .map(({ design, from }) => {
      const perHour = marginPerHour(design)
      return {
        design,
        from: from === store.world?.asOf ? undefined : from,
        parts: partsOf(design),
        perHour,
        margin: marginEach(design),
        minutes: minutesEach(design),
        small: perHour !== undefined && perHour < askedOf(design)
      }
    })
)
const whole = computed(() =>
  Math.max(
    1,
    ...rows.value.map(({ design }) =>
      Math.max(design.price, design.cost + design.fee + design.delivery)
    )
  )
)
const askedOf = ({ build }: Design): number =>
  store.workspace?.builds.find(({ id }) => id === build)?.hourValue ??
  store.workspace?.money.hourValue ??
  0
function partsOf(design: Design): { id: (typeof PARTS)[number]; amount: number }[] {
  const { fee, delivery, timber, cost } = design
  const amounts = { fee, delivery, timber, other: cost - timber, margin: marginEach(design) }
  return PARTS.map((id) => ({ id, amount: amounts[id] }))
}
</script>

<template>
  <section v-if="store.say && rows.length > 0" class="stack">
    <h2>{{ words.marginTitle }}</h2>
    <ul class="plain-list bars">
      <li
        v-for="{ design, from, parts, perHour, margin, minutes, small } in rows"
        :key="design.build"
      >
        <div class="spread">
          <RouterLink :to="`/builds/${design.build}`" class="strong">{{
            store.say.build(design.build)
          }}</RouterLink>
          <span class="figure">{{ store.say.money(design.price) }}</span>
        </div>
        <PriceBar :parts="parts" :whole="whole" />
        <p class="small" :class="{ attention: margin < 0 }">
          {{ words.row(store.say, design, margin, minutes, perHour)
          }}<template v-if="small && margin >= 0">
            · {{ words.tooSmall(store.say, askedOf(design)) }}</template
          ><template v-if="!design.demandSaid"> · {{ words.demandGuess }}</template>
        </p>
        <p v-if="from !== undefined || Math.abs(design.pace - 1) > NEAR" class="caption">
          <template v-if="from !== undefined">{{ words.from(store.say, from) }} </template>
          <template v-if="Math.abs(design.pace - 1) > NEAR">{{
            words.pace(store.say, design.pace)
          }}</template>
        </p>
      </li>
    </ul>
    <p class="keys small">
      <span v-for="id in PARTS" :key="id"
        ><i :class="['key', `fill-${id}`]" aria-hidden="true" />{{ words.parts[id] }}</span
      >
    </p>
    <p class="caption">{{ words.marginCaption }}</p>
  </section>
</template>

<style scoped>
.bars li {
  padding: 0.35rem 0;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
}
.key {
  display: inline-block;
  width: 0.9rem;
  height: 0.9rem;
  margin-right: 0.35rem;
  border: 1px solid var(--graphite);
  vertical-align: -0.1rem;
}
</style>
