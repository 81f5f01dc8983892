import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import type { BuildFit, StepFit } from './build-fit'
import { benchSteps, sittingsOf } from './sittings'

/** A step with one way that takes so many minutes, or none; only what is looked at here. */
const step = (operation: string, minutes?: number): StepFit =>
  ({
    step: { id: operation, operation, quantity: 1, stock: {} },
    usable:
      minutes === undefined
        ? []
        : [
            {
              minutes,
              method: { id: 'by-hand', protection: ['eyes'] },
              tools: [{ tool: { id: 'saw', needs: ['eyes', 'lungs'] } }]
            }
          ],
    others: []
  }) as unknown as StepFit
const told = (steps: readonly StepFit[], minutes: number): unknown =>
  sittingsOf(library, benchSteps({ steps } as unknown as BuildFit), minutes).map((sitting) => [
    sitting.work.map(({ step: { operation }, minutes: some, goesOn }) =>
      [operation, some, ...(goesOn ? ['goes on'] : [])].join(' ')
    ),
    sitting.minutes,
    sitting.nights
  ])

// Common practice: cut before gluing, finish last; glue sets overnight, and a coat dries overnight.
describe('a build in evenings', () => {
  test('what fits stands together, in the order of the build', () => {
    expect(told([step('measure', 20), step('crosscut', 40)], 60)).toEqual([
      [['measure 20', 'crosscut 40'], 60, 0]
    ])
  })
  test('work that can be left lies over several sittings; nothing is begun for a few minutes', () => {
    expect(told([step('measure', 40), step('crosscut', 100)], 60)).toEqual([
      [['measure 40', 'crosscut 20'], 60, 0],
      [['crosscut 60 goes on'], 60, 0],
      [['crosscut 20 goes on'], 20, 0]
    ])
    expect(told([step('measure', 51), step('crosscut', 30)], 60)).toEqual([
      [['measure 51'], 51, 0],
      [['crosscut 30'], 30, 0]
    ])
    expect(told([step('measure', 50), step('crosscut', 30)], 60)).toEqual([
      [['measure 50', 'crosscut 10'], 60, 0],
      [['crosscut 20 goes on'], 20, 0]
    ])
  })
  test('a glue-up is done in one go, ends the evening, and rests the nights it needs', () => {
    const nights = library.operations.get('glue-up-panel')?.nights
    expect(nights).toBe(1)
    expect(
      told([step('measure', 30), step('glue-up-panel', 45), step('sand-flat', 20)], 60)
    ).toEqual([
      [['measure 30'], 30, 0],
      [['glue-up-panel 45'], 45, 1],
      [['sand-flat 20'], 20, 0]
    ])
    // A few minutes before it are no evening of their own.
    expect(told([step('measure', 20), step('glue-up-panel', 45)], 60)).toEqual([
      [['measure 20', 'glue-up-panel 45'], 65, 1]
    ])
    // Longer than an evening it is still not left in the middle.
    expect(told([step('glue-up-panel', 90)], 60)).toEqual([[['glue-up-panel 90'], 90, 1]])
  })
  test('each step says with what it is done and what to protect', () => {
    const [first, second] = benchSteps({
      steps: [step('measure', 10), step('crosscut')]
    } as unknown as BuildFit)
    expect(first).toMatchObject({ method: 'by-hand', tools: ['saw'], wear: ['eyes', 'lungs'] })
    expect(second).toMatchObject({ method: undefined, minutes: undefined, tools: [], wear: [] })
  })
  test('a step without a way stands in its place, without time', () => {
    expect(told([step('measure', 10), step('crosscut')], 60)).toEqual([
      [['measure 10', 'crosscut '], 10, 0]
    ])
    expect(told([], 60)).toEqual([])
  })
})
