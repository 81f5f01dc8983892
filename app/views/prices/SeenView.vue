<script setup lang="ts">
import { computed, ref } from 'vue'
import { STALE_AFTER_DAYS } from '../../../core/care'
import { compareDays, daysBetween } from '../../../core/calendar'
import { findOffer, offerId, priceOf, type Quote } from '../../../core/prices'
import { change, levelBasis } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { library } from '../../../data'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { timing } from '../../words/timing'
import { weigh } from '../../words/weigh'
import { terms } from '../../words/terms'
import AddQuote from './AddQuote.vue'
import KindPrices from './KindPrices.vue'
import PasteQuotes from './PasteQuotes.vue'
import PricesTabs from './PricesTabs.vue'

/** Prices of one's own: put in, pasted, with their age, against what is typical here. */
const store = useWorkspace()
const basis = computed(() => (store.workspace ? levelBasis(store.workspace, library) : undefined))
const bundleName = (id: string): string | undefined =>
  store.workspace?.bundles?.find((bundle) => bundle.id === id)?.name
/** One row for each thing that has a price, with its newest one; the rest stand behind it. */
const rows = computed(() => {
  const { world, workspace } = store
  if (!world || !workspace) return []
  const newest = new Map<string, { quote: Quote; count: number }>()
  for (const quote of workspace.quotes) {
    const known = newest.get(quote.offer)
    newest.set(quote.offer, {
      quote: known && known.quote.date > quote.date ? known.quote : quote,
      count: (known?.count ?? 0) + 1
    })
  }
  return [...newest.values()]
    .sort((a, b) => compareDays(b.quote.date, a.quote.date))
    .map(({ quote, count }) => {
      const offer = findOffer(world.pricing, quote.offer)
      const typical =
        offer &&
        priceOf({ ...world.pricing, quotes: [] }, { ...offer, id: offerId(offer) }, world.asOf)?.tag
      const days = daysBetween(quote.date, world.asOf)
      return {
        quote,
        count,
        offer,
        typical,
        days,
        stale: days > STALE_AFTER_DAYS,
        ended: quote.until !== undefined && quote.until < world.asOf
      }
    })
})
const MOST_ROWS = 12
const whole = ref(false)
const open = computed(() => (whole.value ? rows.value : rows.value.slice(0, MOST_ROWS)))
const chosen = ref<string>()
const shown = computed(() => rows.value.find(({ quote }) => quote.offer === chosen.value))
</script>

<template>
  <PlaceHead
    v-if="store.say && basis && store.world"
    :title="words.title(store.workspace?.quotes.length ?? 0)"
    :subtitle="
      words.subtitle(
        basis.kind,
        basis.quotes,
        store.say.money(Math.round(store.world.pricing.minorPer100Points))
      )
    "
  />
  <PricesTabs />
  <template v-if="store.say && store.world">
    <section class="stack">
      <h2>{{ words.add }}</h2>
      <AddQuote />
    </section>
    <div class="two">
      <section class="stack">
        <h2>{{ words.table }}</h2>
        <p v-if="rows.length === 0" class="soft">{{ words.noTable }}</p>
        <WideBox v-else>
          <table class="plain small">
            <thead>
              <tr>
                <th>{{ words.head.tool }}</th>
                <th class="figure">{{ words.head.price }}</th>
                <th>{{ words.head.seen }}</th>
                <th class="seller">{{ words.head.seller }}</th>
                <th class="figure">{{ words.head.against }}</th>
                <td />
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="{ quote, count, offer, typical, days, stale, ended } in open"
                :key="quote.id"
                :class="{ old: stale || ended }"
              >
                <td>
                  <button
                    v-if="offer"
                    type="button"
                    class="link"
                    :aria-expanded="chosen === quote.offer"
                    @click="chosen = chosen === quote.offer ? undefined : quote.offer"
                  >
                    {{ store.say.shortTool(offer.tool) }}</button><template v-else>{{
                    bundleName(quote.offer) ?? quote.offer
                  }}</template
                  ><br /><span v-if="offer" class="soft">{{
                    weigh.tierLine(
                      terms.tierName[offer.tier] ?? '',
                      terms.conditionName[offer.condition] ?? '',
                      offer.power
                    )
                  }}</span>
                </td>
                <td class="figure strong">{{ store.say.money(quote.price) }}</td>
                <td>
                  <span class="one-line">{{ store.say.day(quote.date) }}</span><template
                    v-if="count > 1"
                  >
                    · {{ timing.more(count - 1) }}</template
                  ><br /><span class="soft"
                    ><span class="narrow">{{ words.sellerName[quote.seller] }}, </span
                    >{{ words.age(days)
                    }}<template v-if="ended">
                      · {{ words.ended(store.say.shortDay(quote.until ?? '')) }}</template
                    ><template v-else-if="quote.until">
                      · {{ words.endsOn(store.say.shortDay(quote.until)) }}</template
                    ><template v-else-if="stale"> · {{ words.stale }}</template></span
                  >
                </td>
                <td class="seller">{{ words.sellerName[quote.seller] }}</td>
                <td class="figure soft">
                  {{ typical === undefined ? '–' : words.against(store.say, typical) }}
                </td>
                <td>
                  <button
                    type="button"
                    class="link"
                    :aria-label="`${words.remove}: ${store.say.shortTool(offer?.tool ?? quote.offer)}`"
                    @click="
                      store.run(
                        steps.unquoted(store.say.shortTool(offer?.tool ?? quote.offer)),
                        (state) => change.removeQuote(state, quote.id)
                      )
                    "
                  >
                    {{ words.remove }}
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </WideBox>
        <p v-if="rows.length > MOST_ROWS">
          <button type="button" class="link" :aria-expanded="whole" @click="whole = !whole">
            {{ whole ? timing.fewer : timing.all(rows.length) }}
          </button>
        </p>
      </section>
      <section class="stack">
        <template v-if="shown?.offer">
          <h2>{{ timing.chart(store.say.shortTool(shown.offer.tool)) }}</h2>
          <KindPrices :kind="shown.offer" :price="shown.quote.price" :looks="[]" />
        </template>
        <h2>{{ words.paste }}</h2>
        <PasteQuotes />
      </section>
    </div>
  </template>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1.35fr) minmax(0, 1fr);
  gap: 1rem 2.5rem;
}
.old td {
  color: var(--graphite-soft);
  font-weight: 400;
}
/* On a phone the seller stands under the date. */
.narrow {
  display: none;
}
@media (max-width: 700px) {
  .seller {
    display: none;
  }
  .narrow {
    display: inline;
  }
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
