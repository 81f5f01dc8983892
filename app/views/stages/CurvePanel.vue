<script setup lang="ts">
import Button from 'primevue/button'
import { defineAsyncComponent, ref } from 'vue'
import { usePlanning } from '../../stores/planning'
import { useStaging } from '../../stores/staging'
import { useWorkspace } from '../../stores/workspace'
import { stages as words } from '../../words/stages'
import { scenarioWords } from '../../words/scenarios'

const CurveChart = defineAsyncComponent(() => import('./CurveChart.vue'))

/** What more or less money would bring, as a picture and a table. */
const store = useWorkspace()
const planning = usePlanning()
const staging = useStaging()
const table = ref(false)
</script>

<template>
  <section v-if="store.say && store.workspace" class="stack">
    <h2>{{ scenarioWords.curveTitle }}</h2>
    <CurveChart
      v-if="staging.curve.length > 0"
      :points="staging.curve"
      :currency="store.workspace.money.currency"
    />
    <p class="caption">{{ scenarioWords.curveCaption }}</p>
    <div class="row">
      <Button
        size="small"
        severity="secondary"
        :label="scenarioWords.curveRun"
        :disabled="!planning.plan || staging.thinking === 'curve'"
        @click="staging.drawCurve()"
      />
      <span v-if="staging.thinking === 'curve'" role="status" class="small soft"
        >{{ scenarioWords.running(staging.curve.length, 9) }}
        <button type="button" class="link" @click="staging.halt()">{{ words.stop }}</button></span
      >
      <button
        v-if="staging.curve.length > 0"
        type="button"
        class="link small"
        :aria-expanded="table"
        @click="table = !table"
      >
        {{ scenarioWords.asTable }}
      </button>
    </div>
    <table v-if="table && staging.curve.length > 0" class="plain small">
      <tbody>
        <tr v-for="point in staging.curve" :key="point.factor">
          <th scope="row">{{ store.say.money(point.money) }}</th>
          <td class="figure">{{ point.builds }}</td>
          <td class="figure">{{ store.say.money(point.spent) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
