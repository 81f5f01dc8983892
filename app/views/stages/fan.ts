/** Opacity of a line that only carries a band. */
const UNSEEN = { opacity: 0 }

/**
 * The band between two lines as two stacked series: the lower line, unseen, and the difference on top of it. Stacked whatever the signs:
 * a purse may be below zero.
 */
export function band(
  name: string,
  low: readonly number[],
  high: readonly number[],
  area: { readonly color: string; readonly opacity: number }
): object[] {
  const shared = {
    type: 'line',
    stack: name,
    stackStrategy: 'all',
    symbol: 'none',
    lineStyle: UNSEEN,
    silent: true,
    tooltip: { show: false },
    step: 'end'
  }
  return [
    { ...shared, name: `${name} low`, data: low },
    { ...shared, name, areaStyle: area, data: high.map((value, i) => value - (low[i] ?? 0)) }
  ]
}
