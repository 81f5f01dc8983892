<script setup lang="ts">
/** The questions of one place, each with its own address. */
defineProps<{ tabs: readonly (readonly [path: string, name: string])[]; label: string }>()
</script>

<template>
  <nav class="tabs no-print" :aria-label="label">
    <RouterLink v-for="[path, name] in tabs" :key="path" :to="path" exact-active-class="here">{{
      name
    }}</RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.25rem;
  border-bottom: 1px solid var(--line-strong);
}
.tabs a {
  padding: 0.2rem 0 0.3rem;
  text-decoration: none;
  color: var(--graphite-soft);
  font-weight: 650;
  border-bottom: 3px solid transparent;
}
.tabs a.here {
  color: var(--graphite);
  border-bottom-color: var(--planned);
}
.tabs a:hover {
  color: var(--graphite);
}
</style>
