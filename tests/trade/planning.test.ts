import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { EXACT_SIZE, makeFitter } from '../../core/fit'
import { evaluate } from '../../core/plan'
import { makePlan } from '../../core/search'
import { rank } from '../../core/weigh'
import { worldOf, type Workspace, type World } from '../../core/workspace'
import { library } from '../../data'
import { TODAY, build, emptyWorkspace, funds, items } from '../helpers/workspaces'

/** Planning and ranking on the real library, with random builds, kits and money. */
const pieces = library.data.templates.filter(({ kind }) => kind === 'piece').map(({ id }) => id)
const bought = [...library.tools.values()]
  .filter(({ madeBy }) => madeBy === undefined)
  .map(({ id }) => id)

const cases = fc.record({
  templates: fc.uniqueArray(fc.constantFrom(...pieces), { minLength: 1, maxLength: 3 }),
  owned: fc.uniqueArray(fc.constantFrom(...bought), { maxLength: 25 }),
  opening: fc.integer({ min: 0, max: 60_000 }),
  monthly: fc.integer({ min: 0, max: 15_000 }),
  reserve: fc.integer({ min: 0, max: 5000 }),
  minutesPerWeek: fc.integer({ min: 30, max: 600 }),
  amps: fc.option(fc.integer({ min: 4, max: 16 }), { nil: undefined }),
  comfort: fc.constantFrom(0, 1, 2, 3) as fc.Arbitrary<0 | 1 | 2 | 3>
})
type Case = typeof cases extends fc.Arbitrary<infer T> ? T : never

function workspaceOf({
  templates,
  owned,
  opening,
  monthly,
  reserve,
  minutesPerWeek,
  amps,
  comfort
}: Case): Workspace {
  const base = funds(opening, monthly)
  return emptyWorkspace({
    ...base,
    money: { ...base.money, reserve },
    builds: templates.map((id) => build(id)),
    items: items(...owned),
    time: { minutesPerWeek },
    horizon: { start: TODAY, length: 'month', count: 6 },
    workshop: {
      volts: 230,
      ...(amps === undefined ? {} : { circuitAmps: amps }),
      comfort: { 'fixed-blade': comfort, 'hand-blade': comfort }
    }
  })
}
const world = (one: Case): World => worldOf(workspaceOf(one), library, TODAY)

/** Drawn once; a run is repeatable, and another seed tries other workspaces. */
const SEED = 20_261_125

describe('plans of random workspaces', () => {
  test('break no rule, keep above the reserve, buy nothing twice, and come out the same again', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const workspace = workspaceOf(one)
        const there = worldOf(workspace, library, TODAY)
        const outcome = makePlan(there, { evaluations: 1200 })
        if (outcome.kind === 'clash') throw new Error('no pins, yet a clash')
        const report = evaluate(there, outcome.plan)
        expect(report.broken).toEqual([])
        const lowest = Math.min(...report.balances.map(({ balance }) => balance))
        expect(lowest).toBeGreaterThanOrEqual(Math.min(there.balance, one.reserve))
        expect(new Set(outcome.plan.purchases.map(({ id }) => id)).size).toBe(
          outcome.plan.purchases.length
        )
        expect(makePlan(worldOf(workspace, library, TODAY), { evaluations: 1200 })).toEqual(outcome)
      }),
      { numRuns: 8, seed: SEED }
    )
  })
  test('what the first plan finds is never worth less than doing nothing', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const there = world(one)
        const outcome = makePlan(there, { evaluations: 1200 })
        if (outcome.kind === 'clash') return
        const nothing = evaluate(there, { ...outcome.plan, purchases: [], builds: [] })
        expect(outcome.report.value.total).toBeGreaterThanOrEqual(nothing.value.total - 1e-6)
      }),
      { numRuns: 8, seed: SEED }
    )
  })
})

describe('rankings of random workspaces', () => {
  test('do not depend on the order of builds or items, and have no figure that is none', () => {
    fc.assert(
      fc.property(cases, (one) => {
        const workspace = workspaceOf(one)
        const turned = worldOf(
          {
            ...workspace,
            builds: [...workspace.builds].reverse(),
            items: [...workspace.items].reverse()
          },
          library,
          TODAY
        )
        const [first, second] = [rank(world(one)), rank(turned)]
        const figures = ({ candidates }: typeof first): [number, number][] =>
          candidates.map(({ cost, gain }): [number, number] => [cost, gain])
        expect(figures(second).slice(0, 3)).toEqual(figures(first).slice(0, 3))
        for (const { cost, gain, netGain, backPerMoney } of first.candidates) {
          expect([cost, gain, netGain].every(Number.isFinite)).toBe(true)
          expect(Number.isNaN(backPerMoney)).toBe(false)
          expect(cost).toBeGreaterThanOrEqual(0)
        }
      }),
      { numRuns: 8, seed: SEED }
    )
  })
})

describe('ways in for whole builds', () => {
  test('owning a part of a way in makes the rest cost no more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...pieces),
        fc.integer({ min: 0, max: 20 }),
        (template, which) => {
          const empty = worldOf(emptyWorkspace({ items: items('tape') }), library, TODAY)
          const [way] = makeFitter(empty).waysIn(build(template), undefined, 1)
          const parts = [...(way?.set.values() ?? [])].filter(
            ({ buyable }) => buyable.offer?.tier === 'weekend' && buyable.offer.condition === 'new'
          )
          const part = parts[which % Math.max(1, parts.length)]
          if (!way || !part) return
          const owned = items(
            'tape',
            ...Array.from({ length: part.count }, () => part.buyable.entry.tool.id)
          )
          const [rest] = makeFitter(
            worldOf(emptyWorkspace({ items: owned }), library, TODAY)
          ).waysIn(build(template), undefined, 1)
          // Exact up to four purchases; beyond that the best of a fixed number of trials, seen up to 8 % dearer (a garden bench of 17 purchases).
          const allowed = way.set.size <= EXACT_SIZE ? 1 : 1.1
          expect(rest?.cost ?? Infinity).toBeLessThanOrEqual(way.cost * allowed)
        }
      ),
      { numRuns: 30, seed: SEED }
    )
  })
})
