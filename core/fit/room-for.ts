import type { Tool } from '../catalogue'
import { sumOf } from '../kernel'
import type { Thing } from '../workshop'
import type { World } from '../workspace'
import { floorRuleOf, type FloorRule } from './floor-rule'

/** Whether a tool finds room as it is drawn: by itself, and with all that is there already. */
export interface RoomFor {
  readonly tool: string
  readonly alone: boolean
  readonly beside: boolean
  /** Where it finds none: something that makes room when it is out while one works, by its id. */
  readonly out?: string | undefined
  /** Where it finds none: a smaller tool of its kind that does. */
  readonly smaller?: string | undefined
}

/** So many smaller ones are tried. */
const MOST_TRIED = 3
/** What can be driven or wheeled out while one works. */
const MOVES: readonly Thing['kind'][] = ['car', 'bikes']

/** The rule of the room with something out of it while one works. */
function ruleWithout(world: World, id: string): FloorRule | undefined {
  const { workshop } = world.workspace
  if (!workshop.plan) return undefined
  const things = workshop.plan.things.map((one) =>
    one.id === id ? { ...one, away: true as const } : one
  )
  return floorRuleOf({
    ...world,
    workspace: {
      ...world.workspace,
      workshop: { ...workshop, plan: { ...workshop.plan, things } }
    }
  })
}

/** What would make room for a tool beside others. */
function waysFor(
  world: World,
  rule: FloorRule,
  there: readonly Tool[],
  tool: Tool
): Pick<RoomFor, 'out' | 'smaller'> {
  const movable = (world.workspace.workshop.plan?.things ?? []).filter(
    ({ kind, away }) => MOVES.includes(kind) && !away
  )
  const out = movable.find(({ id }) => {
    const then = ruleWithout(world, id)
    return then?.goes(sumOf([...there, tool], (one) => then.amountOf(one)))
  })
  const taken = sumOf(there, (one) => rule.amountOf(one))
  const size = (one: Tool): number => one.usedM2 ?? one.storedM2
  const smaller = [...world.library.tools.values()]
    .filter(
      (one) =>
        one !== tool &&
        one.roles.some((role) => tool.roles.includes(role)) &&
        size(one) < size(tool) &&
        size(one) > 0
    )
    .sort((a, b) => size(b) - size(a))
    .slice(0, MOST_TRIED)
    .find((one) => rule.goes(taken + rule.amountOf(one)))
  return { out: out?.id, smaller: smaller?.id }
}

/**
 * Whether each of some tools would find room, one after another beside what is there and what came before it and found some; where one finds
 * none, what would make room.
 * @returns nothing where the room is not drawn
 */
export function roomFor(world: World, there: readonly Tool[], coming: readonly Tool[]): RoomFor[] {
  const rule = floorRuleOf(world)
  if (!rule || rule.limitM2 !== undefined) return []
  const standing = [...there]
  return coming.flatMap((tool): RoomFor[] => {
    const amount = rule.amountOf(tool)
    if (amount === 0) return []
    const beside = rule.goes(sumOf(standing, (one) => rule.amountOf(one)) + amount)
    if (beside) {
      standing.push(tool)
      return [{ tool: tool.id, alone: true, beside }]
    }
    const ways = waysFor(world, rule, standing, tool)
    return [{ tool: tool.id, alone: rule.goes(amount), beside, ...ways }]
  })
}
