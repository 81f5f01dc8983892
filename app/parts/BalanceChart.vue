<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { AriaComponent, GridComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { exponentOf } from '../../core/money'
import { chartTheme } from '../theme/chart'
import { ledger } from '../words/ledger'

use([LineChart, GridComponent, TooltipComponent, AriaComponent, SVGRenderer])

const props = defineProps<{ points: readonly { date: string; balance: number }[]; currency: string; reserve: number; dark: boolean }>()
const option = computed(() => {
  const unit = 10 ** exponentOf(props.currency)
  const theme = chartTheme()
  return {
    aria: { enabled: true },
    animation: false,
    grid: { left: 56, right: 12, top: 28, bottom: 24 },
    tooltip: { trigger: 'axis', renderMode: 'richText' },
    xAxis: { type: 'time', ...theme.axis },
    yAxis: { type: 'value', name: ledger.chartAxis(props.currency), nameTextStyle: { align: 'left', color: theme.soft }, ...theme.axis },
    series: [{ type: 'line', step: 'end', symbol: 'none', lineStyle: { color: theme.planned, width: 2 }, areaStyle: { color: theme.wash }, data: props.points.map(({ date, balance }) => [date, balance / unit]) }],
    key: props.dark
  }
})
</script>

<template>
  <VChart class="chart" :option="option" :init-options="{ renderer: 'svg' }" autoresize />
</template>

<style scoped>
.chart { height: 12rem; }
</style>
