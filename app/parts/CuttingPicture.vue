<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Layout, SheetSize } from '../../core/cutlist'
import { useWorkspace } from '../stores/workspace'
import { cutList as words } from '../words/cutlist'

/** Parts on their sheets, to scale, with the same as a table one key away. */
const props = defineProps<{
  layout: Layout
  sheet: SheetSize
  material: string
  names: ReadonlyMap<string, string>
}>()
const store = useWorkspace()
const asTable = ref(false)
const pattern = useId()
const PX_WIDE = 420
const scale = computed(() => PX_WIDE / props.sheet.lengthMm)
const high = computed(() => props.sheet.widthMm * scale.value)
/** A label is drawn where it fits; the table has them all. */
const label = (part: string, wide: number): string => {
  const name = props.names.get(part) ?? part
  const room = Math.floor(wide / 7)
  return room < 3 ? '' : name.length <= room ? name : `${name.slice(0, room - 1)}…`
}
const rows = computed(() =>
  props.layout.sheets.flatMap(({ placements }, sheet) =>
    placements.map((one) => ({ ...one, sheet: sheet + 1 }))
  )
)
</script>

<template>
  <figure v-if="store.say" class="pictures">
    <figcaption class="row spread">
      <span class="strong">{{ words.picture(material, layout.sheets.length) }}</span>
      <button type="button" class="link small" @click="asTable = !asTable">
        {{ asTable ? words.picture(material, layout.sheets.length) : words.as }}
      </button>
    </figcaption>
    <div v-if="!asTable" class="sheets">
      <svg
        v-for="(one, index) in layout.sheets"
        :key="index"
        role="img"
        :aria-label="`${words.sheet(index + 1, layout.sheets.length)}: ${one.placements.map(({ part }) => names.get(part) ?? part).join(', ')}`"
        :viewBox="`0 0 ${PX_WIDE} ${high}`"
        class="sheet"
      >
        <defs>
          <pattern
            :id="`${pattern}-${index}`"
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1="0" y1="0" x2="0" y2="8" class="waste" />
          </pattern>
        </defs>
        <rect
          x="0.5"
          y="0.5"
          :width="PX_WIDE - 1"
          :height="high - 1"
          class="ground"
          :fill="`url(#${pattern}-${index})`"
        />
        <g v-for="(piece, k) in one.placements" :key="k">
          <rect
            :x="piece.x * scale"
            :y="piece.y * scale"
            :width="piece.lengthMm * scale"
            :height="piece.widthMm * scale"
            class="piece"
          />
          <text
            v-if="piece.widthMm * scale > 12"
            :x="piece.x * scale + 4"
            :y="piece.y * scale + Math.min(14, piece.widthMm * scale - 3)"
            class="label"
          >
            {{ label(piece.part, piece.lengthMm * scale - 6) }}
          </text>
          <text
            v-if="piece.widthMm * scale > 28 && piece.lengthMm * scale > 80"
            :x="piece.x * scale + 4"
            :y="piece.y * scale + 26"
            class="size"
          >
            {{ store.say.lengths([piece.lengthMm, piece.widthMm]) }}
          </text>
        </g>
      </svg>
    </div>
    <table v-else class="plain">
      <thead>
        <tr>
          <th>{{ words.sheet(1, layout.sheets.length).split(' ')[0] }}</th>
          <th>{{ words.part }}</th>
          <th>{{ words.size }}</th>
          <th>{{ words.at }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, index) in rows" :key="index">
          <td>{{ one.sheet }}</td>
          <td>
            <bdi>{{ names.get(one.part) ?? one.part }}</bdi><span v-if="one.turned" class="soft"
              >, {{ words.turned }}</span
            >
          </td>
          <td>{{ store.say.lengths([one.lengthMm, one.widthMm]) }}</td>
          <td>{{ store.say.lengths([one.x, one.y]) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="caption">{{ words.pictureCaption }}</p>
  </figure>
</template>

<style scoped>
.pictures {
  margin: 0;
  display: grid;
  gap: 0.5rem;
}
.sheets {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
.sheet {
  width: 26rem;
  max-width: 100%;
  height: auto;
}
.ground {
  stroke: var(--graphite);
  stroke-width: 1;
}
.waste {
  stroke: var(--line-strong);
  stroke-width: 2;
}
.piece {
  fill: var(--planned-wash);
  stroke: var(--planned);
  stroke-width: 1;
}
.label {
  font-size: 11px;
  fill: var(--graphite);
  font-weight: 650;
}
.size {
  font-size: 10px;
  fill: var(--graphite-soft);
}
</style>
