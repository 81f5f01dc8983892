<script setup lang="ts">
import { computed } from 'vue'
import type { Risk } from '../../../core/risk'
import { exponentOf } from '../../../core/money'
import LinesChart from '../../parts/LinesChart.vue'
import { chartTheme } from '../../theme/chart'
import { band } from './fan'
import { riskWords } from '../../words/risk'

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
  return {
    grid: { left: 56, right: 16, top: 12, bottom: 28 },
    xAxis: { type: 'category', data: props.days, ...theme.axis },
    yAxis: { type: 'value', ...theme.axis },
    series: [
      ...band('90 %', at(0), at(4), { color: theme.planned, opacity: 0.18 }),
      ...band('50 %', at(1), at(3), { color: theme.planned, opacity: 0.32 }),
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
  <LinesChart
    :option="option"
    height="15rem"
    :label="`${riskWords.fanTitle}. ${riskWords.fanCaption}`"
  />
</template>
