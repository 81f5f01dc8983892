import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { build, demo, demoWorld, items, worldWith } from '../../tests/helpers/workspaces'
import { beginningOf } from '../explain'
import { evaluate } from '../plan'
import { makePlan } from '../search'
import { change, worldOf } from '../workspace'
import { dueIn } from '../care'
import { salesFor } from '../prices'
import { Weighing, bargainOf, wantedTools, poweredTools, reasonsFor } from '.'

describe('reasons hang together with the list', () => {
  test.each(['hive-yard', 'third-floor', 'half-a-garage'])(
    '%s: each of the first five opens what it says, step by step, and every part has its reason',
    (name) => {
      const world = demoWorld(name)
      const weighing = new Weighing(world)
      for (const candidate of weighing.rank().candidates.slice(0, 5)) {
        const reasons = reasonsFor(world, weighing.fitter, candidate)
        expect(reasons.because).toHaveLength(1 + candidate.others.length)
        for (const { build: id, opens } of candidate.effects)
          if (opens)
            expect(
              reasons.changes.some(
                (change_) => change_.build === id && change_.before === undefined
              )
            ).toBe(true)
        for (const way of [reasons.cheaper, reasons.hazard?.gentler])
          if (way) expect(way.parts.length).toBeGreaterThan(0)
        if (reasons.cheaper) expect(reasons.cheaper.cost).toBeLessThan(candidate.cost)
        for (const figure of [
          reasons.usesPerYear,
          reasons.perYear.minutes,
          reasons.perYear.fees,
          reasons.perYear.timber
        ])
          expect(Number.isFinite(figure)).toBe(true)
      }
    }
  )
  test('where the plan begins otherwise, it says with what, when and for which builds', () => {
    for (const name of ['hive-yard', 'third-floor', 'half-a-garage']) {
      const world = demoWorld(name)
      const outcome = makePlan(world)
      if (outcome.kind === 'clash') throw new Error('clash')
      const [top] = new Weighing(world).rank().candidates
      if (!top) throw new Error('no candidate')
      const tool = top.lead.buyable.entry.tool.id
      const beginning = beginningOf(
        world,
        outcome.plan,
        tool,
        top.cost,
        top.effects.map(({ build: id }) => id)
      )
      const first = [...outcome.plan.purchases].sort((a, b) => (a.date < b.date ? -1 : 1))[0]
      const same = outcome.plan.purchases.some(
        ({ date, offer }) => date === first?.date && offer.startsWith(`${tool}/`)
      )
      expect(beginning?.kind === 'same').toBe(same)
      if (beginning && beginning.kind !== 'same') expect(beginning.firstDate).toBe(first?.date)
      if (beginning?.kind === 'later')
        expect(
          outcome.plan.purchases.some(
            ({ date, offer }) => date === beginning.date && offer.startsWith(`${tool}/`)
          )
        ).toBe(true)
    }
  })
})

describe('bargains, sales and second thoughts', () => {
  const piece = (tool: string) => ({
    tool,
    tier: 'weekend' as const,
    condition: 'new' as const,
    power: 'corded' as const,
    count: 1
  })
  const bundle = { id: 'my/box', name: 'Box', pieces: [piece('jigsaw'), piece('belt-sander')] }
  const offered = (price: number) =>
    worldWith({
      bundles: [bundle],
      quotes: [
        {
          id: 'q',
          offer: 'my/box',
          date: '2026-05-01',
          price,
          seller: 'other',
          until: '2026-12-31'
        }
      ],
      wishes: ['jigsaw'],
      money: { ...worldWith().workspace.money, minorPer100Points: 12_000 }
    })
  test('only the piece that is wanted counts: a jigsaw of 60 makes a box of 50 a bargain and one of 90 none', () => {
    // 50 points at 120.00 for 100 are 60.00, and the belt sander counts nothing.
    expect(bargainOf(offered(5000), bundle, wantedTools(offered(5000), undefined))).toMatchObject({
      separately: 6000,
      allIn: 5000,
      saves: 1000,
      unwanted: [{ tool: 'belt-sander' }]
    })
    expect(bargainOf(offered(9000), bundle, wantedTools(offered(9000), undefined)).saves).toBe(
      -3000
    )
  })
  test('a sale that is over is not said, one for another tool neither', () => {
    const sale = (id: string, until: string, tools: string[]) => ({
      id,
      name: id,
      from: '2026-05-01',
      until,
      off: 0.2,
      chance: 1,
      tools
    })
    expect(
      salesFor(
        [
          sale('over', '2026-05-02', []),
          sale('all', '2026-05-09', []),
          sale('other', '2026-05-09', ['jointer'])
        ],
        'jigsaw',
        '2026-05-04'
      ).map(({ id }) => id)
    ).toEqual(['all'])
  })
  test('what was slept on comes up on its day, and not once it is owned', () => {
    const asked = (until: string, owned: ReturnType<typeof items>) =>
      worldWith({
        builds: [build('bird-box')],
        items: owned,
        needTests: [{ tool: 'jigsaw', build: 'bird-box', asked: '2026-05-01', until }]
      })
    const kinds = (world: ReturnType<typeof worldWith>): string[] =>
      dueIn(world).map(({ kind }) => kind)
    expect(kinds(asked('2026-05-04', items('tape')))).toContain('slept-on')
    expect(kinds(asked('2026-05-05', items('tape')))).not.toContain('slept-on')
    expect(kinds(asked('2026-05-04', items('tape', 'jigsaw')))).not.toContain('slept-on')
  })
  test('the plan waits for what is slept on, and the judge refuses a plan that does not', () => {
    const workspace = demo('hive-yard')
    const first = makePlan(worldOf(workspace, library, '2026-05-04'))
    const offer =
      first.kind === 'clash'
        ? undefined
        : first.plan.purchases.find((one) => one.offer.startsWith('drill-driver/'))
    expect(offer?.date).toBe('2026-05-04')
    const asked = change.askNeed(workspace, {
      tool: 'drill-driver',
      build: 'peg-rails',
      asked: '2026-05-04',
      until: '2026-06-15'
    })
    const world = worldOf(asked, library, '2026-05-04')
    const waiting = makePlan(world)
    if (waiting.kind === 'clash' || first.kind === 'clash') throw new Error('clash')
    expect(waiting.report.broken).toEqual([])
    for (const { offer: id, date } of waiting.plan.purchases)
      if (id.startsWith('drill-driver/')) expect(date >= '2026-06-15').toBe(true)
    expect(evaluate(world, first.plan).broken.map(({ code }) => code)).toContain(
      'plan.not-slept-on'
    )
  })
  test('a working day’s running is shared among the tools as their builds’ hours are', () => {
    const world = worldWith({
      builds: [
        {
          id: 'b',
          name: 'b',
          copies: 1,
          materials: [],
          steps: [
            { id: 's', operation: 'sand-flat', quantity: 30, stock: {} },
            {
              id: 'c',
              operation: 'cut-curve',
              quantity: 10,
              stock: { thicknessMm: 20, widthMm: 100 }
            }
          ]
        }
      ]
    })
    const tools = poweredTools(
      world,
      ['ro-sander', 'jigsaw'].flatMap((id) => library.tools.get(id) ?? [])
    )
    expect(tools.reduce((sum, { minutesPerDay }) => sum + minutesPerDay, 0)).toBeCloseTo(90, 6)
    expect(tools[0]?.minutesPerDay).toBeGreaterThan(tools[1]?.minutesPerDay ?? 0)
  })
})
