<script setup lang="ts">
import { computed } from 'vue'
import { STALE_AFTER_DAYS } from '../../../core/care'
import { daysBetween } from '../../../core/calendar'
import { findOffer, offerId, priceOf } from '../../../core/prices'
import { change, levelBasis, stillOnOffer } from '../../../core/workspace'
import WideBox from '../../parts/WideBox.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import WebLink from '../../parts/WebLink.vue'
import { library } from '../../../data'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { weigh } from '../../words/weigh'
import { terms } from '../../words/terms'
import AddQuote from './AddQuote.vue'
import Bargains from './Bargains.vue'
import PasteQuotes from './PasteQuotes.vue'

/** Prices of one's own: put in, pasted, with their age, against what is typical here. */
const store = useWorkspace()
const basis = computed(() => (store.workspace ? levelBasis(store.workspace, library) : undefined))
const bundleName = (id: string): string | undefined =>
  store.workspace?.bundles?.find((bundle) => bundle.id === id)?.name
const rows = computed(() => {
  const { world, workspace } = store
  if (!world || !workspace) return []
  return [...workspace.quotes]
    .sort((a, b) => (a.date < b.date ? 1 : -1))
    .map((quote) => {
      const offer = findOffer(world.pricing, quote.offer)
      const typical =
        offer &&
        priceOf({ ...world.pricing, quotes: [] }, { ...offer, id: offerId(offer) }, world.asOf)?.tag
      const days = daysBetween(quote.date, world.asOf)
      return {
        quote,
        offer,
        typical,
        days,
        stale: days > STALE_AFTER_DAYS,
        ended: quote.until !== undefined && quote.until < world.asOf
      }
    })
})
const finds = computed(() => {
  const { world, workspace } = store
  return world && workspace
    ? workspace.offers.map((find) => ({
        find,
        isOver: !stillOnOffer(workspace, find.id, world.asOf)
      }))
    : []
})
</script>

<template>
  <PlaceHead
    v-if="store.say && basis && store.world"
    :title="words.title(rows.length)"
    :subtitle="
      words.subtitle(
        basis.kind,
        basis.quotes,
        store.say.money(Math.round(store.world.pricing.minorPer100Points))
      )
    "
  />
  <template v-if="store.say && store.world">
    <section class="stack">
      <h2>{{ words.add }}</h2>
      <AddQuote :find="false" />
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
                v-for="{ quote, offer, typical, days, stale, ended } in rows"
                :key="quote.id"
                :class="{ old: stale || ended }"
              >
                <td>
                  {{ bundleName(quote.offer) ?? store.say.shortTool(offer?.tool ?? quote.offer)
                  }}<br /><span v-if="offer" class="soft">{{
                    weigh.tierLine(
                      terms.tierName[offer.tier] ?? '',
                      terms.conditionName[offer.condition] ?? '',
                      offer.power
                    )
                  }}</span>
                </td>
                <td class="figure strong">{{ store.say.money(quote.price) }}</td>
                <td>
                  <span class="one-line">{{ store.say.day(quote.date) }}</span><br /><span
                    class="soft"
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
      </section>
      <section class="stack">
        <h2>{{ words.paste }}</h2>
        <PasteQuotes /><Bargains />
      </section>
    </div>
    <section class="stack">
      <h2>{{ words.find }}</h2>
      <ul v-if="finds.length > 0" class="plain-list small">
        <li v-for="{ find, isOver } in finds" :key="find.id">
          {{ store.say.tool(find.tool) }}, {{ terms.conditionName[find.condition] }} ({{
            find.id.replace('my/', '')
          }})<template v-if="find.link">, <WebLink :link="find.link" /></template
          ><template v-if="isOver">{{ words.noLonger }}</template>
          <button
            type="button"
            class="link"
            @click="
              store.run(steps.unoffered(store.say.shortTool(find.tool)), (state) =>
                change.removeOffer(state, find.id)
              )
            "
          >
            {{ words.remove }}
          </button>
        </li>
      </ul>
      <AddQuote find />
    </section>
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
