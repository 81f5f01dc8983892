import { describe, expect, test } from '@jest/globals'
import { practiceCases, worldOfCase } from '../../tests/practice/cases'
import { TODAY, build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { addDays } from '../calendar'
import { ladderOf } from '../ladder'
import { emptyPlan, evaluate } from '../plan'
import { makePlan } from '../search'
import type { Plan } from '../workspace'
import { paidBackBy } from '.'

const PIECE = build('peg-rail', {
  id: 'rails',
  copies: 10,
  batchSize: 5,
  sale: { netEach: 3000, daysToSell: 10 }
})
const world = worldWith({ ...funds(50_000, 0), builds: [PIECE], items: items('tape') })
const planned = (cost: number): Plan => ({
  ...emptyPlan(world),
  purchases: [
    {
      id: 'a',
      offer: 'pull-saw/weekend/new/buy/hand',
      count: 1,
      date: TODAY,
      price: cost
    }
  ],
  builds: [5, 5].map((copies, i) => ({
    build: 'rails',
    copies,
    begin: addDays(TODAY, 20 * i),
    done: addDays(TODAY, 20 * i + 9),
    work: [],
    methods: {},
    // Of each rail 500 are timber.
    material: 2500
  }))
})
const said = (cost: number) =>
  paidBackBy(world, planned(cost), {
    builds: planned(cost).builds.map(({ build: id, begin, done }) => ({
      build: id,
      begin,
      done,
      minutes: 0
    }))
  })

describe('when the first tools are paid back', () => {
  test('worked by hand: 2500 a piece after its timber', () => {
    // 10 000 are four pieces: of the first batch, whose money comes ten days after it is done.
    expect(said(10_000)).toEqual({ cost: 10_000, pieces: 4, date: addDays(TODAY, 19) })
    // 12 501 are six: one of the second batch.
    expect(said(12_501)).toEqual({ cost: 12_501, pieces: 6, date: addDays(TODAY, 39) })
    expect(said(25_001)).toEqual({ cost: 25_001, pieces: 10, date: undefined })
  })
  test('nothing is said where nothing is sold, or nothing was bought', () => {
    expect(said(0)).toBeUndefined()
    const kept = worldWith({
      ...funds(50_000, 0),
      builds: [build('planter')],
      items: items('tape')
    })
    expect(paidBackBy(kept, emptyPlan(kept), { builds: [] })).toBeUndefined()
  })
})

const world_ = (id: string) => {
  const found = practiceCases().find((one) => one.id === id)
  if (!found) throw new Error(id)
  return worldOfCase(found)
}

test('earns its tools: pieces and a date are said', () => {
  const there = world_('earns-its-tools')
  const outcome = makePlan(there, { evaluations: 4000 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  const paid = paidBackBy(there, outcome.plan, evaluate(there, outcome.plan))
  expect(paid?.pieces).toBeGreaterThan(0)
  expect(paid?.date).toBeDefined()
})

test('rough boards: from which volume of timber a milling machine is paid', () => {
  const milling = ladderOf(world_('rough-boards')).rungs.filter(({ timber }) => timber)
  expect(milling.length).toBeGreaterThan(0)
  for (const { timber, cost } of milling)
    expect((timber?.volumeM3 ?? 0) * (timber?.savesPerM3 ?? 0)).toBeCloseTo(cost, 4)
  // An hour that costs nothing pays it sooner.
  const there = world_('rough-boards')
  const { workspace } = there
  const free = ladderOf({
    ...there,
    workspace: { ...workspace, money: { ...workspace.money, hourValue: 0 } }
  }).rungs.flatMap(({ timber }) => timber ?? [])
  for (const one of free)
    expect(one.savesPerM3).toBeGreaterThan(milling[0]?.timber?.savesPerM3 ?? 0)
})
