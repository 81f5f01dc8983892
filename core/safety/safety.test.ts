import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { build, demoWorld, item, items, worldWith } from '../../tests/helpers/workspaces'
import { isUse, useMethod, fitContext, kitOf } from '../fit'
import type { Plan, Workspace } from '../workspace'
import { makePlan } from '../search'
import { HAZARDS } from '../catalogue'
import {
  courageOf,
  gentlerWays,
  gentlerWork,
  runOut,
  sheetsOf,
  sheetsOfDay,
  sheetsOfTool,
  wearOf
} from '.'

const method = (id: string) => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}
const tool = (id: string) => library.tools.get(id)!
const shop = (workshop: Partial<Workspace['workshop']>): Partial<Workspace> => ({
  workshop: { volts: 230, comfort: {}, ...workshop }
})
/** A build finished by the ways of a kept plan. */
const done = (ways: Readonly<Record<string, string>>, minutesSpent: number, copies = 1) => {
  const made = build('bird-box', {
    id: 'made',
    copies,
    log: { begun: '2026-02-01', done: '2026-03-01', minutesSpent }
  })
  const plan: Plan = {
    id: 'kept',
    made: '2026-01-01',
    asOf: '2026-01-01',
    until: '2026-12-31',
    libraryVersion: library.version,
    workspaceHash: '',
    purchases: [],
    builds: [{ build: 'made', begin: '2026-02-01', methods: ways }]
  } as unknown as Plan
  return { builds: [made, build('step-stool')], adopted: [plan] }
}

describe('sheets', () => {
  test('the class first, fine dust and chips after, others in the room where a motor runs', () => {
    expect(sheetsOf(method('rip/table-saw'))).toEqual(['fixed-blade', 'dust', 'chips', 'company'])
    expect(sheetsOf(method('sand-flat/random-orbital'))).toContain('dust')
    expect(sheetsOf(method('break-down-sheet/circular-saw'))).toContain('lifting')
    expect(sheetsOf(method('finish/wipe'))).toEqual(['heat'])
    expect(sheetsOf(method('pare/chisel'))).toEqual(['sharp-edge'])
    expect(sheetsOf(method('rip/yard'))).toEqual([])
    expect(sheetsOf(method('measure/tape'))).toEqual([])
  })
  test('of a day each once, of a tool its class and what flies', () => {
    const day = sheetsOfDay([method('rip/table-saw'), method('crosscut/mitre-saw')])
    expect(day).toEqual(['fixed-blade', 'dust', 'chips', 'company'])
    expect(sheetsOfTool(tool('trim-router'))).toEqual(['router-bit', 'chips'])
    expect(sheetsOfTool(tool('tape'))).toEqual([])
  })
  test('every operation and way that is named for a sheet is one of the library', () => {
    const heat = [...library.methods.values()].filter((one) => sheetsOf(one).includes('heat'))
    expect(heat.map(({ operation }) => operation)).toEqual(
      expect.arrayContaining(['finish', 'stain', 'bend', 'band-edge', 'veneer', 'sharpen'])
    )
  })
})

describe('gentler ways', () => {
  test('ripping at the table saw: by hand, by other saws, at the yard last; common practice', () => {
    const ways = gentlerWays(library, method('rip/table-saw')).map((one) => one.method)
    expect(ways).toEqual(expect.arrayContaining(['rip/rip-saw', 'rip/band-saw', 'rip/rail-saw']))
    expect(ways.slice(-2)).toEqual(expect.arrayContaining(['rip/yard']))
    expect(ways).not.toContain('rip/circular-saw-fence')
  })
  test('never more dangerous, and a hand before a motor of the same level', () => {
    for (const one of library.methods.values())
      for (const way of gentlerWays(library, one))
        expect((method(way.method).hazard?.level ?? 0) <= (one.hazard?.level ?? 0)).toBe(true)
    expect(gentlerWays(library, method('cut-dado/trim-router')).map((one) => one.method)).toContain(
      'cut-dado/hand'
    )
    expect(gentlerWays(library, method('measure/tape'))).toEqual([])
  })
  test('by operation: what the builds ask for, or all there is', () => {
    const asked = gentlerWork(library, 'hand-blade', [build('bird-box')])
    expect(asked.map(({ operation }) => operation)).toContain('crosscut')
    expect(asked.length).toBeLessThan(gentlerWork(library, 'hand-blade', []).length)
    for (const { gentler } of asked) expect(gentler).toBeDefined()
  })
})

describe('the ladder of courage', () => {
  test('hours are shared evenly over the ways of the plan a build was made by; worked by hand', () => {
    const world = worldWith({
      ...done({ a: 'crosscut/circular-saw', b: 'bore/drill', c: 'measure/tape' }, 180, 4),
      ...shop({ comfort: { 'hand-blade': 1 } })
    })
    const of = (id: string) => courageOf(world).find(({ hazard }) => hazard === id)!
    expect(courageOf(world).map(({ hazard }) => hazard)).toEqual([...HAZARDS])
    expect([of('hand-blade').hours, of('hand-blade').pieces, of('hand-blade').builds]).toEqual([
      1, 4, 1
    ])
    expect(of('spinning-bit').hours).toBe(1)
    expect(of('router-bit').hours).toBe(0)
  })
  test('the next level is one above what is declared, and opens quicker ways; nothing is raised by itself', () => {
    const world = worldWith({
      items: items('panel-saw', 'sawhorses', 'rafter-square', 'tape'),
      builds: [build('bird-box', { copies: 6 }), build('step-stool')],
      ...shop({ comfort: { 'hand-blade': 1, 'router-bit': 3 } })
    })
    const of = (id: string) => courageOf(world).find(({ hazard }) => hazard === id)!
    expect([of('hand-blade').next, of('router-bit').next, of('fixed-blade').next]).toEqual([
      2,
      undefined,
      undefined
    ])
    expect(of('hand-blade').opens?.steps).toBeGreaterThan(0)
    expect(of('hand-blade').opens?.hours).toBeGreaterThan(0)
    expect(world.workspace.workshop.comfort['hand-blade']).toBe(1)
    const none = worldWith({ ...shop({ comfort: { 'hand-blade': 1 } }) })
    expect(courageOf(none)[2]?.opens).toEqual({ steps: 0, builds: [], hours: 0, operations: [] })
  })
})

describe('who wears what', () => {
  const world = worldWith({
    items: [item('circular-saw'), item('ear-muffs'), item('dust-masks', { tier: 'weekend' })],
    builds: [build('bird-box')]
  })
  test('at each machine what its work asks for; a helper needs a second one', () => {
    const wear = wearOf(world, undefined)
    expect(wear.machines.find((one) => one.tool === 'circular-saw')?.wear).toEqual([
      ...tool('circular-saw').needs
    ])
    expect(wear.owned.map((one) => [one.tool, one.isWorn])).toEqual([
      ['ear-muffs', true],
      ['dust-masks', true]
    ])
    expect(wear.noSpare).toContain('ears')
  })
  test('muffs last, masks are used up after the hours of the library', () => {
    const [muffs, masks] = wearOf(world, undefined).owned
    expect([muffs?.lastsHours, masks?.lastsHours]).toEqual([undefined, 16])
  })
  test('what is not worn protects nobody: the work it was for is not open until another kind is there', () => {
    const saw = method('crosscut/circular-saw')
    const of = (unworn: string[] | undefined) => {
      const kit = items(
        'circular-saw',
        'rafter-square',
        'safety-glasses',
        'half-mask',
        'ear-muffs',
        'sawhorses',
        'tape'
      )
      const there = worldWith({ items: kit, builds: [build('bird-box')], ...shop({ unworn }) })
      const step = there.workspace.builds[0]!.steps.find(
        ({ operation }) => operation === 'crosscut'
      )!
      const kitThere = kitOf(there.library, there.workspace.items)
      const use = useMethod(fitContext(there), kitThere, saw, step, there.workspace.builds[0]!)
      return { protects: kitThere.protects.has('ears'), isUse: isUse(use) }
    }
    expect(of(undefined)).toEqual({ protects: true, isUse: true })
    expect(of(['ear-muffs']).protects).toBe(false)
    expect(of(['ear-muffs']).isUse).toBe(false)
    const unworn = worldWith({ items: items('ear-muffs'), ...shop({ unworn: ['ear-muffs'] }) })
    expect(wearOf(unworn, undefined).owned).toMatchObject([
      { tool: 'ear-muffs', protects: ['ears'], isWorn: false, months: undefined }
    ])
  })
  test('a plan then buys the other kind', () => {
    const base = demoWorld('hive-yard')
    const given = { seed: 1, evaluations: 40 }
    const tools = (unworn: string[] | undefined): string[] => {
      const world = worldWith({
        ...base.workspace,
        workshop: { ...base.workspace.workshop, unworn }
      })
      const outcome = makePlan(world, given)
      return 'plan' in outcome && outcome.plan
        ? outcome.plan.purchases.map(({ offer }) => offer.split('/')[0]!)
        : []
    }
    const usual = tools(undefined)
    const ears = usual.find((one) => one === 'ear-plugs' || one === 'ear-muffs')!
    expect(ears).toBeDefined()
    const other = tools([ears])
    expect(other).not.toContain(ears)
    expect(other.some((one) => one === 'ear-plugs' || one === 'ear-muffs')).toBe(true)
  })
  test('filters are used up by the log, shared over the ways; worked by hand', () => {
    const ways = { a: 'sand-flat/random-orbital', b: 'measure/tape' }
    const with_ = (minutes: number, since = '2026-01-01') =>
      worldWith({ ...done(ways, minutes), items: [item('dust-masks', { since })] })
    // Half of 40 hours asks for lungs: 20 of the 16 they last.
    expect(runOut(with_(2400))).toMatchObject([{ tool: 'dust-masks', hours: 20, lasts: 16 }])
    expect(runOut(with_(1800))).toEqual([])
    expect(runOut(with_(2400, '2026-04-01'))).toEqual([])
  })
})
