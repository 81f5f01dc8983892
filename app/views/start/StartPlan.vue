<script setup lang="ts">
import { computed } from 'vue'
import { sumOf } from '../../../core/kernel'
import { useStart } from '../../stores/start'
import { bench } from '../../words/bench'
import { start as words } from '../../words/start'
import { useFirstPlan } from './first-plan'

/** The first plan, beside the questions: what is bought first, what can begin, how far the money goes. */
const start = useStart()
const { say, days, made, state } = useFirstPlan()
const first = computed(() => [...made.value].sort((a, b) => (a.begin < b.begin ? -1 : 1))[0])
const paid = computed(() => sumOf(start.plan?.purchases ?? [], ({ price }) => price))
</script>

<template>
  <section
    id="first-plan"
    aria-live="polite"
    tabindex="-1"
    class="stack"
    :aria-label="words.planTitle"
  >
    <h2>{{ words.planTitle }}</h2>
    <p v-if="state" class="soft">{{ state }}</p>
    <template v-else>
      <ol class="plain-list">
        <li v-for="day in days" :key="day.date">
          <span class="strong">{{ say.shortDay(day.date) }}</span>
          {{ words.planBuy(day.names, say.money(day.cost)) }}
        </li>
      </ol>
      <p v-if="first">
        {{ words.planBegins(say.planned(first), say.shortDay(first.begin)) }}
      </p>
      <p>
        {{
          words.planMade(
            new Set(made.map(({ build }) => build)).size,
            start.answers.builds.length,
            say.money(paid)
          )
        }}
      </p>
      <p class="caption">{{ start.busy ? bench.planning : words.planTypical }}</p>
    </template>
  </section>
</template>
