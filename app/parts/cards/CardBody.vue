<script setup lang="ts">
import { computed } from 'vue'
import type { CardKind } from '../../../core/cards'
import { SHEETS } from '../../../core/safety'
import { useWorkspace } from '../../stores/workspace'
import { cards as words } from '../../words/cards'
import MaterialCard from './MaterialCard.vue'
import MethodCard from './MethodCard.vue'
import SheetCard from './SheetCard.vue'
import ToolCard from './ToolCard.vue'
import WorkCard from './WorkCard.vue'

/** The card of whatever has one. */
const props = defineProps<{ kind: CardKind; id: string }>()
const store = useWorkspace()
const library = computed(() => store.world?.library)
const tool = computed(() =>
  props.kind === 'tool' ? library.value?.tools.get(props.id) : undefined
)
const operation = computed(() =>
  props.kind === 'operation' ? library.value?.operations.get(props.id) : undefined
)
const method = computed(() =>
  props.kind === 'method' ? library.value?.methods.get(props.id) : undefined
)
const material = computed(() =>
  props.kind === 'material' ? library.value?.materials.get(props.id) : undefined
)
const sheet = computed(() =>
  props.kind === 'hazard' ? SHEETS.find((one) => one === props.id) : undefined
)
</script>

<template>
  <ToolCard v-if="tool" :tool="tool" />
  <WorkCard v-else-if="operation" :operation="operation" />
  <MethodCard v-else-if="method" :method="method" />
  <MaterialCard v-else-if="material" :material="material" />
  <SheetCard v-else-if="sheet" :sheet="sheet" />
  <p v-else class="soft">{{ words.unknown }}</p>
</template>

<style>
.card {
  display: grid;
  grid-template: 'known said' auto 'priced said' 1fr / minmax(0, 15rem) minmax(0, 1fr);
  gap: 0.5rem 1.75rem;
}
.card .known {
  grid-area: known;
}
.card .said {
  grid-area: said;
}
.card .priced {
  grid-area: priced;
}
.card .caution .pi {
  margin-right: 0.4rem;
}
.card p,
.card ul,
.card dl {
  margin: 0.25rem 0;
}
.card ul:not(.names) {
  padding-left: 1.1rem;
}
.card h2,
.card dt {
  font-family: var(--slab);
  font-size: var(--text);
  font-weight: 600;
  margin: 0.7rem 0 0;
}
.card dd {
  margin: 0;
}
.card .use {
  font-size: var(--head-3);
}
.card .caution {
  border-left: 6px double var(--hazard);
  padding-left: 0.6rem;
}
@media (max-width: 700px) {
  .card {
    grid-template: 'known' 'said' 'priced' / minmax(0, 1fr);
  }
  .card .drawing {
    max-height: 9rem;
  }
}
</style>
