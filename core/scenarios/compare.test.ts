import { describe, expect, test } from '@jest/globals'
import { library, schools } from '../../data'
import { demo } from '../../tests/helpers/workspaces'
import { ladderOf } from '../ladder'
import { NEW_PLATFORM, powerPlan, type PoweredTool } from '../weigh'
import { worldOf } from '../workspace'
import { evaluate } from '../plan'
import { makePlan } from '../search'
import { schoolOutcome } from '.'

const workspace = demo('half-a-garage')
const world = worldOf(workspace, library, workspace.asOf ?? '')

describe('schools side by side', () => {
  test('one’s own mix is the list and the plan of the workspace as it stands', () => {
    const outcome = schoolOutcome(world, undefined)
    const free = worldOf({ ...workspace, pins: [] }, library, world.asOf)
    const plan = makePlan(free)
    if (plan.kind === 'clash') throw new Error('clash')
    expect(outcome.school).toBe('own')
    expect(outcome.order.map(({ tool, cost }) => [tool, cost])).toEqual(
      ladderOf(free)
        .rungs.slice(0, 5)
        .map(({ lead, cost }) => [lead.tool, cost])
    )
    const listed = (
      purchases: readonly {
        readonly offer: string
        readonly date: string
        readonly price: number
      }[]
    ): string[] => purchases.map(({ offer, date, price }) => `${offer} ${date} ${price}`).sort()
    expect(listed(outcome.purchases)).toEqual(listed(plan.plan.purchases))
    expect(outcome.spentOnTools).toBe(
      plan.plan.purchases.reduce((sum, { price }) => sum + price, 0)
    )
    // Minutes of work by the judge's own account, jigs and all.
    expect(
      Math.abs(
        outcome.minutes -
          evaluate(free, plan.plan).builds.reduce((sum, { minutes }) => sum + minutes, 0)
      )
    ).toBeLessThan(1 + plan.plan.builds.length + 0.02 * outcome.minutes)
  })
  test('a school that leaves a tool out buys none of it, and its dates lie within the plan', () => {
    const quiet = schools.find(({ id }) => id === 'quiet-push')
    const outcome = schoolOutcome(world, quiet)
    for (const { offer, date } of outcome.purchases) {
      const tool = library.tools.get(offer.split('/')[0] ?? '')
      expect(tool?.kind === 'tool' && tool.forms.every(({ power }) => power !== 'hand')).toBe(false)
      expect(date >= world.asOf && date <= world.until).toBe(true)
    }
    expect(outcome.builds.map(({ done }) => done)).toEqual(
      [...outcome.builds.map(({ done }) => done)].sort()
    )
  })
})

test('each tool its own set: every set with its packs, nothing shared', () => {
  const tools: PoweredTool[] = [
    { tool: 'a', corded: 3000, bare: 4000, kit: 9000, whPerHour: 100, minutesPerDay: 10 },
    { tool: 'b', corded: undefined, bare: 5000, kit: 8000, whPerHour: 50, minutesPerDay: 10 }
  ]
  // a: a body with two packs of 2500 and a charger of 1800 costs 10 800, the set 9000; b: 11 800 against 8000.
  const plan = powerPlan(tools, [], { pack: 2500, charger: 1800, packWh: 36 }, 'several')
  expect([
    plan?.cost,
    plan?.platforms.length,
    plan?.choices.every(({ choice }) => choice.kind === 'kit')
  ]).toEqual([17_000, 2, true])
  // On one platform the second one's packs are not needed: 8000 with the set of b and the body of a.
  expect(
    powerPlan(tools, [], { pack: 2500, charger: 1800, packWh: 36 }, 'one-platform')
  ).toMatchObject({ cost: 12_000, platforms: [{ platform: NEW_PLATFORM }] })
})
