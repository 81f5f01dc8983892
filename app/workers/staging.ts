import { Planner, settledBefore } from '../../core/search'
import { answersFor, curvePoint, withMore, CURVE_FACTORS } from '../../core/explain'
import { riskOf } from '../../core/risk'
import { scenarioOutcome } from '../../core/scenarios'
import { worldOf, type World } from '../../core/workspace'
import { library, schools } from '../../data'
import type { Question, Reply } from './protocol'

/** Plans tried on the page for one plan. More find little more; the button to go on is there for those who want it. */
const EVALUATIONS = 24_000
/** Evaluations between two looks, so that the worker hears when it is to stop. */
const SLICE = 1000
const SAMPLES = 1000

/** The newest planning question; an older one ends when it hears of it. */
let newest = 0

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0))

/** Plans step by step: the first plan at once, better ones as they are found. */
async function planning(
  world: World,
  { request, from }: Extract<Question, { kind: 'plan' }>,
  send: (reply: Reply) => void
): Promise<void> {
  newest = request
  const before = settledBefore(world)
  if (before) return send({ kind: 'plan', request, outcome: before })
  const planner = new Planner(world, 1, from)
  let shown = -Infinity
  for (let last = -1; ;) {
    const { plan, report } = planner.best()
    const { evaluations } = planner.effort
    if (report.broken.length === 0 && report.value.total > shown) {
      shown = report.value.total
      send({ kind: 'plan-so-far', request, plan, value: shown, evaluations, of: EVALUATIONS })
    }
    if (evaluations >= EVALUATIONS || evaluations === last) break
    last = evaluations
    planner.advance(Math.min(EVALUATIONS, evaluations + SLICE))
    await pause()
    if (newest !== request) return
  }
  send({ kind: 'plan', request, outcome: planner.outcome() })
}

type StagingQuestion = Extract<
  Question,
  { kind: 'plan' | 'answers' | 'more' | 'curve' | 'scenarios' | 'risk' }
>

/** Answers what the Stages ask; each is worked out by planning again. */
export async function answerStaging(
  question: StagingQuestion,
  send: (reply: Reply) => void
): Promise<void> {
  const { request, workspace, today } = question
  const world = worldOf(workspace, library, today)
  switch (question.kind) {
    case 'plan':
      return planning(world, question, send)
    case 'answers': {
      const purchase = question.plan.purchases.find(({ id }) => id === question.purchase)
      return send({
        kind: 'answers',
        request,
        purchase: question.purchase,
        answers: purchase && answersFor(world, question.plan, purchase)
      })
    }
    case 'more':
      return send({
        kind: 'more',
        request,
        amount: question.amount,
        difference: withMore(world, question.plan, question.amount)
      })
    case 'curve':
      for (const [i, factor] of CURVE_FACTORS.entries()) {
        send({
          kind: 'curve',
          request,
          point: curvePoint(world, factor, question.plan),
          done: i === CURVE_FACTORS.length - 1
        })
        await pause()
      }
      return
    case 'scenarios':
      for (const [at, scenario] of question.scenarios.entries()) {
        send({
          kind: 'scenarios',
          request,
          at,
          outcome: scenarioOutcome(world, scenario ?? undefined, schools, today, {
            ...world,
            library
          }),
          done: at === question.scenarios.length - 1
        })
        await pause()
      }
      return
    case 'risk': {
      const last = riskOf(
        world,
        question.plan,
        SAMPLES,
        1,
        undefined,
        (risk) => (send({ kind: 'risk', request, risk, done: false }), true)
      )
      return send({ kind: 'risk', request, risk: last, done: true })
    }
  }
}
