<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { airOf, clearing, type DustAhead, type DustBuy } from '../../../core/safety'
import { change } from '../../../core/workspace'
import NumberField from '../../parts/NumberField.vue'
import NamedText from '../../parts/NamedText.vue'
import { useWorkspace } from '../../stores/workspace'
import { air as words } from '../../words/air'
import { workingDay as day } from '../../words/working-day'
import { steps } from '../../words/steps'
import { useSetWorkshop } from './set-workshop'

/** The dustiest evening that is planned, and which purchase lowers it most for its money. */
const props = defineProps<{ dust: DustAhead | undefined; known: boolean }>()
const store = useWorkspace()
const set = useSetWorkshop()
const USUAL_M = 2.4
const FEET = 0.3048
const isImperial = computed(() => store.workspace?.preferences.units === 'imperial')
const high = computed(() => {
  const metres = store.workspace?.workshop.heightM ?? USUAL_M
  return isImperial.value ? Math.round((metres / FEET) * 10) / 10 : metres
})
/** A room without volume has no air to be reckoned with. */
const airless = computed(
  () => store.workspace !== undefined && !(airOf(store.workspace.workshop).volumeM3 > 0)
)
const wished = (tool: string): boolean => store.workspace?.wishes.includes(tool) === true
function wish({ tool }: DustBuy): void {
  store.run(steps.wished(store.say?.tool(tool) ?? tool), (state) => change.wish(state, tool, true))
}
const before = computed(() => {
  const { say } = store
  const { dust } = props
  const best = dust && clearing(dust)
  return say && dust?.over && best && dust.machine !== undefined && dust.bought !== undefined
    ? words.dustBefore(say.tool(best.tool), say.tool(dust.machine), say.day(dust.bought))
    : undefined
})
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.dustTitle }}</h2>
    <p v-if="airless" class="attention">{{ day.noAir }}</p>
    <p v-else-if="known && !dust">{{ words.dustNone }}</p>
    <template v-if="dust">
      <p :class="{ attention: dust.over }">
        <NamedText
          :text="
            words.dustWorst(
              store.say,
              dust,
              dust.machine === undefined ? undefined : store.say.tool(dust.machine)
            )
          "
        />
      </p>
      <p>{{ words.dustOpen(store.say, dust.open) }}</p>
      <template v-if="dust.buys.length > 0">
        <h3>{{ words.dustBuys }}</h3>
        <ol class="plain-list">
          <li v-for="one in dust.buys" :key="one.tool">
            <span>{{
              words.dustBuy(
                store.say,
                store.say.tool(one.tool),
                store.say.money(one.price),
                one.air,
                one.breathed
              )
            }}</span>
            <Button
              v-if="!wished(one.tool)"
              size="small"
              severity="secondary"
              :label="words.dustWish"
              @click="wish(one)"
            />
          </li>
        </ol>
      </template>
      <p v-else class="soft">{{ words.dustNoBuy }}</p>
      <p v-if="before" class="strong">{{ before }}</p>
    </template>
    <NumberField
      :label="isImperial ? words.heightFeet : words.height"
      :value="high"
      :least="0"
      :most="60"
      @change="
        set({ heightM: $event === undefined ? undefined : isImperial ? $event * FEET : $event })
      "
    />
    <p class="caption">{{ words.dustHow }}</p>
  </section>
</template>

<style scoped>
li {
  display: flex;
  gap: 0.75rem;
  justify-content: space-between;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 0.3rem 0;
}
li :deep(button) {
  white-space: nowrap;
  flex: none;
}
</style>
