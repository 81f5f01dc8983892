<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { buildFromTemplate, buildLike, type Build } from '../../../core/builds'
import { issue, type Issue } from '../../../core/kernel'
import { parseCount } from '../../../core/units'
import { change } from '../../../core/workspace'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { builds as words } from '../../words/builds'
import { sentence } from '../../words/issues'
import { steps } from '../../words/steps'

const visible = defineModel<boolean>('visible', { required: true })
const emit = defineEmits<{ added: [id: string] }>()
const store = useWorkspace()
const OWN = 'own'
const LIKE = 'like/'
const options = computed(() => [
  ...(store.world?.library.data.templates.map(({ id, name }) => ({ id, name })) ?? []),
  ...(store.workspace?.builds.map(({ id, name }) => ({
    id: `${LIKE}${id}`,
    name: words.like(name)
  })) ?? []),
  { id: OWN, name: words.own }
])
const template = ref(options.value[0]?.id ?? OWN)
const name = ref('')
const copies = ref('1')
const problems = ref<readonly Issue[]>([])
const MOST_COPIES = 100_000

const chosen = computed(() => store.world?.library.templates.get(template.value))
const pattern = computed(() =>
  store.workspace?.builds.find(({ id }) => `${LIKE}${id}` === template.value)
)
/** The build as it is chosen: like one that is there, from a template, or an empty one. */
function made(id: string, wholeName: string, count: number): Build {
  if (pattern.value) return buildLike(pattern.value, id, wholeName, count)
  return chosen.value
    ? buildFromTemplate(chosen.value, id, wholeName, count)
    : { id, name: wholeName, steps: [], materials: [], copies: count }
}
function add(): void {
  const counted = parseCount(copies.value)
  const count = counted.ok ? counted.value : 0
  const wholeName = name.value.trim() || chosen.value?.name || pattern.value?.name || ''
  problems.value = [
    ...(wholeName === '' ? [issue('text.empty')] : []),
    ...(counted.ok ? (count <= MOST_COPIES ? [] : [issue('number.whole')]) : counted.issues)
  ]
  if (problems.value.length > 0) return
  const id = newId('build')
  const build = made(id, wholeName, count)
  problems.value = store.attempt(steps.addedBuild(wholeName), (state) =>
    change.addBuild(state, build)
  )
  if (problems.value.length > 0) return
  visible.value = false
  emit('added', id)
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.addTitle"
    :style="{ width: '26rem', maxWidth: '95vw' }"
  >
    <form class="stack" @submit.prevent="add">
      <div class="field">
        <span id="template-label" class="label">{{ words.template }}</span>
        <Select
          v-model="template"
          :options="options"
          option-label="name"
          option-value="id"
          filter
          aria-labelledby="template-label"
          fluid
        />
      </div>
      <div class="field">
        <label for="build-name">{{ words.ownName }}</label><InputText
          id="build-name"
          v-model="name"
          :placeholder="store.world?.library.templates.get(template)?.name ?? ''"
        />
      </div>
      <div class="field">
        <label for="build-copies">{{ words.copies }}</label><InputText
          id="build-copies"
          v-model="copies"
          inputmode="numeric"
          style="width: 5rem"
        />
      </div>
      <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
        {{ sentence(one) }}
      </p>
      <div class="row">
        <Button type="submit" :label="words.addConfirm" /><Button
          type="button"
          severity="secondary"
          :label="words.cancel"
          @click="visible = false"
        />
      </div>
    </form>
  </Dialog>
</template>
