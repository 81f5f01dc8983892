<script setup lang="ts">
import { computed } from 'vue'
import type { Comparison, PartChange } from '../../../core/workspace'
import { useWorkspace } from '../../stores/workspace'
import { isEmpty, momentText, partDifference, partName } from '../../words/keeping'
import { incoming as words } from '../../words/incoming'

/** What would change, part by part, and in the ledger. Where both sides changed a part, it can be chosen. */
const props = defineProps<{
  comparison: Comparison
  replacing: boolean
  choices?: ReadonlyMap<string, 'mine' | 'theirs'>
  plain?: boolean
}>()
const emit = defineEmits<{ choose: [key: string, side: 'mine' | 'theirs'] }>()
const store = useWorkspace()
const SHOWN = 40
const ORDER: readonly PartChange['kind'][] = ['conflict', 'added', 'changed', 'removed', 'kept']
const groups = computed(() =>
  ORDER.map((kind) => ({
    kind,
    parts: props.comparison.parts.filter(
      (part) => part.kind === kind && part.key !== 'libraryVersion'
    )
  })).filter(({ parts }) => parts.length > 0)
)
const kinds = computed(() => (props.plain ? words.plainKinds : words.kinds))
const side = (part: PartChange): 'mine' | 'theirs' => props.choices?.get(part.key) ?? part.takes
</script>

<template>
  <div v-if="store.say" class="stack">
    <p v-if="isEmpty(comparison, replacing)" class="strong">{{ words.nothing }}</p>
    <section v-for="group in groups" :key="group.kind" :aria-label="kinds[group.kind]">
      <h3>
        {{ kinds[group.kind] }} <span class="soft">({{ group.parts.length }})</span>
      </h3>
      <p v-if="group.kind === 'conflict' && !plain" class="caption">{{ words.ask }}</p>
      <ul class="plain-list">
        <li v-for="part in group.parts.slice(0, SHOWN)" :key="part.key">
          <span
            ><bdi>{{ partName(store.say, part) }}</bdi>
            <span v-if="partDifference(store.say, part)" class="soft small"
              ><bdi>{{ partDifference(store.say, part) }}</bdi></span
            ></span
          >
          <fieldset v-if="group.kind === 'conflict' && !plain" class="row">
            <legend class="visually-hidden">{{ partName(store.say, part) }}</legend>
            <label v-for="one in ['mine', 'theirs'] as const" :key="one" class="small">
              <input
                type="radio"
                :name="part.key"
                :checked="side(part) === one"
                @change="emit('choose', part.key, one)"
              />
              {{ words.take[one]
              }}<span v-if="one === 'mine' ? part.changedHere : part.changedThere" class="soft"
                >,
                {{
                  momentText((one === 'mine' ? part.changedHere : part.changedThere) ?? '')
                }}</span
              >
            </label>
          </fieldset>
        </li>
        <li v-if="group.parts.length > SHOWN" class="soft">
          {{ words.more(group.parts.length - SHOWN) }}
        </li>
      </ul>
    </section>
    <section
      v-if="comparison.entries.length > 0"
      :aria-label="words.entriesMore(comparison.entries.length)"
    >
      <h3>{{ words.entriesMore(comparison.entries.length) }}</h3>
      <ul class="plain-list small">
        <li v-for="entry in comparison.entries.slice(0, 12)" :key="entry.id">
          <bdi>{{ words.entry(store.say, entry) }}</bdi>
        </li>
        <li v-if="comparison.entries.length > 12" class="soft">
          {{ words.more(comparison.entries.length - 12) }}
        </li>
      </ul>
      <p v-if="comparison.perhapsTwice.length > 0 && !replacing" class="attention small">
        {{ words.perhapsTwice(comparison.perhapsTwice.length) }}
      </p>
    </section>
    <p v-if="!replacing && comparison.entryConflicts.length > 0" class="attention small">
      {{ words.entryConflicts(comparison.entryConflicts.length) }}
    </p>
    <p v-if="!replacing && comparison.alreadyReversed.length > 0" class="small soft">
      {{ words.alreadyReversed(comparison.alreadyReversed.length) }}
    </p>
    <p v-if="replacing && comparison.onlyHere.length > 0 && !plain" class="attention">
      {{ words.entriesLost(comparison.onlyHere.length) }}
    </p>
  </div>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.25rem 1rem;
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--line);
  overflow-wrap: anywhere;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  gap: 1rem;
}
</style>
