<script setup lang="ts">
import Button from 'primevue/button'
import type { Rung } from '../../../core/ladder'
import { change } from '../../../core/workspace'
import WhatIs from '../../parts/WhatIs.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { ladder as words } from '../../words/ladder'
import { steps } from '../../words/steps'
import NamedText from '../../parts/NamedText.vue'
import RungDust from './RungDust.vue'

/** One rung: the tool, what comes along, what it opens or saves, the money so far; opened, why it stands here. */
const props = defineProps<{ rung: Rung; at: number; last: boolean; open: boolean }>()
defineEmits<{ toggle: [] }>()
const store = useWorkspace()

function have(): void {
  const { tool: id, count } = props.rung.lead
  const tool = store.world?.library.tools.get(id)
  if (!tool) return
  store.run(steps.owned(tool.name), (state) =>
    change.addItem(state, {
      ...change.plainItem(tool, newId('i'), store.world?.asOf ?? ''),
      count
    })
  )
}
function notForMe(): void {
  const { tool: id } = props.rung.lead
  store.run(steps.banned(store.say?.tool(id) ?? id), (state) =>
    change.ban(state, { kind: 'tool', id })
  )
}
</script>

<template>
  <li v-if="store.say" :class="['rung', rung.band]">
    <button type="button" class="head" :aria-expanded="open" @click="$emit('toggle')">
      <span class="step" aria-hidden="true"
        ><span class="number">{{ at + 1 }}</span></span
      >
      <span class="what"
        ><span class="strong">{{ words.name(store.say, rung) }}</span
        ><span v-if="rung.lead.made" class="soft small"> {{ words.made }}</span
        ><span v-if="rung.along.length > 0" class="soft small along">{{
          words.along(store.say, rung)
        }}</span></span
      >
      <span class="does"
        ><span>{{ words.short(store.say, rung) }}</span
        ><span class="soft small">{{ words.used(rung) }}</span></span
      >
      <span class="figures"
        ><span class="strong">{{ rung.lead.made ? '' : store.say.money(rung.cost) }}</span
        ><span class="soft small">{{ words.total(store.say, rung) }}</span></span
      >
    </button>
    <div v-if="open" class="why small">
      <p v-for="line in words.details(store.say, rung, last)" :key="line">
        <NamedText :text="line" />
      </p>
      <RungDust :tool="rung.lead.tool" />
      <p class="row">
        <WhatIs :id="rung.lead.tool" kind="tool" :name="store.say.tool(rung.lead.tool)" />
        <WhatIs
          v-for="one in rung.along"
          :id="one.tool"
          :key="one.tool"
          kind="tool"
          :name="store.say.shortTool(one.tool)"
        />
      </p>
      <p class="row">
        <Button size="small" severity="secondary" :label="words.have" @click="have" />
        <Button size="small" severity="secondary" :label="words.notForMe" @click="notForMe" />
        <RouterLink to="/weigh/packages">{{ words.weigh }}</RouterLink>
      </p>
    </div>
  </li>
</template>

<style scoped>
/* Two rails on the left, a rung across them for each tool. */
.rung {
  position: relative;
  border-bottom: 1px solid var(--line);
}
.rung::before {
  content: '';
  position: absolute;
  inset: 0 auto 0 0.6rem;
  width: 2.2rem;
  border-left: 3px solid var(--line-strong);
  border-right: 3px solid var(--line-strong);
}
.head {
  width: 100%;
  display: grid;
  grid-template-columns: 3.4rem minmax(0, 5fr) minmax(0, 4fr) minmax(6.5rem, auto);
  gap: 0 0.75rem;
  align-items: center;
  background: none;
  border: 0;
  padding: 0.3rem 0;
  text-align: left;
  cursor: pointer;
  font: inherit;
  color: inherit;
}
.head:hover {
  background: var(--paper-raised);
}
.step {
  position: relative;
  display: grid;
  place-items: center;
}
.step::before {
  content: '';
  position: absolute;
  left: 0.2rem;
  right: 0.2rem;
  border-top: 4px solid var(--planned);
}
.next .step::before {
  border-top: 5px double var(--planned);
}
.later .step::before {
  border-top: 3px dotted var(--line-strong);
}
.number {
  position: relative;
  background: var(--paper);
  padding: 0 0.3rem;
  font-weight: 700;
}
.what,
.does,
.figures {
  display: grid;
  line-height: 1.3;
}
.along {
  grid-column: 1;
}
.figures {
  text-align: right;
}
.why {
  padding: 0.1rem 0.5rem 0.6rem 4.15rem;
  max-width: 46rem;
}
.why p {
  margin: 0.15rem 0;
}
@media (max-width: 700px) {
  .head {
    grid-template-columns: 3.4rem minmax(0, 1fr) auto;
  }
  .does {
    grid-column: 2 / -1;
    grid-row: 2;
  }
  .step {
    grid-row: 1 / 3;
  }
}
</style>
