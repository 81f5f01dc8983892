import { describe, expect, test } from '@jest/globals'
import { careTasks, library, packs } from '../../data'
import { addDays } from '../calendar'
import { itemHours } from '../hours'
import type { CareDone, Supply, Workspace } from '../workspace'
import { supplyLines, type SupplyLine } from '.'
import { BESIDE_A_SAW, TODAY, build, item, items, worldWith } from '../../tests/helpers/workspaces'
import { planOf } from '../../tests/helpers/against'

const KIT = [
  ...items(...BESIDE_A_SAW),
  item('circular-saw', { id: 'saw', cost: 9000 }),
  item('saw-blade', { id: 'blade', tier: 'weekend' })
]
const ID = 'planter'
const planned = (change: Partial<Workspace> = {}) => {
  const world = worldWith({ items: KIT, builds: [build(ID)], ...change })
  const begin = addDays(TODAY, 14)
  const plan = planOf(world.workspace, {
    builds: [
      {
        build: ID,
        begin,
        done: addDays(begin, 20),
        work: [{ stage: begin, minutes: 600 }],
        methods: {},
        material: 0
      }
    ]
  })
  return { world, plan }
}
const lineOf = (what: string, change: Partial<Workspace> = {}): SupplyLine | undefined => {
  const made = planned(change)
  return supplyLines(made.world, made.plan, itemHours(made.world), {
    sizes: packs,
    tasks: careTasks
  }).find((one) => one.what === what)
}
const count = (what: string, amount: number): Supply => ({
  id: `s-${what}`,
  what,
  kind: 'count',
  on: TODAY,
  amount
})

describe('what the builds ahead use up', () => {
  const made = library.templates.get(ID)
  const need = made?.materials.find(({ material }) => material === 'screws')?.quantity ?? 0

  test('what is not there runs out at the first build that needs it, and is bought by its beginning', () => {
    const line = lineOf('screws')
    expect(need).toBeGreaterThan(0)
    expect(line).toMatchObject({ have: 0, known: false, short: need })
    expect(line?.runsOut?.build).toBe(ID)
    expect(line?.buy?.amount).toBeGreaterThanOrEqual(need)
  })

  test('a counted box that holds it suffices; half of it does not', () => {
    expect(lineOf('screws', { supplies: [count('screws', need)] })).toMatchObject({
      short: 0,
      runsOut: undefined,
      buy: undefined
    })
    expect(lineOf('screws', { supplies: [count('screws', need / 2)] })?.short).toBeCloseTo(
      need / 2,
      12
    )
  })

  test('a user’s own price makes all sizes dearer alike', () => {
    const own = lineOf('screws', { materialPrices: [{ material: 'screws', price: 1234 }] })
    expect(own?.cost).toBe(1234)
  })

  test('oil too old by then is there and of no use', () => {
    expect(made?.materials.some(({ material }) => material === 'oil')).toBe(true)
    const line = lineOf('oil', { supplies: [{ ...count('oil', 3), on: addDays(TODAY, -800) }] })
    expect(line).toMatchObject({ have: 3, isOld: true })
    expect(line?.runsOut?.build).toBe(ID)
  })
})

describe('blades', () => {
  const life = library.tools.get('saw-blade')?.lifeHours?.weekend ?? 0
  const logged = (hours: number) =>
    build(ID, {
      id: 'done',
      log: {
        begun: addDays(TODAY, -60),
        done: addDays(TODAY, -30),
        minutesSpent: hours * 60,
        shared: { book: {}, ways: {}, items: { saw: hours * 60 } }
      }
    })

  test('last as long as the library says, less what the saw has run', () => {
    const line = lineOf('saw-blade', { builds: [logged(10), build(ID)] })
    expect(line?.have).toBeCloseTo(life - 10, 6)
  })

  test('a new one put in begins anew, and spare ones come on top until they are put in', () => {
    const put: CareDone = {
      kind: 'care',
      id: 'k',
      item: 'saw',
      task: 'round-blade',
      on: addDays(TODAY, -10),
      atMinutes: 10 * 60
    }
    const builds = [logged(12), build(ID)]
    expect(lineOf('saw-blade', { builds, upkeep: [put] })?.have).toBeCloseTo(life - 2, 6)
    const two = { ...count('saw-blade', 2), kind: 'in' as const, on: addDays(TODAY, -20) }
    expect(lineOf('saw-blade', { builds, upkeep: [put], supplies: [two] })?.have).toBeCloseTo(
      life - 2 + life,
      6
    )
  })
})
