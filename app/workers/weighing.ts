import { fitContext } from '../../core/fit'
import { fingerprint } from '../../core/kernel'
import type { Power } from '../../core/catalogue'
import { priceOf } from '../../core/prices'
import { ladderOf } from '../../core/ladder'
import { asSchool, schoolOutcome } from '../../core/scenarios'
import {
  POWER_MODES,
  Weighing,
  bestSplit,
  cheapestOver,
  hoursOfUse,
  ownedPlatforms,
  ownershipOptions,
  packPrices,
  poweredTools,
  powerPlan,
  pulls,
  reasonsFor,
  ruledOut,
  swayOf,
  tierPlaces,
  toolsInView,
  weightRange,
  type Candidate,
  type Pull,
  type Shares,
  type Way
} from '../../core/weigh'
import {
  WEIGHTS,
  weightsOf,
  withWeights,
  workspaceHash,
  worldOf,
  type Weights,
  type Workspace,
  type World
} from '../../core/workspace'
import { library } from '../../data'
import type {
  Asks,
  CandidateView,
  OwnershipView,
  PullsView,
  ReasonsView,
  SplitView,
  WayRound
} from './protocol'
import type { Answerers } from './serve'
import { partView } from './part-view'

/** The answers of the Weigh-up. What is on the scale stays there until something else than the weights changes. */

const NO_WEIGHTS: Weights = { money: 1, time: 0, space: 0, quiet: 0, ease: 0, finish: 0 }
let kept: { readonly key: string; readonly weighing: Weighing } | undefined

/** The weighing for a workspace, the kept one where only weights differ; brought to the workspace's own weights. */
export function weighingFor(workspace: Workspace, today: string): Weighing {
  const plain = withWeights({ ...workspace, adopted: [], wishes: [] }, { ...NO_WEIGHTS, quiet: 0 })
  const key = fingerprint([workspaceHash(plain), today, workspace.wishes])
  if (kept?.key !== key) kept = { key, weighing: new Weighing(worldOf(workspace, library, today)) }
  return kept.weighing
}

const candidateView = ({
  lead,
  others,
  variants,
  price,
  ...figures
}: Candidate): CandidateView => ({
  ...figures,
  lead: partView(lead),
  others: others.map(partView),
  separately: price.separately,
  bundles: price.bundles.map(({ bundle }) => bundle.name),
  deals: price.deals.map(({ deal, saved }) => ({ name: deal.name, saved })),
  variants: variants.map((variant) => ({
    id: variant.id,
    cost: variant.cost,
    parts: [variant.lead, ...variant.others].map(partView)
  }))
})

const pullsView = (list: readonly Pull[], { exact, looked }: Shares, done: boolean): PullsView => ({
  pulls: list.map(({ part, share, error }) => ({
    tool: part.buyable.entry.tool.id,
    count: part.count,
    share,
    error: Number.isFinite(error) ? error : 0
  })),
  exact,
  looked,
  done
})
const wayView = (way: Way | undefined): WayRound | undefined =>
  way && { parts: way.parts.map(partView), cost: way.cost, minutesMore: way.minutesMore }

/** Points of a cost curve: the jumps, just before and after, and a few between. */
function curve(
  cost: (hours: number) => number,
  breaks: readonly number[],
  limit: number
): [number, number][] {
  const jumps = breaks.filter((at) => at < limit)
  return [0.01, ...jumps.flatMap((at) => [at, at + 0.01]), limit].map((hours) => [
    hours,
    Math.round(cost(hours))
  ])
}

function reasonsView(
  world: World,
  weighing: Weighing,
  weights: Weights,
  id: string
): ReasonsView | undefined {
  const all = weighing.rank(weights).candidates
  const candidate =
    all.find((one) => one.id === id) ??
    all.flatMap(({ variants }) => variants).find((one) => one.id === id)
  if (!candidate) return undefined
  const reasons = reasonsFor(world, { ...weighing.fitter, context: fitContext(world) }, candidate)
  return {
    parts: reasons.because.map(({ part, because }) => {
      const { offer } = part.buyable
      const price = offer && priceOf(world.pricing, offer, world.asOf)
      const times = (amount: number | undefined): number => (amount ?? 0) * part.count
      return {
        part: partView(part),
        because,
        tag: price ? times(price.tag) : part.buyable.payment,
        tax: times(price?.tax),
        delivery: times(price?.delivery),
        repair: times(price?.repair)
      }
    }),
    changes: reasons.changes.map(({ build, step, operation, before, after }) => ({
      build,
      step,
      operation,
      before: before && { method: before.method.id, minutes: before.minutes, fee: before.fee },
      after: { method: after.method.id, minutes: after.minutes, fee: after.fee }
    })),
    nearMisses: reasons.nearMisses,
    regrets: reasons.regrets,
    services: reasons.services,
    usesPerYear: reasons.usesPerYear,
    perYear: reasons.perYear,
    hazard: reasons.hazard && {
      kind: reasons.hazard.kind,
      level: reasons.hazard.level,
      gentler: wayView(reasons.hazard.gentler)
    },
    cheaper: wayView(reasons.cheaper)
  }
}

/** Hours drawn when nothing is asked: three times those of the builds, or a round hundred. */
const drawnHours = (hours: number): number => Math.max(100, Math.ceil((3 * hours) / 50) * 50)

function ownershipView(
  world: World,
  toolId: string,
  power: Power,
  asked: number | undefined
): OwnershipView | undefined {
  const tool = world.library.tools.get(toolId)
  if (!tool) return undefined
  const { hours, builds } = hoursOfUse(world, world.library, tool)
  const limit = asked ?? drawnHours(hours)
  const options = ownershipOptions(world, tool, power)
  const against = ruledOut(world, tool, power)
  const out = new Set(against.map(({ tier }) => tier))
  const isOut = (option: (typeof options)[number]): boolean =>
    option.tenure.kind === 'buy'
      ? out.has(option.tenure.tier)
      : option.tenure.kind === 'trade-up' &&
        (out.has(option.tenure.first) || out.has(option.tenure.then))
  return {
    tool: toolId,
    power,
    hours,
    builds,
    limit,
    ruledOut: against,
    options: options.map((option) => ({
      id: option.id,
      tenure: option.tenure,
      typical: option.typical,
      ruledOut: isOut(option),
      points: curve(
        (at) => option.cost(at).total,
        option.breaks(limit),
        Math.min(limit, option.upTo ?? limit)
      ),
      parts: option.cost(Math.max(0.01, Math.min(hours, option.upTo ?? Infinity)))
    })),
    stretches: cheapestOver(
      options.filter((option) => !isOut(option)),
      limit
    )
  }
}

function splitView(world: World, question: Asks<'split'>): SplitView {
  const wishes = question.tools.flatMap(({ tool: id, power, count }) => {
    const tool = world.library.tools.get(id)
    return tool ? [{ tool, power, count }] : []
  })
  const started = performance.now()
  const places = tierPlaces(world, wishes, question.years)
  const split = bestSplit(question.total, places)
  return {
    places: places.map(({ id, wish, hours, options }) => ({
      tool: id,
      count: wish.count,
      hours,
      options
    })),
    split,
    total: question.total,
    ms: performance.now() - started
  }
}

/** Questions of the Weigh-up. */
export const weighing = {
  ladder({ world }, { schools }, send) {
    schools.forEach((school, at) =>
      send(
        {
          school: school?.id,
          ladder: ladderOf(school ? asSchool(world, school) : world)
        },
        at === schools.length - 1
      )
    )
  },
  rank({ workspace, today }, { weights }, send) {
    const ranking = weighingFor(workspace, today).rank(weights ?? weightsOf(workspace))
    send({ ...ranking, candidates: ranking.candidates.map(candidateView) })
  },
  pulls({ workspace, today }, _asks, send) {
    const scale = weighingFor(workspace, today)
    const ranking = scale.rank(weightsOf(workspace))
    const last = pulls(scale, ranking, {
      onRound: (list, shares) => {
        send(pullsView(list, shares, false), false)
        return true
      }
    })
    send(pullsView(last.pulls, last.shares, true))
  },
  sway({ workspace, today, world }, _asks, send) {
    const scale = weighingFor(workspace, today)
    const range = weightRange(world.pricing.minorPer100Points)
    WEIGHTS.forEach((weight, i) =>
      send(
        { weight, sway: swayOf(scale, weightsOf(workspace), weight, range[weight]) },
        i === WEIGHTS.length - 1
      )
    )
  },
  reasons({ workspace, today, world }, { candidate }, send) {
    const scale = weighingFor(workspace, today)
    send(reasonsView(world, scale, weightsOf(workspace), candidate))
  },
  ownership({ world }, { tool, power, limit }, send) {
    send(ownershipView(world, tool, power, limit))
  },
  split({ world }, asks, send) {
    send(splitView(world, asks))
  },
  batteries({ world }, { tools: wanted }, send) {
    const inView = wanted
      ? wanted.flatMap((id) => world.library.tools.get(id) ?? [])
      : toolsInView(world, world.library)
    const tools = poweredTools(world, inView)
    const [owned, prices] = [ownedPlatforms(world), packPrices(world)]
    const plans = POWER_MODES.map((mode) => ({
      mode,
      plan: tools.length === 0 ? undefined : powerPlan(tools, owned, prices, mode)
    }))
    const { packWh, pack } = prices
    send({ tools, plans, packWh, pack, owned: owned.map(({ name }) => name) })
  },
  schools({ world }, { schools, plan }, send) {
    schools.forEach((school, at) =>
      send(schoolOutcome(world, school ?? undefined, plan), at === schools.length - 1)
    )
  }
} satisfies Answerers
