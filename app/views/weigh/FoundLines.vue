<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { ref } from 'vue'
import WhatIs from '../../parts/WhatIs.vue'
import { useFoundList, type ReadLine } from '../../stores/found-list'
import { useWorkspace } from '../../stores/workspace'
import { foundList as words } from '../../words/found-list'
import NamedText from '../../parts/NamedText.vue'

/** Lines of a found list that stand alike, each with what it means here. */
defineProps<{
  title: string
  lines: readonly ReadLine[]
  isPicked: (tool: string) => boolean
}>()
defineEmits<{ pick: [tool: string, on: boolean] }>()
const store = useWorkspace()
const found = useFoundList()
/** Rows shown before the rest is asked for. */
const FIRST = 9
const all = ref(false)
</script>

<template>
  <section v-if="store.say">
    <h2>{{ title }} ({{ lines.length }})</h2>
    <table class="plain small">
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ words.columns.pick }}</span>
          </th>
          <th scope="col">{{ words.columns.tool }}</th>
          <th scope="col">{{ words.columns.standing }}</th>
          <th scope="col">{{ words.columns.with }}</th>
          <th scope="col">{{ words.columns.price }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in all ? lines : lines.slice(0, FIRST)" :key="one.line.number">
          <template v-for="on in [found.adviceOn(one.tool)]" :key="on?.tool ?? ''">
            <template v-if="on">
              <td>
                <Checkbox
                  :model-value="isPicked(on.tool)"
                  binary
                  :aria-label="words.pick(store.say.shortTool(on.tool))"
                  @update:model-value="$emit('pick', on.tool, $event === true)"
                />
              </td>
              <th scope="row">
                <WhatIs :id="on.tool" kind="tool" :name="store.say.shortTool(on.tool)" /><template
                  v-if="one.line.count > 1"
                >
                  ×{{ one.line.count }}</template
                >
                <span class="soft written">{{ words.asWritten(one.line.name) }}</span>
              </th>
              <td><NamedText :text="words.standing(store.say, on.standing, on.usedIn)" /></td>
              <td :class="{ none: on.comesWith.length === 0 }">
                <span class="soft label">{{ words.columns.with }}: </span
                ><NamedText :text="words.comesWith(store.say, on.comesWith)" />
              </td>
              <td>
                {{ words.price(store.say, one.line.each, on)
                }}<template v-if="one.line.unclearPrice"> ({{ words.unclearPrice }})</template>
              </td>
            </template>
          </template>
        </tr>
      </tbody>
    </table>
    <button v-if="lines.length > FIRST && !all" type="button" class="link" @click="all = true">
      {{ words.showAll(lines.length - FIRST) }}
    </button>
  </section>
</template>

<style scoped>
h2 {
  margin-block: 0.9rem 0.25rem;
}
table {
  width: 100%;
  table-layout: fixed;
}
thead th:first-child {
  width: 2rem;
}
thead th:nth-child(2) {
  width: 20%;
}
thead th:nth-child(3) {
  width: 34%;
}
thead th:nth-child(4) {
  width: 22%;
}
.label {
  display: none;
}
.written {
  display: block;
  font-weight: 400;
}
td,
th {
  vertical-align: top;
}
@media (max-width: 700px) {
  thead {
    position: absolute;
    clip-path: inset(50%);
  }
  tr {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr);
    padding-block: 0.4rem;
  }
  .label {
    display: inline;
  }
  .none {
    display: none;
  }
  tr > :nth-child(n + 3) {
    grid-column: 2;
  }
  td,
  th {
    border: 0;
    padding: 0.1rem 0;
  }
}
</style>
