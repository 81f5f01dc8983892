import type {
  Method,
  RoleNeed,
  SpecName,
  SpecRule,
  StockSize,
  Tie,
  Tool,
  WorkAround
} from '../../catalogue'
import type { KitTool } from '../kit'

/** The figure a rule asks for on this stock, in the unit of the spec; undefined when the stock does not say. */
export function boundValue(rule: SpecRule, stock: StockSize): number | undefined {
  const { stock: field, times = 1, plus = 0 } = rule.bound
  if (field === undefined) return plus
  const size = stock[field]
  return size === undefined ? undefined : size * times + plus
}

/** Whether a tool's spec meets a rule outright. A spec the tool does not have never does. */
export function meets(specs: KitTool['specs'], rule: SpecRule, stock: StockSize): boolean {
  const needed = boundValue(rule, stock)
  if (needed === undefined) return true
  const has = specs[rule.spec]
  if (has === undefined) return false
  return rule.is === 'atLeast' ? has >= needed : has <= needed
}

/** A work-around in use: a tool that gives less than the step asks for, and how it is done all the same. Lengths in millimetres. */
export interface WorkAroundUse {
  readonly role: string
  readonly tool: string
  readonly spec: SpecName
  readonly has: number
  readonly needs: number
  readonly around: WorkAround
}

const OUTRIGHT: readonly WorkAroundUse[] = []

/** How a tool meets all rules of a role: outright (an empty list), by work-arounds, or not at all (undefined). */
export function reach(
  entry: KitTool,
  need: RoleNeed,
  stock: StockSize
): readonly WorkAroundUse[] | undefined {
  let uses: readonly WorkAroundUse[] = OUTRIGHT
  for (const rule of need.rules) {
    if (meets(entry.specs, rule, stock)) continue
    const { otherwise: around, spec } = rule
    const has = entry.specs[spec]
    const needs = boundValue(rule, stock)
    if (!around || has === undefined || needs === undefined) return undefined
    if (rule.is === 'atMost' || has * around.reach < needs) return undefined
    uses = [...uses, { role: need.role, tool: entry.tool.id, spec, has, needs, around }]
  }
  return uses
}

/** Whether a tool plays the leading role of a method: the one that does the work. */
export const leads = (tool: Tool, { roles: [lead] }: Method): boolean =>
  lead !== undefined && tool.roles.includes(lead.role)

/** Whether a tool can lead a method on stock of this size, by work-arounds where need be. */
export const leadsOn = (entry: KitTool, method: Method, stock: StockSize): boolean =>
  leads(entry.tool, method) &&
  method.roles[0] !== undefined &&
  reach(entry, method.roles[0], stock) !== undefined

/** A shank is held by a collet of the same size, to within this many millimetres. */
const COLLET_PLAY_MM = 0.1

/**
 * Whether two tools of a method go together: the shank of `a` in the collet of `b`, or both on one battery platform. A size or a platform
 * that is not said is no obstacle.
 * @param a plays the tie's `role`, `b` its `withRole`
 */
export function tieHolds(tie: Tie, a: KitTool, b: KitTool): boolean {
  if (tie.comparator === 'same-platform')
    return a.platform === undefined || b.platform === undefined || a.platform === b.platform
  const shank = a.specs.shankMm
  const collet = b.specs.colletMm
  // A thinner shank sits in the reducing sleeve that comes with a large router; a thicker one never fits.
  return shank === undefined || collet === undefined || shank <= collet + COLLET_PLAY_MM
}

/** What a tie of a role goes by, as a key: tools with equal keys are tied alike. Empty where nothing is tied. */
export function tieKey(ties: readonly Tie[] | undefined, role: string, entry: KitTool): string {
  const tie = ties?.find((one) => one.role === role || one.withRole === role)
  if (!tie) return ''
  if (tie.comparator === 'same-platform') return entry.platform ?? '*'
  return String((tie.role === role ? entry.specs.shankMm : entry.specs.colletMm) ?? '*')
}
