import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { begin, newId, piece, selling } from '../../tests/helpers/selling'
import { addDays } from '../calendar'
import { writeJournal } from '../formats'
import { balanceOn, ledgerProblems, reconcile } from '../ledger'
import { booksOf, disagreements, stockHeld, stockMoves } from '../sidework'
import { change, depositHeld, type Piece, type Workspace } from '.'

const folder = mkdtempSync(join(tmpdir(), 'stock-'))
afterAll(() => rmSync(folder, { recursive: true }))

/** What may happen, drawn by number; what cannot happen in a state changes nothing. */
type Step = (state: Workspace, pick: number, amount: number, day: string) => Workspace
const free = (state: Workspace): Piece[] =>
  (state.pieces ?? []).filter(({ sold, gone }) => !sold && !gone)
const soldOf = (state: Workspace): Piece[] => (state.pieces ?? []).filter(({ sold }) => sold)
const one = <T>(list: readonly T[], pick: number): T | undefined =>
  list[pick % Math.max(1, list.length)]
const STEPS: readonly Step[] = [
  (state, _pick, amount, day) => change.addPieces(state, [piece(newId(), day, amount)]),
  (state, pick, amount, day) => {
    const it = one(free(state), pick)
    return it ? change.sellPiece(state, it.id, selling(day, amount, pick % 3 > 0), newId) : state
  },
  (state, pick, _amount, day) => {
    const it = one(
      soldOf(state).filter(({ sold }) => sold?.paid === undefined),
      pick
    )
    return it ? change.payPiece(state, it.id, day, newId) : state
  },
  (state, pick, amount, day) => {
    const it = one(soldOf(state), pick)
    const most = it?.sold ? it.sold.price - (it.sold.back ?? 0) : 0
    return it
      ? change.giveBack(state, it.id, {
          date: day,
          amount: Math.min(amount, most),
          returned: pick % 2 === 0,
          id: newId()
        })
      : state
  },
  (state, pick) => {
    const it = one(soldOf(state), pick)
    return it?.sold ? change.unsell(state, it.sold.id, newId) : state
  },
  (state, pick, _amount, day) => {
    const it = one(free(state), pick)
    return it ? change.leaveStock(state, it.id, { date: day, why: 'given' }) : state
  },
  (state, pick, amount, day) => {
    const id = newId()
    const asked = change.addOrder(state, {
      id,
      text: 'Two boxes',
      build: 'window-box',
      copies: 1 + (pick % 2),
      priceEach: amount + 1,
      asked: day,
      due: addDays(day, 30),
      deposit: Math.floor(amount / 2),
      state: 'asked'
    })
    return change.acceptOrder(asked, id, {
      date: day,
      deposit: Math.floor(amount / 2),
      entryId: newId()
    })
  },
  (state, pick, _amount, day) => {
    const order = one(
      (state.orders ?? []).filter(({ state: at }) => at === 'accepted'),
      pick
    )
    const there = free(state)
    if (!order || there.length < order.copies) return state
    const sold = { ...selling(day, order.priceEach, true), fee: 0, delivery: 0 }
    return change.deliverOrder(
      state,
      order.id,
      { pieces: there.slice(0, order.copies).map(({ id }) => id), sold },
      newId
    )
  },
  (state, pick, amount, day) => {
    const order = one(
      (state.orders ?? []).filter(({ state: at }) => at === 'accepted'),
      pick
    )
    return order ? change.cancelOrder(state, order.id, { date: day, keep: amount }, newId) : state
  }
]
const history = fc.array(
  fc.record({
    step: fc.integer({ min: 0, max: STEPS.length }),
    pick: fc.nat(20),
    amount: fc.integer({ min: 1, max: 9000 })
  }),
  { minLength: 1, maxLength: 30 }
)
/** Goes through a history; the number after the last step takes the step before it back, as Undo does. */
function lived(steps: readonly { step: number; pick: number; amount: number }[]): Workspace {
  let state = begin()
  let before = state
  steps.forEach(({ step, pick, amount }, i) => {
    const day = addDays('2026-01-02', i)
    const did = STEPS[step]
    const next = did
      ? did(state, pick, amount, day)
      : { ...before, ledger: reconcile(state.ledger, before.ledger, newId) }
    before = state
    state = next
  })
  return state
}

/** Balances of a journal by account, in minor units, as hledger (Debian) reads it. */
function balances(state: Workspace): ReadonlyMap<string, number> {
  const file = join(folder, 'books.journal')
  writeFileSync(file, writeJournal(state))
  const text = execFileSync('hledger', ['-f', file, 'balance', '--flat', '-E', '-N', '-O', 'csv'], {
    encoding: 'utf8'
  })
  return new Map(
    text
      .trim()
      .split('\n')
      .slice(1)
      .map((line) => {
        const [account = '', amount = ''] = line.slice(1, -1).split('","')
        return [account, Math.round(Number(amount.replace(/[^\d.-]/g, '')) * 100)]
      })
  )
}

describe('stock and ledger', () => {
  test('agree to the cent after any order of sales, payments, returns, refunds, orders and undos', () => {
    fc.assert(
      fc.property(history, (steps) => {
        const state = lived(steps)
        expect(disagreements(state)).toEqual([])
        expect(ledgerProblems(state.ledger)).toEqual([])
        // Orders that are over hold no deposit; those that run hold what was paid.
        for (const { id, state: at } of state.orders ?? [])
          if (at !== 'accepted') expect(depositHeld(state.ledger, id)).toBe(0)
        // What the books say is left is what the purse gained, less what lies in stock, is owed or belongs to customers.
        const all = booksOf(state, 'year', '2026-12-31').reduce(
          (sum, { all: line }) => sum + line.left,
          0
        )
        const kept = state.ledger
          .filter(
            ({ kind, order, piece: of, reverses, id }) =>
              kind === 'sale' &&
              order !== undefined &&
              of === undefined &&
              reverses === undefined &&
              !state.ledger.some((entry) => entry.reverses === id)
          )
          .reduce((sum, { amount }) => sum + amount, 0)
        const deposits = (state.orders ?? []).reduce(
          (sum, { id }) => sum + depositHeld(state.ledger, id),
          0
        )
        const { tiedUp, owed } = stockHeld(state)
        const made = (state.pieces ?? []).reduce((sum, { cost }) => sum + cost, 0)
        expect(all + kept + deposits - owed - tiedUp + made).toBe(
          balanceOn(state.ledger, '2099-01-01') - 30_000
        )
      }),
      { numRuns: 300 }
    )
  })
  test('hledger (Debian) balances the journal, with stock, what is owed and deposits the same to the cent', () => {
    fc.assert(
      fc.property(history, (steps) => {
        const state = lived(steps)
        const books = balances(state)
        const { tiedUp, owed } = stockHeld(state)
        expect(books.get('assets:purse') ?? 0).toBe(balanceOn(state.ledger, '2099-01-01'))
        expect(books.get('assets:stock') ?? 0).toBe(tiedUp)
        expect(books.get('assets:receivable') ?? 0).toBe(owed)
        const deposits = (state.orders ?? []).reduce(
          (sum, { id }) => sum + depositHeld(state.ledger, id),
          0
        )
        expect(books.get('liabilities:deposits') ?? 0).toBe(-deposits || 0)
        expect([...books.values()].reduce((sum, one_) => sum + one_, 0)).toBe(0)
      }),
      { numRuns: 25 }
    )
  })
  test('a year by hand: two made for 12 each, one sold for 50 with 5.50 and 2 taken off, the other brought back with 5 kept', () => {
    let state = change.addPieces(begin(), [piece('a', '2026-02-01'), piece('b', '2026-02-01')])
    state = change.sellPiece(state, 'a', selling('2026-02-10', 5000, true), newId)
    state = change.sellPiece(state, 'b', selling('2026-03-01', 5000, true), newId)
    state = change.giveBack(state, 'b', {
      date: '2026-03-08',
      amount: 4500,
      returned: true,
      id: 'back'
    })
    const [february, march] = booksOf(state, 'month', '2026-03-31')
    expect(february?.all).toMatchObject({
      pieces: 1,
      takings: 5000,
      fees: 750,
      cost: 1200,
      left: 3050,
      minutes: 100,
      perHour: 1830
    })
    expect(march?.all).toMatchObject({
      pieces: 0,
      takings: 500,
      fees: 750,
      cost: 0,
      left: -250,
      minutes: 0
    })
    expect(booksOf(state, 'year', '2026-03-31')[0]?.all.left).toBe(2800)
    expect(stockMoves(state).map(({ kind }) => kind)).toEqual([
      'made',
      'made',
      'sold',
      'cost',
      'paid',
      'fee',
      'sold',
      'cost',
      'paid',
      'fee',
      'given-back',
      'again'
    ])
  })
  test('kilometres and the room count where they have a price', () => {
    let state = change.addPieces(begin(), [piece('a', '2026-02-01')])
    state = change.sellPiece(state, 'a', { ...selling('2026-03-10', 5000, true), km: 12 }, newId)
    const money = { ...state.money, perKm: 30, roomPerMonth: 1500 }
    const months = booksOf({ ...state, money }, 'month', '2026-04-30')
    expect(months.map(({ all }) => all.other)).toEqual([1500, 1860, 1500])
    expect(balances({ ...state, money }).get('expenses:kilometres')).toBe(360)
  })
})
