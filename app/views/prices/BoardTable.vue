<script setup lang="ts">
import { computed, ref } from 'vue'
import { changeOf, isSingle, type BoardRow, type Listing } from '../../../core/board'
import { daysBetween } from '../../../core/calendar'
import { typicalOf } from '../../../core/prices'
import WhatIs from '../../parts/WhatIs.vue'
import WideBox from '../../parts/WideBox.vue'
import { useWorkspace } from '../../stores/workspace'
import { board as words } from '../../words/board'
import { prices } from '../../words/prices'
import { terms } from '../../words/terms'
import { timing } from '../../words/timing'
import { weigh } from '../../words/weigh'

/** Listings of a board against what one knows: what taking each over would change. */
const props = defineProps<{ rows: readonly BoardRow[] }>()
const emit = defineEmits<{ take: [listing: Listing] }>()
const MOST_ROWS = 12
const store = useWorkspace()
const whole = ref(false)
const lines = computed(() =>
  (whole.value ? props.rows : props.rows.slice(0, MOST_ROWS)).map((row) => ({
    row,
    change: changeOf(row),
    typical: store.world ? typicalOf(store.world.pricing, row.listing) : undefined
  }))
)
const age = (date: string): string =>
  store.world ? prices.age(daysBetween(date, store.world.asOf)) : ''
</script>

<template>
  <div v-if="store.say" class="stack">
    <WideBox>
      <table class="plain small">
        <thead>
          <tr>
            <th>{{ prices.head.tool }}</th>
            <th class="figure">{{ words.head.price }}</th>
            <th class="wide">{{ words.head.seller }}</th>
            <th class="figure">{{ words.head.known }}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ row, change, typical } in lines" :key="row.listing.id">
            <td>
              <WhatIs
                :id="row.listing.tool"
                kind="tool"
                :name="store.say.shortTool(row.listing.tool)"
                in-text
              /><br /><span class="soft">{{
                weigh.tierLine(
                  terms.tierName[row.listing.tier] ?? '',
                  terms.conditionName[row.listing.condition] ?? '',
                  row.listing.power
                )
              }}</span>
              <span v-if="row.met" class="strong"> · {{ words.met }}</span>
              <span class="narrow soft"><br />{{ row.listing.seller }}</span>
            </td>
            <td class="figure">
              <span class="strong">{{ store.say.money(row.listing.price) }}</span><template
                v-if="row.listing.before"
                ><br /><span class="soft">{{
                  words.before(store.say.money(row.listing.before))
                }}</span></template
              >
            </td>
            <td class="wide">
              {{ row.listing.seller
              }}<template v-if="row.dearer > 0"
                ><span class="soft">{{ words.dearer(row.dearer) }}</span></template
              ><br /><span class="soft">{{
                words.says(
                  row.listing,
                  row.listing.until === undefined
                    ? undefined
                    : store.say.shortDay(row.listing.until)
                )
              }}</span>
            </td>
            <td class="figure">
              <template v-if="row.known">
                {{ store.say.money(row.known.price)
                }}<template v-if="change !== undefined && change !== 0"
                  ><span class="strong">{{
                    words.change(store.say.percent(Math.abs(change)), change < 0)
                  }}</span></template
                ><br /><span class="soft">{{ age(row.known.date) }}</span>
              </template>
              <template v-else-if="typical !== undefined"
                ><span class="soft"
                  >{{ prices.against(store.say, store.say.about(typical)) }}<br />{{
                    words.notKnown
                  }}</span
                ></template
              >
            </td>
            <td>
              <span v-if="row.taken && !isSingle(row.listing)" class="soft">{{ words.taken }}</span>
              <RouterLink v-else-if="row.taken" to="/prices/find">{{ timing.ask }}</RouterLink>
              <button
                v-else
                type="button"
                class="link"
                :aria-label="`${words.take}: ${store.say.shortTool(row.listing.tool)}, ${row.listing.seller}`"
                @click="emit('take', row.listing)"
              >
                {{ isSingle(row.listing) ? words.keep : words.take }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <p v-if="rows.length > MOST_ROWS">
      <button type="button" class="link" :aria-expanded="whole" @click="whole = !whole">
        {{ whole ? words.fewer : timing.all(rows.length) }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.narrow {
  display: none;
}
@media (max-width: 700px) {
  .wide {
    display: none;
  }
  .narrow {
    display: inline;
  }
}
</style>
