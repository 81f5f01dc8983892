import { expect, test } from '@jest/globals'
import { init, use } from 'echarts/core'
import { LineChart } from 'echarts/charts'
import { GridComponent } from 'echarts/components'
import { SVGRenderer } from 'echarts/renderers'
import { band } from './fan'

use([LineChart, GridComponent, SVGRenderer])

/** Where the chart library (Apache ECharts) really puts the upper line of a band. */
function upperLine(low: number[], high: number[]): number[] {
  const chart = init(null, null, { renderer: 'svg', ssr: true, width: 400, height: 300 })
  chart.setOption({
    animation: false,
    xAxis: { type: 'category', data: low.map(String) },
    yAxis: { type: 'value' },
    series: band('90 %', low, high, { color: '#000', opacity: 0.2 })
  })
  chart.renderToSVGString()
  interface Data {
    getCalculationInfo(name: 'stackResultDimension'): string
    get(dimension: string, index: number): number
  }
  const model = chart as unknown as {
    getModel(): { getSeriesByIndex(i: number): { getData(): Data } }
  }
  const data = model.getModel().getSeriesByIndex(1).getData()
  const result = low.map((_, i) => data.get(data.getCalculationInfo('stackResultDimension'), i))
  chart.dispose()
  return result
}

test('the upper edge of a band lies at its quantile, also where the lower one is below zero', () => {
  expect(upperLine([10, 20], [40, 50])).toEqual([40, 50])
  expect(upperLine([-30, -5, 10], [20, -2, 15])).toEqual([20, -2, 15])
})
