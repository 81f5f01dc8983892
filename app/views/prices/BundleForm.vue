<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { ownId } from '../../../core/catalogue'
import type { Minor } from '../../../core/money'
import { change } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'
import { inForm } from '../../words/where'
import ToolsField from './ToolsField.vue'

/** Several tools for one price. */
const store = useWorkspace()
const bundleName = ref('')
const bundleTools = ref<string[]>([])
const bundlePrice = ref<Minor>()
const problem = ref('')
const say = (text: string): void => {
  problem.value = text
}

function putBundle(): void {
  const { workspace, world } = store
  if (!workspace || !world) return
  const name = bundleName.value.trim()
  if (name === '') return say(words.needName)
  if (bundleTools.value.length < 2) return say(words.needPieces)
  const price = bundlePrice.value
  if (price === undefined) return say(words.needPrice)
  problem.value = ''
  const id = ownId(
    name,
    (taken) =>
      workspace.offers.some((offer) => offer.id === taken) ||
      (workspace.bundles ?? []).some((bundle) => bundle.id === taken)
  )
  const pieces = bundleTools.value.flatMap((tool) => {
    const forms = world.library.tools.get(tool)?.forms ?? []
    const form = forms.find(({ power }) => power === workspace.preferences.power) ?? forms[0]
    return form
      ? [
          {
            tool,
            tier: workspace.preferences.tier,
            condition: 'new' as const,
            power: form.power,
            count: 1
          }
        ]
      : []
  })
  const refused = store.attempt(steps.bundled(name), (state) =>
    change.addBundle(
      state,
      { id, name, pieces },
      { id: newId('q'), offer: id, date: world.asOf, price, seller: 'other' }
    )
  )
  if (refused[0]) return say(inForm(refused[0], store.say))
  bundleName.value = ''
  bundleTools.value = []
  bundlePrice.value = undefined
}
</script>

<template>
  <details>
    <summary class="strong">{{ words.bundle }}</summary>
    <form class="row fields" @submit.prevent="putBundle">
      <div class="field">
        <label for="bundle-name">{{ words.bundleName }}</label><InputText
          id="bundle-name"
          v-model="bundleName"
        />
      </div>
      <ToolsField v-model="bundleTools" :label="words.bundleTools" />
      <MoneyField
        :label="words.price"
        :value="bundlePrice"
        optional
        @change="bundlePrice = $event"
      />
      <Button type="submit" size="small" :label="words.putBundle" />
      <p v-if="problem" class="attention" role="alert">{{ problem }}</p>
    </form>
    <p class="caption">{{ words.bundleHint }}</p>
  </details>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.6rem 1rem;
  padding: 0.5rem 0;
}
summary {
  cursor: pointer;
}
</style>
