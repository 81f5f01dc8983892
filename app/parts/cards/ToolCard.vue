<script setup lang="ts">
import { computed } from 'vue'
import { toolFacts } from '../../../core/cards'
import { TIERS, type Tool } from '../../../core/catalogue'
import { usualByTier } from '../../../core/fit'
import { findOffer } from '../../../core/prices'
import { sheetsOfTool } from '../../../core/safety'
import HazardSheets from '../HazardSheets.vue'
import { toolCard } from '../../../data/cards'
import { toolDrawings } from '../../drawings'
import { useWorkspace } from '../../stores/workspace'
import { cards as words } from '../../words/cards'
import { terms } from '../../words/terms'
import InUse from '../InUse.vue'
import LineDrawing from './LineDrawing.vue'
import { useTold } from './told'
import NameList from './NameList.vue'
import NamedText from '../NamedText.vue'

/** What a tool is, how one is chosen, what comes with it and what does its work more gently or for less. */
const props = defineProps<{ tool: Tool }>()
const store = useWorkspace()
const drawing = computed(() => toolDrawings[props.tool.id])
const told = useTold()
const card = computed(() => toolCard(props.tool.id))
const facts = computed(() => (store.world ? toolFacts(store.world, props.tool) : undefined))
const named = (id: string): string => store.say?.tool(id) ?? id
const stands = computed(() => {
  const { world, say, plan } = store
  if (!world || !say) return ''
  if (world.workspace.items.some(({ tool }) => tool === props.tool.id)) return words.owned
  if (!plan) return words.noPlan
  const planned = plan.purchases.find(
    ({ offer }) => findOffer(world.pricing, offer)?.tool === props.tool.id
  )
  return planned ? words.planned(say, planned.date) : words.notPlanned
})
const prices = computed(() => (store.world ? usualByTier(store.world, props.tool.id, TIERS) : []))
/** The tool's own caution, or its kind of danger; what to protect; whose word goes first. */
const cautions = computed(() => {
  const { caution, hazard, needs } = props.tool
  return [
    caution ?? (hazard ? words.hazard(hazard) : ''),
    needs.length > 0 ? words.protects(needs) : '',
    words.manual
  ]
    .filter((one) => one !== '')
    .join(' ')
})
const companions = computed(() => {
  const all = facts.value?.comesWith ?? []
  const rows = (kinds: readonly string[]) =>
    all
      .filter(({ kind }) => kinds.includes(kind))
      .map(({ anyOf, why, count }) => ({
        tools: anyOf.map((id) => ({ id, name: named(id) })),
        why,
        count
      }))
  return { needed: rows(['needed', 'needed-for']), advised: rows(['advised']) }
})
const operations = computed(
  () => facts.value?.operations.map((id) => ({ id, name: store.say?.operation(id) ?? id })) ?? []
)
const ways = computed(
  () =>
    facts.value?.otherWays.map((way) => ({
      id: way.tool,
      name: named(way.tool),
      more: words.way(way, facts.value?.operations.length ?? 0)
    })) ?? []
)
const builds = computed(() => facts.value?.builds.map((id) => store.say?.build(id) ?? id) ?? [])
</script>

<template>
  <div v-if="store.say && facts" class="card">
    <div class="known">
      <LineDrawing v-if="drawing" :drawing="drawing" :name="tool.name" />
      <p v-if="drawing" class="soft small">{{ words.heavy }}</p>
      <p v-if="facts.elsewhere.length > 0" class="small">
        <bdi>{{ words.elsewhere(facts.elsewhere) }}</bdi>
      </p>
    </div>
    <div class="priced">
      <p class="strong">{{ stands }}</p>
      <template v-if="prices.length > 0">
        <h2>{{ words.usual }}</h2>
        <table class="plain small">
          <tbody>
            <tr v-for="one in prices" :key="one.tier">
              <th scope="row">{{ terms.tierName[one.tier] }}</th>
              <td class="figure" :class="{ typical: one.offer.typical }">
                {{ store.say.money(store.say.about(one.offer.payment)) }}
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="prices.some((one) => one.offer.typical)" class="soft small">
          {{ words.typical }}
        </p>
      </template>
      <p v-else-if="tool.madeBy" class="small">{{ words.made }}</p>
    </div>
    <div class="said">
      <p v-if="card" class="use">{{ told(card.use) }}</p>
      <p v-else class="soft">{{ words.own }}</p>
      <p v-if="tool.why" class="small"><NamedText :text="tool.why" /></p>
      <p v-if="tool.caution || tool.needs.length > 0" class="caution small">
        <i class="pi pi-exclamation-triangle" aria-hidden="true" />
        {{ cautions }}
        <HazardSheets :sheets="sheetsOfTool(tool)" />
      </p>
      <template v-if="card">
        <h2>{{ words.look }}</h2>
        <ul>
          <li v-for="one in card.look" :key="one">{{ told(one) }}</li>
        </ul>
        <dl>
          <template v-if="card.size">
            <dt>{{ words.size }}</dt>
            <dd>{{ told(card.size) }}</dd>
          </template>
          <dt>{{ words.mistake }}</dt>
          <dd>{{ told(card.mistake) }}</dd>
          <dt>{{ words.care }}</dt>
          <dd>{{ told(card.care) }}</dd>
        </dl>
      </template>
      <InUse :tool="tool" />
      <template v-if="companions.needed.length > 0">
        <h2>{{ words.comesWith }}</h2>
        <ul>
          <li v-for="one in companions.needed" :key="one.why">
            <NameList kind="tool" :entries="one.tools" /><span class="small">{{ one.why }}</span>
          </li>
        </ul>
      </template>
      <template v-if="companions.advised.length > 0">
        <h2>{{ words.advised }}</h2>
        <ul>
          <li v-for="one in companions.advised" :key="one.why">
            <NameList kind="tool" :entries="one.tools" /><span class="small">{{ one.why }}</span>
          </li>
        </ul>
      </template>
      <template v-if="ways.length > 0">
        <h2>{{ words.otherWays }}</h2>
        <NameList kind="tool" :entries="ways" />
      </template>
      <template v-if="operations.length > 0">
        <h2>{{ words.does }}</h2>
        <NameList kind="operation" :entries="operations" />
        <p class="small">
          {{ builds.length > 0 ? `${words.inBuilds}:` : words.inNoBuild }}
          <bdi>{{ builds.join(', ') }}</bdi>
        </p>
      </template>
    </div>
  </div>
</template>
