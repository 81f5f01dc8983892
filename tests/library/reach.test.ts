import { describe, expect, test } from '@jest/globals'
import {
  indexLibrary,
  specsOf,
  tierPrice,
  type Companion,
  type Library,
  type Method,
  type Step,
  type Tier,
  type Tool
} from '../../core/catalogue'
import {
  cleanUpStep,
  fitContext,
  fitStep,
  makeKit,
  reach,
  withParts,
  type KitTool
} from '../../core/fit'
import { library } from '../../data'
import { worldWith } from '../helpers/workspaces'

/**
 * Each method has to be the best one for some template and some kit people can afford, or it is there to fill a number. The kits are
 * put together here from the library's tables alone, without the search for ways in.
 */
const AFFORDABLE_POINTS = 2000

const entry = (tool: Tool, tier: Tier, count: number): KitTool => ({
  tool,
  tier,
  condition: 'new',
  power: tool.forms[0]?.power ?? 'hand',
  specs: specsOf(tool, tier),
  count
})
const points = ({ tool, tier, count }: KitTool): number =>
  tool.madeBy === undefined ? (tool.forms[0]?.points ?? 0) * tierPrice(tool, tier) * count : 0
const cheapest = (ids: readonly string[]): Tool | undefined =>
  ids
    .flatMap((id) => library.tools.get(id) ?? [])
    .sort((a, b) => (a.forms[0]?.points ?? 0) - (b.forms[0]?.points ?? 0))[0]
const needed = (tool: Tool, operation: string): Companion[] =>
  tool.companions.filter(
    ({ kind, operation: only }) =>
      kind === 'needed' || (kind === 'needed-for' && only === operation)
  )

/** What a method needs for a step, each role played by its cheapest tool in a tier, with companions and protection. */
function kitFor(
  method: Method,
  step: Step,
  tier: Tier,
  marking: readonly string[]
): KitTool[] | undefined {
  const tools: KitTool[] = []
  const add = (tool: Tool, count: number): void => {
    const present = tools.findIndex((one) => one.tool.id === tool.id)
    if (present < 0) tools.push(entry(tool, tier, count))
    else tools[present] = entry(tool, tier, Math.max(count, tools[present]?.count ?? 0))
  }
  for (const need of method.roles) {
    const players = (library.toolsFor.get(need.role) ?? []).filter(
      (tool) => reach(entry(tool, tier, 1), need, step.stock) !== undefined
    )
    const tool = cheapest(players.map(({ id }) => id))
    if (!tool) return undefined
    add(tool, need.count)
  }
  for (const id of marking) add(library.tools.get(id) as Tool, 1)
  for (let i = 0; i < tools.length; i++) {
    const { tool } = tools[i] as KitTool
    for (const companion of needed(tool, method.operation)) {
      const other = cheapest(companion.anyOf)
      if (
        !companion.anyOf.some((id) =>
          tools.some((one) => one.tool.id === id && one.count >= companion.count)
        ) &&
        other
      )
        add(other, companion.count)
    }
    for (const protection of [...tool.needs, ...(method.protection ?? [])]) {
      const gear = cheapest((library.protectionFor.get(protection) ?? []).map(({ id }) => id))
      if (!tools.some((one) => one.tool.protects.includes(protection)) && gear) add(gear, 1)
    }
  }
  return tools
}

/** Steps of finer pieces that no template asks for, as a careful maker writes them. */
const FINE: readonly Step[] = (
  [
    ['bore-row', 48, [1800, 300, 18]],
    ['bore-row', 24, [700, 300, 18]],
    ['clear-up', 1, [0, 0, 0]],
    ['gauge-lines', 16, [0, 100, 22]],
    ['hold', 4, [0, 0, 45]],
    ['mark-square', 6, [0, 110, 12]],
    ['mark-angle', 4, [0, 110, 12]],
    ['plug', 40, [0, 0, 0]],
    ['taper', 2.4, [600, 45, 45]],
    ['turn', 2, [240, 60, 60]],
    ['turn', 1, [60, 40, 40]],
    ['flatten', 1.6, [1100, 120, 30]],
    ['flatten', 6, [1000, 160, 27]],
    ['glue-up-panel', 1, [1100, 600, 27]],
    ['support-sheet', 1, [2440, 1220, 18]],
    ['support-sheet', 4, [1200, 300, 18]],
    ['veneer', 0.5, [800, 600, 18]],
    ['veneer', 4, [800, 600, 18]],
    ['stain', 0.4, [0, 0, 0]],
    ['stain', 5, [0, 0, 0]],
    ['bend', 2, [600, 20, 3]],
    ['groove-edge', 60, [900, 60, 20]],
    ['hold', 1, [0, 0, 20]],
    ['finish', 9, [0, 0, 0]]
  ] as const
).flatMap(([operation, quantity, [lengthMm, widthMm, thicknessMm]]) =>
  [undefined, 0.6, 0.4, 0.25].map((accuracyMm, n): Step => ({
    id: `fine-${operation}-${n}`,
    operation,
    quantity,
    stock: {
      ...(lengthMm > 0 ? { lengthMm } : {}),
      ...(widthMm > 0 ? { widthMm } : {}),
      ...(thicknessMm > 0 ? { thicknessMm } : {})
    },
    ...(accuracyMm === undefined ? {} : { accuracyMm })
  }))
)

const steps = [...library.data.templates, { steps: FINE }].flatMap(({ steps: own }) =>
  own.flatMap((step) => {
    const after =
      step.surface !== undefined || step.accuracyMm !== undefined
        ? cleanUpStep(library, step)
        : undefined
    return [...withParts(library, step), ...(after ? [after] : []), ...careful(step)]
  })
)
/** The same step as a careful maker asks it: half the error. */
function careful(step: Step): Step[] {
  return step.accuracyMm === undefined ? [] : [{ ...step, accuracyMm: step.accuracyMm / 2 }]
}
const context = fitContext(worldWith())
const MARKING: readonly (readonly string[])[] = [[], ['combination-square'], ['try-square']]

function isBestSomewhere(method: Method, known: Library = library): boolean {
  const seen = new Set<string>()
  for (const step of steps.filter(({ operation }) => operation === method.operation)) {
    const key = JSON.stringify([step.stock, step.accuracyMm, step.surface, step.quantity])
    if (seen.has(key)) continue
    seen.add(key)
    for (const tier of ['weekend', 'trade'] as const)
      for (const marking of step.accuracyMm === undefined ? [[]] : MARKING) {
        const tools = kitFor(method, step, tier, marking)
        if (!tools || tools.reduce((sum, one) => sum + points(one), 0) > AFFORDABLE_POINTS) continue
        const kit = makeKit(tools)
        for (const time of [0, 1500])
          for (const copies of [1, 8])
            if (
              fitStep(
                { ...context, library: known, weights: { ...context.weights, time } },
                kit,
                step,
                {
                  id: 'b',
                  name: 'b',
                  copies,
                  materials: [],
                  steps: [step]
                }
              ).usable[0]?.method === method
            )
              return true
      }
  }
  return false
}

/** What something else than the clock decides: of what a wall is built, and whether the piece is sold. */
const NOT_BY_THE_CLOCK = new Set([
  'fix-to-wall/masonry',
  'fix-to-wall/buyer',
  // It shows twist, which the square alone does not; the clock only knows that it takes longer.
  'check-square/winding-sticks'
])

describe('no method is there to fill a number', () => {
  test.each([...library.operations.keys()])(
    '%s: each of its methods is the best one for some template and some affordable kit',
    (operation) => {
      const idle = (library.methodsFor.get(operation) ?? [])
        // What is made up of other operations has no tools of its own: those stand in its parts.
        .filter((method) => method.parts === undefined && !isBestSomewhere(method))
        .map(({ id }) => id)
        .filter((id) => !NOT_BY_THE_CLOCK.has(id))
      expect(idle).toEqual([])
    }
  )
  test('an idle method would be noticed', () => {
    const tape = library.methods.get('measure/tape') as Method
    const slow = { ...tape, id: 'measure/slow', runMinutes: 60 }
    const quick = { ...tape, id: 'measure/quick', runMinutes: 0.1 }
    const wider = indexLibrary({ ...library.data, methods: [...library.data.methods, slow, quick] })
    expect([isBestSomewhere(slow, wider), isBestSomewhere(quick, wider)]).toEqual([false, true])
  })
})
