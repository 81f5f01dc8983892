import type { Companion, Protection, Tool } from '../../catalogue'
import { ampsOf, circuitCarries, type Workshop } from '../../workshop'
import { countOf, type Kit, type KitTool } from '../kit'

/** The companions a tool needs for an operation. */
export const neededCompanions = (tool: Tool, operation: string): readonly Companion[] =>
  tool.companions.filter(
    ({ kind, operation: only }) =>
      kind === 'needed' || (kind === 'needed-for' && only === operation)
  )

/** Whether a kit has a companion: enough of any one of the tools that serve for it. */
export const hasCompanion = (kit: Kit, { anyOf, count }: Companion): boolean =>
  anyOf.some((id) => countOf(kit, id) >= count)

/** The companions a tool needs for an operation that a kit does not have. */
export const lackingCompanions = (kit: Kit, tool: Tool, operation: string): Companion[] =>
  neededCompanions(tool, operation).filter((companion) => !hasCompanion(kit, companion))

/** The protection a tool asks for that a kit does not have. */
export const lackingProtection = (kit: Kit, tool: Tool): Protection[] =>
  tool.needs.filter((protection) => !kit.protects.has(protection))

/** The current by which a tool overloads the circuit, amperes; undefined where the circuit carries it. */
export const overload = (
  { tool, power }: Pick<KitTool, 'tool' | 'power'>,
  workshop: Workshop
): { readonly amps: number; readonly limit: number } | undefined =>
  circuitCarries(workshop, tool, power)
    ? undefined
    : { amps: ampsOf(tool, power, workshop.volts), limit: workshop.circuitAmps ?? 0 }
