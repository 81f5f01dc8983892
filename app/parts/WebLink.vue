<script setup lang="ts">
import { computed } from 'vue'
import { checkLink } from '../../core/prices'

/** A link out of data: only to the web, in a page of its own that learns neither where it was opened from nor anything of this one. */
const props = defineProps<{ link: string }>()
const checked = computed(() => checkLink(props.link))
const host = computed(() => (checked.value.ok ? new URL(checked.value.value).hostname : props.link))
</script>

<template>
  <a
    v-if="checked.ok"
    :href="checked.value"
    target="_blank"
    rel="noopener noreferrer"
    referrerpolicy="no-referrer"
    ><bdi>{{ host }}</bdi></a
  >
  <bdi v-else>{{ link }}</bdi>
</template>
