<script setup lang="ts">
import type { Because } from '../../../core/weigh'
import { computed } from 'vue'
import type { Minor } from '../../../core/money'
import { salesFor } from '../../../core/prices'
import { change, levelBasis, salesOf } from '../../../core/workspace'
import { library, toldText } from '../../../data'
import MoneyField from '../../parts/MoneyField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import { firsts } from '../../words/firsts'
import { upperFirst } from '../../words/plural'
import { terms } from '../../words/terms'
import type { CandidateView, LineView, ReasonsView } from '../../workers/protocol'
import NamedText from '../../parts/NamedText.vue'
import WhatIs from '../../parts/WhatIs.vue'

/** What a purchase consists of, at which prices; one of the user's own can be put in. */
const props = defineProps<{ candidate: CandidateView; reasons: ReasonsView | undefined }>()
const store = useWorkspace()
const parts = computed(
  () =>
    props.reasons?.parts ??
    [props.candidate.lead, ...props.candidate.others].map((part) => ({
      part,
      because: undefined,
      tag: part.cost,
      tax: 0,
      delivery: 0,
      repair: 0
    }))
)
const basis = computed(() => (store.workspace ? levelBasis(store.workspace, library) : undefined))
const sales = computed(() =>
  store.world
    ? salesFor(salesOf(store.world), props.candidate.lead.tool, store.world.asOf).slice(0, 2)
    : []
)
function usePrice(part: LineView, price: Minor | undefined): void {
  if (price === undefined || part.jig !== undefined) return
  store.run(steps.quoted(store.say?.tool(part.tool) ?? ''), (state) =>
    change.addQuote(state, {
      id: newId('q'),
      offer: part.id,
      date: store.world?.asOf ?? '',
      price,
      seller: 'other'
    })
  )
}
const quoted = (part: LineView): Minor | undefined =>
  store.world?.pricing.quotes.filter(({ offer }) => offer === part.id).at(-1)?.price
/** A reason of the library in the language that is spoken. */
const told = (because: Because): Because =>
  because.kind === 'companion' ? { ...because, why: toldText(because.why) } : because
</script>

<template>
  <div v-if="store.say">
    <h3>{{ words.comes }}</h3>
    <table class="plain small">
      <tbody>
        <tr v-for="{ part, because, ...price } in parts" :key="part.id">
          <td>
            <WhatIs :id="part.tool" kind="tool" :name="store.say.tool(part.tool)" /><template
              v-if="part.count > 1"
            >
              × {{ part.count }}</template
            ><br />
            <span class="soft"
              >{{
                part.jig
                  ? words.make
                  : words.tierLine(
                      terms.tierName[part.tier] ?? '',
                      terms.conditionName[part.condition] ?? '',
                      part.power
                    )
              }}<template v-if="because && because.kind !== 'jig'"
                >.
                <NamedText :text="upperFirst(words.because(store.say, told(because)))" /></template
            ></span>
          </td>
          <td
            class="figure"
            :class="{ typical: part.typical && !part.jig }"
            :title="words.priceParts(store.say, price)"
          >
            {{ store.say.money(part.cost) }}<br /><span
              v-if="price.tax + price.delivery + price.repair > 0"
              class="soft"
              >{{ words.priceParts(store.say, price) }}</span
            >
          </td>
          <td>
            <MoneyField
              v-if="!part.jig"
              hide-label
              optional
              width="5.5rem"
              :label="`${words.yourPrice}: ${store.say.tool(part.tool)}`"
              :value="quoted(part)"
              :placeholder="words.addPrice"
              @change="usePrice(part, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="basis" class="caption">{{ words.priceBasis(basis.kind, basis.quotes) }}</p>
    <p v-for="sale in sales" :key="sale.id" class="small">{{ firsts.sale(store.say, sale) }}</p>
  </div>
</template>
