<script setup lang="ts">
import { computed } from 'vue'
import type { Material } from '../../../core/catalogue'
import { stockCard } from '../../../data/cards'
import { materialDrawing } from '../../drawings'
import { cards as words } from '../../words/cards'
import LineDrawing from './LineDrawing.vue'
import { useTold } from './told'

/** What a material is for, and what to look at in the yard. */
const props = defineProps<{ material: Material }>()
const drawing = computed(() => materialDrawing(props.material.id))
const card = computed(() => stockCard(props.material.id))
const told = useTold()
const DAYS_OF_A_MONTH = 30.4
</script>

<template>
  <div class="card">
    <div class="known">
      <LineDrawing v-if="drawing" :drawing="drawing" :name="material.name" />
      <p v-if="material.keepsDays" class="small">
        {{ words.keeps(Math.round(material.keepsDays / DAYS_OF_A_MONTH)) }}
      </p>
    </div>
    <div class="said">
      <template v-if="card">
        <p class="use">{{ told(card.use) }}</p>
        <h2>{{ words.material }}</h2>
        <ul>
          <li v-for="one in card.look" :key="one">{{ told(one) }}</li>
        </ul>
        <dl>
          <dt>{{ words.mistake }}</dt>
          <dd>{{ told(card.mistake) }}</dd>
        </dl>
      </template>
      <p v-else class="soft">{{ words.own }}</p>
    </div>
  </div>
</template>
