<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref } from 'vue'
import NumberField from '../../parts/NumberField.vue'
import { hours as words } from '../../words/hours'
import { duration } from '../../words/say'

/** A clock that ran longer than anybody works: how long was it really? */
defineProps<{ ran: number }>()
defineEmits<{ keep: [minutes: number] }>()
const visible = defineModel<boolean>('visible', { required: true })
const really = ref<number>()
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.overnightTitle"
    :style="{ width: '24rem', maxWidth: '95vw' }"
  >
    <form
      class="stack"
      @submit.prevent="really !== undefined && $emit('keep', Math.round(really * 60))"
    >
      <p>{{ words.overnight(duration(ran)) }}</p>
      <NumberField
        :label="words.really"
        :least="0"
        :most="24"
        optional
        :value="really"
        @change="really = $event"
      />
      <div class="row">
        <Button type="submit" :label="words.keep" :disabled="really === undefined" />
        <Button type="button" severity="secondary" :label="words.drop" @click="$emit('keep', 0)" />
        <Button type="button" severity="secondary" :label="words.cancel" @click="visible = false" />
      </div>
    </form>
  </Dialog>
</template>
