<script setup lang="ts">
import type { Say } from '../../words/say'
import { stages as words } from '../../words/stages'
import type { Tag } from './layout'

/** A purchase that hangs below the rule. */
defineProps<{
  tag: Tag
  /** Where the tags begin, px from the top of the drawing. */
  under: number
  say: Say
  pinned: boolean
  hazard: boolean
  chosen: boolean
  /** How far it is drawn to the side while it is dragged, px. */
  shift: number | undefined
  held: boolean
}>()
</script>

<template>
  <button
    type="button"
    class="tag"
    :class="{
      chosen,
      hatch: hazard,
      held
    }"
    :data-offer="tag.purchase.offer"
    :data-day="tag.purchase.date"
    :style="{
      left: `${tag.x}px`,
      top: `${under + tag.y}px`,
      width: `${tag.width}px`,
      height: `${tag.height}px`,
      transform: shift === undefined ? 'none' : `translateX(${shift}px)`
    }"
    :aria-label="
      words.tagLabel(
        say.offer(tag.purchase.offer),
        say.money(tag.purchase.price),
        say.day(tag.purchase.date),
        pinned
      )
    "
  >
    <span class="tag-name"
      >{{ say.shortOffer(tag.purchase.offer)
      }}<template v-if="tag.purchase.count > 1"> ×{{ tag.purchase.count }}</template></span
    >
    <span class="tag-foot"
      ><i v-if="pinned" class="pi pi-thumbtack" aria-hidden="true" /><span>{{
        say.money(tag.purchase.price)
      }}</span></span
    >
  </button>
</template>

<style scoped>
.tag {
  position: absolute;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  text-align: left;
  border: 1px solid var(--graphite);
  background-color: var(--paper-raised);
  padding: 0.2rem 0.25rem 0.15rem 0.3rem;
  font-size: 0.6875rem;
  line-height: 1.18;
  cursor: grab;
  border-radius: var(--radius);
  touch-action: pan-y;
  overflow: hidden;
  color: var(--graphite);
}
.tag.hatch {
  background-size: auto;
  background-image:
    linear-gradient(var(--paper-raised), var(--paper-raised)),
    repeating-linear-gradient(135deg, var(--hazard-stripe) 0 3px, var(--paper-raised) 3px 9px);
  background-clip: padding-box, border-box;
  background-size:
    calc(100% - 6px) 100%,
    100% 100%;
  background-position: right, left;
  background-repeat: no-repeat;
  padding-left: 0.55rem;
  padding-right: 0.1rem;
}
.tag.held {
  cursor: grabbing;
  z-index: 2;
  outline: 2px solid var(--attention);
}
.tag-name {
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
  font-weight: 600;
  overflow-wrap: break-word;
  hyphens: auto;
}
.tag-foot {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  font-variant-numeric: tabular-nums;
}
.tag-foot > span:last-child {
  margin-left: auto;
}
.tag-foot i {
  font-size: 0.625rem;
}
.chosen {
  outline: 2px solid var(--planned);
  outline-offset: 1px;
}
</style>
