<script setup lang="ts">
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { bearingOf, type Build } from '../../../core/builds'
import { JOINTS, type Joint, type Template } from '../../../core/catalogue'
import { jointOperation } from '../../../core/cutlist'
import { fitContext, fitStep, kitOf } from '../../../core/fit'
import {
  USUAL_HUMIDITY,
  adviseJoint,
  alternatives,
  partMovement,
  pocketScrewMm,
  throughScrewMm
} from '../../../core/joinery'
import SetLine from '../../parts/SetLine.vue'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { builds as gridWords } from '../../words/builds'
import { jointNames, joinery as words } from '../../words/joinery'
import type { WayView } from '../../workers/protocol'

/** Whether the joints of a build suit their parts, what moves, which screws, and what instead. */
const props = defineProps<{ build: Build }>()
const emit = defineEmits<{ bearing: [value: Template['bearing']] }>()
const store = useWorkspace()
const planning = usePlanning()

const humidity = computed(() => store.workspace?.workshop.humidity ?? USUAL_HUMIDITY)
const bearing = computed(() =>
  store.world ? bearingOf(store.world.library, props.build) : undefined
)
const bearings = Object.entries(words.bearings).map(([id, name]) => ({ id, name }))
const rows = computed(() =>
  (props.build.parts ?? []).flatMap((part) =>
    part.joints.map(({ joint, count }) => ({
      part,
      joint,
      count,
      advice: adviseJoint(joint, part, bearing.value, humidity.value),
      instead: alternatives(joint, part, bearing.value, humidity.value),
      screw:
        joint === 'pocket'
          ? pocketScrewMm(part.thicknessMm)
          : joint === 'screwed'
            ? throughScrewMm(part.thicknessMm)
            : undefined
    }))
  )
)
const moving = computed(() =>
  (props.build.parts ?? []).flatMap((part) => {
    const movement = partMovement(part, humidity.value)
    return movement && movement.mm >= 0.5 ? [{ part, movement }] : []
  })
)

const asked = ref<string>()
const ways = ref<readonly WayView[]>()
/** Whether the kit can make a joint, or else what it would take. */
function look(joint: Joint): void {
  const operation = jointOperation(joint)
  if (!store.world || operation === undefined) return
  asked.value = joint
  ways.value = undefined
  const step = { id: 'joint', operation, quantity: 1, stock: {} }
  const probe: Build = { id: 'probe', name: '', copies: 1, materials: [], steps: [step] }
  if (
    fitStep(
      fitContext(store.world),
      kitOf(store.world.library, store.world.workspace.items),
      step,
      probe
    ).usable.length > 0
  ) {
    ways.value = []
    return
  }
  planning.waysIn(probe, undefined, (found) => {
    if (asked.value === joint) ways.value = found
  })
}
const known = (text: string): text is Joint => (JOINTS as readonly string[]).includes(text)
</script>

<template>
  <section v-if="store.say && (rows.length > 0 || moving.length > 0)" class="stack">
    <h2>{{ words.title }}</h2>
    <p class="caption">{{ words.caption }}</p>
    <div class="row">
      <span id="bearing-label">{{ words.bearing }}</span><Select
        :model-value="bearing ?? 'none'"
        :options="bearings"
        option-label="name"
        option-value="id"
        aria-labelledby="bearing-label"
        @update:model-value="emit('bearing', $event === 'none' ? undefined : $event)"
      />
    </div>
    <ul class="plain-list joints">
      <li v-for="row in rows" :key="row.part.id + row.joint" :class="row.advice.verdict">
        <span class="strong"
          ><bdi>{{ row.part.name }}</bdi
          >: {{ jointNames[row.joint] }}</span
        >
        <span class="verdict">{{ words.verdict[row.advice.verdict] }}</span>
        <span class="small"> {{ words.reason(store.say, row.advice) }}</span>
        <span v-if="row.screw !== undefined" class="small">
          {{
            row.joint === 'pocket'
              ? words.screw(store.say, row.screw)
              : words.through(store.say, row.screw)
          }}</span
        >
        <span v-if="row.advice.verdict !== 'right' && row.instead.length > 0" class="small">
          {{ words.instead(row.instead.map((joint) => jointNames[joint])) }}
          <button
            v-for="joint in row.instead.slice(0, 3)"
            :key="joint"
            type="button"
            class="link"
            @click="look(joint)"
          >
            {{ words.needs }}: {{ jointNames[joint] }}
          </button>
        </span>
      </li>
    </ul>
    <div v-if="asked !== undefined && known(asked)" class="small" aria-live="polite">
      <p class="strong">{{ words.needs }}: {{ jointNames[asked] }}</p>
      <p v-if="!ways" class="soft">{{ gridWords.working }}</p>
      <p v-else-if="ways.length === 0">{{ words.canDo }}</p>
      <SetLine
        v-for="(way, index) in ways ?? []"
        :key="index"
        :parts="way.parts"
        :cost="way.cost"
      />
    </div>
    <template v-if="moving.length > 0">
      <h3>{{ words.movementTitle }}</h3>
      <ul class="plain-list small">
        <li v-for="{ part, movement } in moving" :key="part.id">
          <span class="strong"
            ><bdi>{{ part.name }}</bdi></span
          >, {{ store.say.length(part.widthMm) }}:
          {{ words.movement(store.say, movement, humidity.low, humidity.high) }}
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.joints li {
  border-left: 4px solid var(--planned);
  padding: 0.2rem 0 0.2rem 0.6rem;
  margin-top: 0.35rem;
}
.joints li.fair {
  border-left: 4px dashed var(--line-strong);
}
.joints li.wrong {
  border-left: 6px double var(--attention);
}
.verdict {
  font-size: var(--text-small);
  border: 1px solid var(--line-strong);
  padding: 0 0.3rem;
}
.wrong .verdict {
  color: var(--attention);
  border-color: var(--attention);
}
.joints li > span {
  margin-right: 0.35rem;
}
.link {
  margin: 0 0.6rem 0 0;
}
</style>
