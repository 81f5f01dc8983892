<script setup lang="ts">
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, shallowRef, watch } from 'vue'
import type { SheetReading } from '../../../core/formats'
import { issue, type Issue } from '../../../core/kernel'
import type { Quote } from '../../../core/prices'
import { change } from '../../../core/workspace'
import { fileText } from '../../shell/file-text'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sentence } from '../../words/issues'
import { prices as words } from '../../words/prices'
import { steps } from '../../words/steps'

/** A list of prices, pasted or from a file: read as it is typed, taken in when asked. */
const MOST_SHOWN = 8
const store = useWorkspace()
const picker = ref<HTMLInputElement>()
const text = ref('')
const reading = shallowRef<SheetReading<Quote>>()
const problems = shallowRef<readonly Issue[]>([])
const taken = ref(0)
/** Faulty rows beyond those that are named. */
const more = computed(() =>
  reading.value ? reading.value.rows - reading.value.found.length - MOST_SHOWN : 0
)

watch(text, async (now) => {
  const { workspace, world } = store
  taken.value = now === '' ? taken.value : 0
  if (!workspace || !world || now.trim() === '') {
    reading.value = undefined
    problems.value = []
    return
  }
  const { readQuotes } = await import('../../../core/formats')
  const read = readQuotes(now, world.library, {
    currency: workspace.money.currency,
    tier: workspace.preferences.tier,
    today: world.asOf,
    newId: () => newId('q')
  })
  if (now !== text.value) return
  reading.value = read.ok ? read.value : undefined
  problems.value = read.ok ? read.value.problems : read.issues
})
async function open(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  const read = await fileText(file)
  if (read.ok) text.value = read.value
  else problems.value = read.issues
}
function take(): void {
  const quotes = reading.value?.found ?? []
  if (quotes.length === 0) return
  problems.value = store.attempt(steps.pricesIn(quotes.length), (state) =>
    change.addQuotes(state, quotes)
  )
  if (problems.value.length > 0) return
  taken.value = quotes.length
  text.value = ''
}
</script>

<template>
  <div v-if="store.say" class="stack">
    <Textarea
      v-model="text"
      rows="4"
      :aria-label="words.pasteLabel"
      :placeholder="words.pasteExample"
      class="wide"
    />
    <p class="caption">{{ words.pasteHint }}</p>
    <div class="row">
      <input
        ref="picker"
        type="file"
        accept=".csv,.txt,text/csv,text/plain"
        class="visually-hidden"
        tabindex="-1"
        aria-hidden="true"
        @change="open"
      />
      <Button size="small" severity="secondary" :label="words.open" @click="picker?.click()" />
      <Button
        v-if="reading && reading.found.length > 0"
        size="small"
        :label="words.take(reading.found.length)"
        @click="take"
      />
      <span v-if="reading" class="small" role="status">{{
        words.ready(reading.found.length, reading.rows)
      }}</span>
      <span v-if="taken > 0" class="small" role="status">{{ words.taken(taken) }}</span>
    </div>
    <p
      v-for="(one, i) in problems.slice(0, MOST_SHOWN)"
      :key="i"
      class="attention small"
      role="alert"
    >
      {{ sentence(one, store.say) }}
    </p>
    <p v-if="more > 0" class="attention small">
      {{ sentence(issue('file.more-problems', [], { more }), store.say) }}
    </p>
  </div>
</template>

<style scoped>
.wide {
  width: 100%;
  font-variant-numeric: tabular-nums;
}
</style>
