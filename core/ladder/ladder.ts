import { isDone } from '../builds'
import { neededCompanions } from '../fit'
import { distinct, seededRandom, sumOf } from '../kernel'
import { tierRank, type Tool } from '../catalogue'
import { modelOf, problemOf, supplyOf, type Choice } from '../search'
import { afterOf } from '../worth'
import type { World } from '../workspace'
import { apply, climb } from './climb'
import { KitValue, type ActivityTaken } from './kit-value'
import { notForBuilds } from './not-for'
import { EXACT_RUNGS, areaUnder, inOrder, type Step } from './order'
import { shopOf, type Package, type Shop } from './packages'
import type { Band, Ladder, Rung, RungPart, TierReason } from './rung'

/** Seed of what little is drawn: the same world gives the same ladder. */
const SEED = 1

/** An accessory comes along with its tool where it costs no more than this share of it; otherwise it is a purchase of its own. */
const SMALL_BESIDE = 1 / 3

/** What paying for so many of a choice takes, minor units. */
const payFor = ({ makes, payment }: Choice, count: number): number =>
  makes ? 0 : count * Math.min(...payment.filter(Number.isFinite))

/** How the builds are done with the kit as it is, by activity; the user's own first. */
function allTaken({ kit, model }: Shop): Map<number, ActivityTaken> {
  const { wanted, after } = model.problem
  return new Map(
    [...wanted, ...after].flatMap((activity) => {
      const taken = kit.taken(activity)
      return taken && taken.net > 0 ? [[activity, taken] as const] : []
    })
  )
}

/** Choices that play a part in a mode, apart from what comes along; and operations they do it in. */
function playing({ model }: Shop, mode: number, bought: ReadonlySet<number>): number[] {
  const { modes, requirements } = model.problem
  return modes[mode]!.requires.flatMap((requirement) => {
    const { along, from } = requirements[requirement]!
    return along ? [] : [...from.keys()].filter((choice) => bought.has(choice))
  })
}

/** What each choice is used for with the kit as it is: operations, and the choices it plays together with. */
interface Uses {
  readonly operations: Set<string>
  readonly together: Set<number>
}

function usesOf(
  shop: Shop,
  bought: ReadonlySet<number>,
  taken: Iterable<ActivityTaken>
): Map<number, Uses> {
  const { problem } = shop.model
  const { library } = problem.world
  const found = new Map<number, Uses>()
  const useOf = (choice: number): Uses => {
    const present = found.get(choice) ?? { operations: new Set(), together: new Set() }
    found.set(choice, present)
    return present
  }
  for (const { steps } of taken)
    for (const { modes } of steps)
      for (const mode of modes) {
        const parts = playing(shop, mode, bought)
        const operation = library.methods.get(problem.modes[mode]!.method)?.operation
        for (const choice of parts) {
          const { operations, together } = useOf(choice)
          if (operation !== undefined) operations.add(operation)
          for (const other of parts) if (other !== choice) together.add(other)
        }
      }
  return found
}

/** Which of what was bought leads a rung, and what comes along with it: companions and protection, what is put into a tool, and what is made for it. */
function stepsOf(shop: Shop, bought: Package): Step[] {
  const { kit, alone } = shop
  const { choices } = shop.model.problem
  const all = [...bought.keys()]
  apply(kit, bought, 1)
  const whole = kit.value()
  const uses = usesOf(shop, new Set(all), allTaken(shop).values())
  const toolOf = (choice: number): Tool => choices[choice]!.entries[0]!.tool
  const isTool = (choice: number): boolean => toolOf(choice).kind === 'tool'
  const serves = (companion: number, lead: number): boolean => {
    const [with_, tool] = [toolOf(companion), toolOf(lead)]
    return (
      with_.protects.some((one) => tool.needs.includes(one)) ||
      [...(uses.get(lead)?.operations ?? [])].some((operation) =>
        neededCompanions(tool, operation).some(({ anyOf }) => anyOf.includes(with_.id))
      )
    )
  }
  const priceOf = (choice: number): number => payFor(choices[choice]!, bought.get(choice) ?? 1)
  /** Played with a tool, what is no tool itself comes along with it, where it is small beside it. */
  const follows = (choice: number, lead: number): boolean =>
    !isTool(choice) &&
    isTool(lead) &&
    (uses.get(choice)?.together.has(lead) ?? false) &&
    priceOf(choice) <= SMALL_BESIDE * priceOf(lead)
  const comesWith = (choice: number, lead: number): boolean =>
    choice !== lead && (uses.has(choice) ? follows(choice, lead) : serves(choice, lead))
  const leads = all.filter((choice) => uses.has(choice) && !all.some((lead) => follows(choice, lead)))
  const unled = all.filter((choice) => !leads.includes(choice) && !leads.some((lead) => comesWith(choice, lead)))
  const steps = [...leads, ...unled].map((lead): Step => {
    const count = bought.get(lead) ?? 1
    const along = new Map<number, number>()
    const bring = (to: number): void => {
      for (const choice of all)
        if (!leads.includes(choice) && !along.has(choice) && comesWith(choice, to)) {
          along.set(choice, bought.get(choice) ?? 1)
          bring(choice)
        }
    }
    bring(lead)
    kit.add(lead, -count)
    const share = whole - kit.value()
    kit.add(lead, count)
    // What is made costs its work, so that it is made when it is of use.
    const costFor = (choice: number, n: number): number =>
      Math.max(payFor(choices[choice]!, n), choices[choice]!.makes ? alone[choice]! : 0)
    return {
      lead: new Map([[lead, count]]),
      along,
      cost: costFor(lead, count),
      alongCost: new Map([...along].map(([choice, n]) => [choice, costFor(choice, n)] as const)),
      share
    }
  })
  apply(kit, bought, -1)
  return steps
}

/** What is worked out for every rung alike. */
interface Context {
  readonly shop: Shop
  readonly world: World
  readonly whole: Package
  /** How all is done once every rung is climbed. */
  readonly atEnd: ReadonlyMap<number, ActivityTaken>
  readonly perYear: number
}

const nameOf = ({ model }: Shop, activity: number): string =>
  model.problem.activities[activity]!.build.id

/** Builds among activities, each once. */
const buildsOf = (shop: Shop, activities: Iterable<number>): string[] =>
  distinct([...activities].map((activity) => nameOf(shop, activity)))

/** What doing without a rung's lead costs with all else there. */
function withoutLead(
  { shop, whole, atEnd, perYear }: Context,
  lead: number,
  bought: ReadonlySet<number>
): Rung['without'] {
  const { kit } = shop
  const { problem } = shop.model
  const count = whole.get(lead) ?? 1
  const before = kit.value()
  kit.add(lead, -count)
  const value = before - kit.value()
  const then = allTaken(shop)
  kit.add(lead, count)
  const instead = new Set<string>()
  let minutes = 0
  const kinds = Math.max(1, problem.after.length)
  for (const [activity, taken] of atEnd) {
    const other = then.get(activity)
    if (!other) continue
    if (problem.after.includes(activity))
      minutes += ((other.minutes - taken.minutes) * perYear) / kinds
    taken.steps.forEach((step, i) => {
      if (!step.modes.some((mode) => playing(shop, mode, bought).includes(lead))) return
      for (const mode of other.steps[i]!.modes)
        for (const choice of playing(shop, mode, bought))
          if (choice !== lead) instead.add(problem.choices[choice]!.entries[0]!.tool.id)
    })
  }
  const closes = [...atEnd.keys()].filter(
    (activity) => problem.wanted.includes(activity) && !then.has(activity)
  )
  return {
    closes: buildsOf(shop, closes),
    minutesPerYear: Math.max(0, minutes),
    value,
    instead: [...instead]
  }
}

/** Why the tier: what the next cheaper offer of the same tool would lose, with all else there. */
function tierReason({ shop, whole, atEnd }: Context, lead: number): TierReason {
  const { kit, alone } = shop
  const { choices, wanted } = shop.model.problem
  const { entries, id } = choices[lead]!
  const { tool, tier } = entries[0]!
  const count = whole.get(lead) ?? 1
  const cheaper = choices
    .map((choice, i) => ({ choice, i }))
    .filter(
      ({ choice, i }) =>
        choice.id !== id &&
        choice.makes === undefined &&
        choice.entries.length === 1 &&
        choice.entries[0]!.tool.id === tool.id &&
        tierRank(choice.entries[0]!.tier) < tierRank(tier) &&
        alone[i]! < alone[lead]!
    )
    .sort(
      (a, b) =>
        tierRank(b.choice.entries[0]!.tier) - tierRank(a.choice.entries[0]!.tier) ||
        alone[a.i]! - alone[b.i]!
    )[0]
  if (!cheaper) return { tier, cheaper: undefined }
  const before = kit.value()
  kit.add(lead, -count)
  kit.add(cheaper.i, count)
  const loses = before - kit.value()
  const then = allTaken(shop)
  kit.add(cheaper.i, -count)
  kit.add(lead, count)
  const closes = [...atEnd.keys()].filter(
    (activity) => wanted.includes(activity) && !then.has(activity)
  )
  return {
    tier,
    cheaper: {
      offer: cheaper.choice.id,
      saves: payFor(choices[lead]!, count) - payFor(cheaper.choice, count),
      closes: buildsOf(shop, closes),
      loses
    }
  }
}

/** Money there now above the reserve, and with all that comes in the time of the plan. */
function moneyOf(world: World): { now: number; inTime: number } {
  const { reserve } = world.workspace.money
  const coming = sumOf(
    world.receipts.filter(({ date }) => date > world.asOf),
    ({ amount }) => amount
  )
  return {
    now: Math.max(0, world.balance - reserve),
    inTime: Math.max(0, world.balance + coming - reserve)
  }
}

const bandOf = (total: number, now: number, inTime: number): Band =>
  total <= now ? 'first' : total <= inTime ? 'next' : 'later'

/** The rungs with all that is said of them, in their order. */
function describe(context: Context, order: readonly Step[]): Rung[] {
  const { shop, world, whole, atEnd } = context
  const { kit, alone } = shop
  const { choices, activities, wanted } = shop.model.problem
  const bought = new Set(whole.keys())
  const { now, inTime } = moneyOf(world)
  const leadOf = (step: Step): number => [...step.lead.keys()][0]!
  const part = (choice: number, count: number): RungPart => ({
    tool: choices[choice]!.entries[0]!.tool.id,
    offer: choices[choice]!.id,
    count,
    made: choices[choice]!.makes !== undefined,
    cost: payFor(choices[choice]!, count)
  })
  const uses = (taken: ReadonlyMap<number, ActivityTaken>, lead: number) => {
    const builds = new Set<number>()
    let steps = 0
    for (const [activity, one] of taken) {
      if (!wanted.includes(activity)) continue
      for (const { modes } of one.steps)
        if (modes.some((mode) => playing(shop, mode, bought).includes(lead))) {
          builds.add(activity)
          steps++
        }
    }
    return { builds, steps }
  }
  // What is said of doing without is said of the whole kit.
  apply(kit, whole, 1)
  const ends = new Map(
    order.map((step) => {
      const lead = leadOf(step)
      return [
        lead,
        {
          without: withoutLead(context, lead, bought),
          tier: tierReason(context, lead),
          used: uses(atEnd, lead)
        }
      ] as const
    })
  )
  apply(kit, whole, -1)
  const area = areaUnder(kit, order)
  const brought = new Set<number>()
  const rungs: Rung[] = []
  let total = 0
  let reckoned = 0
  let value = kit.value()
  let before = allTaken(shop)
  /** Rungs that have not paid yet, with what they are short of. */
  let waiting: { at: number; short: number }[] = []
  order.forEach((step, at) => {
    const lead = leadOf(step)
    const along = [...step.along].filter(([choice]) => !brought.has(choice))
    for (const [choice] of along) brought.add(choice)
    apply(kit, step.lead, 1)
    for (const [choice, count] of along) kit.add(choice, count)
    const parts = along.map(([choice, count]) => part(choice, count))
    const one = part(lead, step.lead.get(lead) ?? 1)
    const cost = one.cost + sumOf(parts, (each) => each.cost)
    total += cost
    reckoned =
      alone[lead]! * one.count + sumOf(along, ([choice, count]) => alone[choice]! * count)
    const then = kit.value()
    const gain = then - value
    const after = allTaken(shop)
    const opened = [...after.keys()].filter(
      (activity) => wanted.includes(activity) && !before.has(activity)
    )
    const swapped = [...order]
    if (at + 1 < order.length) [swapped[at], swapped[at + 1]] = [swapped[at + 1]!, swapped[at]!]
    const end = ends.get(lead)!
    const here = end.used.builds.size > 0 ? end.used : uses(after, lead)
    rungs.push({
      lead: one,
      along: parts,
      cost,
      total,
      band: bandOf(total, now, inTime),
      gain,
      withRung: undefined,
      opens: buildsOf(shop, opened),
      usedIn: buildsOf(shop, here.builds),
      of: new Set(wanted.map((activity) => activities[activity]!.build.id)).size,
      steps: here.steps,
      without: end.without,
      tier: end.tier,
      firmness: 0
    })
    if (gain < reckoned) waiting.push({ at, short: reckoned - gain })
    else {
      let spare = gain - reckoned
      for (const one of [...waiting].reverse()) {
        if (spare < one.short) break
        spare -= one.short
        rungs[one.at] = { ...rungs[one.at]!, withRung: at }
        waiting = waiting.filter((other) => other !== one)
      }
    }
    value = then
    before = after
  })
  for (const step of order) apply(kit, step.lead, -1)
  for (const choice of brought) kit.add(choice, -(whole.get(choice) ?? 1))
  return rungs.map((rung, at) => {
    if (at + 1 >= order.length || area === 0) return rung
    const swapped = [...order]
    ;[swapped[at], swapped[at + 1]] = [swapped[at + 1]!, swapped[at]!]
    return { ...rung, firmness: Math.max(0, (area - areaUnder(kit, swapped)) / area) }
  })
}

/**
 * **The ladder** (docs/model.md, 4): from what is owned, single tools in the order to buy, each with what must come along. The kit is the
 * one V can be climbed to; its order has the largest area under V over money, so that whatever sum is spent as much as possible is had
 * for it.
 */
export function ladderOf(world: World): Ladder {
  const problem = problemOf(world)
  const kit = new KitValue(modelOf(problem))
  const shop = shopOf(kit, supplyOf(problem, seededRandom(SEED)))
  const already = [...allTaken(shop).keys()].filter((activity) => problem.wanted.includes(activity))
  const whole = climb(shop)
  const order = inOrder(kit, stepsOf(shop, whole))
  apply(kit, whole, 1)
  const atEnd = allTaken(shop)
  const { notFor, unasked } = notForBuilds(shop, world, whole, atEnd)
  apply(kit, whole, -1)
  const { perYear } = afterOf(world)
  const rungs = describe({ shop, world, whole, atEnd, perYear }, order)
  const made = new Set(buildsOf(shop, atEnd.keys()))
  return {
    rungs,
    notFor,
    unasked,
    already: buildsOf(shop, already),
    never: world.workspace.builds
      .filter((build) => !isDone(build) && !made.has(build.id))
      .map(({ id }) => id),
    ...moneyOf(world),
    exact: order.length <= EXACT_RUNGS
  }
}
