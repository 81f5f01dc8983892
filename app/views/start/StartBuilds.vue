<script setup lang="ts">
import { computed, ref } from 'vue'
import { WISHES, type Wish } from '../../../core/catalogue'
import { reckoning as counts } from '../../words/reckoning'
import { start as words } from '../../words/start'
import { firstPieces, library } from '../../../data'

/** Which pieces somebody would like to build, and how much they want each of them. */
const builds = defineModel<string[]>('builds', { required: true })
const wishes = defineModel<Readonly<Record<string, Wish>>>('wishes', { required: true })
const { reckoning } = library.data
const wishChoices = WISHES.map((id) => ({ id, name: counts.wishes[id] }))
const first = firstPieces.flatMap((id) => library.templates.get(id) ?? [])
/** All pieces; those that are asked about first stand first. */
const templates = [
  ...first,
  ...library.data.templates.filter(({ id, kind }) => kind === 'piece' && !firstPieces.includes(id))
]
const everyBuild = ref(false)
const shownTemplates = computed(() => (everyBuild.value ? templates : first))
const toggle = (id: string): string[] =>
  builds.value.includes(id) ? builds.value.filter((one) => one !== id) : [...builds.value, id]
</script>

<template>
  <fieldset>
    <legend>
      <h2>{{ words.buildsTitle }}</h2>
    </legend>
    <div class="choices">
      <label
        v-for="template in shownTemplates"
        :key="template.id"
        :class="{ on: builds.includes(template.id) }"
        ><input
          type="checkbox"
          :checked="builds.includes(template.id)"
          @change="builds = toggle(template.id)"
        />
        {{ template.name
        }}<select
          v-if="builds.includes(template.id)"
          class="wish"
          :value="wishes[template.id] ?? reckoning.usualWish"
          :aria-label="counts.wishOf(template.name)"
          @change="
            wishes = {
              ...wishes,
              [template.id]: ($event.target as HTMLSelectElement).value as Wish
            }
          "
        >
          <option v-for="wish in wishChoices" :key="wish.id" :value="wish.id">
            {{ wish.name }}
          </option>
        </select></label
      >
    </div>
    <button v-if="!everyBuild" type="button" class="link" @click="everyBuild = true">
      {{ words.moreBuilds(templates.length - first.length) }}
    </button>
  </fieldset>
</template>

<style scoped src="./start.css" />

<style scoped>
.choices .wish {
  float: right;
  max-width: 8rem;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--paper-raised);
  color: inherit;
  font: inherit;
  font-size: 0.85em;
}
</style>
