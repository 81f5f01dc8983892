import { readFileSync } from 'node:fs'
import { evaluate, movePurchase, purchaseDays } from '../../core/plan'
import { answering } from '../../core/explain'
import { makePlan, problemOf } from '../../core/search'
import { ladderOf } from '../../core/ladder'
import { rank } from '../../core/weigh'
import { worldOf, type Plan, type Workspace, type World } from '../../core/workspace'
import { library } from '../../data'
import { median, timed, under, type Figure } from './figures'

const RUNS = 9
/** Answers that are wanted within a second. */
const ANSWERS = 15

/** Milliseconds until it is known what each of a plan's purchases brings; the workspace is compiled, as it is once there is a plan. */
function answersOf(world: World, plan: Plan): number {
  problemOf(world)
  return timed(() => {
    for (const purchase of plan.purchases.slice(0, ANSWERS)) answering(world, plan, purchase).next()
  }).ms
}

/** Figures of the core, in Node, medians after a first run for warming up. */
export function coreFigures(): Figure[] {
  const workspace = JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as Workspace
  const fresh = () => worldOf(workspace, library, '2026-05-04')
  const firsts: number[] = []
  const wholes: number[] = []
  let plan: Plan | undefined
  for (let run = 0; run <= RUNS; run++) {
    const world = fresh()
    const started = performance.now()
    let first = Number.NaN
    const { ms, result } = timed(() =>
      makePlan(world, {
        onPlan: () => (first = Number.isNaN(first) ? performance.now() - started : first)
      })
    )
    if (result.kind !== 'clash') plan = result.plan
    if (run > 0) [firsts, wholes].forEach((list, i) => list.push(i === 0 ? first : ms))
  }
  const world = fresh()
  const days = purchaseDays(world)
  const moves = (plan?.purchases ?? []).flatMap((purchase) =>
    days.map(
      (day) => timed(() => plan && evaluate(world, movePurchase(world, plan, purchase.id, day))).ms
    )
  )
  return [
    under('first plan of the default demo (Node)', median(firsts), 'ms', 200),
    under('whole planning of the default demo (Node)', median(wholes), 'ms', 3000),
    under('a moved purchase evaluated again, median (Node)', median(moves), 'ms', 16),
    under(
      'a moved purchase evaluated again, worst (Node)',
      Math.max(...moves.slice(days.length)),
      'ms',
      16
    ),
    under(
      'ladder of the default demo (Node)',
      median(Array.from({ length: 5 }, () => timed(() => ladderOf(fresh())).ms)),
      'ms',
      150
    ),
    under(
      `answers about ${Math.min(ANSWERS, plan?.purchases.length ?? 0)} purchases of its plan (Node)`,
      median(Array.from({ length: 3 }, () => (plan ? answersOf(fresh(), plan) : Number.NaN))),
      'ms',
      1000
    ),
    under(
      'ranking of the default demo (Node)',
      median(Array.from({ length: 5 }, () => timed(() => rank(fresh())).ms)),
      'ms',
      1000
    )
  ]
}
