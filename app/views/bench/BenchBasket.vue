<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { toolOfPurchase } from '../../../core/explain'
import { sumOf } from '../../../core/kernel'
import type { PlannedPurchase } from '../../../core/workspace'
import WhatIs from '../../parts/WhatIs.vue'
import { useWorkspace } from '../../stores/workspace'
import { bench } from '../../words/bench'
import NamedText from '../../parts/NamedText.vue'

/** The purchases of one day as one basket: what does the work first with its reason, what comes along folded under it, and the sum. */
const props = defineProps<{
  rows: readonly {
    readonly purchase: PlannedPurchase
    readonly why: string
    readonly typical: boolean
    readonly main: boolean
  }[]
}>()
defineEmits<{ bought: [purchases: readonly PlannedPurchase[]] }>()
const store = useWorkspace()
/** So few companions are not worth folding. */
const FOLD_FROM = 2
const leads = computed(() => props.rows.filter(({ main }) => main))
const folds = computed(
  () => leads.value.length > 0 && props.rows.length - leads.value.length >= FOLD_FROM
)
const open = computed(() => (folds.value ? leads.value : props.rows))
const along = computed(() => (folds.value ? props.rows.filter(({ main }) => !main) : []))
const toolOf = (purchase: PlannedPurchase): string | undefined =>
  store.world ? toolOfPurchase(store.world, purchase) : undefined
const cost = (rows: typeof props.rows): string =>
  store.say?.money(sumOf(rows, ({ purchase }) => purchase.price)) ?? ''
const names = computed(() =>
  along.value.map(({ purchase }) => store.say?.shortOffer(purchase.offer) ?? '')
)
const groups = computed(() => [
  { key: 'open', rows: open.value, folded: false },
  ...(along.value.length > 0 ? [{ key: 'along', rows: along.value, folded: true }] : [])
])
</script>

<template>
  <div v-if="store.say" class="basket">
    <component
      :is="group.folded ? 'details' : 'div'"
      v-for="group in groups"
      :key="group.key"
      class="group"
    >
      <summary v-if="group.folded">
        <span>{{ bench.along(names) }}</span>
        <span class="figure">{{ cost(along) }}</span>
      </summary>
      <ul class="plain-list tags">
        <li v-for="{ purchase, why, typical } in group.rows" :key="purchase.id">
          <span class="hook" aria-hidden="true" />
          <div>
            <p class="strong">
              <WhatIs
                v-if="toolOf(purchase)"
                :id="toolOf(purchase)!"
                kind="tool"
                :name="store.say.offer(purchase.offer)"
              /><template v-else>{{ store.say.offer(purchase.offer) }}</template
              ><span v-if="purchase.count > 1"> × {{ purchase.count }}</span>
            </p>
            <p class="small soft reason"><NamedText :text="why" /></p>
          </div>
          <p class="figure strong" :class="{ typical }">{{ store.say.money(purchase.price) }}</p>
          <Button
            size="small"
            severity="secondary"
            :label="bench.bought"
            :aria-label="`${bench.bought}: ${store.say.offer(purchase.offer)}`"
            @click="$emit('bought', [purchase])"
          />
        </li>
      </ul>
    </component>
    <p v-if="rows.length > 1" class="sum">
      <span class="strong">{{ bench.basketSum(rows.length) }}</span>
      <span class="figure strong">{{ cost(rows) }}</span>
      <Button
        size="small"
        :label="bench.boughtAll"
        @click="
          $emit(
            'bought',
            rows.map(({ purchase }) => purchase)
          )
        "
      />
    </p>
  </div>
</template>

<style scoped>
.reason {
  min-height: 1.5em;
}
.tags li {
  display: grid;
  grid-template-columns: 0.75rem minmax(0, 1fr) auto auto;
  gap: 0.35rem 0.9rem;
  align-items: center;
  padding: 0.55rem 0;
  border-bottom: 1px solid var(--line);
}
.hook {
  width: 0.6rem;
  height: 0.6rem;
  border: 1.5px solid var(--graphite);
  border-radius: 50%;
}
summary {
  cursor: pointer;
  padding: 0.5rem 0;
  border-bottom: 1px solid var(--line);
}
summary .figure {
  float: right;
}
details .tags {
  padding-left: 1rem;
}
.sum {
  display: flex;
  gap: 0.9rem;
  align-items: center;
  margin: 0;
  padding-top: 0.5rem;
}
.sum .strong:first-child {
  flex: 1;
}
@media (max-width: 900px) {
  /* The reason comes when the plan has been judged, on two lines here: room is kept for it. */
  .reason {
    min-height: 3em;
  }
  .tags li {
    grid-template-columns: 0.75rem minmax(0, 1fr) auto;
  }
  .tags li > :deep(button) {
    grid-column: 2 / -1;
    justify-self: start;
  }
}
</style>
