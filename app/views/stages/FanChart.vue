<script setup lang="ts">
import { computed } from 'vue'
import type { Risk } from '../../../core/risk'
import { exponentOf } from '../../../core/money'
import LinesChart from '../../parts/LinesChart.vue'
import { chartTheme } from '../../theme/chart'

/** The purse over time: the middle course as a line, half of all courses in the dark band, nine in ten in the light one. */
const props = defineProps<{
  fan: Risk['fan']
  reserve: number
  currency: string
  days: readonly string[]
}>()

const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  const at = (k: number): number[] =>
    props.fan.map(({ quantiles }) => Math.round(((quantiles[k] ?? 0) / unit) * 100) / 100)
  const band = (name: string, low: number, high: number, opacity: number): object[] => [
    {
      type: 'line',
      name: `${name} low`,
      stack: name,
      symbol: 'none',
      lineStyle: { opacity: 0 },
      data: at(low),
      silent: true,
      tooltip: { show: false },
      step: 'end'
    },
    {
      type: 'line',
      name,
      stack: name,
      symbol: 'none',
      lineStyle: { opacity: 0 },
      areaStyle: { color: theme.planned, opacity },
      data: at(high).map((value, i) => value - (at(low)[i] ?? 0)),
      silent: true,
      tooltip: { show: false },
      step: 'end'
    }
  ]
  return {
    grid: { left: 56, right: 16, top: 12, bottom: 28 },
    xAxis: { type: 'category', data: props.days, ...theme.axis },
    yAxis: { type: 'value', ...theme.axis },
    series: [
      ...band('90 %', 0, 4, 0.18),
      ...band('50 %', 1, 3, 0.32),
      {
        type: 'line',
        name: '50',
        symbol: 'none',
        data: at(2),
        lineStyle: { color: theme.planned, width: 2 },
        itemStyle: { color: theme.planned },
        step: 'end'
      },
      {
        type: 'line',
        name: 'keep back',
        symbol: 'none',
        data: props.fan.map(() => props.reserve / unit),
        lineStyle: { color: theme.attention, type: [6, 4], width: 1 },
        itemStyle: { color: theme.attention },
        tooltip: { show: false }
      }
    ]
  }
})
</script>

<template>
  <LinesChart :option="option" height="15rem" />
</template>
