<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { computed, ref, watch } from 'vue'
import { toolOfPurchase } from '../../../core/explain'
import { usualTotal } from '../../../core/weigh'
import WideBox from '../../parts/WideBox.vue'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import { useToolOptions } from '../../parts/tool-options'
import { usePlanning } from '../../stores/planning'
import { useWeighing } from '../../stores/weighing'
import { useWorkspace } from '../../stores/workspace'
import { quality as words } from '../../words/quality'
import { terms } from '../../words/terms'

/** Spend here, save there: a total shared out over tiers of several tools. */
const props = defineProps<{ planned: readonly string[] }>()
const store = useWorkspace()
const planning = usePlanning()
const weighing = useWeighing()
const options = useToolOptions()
const total = ref<number>()
const group = ref<string[]>([...props.planned])
/** How long a tool is looked at, years: what is bought once should last; common practice. */
const years = ref(5)
watch(
  () => props.planned,
  (list) => {
    if (group.value.length === 0) group.value = [...list]
  }
)
const known = computed(() => store.world?.library)
const groupTools = computed(() =>
  group.value.flatMap((id) => {
    const entry = known.value?.tools.get(id)
    const bought = planning.plan?.purchases.find(
      (purchase) => store.world && toolOfPurchase(store.world, purchase) === id
    )
    const form =
      entry &&
      (entry.forms.find((one) => bought?.offer.endsWith(`/${one.power}`)) ?? entry.forms[0])
    return form ? [{ tool: id, power: form.power, count: bought?.count ?? 1 }] : []
  })
)
const suggested = computed(() => {
  const { world } = store
  return world
    ? usualTotal(
        world,
        groupTools.value.flatMap(({ tool: id, power, count }) => {
          const tool = world.library.tools.get(id)
          return tool ? [{ tool, power, count }] : []
        })
      )
    : 0
})
watch(
  [groupTools, total, years, () => weighing.hash],
  () => {
    if (groupTools.value.length > 0)
      weighing.divide(total.value ?? suggested.value, years.value, groupTools.value)
  },
  { immediate: true }
)
const split = computed(() => weighing.split)
const chosenTier = (id: string): string | undefined =>
  split.value?.split.kind === 'split'
    ? split.value.split.chosen.find(({ place }) => place === id)?.option
    : undefined
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.spend }}</h2>
    <p class="caption">{{ words.spendCaption }}</p>
    <div class="row fields">
      <div class="field grow">
        <span id="split-tools-label" class="label">{{ words.tools }}</span><MultiSelect
          v-model="group"
          aria-labelledby="split-tools-label"
          :options="options"
          option-label="name"
          option-value="id"
          filter
          :filter-fields="['words']"
          display="comma"
          :max-selected-labels="4"
        />
      </div>
      <MoneyField :label="words.total" :value="total ?? suggested" @change="total = $event" />
      <NumberField
        :label="words.years"
        :value="years"
        :least="1"
        :most="30"
        whole
        @change="years = $event ?? years"
      />
    </div>
    <p v-if="groupTools.length === 0" class="soft">{{ words.noTools }}</p>
    <template v-else-if="split">
      <p v-if="split.split.kind === 'too-little'" class="attention">
        {{ words.tooLittle(store.say, split.split.least) }}
      </p>
      <p v-else-if="split.split.kind === 'no-option'" class="attention">
        {{ words.noOption(store.say.shortTool(split.split.place)) }}
      </p>
      <template v-else>
        <p>
          {{ words.split(store.say, split.split.cost, split.total - split.split.cost) }}
          <span class="soft">{{ words.proven(store.say.number(split.ms, 1)) }}</span>
        </p>
        <WideBox>
          <table class="plain small">
            <thead>
              <tr>
                <th>{{ words.splitHead.tool }}</th>
                <th class="figure">{{ words.splitHead.hours }}</th>
                <th>{{ words.splitHead.tier }}</th>
                <th class="figure">{{ words.splitHead.cost }}</th>
                <th class="figure">{{ words.splitHead.later }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="place in split.places" :key="place.tool">
                <td>
                  {{ store.say.tool(place.tool)
                  }}<template v-if="place.count > 1"> × {{ place.count }}</template>
                </td>
                <td class="figure">{{ store.say.number(place.hours, 1) }}</td>
                <td>
                  <span
                    v-for="option in place.options"
                    :key="option.id"
                    class="tier"
                    :class="{ taken: option.id === chosenTier(place.tool) }"
                    >{{ option.id === chosenTier(place.tool) ? '■ ' : ''
                    }}{{ terms.tierName[option.id]?.replace(' tier', '') }}</span
                  >
                </td>
                <td class="figure">
                  {{
                    store.say.money(
                      place.options.find(({ id }) => id === chosenTier(place.tool))?.cost ?? 0
                    )
                  }}
                </td>
                <td class="figure">
                  {{
                    store.say.money(
                      Math.round(
                        -(place.options.find(({ id }) => id === chosenTier(place.tool))?.value ?? 0)
                      )
                    )
                  }}
                </td>
              </tr>
            </tbody>
          </table>
        </WideBox>
      </template>
    </template>
  </section>
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
.tier {
  margin-right: 0.75rem;
  color: var(--graphite-soft);
  white-space: nowrap;
}
.tier.taken {
  color: var(--graphite);
  font-weight: 650;
}
</style>
