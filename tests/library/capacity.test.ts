import { describe, expect, test } from '@jest/globals'
import {
  specsOf,
  type Method,
  type SpecRule,
  type Step,
  type StockSize
} from '../../core/catalogue'
import { fitContext, fitMethod, makeKit, reach, type KitTool } from '../../core/fit'
import { library } from '../../data'
import { worldWith } from '../helpers/workspaces'

/** Every capacity rule of every method and every limit of its own, from both sides. */
const context = fitContext(worldWith())
const A_LITTLE = 0.5

const entryOf = (id: string): KitTool => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  return {
    tool,
    tier: 'weekend',
    condition: 'new',
    power: tool.forms[0]?.power ?? 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 8
  }
}
const everything = [...library.tools.keys()].map(entryOf)
const stepOf = (method: Method, stock: StockSize): Step => ({
  id: 's',
  operation: method.operation,
  quantity: 1,
  stock
})

interface Case {
  readonly method: Method
  readonly role: string
  readonly rule: SpecRule
  readonly tool: string
}

/** Each rule that a size of the stock decides, with a tool that has the measure. */
const cases: Case[] = [...library.methods.values()].flatMap((method) =>
  method.roles.flatMap(({ role, rules }) =>
    rules.flatMap((rule) =>
      rule.bound.stock === undefined
        ? []
        : (library.toolsFor.get(role) ?? [])
            .filter(({ specs }) => specs[rule.spec] !== undefined)
            .map(({ id }) => ({ method, role, rule, tool: id }))
    )
  )
)

/** The stock's size at which a tool just still meets a rule. */
function limitOf({ rule, tool }: Case): number {
  const { times = 1, plus = 0 } = rule.bound
  return ((library.tools.get(tool)?.specs[rule.spec] ?? 0) - plus) / times
}

describe('a tool meets a capacity rule up to its measure, and no further without a work-around', () => {
  test('there are rules to look at', () => expect(cases.length).toBeGreaterThan(80))
  test.each(
    cases.map((one) => [`${one.method.id}, ${one.rule.spec} of ${one.tool}`, one] as const)
  )('%s', (_, one) => {
    const need = one.method.roles.find(
      ({ role, rules }) => role === one.role && rules.includes(one.rule)
    )
    const field = one.rule.bound.stock
    if (!need || !field) throw new Error('no such rule')
    const only = { ...need, rules: [one.rule] }
    const limit = limitOf(one)
    const entry = entryOf(one.tool)
    expect(reach(entry, only, { [field]: limit })).toEqual([])
    const beyond = reach(entry, only, { [field]: limit + A_LITTLE })
    if (one.rule.otherwise) expect(beyond).toMatchObject([{ tool: one.tool, spec: one.rule.spec }])
    else expect(beyond).toBeUndefined()
  })
})

describe('a work-around reaches as far as it says and costs what it says', () => {
  const around = cases.filter(({ rule }) => rule.otherwise !== undefined)
  test.each(around.map((one) => [`${one.method.id}, ${one.tool}`, one] as const))(
    '%s',
    (_, one) => {
      const { otherwise, bound, spec } = one.rule
      const field = bound.stock
      if (!otherwise || !field) throw new Error('no work-around')
      const { times = 1, plus = 0 } = bound
      const furthest =
        ((library.tools.get(one.tool)?.specs[spec] ?? 0) * otherwise.reach - plus) / times
      const only = { role: one.role, count: 1, rules: [one.rule] }
      expect(reach(entryOf(one.tool), only, { [field]: furthest })).toHaveLength(1)
      expect(reach(entryOf(one.tool), only, { [field]: furthest + A_LITTLE })).toBeUndefined()
      expect(otherwise.setupMinutes + otherwise.runMinutes).toBeGreaterThan(0)
    }
  )
})

describe('what a method itself cannot do, it cannot do with any tool', () => {
  const limited = [...library.methods.values()].flatMap((method) =>
    (method.limits ?? []).map((limit) => ({ method, limit }))
  )
  test.each(
    limited.map(
      (one) =>
        [`${one.method.id}, ${one.limit.stock} ${one.limit.is} ${one.limit.value}`, one] as const
    )
  )('%s', (_, { method, limit }) => {
    const kit = makeKit(everything)
    const misses = (size: number): string[] =>
      fitMethod(kit, method, stepOf(method, { [limit.stock]: size }), context).misses.map(
        ({ kind }) => kind
      )
    const outside = limit.is === 'atMost' ? limit.value + A_LITTLE : limit.value - A_LITTLE
    expect(misses(limit.value)).not.toContain('limit')
    expect(misses(outside)).toContain('limit')
  })
})
