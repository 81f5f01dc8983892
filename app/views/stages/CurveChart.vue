<script setup lang="ts">
import { computed } from 'vue'
import type { CurvePoint } from '../../../core/explain'
import { exponentOf } from '../../../core/money'
import LinesChart from '../../parts/LinesChart.vue'
import { chartTheme } from '../../theme/chart'
import { scenarioWords } from '../../words/scenarios'

/** Money of the plan against builds ready by its end; the plan as it stands is ringed. */
const props = defineProps<{ points: readonly CurvePoint[]; currency: string }>()
const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  return {
    grid: { left: 46, right: 20, top: 28, bottom: 44 },
    xAxis: {
      type: 'value',
      name: scenarioWords.curveX(props.currency),
      nameLocation: 'middle',
      nameGap: 28,
      nameTextStyle: { color: theme.soft },
      ...theme.axis
    },
    yAxis: {
      type: 'value',
      minInterval: 1,
      min: 0,
      name: scenarioWords.curveY,
      nameLocation: 'end',
      nameTextStyle: { color: theme.soft, align: 'left' },
      ...theme.axis
    },
    series: [
      {
        type: 'line',
        step: 'end',
        data: props.points.map(({ money, builds, factor }) => ({
          value: [money / unit, builds],
          symbolSize: factor === 1 ? 14 : 7,
          symbol: factor === 1 ? 'emptyCircle' : 'circle'
        })),
        lineStyle: { color: theme.planned, width: 2 },
        itemStyle: { color: theme.planned }
      }
    ]
  }
})
</script>

<template>
  <LinesChart
    :option="option"
    height="15rem"
    :label="`${scenarioWords.curveTitle}. ${scenarioWords.curveCaption}`"
  />
</template>
