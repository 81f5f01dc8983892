<script setup lang="ts">
import { computed } from 'vue'
import { usePlanning } from '../../stores/planning'
import { useWorkspace } from '../../stores/workspace'
import { stages as words } from '../../words/stages'
import NamedText from '../../parts/NamedText.vue'

/** What else belongs to the plan: tools sold on, what deals save, what was not tried, builds left out and why. */
const store = useWorkspace()
const planning = usePlanning()
const unopened = computed(() =>
  planning.outcome && 'unopened' in planning.outcome ? planning.outcome.unopened : []
)
const curtailed = computed(() =>
  planning.outcome && 'curtailed' in planning.outcome ? planning.outcome.curtailed : []
)
</script>

<template>
  <template v-if="store.say">
    <ul
      v-if="planning.shown?.resales?.length || planning.shown?.savings?.length"
      class="plain-list small"
    >
      <li v-for="one in planning.shown.resales" :key="one.item">
        <NamedText
          :text="
            words.resale(
              store.say.tool(store.workspace?.items.find(({ id }) => id === one.item)?.tool ?? ''),
              store.say.shortDay(one.date),
              store.say.money(one.amount)
            )
          "
        />
      </li>
      <li v-for="one in planning.shown.savings" :key="one.deal + one.date">
        {{
          words.saving(
            store.workspace?.deals?.find(({ id }) => id === one.deal)?.name ?? one.deal,
            store.say.shortDay(one.date),
            store.say.money(one.amount)
          )
        }}
      </li>
    </ul>
    <p v-if="curtailed.length > 0" class="small" role="status">
      {{
        words.curtailed(curtailed.map((id) => store.world?.library.operations.get(id)?.name ?? id))
      }}
    </p>
    <section v-if="unopened.length > 0" class="stack">
      <h3>{{ words.unopenedTitle }}</h3>
      <ul class="plain-list small">
        <li v-for="one in unopened" :key="one.build">
          <NamedText
            :text="
              words.unopened(
                store.say.build(one.build),
                one.why,
                one.cost === undefined || one.cost === 0 ? undefined : store.say.money(one.cost),
                one.loses === undefined ? undefined : store.say.money(store.say.about(one.loses))
              )
            "
          />
        </li>
      </ul>
    </section>
  </template>
</template>
