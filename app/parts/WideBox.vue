<script setup lang="ts">
import { useMutationObserver, useResizeObserver } from '@vueuse/core'
import { ref } from 'vue'
import { parts } from '../words/parts'

/** Holds what may be wider than the page, so that the page is not; where it is wider, keys can move it. */
withDefaults(defineProps<{ label?: string }>(), { label: parts.wide })
const box = ref<HTMLElement>()
const isWider = ref(false)
const look = (): void => {
  isWider.value = box.value !== undefined && box.value.scrollWidth > box.value.clientWidth
}
useResizeObserver(box, look)
// What stands in it may become wider while the box stays as it is.
useMutationObserver(box, look, { childList: true, subtree: true, characterData: true })
</script>

<template>
  <div
    ref="box"
    class="scroller"
    :tabindex="isWider ? 0 : undefined"
    :role="isWider ? 'group' : undefined"
    :aria-label="isWider ? label : undefined"
  >
    <slot />
  </div>
</template>

<style scoped>
.scroller {
  overflow-x: auto;
}
</style>
