import type { Companion, Method, Protection, Tool } from '../../catalogue'
import { distinct } from '../../kernel'
import { ampsOf, circuitCarries, mostAmps, type Workshop } from '../../workshop'
import { countOf, type Kit, type KitTool } from '../kit'

/** The companions a tool needs for an operation. @param power of its form: one on a cord needs no packs; any when left out */
export const neededCompanions = (
  tool: Tool,
  operation: string,
  power?: KitTool['power']
): readonly Companion[] =>
  tool.companions.filter(
    ({ kind, operation: only, packs }) =>
      (kind === 'needed' || (kind === 'needed-for' && only === operation)) &&
      (!packs || power === undefined || power === 'cordless')
  )

/** Whether a kit has a companion: enough of any one of the tools that serve for it. */
export const hasCompanion = (kit: Kit, companion: Companion): boolean =>
  companion.packs
    ? kit.tools.some((entry) => companion.anyOf.includes(entry.tool.id) && bringsPacks(entry))
    : companion.anyOf.some((id) => countOf(kit, id) >= companion.count)

/** Whether a tool brings packs and a charger: one on a cord does not. */
export const bringsPacks = ({ power }: Pick<KitTool, 'power'>): boolean => power !== 'corded'

/** The companions a tool needs for an operation that a kit does not have. */
export const lackingCompanions = (
  kit: Kit,
  { tool, power }: Pick<KitTool, 'tool' | 'power'>,
  operation: string
): Companion[] =>
  neededCompanions(tool, operation, power).filter((companion) => !hasCompanion(kit, companion))

/** The protection a tool asks for in a method, and the method itself. */
export const protectionFor = (tool: Tool, method?: Method): readonly Protection[] =>
  method?.protection === undefined ? tool.needs : distinct([...tool.needs, ...method.protection])

/** The protection that a tool, and a method it plays a part in, ask for and a kit does not have. */
export const lackingProtection = (kit: Kit, tool: Tool, method?: Method): Protection[] =>
  protectionFor(tool, method).filter((protection) => !kit.protects.has(protection))

/** The current by which a tool overloads the circuit, amperes; undefined where the circuit carries it. */
export const overload = (
  { tool, power, elsewhere }: Pick<KitTool, 'tool' | 'power' | 'elsewhere'>,
  workshop: Workshop
): { readonly amps: number; readonly limit: number } | undefined =>
  elsewhere || circuitCarries(workshop, tool, power)
    ? undefined
    : { amps: ampsOf(tool, power, workshop.volts), limit: mostAmps(workshop) ?? 0 }
