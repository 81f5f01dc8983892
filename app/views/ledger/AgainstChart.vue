<script setup lang="ts">
import { computed } from 'vue'
import { exponentOf } from '../../../core/money'
import LinesChart from '../../parts/LinesChart.vue'
import { chartTheme } from '../../theme/chart'
import { ledger } from '../../words/ledger'
import { against as words } from '../../words/against'

type Point = { readonly date: string; readonly balance: number }
const props = defineProps<{
  planned: readonly Point[]
  actual: readonly Point[]
  currency: string
}>()
const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  const line = (name: string, points: readonly Point[], style: object): object => ({
    type: 'line',
    name,
    step: 'end',
    symbol: 'none',
    data: points.map(({ date, balance }) => [date, balance / unit]),
    ...style
  })
  return {
    grid: { left: 56, right: 12, top: 32, bottom: 24 },
    legend: {
      top: 0,
      right: 0,
      itemWidth: 34,
      itemStyle: { opacity: 0 },
      textStyle: { color: theme.soft }
    },
    xAxis: { type: 'time', ...theme.axis },
    yAxis: {
      type: 'value',
      name: ledger.chartAxis(props.currency),
      nameTextStyle: { align: 'left', color: theme.soft },
      ...theme.axis
    },
    series: [
      line(words.lineActual, props.actual, {
        lineStyle: { color: theme.planned, width: 2.5 },
        itemStyle: { color: theme.planned }
      }),
      line(words.linePlanned, props.planned, {
        lineStyle: { color: theme.soft, width: 1.5, type: 'dashed' },
        itemStyle: { color: theme.soft }
      })
    ]
  }
})
</script>

<template>
  <LinesChart :option="option" height="13rem" :label="words.chart" />
</template>
