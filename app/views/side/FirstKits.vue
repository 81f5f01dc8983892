<script setup lang="ts">
import Button from 'primevue/button'
import { marginEach, marginPerHour, minutesEach, type FirstKit } from '../../../core/sidework'
import { change } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { joined } from '../../words/bench'
import { side as words } from '../../words/side'
import { steps } from '../../words/steps'

/** What to buy so that a piece for sale can be made at all, and after how many pieces it is paid. */
defineProps<{ kits: readonly FirstKit[] }>()
const store = useWorkspace()
const names = ({ parts }: FirstKit): string =>
  joined(parts.map(({ tool }) => store.say?.shortTool(tool) ?? tool))
const areWished = ({ parts }: FirstKit): boolean =>
  parts.every(({ tool }) => store.workspace?.wishes.includes(tool))
function wish(kit: FirstKit): void {
  store.run(steps.wished(names(kit)), (state) =>
    kit.parts.reduce((next, { tool }) => change.wish(next, tool, true), state)
  )
}
</script>

<template>
  <section v-if="store.say && kits.length > 0" class="stack">
    <h2>{{ words.firstTitle }}</h2>
    <ul class="plain-list">
      <li v-for="kit in kits" :key="kit.design.build" class="kit">
        <p class="strong">{{ store.say.build(kit.design.build) }}</p>
        <p>
          {{ words.firstKit(store.say, kit, names(kit)) }}
          {{
            words.firstLeaves(
              store.say,
              kit,
              marginEach(kit.design),
              minutesEach(kit.design),
              marginPerHour(kit.design)
            )
          }}
        </p>
        <Button
          v-if="!areWished(kit)"
          size="small"
          severity="secondary"
          :label="words.firstWish"
          :aria-label="`${words.firstWish}: ${store.say.build(kit.design.build)}`"
          @click="wish(kit)"
        />
        <p v-else class="small soft">{{ words.firstWished }}</p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.kit {
  border-bottom: 1px solid var(--line);
  padding: 0.35rem 0;
}
</style>
