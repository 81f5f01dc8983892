import { readFileSync } from 'node:fs'
import { cheapestOn, type Market } from '../../core/board'
import { addDays, type Day } from '../../core/calendar'
import { findOffer, type Offer, type Quote, type SaleWindow } from '../../core/prices'
import { makePlan } from '../../core/search'
import { waitOrBuy, type WaitOrBuy } from '../../core/timing'
import { splitPlan, worldOf, type Workspace, type WorkspaceFile } from '../../core/workspace'
import { library, usualSales } from '../../data'
import { marketFor } from '../../data/board'
import { median, type Figure } from './figures'

/** Simulated years of the board, and for how many weeks before somebody has looked at it. */
const SEEDS = Number(process.env.SEEDS ?? 50)
const WEEKS_SEEN = 26
const WEEK = 7
const EVALUATIONS = 2000
const DEMOS = ['hive-yard', 'third-floor', 'half-a-garage'] as const

/** The sales usual where a workspace pays, coming round yearly. */
const salesFor = ({ money: { currency }, horizon }: Workspace): SaleWindow[] => {
  const year = Number(horizon.start.slice(0, 4))
  return usualSales(currency).map(({ id, from, until, off, chance }) => ({
    id,
    name: id,
    from: `${year}-${from}`,
    until: `${until < from ? year + 1 : year}-${until}`,
    off,
    chance,
    tools: [],
    yearly: true
  }))
}

/** What somebody has seen who looked at the board once a week for what they plan. */
const seenOn = (market: Market, offers: readonly Offer[], today: Day): Quote[] =>
  offers.flatMap((offer, i) =>
    Array.from({ length: WEEKS_SEEN }, (_, k): Quote[] => {
      const date = addDays(today, -WEEK * (WEEKS_SEEN - k - 1))
      const listing = cheapestOn(market, offer, date)
      if (!listing) return []
      const { price, sellerType, until } = listing
      return [
        {
          id: `seen-${i}-${k}`,
          offer: offer.id,
          date,
          price,
          seller: sellerType,
          source: 'board',
          ...(until === undefined ? {} : { until })
        }
      ]
    }).flat()
  )

/** What one thing comes to when it is bought at once, and when the answer is kept to: price paid, and what waiting lost. */
interface Bought {
  readonly atOnce: number
  readonly paid: number
  readonly lost: number
  readonly days: number
}

function followed(
  market: Market,
  answer: WaitOrBuy,
  offer: Offer,
  isProtection: boolean
): Bought[] {
  const { planned, looks, count } = answer
  if (planned === undefined) return []
  const priceOn = (date: Day): number | undefined => cheapestOn(market, offer, date)?.price
  /** Where nobody has it that day one looks again the days after. */
  const soonest = (date: Day): number | undefined =>
    Array.from({ length: WEEK * 2 }, (_, i) => priceOn(addDays(date, i))).find(Boolean)
  const now = soonest(planned)
  if (now === undefined) return []
  const atOnce = now * count
  const from = looks.findIndex(({ date }) => date >= planned)
  const ahead = from < 0 || isProtection ? [] : looks.slice(from)
  for (const [i, { date, takes, lost }] of ahead.entries()) {
    const price = i === 0 ? now : priceOn(date)
    const last = i === ahead.length - 1
    if (price === undefined || (price > takes && !last)) continue
    const days = (Date.parse(date) - Date.parse(planned)) / 86_400_000
    return [{ atOnce, paid: price * count, lost: i === 0 ? 0 : lost * count, days }]
  }
  return [{ atOnce, paid: atOnce, lost: 0, days: 0 }]
}

/** A year of one demo on one market; undefined where nothing is bought. */
function yearOf(name: (typeof DEMOS)[number], seed: number): Bought[] {
  const file = JSON.parse(
    readFileSync(new URL(`../../data/demo/${name}.json`, import.meta.url), 'utf8')
  ) as WorkspaceFile
  const { workspace } = splitPlan(file)
  const market = marketFor(library, workspace.money.currency, seed)
  if (!market) return []
  const today = workspace.asOf ?? workspace.horizon.start
  const start = { ...workspace, saleWindows: salesFor(workspace) }
  const first = makePlan(worldOf(start, library, today), { evaluations: EVALUATIONS })
  if (first.kind === 'clash') return []
  const { pricing } = worldOf(start, library, today)
  const offers = first.plan.purchases.flatMap(({ offer: id }) => {
    const offer = findOffer(pricing, id)
    return offer && offer.condition === 'new' && offer.acquisition === 'buy' ? [offer] : []
  })
  const world = worldOf(
    { ...start, quotes: [...start.quotes, ...seenOn(market, offers, today)] },
    library,
    today
  )
  const made = makePlan(world, { evaluations: EVALUATIONS })
  if (made.kind === 'clash') return []
  return [...waitOrBuy(world, made.plan)].flatMap((answer) => {
    const offer = findOffer(world.pricing, answer.offer)
    return offer?.condition === 'new'
      ? followed(market, answer, offer, library.tools.get(answer.tool)?.kind === 'protection')
      : []
  })
}

const share = (part: number, whole: number): number => Math.round((part / whole) * 1000) / 10

/** A year of simulated prices bought by the answers, against always buying at once, at equal readiness: what waiting lost is paid for. */
export function yearFigures(): Figure[] {
  return DEMOS.flatMap((name) => {
    const years = Array.from({ length: SEEDS }, (_, seed) => yearOf(name, seed + 1)).filter(
      (list) => list.length > 0
    )
    const saved = years.map((list) => {
      const sum = (of: (one: Bought) => number): number =>
        list.reduce((total, one) => total + of(one), 0)
      return {
        net: share(
          sum((one) => one.atOnce - one.paid - one.lost),
          sum((one) => one.atOnce)
        ),
        price: share(
          sum((one) => one.atOnce - one.paid),
          sum((one) => one.atOnce)
        ),
        waited: list.filter(({ days }) => days > 0).length / list.length
      }
    })
    const nets = saved.map(({ net }) => net)
    const mean = (values: readonly number[]): number =>
      Math.round((values.reduce((a, b) => a + b, 0) / values.length) * 10) / 10
    const figure = (what: string, value: number, met: boolean): Figure => ({
      name: `${name}, ${years.length} years: ${what}`,
      value,
      unit: '%',
      target: '> 0',
      met
    })
    return [
      figure('saved against buying at once, waiting paid for', mean(nets), mean(nets) > 0),
      figure('the same, median', median(nets), median(nets) > 0),
      figure('the same, worst year', Math.min(...nets), Math.min(...nets) > 0),
      figure('saved on prices alone', mean(saved.map(({ price }) => price)), true),
      figure('of purchases waited with', mean(saved.map(({ waited }) => waited * 100)), true)
    ]
  })
}
