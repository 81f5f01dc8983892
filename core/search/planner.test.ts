import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { readPlan, writePlan } from '../formats'
import { makeFitter, type NeedSet, union, EMPTY_SET, costOf } from '../fit'
import {
  DEMO_FILES,
  TODAY,
  build,
  demo,
  demoWorld,
  emptyWorkspace,
  funds,
  item,
  items,
  worldWith
} from '../../tests/helpers/workspaces'
import { anyMoney, miniArbitrary } from '../../tests/helpers/mini'
import { library } from '../../data'
import { change, worldOf } from '../workspace'
import { comfortsOf } from '../worth'
import { evaluate, movePurchase, pinClash, purchaseDays } from '../plan'
import { explainPurchase } from '../explain'
import { makePlan } from '.'

const quick = { evaluations: 1200 }

describe('small random trades', () => {
  test('every plan is accepted by the evaluator, keeps the reserve every day and conserves money', () => {
    fc.assert(
      fc.property(miniArbitrary(anyMoney), ({ world }) => {
        const made = makePlan(world, { evaluations: 1200 })
        if (made.kind === 'clash') throw new Error('there are no pins')
        const { broken, balances, spent } = evaluate(world, made.plan)
        expect(broken).toEqual([])
        const paid =
          [
            ...made.plan.purchases.map(({ date }) => date),
            ...made.plan.builds.filter(({ material }) => material > 0).map(({ begin }) => begin)
          ].sort()[0] ?? '9999-12-31'
        for (const { date, balance } of balances)
          if (date >= paid) expect(balance).toBeGreaterThanOrEqual(world.workspace.money.reserve)
        expect(balances.at(-1)?.balance ?? 0).toBe(
          world.balance + world.receipts.reduce((sum, { amount }) => sum + amount, 0) - spent
        )
      }),
      { numRuns: 80 }
    )
  })
  test('the same plan comes out again, and says the same after a file round trip', () => {
    fc.assert(
      fc.property(miniArbitrary(anyMoney), ({ world }) => {
        const [made, again] = [makePlan(world, quick), makePlan(world, quick)]
        if (made.kind === 'clash' || again.kind === 'clash') throw new Error('there are no pins')
        expect(again.plan).toEqual(made.plan)
        const read = readPlan(writePlan(made.plan))
        if (!read.ok) throw new Error(JSON.stringify(read.issues))
        expect(read.value).toEqual(made.plan)
        expect(evaluate(world, read.value)).toEqual(made.report)
      }),
      { numRuns: 40 }
    )
  })
  test('“buy nothing” is an answer only where no set of builds pays (every subset tried, plenty of money and time)', () => {
    const rich = fc.constant({
      opening: 10_000_000,
      monthly: 0,
      reserve: 0,
      minutesPerWeek: 10_000
    })
    fc.assert(
      fc.property(miniArbitrary(rich, 3), ({ world }) => {
        const { builds } = world.workspace
        const fitter = makeFitter(world)
        let pays = false
        for (let subset = 1; subset < 2 ** builds.length; subset++) {
          const chosen = builds.filter((_, i) => (subset >> i) & 1)
          const ways = chosen.map((one) => fitter.waysIn(one, EMPTY_SET, 12).map(({ set }) => set))
          if (ways.some((list) => list.length === 0)) continue
          const sets = ways.reduce<NeedSet[]>(
            (all, list) => all.flatMap((set) => list.map((other) => union(set, other))),
            [EMPTY_SET]
          )
          const worth = chosen.reduce((sum, one) => sum + (one.worthEach ?? 0) * one.copies, 0)
          // Everything is done within a day or two, so that impatience takes off less than one part in two hundred.
          if (sets.some((set) => worth * 0.995 > costOf(set))) pays = true
        }
        const made = makePlan(world, quick)
        if (pays) expect(made.kind === 'planned' && made.plan.builds.length).toBeGreaterThan(0)
      }),
      { numRuns: 80 }
    )
  })
  test('pins are kept exactly or named as a clash', () => {
    fc.assert(
      fc.property(
        miniArbitrary(anyMoney),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 0, max: 170 })), {
          minLength: 1,
          maxLength: 3
        }),
        ({ world, library: mini }, wanted) => {
          const pins = wanted.map(([tool, day]) => ({
            offer: `t${tool}/weekend/new/buy/hand`,
            count: 1,
            date: new Date(Date.UTC(2026, 4, 4 + day)).toISOString().slice(0, 10)
          }))
          const pinned = worldOf({ ...world.workspace, pins }, mini, TODAY)
          const made = makePlan(pinned, quick)
          if (made.kind === 'clash') {
            expect(made.pins.length).toBeGreaterThan(0)
            // The smallest set: without any one of its pins the rest holds.
            for (const one of made.pins)
              expect(
                pinClash(
                  worldOf(
                    { ...world.workspace, pins: made.pins.filter((other) => other !== one) },
                    mini,
                    TODAY
                  )
                ).pins
              ).toEqual([])
          } else {
            expect(made.report.broken).toEqual([])
            for (const { offer, date } of pins)
              expect(
                made.plan.purchases.some(
                  (purchase) => purchase.offer === offer && purchase.date === date
                )
              ).toBe(true)
          }
        }
      ),
      { numRuns: 60 }
    )
  })
})

describe.each(DEMO_FILES)('demo %s', (name) => {
  const world = demoWorld(name)
  const made = makePlan(world)
  test('has a plan that holds', () => {
    expect(made.kind).toBe('planned')
    if (made.kind === 'planned') expect(made.report.broken).toEqual([])
  })
  test('each purchase can be explained: what it opens, or pinned gear', () => {
    if (made.kind !== 'planned') throw new Error(made.kind)
    const comforts = comfortsOf(world)
    for (const purchase of made.plan.purchases) {
      const reasons = explainPurchase(world, made.plan, purchase)
      const { opens, quickens } = reasons
      // What is worth having by itself, such as a good light, opens nothing.
      const byItself = comforts.has(purchase.offer.split('/')[0] ?? '')
      expect([purchase.offer, byItself || opens.length + quickens.length > 0]).toEqual([
        purchase.offer,
        true
      ])
      for (const { begin } of opens) expect(begin >= purchase.date).toBe(true)
      if (reasons.slackUntil !== undefined)
        expect(
          evaluate(world, movePurchase(world, made.plan, purchase.id, reasons.slackUntil)).broken
        ).toEqual([])
    }
  })
})

describe('what people ask of a plan', () => {
  test('a fixed sum without any income is planned with', () => {
    const made = makePlan(
      worldWith({
        ...funds(30_000, 0),
        items: items('tape', 'rafter-square', 'hammer', 'finishing-kit', 'sanding-block'),
        builds: [build('bird-box', { copies: 5, worthEach: 8000 })]
      })
    )
    expect(made.kind).toBe('planned')
  })
  test('a balance below the reserve buys nothing until money comes in', () => {
    const purse = funds(1000, 20_000)
    const made = makePlan(
      worldWith({
        ...purse,
        money: { ...purse.money, reserve: 5000 },
        items: items('tape', 'rafter-square', 'hammer', 'finishing-kit', 'sanding-block'),
        builds: [build('bird-box', { copies: 5, worthEach: 8000 })]
      })
    )
    if (made.kind !== 'planned') throw new Error(made.kind)
    expect(made.plan.purchases.every(({ date }) => date >= '2026-06-01')).toBe(true)
    expect(made.report.broken).toEqual([])
  })
  test('no builds, a build nothing can make, nothing that pays: each is said', () => {
    expect(makePlan(worldWith(funds(10_000, 0))).kind).toBe('no-builds')
    const giant = {
      ...build('bird-box'),
      id: 'giant',
      worthEach: 1_000_000,
      steps: [
        { id: 's1', operation: 'crosscut', quantity: 1, stock: { widthMm: 9000, thicknessMm: 900 } }
      ]
    }
    const stuck = makePlan(worldWith({ ...funds(10_000, 0), builds: [giant] }))
    expect(stuck.kind === 'nothing-pays' && stuck.unopened).toEqual([
      { build: 'giant', why: 'no-way' }
    ])
    const cheap = makePlan(
      worldWith({ ...funds(1_000_000, 0), builds: [build('blanket-chest', { worthEach: 100 })] })
    )
    expect(cheap.kind === 'nothing-pays' && cheap.unopened[0]?.why).toBe('does-not-pay')
  })
  test('a build begun goes on: its timber is not paid again and only the rest of its hours is planned', () => {
    // Nothing that could be bought makes these hours shorter.
    const steps = [{ id: 's1', operation: 'keep-shop', quantity: 3, stock: {} }]
    const owned = items('tape')
    const whole = worldWith({
      ...funds(0, 0),
      items: owned,
      builds: [build('garage-shelves', { steps })]
    })
    const begun = worldWith({
      ...funds(0, 0),
      items: owned,
      builds: [build('garage-shelves', { steps, log: { begun: TODAY, minutesSpent: 60 } })]
    })
    const [fresh, rest] = [makePlan({ ...whole, balance: 100_000 }), makePlan(begun)]
    if (fresh.kind !== 'planned' || rest.kind !== 'planned') throw new Error('not planned')
    const minutes = (plan: typeof fresh.plan): number =>
      plan.builds.flatMap(({ work }) => work).reduce((sum, share) => sum + share.minutes, 0)
    expect(minutes(fresh.plan) - minutes(rest.plan)).toBe(60)
    expect(rest.plan.builds[0]?.material).toBe(0)
  })
  test('a purchase that was recorded is planned no more, and the plan starts again from the real balance', () => {
    const world = demoWorld('hive-yard')
    const made = makePlan(world)
    if (made.kind !== 'planned') throw new Error(made.kind)
    const [purchase] = made.plan.purchases
    if (!purchase) throw new Error('nothing bought')
    const after = change.recordPurchase(demo('hive-yard'), library, {
      purchase,
      date: TODAY,
      paid: purchase.price + 777,
      itemId: 'i-new',
      entryId: 'e-new'
    })
    const next = worldOf(after, library, TODAY)
    expect(next.balance).toBe(world.balance - purchase.price - 777)
    const again = makePlan(next)
    expect(again.kind === 'planned' && again.report.broken).toEqual([])
    expect(
      again.kind === 'planned' && again.plan.purchases.some(({ offer }) => offer === purchase.offer)
    ).toBe(false)
  })
  test('purchase days are today and the days on which money comes in', () => {
    const world = worldWith({
      ...funds(0, 500),
      horizon: { start: TODAY, length: 'month', count: 3 }
    })
    expect(purchaseDays(world)).toEqual([TODAY, '2026-06-01', '2026-07-01', '2026-08-01'])
  })
  test('space: a plan never hoards more than the floor holds', () => {
    const tight = worldWith({
      ...funds(500_000, 0),
      items: [item('tape')],
      builds: [build('blanket-chest', { worthEach: 500_000 })],
      workshop: { volts: 230, floorM2: 0.001, comfort: {} }
    })
    const made = makePlan(tight, quick)
    expect(made.kind === 'clash' || made.report.broken.length === 0).toBe(true)
    expect(emptyWorkspace().workshop.floorM2).toBeUndefined()
  })
})
