<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed, onMounted, ref, watch } from 'vue'
import {
  OTHER_MAKER_SHARE,
  minutesPerPack,
  type PowerMode,
  type PowerPlan
} from '../../../core/weigh'
import WideBox from '../../parts/WideBox.vue'
import TroubleLine from '../../parts/TroubleLine.vue'
import PlaceHead from '../../parts/PlaceHead.vue'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { power as words } from '../../words/power'
import { steps } from '../../words/steps'
import WeighTabs from './WeighTabs.vue'

/** More platforms than this are only counted. */
const FEW_PLATFORMS = 3

const store = useWorkspace()
const weighing = useWeighing()
const picked = ref<string[]>()
onMounted(() => weighing.power(picked.value))
watch(
  () => weighing.hash,
  () => weighing.power(picked.value)
)

const view = computed(() => weighing.batteries)
const plans = computed(() =>
  (view.value?.plans ?? []).flatMap(({ mode, plan }) => (plan ? [{ mode, plan }] : []))
)
const best = computed(() => plans.value.find(({ mode }) => mode === 'best')?.plan)
const planOf = (mode: PowerMode): PowerPlan | undefined =>
  plans.value.find((one) => one.mode === mode)?.plan
/** The plainest plan that costs no more than the best: a mixture is only named where it is one. */
const leading = computed<PowerMode>(
  () =>
    (['cords', 'one-platform', 'several'] as const).find(
      (mode) => planOf(mode)?.cost === best.value?.cost
    ) ?? 'best'
)
const title = computed(() =>
  best.value && (view.value?.tools.length ?? 0) > 0 ? words.title[leading.value] : words.titleNone
)
const options = computed(() =>
  [...(store.world?.library.tools.values() ?? [])]
    .filter(({ forms }) => forms.some(({ power }) => power === 'cordless'))
    .map(({ id, name }) => ({ id, name }))
)
/** What stays put while it works, with a hose on it, is served by a cord; what goes to the work by a pack. */
const servedByCord = (tool: string): boolean =>
  store.world?.library.tools.get(tool)?.roams === undefined
const choiceText = (plan: PowerPlan, tool: string): string => {
  const choice = plan.choices.find((one) => one.tool === tool)?.choice
  if (!choice) return words.impossible
  return choice.kind === 'corded'
    ? (words.choice.corded ?? '')
    : words.on(words.choice[choice.kind] ?? '', words.platform(choice.platform))
}
const cordsSave = computed(() => {
  const cords = planOf('cords')
  const one = planOf('one-platform')
  return cords && one ? one.cost - cords.cost : undefined
})
const noCord = computed(() =>
  (view.value?.tools ?? [])
    .filter(({ corded }) => corded === undefined)
    .map(({ tool }) => words.plural(store.say?.shortTool(tool) ?? tool))
)
const packsBought = computed(
  () =>
    best.value?.platforms.reduce(
      (sum, { packsBought: bought, packsNeeded }) => sum + Math.max(bought, packsNeeded),
      0
    ) ?? 0
)
const POWERS = ['cheapest', 'corded', 'cordless'] as const
const preferences = computed(() => POWERS.map((id) => ({ id, name: words.preferName[id] })))
function pick(tools: string[]): void {
  picked.value = tools
  weighing.power(tools)
}
</script>

<template>
  <PlaceHead :title="title" :subtitle="view && view.tools.length === 0 ? words.none : undefined" />
  <WeighTabs />
  <TroubleLine :trouble="weighing.failure" @again="weighing.power()" />
  <template v-if="store.say && view">
    <p class="caption">{{ words.caption }}</p>
    <div class="row fields">
      <div class="field grow">
        <span id="power-tools-label" class="label">{{ words.tools }}</span><MultiSelect
          aria-labelledby="power-tools-label"
          :model-value="picked ?? view.tools.map(({ tool }) => tool)"
          :options="options"
          option-label="name"
          option-value="id"
          filter
          display="comma"
          :max-selected-labels="5"
          @update:model-value="pick"
        />
      </div>
      <div class="field">
        <span id="power-prefer-label" class="label">{{ words.prefer }}</span><Select
          aria-labelledby="power-prefer-label"
          :model-value="store.workspace?.preferences.power"
          :options="preferences"
          option-label="name"
          option-value="id"
          @update:model-value="
            store.run(steps.preferences(), (state) => ({
              ...state,
              preferences: { ...state.preferences, power: $event }
            }))
          "
        />
      </div>
    </div>
    <WideBox v-if="view.tools.length > 0">
      <table class="plain small">
        <thead>
          <tr>
            <th>{{ words.head.tool }}</th>
            <th v-for="{ mode } in plans" :key="mode" scope="col">{{ words.mode[mode] }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in view.tools" :key="one.tool">
            <th scope="row">
              {{ store.say.shortTool(one.tool) }}<br /><span class="soft"
                >{{
                  words.runs(
                    store.say,
                    minutesPerPack(one.whPerHour, view.packWh),
                    store.say.number(view.packWh)
                  )
                }}<template v-if="one.whPerHour > 0"
                  >. {{ servedByCord(one.tool) ? words.favoursCord : words.favoursPack }}</template
                ></span
              >
            </th>
            <td v-for="{ mode, plan } in plans" :key="mode">{{ choiceText(plan, one.tool) }}</td>
          </tr>
          <tr>
            <th scope="row">{{ words.head.packs }}</th>
            <td v-for="{ mode, plan } in plans" :key="mode">
              <p v-if="plan.platforms.length > FEW_PLATFORMS">
                {{
                  words.many(
                    plan.platforms.length,
                    plan.platforms.reduce((sum, { packsNeeded }) => sum + packsNeeded, 0)
                  )
                }}
              </p>
              <p
                v-for="bill in plan.platforms.length > FEW_PLATFORMS ? [] : plan.platforms"
                :key="bill.platform"
              >
                {{ words.platform(bill.platform) }}:
                {{ words.packsLine(store.say, bill.packsNeeded, bill.packsBought, bill.energyWh) }}
              </p>
            </td>
          </tr>
          <tr>
            <th scope="row">{{ words.head.cost }}</th>
            <td v-for="{ mode, plan } in plans" :key="mode" class="strong">
              {{ store.say.money(plan.cost) }}
            </td>
          </tr>
          <tr>
            <th scope="row">{{ words.head.locked }}</th>
            <td v-for="{ mode, plan } in plans" :key="mode">
              {{ store.say.money(plan.lockedIn) }}
            </td>
          </tr>
        </tbody>
      </table>
    </WideBox>
    <div class="stack small">
      <p v-if="cordsSave !== undefined">{{ words.corded(store.say, cordsSave) }}</p>
      <p v-if="noCord.length > 0">{{ words.noCord(noCord) }}</p>
      <p v-if="packsBought > 0" class="caution">
        <span class="strong">{{ words.otherMaker }}.</span>
        {{
          words.otherMakerText(
            store.say,
            Math.round(packsBought * view.pack * (1 - OTHER_MAKER_SHARE))
          )
        }}
      </p>
      <p class="soft">{{ words.note }}</p>
    </div>
  </template>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.75rem 1.25rem;
}
.grow {
  flex: 1 1 20rem;
  min-width: 0;
}
.caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
tbody th {
  font-weight: 650;
  color: var(--graphite);
  vertical-align: top;
  min-width: 13rem;
  border-bottom: 1px solid var(--line);
}
tbody th .soft {
  font-weight: 400;
}
</style>
