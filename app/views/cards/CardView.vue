<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { CARD_KINDS, type CardKind } from '../../../core/cards'
import PlaceHead from '../../parts/PlaceHead.vue'
import { cardName } from '../../parts/cards/card-name'
import CardBody from '../../parts/cards/CardBody.vue'
import { printPage } from '../../shell/save'
import { useWorkspace } from '../../stores/workspace'
import { cards as words } from '../../words/cards'

/** A card as a page of its own, to print or to come back to. */
const props = defineProps<{ kind: string; id: string }>()
const store = useWorkspace()
const isKind = (text: string): text is CardKind => (CARD_KINDS as readonly string[]).includes(text)
const asked = computed(() => (isKind(props.kind) ? { kind: props.kind, id: props.id } : undefined))
const title = computed(() => (asked.value ? cardName(store.world?.library, asked.value) : props.id))
</script>

<template>
  <PlaceHead :title="title" :subtitle="asked ? words.kind[asked.kind] : undefined">
    <Button
      class="no-print"
      size="small"
      severity="secondary"
      :label="words.print"
      @click="printPage"
    />
  </PlaceHead>
  <CardBody v-if="asked" :id="id" :kind="asked.kind" />
  <p v-else class="soft">{{ words.unknown }}</p>
</template>
