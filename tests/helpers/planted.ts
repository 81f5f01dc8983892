import type { Build } from '../../core/builds'
import { indexLibrary, type Library, type Step } from '../../core/catalogue'
import { marketOf } from '../../core/fit'
import { seededRandom } from '../../core/kernel'
import { buildWorth, worldOf, type World } from '../../core/workspace'
import { library } from '../../data'
import { plainMethod, plainTool } from './mini'
import { TODAY, emptyWorkspace, funds } from './workspaces'

/** A group of builds that all take the same tools, and tools nobody else takes. */
interface Group {
  readonly tools: number
  readonly builds: number
  /** Worth of the group over the price of its tools. */
  readonly rate: number
}

/** A workspace with a plan whose value nothing can exceed, by the argument beside it. */
export interface Planted {
  readonly world: World
  readonly optimum: number
}

const toolId = (group: number, i: number): string => `t${group}-${i}`

/** A trade of its own: each group one operation, whose one method takes all tools of the group and a minute. */
function tradeOf(groups: readonly Group[], random: () => number): Library {
  return indexLibrary({
    ...library.data,
    operations: groups.map((_, g) => ({ id: `o${g}`, name: `o${g}`, unit: 'piece', order: g })),
    methods: groups.map(({ tools }, g) =>
      plainMethod(
        `m${g}`,
        `o${g}`,
        Array.from({ length: tools }, (_, i) => `r${g}-${i}`),
        1
      )
    ),
    tools: groups.flatMap(({ tools }, g) =>
      Array.from({ length: tools }, (_, i) =>
        plainTool(toolId(g, i), [`r${g}-${i}`], 10 + Math.floor(90 * random()), [], undefined)
      )
    ),
    templates: [],
    materials: []
  })
}

const buildOf = (group: number, i: number, worthEach: number): Build => ({
  id: `b${group}-${i}`,
  name: `b${group}-${i}`,
  copies: 1,
  worthEach,
  materials: [],
  steps: [{ id: 's', operation: `o${group}`, quantity: 1, stock: {} } satisfies Step]
})

/** Nothing counts but what is built, whenever it is: money kept counts nothing, hours are plenty. */
const plainMoney = (world: { readonly opening: number; readonly monthly: number }) => {
  const base = funds(world.opening, world.monthly)
  return {
    ...base,
    money: { ...base.money, keptMoneyWorth: 0, impatience: 0, hourValue: 0, after: { years: 0 } }
  }
}

/** What the cheapest offers of a group's tools cost, minor units. */
function priceOf(world: World, group: number, tools: number): number {
  const market = marketOf(world)
  let total = 0
  for (let i = 0; i < tools; i++)
    total += Math.min(...(market.get(toolId(group, i)) ?? []).map(({ payment }) => payment))
  return total
}

/**
 * **A purse that fits** (Dantzig 1957): each group is worth a fixed multiple of what its tools cost; those to be planted more than all the
 * others, and the purse holds exactly what their tools cost. A build brings its worth only with all tools of its group, so that no plan is
 * worth more than the greatest sum of shares of groups that the purse can pay; filling a purse with shares in falling order of worth per
 * price is best, and here that takes the planted groups whole and nothing of the others.
 */
export function plantedPurse(seed: number, planted: number, others: number): Planted {
  const random = seededRandom(seed)
  const groups = Array.from({ length: planted + others }, (_, g): Group => ({
    tools: 1 + Math.floor(3 * random()),
    builds: 1 + Math.floor(2 * random()),
    rate: g < planted ? 3 + random() : 1 + random()
  }))
  const trade = tradeOf(groups, random)
  const bare = worldOf(emptyWorkspace(plainMoney({ opening: 0, monthly: 0 })), trade, TODAY)
  const prices = groups.map(({ tools }, g) => priceOf(bare, g, tools))
  // The rate holds for the group as a whole: its builds share it unevenly.
  const builds = groups.flatMap(({ builds: count, rate }, g) => {
    const whole = Math.round(prices[g]! * rate)
    const first = count === 1 ? whole : Math.round(whole * (0.3 + 0.4 * random()))
    return count === 1
      ? [buildOf(g, 0, whole)]
      : [buildOf(g, 0, first), buildOf(g, 1, whole - first)]
  })
  const purse = prices.slice(0, planted).reduce((sum, one) => sum + one, 0)
  const listed = [...builds].sort(() => random() - 0.5)
  const world = worldOf(
    emptyWorkspace({
      ...plainMoney({ opening: purse, monthly: 0 }),
      builds: listed,
      time: { minutesPerWeek: 3000 }
    }),
    trade,
    TODAY
  )
  const optimum = listed
    .filter(({ id }) => Number(/^b(\d+)-/.exec(id)?.[1]) < planted)
    .reduce((sum, build) => sum + buildWorth(world, build), 0)
  return { world, optimum }
}

/**
 * **A tool a month**: all tools cost the same and each payday brings exactly that, so that by the k-th payday no more than k builds can be
 * done. What is done later counts less, by the same share whatever it is: by the rearrangement inequality (Hardy, Littlewood, Pólya 1934)
 * no plan is worth more than the dearest build on the first payday, the next on the second, and so on.
 */
export function plantedMonths(seed: number, count: number): Planted {
  const random = seededRandom(seed)
  const groups = Array.from({ length: count }, (): Group => ({ tools: 1, builds: 1, rate: 1 }))
  const trade = tradeOf(groups, () => 0.5)
  const bare = worldOf(emptyWorkspace(plainMoney({ opening: 0, monthly: 0 })), trade, TODAY)
  const price = priceOf(bare, 0, 1)
  const base = plainMoney({ opening: 0, monthly: price })
  const builds = groups.map((_, g) => buildOf(g, 0, Math.round(price * (1 + 9 * random()))))
  const world = worldOf(
    emptyWorkspace({
      ...base,
      money: { ...base.money, impatience: 0.5 },
      builds,
      time: { minutesPerWeek: 3000 },
      horizon: { start: TODAY, length: 'month', count: count + 2 }
    }),
    trade,
    TODAY
  )
  const worths = builds.map((build) => buildWorth(world, build)).sort((a, b) => b - a)
  const paydays = world.receipts.map(({ date }) => date)
  const days = (date: string): number => (Date.parse(date) - Date.parse(TODAY)) / 86_400_000
  const optimum = worths.reduce(
    (sum, worth, k) => sum + worth * Math.pow(1.5, -days(paydays[k] ?? '') / 365),
    0
  )
  return { world, optimum }
}
