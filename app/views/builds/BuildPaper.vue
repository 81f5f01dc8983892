<script setup lang="ts">
import { computed } from 'vue'
import { lineCost, type Build } from '../../../core/builds'
import { distinct } from '../../../core/kernel'
import { useWorkspace } from '../../stores/workspace'
import { PROTECTION } from '../../words/cards'
import { cutList } from '../../words/cutlist'
import { jointNames } from '../../words/joinery'
import { paper as words } from '../../words/paper'
import { duration } from '../../words/say'
import { stepText, useBenchSteps } from './step-text'

/** A build as it goes to the bench on paper: what to do, the cut list, what to have; boxes to tick. */
const props = defineProps<{ build: Build }>()
const store = useWorkspace()
const steps = useBenchSteps(() => props.build.id)
const rows = computed(() => {
  const { say, world } = store
  if (!say || !world) return []
  return steps.value.map((one) => ({
    ...one,
    ...stepText(
      say,
      world.library.operations.get(one.step.operation)?.unit ?? '',
      one,
      props.build.copies
    )
  }))
})
const wear = computed(() =>
  distinct(rows.value.flatMap((row) => row.wear)).map((one) => PROTECTION[one])
)
const timber = computed(() =>
  (props.build.materials ?? []).map((line) => {
    const material = store.world?.library.materials.get(line.material)
    return {
      id: line.material,
      name: material?.name ?? line.material,
      much: store.say?.quantity(line.quantity * props.build.copies, material?.unit ?? ''),
      cost: store.world
        ? store.say?.money(lineCost(store.world.pricing, line).cost * props.build.copies)
        : ''
    }
  })
)
</script>

<template>
  <div v-if="store.say" class="on-paper stack">
    <h2>{{ words.steps(build.copies) }}</h2>
    <p class="small soft">{{ words.asPlanned }}</p>
    <p v-if="wear.length > 0" class="wear">{{ words.wear(wear) }} {{ words.caution }}</p>
    <table class="plain small">
      <thead>
        <tr>
          <td />
          <th>{{ words.head.work }}</th>
          <th>{{ words.head.much }}</th>
          <th>{{ words.head.stock }}</th>
          <th>{{ words.head.exact }}</th>
          <th>{{ words.head.with }}</th>
          <th class="figure">{{ words.head.time }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.step.id">
          <td><span class="box" /></td>
          <td>{{ row.work }}</td>
          <td>{{ row.much }}</td>
          <td>{{ row.stock }}</td>
          <td>{{ row.exact }}</td>
          <td>{{ row.with }}</td>
          <td class="figure">{{ row.minutes === undefined ? '–' : duration(row.minutes) }}</td>
        </tr>
      </tbody>
    </table>
    <template v-if="build.parts && build.parts.length > 0">
      <h2>{{ words.cut }}</h2>
      <table class="plain small">
        <thead>
          <tr>
            <td />
            <th>{{ cutList.part }}</th>
            <th class="figure">{{ cutList.quantity }}</th>
            <th>{{ cutList.size }}</th>
            <th>{{ cutList.stock }}</th>
            <th>{{ cutList.edges }}</th>
            <th>{{ cutList.joints }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="part in build.parts" :key="part.id">
            <td><span class="box" /></td>
            <td>
              <bdi>{{ part.name }}</bdi>
            </td>
            <td class="figure">{{ part.quantity * build.copies }}</td>
            <td>{{ store.say.lengths([part.lengthMm, part.widthMm, part.thicknessMm]) }}</td>
            <td>{{ cutList.stockNames[part.stock] }}</td>
            <td>{{ part.edges ? cutList.edge(part.edges.work, part.edges.run) : '' }}</td>
            <td>
              {{
                part.joints.map(({ joint, count }) => `${jointNames[joint]} × ${count}`).join(', ')
              }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
    <template v-if="timber.length > 0">
      <h2>{{ words.timber }}</h2>
      <table class="plain small timber">
        <tbody>
          <tr v-for="line in timber" :key="line.id">
            <td><span class="box" /></td>
            <th scope="row">{{ line.name }}</th>
            <td>{{ line.much }}</td>
            <td class="figure">{{ line.cost }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </div>
</template>

<style scoped>
.wear {
  border-left: 4px solid currentColor;
  padding-left: 0.5rem;
}
.timber {
  max-width: 32rem;
}
</style>
