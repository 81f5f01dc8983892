<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { computed } from 'vue'
import { CONDITIONS, TIERS } from '../../../core/catalogue'
import type { RuledOut } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { quality } from '../../words/quality'
import { settings as words } from '../../words/settings'
import { steps } from '../../words/steps'
import { terms } from '../../words/terms'

/** Tiers, conditions and ways to be driven that are never to be bought. */
const store = useWorkspace()

const POWERS = ['corded', 'cordless'] as const
const KINDS = { tiers: TIERS, conditions: CONDITIONS, powers: POWERS } as const
type Kind = keyof typeof KINDS
const nameOf: Readonly<Record<Kind, (id: string) => string>> = {
  tiers: (id) => terms.tierName[id] ?? id,
  conditions: (id) => terms.conditionName[id] ?? id,
  powers: (id) => quality.powerName[id] ?? id
}

const chosen = computed(() => {
  const out = store.workspace?.preferences.ruledOut ?? {}
  return (Object.keys(KINDS) as Kind[]).flatMap((kind) =>
    (out[kind] ?? []).map((id) => `${kind}/${id}`)
  )
})
/** The last tier or condition that is left cannot be ruled out as well. */
const groups = computed(() =>
  (Object.keys(KINDS) as Kind[]).map((kind) => {
    const out = store.workspace?.preferences.ruledOut?.[kind] ?? []
    const last = kind !== 'powers' && out.length >= KINDS[kind].length - 1
    return {
      name: words.ruledOutKinds[kind],
      options: KINDS[kind].map((id: string) => ({
        id: `${kind}/${id}`,
        name: nameOf[kind](id),
        disabled: last && !out.some((one) => one === id)
      }))
    }
  })
)

function choose(ids: readonly string[]): void {
  const of = <T extends string>(kind: Kind, all: readonly T[]): readonly T[] | undefined => {
    const list = all.filter((id) => ids.includes(`${kind}/${id}`))
    return list.length > 0 ? list : undefined
  }
  const next: RuledOut = {
    tiers: of('tiers', TIERS),
    conditions: of('conditions', CONDITIONS),
    powers: of('powers', POWERS)
  }
  const some = Object.values(next).some((list) => list !== undefined)
  store.run(steps.preferences(), (state) => ({
    ...state,
    preferences: { ...state.preferences, ruledOut: some ? next : undefined }
  }))
}
</script>

<template>
  <div class="field">
    <span id="never-label" class="label">{{ words.never }}</span><MultiSelect
      :model-value="chosen"
      :options="groups"
      option-group-label="name"
      option-group-children="options"
      option-label="name"
      option-value="id"
      option-disabled="disabled"
      :show-toggle-all="false"
      :placeholder="words.neverNothing"
      aria-labelledby="never-label"
      display="comma"
      :max-selected-labels="4"
      @update:model-value="choose"
    />
    <p class="caption">{{ words.neverHint }}</p>
  </div>
</template>
