<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS } from '../../../core/catalogue'
import { toolDrawings } from '../../drawings'
import LineDrawing from '../../parts/cards/LineDrawing.vue'
import SelectField from '../../parts/SelectField.vue'
import { useStart } from '../../stores/start'
import { skill } from '../../words/skill'
import { start as words } from '../../words/start'

/** How somebody likes to work: two ways to do the same thing, side by side, of which one, or neither, is chosen. */
const start = useStart()
const { answers } = start
const levels = LEVELS.map((id) => ({ id, name: skill.levels[id] }))

interface Side {
  readonly drawing: string
  readonly text: string
  readonly on: boolean
  readonly choose: () => void
}
const side = (drawing: string, text: string, on: boolean, choose: () => void): Side => ({
  drawing,
  text,
  on,
  choose
})
const pairs = computed<
  readonly { readonly key: keyof typeof words.likes; readonly sides: readonly Side[] }[]
>(() => [
  {
    key: 'hands',
    sides: [
      side('pull-saw', words.likes.hands[0], answers.hands === 'hand', () => {
        answers.hands = answers.hands === 'hand' ? undefined : 'hand'
      }),
      side('circular-saw', words.likes.hands[1], answers.hands === 'motor', () => {
        answers.hands = answers.hands === 'motor' ? undefined : 'motor'
      })
    ]
  },
  {
    key: 'careful',
    sides: [
      side('jigsaw', words.likes.careful[0], answers.careful, () => {
        answers.careful = true
      }),
      side('table-saw', words.likes.careful[1], !answers.careful, () => {
        answers.careful = false
      })
    ]
  },
  {
    key: 'quiet',
    sides: [
      side('hand-drill', words.likes.quiet[0], answers.quiet, () => {
        answers.quiet = true
      }),
      side('impact-driver', words.likes.quiet[1], !answers.quiet, () => {
        answers.quiet = false
      })
    ]
  },
  {
    key: 'corner',
    sides: [
      side('fold-bench', words.likes.corner[0], answers.corner, () => {
        answers.corner = true
      }),
      side('workbench', words.likes.corner[1], !answers.corner, () => {
        answers.corner = false
      })
    ]
  },
  {
    key: 'power',
    sides: [
      side('extension-cord', words.likes.power[0], answers.power === 'corded', () => {
        answers.power = answers.power === 'corded' ? undefined : 'corded'
      }),
      side('battery-set', words.likes.power[1], answers.power === 'cordless', () => {
        answers.power = answers.power === 'cordless' ? undefined : 'cordless'
      })
    ]
  }
])
</script>

<template>
  <fieldset>
    <legend>
      <h2>{{ words.likeTitle }}</h2>
    </legend>
    <div class="pairs">
      <div
        v-for="pair in pairs"
        :key="pair.key"
        class="pair"
        role="group"
        :aria-label="words.likesOf[pair.key]"
      >
        <button
          v-for="one in pair.sides"
          :key="one.text"
          type="button"
          :aria-pressed="one.on"
          @click="one.choose"
        >
          <span class="picture" aria-hidden="true"
            ><LineDrawing v-if="toolDrawings[one.drawing]" :drawing="toolDrawings[one.drawing]!"
          /></span>
          <span>{{ one.text }}</span>
        </button>
      </div>
    </div>
    <SelectField
      :label="skill.startLabel"
      :value="answers.level"
      :options="levels"
      @change="answers.level = $event"
    />
    <p class="caption">{{ words.likeHint }}</p>
  </fieldset>
</template>

<style scoped src="./start.css" />

<style scoped>
.pairs {
  clear: both;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.6rem 1rem;
  width: 100%;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.pair button {
  border: 1px solid var(--line);
  background: none;
  color: inherit;
  font: inherit;
  font-size: var(--text-small);
  padding: 0.4rem;
  cursor: pointer;
  display: grid;
  gap: 0.2rem;
  align-content: start;
}
.pair button + button {
  border-left-width: 0;
}
.pair button[aria-pressed='true'] {
  outline: 2px solid var(--planned);
  outline-offset: -2px;
  background: var(--planned-wash);
}
.pair button[aria-pressed='true']:focus-visible {
  outline-style: double;
  outline-width: 5px;
}
.picture :deep(.drawing) {
  max-height: 3rem;
}
</style>
