import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { DEMO_FILES, demoWorld } from '../../tests/helpers/workspaces'
import { fitStep, kitWith } from '../fit'
import { seededRandom } from '../kernel'
import { Calendar } from './calendar'
import { problemOf } from './problem'

describe('ways of a step against the fit, which knows nothing of them', () => {
  test.each(DEMO_FILES)(
    '%s: with any purchases the cheapest way that is there costs what the fit says, to the minute, nearly always',
    (name) => {
      const world = demoWorld(name)
      const problem = problemOf(world)
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
        for (const { build, steps, derived } of problem.activities) {
          if (derived) continue
          build.steps.forEach((step, s) => {
            const range = steps[s]
            const ways = problem.modes
              .slice(range?.first, range?.last)
              .filter(({ requires }) => requires.every((requirement) => there[requirement]))
            const [best] = fitStep(problem.sources.context, kit, step, build).usable
            const least = Math.min(...ways.map(({ minutes }) => minutes))
            if (best) compared++
            // Ways that cost nothing but time: both must name the same least time. Dearer ones differ by what is used up.
            if (!best) expect([step.id, ways.length]).toEqual([step.id, 0])
            else if (
              best.fee === 0 &&
              best.penalty === 0 &&
              world.workspace.money.hourValue === 0 &&
              build.hourValue === undefined
            ) {
              const { usable } = fitStep(problem.sources.context, kit, step, build)
              const fastest = Math.min(...usable.map(({ minutes }) => minutes))
              told++
              if (Math.round(least * 10) === Math.round(fastest * 10)) same++
            }
          })
        }
      }
      expect(compared).toBeGreaterThan(200)
      // A few odd kits differ, either way, since each method keeps its best twelve ways; the evaluator judges every plan.
      expect(same).toBeGreaterThanOrEqual(0.98 * told)
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
