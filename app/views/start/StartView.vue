<script setup lang="ts">
import Button from 'primevue/button'
import { onUnmounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Issue } from '../../../core/kernel'
import PlaceHead from '../../parts/PlaceHead.vue'
import { countryOf } from '../../shell/country'
import { useLoading } from '../../stores/loading'
import { useStart } from '../../stores/start'
import { sentence } from '../../words/issues'
import { start as words } from '../../words/start'
import StartBuilds from './StartBuilds.vue'
import StartGlance from './StartGlance.vue'
import StartKit from './StartKit.vue'
import StartLike from './StartLike.vue'
import StartMoney from './StartMoney.vue'
import StartPlan from './StartPlan.vue'

/** Four questions on one page, and the first plan beside them from the first tick on. */
const start = useStart()
const router = useRouter()
const problems = ref<readonly Issue[]>([])
start.hereIs(countryOf(navigator.languages))
onUnmounted(start.stop)

async function go(): Promise<void> {
  problems.value = start.problems()
  if (problems.value.length > 0) return
  useLoading().startOwn(start.made, start.answers.currency)
  await router.push('/stages')
}
</script>

<template>
  <PlaceHead :title="words.title" :subtitle="words.subtitle" />
  <form class="start" @submit.prevent="go">
    <div class="stack">
      <StartBuilds />
      <StartKit />
      <StartMoney />
      <StartLike />
      <p
        v-for="one in problems"
        :key="one.code + JSON.stringify(one.figures)"
        class="attention small"
        role="alert"
      >
        {{ sentence(one) }}
      </p>
    </div>
    <StartGlance />
    <aside class="beside">
      <StartPlan />
      <div class="row">
        <Button type="submit" :label="words.go" /><RouterLink to="/">{{ words.cancel }}</RouterLink>
      </div>
      <p class="small">
        <RouterLink to="/weigh/list">{{ words.haveList }}</RouterLink>
      </p>
    </aside>
  </form>
</template>

<style scoped>
.start {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: 1.5rem 2rem;
  align-items: start;
}
.beside {
  position: sticky;
  top: 1rem;
  display: grid;
  gap: 0.75rem;
  border: 1px solid var(--line-strong);
  border-radius: var(--radius);
  padding: 0.75rem 1rem;
  background: var(--paper-raised);
}
.beside p {
  margin: 0;
}
@media (max-width: 900px) {
  .start {
    grid-template-columns: minmax(0, 1fr);
  }
  .beside {
    position: static;
  }
}
</style>
