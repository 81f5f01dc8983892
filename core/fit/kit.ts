import {
  specsOf,
  type Condition,
  type Library,
  type Power,
  type Protection,
  type Specs,
  type Tier,
  type Tool
} from '../catalogue'
import { sumOf } from '../kernel'
import type { Item } from '../workspace'

/** One entry of a kit: a tool in a tier and condition, with the specs it really has. */
export interface KitTool {
  readonly tool: Tool
  readonly tier: Tier
  readonly condition: Condition
  readonly power: Power
  readonly platform?: string | undefined
  readonly specs: Specs
  readonly count: number
  /** So many times as inexact as others of its tier, 1 or more: worn, or set out of true. */
  readonly inexact?: number | undefined
  /** It stands in another workshop, and takes no current here. */
  readonly elsewhere?: boolean | undefined
}

/** The measures of a worn tool: what it is exact to grows with its wear. */
export const wornSpecs = (specs: Specs, inexact: number | undefined): Specs =>
  inexact === undefined || specs.accuracyMm === undefined
    ? specs
    : { ...specs, accuracyMm: specs.accuracyMm * inexact }

/** What the user owns together, arranged for look-ups. */
export interface Kit {
  readonly tools: readonly KitTool[]
  readonly byRole: ReadonlyMap<string, readonly KitTool[]>
  readonly byTool: ReadonlyMap<string, readonly KitTool[]>
  readonly protects: ReadonlySet<Protection>
  /** Error of the best marking tool, mm; `MARKED_BY_EYE_MM` without one. */
  readonly markingMm: number
}

/** Error of a line drawn with a pencil and no square, mm. Common practice. */
export const MARKED_BY_EYE_MM = 2

export function makeKit(tools: readonly KitTool[]): Kit {
  const byRole = new Map<string, KitTool[]>()
  const byTool = new Map<string, KitTool[]>()
  const protects = new Set<Protection>()
  let markingMm = MARKED_BY_EYE_MM
  const put = (map: Map<string, KitTool[]>, key: string, entry: KitTool): void => {
    const list = map.get(key)
    if (list) list.push(entry)
    else map.set(key, [entry])
  }
  for (const entry of tools) {
    put(byTool, entry.tool.id, entry)
    for (const role of entry.tool.roles) put(byRole, role, entry)
    for (const protection of entry.tool.protects) protects.add(protection)
    if (entry.tool.roles.includes('square'))
      markingMm = Math.min(markingMm, entry.specs.accuracyMm ?? MARKED_BY_EYE_MM)
  }
  return { tools, byRole, byTool, protects, markingMm }
}

/** The kit with more in it; only what changes is copied, since this is asked for often. */
export function kitWith(kit: Kit, extra: readonly KitTool[]): Kit {
  if (extra.length === 0) return kit
  const byRole = new Map(kit.byRole)
  const byTool = new Map(kit.byTool)
  let protects: Set<Protection> | undefined
  let { markingMm } = kit
  for (const entry of extra) {
    const { tool, specs } = entry
    byTool.set(tool.id, [...(byTool.get(tool.id) ?? []), entry])
    for (const role of tool.roles) byRole.set(role, [...(byRole.get(role) ?? []), entry])
    for (const protection of tool.protects) (protects ??= new Set(kit.protects)).add(protection)
    if (tool.roles.includes('square'))
      markingMm = Math.min(markingMm, specs.accuracyMm ?? MARKED_BY_EYE_MM)
  }
  return {
    tools: [...kit.tools, ...extra],
    byRole,
    byTool,
    protects: protects ?? kit.protects,
    markingMm
  }
}

/** The kit entry of an owned item; undefined for a tool the library does not know. */
export function kitTool(library: Library, item: Item): KitTool | undefined {
  const tool = library.tools.get(item.tool)
  if (!tool) return undefined
  const { tier, condition, power, platform, count, inexact } = item
  return {
    tool,
    tier,
    condition,
    power,
    platform,
    count,
    specs: wornSpecs({ ...specsOf(tool, tier), ...item.specs }, inexact),
    ...(inexact === undefined ? {} : { inexact })
  }
}

export const kitOf = (library: Library, items: readonly Item[]): Kit =>
  makeKit(items.flatMap((item) => kitTool(library, item) ?? []))

export const countOf = (kit: Kit, tool: string): number =>
  (kit.byTool.get(tool) ?? []).reduce((sum, entry) => sum + entry.count, 0)

/** The floor tools take where they are kept, m². */
export const floorOf = ({
  tools
}: {
  readonly tools: readonly { readonly tool: Pick<Tool, 'storedM2'>; readonly count: number }[]
}): number => sumOf(tools, ({ tool, count }) => tool.storedM2 * count)

/** So many of a tool as one would mostly buy it: new, of the weekend tier, in its first power form. */
export const plainTool = (tool: Tool, count = 1): KitTool => ({
  tool,
  tier: 'weekend',
  condition: 'new',
  power: tool.forms[0]?.power ?? 'hand',
  specs: specsOf(tool, 'weekend'),
  count
})
