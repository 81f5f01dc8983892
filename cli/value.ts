import type { PlanValue } from '../core/plan'

const WIDTH = 14

/** A plan's value, minor units: the whole, and each term that is not nothing. */
export const valueLines = ({ total, ...terms }: PlanValue): string[] => [
  `${'value'.padEnd(WIDTH)} ${total.toFixed(2)} minor units at today's worth`,
  ...Object.entries(terms as Readonly<Record<string, number>>)
    .filter(([, figure]) => figure !== 0)
    .map(([term, figure]) => `  ${term.padEnd(WIDTH - 2)} ${figure.toFixed(2)}`)
]
