import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { dueIn } from '../care'
import { readWorkspace, writeWorkspace } from '../formats'
import { ALIGN, arrivalChecks, inspected } from '../inspection'
import { sheetFor } from '../../data'
import { priceOf, type LookedAt, type Offer } from '../prices'
import { change, workspaceHash, worldOf, type Workspace } from '.'

const DAY = '2026-05-04'
const saw = library.tools.get('table-saw')
const sheet = saw && sheetFor(saw, 'corded')
if (!saw || !sheet) throw new Error('no saw')
const find: Offer = {
  id: 'my/saw',
  tool: 'table-saw',
  tier: 'weekend',
  condition: 'used',
  acquisition: 'buy',
  power: 'corded',
  single: true
}
const quote = { id: 'q', offer: find.id, date: DAY, price: 20_000, seller: 'private' as const }
const looked: LookedAt = {
  date: DAY,
  answers: { fence: 'bad', cord: 'fine' },
  repair: 5000,
  inexact: 3
}
const kept = (): Workspace => change.lookedAt(emptyWorkspace(), find, looked, quote)
const bought = (specs = {}, before = kept()): Workspace =>
  change.boughtFind(before, library, {
    real: {
      purchase: { id: 'p', offer: find.id, count: 1, date: DAY, price: 20_000 },
      date: DAY,
      paid: 17_500,
      itemId: 'i',
      entryId: 'e',
      seller: 'private'
    },
    offer: find,
    specs,
    checks: ['fence', ALIGN],
    repair: 7400,
    repairText: 'Repair of the table saw',
    repairId: 'o'
  })

describe('a used tool that was looked at', () => {
  test('what was found is kept with the find, and looking again replaces it', () => {
    const again = change.lookedAt(kept(), find, {
      ...looked,
      answers: { fence: 'fine' },
      repair: 0
    })
    expect(kept().offers).toEqual([{ ...find, looked }])
    expect(again.offers.map((one) => one.looked?.answers)).toEqual([{ fence: 'fine' }])
    expect(again.quotes).toEqual([quote])
    // An answer that costs nothing makes no new plan; one that does, does.
    const fine = change.lookedAt(
      emptyWorkspace(),
      find,
      { ...looked, repair: 0, inexact: undefined },
      quote
    )
    const plain = change.addOffer(emptyWorkspace(), find, quote)
    expect(workspaceHash(fine)).toBe(workspaceHash(plain))
    expect(workspaceHash(kept())).not.toBe(workspaceHash(plain))
  })
  test('the plan keeps back what was found besides the usual share: 12 % of 200 and 50', () => {
    const { pricing } = worldOf(kept(), library, DAY)
    const [offer] = pricing.offers
    expect(offer && priceOf(pricing, offer, DAY)).toMatchObject({ tag: 20_000, repair: 7400 })
  })
  test('a file takes it along, and brings it back', () => {
    const state = bought({ ripMm: 480 })
    const read = readWorkspace(writeWorkspace(state), library)
    expect(read.ok && read.value.workspace.items).toEqual(state.items)
    expect(read.ok && read.value.workspace.offers).toEqual(state.offers)
  })
  test('bought it is in the kit as measured and as worn, its receipt in the ledger, the repair among the money to come', () => {
    const state = bought({ ripMm: 480 })
    expect(state.items).toMatchObject([
      { tool: 'table-saw', condition: 'used', cost: 17_500, inexact: 3, checks: ['fence', ALIGN] }
    ])
    expect(state.items[0]?.specs.ripMm).toBe(480)
    expect(state.ledger.at(-1)).toMatchObject({ kind: 'tool', amount: -17_500, seller: 'private' })
    expect(state.money.oneOffs).toEqual([
      { id: 'o', date: '2026-05-18', amount: -7400, text: 'Repair of the table saw' }
    ])
  })
  test('bought without a word said of it, it is kept and bought all the same', () => {
    const state = bought({}, emptyWorkspace())
    expect(state.offers.map(({ id }) => id)).toEqual([find.id])
    expect(state.items.map(({ tool }) => tool)).toEqual(['table-saw'])
  })
  test('its checks are due one by one until each is done; ticking one makes no new plan', () => {
    const state = bought()
    const due = (one: Workspace) =>
      dueIn(worldOf(one, library, DAY)).flatMap((what) =>
        what.kind === 'checks' ? what.checks : []
      )
    expect(due(state)).toEqual(['fence', ALIGN])
    const once = change.itemChecked(state, 'i', 'fence')
    expect(due(once)).toEqual([ALIGN])
    expect(workspaceHash(once)).toBe(workspaceHash(state))
    const done = change.itemChecked(once, 'i', ALIGN)
    expect(due(done)).toEqual([])
    expect(done.items[0]).not.toHaveProperty('checks')
  })
  test('what is left to look at: all but what was fine, and setting it true', () => {
    const answers: Record<string, 'fine'> = Object.fromEntries(
      sheet.points.map(({ id }) => [id, 'fine' as const])
    )
    const { fence: _fence, ...rest } = answers
    const open = { ...rest, cord: 'doubtful' as const }
    expect(arrivalChecks(sheet, answers, saw)).toEqual([ALIGN])
    expect([...arrivalChecks(sheet, open, saw)].sort()).toEqual([ALIGN, 'cord', 'fence'])
    expect(inspected(sheet, open, 20_000, 40_000).open).toBe(1)
  })
})
