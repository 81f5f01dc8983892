import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { readWorkspace, writeWorkspace } from '../formats'
import { hireOf, hiredBundles, type Hire } from '../prices'
import { bundlesOf, change, worldOf, type Workspace } from '.'

const DAY = '2026-05-04'
const hire: Hire = {
  id: 'my/planers',
  name: 'Planer hire',
  pieces: [{ tool: 'thicknesser', tier: 'trade', condition: 'used', power: 'corded', count: 1 }],
  per: 'day',
  fee: 3500,
  minutes: 300
}
const there = (more: Partial<Hire> = {}): Workspace =>
  change.addHire(emptyWorkspace(), { ...hire, ...more })
const stretches = (workspace: Workspace): [string, number, number, number][] =>
  bundlesOf(worldOf(workspace, library, DAY)).flatMap(({ id, hire: one }) =>
    one ? [[id, one.days, one.fee, one.minutes]] : []
  )

describe('what can be hired', () => {
  test('by the day, the visit and the month, each in its stretches', () => {
    expect(stretches(there())).toEqual([
      ['my/planers@1', 1, 3500, 300],
      ['my/planers@2', 2, 7000, 600],
      ['my/planers@3', 3, 10_500, 900]
    ])
    expect(stretches(there({ per: 'visit' }))).toEqual([
      ['my/planers@1', 1, 3500, 300],
      ['my/planers@8', 8, 7000, 600],
      ['my/planers@22', 22, 14_000, 1200]
    ])
    expect(stretches(there({ per: 'month' }))).toEqual([['my/planers@30', 30, 3500, 300]])
  })
  test('with what the tools cannot do without, but for protection', () => {
    const saw: Hire = {
      ...hire,
      pieces: [
        { tool: 'circular-saw', tier: 'trade', condition: 'used', power: 'corded', count: 1 }
      ]
    }
    const [first] = hiredBundles(library, [saw], DAY)
    const tools = first?.pieces.map(({ tool }) => tool) ?? []
    const needed = (library.tools.get('circular-saw')?.companions ?? []).filter(
      ({ kind, packs }) => kind !== 'advised' && !packs
    )
    for (const { anyOf } of needed)
      if (anyOf.some((id) => library.tools.get(id)?.kind !== 'protection'))
        expect(anyOf.some((id) => tools.includes(id))).toBe(true)
    expect(tools.some((id) => library.tools.get(id)?.kind === 'protection')).toBe(false)
  })
  test('paid for, it is a fee in the ledger and days there at no cost; taken back, both are gone', () => {
    const purchase = { id: 'p', offer: 'my/planers@2', count: 1, date: DAY, price: 7000 }
    const real = { purchase, date: DAY, paid: 6800, itemId: 'i', entryId: 'e' }
    const paid = change.recordPurchase(there(), library, real)
    expect(paid.items).toEqual([])
    expect(paid.ledger.at(-1)).toMatchObject({ kind: 'fee', amount: -6800, planned: -7000 })
    expect(paid.hires?.[0]?.taken).toEqual([{ from: DAY, until: '2026-05-05', minutes: 600 }])
    expect(stretches(paid).at(-1)).toEqual(['my/planers@@2026-05-04', 1, 0, 600])
    const back = change.reverseEntry(paid, 'e', 'r')
    expect(back.hires).toEqual([hire])
    expect(stretches(worldOf(paid, library, '2026-05-06').workspace)).toHaveLength(4)
    expect(hiredBundles(library, paid.hires, '2026-05-06')).toHaveLength(3)
  })
  test('a file takes it along; one with a tool nobody knows is refused', () => {
    const state = there({ elsewhere: true, until: '2026-12-31' })
    const read = readWorkspace(writeWorkspace(state), library)
    expect(read.ok && read.value.workspace).toEqual(state)
    const [piece] = hire.pieces
    const wrong = there({ pieces: piece ? [{ ...piece, tool: 'flying-saw' }] : [] })
    const refused = readWorkspace(writeWorkspace(wrong), library)
    expect(!refused.ok && refused.issues.map(({ code }) => code)).toEqual(['unknown.tool'])
  })
  test('an offer of the plan leads back to its terms, and nothing else does', () => {
    expect(hireOf([hire], 'my/planers@2')).toBe(hire)
    expect(hireOf([hire], 'my/planers-2')).toBeUndefined()
    expect(change.removeHire(there(), hire.id).hires).toEqual([])
  })
})
