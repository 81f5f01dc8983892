import fc from 'fast-check'
import { indexLibrary, type Library, type Method, type Step, type Tool } from '../../core/catalogue'
import { worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { TODAY, emptyWorkspace, funds } from './workspaces'
import type { Build } from '../../core/builds'

/** Small random trades: a few operations, methods and tools, so that everything can be tried out by enumeration. */
export interface Mini {
  readonly library: Library
  readonly world: World
}

export const plainTool = (
  id: string,
  roles: readonly string[],
  points: number,
  needs: Tool['needs'],
  companion: string | undefined
): Tool => ({
  id,
  name: id,
  aliases: [],
  group: 'accessories',
  kind: 'accessory',
  roles,
  specs: {},
  forms: [{ power: 'hand', points }],
  lifeHours: null,
  storedM2: 0,
  companions:
    companion === undefined ? [] : [{ anyOf: [companion], count: 1, kind: 'needed', why: '' }],
  hazard: null,
  needs,
  protects: []
})
export const plainMethod = (
  id: string,
  operation: string,
  roles: readonly string[],
  minutes: number
): Method => ({
  id,
  operation,
  name: id,
  form: 'hand',
  roles: roles.map((role) => ({ role, count: 1, rules: [] })),
  setupMinutes: 0,
  runMinutes: minutes,
  accuracyMm: 0.1,
  marked: false,
  surface: 'clean',
  hazard: null,
  soundDbA: 60,
  dust: 'none'
})

const OPERATIONS = ['o0', 'o1', 'o2', 'o3']
const ROLES = ['r0', 'r1', 'r2', 'r3', 'r4', 'r5']
const TOOLS = 8

const methodShape = fc.record({
  roles: fc.uniqueArray(fc.constantFrom(...ROLES), { minLength: 1, maxLength: 2 }),
  minutes: fc.integer({ min: 5, max: 120 })
})
const toolShape = fc.record({
  role: fc.uniqueArray(fc.constantFrom(...ROLES), { minLength: 1, maxLength: 2 }),
  points: fc.integer({ min: 1, max: 60 }),
  eyes: fc.boolean(),
  companion: fc.option(fc.integer({ min: 0, max: TOOLS - 1 }), { nil: undefined })
})
const buildShape = fc.record({
  operations: fc.uniqueArray(fc.constantFrom(...OPERATIONS), { minLength: 1, maxLength: 3 }),
  worth: fc.integer({ min: 500, max: 40_000 }),
  copies: fc.integer({ min: 1, max: 3 })
})

export const miniArbitrary = (
  money: fc.Arbitrary<{
    opening: number
    monthly: number
    reserve: number
    minutesPerWeek: number
  }>,
  builds = 4
): fc.Arbitrary<Mini> =>
  fc
    .record({
      methods: fc.array(fc.array(methodShape, { minLength: 1, maxLength: 2 }), {
        minLength: OPERATIONS.length,
        maxLength: OPERATIONS.length
      }),
      tools: fc.array(toolShape, { minLength: TOOLS, maxLength: TOOLS }),
      glasses: fc.integer({ min: 1, max: 20 }),
      builds: fc.array(buildShape, { minLength: 1, maxLength: builds }),
      money
    })
    .map(({ methods, tools, glasses, builds: shapes, money: purse }): Mini => {
      const mini = indexLibrary({
        ...library.data,
        operations: OPERATIONS.map((id, order) => ({ id, name: id, unit: 'piece', order })),
        methods: methods.flatMap((list, o) =>
          list.map((one, k) =>
            plainMethod(`m${o}${k}`, OPERATIONS[o] ?? 'o0', one.roles, one.minutes)
          )
        ),
        tools: [
          ...tools.map((one, i) =>
            plainTool(
              `t${i}`,
              one.role,
              one.points,
              one.eyes ? ['eyes'] : [],
              one.companion === undefined || one.companion >= i ? undefined : `t${one.companion}`
            )
          ),
          {
            ...plainTool('glasses', [], glasses, [], undefined),
            protects: ['eyes'],
            kind: 'protection'
          }
        ],
        templates: [],
        materials: []
      })
      const made = shapes.map((shape, i): Build => ({
        id: `b${i}`,
        name: `b${i}`,
        copies: shape.copies,
        worthEach: shape.worth,
        materials: [],
        steps: shape.operations.map((operation, k): Step => ({
          id: `s${k}`,
          operation,
          quantity: 1,
          stock: {}
        }))
      }))
      const base = funds(purse.opening, purse.monthly)
      const workspace = emptyWorkspace({
        ...base,
        money: { ...base.money, reserve: purse.reserve },
        builds: made,
        time: { minutesPerWeek: purse.minutesPerWeek },
        horizon: { start: TODAY, length: 'month', count: 6 }
      })
      return { library: mini, world: worldOf(workspace, mini, TODAY) }
    })

export const anyMoney = fc.record({
  opening: fc.integer({ min: 0, max: 20_000 }),
  monthly: fc.integer({ min: 0, max: 9000 }),
  reserve: fc.integer({ min: 0, max: 3000 }),
  minutesPerWeek: fc.integer({ min: 0, max: 600 })
})
