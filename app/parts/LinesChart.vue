<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import {
  AriaComponent,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  TooltipComponent
} from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { chartTheme, isDark } from '../theme/chart'

use([
  LineChart,
  GridComponent,
  TooltipComponent,
  LegendComponent,
  MarkLineComponent,
  AriaComponent,
  SVGRenderer
])

/** A drawing of lines with what all of them share: drawn as SVG, still, described for screen readers. */
const props = defineProps<{ option: Readonly<Record<string, unknown>>; height: string }>()
const whole = computed(() => ({
  aria: { enabled: true },
  animation: false,
  tooltip: { trigger: 'axis', renderMode: 'richText' },
  textStyle: { fontFamily: chartTheme().family },
  ...props.option,
  key: isDark.value
}))
</script>

<template>
  <VChart
    class="chart"
    :style="{ height }"
    :option="whole"
    :init-options="{ renderer: 'svg' }"
    autoresize
  />
</template>
