<script setup lang="ts">
import { computed } from 'vue'
import type { Say } from '../../words/say'
import { lowerFirst } from '../../words/bench'
import { builds as words } from '../../words/builds'
import { kit } from '../../words/kit'
import type { Cell } from './cells'

const props = defineProps<{ cell: Cell; say: Say; chosen: boolean }>()
defineEmits<{ choose: [] }>()

function textOf({ cell, say }: { cell: Cell; say: Say }): string {
  switch (cell.state) {
    case 'fast':
      return say.duration(cell.minutes)
    case 'slow':
      return words.byHand(say.duration(cell.minutes))
    case 'service':
      return cell.fees > 0 ? words.service(say.money(cell.fees)) : words.serviceFree
    case 'near': {
      const miss = cell.nearest?.misses[0]
      switch (miss?.kind) {
        case 'spec':
          return miss.is === 'atLeast'
            ? words.short(say.length(miss.needs - miss.has))
            : words.over(say.length(miss.has - miss.needs))
        case 'accuracy':
          return words.inexact(say.number(miss.has - miss.needs, 1))
        case 'protection':
          return words.waits(kit.protection(miss.protection))
        case 'companion':
          return words.waits(lowerFirst(say.shortTool(miss.anyOf[0] ?? '')))
        default:
          return words.noWay
      }
    }
    case 'none':
      return words.noWay
  }
}
const text = computed(() => textOf(props))
</script>

<template>
  <button
    type="button"
    class="cell"
    :class="[cell.state, { chosen }]"
    :aria-label="`${cell.operation.name}, ${cell.build.name}: ${text}`"
    @click="$emit('choose')"
  >
    {{ text }}
  </button>
</template>

<style scoped>
.cell {
  width: 100%;
  height: 1.75rem;
  border: 1px solid var(--planned);
  background: var(--planned-wash);
  font-size: 0.75rem;
  text-align: left;
  padding: 0 0.4rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: pointer;
  border-radius: var(--radius);
  color: var(--graphite);
}
.slow {
  background:
    linear-gradient(var(--paper-raised), var(--paper-raised)) top / 100% calc(100% - 5px) no-repeat,
    repeating-linear-gradient(135deg, var(--planned) 0 1.5px, var(--paper-raised) 1.5px 5px);
}
.service {
  background: var(--paper-raised);
  border-color: var(--graphite);
  border-style: double;
  border-width: 3px;
  line-height: 1.2;
}
.near {
  background: var(--paper-raised);
  border-color: var(--attention);
  border-right-width: 10px;
}
.none {
  background: none;
  border: 1.5px dashed var(--attention);
}
.chosen {
  outline: 2px solid var(--graphite);
  outline-offset: 1px;
}
</style>
