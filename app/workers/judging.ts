import { beginningOf, explainPurchase, paidBackBy, purchaseOpens } from '../../core/explain'
import { fitBuild, fitContext } from '../../core/fit'
import { carriedPins, evaluate, kitAfter, plannedSteps, possibleAfter } from '../../core/plan'
import { courageOf, dustAhead, dustOfMachine, loudWays, wearOf } from '../../core/safety'
import { isOvertaken, nextDay, pocketList } from '../../core/shopping'
import {
  bestMonth,
  firstKits,
  forSale,
  minutesPerMonth,
  saleReckoning,
  toolsEarn
} from '../../core/sidework'
import type { Answerers } from './serve'

/** Questions about a plan as it stands, each answered by replaying it. */
export const judging = {
  judge({ world }, { plan }, send) {
    const report = evaluate(world, plan)
    const next = nextDay(plan, report)
    const opens = (next?.purchases ?? []).map((purchase) => [
      purchase.id,
      purchaseOpens(world, plan, purchase, report.broken)
    ])
    const overtaken = isOvertaken(world, plan, () => report)
    const paidBack = paidBackBy(world, plan, report)
    send({ report, overtaken, next, opens: Object.fromEntries(opens), paidBack })
  },
  'judge-move'({ world }, { plan }, send) {
    send(evaluate(world, plan))
  },
  'carried-pins'({ world }, _asks, send) {
    const carried = carriedPins(world)
    send(carried && { pins: carried.workspace.pins, notes: carried.notes })
  },
  'purchase-reasons'({ world }, { plan, purchase: id }, send) {
    const purchase = plan.purchases.find((one) => one.id === id)
    send(purchase && explainPurchase(world, plan, purchase))
  },
  'possible-after'({ world }, { plan, day }, send) {
    send(possibleAfter(world, plan, day))
  },
  'fit-after'({ world }, { plan, build: id }, send) {
    const build = world.workspace.builds.find((one) => one.id === id)
    const fit = build && fitBuild(fitContext(world), kitAfter(world, plan), build)
    send(fit && { gaps: fit.gaps.length, minutes: fit.minutes, fees: fit.fees })
  },
  'bench-steps'({ world }, { plan, build }, send) {
    send(plannedSteps(world, plan, build))
  },
  'dust-ahead'({ world }, { plan, machine }, send) {
    send(machine === undefined ? dustAhead(world, plan) : dustOfMachine(world, plan, machine))
  },
  courage({ world }, { plan }, send) {
    send(courageOf(world, plan))
  },
  wear({ world }, { plan }, send) {
    send(wearOf(world, plan))
  },
  loud({ world }, { plan }, send) {
    send(loudWays(world, plan))
  },
  sale({ world }, { plan, build: id, pace }, send) {
    const build = world.workspace.builds.find((one) => one.id === id)
    send(build && saleReckoning(world, plan, build, pace))
  },
  'for-sale'({ world }, { plan, learnt }, send) {
    const found = forSale(world, plan, learnt)
    const minutes = minutesPerMonth(world)
    const designs = found.designs.map(({ design }) => design)
    send({
      ...found,
      minutes,
      month: bestMonth(designs, minutes),
      first: forSale(world, plan, []),
      kits: firstKits(world, found.cannot, learnt)
    })
  },
  'tools-earn'({ world }, { plan, learnt }, send) {
    send(toolsEarn(world, plan, learnt))
  },
  beginning({ world }, { plan, lead, cost, opens }, send) {
    send(beginningOf(world, plan, lead, cost, opens))
  },
  pocket({ world }, { plan }, send) {
    send(pocketList(world, plan))
  }
} satisfies Answerers
