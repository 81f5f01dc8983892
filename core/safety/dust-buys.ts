import type { Day } from '../calendar'
import { HOSES, gearOf, playsIn, usualOffer, waysIn, workingDay, type DayStretch } from '../fit'
import { leastBy } from '../kernel'
import type { Minor } from '../money'
import { findOffer } from '../prices'
import { DUST_LIMITS, type Air } from '../workshop'
import type { Plan, World } from '../workspace'
import { airOf, eveningsOf, worn, type Evening } from './evenings'

/** What can be bought against dust, and how it helps. */
const MASKS = ['dust-masks', 'half-mask', 'powered-mask'] as const
/**
 * Air that a filter in the room cleans, m³ an hour: a third of what its fan moves, since filters load and a room does not mix evenly. A
 * judgement.
 */
const CLEANERS: Readonly<Record<string, number>> = { 'air-cleaner': 200, 'air-filter-box': 120 }

/** Something that makes an evening less dusty. */
export interface DustBuy {
  readonly tool: string
  readonly offer: string
  readonly price: Minor
  /** Mean of the room's air and of what is breathed over eight hours with it, mg/m³. */
  readonly air: number
  readonly breathed: number
  /** What is breathed less for each hundred units of money, mg/m³. */
  readonly perHundred: number
}

/** The dustiest evening that is planned, and what would help. */
export interface DustAhead {
  readonly build: string
  readonly evening: number
  readonly begin: Day | undefined
  /** The machine that sends out most of it, and the day the plan buys it; undefined where it is owned. */
  readonly machine: string | undefined
  readonly bought: Day | undefined
  readonly air: number
  readonly breathed: number
  /** With the gate open, which costs nothing. */
  readonly open: number
  /** What lowers what is breathed, the most for its money first. */
  readonly buys: readonly DustBuy[]
  /** The air is above the strictest published limit. */
  readonly over: boolean
}

const airOfDay = (evening: Evening): number => evening.day.dust?.mean ?? 0

/** What an evening comes to with other tools there, or other air. */
function withTools(
  world: World,
  { work }: Evening,
  tools: ReadonlySet<string>,
  air: Air
): { readonly air: number; readonly breathed: number } {
  const gear = gearOf(worn(tools, world.workspace.workshop))
  const mean = workingDay(world.library, work, gear, air).dust?.mean ?? 0
  return { air: mean, breathed: mean / gear.maskFactor }
}

/** The dustiest stretch of an evening, by what it sends out. */
const dustiest = ({ day }: Evening): DayStretch | undefined => {
  const amount = { none: 0, shavings: 1, coarse: 10, fine: 30 } as const
  return leastBy(day.stretches, ({ dust, minutes }) => -amount[dust] * minutes)
}

/** The powered tool a stretch is done with. */
function machineOf(
  { library }: World,
  { work }: Evening,
  { method }: DayStretch
): string | undefined {
  const done = work.find((one) => waysIn(one).some((way) => way.method === method))
  return done?.tools.find((id) => {
    const tool = library.tools.get(id)
    return (
      tool !== undefined &&
      tool.hazard !== null &&
      tool.forms.some(({ power }) => power !== 'hand') &&
      playsIn(library, id, method)
    )
  })
}

/** What helps an evening, the most for its money first; nothing that is there by then. */
export function buysFor(world: World, evening: Evening): DustBuy[] {
  const air = airOf(world.workspace.workshop)
  const now = withTools(world, evening, evening.there, air)
  return [...HOSES, ...MASKS, ...Object.keys(CLEANERS)]
    .flatMap((tool): DustBuy[] => {
      const offer = usualOffer(world, tool)
      if (evening.there.has(tool) || !offer || offer.payment <= 0) return []
      const cleans = (CLEANERS[tool] ?? 0) / air.volumeM3
      const then = withTools(world, evening, new Set([...evening.there, tool]), {
        ...air,
        changes: air.changes + cleans
      })
      return then.breathed < now.breathed
        ? [
            {
              tool,
              offer: offer.id,
              price: offer.payment,
              ...then,
              perHundred: ((now.breathed - then.breathed) / offer.payment) * 100
            }
          ]
        : []
    })
    .sort((a, b) => b.perHundred - a.perHundred)
}

/** An evening's dust and what would help it. */
function aheadOf(world: World, plan: Plan | undefined, evening: Evening): DustAhead {
  const shut = airOf(world.workspace.workshop)
  const now = withTools(world, evening, evening.there, shut)
  const stretch = dustiest(evening)
  const machine = stretch && machineOf(world, evening, stretch)
  const owned = world.workspace.items.some(({ tool }) => tool === machine)
  return {
    build: evening.build,
    evening: evening.evening,
    begin: evening.begin,
    machine,
    bought: owned
      ? undefined
      : plan?.purchases.find(({ offer }) => findOffer(world.pricing, offer)?.tool === machine)
          ?.date,
    ...now,
    open: withTools(world, evening, evening.there, airOf(world.workspace.workshop, true)).air,
    buys: buysFor(world, evening),
    over: now.air > DUST_LIMITS.niosh
  }
}

/** The dustiest evening that is planned; undefined where there is no dust to speak of. */
export function dustAhead(world: World, plan: Plan | undefined): DustAhead | undefined {
  const worst = leastBy(eveningsOf(world, plan), (one) => -airOfDay(one))
  return worst && airOfDay(worst) > 0 ? aheadOf(world, plan, worst) : undefined
}

/** What a machine will do to the air: of the evenings in which it sends out most, the dustiest, where that is over the strictest limit. */
export function dustOfMachine(
  world: World,
  plan: Plan | undefined,
  machine: string,
  evenings: readonly Evening[] = eveningsOf(world, plan)
): DustAhead | undefined {
  const worst = leastBy(
    evenings.filter((one) => {
      const stretch = dustiest(one)
      return stretch !== undefined && machineOf(world, one, stretch) === machine
    }),
    (one) => -airOfDay(one)
  )
  const ahead = worst && aheadOf(world, plan, worst)
  return ahead?.over ? ahead : undefined
}

/**
 * What clears the air of it: caught at the tool by the cheapest hose there is, before anybody breathes it; else what cleans the room best for its
 * money. Masks help who wears them alone. Common practice.
 */
export function clearing({ buys, air }: DustAhead): DustBuy | undefined {
  const clears = buys.filter((one) => one.air < air)
  const hoses = clears.filter(({ tool }) => (HOSES as readonly string[]).includes(tool))
  return hoses.length > 0
    ? leastBy(hoses, ({ price }) => price)
    : leastBy(clears, (one) => -(air - one.air) / one.price)
}
