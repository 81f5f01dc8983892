import { readFileSync, readdirSync } from 'node:fs'
import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { GENERATED_TODAY } from '../../scripts/bench/generate'
import { library } from '../../data'
import { readWorkspace } from '../formats'
import { seededRandom } from '../kernel'
import { worldOf } from '../workspace'
import { decode, decodingOf } from './decode'
import { change, neighbourhoodOf, startOrder } from './neighbourhood'
import { copyOrder, eventOf, geneOf, hasteOf, isAhead, orderOf, withEvent } from './order'
import { Beside } from './prefix'
import { prune } from './prune'
import { problemOf } from '.'
import { settle } from './settle'

const FOLDER = new URL('../../tests/fixtures/planner/', import.meta.url)
const names = readdirSync(FOLDER)
  .filter((name) => name.endsWith('.ref.json'))
  .map((name) => name.replace('.ref.json', ''))

describe('genes', () => {
  test('hold an event time, haste, and whether something is bought ahead, each by itself', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 65_535 }),
        fc.integer({ min: 0, max: 3 }),
        fc.boolean(),
        fc.integer({ min: 0, max: 65_535 }),
        (event, haste, ahead, other) => {
          const gene = geneOf(event, haste, ahead)
          expect([eventOf(gene), hasteOf(gene), isAhead(gene)]).toEqual([event, haste, ahead])
          const moved = withEvent(gene, other)
          expect([eventOf(moved), hasteOf(moved), isAhead(moved)]).toEqual([other, haste, ahead])
        }
      )
    )
  })
})

const problemNamed = (name: string): ReturnType<typeof problemOf> => {
  const read = readWorkspace(readFileSync(new URL(`${name}.json`, FOLDER), 'utf8'), library)
  if (!read.ok) throw new Error(name)
  return problemOf(worldOf(read.value.workspace, library, GENERATED_TODAY))
}

describe('reading on from a common beginning', () => {
  // Independent of what is kept: the whole order is read anew in a state of its own.
  test.each(names)(
    '%s: a walk of 300 orders comes to the cent to what each is by itself',
    (name) => {
      const problem = problemNamed(name)
      const random = seededRandom(11)
      const around = neighbourhoodOf(problem, random)
      const [near, fresh] = [decodingOf(problem), decodingOf(problem)]
      const [order, trial] = [orderOf(300), orderOf(300)]
      startOrder(around, order, 0.5)
      const beside = new Beside(near, order)
      for (let k = 0; k < 300; k++) {
        copyOrder(order, trial)
        for (let m = 0; m <= k % 3; m++) change(around, trial)
        const value = beside.decode(trial)
        expect(value).toBe(decode(fresh, trial))
        expect(near.state.scheduled).toEqual(fresh.state.scheduled)
        if (random() > 0.4) continue
        prune(trial, near.state)
        beside.changesTo(trial)
        copyOrder(trial, order)
      }
    }
  )
})

describe('what an order is read as is what the judge says of it', () => {
  // Finds, deals, sales, hires, floor, resale, needs slept on: whatever the moves make of an order.
  test.each(names)('%s: forty random orders settle to no less than they were read as', (name) => {
    const problem = problemNamed(name)
    const random = seededRandom(3)
    const around = neighbourhoodOf(problem, random)
    const decoding = decodingOf(problem)
    const order = orderOf(300)
    for (let k = 0; k < 40; k++) {
      if (k % 8 === 0) startOrder(around, order, random())
      for (let m = 0; m < 6; m++) change(around, order)
      const value = decode(decoding, order)
      const { report } = settle(problem, decoding, order)
      expect(report.broken).toEqual([])
      // What is read never counts on more than there is; hours and paces are taken a little on the safe side.
      expect(report.value.total).toBeGreaterThanOrEqual(value - 1 - 0.002 * Math.abs(value))
    }
  })
})
