<script setup lang="ts">
import { computed } from 'vue'
import { bargainOf, dealWorth, wantedTools } from '../../../core/weigh'
import { change, stillOnOffer } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import BundleForm from './BundleForm.vue'
import DealForm from './DealForm.vue'

/** Bundles with their verdict, and buy-several-get-one deals. */
const store = useWorkspace()
const bundles = computed(() => {
  const { world, workspace } = store
  return world && workspace
    ? (workspace.bundles ?? []).map((bundle) => ({
        bundle,
        isOver: !stillOnOffer(workspace, bundle.id, world.asOf),
        bargain: bargainOf(world, bundle, wantedTools(world, store.plan))
      }))
    : []
})
/** Deals with what each is worth to the plan as it stands. */
const deals = computed(() => {
  const { world, workspace, plan } = store
  return world && workspace
    ? (workspace.deals ?? []).map((deal) => ({
        deal,
        isOver: deal.until !== undefined && deal.until < world.asOf,
        worth: dealWorth(world, deal, plan)
      }))
    : []
})
const empty = computed(() => bundles.value.length + (store.workspace?.deals?.length ?? 0) === 0)
</script>

<template>
  <div v-if="store.say" class="stack">
    <h2>{{ words.lists }}</h2>
    <p v-if="empty" class="soft">{{ words.noLists }}</p>
    <ul class="plain-list">
      <li v-for="{ bundle, bargain, isOver } in bundles" :key="bundle.id">
        <span class="strong">{{ bundle.name }}</span>
        <template v-if="isOver">{{ words.noLonger }}</template>
        <template v-else-if="bargain && bargain.allIn !== undefined">{{
          words.bargain(store.say, bargain, bargain.allIn)
        }}</template>
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unoffered(bundle.name), (state) => change.removeOffer(state, bundle.id))
          "
        >
          {{ words.remove }}
        </button>
      </li>
      <li v-for="{ deal, isOver, worth } in deals" :key="deal.id" :class="{ soft: isOver }">
        {{ words.dealLine(store.say, deal) }}<template v-if="isOver">{{ words.noLonger }}</template>
        <template v-else>{{ words.dealWorth(store.say, deal, worth) }}</template>
        <button
          type="button"
          class="link"
          @click="
            store.run(steps.unoffered(deal.name), (state) => change.removeDeal(state, deal.id))
          "
        >
          {{ words.remove }}
        </button>
      </li>
    </ul>
    <BundleForm />
    <DealForm />
  </div>
</template>

<style scoped>
li {
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--line);
}
</style>
