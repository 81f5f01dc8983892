<script setup lang="ts">
/** The head of a place: the answer to its one question, and a line on how it comes about. */
defineProps<{
  title: string
  subtitle?: string | undefined
  alarm?: boolean | undefined
  /** The line comes a moment later: its room is kept, so that nothing moves when it does. */
  steady?: boolean
}>()
</script>

<template>
  <header class="head">
    <div>
      <h1 :class="{ tall: steady }">
        <bdi>{{ title }}</bdi>
      </h1>
      <p
        v-if="subtitle || steady"
        :class="[alarm ? 'attention strong' : 'soft', { steady }]"
        aria-live="polite"
      >
        {{ subtitle }}
      </p>
    </div>
    <div class="row no-print"><slot /></div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 1.5rem;
  justify-content: space-between;
  align-items: start;
}
.head > div:first-child {
  flex: 1 1 24rem;
  min-width: 0;
}
h1 {
  overflow-wrap: anywhere;
}
.steady {
  min-height: 1lh;
}
@media (max-width: 700px) {
  .steady {
    min-height: 3lh;
  }
  .tall {
    min-height: 2lh;
  }
  .head > div:first-child {
    flex-basis: 100%;
  }
  h1 {
    font-size: 1.375rem;
  }
}
</style>
