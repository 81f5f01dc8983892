<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { findOffer, type SellerType } from '../../../core/prices'
import type { Minor } from '../../../core/money'
import { sheetsOfTool } from '../../../core/safety'
import { seenPrice, type PocketLine } from '../../../core/shopping'
import type { WaitOrBuy } from '../../../core/timing'
import { change } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import HazardSheets from '../../parts/HazardSheets.vue'
import WhatIs from '../../parts/WhatIs.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import NamedText from '../../parts/NamedText.vue'
import { waitSentence } from '../prices/wait-sentence'
import { pocket as words } from '../../words/pocket'
import { steps } from '../../words/steps'

/** One thing to buy: what it may cost, large; opened, what to look at, and what the price on the tag means for the plan. */
const props = defineProps<{
  line: PocketLine
  open: boolean
  /** Whether to buy it now or to wait, once that is worked out. */
  answer?: WaitOrBuy | undefined
}>()
defineEmits<{ toggle: []; buy: [asked: Minor | undefined] }>()
const store = useWorkspace()
const each = ref<Minor>()
const noted = ref(false)
const seen = computed(() =>
  each.value === undefined ? undefined : seenPrice(props.line, each.value)
)
const asked = computed(() => (each.value === undefined ? undefined : each.value * props.line.count))
const offer = computed(() => store.world && findOffer(store.world.pricing, props.line.offer))
/** Used tools are sold by their owners, new ones in a store: what is seen in the aisle. */
const seller = computed<SellerType>(() =>
  offer.value?.condition === 'new' ? 'hardware-store' : 'private'
)
const sheets = computed(() => {
  const tool = store.world?.library.tools.get(offer.value?.tool ?? '')
  return tool ? sheetsOfTool(tool) : []
})
function see(price: Minor | undefined): void {
  each.value = price
  noted.value = false
}
function note(): void {
  const { say, world } = store
  const price = each.value
  if (!say || !world || price === undefined) return
  noted.value =
    store.attempt(steps.quoted(say.offer(props.line.offer)), (workspace) =>
      change.addQuote(workspace, {
        id: newId('q'),
        offer: props.line.offer,
        date: world.asOf,
        price,
        seller: seller.value
      })
    ).length === 0
}
</script>

<template>
  <li v-if="store.say" class="thing">
    <h2>
      <button type="button" class="head" :aria-expanded="open" @click="$emit('toggle')">
        <span
          ><bdi>{{ store.say.offer(line.offer) }}</bdi
          ><span v-if="line.count > 1"> × {{ line.count }}</span></span
        >
        <span class="most"
          ><span class="soft small">{{ words.upTo }}</span> {{ store.say.money(line.upTo) }}</span
        >
      </button>
    </h2>
    <div v-if="open" class="stack inside">
      <p class="small">
        {{ words.planned }}: {{ store.say.money(line.price) }}. {{ words.upTo }}
        {{ store.say.money(line.upTo) }}: {{ words.bounds[line.limit] }}.
      </p>
      <p v-if="answer && store.world" class="small">
        <NamedText :text="waitSentence(store.say, store.world, answer)" />
      </p>
      <p>
        {{ words.look }}: {{ line.checks.map((check) => words.checks[check]).join('; ') }}.
        <WhatIs
          v-if="line.tool"
          :id="line.tool"
          kind="tool"
          :name="store.say.tool(line.tool)"
          mark
        />
      </p>
      <p v-if="line.caution" class="hatched">
        {{ line.caution }} <HazardSheets :sheets="sheets" />
      </p>
      <div class="row price">
        <MoneyField
          :label="line.count > 1 ? words.tagEach : words.tag"
          :value="each"
          optional
          width="9rem"
          @change="see"
        />
        <Button :label="words.bought" @click="$emit('buy', asked)" />
      </div>
      <p v-if="seen" class="verdict" :class="seen.kind" role="status">
        {{ words.seen[seen.kind](store.say, seen) }}
      </p>
      <p v-if="noted" class="small" role="status">{{ words.noted }}</p>
      <p v-else-if="seen">
        <Button size="small" severity="secondary" :label="words.note" @click="note" />
      </p>
    </div>
  </li>
</template>

<style scoped>
.thing {
  border-top: 1px solid var(--line-strong);
}
h2 {
  font-size: 1.15rem;
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.75rem;
  align-items: center;
  width: 100%;
  min-height: 3.5rem;
  padding: 0.4rem 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.most {
  font-size: 1.5rem;
  white-space: nowrap;
}
.inside {
  padding-bottom: 1rem;
}
.price {
  align-items: end;
  gap: 0.75rem;
}
.price :deep(input) {
  height: 3rem;
  font-size: 1.4rem;
}
.price :deep(.p-button) {
  min-height: 3rem;
  flex: 1 1 8rem;
}
.verdict {
  border-left: 4px solid var(--planned);
  padding: 0.4rem 0.6rem;
  font-weight: 650;
  font-size: 1.1rem;
}
.verdict.not-there,
.verdict.look-elsewhere {
  border-left-color: var(--attention);
  background: var(--attention-wash);
}
.hatched {
  border-left: 4px solid var(--hazard);
  padding-left: 0.5rem;
}
</style>
