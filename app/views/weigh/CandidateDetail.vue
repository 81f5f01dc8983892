<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Minor } from '../../../core/money'
import { change } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import SetLine from '../../parts/SetLine.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { duration } from '../../words/say'
import { steps } from '../../words/steps'
import { weigh as words } from '../../words/weigh'
import type { CandidateView, PartView } from '../../workers/protocol'

/** Every figure of a candidate, down to the builds it came from; a price of one's own can be put in where it is needed. */
const props = defineProps<{ candidate: CandidateView }>()
const store = useWorkspace()
const parts = computed(() => [props.candidate.lead, ...props.candidate.others])
const tool = computed(() => store.world?.library.tools.get(props.candidate.lead.tool))
const wished = computed(() => store.workspace?.wishes.includes(props.candidate.lead.tool) ?? false)

function usePrice(part: PartView, price: Minor | undefined): void {
  if (price === undefined || part.jig !== undefined) return
  store.run(steps.quoted(store.say?.tool(part.tool) ?? ''), (state) => change.addQuote(state, { id: newId('q'), offer: part.id, date: store.world?.asOf ?? '', price, seller: 'other' }))
}
function ban(): void {
  const { id, name } = tool.value ?? {}
  if (id !== undefined && name !== undefined) store.run(steps.banned(name), (state) => change.ban(state, { kind: 'tool', id }))
}
function wish(): void {
  const { id, name } = tool.value ?? {}
  if (id !== undefined && name !== undefined) store.run(wished.value ? steps.unwished(name) : steps.wished(name), (state) => change.wish(state, id, !wished.value))
}
const quoted = (part: PartView): Minor | undefined => store.workspace?.quotes.filter(({ offer }) => offer === part.id).at(-1)?.price
</script>

<template>
  <div v-if="store.say" class="detail">
    <p>{{ words.why(store.say.money(candidate.gain), store.say.money(candidate.cost), store.say.moved(candidate.netGain)) }}</p>
    <p v-if="tool?.caution" class="caution small">{{ tool.caution }} {{ words.cautionTail }}</p>
    <div class="columns">
      <div>
        <h3>{{ words.opens }}</h3>
        <ul class="plain-list small">
          <li v-for="effect in candidate.effects" :key="effect.build">
            <RouterLink :to="`/builds/${encodeURIComponent(effect.build)}`"><bdi>{{ effect.opens ? words.openLine(store.say.build(effect.build), store.say.money(effect.gain)) : words.easeLine(store.say.build(effect.build), duration(effect.minutesSaved)) }}</bdi></RouterLink>
          </li>
        </ul>
        <template v-if="candidate.variants.length > 0">
          <h3>{{ words.variants }}</h3>
          <div class="small"><SetLine v-for="variant in candidate.variants.slice(0, 3)" :key="variant.id" :parts="variant.parts" :cost="variant.cost" /></div>
        </template>
      </div>
      <div>
        <h3>{{ words.comes }}</h3>
        <table class="plain small">
          <tbody>
            <tr v-for="part in parts" :key="part.id">
              <td>{{ store.say.tool(part.tool) }}<template v-if="part.count > 1"> × {{ part.count }}</template><br /><span class="soft">{{ part.jig ? words.make : words.tierLine(words.tierName[part.tier] ?? '', words.conditionName[part.condition] ?? '', part.power) }}</span></td>
              <td class="figure" :class="{ typical: part.typical && !part.jig }">{{ store.say.money(part.cost) }}</td>
              <td><MoneyField v-if="!part.jig" hide-label optional width="5.5rem" :label="`${words.yourPrice}: ${store.say.tool(part.tool)}`" :value="quoted(part)" :placeholder="words.addPrice" @change="usePrice(part, $event)" /></td>
            </tr>
          </tbody>
        </table>
        <p class="caption">{{ words.typicalNote }}</p>
      </div>
    </div>
    <div class="row"><Button size="small" severity="secondary" :label="words.ban" @click="ban" /><Button size="small" severity="secondary" :label="wished ? words.unwish : words.wish" @click="wish" /></div>
  </div>
</template>

<style scoped>
.detail { padding: 0.5rem 0.75rem 1rem; display: grid; gap: 0.6rem; background: var(--paper-raised); box-shadow: inset 4px 0 0 var(--planned); }
.columns { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr); gap: 0.75rem 2rem; }
.caution { border-left: 6px double var(--hazard); padding-left: 0.6rem; }
@media (max-width: 800px) { .columns { grid-template-columns: minmax(0, 1fr); } }
</style>
