import { describe, expect, test } from '@jest/globals'
import { Weighing, partsOf, weightRange } from '../../core/weigh'
import {
  adoptSchool,
  blend,
  followsSchool,
  leaveSchool,
  schoolWeights,
  takeSide,
  weightsOf,
  worldOf,
  WEIGHTS,
  type Workspace
} from '../../core/workspace'
import type { Dispute, Side } from '../../core/catalogue'
import { crossCheck, readWorkspace, writeWorkspace } from '../../core/formats'
import { schoolOutcome } from '../../core/scenarios'
import { disputes, library, schools } from '../../data'
import {
  build,
  demo,
  demoWorld,
  emptyWorkspace,
  funds,
  items,
  worldWith
} from '../helpers/workspaces'

const BASICS = [
  'tape',
  'rafter-square',
  'hammer',
  'screwdrivers',
  'safety-glasses',
  'ear-muffs',
  'half-mask',
  'finishing-kit'
] as const
const school = (id: string) => {
  const found = schools.find((one) => one.id === id)
  if (!found) throw new Error(`no school ${id}`)
  return found
}

/** For each school, builds of its kind and what its followers would buy first for them: common practice. */
const FIRSTS: readonly {
  readonly school: string
  readonly owned: readonly string[]
  readonly builds: readonly ReturnType<typeof build>[]
  readonly first: readonly string[]
}[] = [
  {
    school: 'hand-held',
    owned: [...BASICS, 'sawhorses', 'sanding-block'],
    builds: [
      build('potting-bench', { copies: 2 }),
      build('planter', { copies: 3 }),
      build('sheet-stack')
    ],
    first: ['drill-driver', 'circular-saw', 'guide-rail', 'ro-sander', 'f-clamp-600']
  },
  {
    school: 'machine-heart',
    owned: [
      ...BASICS,
      'drill-driver',
      'drill-bits',
      'driver-bits',
      'panel-saw',
      'sawhorses',
      'f-clamp-600',
      'sanding-block'
    ],
    builds: [
      {
        ...build('planter'),
        id: 'boxes',
        copies: 20,
        worthEach: 9000,
        steps: [
          {
            id: 's1',
            operation: 'rip',
            quantity: 6,
            stock: { lengthMm: 1200, widthMm: 90, thicknessMm: 20 },
            accuracyMm: 3
          },
          {
            id: 's2',
            operation: 'crosscut',
            quantity: 16,
            stock: { lengthMm: 400, widthMm: 90, thicknessMm: 20 },
            accuracyMm: 3.5
          }
        ]
      }
    ],
    first: ['table-saw', 'crosscut-sled']
  },
  {
    school: 'gentle-start',
    owned: [...BASICS, 'sanding-block'],
    builds: [
      build('coat-bench'),
      build('planter', { copies: 2 }),
      build('bird-box', { copies: 3 })
    ],
    first: ['jigsaw', 'mitre-box', 'mitre-saw', 'drill-driver', 'pocket-jig']
  },
  {
    school: 'quiet-pull',
    owned: ['tape', 'screwdrivers', 'finishing-kit', 'sanding-block'],
    builds: [build('tea-box', { copies: 4 }), build('picture-ledge', { copies: 3 })],
    first: [
      'pull-saw',
      'pull-back-saw',
      'chisels',
      'pull-chisels',
      'pull-plane',
      'smoothing-plane',
      'rafter-square',
      'try-square',
      'combination-square',
      'sharpening-stone',
      'mallet',
      'scraper'
    ]
  },
  {
    school: 'quiet-push',
    owned: ['tape', 'screwdrivers', 'finishing-kit', 'sanding-block'],
    builds: [build('tea-box', { copies: 4 }), build('picture-ledge', { copies: 3 })],
    first: [
      'fold-bench',
      'workbench',
      'back-saw',
      'dovetail-saw',
      'panel-saw',
      'jack-plane',
      'chisels',
      'brace',
      'hand-drill'
    ]
  },
  {
    school: 'small-room',
    owned: [
      ...BASICS,
      'panel-saw',
      'drill-driver',
      'drill-bits',
      'driver-bits',
      'sanding-block',
      'foam-sheet'
    ],
    builds: [build('peg-rail', { copies: 3 }), build('side-table')],
    first: [
      'drill-guide',
      'pipe-clamp-900',
      'parallel-clamp-600',
      'guide-rail',
      'long-straight-edge',
      'fold-bench',
      'f-clamp-600',
      'drill-block'
    ]
  },
  {
    school: 'rough-lumber',
    owned: [
      ...BASICS,
      'panel-saw',
      'sawhorses',
      'jack-plane',
      'sharpening-stone',
      'workbench',
      'marking-gauge',
      'chip-extractor',
      'drill-driver',
      'drill-bits'
    ],
    builds: [
      {
        ...build('floating-shelf'),
        id: 'shelves',
        copies: 8,
        worthEach: 24_000,
        materials: [{ material: 'hardwood-board', quantity: 8 }],
        steps: [
          {
            id: 's',
            operation: 'crosscut',
            quantity: 4,
            stock: { widthMm: 145, thicknessMm: 22 },
            accuracyMm: 3.5
          }
        ]
      }
    ],
    first: ['table-saw', 'band-saw', 'thicknesser', 'jointer', 'combined-planer']
  },
  {
    school: 'shape-curve',
    owned: [...BASICS, 'panel-saw', 'drill-driver', 'drill-bits', 'sanding-block', 'f-clamp-600'],
    builds: [
      {
        ...build('serving-tray'),
        id: 'boards',
        copies: 10,
        steps: [
          {
            id: 's1',
            operation: 'cut-curve',
            quantity: 2,
            stock: { lengthMm: 500, widthMm: 250, thicknessMm: 30 }
          },
          { id: 's2', operation: 'profile-edge', quantity: 1.5, stock: { thicknessMm: 30 } }
        ]
      }
    ],
    first: ['band-saw', 'band-saw-small', 'trim-router', 'plunge-router']
  },
  {
    school: 'earn-back',
    owned: [...BASICS, 'panel-saw', 'drill-driver', 'drill-bits', 'sanding-block'],
    builds: [
      build('dining-table'),
      build('hive-box', { copies: 12, sale: { netEach: 7000, daysToSell: 20 } })
    ],
    first: []
  }
]

const followed = (
  id: string,
  owned: readonly string[],
  builds: readonly ReturnType<typeof build>[]
) => {
  const world = worldWith({ ...funds(60_000, 20_000), items: items(...owned), builds: [...builds] })
  return worldOf(
    adoptSchool(world.workspace, library, world.pricing.minorPer100Points, school(id)),
    library,
    world.asOf
  )
}

describe('the nine schools', () => {
  test('are the nine of the trade, each with its argument, what it gives up, and tools the library knows', () => {
    expect(schools).toHaveLength(9)
    for (const { argument, givesUp, firstMoney, leanings, bans, noMotorsBut } of schools) {
      for (const text of [argument, givesUp, firstMoney]) expect(text.length).toBeGreaterThan(5)
      for (const id of [...leanings.map(({ tool }) => tool), ...bans, ...(noMotorsBut ?? [])])
        expect([id, library.tools.has(id)]).toEqual([id, true])
    }
  })
  test('their weights lie within the ranges of the sliders', () => {
    const range = weightRange(12_000)
    for (const one of schools)
      for (const weight of WEIGHTS)
        expect(schoolWeights(one, 12_000)[weight]).toBeLessThanOrEqual(range[weight])
  })
  test.each(
    FIRSTS.filter(({ first }) => first.length > 0).map((one) => [one.school, one] as const)
  )(
    '%s: the first purchase is one its followers would make (common practice)',
    (id, { owned, builds, first }) => {
      const [top] = new Weighing(followed(id, owned, builds)).rank().candidates
      expect(first).toContain(top?.lead.buyable.entry.tool.id)
    }
  )
  test('earn it back: what opens the piece for sale comes before what opens the table for the house', () => {
    const one = FIRSTS.find(({ school: id }) => id === 'earn-back')
    const [top] = new Weighing(followed('earn-back', one?.owned ?? [], one?.builds ?? [])).rank()
      .candidates
    expect(top?.effects.some(({ build: effect }) => effect === 'hive-box')).toBe(true)
  })
  test('the quiet schools buy nothing with a motor but what they name', () => {
    for (const id of ['quiet-pull', 'quiet-push']) {
      const world = followed(
        id,
        ['tape', 'finishing-kit'],
        [build('tea-box'), build('bookcase'), build('side-table')]
      )
      for (const candidate of new Weighing(world).rank().candidates)
        for (const {
          buyable: { entry }
        } of partsOf(candidate))
          expect(
            entry.power === 'hand' ||
              entry.tool.kind !== 'tool' ||
              (school(id).noMotorsBut ?? []).includes(entry.tool.id)
          ).toBe(true)
    }
  })
  test('taking up a school and leaving it gives back everything as it was', () => {
    for (const name of ['hive-yard', 'third-floor', 'half-a-garage'] as const)
      for (const one of schools) {
        const before = demo(name)
        const under = adoptSchool(before, library, 12_000, one)
        expect(followsSchool(under, one, 12_000)).toBe(true)
        expect(leaveSchool(under)).toEqual(before)
        const [next] = schools
        if (next) expect(leaveSchool(adoptSchool(under, library, 12_000, next))).toEqual(before)
      }
  })
  test('one’s own bans and limits of comfort stay in force under a school', () => {
    const own = {
      ...emptyWorkspace(),
      bans: [{ kind: 'tool' as const, id: 'jigsaw' }],
      workshop: { volts: 230 as const, comfort: { 'hand-blade': 0 as const } }
    }
    const under = adoptSchool(own, library, 12_000, school('gentle-start'))
    expect(under.bans).toContainEqual({ kind: 'tool', id: 'jigsaw' })
    expect(under.workshop.comfort).toMatchObject({ 'hand-blade': 0, 'router-bit': 1 })
  })
  test('a blend lies between its two, and at its ends is one of them', () => {
    const [a, b] = [school('hand-held'), school('machine-heart')]
    expect(blend(a, b, 0, 'x', 'x').weights).toEqual(a.weights)
    expect(blend(a, b, 1, 'x', 'x').weights).toEqual(b.weights)
    expect(blend(a, b, 0.5, 'x', 'x').weights.time).toBe((a.weights.time + b.weights.time) / 2)
  })
  test('followed on a demo, each spends within the money and opens builds; the quiet one is the quietest', () => {
    const world = demoWorld('half-a-garage')
    const outcomes = ['hand-held', 'machine-heart', 'quiet-push'].map((id) =>
      schoolOutcome(world, school(id))
    )
    for (const { builds, clash, order } of outcomes)
      expect([builds.length > 0, clash, order.length > 0]).toEqual([true, false, true])
    expect(outcomes[2]?.loudMinutes).toBeLessThanOrEqual(
      Math.min(outcomes[0]?.loudMinutes ?? 0, outcomes[1]?.loudMinutes ?? 0)
    )
  })
})

describe('disputes', () => {
  test('carry the open ones of the trade, with two sides at least, of tools the library knows, and none is decided', () => {
    expect(disputes.length).toBeGreaterThanOrEqual(11)
    expect(emptyWorkspace().preferences.sides).toBeUndefined()
    for (const { sides } of disputes) {
      expect(sides.length).toBeGreaterThanOrEqual(2)
      for (const { leanings, bans, argument } of sides) {
        expect(argument.length).toBeGreaterThan(5)
        for (const id of [...leanings.map(({ tool }) => tool), ...bans])
          expect([id, library.tools.has(id)]).toEqual([id, true])
      }
    }
  })
  test('taking a side, changing it and taking none leaves no trace but what is in force', () => {
    const dispute = disputes.find(({ id }) => id === 'mitre-saw')
    if (!dispute) throw new Error('no dispute')
    const start = emptyWorkspace()
    const no = takeSide(start, library, dispute, 'no')
    expect(no.bans.map(({ id }) => id)).toEqual(['mitre-saw', 'mitre-saw-small', 'mitre-saw-large'])
    const yes = takeSide(no, library, dispute, 'yes')
    expect([yes.bans, yes.preferences.leanings]).toEqual([[], dispute.sides[0]?.leanings])
    const none = takeSide(yes, library, dispute, undefined)
    expect([none.bans, none.preferences.leanings, none.preferences.sides]).toEqual([[], [], {}])
    expect(weightsOf(none)).toEqual(weightsOf(start))
  })
})

describe('a side that is left takes nothing of the user’s along and leaves nothing of its own', () => {
  const start = emptyWorkspace({
    bans: [{ kind: 'tool', id: 'jigsaw' }],
    preferences: {
      ...emptyWorkspace().preferences,
      power: 'corded',
      tier: 'weekend',
      leanings: [{ tool: 'pull-saw', times: 2 }]
    }
  })
  const side = (id: string, change: Partial<Side>): Side => ({
    id,
    name: id,
    argument: '',
    leanings: [],
    bans: [],
    ...change
  })
  const dispute: Dispute = {
    id: 'how',
    question: '',
    sides: [
      side('cheap', {
        power: 'cordless',
        tier: 'get-by',
        condition: 'used',
        bans: ['jigsaw', 'belt-sander'],
        leanings: [{ tool: 'pull-saw', times: 0.5 }]
      }),
      side('dear', { tier: 'trade' })
    ]
  }
  const settings = ({ bans, preferences: { power, tier, condition, leanings } }: Workspace) => ({
    bans,
    power,
    tier,
    condition,
    leanings
  })
  test('power, tier, condition, leanings and the user’s own ban come back', () => {
    const taken = takeSide(start, library, dispute, 'cheap')
    expect(settings(taken)).toMatchObject({ power: 'cordless', tier: 'get-by', condition: 'used' })
    expect(settings(takeSide(taken, library, dispute, undefined))).toEqual(settings(start))
    const other = takeSide(taken, library, dispute, 'dear')
    expect(settings(other)).toEqual({ ...settings(start), tier: 'trade' })
    expect(settings(takeSide(other, library, dispute, undefined))).toEqual(settings(start))
    expect(crossCheck(taken, library)).toEqual([])
    const read = readWorkspace(writeWorkspace(taken), library)
    expect(read.ok && read.value.workspace.preferences.beforeSides).toEqual(
      taken.preferences.beforeSides
    )
  })
  test('what was changed by hand meanwhile stays, and what a school had put aside is freed as well', () => {
    const taken = takeSide(start, library, dispute, 'cheap')
    const byHand = { ...taken, preferences: { ...taken.preferences, power: 'cheapest' as const } }
    expect(takeSide(byHand, library, dispute, undefined).preferences.power).toBe('cheapest')
    const [school] = schools
    if (!school) throw new Error('no school')
    const taught = adoptSchool(taken, library, 12_000, school)
    const left = leaveSchool(takeSide(taught, library, dispute, undefined))
    expect([left.bans, left.preferences.power]).toEqual([start.bans, 'corded'])
  })
})
