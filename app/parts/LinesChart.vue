<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import {
  AriaComponent,
  GridComponent,
  LegendComponent,
  MarkLineComponent,
  TooltipComponent
} from 'echarts/components'
import { registerLocale, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { chartTheme, isDark } from '../theme/chart'
import { languageNow } from '../words/language'
import { calendarNames } from '../words/lists'

use([
  LineChart,
  GridComponent,
  TooltipComponent,
  LegendComponent,
  MarkLineComponent,
  AriaComponent,
  SVGRenderer
])

// The names of months along an axis of days; all else of a chart is ours.
const LANGUAGE = languageNow().toUpperCase()
const { monthNames, monthNamesShort, dayNames, dayNamesShort } = calendarNames()
if (LANGUAGE !== 'EN')
  registerLocale(LANGUAGE, {
    time: {
      month: monthNames,
      monthAbbr: monthNamesShort,
      dayOfWeek: dayNames,
      dayOfWeekAbbr: dayNamesShort
    }
  } as Parameters<typeof registerLocale>[1])

/** A drawing of lines with what all of them share: drawn as SVG, still, described for screen readers. */
const props = defineProps<{
  option: Readonly<Record<string, unknown>>
  height: string
  /** What it shows, for those who do not see it. */
  label: string
}>()
const whole = computed(() => ({
  aria: { enabled: true, label: { description: props.label } },
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
    :init-options="{ renderer: 'svg', locale: LANGUAGE }"
    autoresize
  />
</template>
