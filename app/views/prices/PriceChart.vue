<script setup lang="ts">
import { computed } from 'vue'
import { exponentOf } from '../../../core/money'
import type { PriceLevel, SeenPrice } from '../../../core/prices'
import type { LookAhead } from '../../../core/timing'
import { addDays } from '../../../core/calendar'
import LinesChart from '../../parts/LinesChart.vue'
import { useWorkspace } from '../../stores/workspace'
import { chartTheme } from '../../theme/chart'
import { timing as words } from '../../words/timing'
import { at, drawnPrices } from './price-points'

/** Prices of one kind over time: those seen as dots, where they usually lie as a band, and the most to pay on each day ahead. */
const props = defineProps<{
  seen: readonly SeenPrice[]
  level: PriceLevel
  looks: readonly LookAhead[]
  label: string
}>()
const store = useWorkspace()
const LEAST_DAYS = 90
const option = computed(() => {
  const { world } = store
  if (!world) return {}
  const unit = 10 ** exponentOf(world.workspace.money.currency)
  const round = (amount: number): number => Math.round((amount / unit) * 100) / 100
  const theme = chartTheme()
  const drawn = drawnPrices(props.seen)
  const first = [drawn[0]?.date ?? world.asOf, addDays(world.asOf, -LEAST_DAYS)].sort()[0] ?? ''
  const last =
    [props.looks.at(-1)?.date ?? world.asOf, addDays(world.asOf, LEAST_DAYS)].sort()[1] ?? ''
  const flat = (amount: number): [number, number][] => [
    [at(first), round(amount)],
    [at(last), round(amount)]
  ]
  const points = (aside: boolean): [number, number][] =>
    drawn.filter((one) => one.aside === aside).map(({ date, price }) => [at(date), round(price)])
  const bandOf = (amount: number, opacity: number): object => ({
    type: 'line',
    stack: 'band',
    symbol: 'none',
    silent: true,
    data: flat(amount),
    lineStyle: { opacity: 0 },
    areaStyle: { color: theme.planned, opacity },
    tooltip: { show: false }
  })
  const dots = (name: string, data: [number, number][], open: boolean): object => ({
    type: 'line',
    name,
    data,
    symbol: open ? 'emptyCircle' : 'circle',
    symbolSize: 8,
    lineStyle: { opacity: 0 },
    itemStyle: { color: open ? theme.soft : theme.planned },
    showAllSymbol: true
  })
  return {
    grid: { left: 56, right: 16, top: 12, bottom: 28 },
    xAxis: { type: 'time', min: at(first), max: at(last), ...theme.axis },
    yAxis: { type: 'value', min: 0, ...theme.axis },
    series: [
      bandOf(props.level.low, 0),
      bandOf(props.level.high - props.level.low, 0.16),
      {
        type: 'line',
        name: words.series.middle,
        symbol: 'none',
        data: flat(props.level.middle),
        lineStyle: { color: theme.planned, width: 1 },
        itemStyle: { color: theme.planned }
      },
      ...(props.looks.length > 0
        ? [
            {
              type: 'line',
              name: words.series.takes,
              symbol: 'none',
              data: props.looks.map(({ date, takes }) => [
                at(date),
                round(Math.min(takes, props.level.high))
              ]),
              lineStyle: { color: theme.attention, type: [6, 4], width: 2 },
              itemStyle: { color: theme.attention }
            }
          ]
        : []),
      dots(words.series.seen, points(false), false),
      dots(words.series.aside, points(true), true)
    ]
  }
})
</script>

<template>
  <LinesChart :option="option" height="14rem" :label="`${label}. ${words.chartCaption}`" />
</template>
