<script setup lang="ts">
import { computed } from 'vue'
import { exponentOf } from '../../core/money'
import LinesChart from './LinesChart.vue'
import { chartTheme } from '../theme/chart'
import { ledger } from '../words/ledger'

const props = defineProps<{
  points: readonly { date: string; balance: number }[]
  currency: string
  reserve: number
}>()
const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  return {
    grid: { left: 56, right: 12, top: 28, bottom: 24 },
    xAxis: { type: 'time', ...theme.axis },
    yAxis: {
      type: 'value',
      name: ledger.chartAxis(props.currency),
      nameTextStyle: { align: 'left', color: theme.soft },
      ...theme.axis
    },
    series: [
      {
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: { color: theme.planned, width: 2 },
        areaStyle: { color: theme.wash },
        data: props.points.map(({ date, balance }) => [date, balance / unit])
      }
    ]
  }
})
</script>

<template>
  <LinesChart :option="option" height="9.5rem" :label="`${ledger.chart}. ${ledger.chartTable}`" />
</template>
