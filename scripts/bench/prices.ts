import { readFileSync } from 'node:fs'
import { addDays } from '../../core/calendar'
import { levelOf, seenPrices, standingOf, type Quote } from '../../core/prices'
import { makePlan } from '../../core/search'
import { waitOrBuy, worthUpTo, type Offered } from '../../core/timing'
import { splitPlan, worldOf, type Plan, type WorkspaceFile, type World } from '../../core/workspace'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'
import { fortyBuilds } from './weigh'

const TODAY = '2026-05-04'
const RUNS = 3
const HOUR_VALUE = 800
const QUOTES = 5000
const ANSWERS = { first: 10, all: 40 } as const

/** Forty builds, money for all of them, and 26 fortnights. */
function manyPurchases(): { readonly world: World; readonly plan: Plan } {
  const { workspace } = fortyBuilds(HOUR_VALUE)
  const world = worldOf(
    {
      ...workspace,
      asOf: TODAY,
      horizon: { start: TODAY, length: 'fortnight', count: 26 },
      money: {
        ...workspace.money,
        income: { kind: 'fortnightly', first: TODAY, amount: 30_000 }
      },
      ledger: [{ id: 'open', date: TODAY, kind: 'opening', amount: 40_000, text: 'Opening' }]
    },
    library,
    TODAY
  )
  const made = makePlan(world, { evaluations: 4000 })
  if (made.kind === 'clash') throw new Error('the bench’s workspace has no plan')
  return { world, plan: made.plan }
}

/** Milliseconds until the first ten answers and the fortieth, or the last where there are fewer. */
function waiting(world: World, plan: Plan): { first: number; all: number; count: number } {
  const started = performance.now()
  let [count, first] = [0, 0]
  for (const _ of waitOrBuy(world, plan)) {
    count++
    if (count === ANSWERS.first) first = performance.now() - started
    if (count === ANSWERS.all) break
  }
  return { first, all: performance.now() - started, count }
}

/** What somebody might be offered, on the default demo. */
const OFFERED: readonly Offered[] = [
  { tool: 'drill-driver', tier: 'weekend', condition: 'new', power: 'cordless' },
  { tool: 'jigsaw', tier: 'weekend', condition: 'used', power: 'corded' },
  { tool: 'ro-sander', tier: 'trade', condition: 'new', power: 'corded' },
  { tool: 'mitre-saw', tier: 'weekend', condition: 'used', power: 'corded' },
  { tool: 'block-plane', tier: 'trade', condition: 'used', power: 'hand' }
]

/** Milliseconds for the level and standing of a kind among five thousand prices. */
function history(world: World): number {
  const kinds = [...library.tools.values()].filter(({ madeBy }) => madeBy === undefined)
  const quotes = Array.from({ length: QUOTES }, (_, i): Quote => {
    const tool = kinds[i % kinds.length]!
    return {
      id: `q${i}`,
      offer: `${tool.id}/weekend/new/buy/${tool.forms[0]?.power ?? 'hand'}`,
      date: addDays(TODAY, -(i % 700)),
      price: 1000 + ((i * 37) % 9000),
      seller: 'online'
    }
  })
  return timed(() => {
    const seen = seenPrices(world.pricing, quotes, [])
    const kind = seen.at(-1)
    if (!kind) return
    levelOf(world.pricing, seen, kind, TODAY)
    standingOf(world.pricing, seen, kind, 5000, TODAY)
  }).ms
}

export function pricesFigures(): Figure[] {
  const { world, plan } = manyPurchases()
  const waits = Array.from({ length: RUNS }, () => waiting(world, plan))
  const file = JSON.parse(
    readFileSync(new URL('../../data/demo/hive-yard.json', import.meta.url), 'utf8')
  ) as WorkspaceFile
  const demo = splitPlan(file)
  const there = worldOf(demo.workspace, library, TODAY)
  const worths = OFFERED.map(
    (offered) => timed(() => demo.plan && worthUpTo(there, demo.plan, offered)).ms
  )
  return [
    under('buy or wait: the first ten answers', median(waits.map(({ first }) => first)), 'ms', 300),
    under(
      `buy or wait: ${waits[0]?.count ?? 0} purchases over 26 stages`,
      median(waits.map(({ all }) => all)),
      'ms',
      1500
    ),
    under(`worth up to, of ${OFFERED.length} things: median`, median(worths), 'ms', 3000),
    under(`worth up to, of ${OFFERED.length} things: longest`, Math.max(...worths), 'ms', 3000),
    under(
      `level and standing among ${QUOTES} prices`,
      median(Array.from({ length: RUNS }, () => history(there))),
      'ms',
      300
    )
  ]
}
