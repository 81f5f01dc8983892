import { TIERS, type Tier } from '../catalogue'
import { groupBy } from '../kernel'
import type { Minor } from '../money'
import { REGRET_KINDS, type RegretKind, type Verdict, type World } from '../workspace'

/** Of purchases in general one in four is regretted; a judgement of the trade, from memory. It weighs as much as this many verdicts of one's own. */
export const USUAL_REGRET = 0.25
const USUAL_WEIGHT = 4

/** Kinds that speak of how well a thing is made, and so of its tier; the others speak of the tool. */
const OF_QUALITY: ReadonlySet<RegretKind> = new Set(['inaccurate', 'flimsy'])

/** What one's own verdicts of like purchases say of another. */
export interface Lesson {
  readonly judged: number
  readonly regretted: number
  /** How likely the next like it is regretted: (regretted + 4 · ¼) ÷ (judged + 4), the mean of a beta distribution. */
  readonly risk: number
  /** What was regretted, the most frequent first. */
  readonly kinds: readonly RegretKind[]
  /** The tools that were regretted. */
  readonly tools: readonly string[]
}

/** The newest verdict of each thing. */
function latest(verdicts: readonly Verdict[]): Verdict[] {
  const found = new Map<string, Verdict>()
  for (const one of verdicts) {
    const known = found.get(one.item)
    if (!known || one.on >= known.on) found.set(one.item, one)
  }
  return [...found.values()]
}

function lessonOf(verdicts: readonly Verdict[], isBad: (one: Verdict) => boolean): Lesson {
  const bad = verdicts.filter(isBad)
  const kinds = bad.flatMap(({ regret }) => regret ?? [])
  const times = (kind: RegretKind): number => kinds.filter((one) => one === kind).length
  return {
    judged: verdicts.length,
    regretted: bad.length,
    risk: (bad.length + USUAL_WEIGHT * USUAL_REGRET) / (verdicts.length + USUAL_WEIGHT),
    kinds: REGRET_KINDS.filter((kind) => times(kind) > 0).sort((a, b) => times(b) - times(a)),
    tools: bad.map(({ tool }) => tool)
  }
}

/** Verdicts of tools like one: of the same group. None where the user has switched them off. */
function ofLike({ workspace, library }: World, tool: string): Verdict[] {
  const group = library.tools.get(tool)?.group
  if (workspace.preferences.withoutVerdicts || group === undefined) return []
  return latest(workspace.verdicts ?? []).filter(
    (one) => library.tools.get(one.tool)?.group === group
  )
}

/** What was said of tools like this one; undefined where nothing was. */
export function lessonFor(world: World, tool: string): Lesson | undefined {
  const like = ofLike(world, tool)
  return like.length > 0 ? lessonOf(like, ({ good }) => !good) : undefined
}

/** What was said of the make of tools like this one, by tier; only tiers with a regret of that kind. */
export function tierLessons(world: World, tool: string): ReadonlyMap<Tier, Lesson> {
  const byTier = groupBy(ofLike(world, tool), ({ tier }) => tier)
  return new Map(
    TIERS.flatMap((tier) => {
      const said = byTier.get(tier) ?? []
      const lesson = lessonOf(said, ({ regret }) => regret !== undefined && OF_QUALITY.has(regret))
      return lesson.regretted > 0 ? [[tier, lesson] as const] : []
    })
  )
}

/** What a regret beyond the usual adds to what having a thing costs: the chance of it times what is lost when it is sold again. Minor units, never below 0. */
export const regretCost = ({ risk }: Lesson, purchase: Minor, resale: Minor): Minor =>
  Math.round(Math.max(0, risk - USUAL_REGRET) * Math.max(0, purchase - resale))
