import type { Build } from '../../core/builds'
import type { Issue } from '../../core/kernel'
import { emptyPlan, evaluate } from '../../core/plan'
import type { Offer, Quote } from '../../core/prices'
import type { Plan, PlannedPurchase, Workspace, World } from '../../core/workspace'
import { TODAY, funds, items, worldWith } from './workspaces'

/** A find of one's own at 10.00, which is bought used: 12 % of it is kept back for repairs. */
export const FIND: Offer = {
  id: 'my/find',
  tool: 'hand-drill',
  tier: 'weekend',
  condition: 'used',
  acquisition: 'buy',
  power: 'hand'
}
export const QUOTE: Quote = {
  id: 'q',
  offer: 'my/find',
  date: TODAY,
  price: 1000,
  seller: 'private'
}
export const there = (change: Partial<Workspace> = {}): World =>
  worldWith({ ...funds(10_000, 0), offers: [FIND], quotes: [QUOTE], ...change })
export const bought = (change: Partial<PlannedPurchase> = {}): PlannedPurchase => ({
  id: 'p1',
  offer: 'my/find',
  count: 1,
  date: '2026-06-01',
  price: 1000,
  ...change
})
export const planOf = (world: World, ...purchases: PlannedPurchase[]): Plan => ({
  ...emptyPlan(world),
  purchases
})
export const broken = (world: World, ...purchases: PlannedPurchase[]): readonly Issue[] =>
  evaluate(world, planOf(world, ...purchases)).broken

/** Two square metres to be sanded by block: 5 + 2 × 60 = 125 minutes a batch. */
export const PIECE: Build = {
  id: 'p',
  name: 'p',
  copies: 1,
  worthEach: 10_000,
  materials: [],
  steps: [{ id: 's1', operation: 'sand-flat', quantity: 2, stock: {} }]
}

/** A piece that can be sanded with what is owned, an evening's hours, and money enough. */
export const sanding = (piece: Partial<Build> = {}, change: Partial<Workspace> = {}): World =>
  worldWith({
    ...funds(50_000, 0),
    items: items('sanding-block', 'dust-masks'),
    builds: [{ ...PIECE, ...piece }],
    time: { minutesPerWeek: 1500 },
    ...change
  })
