import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import type { Build } from '../../core/builds'
import {
  EXACT_SIZE,
  entriesOf,
  fitBuild,
  fitContext,
  kitOf,
  kitWith,
  makeFitter,
  type Buyable
} from '../../core/fit'
import { worldOf } from '../../core/workspace'
import { library } from '../../data'
import { emptyWorkspace, items } from '../helpers/workspaces'

/**
 * Ways in on the real library against the slow, obvious way: every subset of a small choice of tools is tried. Only a few tools can be
 * bought, so that all subsets can be looked at; what is needed several times over and what is made in the workshop is left out.
 */
const BUYABLE = 9
const single = [...library.methods.values()].filter(({ roles }) =>
  roles.every(({ count }) => count === 1)
)
const severalIds = [...library.methods.values()]
  .filter((method) => !single.includes(method))
  .map(({ id }) => ({ kind: 'method' as const, id }))
const steps = library.data.templates
  .flatMap(({ steps: own }) => own)
  .filter(({ operation }) => single.some((method) => method.operation === operation))
const bought = [...library.tools.values()].filter(({ madeBy }) => madeBy === undefined)

/** Tools that have something to do with a step: they play a part in one of its methods or stand beside one that does. */
function related(operation: string): string[] {
  const players = single
    .filter((method) => method.operation === operation)
    .flatMap(({ roles }) =>
      roles.flatMap(({ role }) =>
        (library.toolsFor.get(role) ?? []).filter(({ madeBy }) => madeBy === undefined)
      )
    )
  const beside = players.flatMap(({ companions }) =>
    companions.flatMap(({ anyOf, kind }) => (kind === 'advised' ? [] : anyOf))
  )
  return [
    ...new Set([
      ...players.map(({ id }) => id),
      ...beside,
      'safety-glasses',
      'ear-plugs',
      'dust-masks',
      'combination-square'
    ])
  ].filter((id) => bought.some((tool) => tool.id === id))
}

interface Trial {
  readonly build: Build
  readonly owned: readonly string[]
  readonly choice: readonly string[]
}

const trials: fc.Arbitrary<Trial> = fc
  .record({
    step: fc.constantFrom(...steps),
    owned: fc.uniqueArray(fc.constantFrom(...bought.map(({ id }) => id)), { maxLength: 12 }),
    seed: fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 40, maxLength: 40 })
  })
  .map(({ step, owned, seed }) => ({
    build: { id: 'b', name: 'b', copies: 1, materials: [], steps: [step] },
    owned: ['tape', ...owned],
    choice: related(step.operation)
      .map((id, i) => ({ id, order: seed[i % seed.length] ?? 0 }))
      .sort((a, b) => a.order - b.order)
      .slice(0, BUYABLE)
      .map(({ id }) => id)
  }))

function worldOfTrial({ owned, choice }: Trial) {
  const bans = [
    ...severalIds,
    ...[...library.tools.keys()]
      .filter((id) => !choice.includes(id))
      .map((id) => ({ kind: 'tool' as const, id }))
  ]
  return worldOf(emptyWorkspace({ items: items(...owned), bans }), library, '2026-05-04')
}

/** Whether what is owned and bought is safe: everything bought has its protection. */
const guarded = (chosen: readonly Buyable[], owned: ReadonlySet<string>): boolean => {
  const protects = new Set([...owned, ...chosen.flatMap(({ entry }) => entry.tool.protects)])
  return chosen.every(({ entry }) =>
    entry.tool.needs.every((protection) => protects.has(protection))
  )
}

describe('the cheapest way in on the real library', () => {
  test('costs what the cheapest of all subsets costs, tier by tier', () => {
    fc.assert(
      fc.property(trials, (trial) => {
        const world = worldOfTrial(trial)
        const fitter = makeFitter(world)
        const kit = kitOf(world.library, world.workspace.items)
        const context = fitContext(world)
        const cheapest = [...fitter.market.values()].flatMap((list) => list.slice(0, 1))
        let least = Infinity
        for (let subset = 0; subset < 2 ** cheapest.length; subset++) {
          const chosen = cheapest.filter((_, i) => (subset >> i) & 1)
          // What bothers about an offer counts like its price.
          const cost = chosen.reduce((sum, { allIn, bother }) => sum + allIn + bother, 0)
          if (cost >= least || !guarded(chosen, kit.protects)) continue
          if (
            fitBuild(
              context,
              kitWith(
                kit,
                chosen.map(({ entry }) => entry)
              ),
              trial.build
            ).gaps.length === 0
          )
            least = cost
        }
        const [way] = fitter.waysIn(trial.build, undefined, 1)
        // Dearer tiers may open what the cheapest offers cannot, so the way in may be cheaper than all subsets of those, never dearer.
        expect(way?.reckoned ?? Infinity).toBeLessThanOrEqual(least + 1e-6)
        if (
          way &&
          least < Infinity &&
          [...way.set.values()].every(({ buyable }) => cheapest.includes(buyable))
        )
          expect(way.reckoned).toBeCloseTo(least, 6)
      }),
      { numRuns: 60 }
    )
  })
  test('does what it promises, and nothing in it can be left out', () => {
    fc.assert(
      fc.property(trials, (trial) => {
        const world = worldOfTrial(trial)
        const fitter = makeFitter(world)
        const gaps = (set: Parameters<typeof entriesOf>[0]): number =>
          fitBuild(fitter.context, kitWith(fitter.kit, entriesOf(set)), trial.build).gaps.length
        for (const { set } of fitter.waysIn(trial.build)) {
          expect(gaps(set)).toBe(0)
          if (set.size === 0 || set.size > EXACT_SIZE) continue
          for (const id of set.keys()) {
            const without = new Map([...set].filter(([other]) => other !== id))
            const isProtection = (set.get(id)?.buyable.entry.tool.protects.length ?? 0) > 0
            if (!isProtection) expect(gaps(without)).toBeGreaterThan(0)
          }
        }
      }),
      { numRuns: 60 }
    )
  })
})
