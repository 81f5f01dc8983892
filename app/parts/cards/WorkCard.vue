<script setup lang="ts">
import { computed } from 'vue'
import { workFacts } from '../../../core/cards'
import type { Operation } from '../../../core/catalogue'
import { workCard } from '../../../data/cards'
import { workDrawings } from '../../drawings'
import { useWorkspace } from '../../stores/workspace'
import { cards as words } from '../../words/cards'
import LineDrawing from './LineDrawing.vue'
import { useTold } from './told'
import NameList from './NameList.vue'

/** What a piece of work or a joint is, and the ways to do it. */
const props = defineProps<{ operation: Operation }>()
const store = useWorkspace()
const drawing = computed(() => workDrawings[props.operation.id])
const card = computed(() => workCard(props.operation.id))
const facts = computed(() => (store.world ? workFacts(store.world, props.operation) : undefined))
const told = useTold()
const ways = computed(
  () =>
    facts.value?.methods.map(({ id, name, form }) => ({ id, name, more: words.form[form] })) ?? []
)
const builds = computed(() => facts.value?.builds.map((id) => store.say?.build(id) ?? id) ?? [])
</script>

<template>
  <div v-if="facts" class="card">
    <div class="known">
      <LineDrawing v-if="drawing" :drawing="drawing" :name="operation.name" />
      <p v-if="drawing" class="soft small">{{ words.heavy }}</p>
      <p v-if="operation.aliases?.length" class="small">
        {{ words.elsewhere(operation.aliases) }}
      </p>
    </div>
    <div class="said">
      <template v-if="card">
        <p class="use">{{ told(card.use) }}</p>
        <dl>
          <dt>{{ words.mistake }}</dt>
          <dd>{{ told(card.mistake) }}</dd>
        </dl>
      </template>
      <h2>{{ words.waysToDo }}</h2>
      <NameList kind="method" :entries="ways" />
      <p class="small">
        {{ builds.length > 0 ? `${words.inBuilds}:` : words.inNoBuild }}
        <bdi>{{ builds.join(', ') }}</bdi>
      </p>
    </div>
  </div>
</template>
