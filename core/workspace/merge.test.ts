import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { library } from '../../data'
import { begin, newId, piece, selling } from '../../tests/helpers/selling'
import { demo, item } from '../../tests/helpers/workspaces'
import { checkMerged, workspacePrint } from '../formats'
import { balanceOn, reversalOf, type LedgerEntry } from '../ledger'
import { disagreements } from '../sidework'
import {
  change,
  compareForReplacing,
  compareStates,
  compareWithBase,
  differingSections,
  handedOver,
  mergeStates,
  sectionsOf,
  stamped,
  withSections,
  type Workspace
} from '.'

const at = (minute: number): string => `2026-05-04T10:${String(minute).padStart(2, '0')}:00.000Z`
const hive = demo('hive-yard')
/** The same state on two devices: one handed it over to the other. */
const shared = handedOver(hive, 'print-0', at(0))
const edited = (
  from: Workspace,
  minute: number,
  edit: (state: Workspace) => Workspace
): Workspace => stamped(from, edit(from), at(minute))
const merged = (mine: Workspace, theirs: Workspace): Workspace =>
  mergeStates(mine, theirs, compareStates(mine, theirs))
const rename =
  (id: string, name: string) =>
  (state: Workspace): Workspace =>
    change.changeBuild(state, id, (build) => ({ ...build, name }))
const kinds = (mine: Workspace, theirs: Workspace): string[] =>
  compareStates(mine, theirs).parts.map(({ key, kind, takes }) => `${key} ${kind} ${takes}`)
const pencil: LedgerEntry = {
  id: 'new',
  date: '2026-05-04',
  kind: 'other',
  amount: -150,
  text: 'Pencil'
}

describe('stock on two devices', () => {
  const at2 = (from: Workspace, minute: number, id: string, price: number): Workspace =>
    edited(from, minute, (state) =>
      change.sellPiece(state, id, selling('2026-05-03', price, true), newId)
    )
  const stocked = handedOver(
    { ...begin(), pieces: [piece('a', '2026-05-01'), piece('b', '2026-05-01')] },
    'print-1',
    at(0)
  )
  test('each sells another piece: both are sold, and stock and ledger agree', () => {
    const both = merged(at2(stocked, 1, 'a', 5000), at2(stocked, 2, 'b', 4000))
    expect(both.pieces?.map(({ sold }) => sold?.price)).toEqual([5000, 4000])
    expect(disagreements(both)).toEqual([])
    // 300.00, the two sales, less a tenth, 0.50 and 2.00 of each.
    expect(balanceOn(both.ledger, '2026-05-04')).toBe(30_000 + 9000 - 900 - 2 * 250)
  })
  test('both sell the same piece: the later sale stands in the stock, no money is lost, and the difference is named', () => {
    const both = merged(at2(stocked, 1, 'a', 5000), at2(stocked, 2, 'a', 4000))
    expect(both.pieces?.[0]?.sold?.price).toBe(4000)
    expect(both.ledger.filter(({ kind }) => kind === 'sale')).toHaveLength(2)
    expect(disagreements(both)).toMatchObject([{ expected: 4000, found: 9000 }])
  })
})

describe('parts', () => {
  test('taking a workspace apart and putting the differences in gives the other one', () => {
    const other = edited(edited(hive, 1, rename('bird-boxes', 'Nest boxes')), 2, (state) => ({
      ...change.removeItem(change.addItem(state, item('mallet', { id: 'm' })), 'item-1'),
      wishes: ['table-saw'],
      money: { ...state.money, reserve: 1 }
    }))
    const there = withSections(
      hive,
      new Map([...differingSections(hive, other)].map(([key, { after }]) => [key, after]))
    )
    expect(differingSections(there, other).size).toBe(0)
    expect(sectionsOf(hive).size).toBeGreaterThan(hive.builds.length + hive.items.length)
  })
  test('the order of builds is a part of its own', () => {
    const moved = change.moveBuild(hive, 'hive-boxes', 0)
    expect([...differingSections(hive, moved).keys()]).toEqual(['order'])
    expect(
      withSections(hive, new Map([['order', sectionsOf(moved).get('order')]])).builds.map(
        ({ id }) => id
      )
    ).toEqual(moved.builds.map(({ id }) => id))
  })
})

describe('two devices', () => {
  test('what only one changed is taken from it; nothing is asked', () => {
    const mine = edited(shared, 5, rename('bird-boxes', 'Nest boxes'))
    const theirs = edited(edited(shared, 6, rename('step-stool', 'Stool')), 7, (state) =>
      change.addItem(state, item('mallet', { id: 'm' }))
    )
    expect(kinds(mine, theirs)).toEqual([
      'builds/bird-boxes kept mine',
      'builds/step-stool changed theirs',
      'items/m added theirs'
    ])
    const both = merged(mine, theirs)
    expect([
      both.builds.find(({ id }) => id === 'bird-boxes')?.name,
      both.builds.find(({ id }) => id === 'step-stool')?.name,
      both.items.some(({ id }) => id === 'm')
    ]).toEqual(['Nest boxes', 'Stool', true])
  })
  test('what both changed is a conflict, the newer proposed, the user’s choice taken', () => {
    const mine = edited(shared, 5, rename('bird-boxes', 'Mine'))
    const theirs = edited(shared, 6, rename('bird-boxes', 'Theirs'))
    expect(kinds(mine, theirs)).toEqual(['builds/bird-boxes conflict theirs'])
    expect(kinds(theirs, mine)).toEqual(['builds/bird-boxes conflict mine'])
    const kept = mergeStates(
      mine,
      theirs,
      compareStates(mine, theirs),
      new Map([['builds/bird-boxes', 'mine']])
    )
    expect(kept.builds.find(({ id }) => id === 'bird-boxes')?.name).toBe('Mine')
  })
  test('what one took out stays out, unless the other changed it meanwhile', () => {
    const mine = edited(shared, 5, (state) => change.removeItem(state, 'item-3'))
    expect(kinds(mine, shared)).toEqual(['items/item-3 kept mine'])
    expect(kinds(shared, mine)).toEqual(['items/item-3 removed theirs'])
    const theirs = edited(shared, 6, (state) =>
      change.changeItem(state, 'item-3', (one) => ({ ...one, uses: 9 }))
    )
    expect(kinds(mine, theirs)).toEqual(['items/item-3 conflict theirs'])
  })
  test('merging both ways round ends at the same state, where nothing conflicts', () => {
    fc.assert(
      fc.property(
        fc.subarray(hive.builds.map(({ id }) => id)),
        fc.subarray(hive.items.map(({ id }) => id)),
        (builds, gone) => {
          const mine = builds.reduce(
            (state, id, i) => edited(state, 5 + i, rename(id, `New ${id}`)),
            shared
          )
          const theirs = gone.reduce(
            (state, id, i) => edited(state, 5 + i, (one) => change.removeItem(one, id)),
            shared
          )
          const [here, there] = [merged(mine, theirs), merged(theirs, mine)]
          expect(differingSections(here, there).size).toBe(0)
          expect(merged(here, there)).toEqual(here)
        }
      ),
      { numRuns: 40 }
    )
  })
  test('ledgers are united: both purchases stand, one reversal of the same entry is enough, a foreign rewriting is not taken', () => {
    const mine = edited(shared, 5, (state) => change.addEntry(state, pencil))
    const theirs = edited(shared, 6, (state) =>
      change.addEntry(state, { ...pencil, id: 'other', amount: -275, text: 'Rule' })
    )
    expect(balanceOn(merged(mine, theirs).ledger, '2026-05-04')).toBe(
      balanceOn(hive.ledger, '2026-05-04') - 425
    )
    const timber = hive.ledger.find(({ id }) => id === 'e6')
    if (!timber) throw new Error('no e6')
    const [one, two] = [
      change.addEntry(shared, reversalOf(timber, 'r1')),
      change.addEntry(shared, reversalOf(timber, 'r2'))
    ]
    expect(compareStates(one, two).alreadyReversed.map(({ id }) => id)).toEqual(['r2'])
    expect(checkMerged(merged(one, two), [one, two], library).ok).toBe(true)
    const rewritten = {
      ...shared,
      ledger: shared.ledger.map((entry) => (entry.id === 'e6' ? { ...entry, amount: -1 } : entry))
    }
    expect([
      compareStates(shared, rewritten).entryConflicts.map(({ id }) => id),
      merged(shared, rewritten).ledger
    ]).toEqual([['e6'], shared.ledger])
  })
  test('an entry that both devices entered by hand is pointed out', () => {
    const mine = change.addEntry(shared, pencil)
    const theirs = change.addEntry(shared, { ...pencil, id: 'again', text: 'pencil' })
    expect(compareStates(mine, theirs).perhapsTwice.map(({ id }) => id)).toEqual(['again'])
  })
  test('what one took out and the other still refers to is put back, and said', () => {
    const offer = {
      id: 'my/find',
      tool: 'tape',
      tier: 'weekend' as const,
      condition: 'used' as const,
      acquisition: 'buy' as const,
      power: 'hand' as const
    }
    const quote = {
      id: 'q',
      offer: 'my/find',
      date: '2026-05-01',
      price: 500,
      seller: 'private' as const
    }
    const withFind = handedOver(change.addOffer(hive, offer, quote), 'print-1', at(0))
    const mine = edited(withFind, 5, (state) => change.removeOffer(state, 'my/find'))
    const theirs = edited(withFind, 6, (state) =>
      change.addQuote(state, { ...quote, id: 'q2', price: 450 })
    )
    const checked = checkMerged(merged(mine, theirs), [mine, theirs], library)
    expect(checked).toMatchObject({ ok: true, value: { putBack: ['offers/my/find'] } })
  })
  test('without any hand-over in common, what differs is asked, what is only there is added', () => {
    const other = stamped(
      hive,
      change.addItem(rename('bird-boxes', 'Theirs')(hive), item('mallet', { id: 'm' })),
      at(9)
    )
    expect(kinds(hive, other)).toEqual(['builds/bird-boxes changed theirs', 'items/m added theirs'])
    const mine = stamped(hive, rename('bird-boxes', 'Mine')(hive), at(8))
    expect(kinds(mine, other)).toEqual([
      'builds/bird-boxes conflict theirs',
      'items/m added theirs'
    ])
  })
})

test('two tabs: with the state both began from at hand, only what both changed is a conflict', () => {
  const [mine, theirs] = [
    rename('bird-boxes', 'Mine')(hive),
    change.removeItem(rename('step-stool', 'Theirs')(hive), 'item-1')
  ]
  const comparison = compareWithBase(hive, mine, theirs)
  expect(comparison.parts.map(({ key, kind }) => `${key} ${kind}`)).toEqual([
    'builds/bird-boxes kept',
    'builds/step-stool changed',
    'items/item-1 removed'
  ])
  expect(compareWithBase(hive, mine, rename('bird-boxes', 'Theirs')(hive)).parts).toMatchObject([
    { key: 'builds/bird-boxes', kind: 'conflict', takes: 'mine' }
  ])
  expect(compareForReplacing(mine, hive).parts.map(({ key, kind }) => `${key} ${kind}`)).toEqual([
    'builds/bird-boxes changed'
  ])
})

test('stamps say when; the same state handed over twice is one hand-over and keeps its print', () => {
  const gone = edited(hive, 5, (state) => change.removeItem(state, 'item-1'))
  expect(gone.trail).toMatchObject({ removed: { 'items/item-1': at(5) } })
  const again = stamped(gone, { ...gone, items: hive.items }, at(6))
  expect(again.trail).toMatchObject({ changed: { 'items/item-1': at(6) }, removed: {} })
  expect(stamped(hive, { ...hive }, at(7)).trail).toBe(hive.trail)
  const print = workspacePrint(hive)
  const once = handedOver(hive, print, at(1))
  expect([workspacePrint(once), handedOver(once, print, at(2))]).toEqual([print, once])
})
