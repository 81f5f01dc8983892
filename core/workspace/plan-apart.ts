import { jigBuild } from '../builds'
import type { Library } from '../catalogue'
import { findOffer, hireOf } from '../prices'
import type { Workspace, WorkspaceFile } from './types'
import type { Plan, PlannedPurchase } from './plan-types'

/** A file's workspace and plan, apart. */
export function splitPlan({ plan, ...workspace }: WorkspaceFile): {
  readonly workspace: Workspace
  readonly plan: Plan | undefined
} {
  return { workspace, plan }
}

/** What is left of a plan in a workspace that has changed: what it names and is gone is left out. Its hash says that it was made for an earlier state. */
export function trimmedPlan(plan: Plan, workspace: Workspace, library: Library): Plan {
  const pricing = { library, offers: workspace.offers }
  const isBuild = (id: string): boolean =>
    workspace.builds.some((build) => build.id === id) || jigBuild(library, id) !== undefined
  const isOffer = (id: string): boolean =>
    findOffer(pricing, id) !== undefined ||
    (workspace.bundles ?? []).some((bundle) => bundle.id === id) ||
    hireOf(workspace.hires, id) !== undefined
  const builds = plan.builds.filter(({ build }) => isBuild(build))
  const purchases = plan.purchases.filter(({ offer }) => isOffer(offer))
  const whole = builds.length === plan.builds.length && purchases.length === plan.purchases.length
  return whole ? plan : { ...plan, builds, purchases }
}

/** A plan without purchases that have been made, or given up. */
export const withoutPurchases = (plan: Plan, gone: readonly PlannedPurchase[]): Plan => ({
  ...plan,
  purchases: plan.purchases.filter(({ id }) => !gone.some((one) => one.id === id))
})
