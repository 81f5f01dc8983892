<script setup lang="ts">
import { computed } from 'vue'
import { exponentOf } from '../../../core/money'
import LinesChart from '../../parts/LinesChart.vue'
import { chartTheme } from '../../theme/chart'
import { quality as words } from '../../words/quality'
import type { OwnershipView } from '../../workers/protocol'

/** Cost of having a tool over hours of use, a line for each way; told apart by dash and by its name at the end, colour last. */
const props = defineProps<{ view: OwnershipView; shown: readonly string[]; currency: string }>()
const DASHES: readonly (string | number[])[] = [
  'solid',
  [8, 4],
  [2, 3],
  [10, 3, 2, 3],
  [5, 2],
  [12, 5],
  [1, 4]
]

/** The builds' hours, and where another way becomes the cheapest. */
const markLine = (): object => {
  const theme = chartTheme()
  const crossings = props.view.stretches.slice(1).map(({ from }) => from)
  return {
    silent: true,
    symbol: 'none',
    data: [
      { xAxis: Math.min(props.view.limit, props.view.hours) },
      ...crossings.map((xAxis) => ({
        xAxis,
        lineStyle: { color: theme.soft, type: [2, 4], width: 1 },
        label: { show: false }
      }))
    ],
    lineStyle: { color: theme.attention, type: 'solid' },
    label: {
      formatter: words.yours(String(Math.round(props.view.hours * 10) / 10)),
      color: theme.attention,
      position: 'insideEndTop',
      distance: 6,
      rotate: 0,
      align: 'left',
      padding: [0, 0, 0, 6]
    }
  }
}
const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  const lines = props.view.options.filter(({ id }) => props.shown.includes(id))
  return {
    grid: { left: 60, right: 24, top: 64, bottom: 40 },
    legend: {
      top: 0,
      left: 0,
      itemWidth: 34,
      itemStyle: { opacity: 0 },
      textStyle: { color: theme.soft }
    },
    tooltip: {
      trigger: 'axis',
      renderMode: 'richText',
      valueFormatter: (value: unknown) => String(Math.round(Number(value)))
    },
    xAxis: {
      type: 'value',
      min: 0,
      max: props.view.limit,
      name: words.axisHours,
      nameLocation: 'middle',
      nameGap: 26,
      nameTextStyle: { color: theme.soft },
      ...theme.axis
    },
    yAxis: { type: 'value', ...theme.axis },
    series: lines.map(({ tenure, points, ruledOut }, i) => ({
      type: 'line',
      name: words.tenure(tenure),
      symbol: 'none',
      data: points.map(([hours, cost]) => [hours, cost / unit]),
      lineStyle: {
        color: ruledOut ? theme.soft : theme.planned,
        width: ruledOut ? 1 : 2,
        type: DASHES[i % DASHES.length],
        opacity: ruledOut ? 0.5 : 1
      },
      itemStyle: { color: ruledOut ? theme.soft : theme.planned },
      ...(i === 0
        ? {
            markLine: markLine()
          }
        : {})
    }))
  }
})
</script>

<template>
  <LinesChart :option="option" height="19rem" :label="words.chartCaption" />
</template>
