<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { change, type Outlet } from '../../../core/workspace'
import MoneyField from '../../parts/MoneyField.vue'
import NumberField from '../../parts/NumberField.vue'
import { newId } from '../../stores/clock'
import { useWorkspace } from '../../stores/workspace'
import { sidePrices as words } from '../../words/side-stock'
import { inForm } from '../../words/where'

/** Where pieces are sold, and what that takes of a price. */
const store = useWorkspace()
const PERCENT = 100
const name = ref('')
const problem = ref('')
const put = (outlet: Outlet): void => {
  store.run(words.outletChanged(outlet.name), (state) => change.putOutlet(state, outlet))
}
function add(): void {
  const called = name.value.trim()
  problem.value = called === '' ? words.needName : ''
  if (called === '') return
  const [refused] = store.attempt(words.outletChanged(called), (state) =>
    change.putOutlet(state, {
      id: newId('outlet'),
      name: called,
      feeShare: 0,
      feeFixed: 0,
      deliveryEach: 0
    })
  )
  if (refused) problem.value = inForm(refused, store.say)
  else name.value = ''
}
</script>

<template>
  <section v-if="store.say" class="stack">
    <h2>{{ words.outlets }}</h2>
    <p class="caption">{{ words.outletsHint }}</p>
    <details v-for="outlet in store.workspace?.outlets ?? []" :key="outlet.id">
      <summary>
        <bdi class="strong">{{ outlet.name }}</bdi> {{ words.outletLine(store.say, outlet) }}
      </summary>
      <div class="row fields">
        <NumberField
          :label="words.feeShare"
          :value="outlet.feeShare * PERCENT"
          :least="0"
          :most="100"
          width="4.5rem"
          @change="put({ ...outlet, feeShare: ($event ?? 0) / PERCENT })"
        />
        <MoneyField
          :label="words.feeFixed"
          :value="outlet.feeFixed"
          width="5.5rem"
          @change="put({ ...outlet, feeFixed: $event ?? 0 })"
        />
        <MoneyField
          :label="words.delivery"
          :value="outlet.deliveryEach"
          width="5.5rem"
          @change="put({ ...outlet, deliveryEach: $event ?? 0 })"
        />
        <NumberField
          :label="words.km"
          :value="outlet.kmEach"
          :least="0"
          :most="10000"
          width="4.5rem"
          optional
          @change="put({ ...outlet, kmEach: $event })"
        />
        <button
          type="button"
          class="link small"
          :aria-label="`${words.remove}: ${outlet.name}`"
          @click="
            store.run(words.outletChanged(outlet.name), (state) =>
              change.removeOutlet(state, outlet.id)
            )
          "
        >
          {{ words.remove }}
        </button>
      </div>
    </details>
    <form class="row fields" @submit.prevent="add">
      <div class="field">
        <label for="outlet-name">{{ words.outletName }}</label><InputText
          id="outlet-name"
          v-model="name"
          style="width: 10rem"
        />
      </div>
      <Button type="submit" size="small" severity="secondary" :label="words.addOutlet" />
    </form>
    <p v-if="problem" class="attention small" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.fields {
  align-items: end;
  gap: 0.5rem 0.9rem;
  padding: 0.35rem 0;
}
summary {
  cursor: pointer;
}
</style>
