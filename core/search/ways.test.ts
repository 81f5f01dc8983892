import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DEMO_FILES, demoWorld } from '../../tests/helpers/workspaces'
import { fitStep, kitWith, useEats } from '../fit'
import { seededRandom, sumOf } from '../kernel'
import { Calendar } from './calendar'
import { FINE } from './grain'
import { problemOf, type Slot } from './problem'

/** Fees, spoilt timber and what is used up are rounded one by one, minor units. */
const ROUNDING = 6

describe('ways of a step against the fit, which knows nothing of them', () => {
  test.each(DEMO_FILES)(
    '%s: with any purchases the cheapest way that is there costs what the fit says, nearly always',
    (name) => {
      const world = demoWorld(name)
      const problem = problemOf(world, { grain: FINE })
      const random = seededRandom(20_261_125)
      let [compared, told, same] = [0, 0, 0]
      for (let round = 0; round < 40; round++) {
        const bought = problem.choices.flatMap((choice, i) =>
          choice.makes === undefined && random() < 0.12 ? [i] : []
        )
        const units = new Map(bought.map((choice) => [choice, 1 + Math.floor(random() * 4)]))
        const kit = kitWith(
          problem.sources.kit,
          bought.flatMap((choice) =>
            (problem.choices[choice]?.entries ?? []).map((entry) => ({
              ...entry,
              count: entry.count * (units.get(choice) ?? 1)
            }))
          )
        )
        const there = problem.requirements.map(
          ({ owned, need, from }) =>
            owned +
              [...from].reduce((sum, [choice, each]) => sum + each * (units.get(choice) ?? 0), 0) >=
            need
        )
        const leastOf = ({ first, last }: Slot): number =>
          Math.min(
            Infinity,
            ...problem.modes
              .slice(first, last)
              .filter(({ requires }) => requires.every((requirement) => there[requirement]))
              .map(({ cost }) => cost)
          )
        for (const { build, steps, derived, fromPurse } of problem.activities) {
          if (derived) continue
          build.steps.forEach((step, s) => {
            const least = Math.min(
              ...(steps[s]?.ways ?? []).map(
                ({ slots, extra }) => extra + sumOf(slots, (slot) => leastOf(slot))
              )
            )
            const [best] = fitStep(problem.sources.context, kit, step, build).usable
            if (!best) return expect([step.id, least]).toEqual([step.id, Infinity])
            compared++
            if (fromPurse) return
            told++
            // The search counts what is used up as well; the fit leaves that to the plan.
            const most = best.cost + useEats(world, build, best)
            if (least >= best.cost - ROUNDING && least <= most + ROUNDING) same++
          })
        }
      }
      expect(compared).toBeGreaterThan(200)
      // A few odd kits differ, either way, since each method keeps only its best ways; the evaluator judges every plan.
      expect(same).toBeGreaterThanOrEqual(0.97 * told)
    }
  )
})

test('free minutes as spans give the same days as minutes counted off one by one', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 90 }), { minLength: 1, maxLength: 40 }),
      fc.array(fc.tuple(fc.integer({ min: 1, max: 300 }), fc.integer({ min: 0, max: 39 })), {
        maxLength: 12
      }),
      (perDay, activities) => {
        const hours = new Calendar(Int32Array.from(perDay), activities.length)
        hours.reset()
        const free = [...perDay]
        for (const [minutes, wish] of activities) {
          const from = Math.min(wish, perDay.length - 1)
          const room = free.slice(from).reduce((sum, one) => sum + one, 0)
          const first = free.findIndex((one, day) => day >= from && one > 0)
          expect(hours.firstFree(from)).toBe(first)
          const listed = hours.freeDays(minutes, from)
          expect(hours.take(minutes, from)).toBe(room >= minutes)
          expect(listed === undefined).toBe(room < minutes)
          if (room < minutes) continue
          let left = minutes
          let last = first
          const days: [number, number][] = []
          for (let day = first; left > 0; day++) {
            const taken = Math.min(left, free[day] ?? 0)
            free[day] = (free[day] ?? 0) - taken
            left -= taken
            if (taken > 0) {
              last = day
              days.push([day, taken])
            }
          }
          expect(listed).toEqual(days)
          expect([hours.begin, hours.done]).toEqual([first, last])
        }
      }
    ),
    { numRuns: 400 }
  )
})
