/** One measured figure with its target. */
export interface Figure {
  readonly name: string
  readonly value: number
  readonly unit: string
  readonly target: string
  readonly met: boolean
}

export const under = (name: string, value: number, unit: string, limit: number): Figure => ({
  name,
  value: Math.round(value * 10) / 10,
  unit,
  target: `< ${limit}`,
  met: value < limit
})

export const atMost = (name: string, value: number, unit: string, limit: number): Figure => ({
  name,
  value,
  unit,
  target: `<= ${limit}`,
  met: value <= limit
})

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  return sorted[Math.floor(sorted.length / 2)] ?? Number.NaN
}

export const timed = <T>(work: () => T): { ms: number; result: T } => {
  const started = performance.now()
  const result = work()
  return { ms: performance.now() - started, result }
}

export function table(figures: readonly Figure[]): string {
  const rows = figures.map(({ name, value, unit, target, met }) => [
    name,
    `${value} ${unit}`,
    target,
    met ? 'met' : 'MISSED'
  ])
  const all = [['figure', 'value', 'target', ''], ...rows]
  const widths = [0, 1, 2, 3].map((column) =>
    Math.max(...all.map((row) => row[column]?.length ?? 0))
  )
  return all
    .map((row) =>
      row
        .map((cell, column) =>
          column === 1 ? cell.padStart(widths[column] ?? 0) : cell.padEnd(widths[column] ?? 0)
        )
        .join('  ')
        .trimEnd()
    )
    .join('\n')
}
