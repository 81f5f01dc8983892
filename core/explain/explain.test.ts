import { describe, expect, test } from '@jest/globals'
import { TODAY, build, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { plan as ground, world as groundWorld } from '../../tests/helpers/ground-plan'
import { library } from '../../data'
import { evaluate, movePurchase } from '../plan'
import { findOffer } from '../prices'
import { makePlan } from '../search'
import type { Plan, World } from '../workspace'
import { advisedWith, explainPurchase } from '.'

const toolOf = (world: World, offer: string): string => findOffer(world.pricing, offer)?.tool ?? ''

describe('what is advised with a purchase', () => {
  const saw = 'table-saw/weekend/new/buy/corded'
  const world = worldWith({
    ...funds(150_000, 0),
    builds: [build('bookcase')],
    items: items('tape', 'hammer', 'screwdrivers', 'vacuum'),
    pins: [{ offer: saw, count: 1, date: TODAY }]
  })
  const outcome = makePlan(world, { evaluations: 1500 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  const { plan } = outcome
  const purchase = plan.purchases.find(({ offer }) => offer === saw)
  if (!purchase) throw new Error('no saw')
  const advised = advisedWith(world, plan, purchase)

  test('companions the library advises, none of them there or planned', () => {
    const lists =
      library.tools
        .get('table-saw')
        ?.companions.filter(({ kind }) => kind === 'advised')
        .map(({ anyOf }) => anyOf) ?? []
    const here = new Set([
      ...world.workspace.items.map(({ tool }) => tool),
      ...plan.purchases.map(({ offer }) => toolOf(world, offer))
    ])
    // Each list of which nothing is here is spoken for once; the vacuum that is owned speaks for the extraction.
    // What is only made in the shop is no purchase.
    const open = lists.filter(
      (anyOf) =>
        !anyOf.some((id) => here.has(id)) &&
        anyOf.some((id) => library.tools.get(id)?.madeBy === undefined)
    )
    expect(open.length).toBeGreaterThan(1)
    expect(advised.map(({ tool }) => open.findIndex((anyOf) => anyOf.includes(tool)))).toEqual(
      open.map((_, i) => i)
    )
    expect(advised.some(({ tool }) => ['vacuum', 'chip-extractor'].includes(tool))).toBe(false)
  })

  test('what is taken along is in the next plan, and no longer advised', () => {
    const [one] = advised
    if (one?.date === undefined) throw new Error('not to be had')
    const pins = [...world.workspace.pins, { offer: one.offer, count: 1, date: one.date }]
    const then = worldWith({ ...world.workspace, pins })
    const next = makePlan(then, { evaluations: 1500 })
    if (next.kind !== 'planned') throw new Error(next.kind)
    expect(next.report.broken).toEqual([])
    expect(next.plan.purchases.map(({ offer }) => offer)).toContain(one.offer)
    const saws = next.plan.purchases.find(({ offer }) => offer === saw)
    expect(saws && advisedWith(then, next.plan, saws).map(({ tool }) => tool)).not.toContain(
      one.tool
    )
  })

  test('what is advised is no plainer than the tools that are wished', () => {
    expect(world.workspace.preferences.tier).toBe('weekend')
    const tiers = advised.map(({ offer }) => findOffer(world.pricing, offer)?.tier)
    expect(tiers.length).toBeGreaterThan(0)
    expect(tiers).not.toContain('get-by')
  })
  test('with an empty purse it is said that nothing is left for it', () => {
    const poor: World = { ...world, balance: outcome.report.spent + 100 }
    expect(advisedWith(poor, plan, purchase).every(({ date }) => date === undefined)).toBe(true)
  })
})

describe('could it wait, with what comes along', () => {
  test.each(ground.purchases.map((one) => [one.offer, one] as const))('%s', (_, purchase) => {
    const { slack, slackUntil, waitsWith, later } = explainPurchase(groundWorld, ground, purchase)
    if (slack === 0 || slackUntil === undefined) return expect(waitsWith).toEqual([])
    const moved = [purchase.id, ...waitsWith].reduce(
      (so: Plan, id) => movePurchase(groundWorld, so, id, slackUntil),
      ground
    )
    expect(evaluate(groundWorld, moved).broken).toEqual([])
    // Protection and companions alone wait along, and only of the same day.
    for (const id of waitsWith) {
      const other = ground.purchases.find((one) => one.id === id)
      expect(other?.date).toBe(purchase.date)
    }
    expect(later.length > 0 || slackUntil >= (groundWorld.receipts.at(-1)?.date ?? '')).toBe(true)
  })
})
