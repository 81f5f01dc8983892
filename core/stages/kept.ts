import { expectedReceipts, findBuild, type Plan, type PlannedIncome, type Workspace, type World } from '../workspace'
import { batchOf } from './batch'
import { salesOf } from './evaluate-cash'

/** What a plan counts on from its first day to its last, as money and builds stand now: what is set aside, one-offs (going out too), and the builds that are sold. */
export function expectedBy(world: World, plan: Plan): PlannedIncome[] {
  const receipts = expectedReceipts(world.workspace, plan.asOf, plan.until)
  const sales = plan.builds.flatMap(({ build: id, copies, done }) => {
    const build = findBuild(world, id)
    return build ? salesOf(world, batchOf(build, copies), done, plan.until) : []
  })
  return [...receipts, ...sales].map(({ date, amount }) => ({ date, amount })).sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0))
}

/** Keeps the plan of today with what it counts on, so that it can be laid over what really happens even when the money settings have changed since. */
export const keepPlan = (world: World): Workspace => {
  const { workspace } = world
  return workspace.plan ? { ...workspace, adopted: [...workspace.adopted, { ...workspace.plan, expected: expectedBy(world, workspace.plan) }] } : workspace
}
