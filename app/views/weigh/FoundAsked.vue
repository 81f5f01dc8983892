<script setup lang="ts">
import Button from 'primevue/button'
import { NONE, type ReadLine } from '../../stores/found-list'
import { useWorkspace } from '../../stores/workspace'
import { foundList as words } from '../../words/found-list'

/** Lines that may mean several tools: nothing is guessed, one press says which. */
defineProps<{ lines: readonly ReadLine[] }>()
defineEmits<{ answer: [name: string, tool: string] }>()
const store = useWorkspace()
</script>

<template>
  <section v-if="store.say">
    <h2>{{ words.groups.ask }}</h2>
    <ul class="plain-list small">
      <li v-for="{ line, choices } in lines" :key="line.number" class="row">
        <span class="strong">{{ words.asWritten(line.name) }}</span>
        <span class="row" role="group" :aria-label="words.meant(line.name)">
          <Button
            v-for="id in choices"
            :key="id"
            size="small"
            severity="secondary"
            :label="store.say.tool(id)"
            @click="$emit('answer', line.name, id)"
          />
          <button type="button" class="link" @click="$emit('answer', line.name, NONE)">
            {{ words.none }}
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin-block: 0.75rem 0.25rem;
}
li {
  padding-block: 0.2rem;
}
</style>
