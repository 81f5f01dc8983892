import { describe, expect, test } from '@jest/globals'
import { damaged } from '../../tests/helpers/mutate'
import { TODAY, demo, demoText } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { checkWorkspace, salvage, writeWorkspace } from '.'
import { MOST } from './limits'

const hive = demo('hive-yard')
type Loose = Record<string, unknown> &
  Record<'builds' | 'ledger' | 'items', Record<string, unknown>[]>
/** The demo with something done to it, what is set aside of it, and what is left. */
function salvaged(damage: (state: Loose) => void) {
  const state = structuredClone(hive) as unknown as Loose
  damage(state)
  const read = salvage(state, library, hive.id, TODAY)
  if (!read.ok) throw new Error(JSON.stringify(read.issues))
  return {
    left: read.value.workspace,
    aside: read.value.aside.map(({ path, issue }) => `${path.join('.')} ${issue.code}`)
  }
}

describe('the smallest part that is wrong is set aside, and all else stays', () => {
  test('a field that may be missing goes alone', () => {
    const { left, aside } = salvaged(({ builds }) => {
      Object.assign(builds[0] ?? {}, {
        log: { begun: '2026-05-05', done: '2026-05-01', minutesSpent: 3 }
      })
    })
    expect(aside).toEqual(['builds.0.log.done build.done-before-begun'])
    expect(left.builds).toHaveLength(hive.builds.length)
    expect(left.builds[0]?.log).toEqual({ begun: '2026-05-05', minutesSpent: 3 })
  })
  test('an entry without what it must have goes whole; its neighbours stay', () => {
    const { left, aside } = salvaged(({ items }) => {
      delete items[1]?.tier
    })
    expect(aside).toEqual(['items.1 field.choice'])
    expect(left.items.map(({ id }) => id)).toEqual(
      hive.items.filter((_, i) => i !== 1).map(({ id }) => id)
    )
  })
  test('several of one list at once, in the right places', () => {
    const { left, aside } = salvaged(({ ledger }) => {
      for (const i of [1, 3, 5]) Object.assign(ledger[i] ?? {}, { amount: 1.5 })
    })
    expect(aside.sort()).toEqual([1, 3, 5].map((i) => `ledger.${i} money.fraction`))
    expect(left.ledger.map(({ id }) => id)).toEqual(
      hive.ledger.filter((_, i) => ![1, 3, 5].includes(i)).map(({ id }) => id)
    )
  })
  test('a setting nothing goes without gets its usual value', () => {
    const { left, aside } = salvaged((state) => {
      state.money = { ...(state.money as object), reserve: -1 }
      state.horizon = { start: '2199-12-01', length: 'month', count: 12 }
    })
    expect(aside[0]).toBe('money.reserve money.negative')
    expect([left.money.reserve, left.money.currency, left.horizon.start]).toEqual([0, 'EUR', TODAY])
  })
  test('a list that is too long keeps its first entries, a text its first signs', () => {
    const { left, aside } = salvaged((state) => {
      state.wishes = Array.from({ length: MOST.wishes + 2 }, () => 'jigsaw')
      Object.assign(state.builds[2] ?? {}, { name: 'x'.repeat(230) })
    })
    expect(aside.sort()).toEqual(['builds.2.name text.too-long', 'wishes list.too-long'])
    expect([left.wishes.length, left.builds[2]?.name.length]).toEqual([MOST.wishes, 200])
  })
  test('a reference that leads nowhere, a field that is none, an id that stands twice', () => {
    const { left, aside } = salvaged((state) => {
      state.bans = [{ kind: 'tool', id: 'none' }]
      state.surprise = 1
      state.items.push({ ...(state.items[0] ?? {}) })
    })
    expect(aside.sort()).toEqual(
      [
        'bans.0 unknown.tool',
        `items.${hive.items.length} id.duplicate`,
        'surprise field.unknown'
      ].sort()
    )
    expect([left.bans, left.items.length]).toEqual([[], hive.items.length])
  })
})

test('what is no workspace at all is refused, and nothing is made up', () => {
  expect(salvage({ format: 'other' }, library, 'x', TODAY).ok).toBe(false)
  expect(salvage({ ...hive, version: 99 }, library, 'x', TODAY)).toMatchObject({
    ok: false,
    issues: [{ code: 'file.newer' }]
  })
})

test('a damaged state that is still a workspace is always read as far as it goes; the original is not touched', () => {
  let read = 0
  for (let seed = 0; seed < 150; seed++) {
    let data: unknown
    try {
      data = JSON.parse(damaged(demoText('third-floor'), seed))
    } catch {
      continue
    }
    const before = JSON.stringify(data)
    const left = salvage(data, library, 'x', TODAY)
    expect(JSON.stringify(data)).toBe(before)
    if (!left.ok) continue
    read++
    expect(checkWorkspace(JSON.parse(writeWorkspace(left.value.workspace)), library).ok).toBe(true)
  }
  expect(read).toBeGreaterThan(90)
})
