import type { Protection, Tool } from '../catalogue'
import { leads, neededCompanions } from '../fit'
import { apply, payFor, playing, type ActivityTaken, type Package, type Shop } from '../search'
import type { Step } from './order'

/** An accessory comes along with its tool where it costs no more than this share of it; otherwise it is a purchase of its own. */
const SMALL_BESIDE = 1 / 3

/** How the builds are done with the kit as it is, by activity; the user's own first. */
export function allTaken({ kit, model }: Shop): Map<number, ActivityTaken> {
  const { wanted, after } = model.problem
  return new Map(
    [...wanted, ...after].flatMap((activity) => {
      const taken = kit.taken(activity)
      return taken && taken.net > 0 ? [[activity, taken] as const] : []
    })
  )
}

/** What each choice is used for with the kit as it is: operations, the choices it plays together with, and how often. */
interface Uses {
  readonly operations: Set<string>
  readonly together: Set<number>
  /** Protection that the work asks for which it does. */
  readonly asks: Set<Protection>
  /** Steps it plays a part in. */
  steps: number
}

const toolOf = ({ model }: Shop, choice: number): Tool =>
  model.problem.choices[choice]!.entries[0]!.tool

function usesOf(
  shop: Shop,
  bought: ReadonlySet<number>,
  taken: Iterable<ActivityTaken>
): Map<number, Uses> {
  const { problem } = shop.model
  const { library } = problem.world
  const found = new Map<number, Uses>()
  const useOf = (choice: number): Uses => {
    const present = found.get(choice) ?? {
      operations: new Set(),
      together: new Set(),
      asks: new Set(),
      steps: 0
    }
    found.set(choice, present)
    return present
  }
  for (const { steps } of taken)
    for (const { modes } of steps)
      for (const mode of modes) {
        const parts = playing(shop, mode, bought)
        const method = library.methods.get(problem.modes[mode]!.method)
        for (const choice of parts) {
          const uses = useOf(choice)
          const { operations, together, asks } = uses
          if (method) operations.add(method.operation)
          if (method && leads(toolOf(shop, choice), method))
            for (const one of method.protection ?? []) asks.add(one)
          uses.steps++
          for (const other of parts) if (other !== choice) together.add(other)
        }
      }
  return found
}

/** Which of what was bought leads a rung, and what comes along with it: companions and protection, what is put into a tool, and what is made for it. */
export function stepsOf(shop: Shop, bought: Package): Step[] {
  const { kit, alone } = shop
  const { choices } = shop.model.problem
  const all = [...bought.keys()]
  apply(kit, bought, 1)
  const whole = kit.value()
  const uses = usesOf(shop, new Set(all), allTaken(shop).values())
  const isTool = (choice: number): boolean => toolOf(shop, choice).kind === 'tool'
  const serves = (companion: number, lead: number): boolean => {
    const [with_, tool] = [toolOf(shop, companion), toolOf(shop, lead)]
    return (
      with_.protects.some((one) => tool.needs.includes(one) || uses.get(lead)?.asks.has(one)) ||
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
  const leads = all.filter(
    (choice) => uses.has(choice) && !all.some((lead) => follows(choice, lead))
  )
  const unled = all.filter(
    (choice) => !leads.includes(choice) && !leads.some((lead) => comesWith(choice, lead))
  )
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
  return weighed(steps, (step) => uses.get([...step.lead.keys()][0] ?? -1)?.steps ?? 0)
}

const allIn = ({ cost, alongCost }: Step): number =>
  cost + [...alongCost.values()].reduce((sum, one) => sum + one, 0)

/**
 * Of rungs that only pay together the one comes first that would be missed most, not the one that is cheapest for what is missed: a drill
 * before a mitre box; of two that are missed alike the one that is used more. An order by area goes by the ratio, so that each share is
 * weighed by what its rung costs.
 */
function weighed(steps: readonly Step[], used: (step: Step) => number): Step[] {
  const mean = steps.reduce((sum, step) => sum + allIn(step), 0) / Math.max(1, steps.length)
  const most = Math.max(1, ...steps.map(used))
  return steps.map((step) => ({
    ...step,
    share: mean > 0 ? (step.share * (1 + used(step) / most) * allIn(step)) / mean : 0
  }))
}
