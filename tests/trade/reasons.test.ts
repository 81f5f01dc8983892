import { describe, expect, test } from '@jest/globals'
import { linesOf, reasonsFor, Weighing } from '../../core/weigh'
import { item, worldWith, emptyWorkspace } from '../helpers/workspaces'
import { workedReasons, type WorkedReason } from './reasons'

const worldOfReason = (one: WorkedReason) =>
  worldWith({
    items: one.owned.map((owned) =>
      typeof owned === 'string' ? item(owned) : item(owned[0], { count: owned[1] })
    ),
    // Worked for somebody at home with it, who makes these and no more, and for whom they are worth what they are worth.
    money: { ...emptyWorkspace().money, hourValue: one.hourValue ?? 0, after: { years: 0 } },
    bans: (one.without ?? []).map((id) => ({ kind: 'method' as const, id })),
    builds: one.builds.map(({ id, copies = 1, worthEach, materials = [], steps }) => ({
      id,
      name: id,
      copies,
      worthEach,
      wish: 'pays' as const,
      materials,
      steps: steps.map((step, i) => ({ id: `s${i}`, stock: {}, ...step }))
    }))
  })

describe('ten reasons worked by hand before the code that has to give them; common practice', () => {
  test.each(workedReasons.map((one) => [one.name, one] as const))('%s', (_, one) => {
    const world = worldOfReason(one)
    const weighing = new Weighing(world)
    // The purchase as the list has it, or, where the list puts it in a row with others, as the set it comes in.
    const all = [...weighing.rank().candidates, ...weighing.candidates()]
    const candidate =
      all.find(({ lead }) => lead.buyable.entry.tool.id === one.tool) ??
      all.find((other) => linesOf(other).some(({ buyable }) => buyable.entry.tool.id === one.tool))
    expect(candidate).toBeDefined()
    if (!candidate) return
    const { expects } = one
    const tools = linesOf(candidate).map(({ buyable }) => buyable.entry.tool.id)
    for (const tool of expects.along ?? []) expect(tools).toContain(tool)
    if (expects.count !== undefined)
      expect(
        linesOf(candidate).find(({ buyable }) => buyable.entry.tool.id === one.tool)?.count
      ).toBe(expects.count)
    if (expects.opens)
      expect(candidate.effects.filter(({ opens }) => opens).map(({ build }) => build)).toEqual(
        expects.opens
      )
    if (expects.minutesSaved !== undefined)
      expect(candidate.minutesSaved).toBe(expects.minutesSaved)
    if (expects.gain !== undefined) expect(candidate.gain).toBe(expects.gain)
    const reasons = reasonsFor(world, weighing.fitter, candidate)
    if (expects.cutsNoLongerPaid !== undefined)
      expect(reasons.services.reduce((sum, { units }) => sum + units, 0)).toBe(
        expects.cutsNoLongerPaid
      )
    if (expects.nearMiss)
      expect(reasons.nearMisses).toContainEqual(expect.objectContaining(expects.nearMiss))
    if (expects.duplicates)
      expect(reasons.regrets).toContainEqual(
        expect.objectContaining({ kind: 'duplicate', by: expects.duplicates })
      )
    if (expects.regret) expect(reasons.regrets.map(({ kind }) => kind)).toContain(expects.regret)
    if (expects.gentler)
      expect(
        reasons.hazard?.gentler?.parts
          .map(({ buyable }) => buyable.entry.tool.id)
          .some((tool) => expects.gentler?.includes(tool))
      ).toBe(true)
    if (expects.roughMetres !== undefined)
      expect(candidate.effects.reduce((sum, { roughMetres }) => sum + roughMetres, 0)).toBeCloseTo(
        expects.roughMetres,
        6
      )
  })
})
