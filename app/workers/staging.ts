import {
  answering,
  curvePoint,
  orderAnswer,
  withMore,
  CURVE_FACTORS,
  type Answers
} from '../../core/explain'
import { riskOf, type Risk } from '../../core/risk'
import { scenarioOutcome } from '../../core/scenarios'
import {
  Planner,
  beside,
  laneHere,
  laneWithSpare,
  race,
  settledBefore,
  type Lane
} from '../../core/search'
import type { Plan } from '../../core/workspace'
import { library, schools } from '../../data'
import { laneElsewhere, type LaneWorker } from './lane'
import type { About, Answerers } from './serve'

/** Plans tried on the page for one plan, by each of two searches. More find little more; the button to go on is there for those who want it. */
const EVALUATIONS = 16_000
/** Evaluations between two looks, so that the worker hears when it is to stop. */
const SLICE = 1000
const SAMPLES = 1000

/** The newest planning question; an older one ends when it hears of it. */
let newest = 0

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

/** Makes a worker for a second search; undefined where there is no core to spare for one. */
let makeLane: (() => LaneWorker) | undefined
/** Says how a worker for a second search is made. */
export function raceIn(make: (() => LaneWorker) | undefined): void {
  makeLane = make
}

/** A second search of the same question: in a worker of its own, or here where there is none. */
function secondSearch(
  { world, workspace, today }: About,
  from: Plan | undefined
): { readonly lane: Lane; readonly end: () => void } {
  const here = (): Lane => laneHere(() => beside(world, from), SLICE, pause)
  if (!makeLane) return { lane: here(), end: () => undefined }
  const { lane, end } = laneElsewhere(makeLane, { workspace, today }, from)
  return { lane: laneWithSpare(lane, here), end }
}

/** Questions that are answered by planning again, or by following many courses of things. */
export const staging = {
  async plan(about, { from }, send) {
    const { world, request } = about
    newest = request
    const before = settledBefore(world)
    if (before) return send({ kind: 'done', outcome: before })
    const planner = new Planner(world, 1, from)
    let shown = -Infinity
    const look = async (): Promise<boolean> => {
      const { plan, report } = planner.best()
      const { evaluations } = planner.effort
      if (report.broken.length === 0 && report.value.total > shown) {
        shown = report.value.total
        send({ kind: 'so-far', plan, value: shown, evaluations, of: EVALUATIONS }, false)
      }
      await pause()
      return newest === request
    }
    await look()
    const { lane, end } = secondSearch(about, from)
    try {
      const run = await race(planner, lane, { evaluations: EVALUATIONS, slice: SLICE, look })
      if (run) send({ kind: 'done', outcome: planner.outcome() })
    } finally {
      end()
    }
  },
  async answers({ world }, { plan, purchase: id }, send) {
    const purchase = plan.purchases.find((one) => one.id === id)
    let known: Answers | undefined
    if (purchase)
      for (known of answering(world, plan, purchase)) {
        send(known, false)
        await pause()
      }
    send(known)
  },
  more({ world }, { plan, amount }, send) {
    send(withMore(world, plan, amount))
  },
  async curve({ world }, { plan }, send) {
    for (const [i, factor] of CURVE_FACTORS.entries()) {
      send(curvePoint(world, factor, plan), i === CURVE_FACTORS.length - 1)
      await pause()
    }
  },
  async scenarios({ world, today }, { scenarios, plan }, send) {
    const standing = { world, base: { ...world, library }, schools, today, plan }
    for (const [at, scenario] of scenarios.entries()) {
      send(scenarioOutcome(standing, scenario ?? undefined), at === scenarios.length - 1)
      await pause()
    }
  },
  order({ world }, { plan, order }, send) {
    send(orderAnswer(world, library, plan, order))
  },
  risk({ world }, { plan }, send) {
    const onRound = (risk: Risk): boolean => {
      send(risk, false)
      return true
    }
    send(riskOf(world, plan, { samples: SAMPLES, onRound }))
  }
} satisfies Answerers
