<script setup lang="ts">
import { computed } from 'vue'
import { HAZARDS, type HazardClass } from '../../../core/catalogue'
import { gentlerWork, type Sheet } from '../../../core/safety'
import { hazardDrawings } from '../../drawings'
import { useWorkspace } from '../../stores/workspace'
import { hazardSheets as words, timeOf } from '../../words/hazard-sheets'
import LineDrawing from './LineDrawing.vue'

/** The sheet of a hazard: what happens, how to stand, before and after, and the gentler way with its time. */
const props = defineProps<{ sheet: Sheet }>()
const store = useWorkspace()
/** No longer list than this. */
const SHOWN = 6
const text = computed(() => words.texts[props.sheet])
const shows = computed(() =>
  Object.entries(text.value.shows).flatMap(([id, caption]) => {
    const drawing = hazardDrawings[id]
    return drawing ? [{ id, caption, drawing }] : []
  })
)
const isClass = (id: Sheet): id is HazardClass => (HAZARDS as readonly string[]).includes(id)
const gentler = computed(() => {
  const { world, say } = store
  if (!world || !say || !isClass(props.sheet)) return []
  return gentlerWork(world.library, props.sheet, world.workspace.builds)
    .slice(0, SHOWN)
    .map(({ operation, method, minutes, gentler: way }) =>
      way
        ? words.gentlerLine(
            say.operation(operation),
            say.method(way.method),
            timeOf(way),
            say.method(method),
            timeOf({ minutes })
          )
        : words.gentlerNone(say.operation(operation), say.method(method))
    )
})
</script>

<template>
  <div class="sheet">
    <div class="shows">
      <figure v-for="one in shows" :key="one.id">
        <LineDrawing :drawing="one.drawing" />
        <figcaption class="small">{{ one.caption }}</figcaption>
      </figure>
    </div>
    <dl>
      <dt>{{ words.happens }}</dt>
      <dd>{{ text.happens }}</dd>
      <dt>{{ words.stand }}</dt>
      <dd>{{ text.stand }}</dd>
      <dt>{{ words.before }}</dt>
      <dd>{{ text.before }}</dd>
      <dt>{{ words.after }}</dt>
      <dd>{{ text.after }}</dd>
      <template v-if="gentler.length > 0">
        <dt>{{ words.gentler }}</dt>
        <dd>
          <ul class="plain-list small">
            <li v-for="line in gentler" :key="line">{{ line }}</li>
          </ul>
        </dd>
      </template>
    </dl>
    <p class="small strong">{{ words.manual }}</p>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 15rem) minmax(0, 1fr);
  gap: 0.5rem 1.75rem;
}
.sheet > p {
  grid-column: 1 / -1;
  margin: 0;
}
figure {
  margin: 0 0 0.75rem;
}
dl {
  margin: 0;
  border-left: 6px double var(--hazard);
  padding-left: 0.8rem;
}
dt {
  font-family: var(--slab);
  font-weight: 600;
}
dd {
  margin: 0 0 0.6rem;
}
@media (max-width: 700px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .shows {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
    gap: 0 1rem;
  }
}
</style>
