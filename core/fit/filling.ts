import type { Method, RoleNeed, SpecRule, Step } from '../catalogue'
import { leastBy, sumOf } from '../kernel'
import type { Workshop } from '../workshop'
import type { Kit, KitTool } from './kit'
import {
  boundValue,
  exactEnough,
  lackingCompanions,
  lackingProtection,
  leadError,
  minutesOf,
  overload,
  reach,
  resultError,
  roundMinutes,
  tieHolds,
  type WorkAroundUse
} from './kernel'
import type { Miss, Able, Choosing } from './method-fit'

/** What is still missing for a tool to be useful and safe in a method. @param leads whether it does the work: then what the work asks for is asked with it */
export function serviceMisses(
  kit: Kit,
  entry: KitTool,
  method: Method,
  workshop: Workshop,
  leads: boolean
): Miss[] {
  const tool = entry.tool.id
  const over = overload(entry, workshop)
  return [
    ...lackingCompanions(kit, entry, method.operation).map(({ anyOf, count }): Miss => ({
      kind: 'companion',
      tool,
      anyOf,
      count
    })),
    ...lackingProtection(kit, entry.tool, leads ? method : undefined).map((protection): Miss => ({
      kind: 'protection',
      tool,
      protection
    })),
    ...(over ? [{ kind: 'circuit' as const, tool, ...over }] : [])
  ]
}

/** How far the best of the tools that play a role falls short of one of its rules. */
function specMiss(need: RoleNeed, candidates: readonly KitTool[], stock: Step['stock']): Miss {
  const shortfall = (entry: KitTool): { rule: SpecRule; by: number } | undefined =>
    need.rules.flatMap((rule) => {
      // What a work-around bridges is not what is in the way.
      if (reach(entry, { ...need, rules: [rule] }, stock) !== undefined) return []
      const needed = boundValue(rule, stock) ?? 0
      return [{ rule, by: Math.abs(needed - (entry.specs[rule.spec] ?? 0)) }]
    })[0]
  const nearest = leastBy(candidates, (entry) => shortfall(entry)?.by ?? Infinity)
  const short = nearest && shortfall(nearest)
  const { role, count } = need
  if (!nearest || !short)
    return { kind: 'role', role, count, have: sumOf(candidates, (one) => one.count) }
  const { spec, is } = short.rule
  return {
    kind: 'spec',
    role,
    tool: nearest.tool.id,
    spec,
    is,
    has: nearest.specs[spec] ?? 0,
    needs: boundValue(short.rule, stock) ?? 0,
    count
  }
}

interface Filled {
  readonly tools: readonly KitTool[]
  readonly workArounds: readonly WorkAroundUse[]
  readonly miss?: Miss
}

const filledBy = (chosen: readonly Able[]): Filled => ({
  tools: chosen.map(({ entry }) => entry),
  workArounds: chosen.flatMap(({ workArounds }) => workArounds)
})

export function fillRole(
  choosing: Choosing,
  need: RoleNeed,
  able: readonly Able[],
  leads: boolean
): Filled {
  const have = sumOf(able, ({ entry }) => entry.count)
  const { role, count } = need
  if (have < count) {
    const players = choosing.kit.byRole.get(role) ?? []
    if (have === 0 && players.length > 0)
      return { tools: [], workArounds: [], miss: specMiss(need, players, choosing.step.stock) }
    return { ...filledBy(able), miss: { kind: 'role', role, count, have } }
  }
  if (able.length === 1) return filledBy(able)
  const rank = leads ? leadRank : followRank
  const sorted = able
    .map((one) => ({ one, rank: rank(choosing, one) }))
    .sort((a, b) => a.rank - b.rank)
  let filled = 0
  const chosen: Able[] = []
  for (const { one } of sorted) {
    if (filled >= count) break
    filled += one.entry.count
    chosen.push(one)
  }
  return filledBy(chosen)
}

/** A miss outweighs any number of minutes. */
const PER_MISS = 1e6

const servicedRank = ({ kit, method, workshop }: Choosing, entry: KitTool): number =>
  serviceMisses(kit, entry, method, workshop, false).length * PER_MISS

/** Of tools that could lead: one with all it needs, exact enough, then the quickest for the load. */
function leadRank(choosing: Choosing, { entry, workArounds }: Able): number {
  const { kit, method, step, load } = choosing
  const error = resultError(method, leadError(method, entry, workArounds), kit.markingMm)
  return (
    servicedRank(choosing, entry) +
    (exactEnough(error, step.accuracyMm) ? 0 : PER_MISS) +
    minutesOf(method, entry, workArounds, load)
  )
}

/** Of tools for the other roles: one with all it needs, then the one with least work-around. */
const followRank = (choosing: Choosing, { entry, workArounds }: Able): number =>
  servicedRank(choosing, entry) +
  roundMinutes(workArounds, choosing.load) +
  sumOf(workArounds, ({ around }) => around.errorMm)

/** Ties that no two of the tools able to play their roles hold. */
export const tieMisses = (method: Method, ables: readonly (readonly Able[])[]): Miss[] =>
  (method.ties ?? []).flatMap((tie): Miss[] => {
    const able = (name: string): readonly Able[] =>
      ables[method.roles.findIndex((need) => need.role === name)] ?? []
    const [a, b] = [able(tie.role), able(tie.withRole)]
    const held = b.some((other) => a.some(({ entry }) => tieHolds(tie, entry, other.entry)))
    if (a.length === 0 || b.length === 0 || held) return []
    return [{ kind: 'tie', role: tie.role, withRole: tie.withRole, comparator: tie.comparator }]
  })
