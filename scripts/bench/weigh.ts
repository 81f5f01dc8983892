import { buildFromTemplate, type Build } from '../../core/builds'
import { specsOf } from '../../core/catalogue'
import {
  Scale,
  Weighing,
  bestSplit,
  pulls,
  sampledShares,
  playersOf,
  type SplitPlace
} from '../../core/weigh'
import { freshWorkspace, weightsOf, worldOf, type Item, type World } from '../../core/workspace'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'

const TODAY = '2026-05-04'
const OWNED = [
  'tape',
  'rafter-square',
  'panel-saw',
  'hammer',
  'screwdrivers',
  'drill-driver',
  'drill-bits',
  'sanding-block',
  'safety-glasses',
  'ear-muffs',
  'half-mask',
  'finishing-kit',
  'f-clamp-600',
  'sawhorses'
]
const CANDIDATES = 150

/** Forty builds of the library and a beginner's kit. */
export function fortyBuilds(hourValue: number): World {
  const builds = [...library.templates.values()]
    .filter(({ kind }) => kind === 'piece')
    .slice(0, 40)
    .map((template, i): Build => buildFromTemplate(template, `b${i}`, template.name))
  const items = OWNED.flatMap((id, i): Item[] => {
    const tool = library.tools.get(id)
    return tool
      ? [
          {
            id: `i${i}`,
            tool: id,
            tier: 'weekend',
            condition: 'new',
            power: tool.forms[0]?.power ?? 'hand',
            specs: specsOf(tool, 'weekend'),
            count: 1,
            since: TODAY,
            cost: 0
          }
        ]
      : []
  })
  const fresh = freshWorkspace(library, 'bench', 'Bench', 'EUR', TODAY)
  return worldOf(
    { ...fresh, asOf: TODAY, builds, items, money: { ...fresh.money, hourValue } },
    library,
    TODAY
  )
}

function splitPlaces(): SplitPlace[] {
  let state = 20_261
  const next = (most: number): number => (state = (state * 48_271) % 2_147_483_647) % most
  return Array.from({ length: 40 }, (_, i): SplitPlace => {
    let [cost, value] = [500 + next(6000), 0]
    return {
      id: `t${i}`,
      options: ['get-by', 'weekend', 'trade', 'lifetime'].map((id) => ({
        id,
        cost: (cost += 300 + next(9000)),
        value: (value += next(5000))
      }))
    }
  })
}

/** Figures of the Weigh-up, in Node; the library is warm, each workspace new. */
export function weighFigures(): Figure[] {
  const figures: Figure[] = []
  const warm = new Weighing(fortyBuilds(0))
  warm.candidates()
  const world = fortyBuilds(500)
  const made = timed(() => new Weighing(world))
  const weighing = made.result
  figures.push(
    under(
      `sets on the scale found: ${weighing.sets.length} for 40 builds (no target)`,
      made.ms,
      'ms',
      10_000
    )
  )
  const sets = weighing.sets.slice(0, CANDIDATES)
  const fresh = new Scale(world, weighing.fitter)
  const weigh = (scale: Scale): number => sets.reduce((sum, set) => sum + scale.gain(set), 0)
  figures.push(
    under(
      '150 candidates × 40 builds weighed for the first time',
      timed(() => weigh(fresh)).ms,
      'ms',
      100
    )
  )
  const weights = weightsOf(world.workspace)
  const again = Array.from(
    { length: 9 },
    (_, i) =>
      timed(() => {
        fresh.reweigh({ money: 1, time: 600 + i, space: 0, quiet: 0, ease: 100 * i, finish: 0 })
        return weigh(fresh)
      }).ms
  )
  figures.push(
    under('150 candidates × 40 builds weighed again with other weights', median(again), 'ms', 100)
  )
  weighing.rank(weights)
  const order = Array.from(
    { length: 9 },
    (_, i) => timed(() => weighing.rank({ ...weights, time: 300 + i, space: 100 * i })).ms
  )
  figures.push(
    under(
      `a slider moved, all ${weighing.sets.length} sets in their new order`,
      median(order),
      'ms',
      50
    )
  )

  const ranking = weighing.rank(weights)
  let firstRound = Number.NaN
  const started = performance.now()
  const shared = timed(() =>
    pulls(weighing, ranking, {
      onRound: () => {
        if (Number.isNaN(firstRound)) firstRound = performance.now() - started
        return true
      }
    })
  )
  const { shares, errors, looked } = shared.result.shares
  figures.push(under('shares of 24 tools, first picture', firstRound, 'ms', 150))
  figures.push(
    under(`shares of 24 tools, ${looked} orders, until exact to 2 %`, shared.ms, 'ms', 1000)
  )
  figures.push(
    under(
      'their largest standard error, of the largest share',
      (100 * Math.max(...errors)) / Math.max(...shares),
      '%',
      2.0001
    )
  )
  const sampler = sampledShares(
    {
      players: playersOf(ranking).length,
      ...weighing.scale.game(playersOf(ranking).map((part) => new Map([[part.buyable.id, part]])))
    },
    7
  )
  sampler.more(100)
  figures.push(
    under('a hundred further pairs of orders', timed(() => sampler.more(100)).ms, 'ms', 1000)
  )

  const places = splitPlaces()
  const runs = [0.9, 1.1, 1.5].flatMap((share) => {
    const limit = Math.round(
      places.reduce((sum, { options }) => sum + (options[1]?.cost ?? 0), 0) * share
    )
    return Array.from({ length: 3 }, () => timed(() => bestSplit(limit, places)).ms)
  })
  figures.push(
    under(
      'tier split, 40 tools × 4 tiers, proven, worst of three totals',
      Math.max(...runs),
      'ms',
      300
    )
  )
  return figures
}
