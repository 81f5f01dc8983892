import { expect } from '@jest/globals'
import { TODAY, build, emptyWorkspace, funds, items } from './workspaces'
import { library } from '../../data'
import { worldOf, type Plan, type Workspace, type World } from '../../core/workspace'
import { evaluate } from '../../core/plan'
import { makePlan } from '../../core/search'

/** The choices of the trade, each in a case in which it is the obvious one; and each of their rules broken once on purpose. */
export const owned = items(
  'tape',
  'rafter-square',
  'hammer',
  'screwdrivers',
  'sanding-block',
  'finishing-kit',
  'panel-saw',
  'sawhorses',
  'safety-glasses',
  'drill-bits'
)
export const base: Workspace = emptyWorkspace({
  ...funds(30_000, 6000),
  items: owned,
  builds: [build('bird-box', { copies: 4, worthEach: 9000 })]
})
export const world = (change: Partial<Workspace> = {}): World =>
  worldOf({ ...base, ...change }, library, TODAY)
export const planned = (there: World): Plan => {
  const made = makePlan(there, { evaluations: 4000 })
  if (made.kind !== 'planned') throw new Error(made.kind)
  expect(made.report.broken).toEqual([])
  return made.plan
}
export const codes = (there: World, plan: Plan): string[] =>
  evaluate(there, plan).broken.map(({ code }) => code)
export const DRILL = 'drill-driver/weekend/new/buy/corded'
