import {
  shapeOf,
  arranged,
  clashesOf,
  layoutCost,
  type FloorPlan,
  type Shape,
  type Standing
} from '../../core/workshop'
import { library } from '../../data'
import { gearOf, workingDay, type SittingWork } from '../../core/fit'
import { median, timed, under, type Figure } from './figures'

/** A single garage with a boiler, a bench and a gate, and fourteen things that stand on its floor. */
const P = (xMm: number, yMm: number) => ({ xMm, yMm })
const GARAGE: FloorPlan = {
  outline: [P(0, 0), P(6000, 0), P(6000, 3000), P(0, 3000)],
  openings: [
    { id: 'gate', kind: 'gate', wall: 3, fromMm: 250, widthMm: 2500, heightMm: 2100 },
    { id: 'door', kind: 'door', wall: 2, fromMm: 300, widthMm: 850, heightMm: 2000, inward: true }
  ],
  outlets: [
    { id: 'a', wall: 0, atMm: 2000, circuit: '1' },
    { id: 'b', wall: 1, atMm: 1500, circuit: '1' }
  ],
  things: [
    { id: 'boiler', kind: 'boiler', ...P(5700, 300), turn: 0, sides: [600, 600] },
    { id: 'bench', kind: 'bench', ...P(3500, 300), turn: 0, sides: [1500, 600] }
  ],
  stands: []
}
const FOURTEEN = [
  'table-saw',
  'mitre-saw',
  'thicknesser',
  'jointer',
  'band-saw-small',
  'drill-press',
  'vacuum',
  'chip-extractor',
  'router-table',
  'scroll-saw',
  'spindle-sander',
  'drawer-cabinet',
  'mortiser',
  'lathe'
] as const
const RUNS = 3
/** A small room and a coarse grid of places, for layouts that can all be tried. */
const SMALL: FloorPlan = {
  ...GARAGE,
  outline: [P(0, 0), P(2600, 0), P(2600, 2000), P(0, 2000)],
  openings: [],
  outlets: [],
  things: []
}
const ALL_TURNS = [0, 1, 2, 3] as const
/** What stands in it, on how fine a grid, turned how: few enough that each layout can be tried. */
interface Case {
  readonly tools: readonly string[]
  readonly grid: readonly [columns: number, rows: number]
  readonly turns: readonly (0 | 1 | 2 | 3)[]
}
const CASES: readonly Case[] = [
  { tools: ['table-saw', 'drill-press'], grid: [5, 4], turns: ALL_TURNS },
  { tools: ['band-saw-small', 'router-table'], grid: [5, 4], turns: ALL_TURNS },
  { tools: ['drill-press', 'vacuum', 'scroll-saw'], grid: [5, 4], turns: ALL_TURNS },
  {
    tools: ['drill-press', 'vacuum', 'scroll-saw', 'router-table'],
    grid: [2, 2],
    turns: ALL_TURNS
  },
  {
    tools: ['drill-press', 'vacuum', 'scroll-saw', 'router-table', 'spindle-sander'],
    grid: [2, 2],
    turns: [0, 1]
  }
]

const shapesOf = (tools: readonly string[], longest?: number): Shape[] =>
  tools.flatMap((id) => {
    const tool = library.tools.get(id)
    return (tool && shapeOf(tool, longest)) ?? []
  })

function spots(one: Shape, { grid: [columns, rows], turns }: Case): Standing[] {
  return turns.flatMap((turn) => {
    const [w, h] = turn % 2 === 0 ? one.used : [one.used[1], one.used[0]]
    return Array.from({ length: (columns + 1) * (rows + 1) }, (_, k): Standing => ({
      tool: one.tool,
      ...P(
        w / 2 + ((2600 - w) * (k % (columns + 1))) / columns,
        h / 2 + ((2000 - h) * Math.floor(k / (columns + 1))) / rows
      ),
      turn
    }))
  })
}
/** The least that any layout on the coarse grid costs. */
function least(one: Case, shapes: readonly Shape[], stands: readonly Standing[] = []): number {
  const [next, ...rest] = shapes.slice(stands.length)
  if (!next) return layoutCost({ ...SMALL, stands }, shapes)
  return Math.min(
    ...spots(next, one).map((spot) => {
      const partial = [...stands, spot]
      // What clashes already gets no better by what is added.
      return rest.length > 0 &&
        layoutCost({ ...SMALL, stands: partial }, shapes.slice(0, partial.length)) >= 10_000
        ? Infinity
        : least(one, shapes, partial)
    })
  )
}

export function floorFigures(): Figure[] {
  const shapes = shapesOf(FOURTEEN)
  const runs = Array.from({ length: RUNS }, () => timed(() => arranged(GARAGE, shapes)))
  const stands = runs[0]?.result.stands ?? []
  const known = new Map(shapes.map((one) => [one.tool, one]))
  const checks = Array.from(
    { length: 200 },
    () => timed(() => clashesOf({ ...GARAGE, stands }, known)).ms
  )
  const worst = Math.max(
    ...CASES.map((one) => {
      const few = shapesOf(one.tools, 600)
      return arranged(SMALL, few).cost / Math.max(1, least(one, few))
    })
  )
  return [
    under(
      'floor plan: places for 14 tools in a single garage',
      median(runs.map(({ ms }) => ms)),
      'ms',
      2000
    ),
    under('floor plan: clashes of 14 tools, median', median(checks), 'ms', 8),
    under('floor plan: places against all layouts of small cases', worst, 'times', 1.05)
  ]
}

/** A build of sixty steps, all its work in one day. */
export function dayFigures(): Figure[] {
  const methods = [...library.methods.values()].filter(
    ({ service, parts }) => service === undefined && parts === undefined
  )
  const work = Array.from({ length: 60 }, (_, i): SittingWork => {
    const method = methods[(i * 7) % methods.length] ?? methods[0]!
    return {
      step: { id: `s${i}`, operation: method.operation, quantity: 1, stock: {} },
      minutes: 3,
      method: method.id,
      tools: [],
      wear: method.protection ?? [],
      goesOn: false
    }
  })
  const gear = gearOf(new Set(['ear-muffs', 'dust-masks']))
  const air = { volumeM3: 40, changes: 0.5 }
  const times = Array.from(
    { length: 200 },
    () => timed(() => workingDay(library, work, gear, air)).ms
  )
  return [under('a day’s noise and dust, 60 steps', median(times), 'ms', 10)]
}
