<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { Issue } from '../../core/kernel'
import { takePhoto, type Taken } from '../shell/photo'
import { sentence } from '../words/issues'
import { ledger as words } from '../words/ledger'

/** Takes a photo with the camera of a phone, or a picture from the disk; made smaller at once. */
const emit = defineEmits<{ taken: [photo: Taken] }>()
const picker = ref<HTMLInputElement>()
const problems = ref<readonly Issue[]>([])
async function pick(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const taken = await takePhoto(file)
  if (picker.value) picker.value.value = ''
  problems.value = taken.ok ? [] : taken.issues
  if (taken.ok) emit('taken', taken.value)
}
</script>

<template>
  <div>
    <Button
      type="button"
      size="small"
      severity="secondary"
      icon="pi pi-camera"
      :label="words.addPhoto"
      @click="picker?.click()"
    />
    <input
      ref="picker"
      type="file"
      accept="image/*"
      capture="environment"
      class="visually-hidden"
      tabindex="-1"
      :aria-label="words.addPhoto"
      @change="pick"
    />
    <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
      {{ sentence(one) }}
    </p>
  </div>
</template>
