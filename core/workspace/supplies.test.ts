import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { addDays } from '../calendar'
import { buildMaterial, change, stockOn, type Supply } from '.'
import { TODAY, build, worldWith } from '../../tests/helpers/workspaces'

const note = (kind: Supply['kind'], amount: number, days: number, what = 'glue'): Supply => ({
  id: `s-${kind}-${what}-${days}-${amount}`,
  what,
  kind,
  amount,
  on: addDays(TODAY, days)
})
const glued = (id: string, quantity: number, more: object = {}) => ({
  ...build('tool-tote', { id }),
  materials: [{ material: 'glue', quantity }],
  copies: 1,
  ...more
})
const have = (supplies: readonly Supply[], builds = [glued('a', 0.5)]): number | undefined => {
  const { workspace } = worldWith({ supplies, builds })
  return stockOn(workspace, library, TODAY).get('glue')?.have
}

describe('what is in stock', () => {
  test('counted, bought, used and thrown away, by the day', () => {
    const begun = glued('a', 0.5, {
      copies: 2,
      log: { begun: addDays(TODAY, -5), minutesSpent: 0 }
    })
    // 1 + 2 bought − 2 × 0.5 used − 0.25 thrown away.
    expect(
      have([note('count', 1, -20), note('in', 2, -10), note('gone', 0.25, -2)], [begun])
    ).toBeCloseTo(1.75, 12)
  })

  test('who counts on a day counts what that day has left, and what comes later does not count yet', () => {
    const begun = glued('a', 0.5, { log: { begun: TODAY, minutesSpent: 0 } })
    expect(have([note('count', 3, 0), note('in', 5, 1)], [begun])).toBe(3)
  })

  test('glue keeps a year from when it was opened, by its library entry; bought once more it is fresh again', () => {
    const keeps = library.materials.get('glue')?.keepsDays ?? 0
    const goodUntil = (supplies: readonly Supply[]) =>
      stockOn(worldWith({ supplies }).workspace, library, TODAY).get('glue')?.goodUntil
    expect(goodUntil([note('in', 1, -100)])).toBe(addDays(TODAY, keeps - 100))
    expect(goodUntil([note('in', 1, -100), note('opened', 0, -30)])).toBe(
      addDays(TODAY, keeps - 30)
    )
    expect(goodUntil([note('in', 1, -400), note('gone', 1, -50), note('in', 1, -10)])).toBe(
      addDays(TODAY, keeps - 10)
    )
  })

  test('never falls below nothing, whatever is noted and built', () => {
    const kinds = fc.constantFrom<Supply['kind']>('count', 'in', 'opened', 'gone')
    const notes = fc.array(
      fc.record({
        kind: kinds,
        amount: fc.integer({ min: 0, max: 40 }),
        days: fc.integer({ min: -60, max: 5 })
      }),
      { minLength: 1, maxLength: 12 }
    )
    const uses = fc.array(
      fc.record({
        amount: fc.integer({ min: 1, max: 30 }),
        days: fc.integer({ min: -60, max: 0 })
      }),
      { maxLength: 5 }
    )
    fc.assert(
      fc.property(notes, uses, (list, used) => {
        const supplies = list.map(({ kind, amount, days }, i) => ({
          ...note(kind, amount / 4, days),
          id: `s-${i}`
        }))
        const builds = used.map(({ amount, days }, i) =>
          glued(`b-${i}`, amount / 4, { log: { begun: addDays(TODAY, days), minutesSpent: 0 } })
        )
        const left = have(supplies, builds) ?? 0
        const came = supplies.reduce(
          (sum, one) => sum + (one.kind === 'opened' ? 0 : one.amount),
          0
        )
        expect(left).toBeGreaterThanOrEqual(0)
        expect(left).toBeLessThanOrEqual(came)
      })
    )
  })
})

describe('what is in stock is not paid for again', () => {
  const paid = (supplies: readonly Supply[], builds = [glued('a', 1), glued('b', 3)]) => {
    const world = worldWith({ supplies, builds })
    return world.workspace.builds.map((one) => buildMaterial(world, one))
  }
  const [whole = 0] = paid([])

  test('it is shared over the builds that need it: two of four bottles pay half of each', () => {
    expect(paid([note('count', 2, 0)])).toEqual([whole / 2, (3 * whole) / 2])
  })
  test('no more is taken off than is needed', () => {
    expect(paid([note('count', 50, 0)])).toEqual([0, 0])
  })
  test('what is too old is not reckoned with', () => {
    expect(paid([note('in', 4, -400)])).toEqual([whole, 3 * whole])
  })
  test('nothing else gets cheaper', () => {
    expect(paid([note('count', 9, 0, 'screws')])).toEqual([whole, 3 * whole])
  })
})

test('a line of a receipt puts into stock what was paid, and taking the entry back takes it out', () => {
  const { workspace } = worldWith({})
  const line = {
    what: 'other',
    kind: 'consumable',
    text: 'Glue',
    supply: { what: 'glue', amount: 3 },
    amount: 1800,
    tax: 0,
    delivery: 0,
    entryId: 'e-glue',
    itemId: 'none'
  } as const
  const bought = change.recordReceipt(workspace, library, { id: 'r', date: TODAY, lines: [line] })
  expect(bought.ledger.at(-1)).toMatchObject({ id: 'e-glue', amount: -1800 })
  expect(stockOn(bought, library, TODAY).get('glue')?.have).toBe(3)
  expect(change.reverseEntry(bought, 'e-glue', 'e-back').supplies).toEqual([])
})

describe('lent and borrowed', () => {
  test('what is lent comes back as it was; what was borrowed leaves', () => {
    const { workspace } = worldWith({
      items: [
        { ...change.plainItem(library.tools.get('hammer')!, 'h', TODAY), cost: 1200 },
        change.plainItem(library.tools.get('jigsaw')!, 'j', TODAY)
      ]
    })
    const lent = change.lendItem(workspace, 'h', 'Nachbarin', TODAY)
    expect(lent.items[0]?.loan).toEqual({ kind: 'lent', who: 'Nachbarin', since: TODAY })
    expect(change.endLoan(lent, 'h')).toEqual(workspace)
    const borrowed = change.markBorrowed(workspace, 'j', 'the club', TODAY)
    expect(change.endLoan(borrowed, 'j').items.map(({ id }) => id)).toEqual(['h'])
  })
})
