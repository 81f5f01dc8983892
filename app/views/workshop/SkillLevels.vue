<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { computed } from 'vue'
import { LEVELS, type Family, type Level } from '../../../core/catalogue'
import { learningOf, skillPracticeOf } from '../../../core/workspace'
import SelectField from '../../parts/SelectField.vue'
import { useWorkspace } from '../../stores/workspace'
import { skill as words } from '../../words/skill'
import { steps } from '../../words/steps'

/** The user's level with each family of tools, what follows from it, and the next one where the logged hours suggest it. */
const store = useWorkspace()
const levels = LEVELS.map((id) => ({ id, name: words.levels[id] }))
const table = computed(() => store.world?.library.data.reckoning.skill)
const families = computed(() =>
  store.workspace && store.world
    ? skillPracticeOf(store.workspace, store.world.library, store.plan)
    : []
)
const learning = computed(() =>
  store.workspace && store.world ? learningOf(store.workspace, store.world.library) : {}
)
function learn(family: Family, wanted: boolean): void {
  store.run(steps.preferences(), (state) => {
    const others = (state.preferences.learns ?? []).filter((one) => one !== family)
    const learns = wanted ? [...others, family] : others
    return {
      ...state,
      preferences: { ...state.preferences, learns: learns.length > 0 ? learns : undefined }
    }
  })
}
function set(family: Family, level: Level): void {
  store.run(steps.preferences(), (state) => ({
    ...state,
    preferences: {
      ...state.preferences,
      levels: { ...state.preferences.levels, [family]: level }
    }
  }))
}
</script>

<template>
  <section v-if="store.say && table" class="stack skills">
    <h2>{{ words.title }}</h2>
    <p class="caption">{{ words.why }}</p>
    <div v-for="one in families" :key="one.family" class="family">
      <SelectField
        :label="words.families[one.family]"
        :value="one.level"
        :options="levels"
        @change="set(one.family, $event)"
      />
      <span class="small soft"
        >{{ words.follows(store.say, table.craft[one.level]) }}
        <template v-if="one.suggests !== undefined"
          >· {{ words.suggests(store.say, one.hours) }}
          <button type="button" class="link" @click="set(one.family, one.suggests)">
            {{ words.raise(words.levels[one.suggests]) }}
          </button></template
        >
        <label v-if="one.level !== 'home'" class="check"
          ><Checkbox
            :model-value="learning[one.family] !== undefined"
            binary
            @update:model-value="learn(one.family, $event)"
          />
          {{ words.learn }}{{ words.learning(store.say, learning[one.family]) }}</label
        ></span
      >
    </div>
  </section>
</template>

<style scoped>
.skills {
  grid-column: 1 / -1;
}
.check {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  margin-top: 0.3rem;
}
.family {
  display: grid;
  grid-template-columns: 14rem minmax(0, 1fr);
  gap: 0 1rem;
  align-items: end;
}
@media (max-width: 700px) {
  .family {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
