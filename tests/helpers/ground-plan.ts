import { TODAY, build, emptyWorkspace, funds, items } from './workspaces'
import { worldOf, type Plan, type Workspace, type World } from '../../core/workspace'
import { library } from '../../data'
import { evaluate } from '../../core/plan'
import { makePlan } from '../../core/search'

const { money, ledger } = funds(20_000, 6000)
const PURSE = { ledger, money: { ...money, timber: 'purse' as const } }

/** A small workspace whose first plan holds, as the ground every rule is broken on once, on purpose. */
export const owned = items(
  'tape',
  'rafter-square',
  'hammer',
  'screwdrivers',
  'sanding-block',
  'finishing-kit',
  'panel-saw',
  'sawhorses'
)
export const base: Workspace = emptyWorkspace({
  ...PURSE,
  preferences: { ...emptyWorkspace().preferences, power: 'corded' },
  items: owned,
  builds: [
    build('bird-box', { copies: 4, worthEach: 9000, wish: 'pays' }),
    build('shed-door', { worthEach: 40_000, wish: 'pays' })
  ],
  // A drill, its bits and glasses are what the rules are broken on; timber comes out of the purse.
  bans: [{ kind: 'tool', id: 'brace' }]
})
export const ground = (change: Partial<Workspace> = {}): World =>
  worldOf({ ...base, ...change }, library, TODAY)
export const world = ground()
const outcome = makePlan(world)
if (outcome.kind !== 'planned') throw new Error(`the ground plan is ${outcome.kind}`)
export const plan: Plan = outcome.plan
export const codes = (changed: Plan, there: World = world): string[] =>
  evaluate(there, changed).broken.map(({ code }) => code)
