import type { HazardClass } from '../catalogue'
import { HOSES } from '../fit'
import { distinct } from '../kernel'
import { findOffer } from '../prices'
import { runTogether, type Together } from '../workshop'
import type { Plan, World } from '../workspace'

/** Classes whose tools make enough dust to run with a hose on. */
const DUSTY: readonly HazardClass[] = [
  'hand-blade',
  'fixed-blade',
  'router-bit',
  'feed-rollers',
  'dust'
]

/** Machines on a cord, owned and planned, each with the vacuum or extractor that runs with it. */
export function runningTogether(world: World, plan: Plan | undefined): Together[] {
  const { workspace, library, pricing } = world
  const bought = (plan?.purchases ?? []).flatMap(({ offer }) => findOffer(pricing, offer) ?? [])
  const corded = distinct(
    [...workspace.items, ...bought].flatMap(({ tool, power }) => (power === 'corded' ? [tool] : []))
  ).flatMap((id) => library.tools.get(id) ?? [])
  const hoses = corded.filter(({ id }) => (HOSES as readonly string[]).includes(id))
  return corded
    .filter(({ hazard }) => hazard !== null && DUSTY.includes(hazard))
    .flatMap((tool) => hoses.map((hose) => runTogether(workspace.workshop, tool, hose)))
}
