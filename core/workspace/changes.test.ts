import { describe, expect, test } from '@jest/globals'
import { TODAY, build, demo, emptyWorkspace, worldWith } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { addDays } from '../calendar'
import { balanceOn } from '../ledger'
import { change, expectedReceipts, worldOf, workspaceHash } from '.'

const purchase = {
  id: 'p',
  offer: 'f-clamp-600/weekend/new/buy/hand',
  count: 4,
  date: '2026-06-01',
  price: 5760
}

describe('a purchase that was really made', () => {
  const before = emptyWorkspace({ pins: [{ offer: purchase.offer, count: 4, date: '2026-06-01' }] })
  const after = change.recordPurchase(before, library, {
    purchase,
    date: TODAY,
    paid: 5000,
    itemId: 'i',
    entryId: 'e'
  })
  test('is in the kit with its specs, in the ledger at its real price beside the planned one, and pinned no more', () => {
    expect(after.items).toMatchObject([
      {
        id: 'i',
        tool: 'f-clamp-600',
        count: 4,
        cost: 5000,
        since: TODAY,
        specs: { openingMm: 600 }
      }
    ])
    expect(after.ledger).toMatchObject([{ kind: 'tool', amount: -5000, planned: -5760, item: 'i' }])
    expect(after.pins).toEqual([])
    expect(before.items).toEqual([])
  })
  test('a gift of nothing is legal', () =>
    expect(
      balanceOn(
        change.recordPurchase(before, library, {
          purchase,
          date: TODAY,
          paid: 0,
          itemId: 'i',
          entryId: 'e'
        }).ledger,
        TODAY
      )
    ).toBe(0))
})

describe('builds that are really made', () => {
  test('begun with their timber paid, done with the hours they took', () => {
    const begun = change.beginBuild(emptyWorkspace({ builds: [build('bird-box')] }), library, {
      build: 'bird-box',
      date: TODAY,
      paid: 1234,
      planned: 1500,
      entryId: 'e',
      newBuildId: 'n'
    })
    expect(begun.ledger).toMatchObject([
      { kind: 'timber', amount: -1234, planned: -1500, build: 'bird-box' }
    ])
    const done = change.finishBuild(begun, library, {
      build: 'bird-box',
      date: addDays(TODAY, 3),
      minutesSpent: 150,
      itemId: 'i'
    })
    expect(done.builds[0]?.log).toEqual({
      begun: TODAY,
      done: addDays(TODAY, 3),
      minutesSpent: 150
    })
    expect(done.items).toEqual([])
  })
  test('a jig is kept from the day it is begun and becomes a tool when it is done', () => {
    const begun = change.beginBuild(emptyWorkspace(), library, {
      build: 'make/jig-bench-hook',
      date: TODAY,
      paid: 0,
      planned: 257,
      entryId: 'e',
      newBuildId: 'mine'
    })
    expect([begun.builds.map(({ id }) => id), begun.ledger]).toEqual([['mine'], []])
    expect(
      change.finishBuild(begun, library, {
        build: 'mine',
        date: TODAY,
        minutesSpent: 20,
        itemId: 'i'
      }).items
    ).toMatchObject([{ tool: 'bench-hook' }])
  })
})

test('pins replace one another, bans and wishes come and go', () => {
  const pinned = change.pin(
    change.pin(emptyWorkspace(), { offer: 'a', count: 1, date: '2026-06-01' }),
    { offer: 'a', count: 1, date: '2026-07-01' },
    '2026-06-01'
  )
  expect(pinned.pins).toEqual([{ offer: 'a', count: 1, date: '2026-07-01' }])
  expect(change.unpin(pinned, 'a', '2026-07-01').pins).toEqual([])
  const banned = change.ban(change.ban(emptyWorkspace(), { kind: 'tool', id: 't' }), {
    kind: 'tool',
    id: 't'
  })
  expect([banned.bans, change.unban(banned, { kind: 'tool', id: 't' }).bans]).toEqual([
    [{ kind: 'tool', id: 't' }],
    []
  ])
  expect(change.wish(change.wish(emptyWorkspace(), 't', true), 't', false).wishes).toEqual([])
})

describe('what is expected', () => {
  test('money that was answered is expected no more; what was missed is asked about', () => {
    const hive = demo('hive-yard')
    const world = worldOf(hive, library, TODAY)
    expect(world.overdue.map(({ key }) => key)).toEqual(['income/2026-05-01'])
    const answered = worldOf(
      change.addEntry(hive, {
        id: 'x',
        date: '2026-05-01',
        kind: 'set-aside',
        amount: 11_000,
        text: 'May',
        answers: 'income/2026-05-01'
      }),
      library,
      TODAY
    )
    expect([answered.overdue, answered.balance - world.balance]).toEqual([[], 11_000])
    expect(expectedReceipts(hive, '2026-07-01', '2026-07-31').map(({ amount }) => amount)).toEqual([
      11_000, 30_000
    ])
  })
  test('the plan runs on: a year later there are as many stages ahead as before', () => {
    const start = worldWith({ horizon: { start: '2026-05-04', length: 'month', count: 12 } })
    const later = worldOf(
      emptyWorkspace({
        asOf: '2027-09-20',
        horizon: { start: '2026-05-04', length: 'month', count: 12 }
      }),
      library,
      TODAY
    )
    expect([start.until, later.until, later.stages.length]).toEqual([
      '2027-05-03',
      '2028-09-03',
      28
    ])
  })
})

test('the hash follows what is planned with, not names or the plan itself', () => {
  const hive = demo('hive-yard')
  expect(workspaceHash({ ...hive, name: 'Other' })).toBe(workspaceHash(hive))
  expect(workspaceHash({ ...hive, wishes: ['jigsaw'] })).not.toBe(workspaceHash(hive))
  expect(workspaceHash({ ...hive, time: { minutesPerWeek: 1 } })).not.toBe(workspaceHash(hive))
})
