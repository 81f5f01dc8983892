<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { issuesOf, type Issue } from '../../../core/kernel'
import { pastDay } from '../../../core/ledger'
import { change, type Item } from '../../../core/workspace'
import DayField from '../../parts/DayField.vue'
import { useWorkspace } from '../../stores/workspace'
import { back as words } from '../../words/back'
import { sentence } from '../../words/issues'

/** A tool lent to somebody, or somebody else's that is here: since when, and when it went back. */
const props = defineProps<{ item: Item; name: string }>()
const store = useWorkspace()
const who = ref('')
const since = ref(store.world?.asOf ?? '')
const problems = ref<readonly Issue[]>([])
function begin(kind: 'lent' | 'borrowed'): void {
  const { world } = store
  const name = who.value.trim()
  if (!world || name === '') return
  const day = pastDay(since.value, world.asOf)
  problems.value = issuesOf(day)
  if (!day.ok) return
  const put = kind === 'lent' ? change.lendItem : change.markBorrowed
  problems.value = store.attempt(words.steps.lent(props.name), (state) =>
    put(state, props.item.id, name, day.value)
  )
}
const end = (): void =>
  void store.run(words.steps.home(props.name), (state) => change.endLoan(state, props.item.id))
</script>

<template>
  <div v-if="store.say">
    <p v-if="item.loan" class="row">
      <span>{{ words[item.loan.kind](name, item.loan.who, store.say.day(item.loan.since)) }}</span>
      <Button
        size="small"
        :label="item.loan.kind === 'lent' ? words.backAgain : words.givenBack"
        @click="end"
      />
    </p>
    <form v-else class="row" @submit.prevent="begin('lent')">
      <div class="field">
        <label :for="`who-${item.id}`">{{ words.who }}</label>
        <InputText :id="`who-${item.id}`" v-model="who" maxlength="80" />
      </div>
      <DayField :label="words.sinceDay" :value="since" @change="since = $event ?? ''" />
      <Button
        type="submit"
        size="small"
        severity="secondary"
        :label="words.lend"
        :disabled="who.trim() === ''"
      />
      <Button
        type="button"
        size="small"
        severity="secondary"
        :label="words.isBorrowed"
        :disabled="who.trim() === ''"
        @click="begin('borrowed')"
      />
    </form>
    <p v-for="one in problems" :key="one.code" class="attention small" role="alert">
      {{ sentence(one, store.say) }}
    </p>
  </div>
</template>
