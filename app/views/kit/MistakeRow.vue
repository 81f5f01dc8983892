<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { TIERS } from '../../../core/catalogue'
import { change, type Verdict } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { terms } from '../../words/terms'
import OfferRow from './OfferRow.vue'

/** A purchase that was regretted, and what to do otherwise from now on. */
const props = defineProps<{ one: Verdict }>()
const store = useWorkspace()
const name = computed(() => store.say?.tool(props.one.tool) ?? props.one.tool)
const text = computed(() =>
  store.say
    ? words.mistake(
        name.value,
        props.one.regret && words.regrets[props.one.regret],
        store.say.day(props.one.on)
      )
    : ''
)
/** What was made badly asks for a better tier, what is not used for being left out. */
const offer = computed(() => {
  const { workspace } = store
  const { tool, tier, regret } = props.one
  if (!workspace) return undefined
  if (regret === 'flimsy' || regret === 'inaccurate') {
    const better = TIERS[TIERS.indexOf(tier) + 1]
    return better && TIERS.indexOf(workspace.preferences.tier) < TIERS.indexOf(better)
      ? { label: words.betterTier(terms.tierName[better] ?? better), change: { tier: better } }
      : undefined
  }
  return workspace.bans.some((ban) => ban.kind === 'tool' && ban.id === tool)
    ? undefined
    : { label: words.leaveOut(name.value), change: { without: [tool] } }
})
function apply(): void {
  const asked = offer.value?.change
  if (!asked) return
  const { tool } = props.one
  store.run(words.steps.learnt(name.value), (state) =>
    'tier' in asked
      ? { ...state, preferences: { ...state.preferences, tier: asked.tier } }
      : { ...state, bans: [...state.bans, { kind: 'tool', id: tool }] }
  )
}
const takeBack = (): void =>
  void store.run(words.steps.verdict(name.value), (state) =>
    change.dropVerdict(state, props.one.id)
  )
</script>

<template>
  <OfferRow :id="one.id" :text="text" :label="offer?.label" :change="offer?.change" @apply="apply">
    <Button
      size="small"
      severity="secondary"
      :label="words.takeItBack"
      :aria-label="words.takeBack(name)"
      @click="takeBack"
    />
  </OfferRow>
</template>
