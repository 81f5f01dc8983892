import { readFileSync } from 'node:fs'
import type { Minor } from '../../core/money'
import type { Offer } from '../../core/prices'
import { Planner } from '../../core/search'
import { worthUpTo, type Offered } from '../../core/timing'
import {
  splitPlan,
  worldOf,
  type Plan,
  type Workspace,
  type WorkspaceFile
} from '../../core/workspace'
import { library } from '../../data'
import type { Figure } from './figures'

/** A search that is as good as any gets, seconds; how near its highest price has to be. */
const SECONDS = Number(process.env.SECONDS ?? 20)
const NEAR = [0.01, 0.1, 0.25] as const
/** Nobody asks prices more finely than this, minor units. */
const LEAST = 50
const WANTED = 19
const ASKED = 'my/asked'
const TODAY = '2026-05-04'

const kind = (
  tool: string,
  tier: Offered['tier'],
  condition: Offered['condition'],
  power: Offered['power']
): Offered => ({ tool, tier, condition, power })
/** Twenty things somebody might be offered. */
const OFFERED: readonly Offered[] = [
  kind('drill-driver', 'weekend', 'new', 'cordless'),
  kind('drill-driver', 'trade', 'used', 'cordless'),
  kind('jigsaw', 'weekend', 'used', 'corded'),
  kind('jigsaw', 'trade', 'new', 'corded'),
  kind('circular-saw', 'weekend', 'used', 'corded'),
  kind('circular-saw', 'trade', 'new', 'corded'),
  kind('ro-sander', 'trade', 'new', 'corded'),
  kind('ro-sander', 'weekend', 'used', 'corded'),
  kind('mitre-saw', 'weekend', 'used', 'corded'),
  kind('table-saw', 'weekend', 'used', 'corded'),
  kind('thicknesser', 'weekend', 'used', 'corded'),
  kind('trim-router', 'weekend', 'new', 'corded'),
  kind('plunge-router', 'weekend', 'used', 'corded'),
  kind('band-saw', 'weekend', 'used', 'corded'),
  kind('drill-press', 'weekend', 'used', 'corded'),
  kind('block-plane', 'trade', 'used', 'hand'),
  kind('smoothing-plane', 'weekend', 'used', 'hand'),
  kind('chisels', 'weekend', 'used', 'hand'),
  kind('pocket-jig', 'weekend', 'new', 'hand'),
  kind('guide-rail', 'weekend', 'new', 'hand')
]

/** Whether a long search takes the thing at a price. */
function takesAt(workspace: Workspace, plan: Plan, offered: Offered, price: Minor): boolean {
  const offer: Offer = {
    ...offered,
    id: ASKED,
    acquisition: 'buy',
    single: true,
    from: TODAY
  }
  const world = worldOf(
    {
      ...workspace,
      offers: [...workspace.offers, offer],
      quotes: [
        ...workspace.quotes,
        { id: ASKED, offer: ASKED, date: TODAY, price, seller: 'other' }
      ]
    },
    library,
    TODAY
  )
  const started = performance.now()
  const planner = new Planner(world, 1, plan)
  for (let to = 2000; performance.now() - started < SECONDS * 1000; to += 2000) planner.advance(to)
  const outcome = planner.outcome()
  return outcome.kind !== 'clash' && outcome.plan.purchases.some((one) => one.offer === ASKED)
}

/** The highest price a plan still takes something at, against long searches a hundredth below and above it, a tenth, and a quarter. */
export function worthFigures(): Figure[] {
  const file = JSON.parse(
    readFileSync(new URL('../../data/demo/hive-yard.json', import.meta.url), 'utf8')
  ) as WorkspaceFile
  const { workspace, plan } = splitPlan(file)
  if (!plan) return []
  const world = worldOf(workspace, library, TODAY)
  const near = OFFERED.map((offered) => {
    const { upTo } = worthUpTo(world, plan, offered)
    const within = NEAR.filter((share) => {
      const apart = Math.max(LEAST, upTo * share)
      return (
        (upTo === 0 || takesAt(workspace, plan, offered, Math.floor(upTo - apart))) &&
        !takesAt(workspace, plan, offered, Math.ceil(upTo + apart))
      )
    })
    if (process.env.SAY) console.log(offered.tool, offered.tier, offered.condition, upTo, within)
    return within
  })
  return NEAR.map((share, i) => {
    const value = near.filter((within) => within.includes(share)).length
    return {
      name: `worth up to: within ${share * 100} % of a ${SECONDS} s search, of ${OFFERED.length} things`,
      value,
      unit: 'cases',
      target: i === 0 ? `>= ${WANTED}` : '-',
      met: i > 0 || value >= WANTED
    }
  })
}
