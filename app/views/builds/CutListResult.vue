<script setup lang="ts">
import Button from 'primevue/button'
import { lineCost } from '../../../core/builds'
import type { derive, Part } from '../../../core/cutlist'
import { useWorkspace } from '../../stores/workspace'
import { cutList as words } from '../../words/cutlist'
import { jointNames } from '../../words/joinery'

/** What was read of a cut list: its parts, the steps they need and the timber to buy. */
defineProps<{ parts: readonly Part[]; derived: ReturnType<typeof derive> }>()
const emit = defineEmits<{ leaveOut: [part: string] }>()
const store = useWorkspace()
const operation = (id: string): string => store.world?.library.operations.get(id)?.name ?? id
const unit = (id: string): string => store.world?.library.operations.get(id)?.unit ?? ''
const costOf = (material: string, quantity: number): number =>
  store.world ? lineCost(store.world.pricing, { material, quantity }).cost : 0
const materialOf = (id: string) => store.world?.library.materials.get(id)
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>
      {{
        words.parts(
          parts.length,
          parts.reduce((sum, part) => sum + part.quantity, 0)
        )
      }}
    </h2>
    <div class="scroller" tabindex="0" role="group" :aria-label="words.partsLabel">
      <table class="plain small">
        <thead>
          <tr>
            <th>{{ words.part }}</th>
            <th class="figure">{{ words.quantity }}</th>
            <th>{{ words.size }}</th>
            <th>{{ words.stock }}</th>
            <th>{{ words.edges }}</th>
            <th>{{ words.joints }}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr v-for="part in parts" :key="part.id">
            <td>
              <bdi>{{ part.name }}</bdi>
            </td>
            <td class="figure">{{ part.quantity }}</td>
            <td>{{ store.say.lengths([part.lengthMm, part.widthMm, part.thicknessMm]) }}</td>
            <td>{{ words.stockNames[part.stock] }}</td>
            <td>{{ part.edges ? words.edge(part.edges.work, part.edges.run) : '' }}</td>
            <td>
              {{
                part.joints.map(({ joint, count }) => `${jointNames[joint]} × ${count}`).join(', ')
              }}
            </td>
            <td>
              <Button
                size="small"
                severity="secondary"
                variant="text"
                icon="pi pi-times"
                :aria-label="words.leaveOut(part.name)"
                @click="emit('leaveOut', part.id)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <h2>{{ words.stepsTitle }}</h2>
    <p class="caption">{{ words.stepsHint }}</p>
    <ul class="plain-list steps small">
      <li v-for="step in derived.steps" :key="step.id" class="spread">
        <span>{{ operation(step.operation) }}</span><span class="figure">{{
          store.say.quantity(step.quantity, unit(step.operation))
        }}</span>
      </li>
    </ul>
    <h2>{{ words.timberTitle }}</h2>
    <table class="plain small">
      <thead>
        <tr>
          <th>{{ words.timber }}</th>
          <th class="figure">{{ words.net }}</th>
          <th class="figure">{{ words.area }}</th>
          <th class="figure">{{ words.buy }}</th>
          <th class="figure">{{ words.waste }}</th>
          <th class="figure">{{ words.cost }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in derived.timber" :key="line.material">
          <td>{{ materialOf(line.material)?.name }}</td>
          <td class="figure">{{ store.say.volume(line.volumeM3) }}</td>
          <td class="figure">{{ store.say.quantity(line.areaM2, 'm2') }}</td>
          <td class="figure">
            {{ store.say.quantity(line.quantity, materialOf(line.material)?.unit ?? '') }}
          </td>
          <td class="figure">{{ store.say.percent(line.wasteShare) }}</td>
          <td class="figure typical">
            {{ store.say.money(costOf(line.material, line.quantity)) }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.scroller {
  overflow-x: auto;
}
.steps {
  columns: 2 14rem;
  column-gap: 2rem;
}
.steps li {
  break-inside: avoid;
  border-bottom: 1px solid var(--line);
  flex-wrap: nowrap;
}
</style>
