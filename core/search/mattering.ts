import { roughVariant, type Build } from '../builds'
import { CONDITIONS, TIERS, resaleShare, type Library, type Tool } from '../catalogue'
import { cleanUpStep, neededCompanions } from '../fit'
import { endOfService } from '../plan'
import { findOffer } from '../prices'
import type { World } from '../workspace'

/** Tools that could matter to builds: what plays a role in a method of their steps, with companions, protection and squares. */
function toolsFor(library: Library, builds: readonly Build[]): Set<string> {
  const tools = new Set<string>()
  const operations = new Set<string>()
  const add = (id: string, operation: string): void => {
    const tool = library.tools.get(id)
    if (!tool) return
    tools.add(id)
    for (const { anyOf } of neededCompanions(tool, operation))
      for (const other of anyOf) if (!tools.has(other)) add(other, operation)
    for (const protection of tool.needs)
      for (const { id: gear } of library.protectionFor.get(protection) ?? []) tools.add(gear)
    const template = tool.madeBy === undefined ? undefined : library.templates.get(tool.madeBy)
    for (const step of template?.steps ?? []) work(step.operation)
  }
  const work = (operation: string): void => {
    if (operations.has(operation)) return
    operations.add(operation)
    for (const { parts = [] } of library.methodsFor.get(operation) ?? [])
      for (const part of parts) work(part.operation)
    for (const method of library.methodsFor.get(operation) ?? [])
      for (const { role } of method.roles)
        for (const { id } of library.toolsFor.get(role) ?? []) add(id, operation)
  }
  for (const build of builds)
    for (const step of (roughVariant(library, build)?.build ?? build).steps) {
      work(step.operation)
      const after = cleanUpStep(library, step)
      if (after) work(after.operation)
    }
  for (const { id } of library.toolsFor.get('square') ?? []) tools.add(id)
  return tools
}

/** Tools that could matter to a plan: those for its builds, and what is pinned with the protection it needs. */
export function mattering(world: World, builds: readonly Build[]): Set<string> {
  const { workspace, library, pricing } = world
  const matters = toolsFor(library, builds)
  for (const pin of workspace.pins) {
    const tool = library.tools.get(findOffer(pricing, pin.offer)?.tool ?? '')
    if (tool) matters.add(tool.id)
    for (const protection of tool?.needs ?? [])
      for (const { id } of library.protectionFor.get(protection) ?? []) matters.add(id)
  }
  return matters
}

/** Tools that could pay without any build: what deals hold for, and what a sale brings below what it is resold for. */
export function paying(world: World): string[] {
  const { workspace, library } = world
  const dealt = (workspace.deals ?? []).flatMap(({ tools }) => tools)
  const off = Math.max(0, ...(workspace.saleWindows ?? []).map((window) => window.off))
  const counts = endOfService(world)
  const resold = [...library.tools.values()].filter(
    (tool) => 1 - off < counts * mostResaleShare(tool)
  )
  return [...dealt, ...resold.map(({ id }) => id)]
}

/** The largest share of its price that any offer of a tool brings when it is sold again. */
const mostResaleShare = (tool: Tool): number =>
  Math.max(
    ...TIERS.flatMap((tier) => CONDITIONS.map((condition) => resaleShare(tool, tier, condition)))
  )
