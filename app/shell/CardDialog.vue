<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { cardName } from '../parts/cards/card-name'
import CardBody from '../parts/cards/CardBody.vue'
import { useCards } from '../stores/cards'
import { useWorkspace } from '../stores/workspace'
import { cards as words } from '../words/cards'

/** The card of what was asked about, over the page one is on. */
const cards = useCards()
const store = useWorkspace()
const router = useRouter()
const visible = computed({
  get: () => cards.asked !== undefined,
  set: (open) => {
    if (!open) cards.close()
  }
})
const title = computed(() => (cards.asked ? cardName(store.world?.library, cards.asked) : ''))
function asPage(): void {
  const { asked } = cards
  if (!asked) return
  cards.close()
  void router.push(`/what/${asked.kind}/${encodeURIComponent(asked.id)}`)
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    class="card-dialog"
    :header="title"
    :style="{ width: '52rem', maxWidth: '96vw' }"
  >
    <CardBody v-if="cards.asked" :id="cards.asked.id" :key="title" :kind="cards.asked.kind" />
    <template #footer>
      <Button
        v-if="cards.canGoBack"
        size="small"
        severity="secondary"
        :label="words.back"
        @click="cards.back()"
      />
      <Button size="small" severity="secondary" :label="words.asPage" @click="asPage" />
      <Button size="small" :label="words.close" @click="cards.close()" />
    </template>
  </Dialog>
</template>
