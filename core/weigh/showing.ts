import { distinct, groupBy, sumOf } from '../kernel'
import type { PackageLine, Candidate } from './candidate'
import { better } from './candidate-sets'
import { doesWork } from './work'

export const linesOf = ({
  lead,
  others
}: Pick<Candidate, 'lead' | 'others'>): readonly PackageLine[] => [lead, ...others]

/** A set made up of smaller ones must get at least this share of its gain from builds that none of them opens. */
const OWN_SHARE = 0.5

/**
 * Leaves out sets that do little more than smaller sets inside them do one by one: two ways in side by side are two purchases.
 * @param insides for each set, by id, those of the scale whose parts it holds
 */
export function withoutMereSums(
  candidates: readonly Candidate[],
  insides: ReadonlyMap<string, readonly string[]>
): Candidate[] {
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]))
  return candidates.filter((whole) => {
    const inside = (insides.get(whole.id) ?? [])
      .flatMap((id) => byId.get(id) ?? [])
      .filter(({ gain }) => gain > 0)
    if (inside.length === 0) return true
    const opened = new Set(
      inside.flatMap(({ effects }) =>
        effects.filter(({ opens }) => opens).map(({ build }) => build)
      )
    )
    const own = sumOf(whole.effects, ({ opens, build, gain }) =>
      opens && !opened.has(build) ? gain : 0
    )
    const madeUp = linesOf(whole).every((part) =>
      inside.some((other) =>
        linesOf(other).some(
          ({ buyable, count }) => buyable.id === part.buyable.id && count >= part.count
        )
      )
    )
    return own > 0 && (!madeUp || own >= OWN_SHARE * (whole.gain - whole.floor))
  })
}

/** Keeps for every tool the best set that contains it; a set stands once, however many tools it is best for. */
export function bestPerTool(
  candidates: readonly Candidate[],
  leads: ReadonlySet<string>
): Candidate[] {
  const kept = new Map<string, Candidate>()
  for (const candidate of [...candidates].sort(better))
    for (const { buyable } of linesOf(candidate))
      if (!kept.has(buyable.entry.tool.id)) kept.set(buyable.entry.tool.id, candidate)
  const rows = groupBy(distinct([...kept.values()]).sort(better), sameUse)
  return named(
    [...rows.values()]
      .flatMap(([first, ...variants]) =>
        first ? [{ ...first, variants: variants.sort((a, b) => a.cost - b.cost) }] : []
      )
      .sort(better),
    leads
  )
}

/** A row whose leading tool heads a row above it is named after what it adds to that one, where that does the work. */
function named(candidates: readonly Candidate[], leads: ReadonlySet<string>): Candidate[] {
  const above = new Map<string, ReadonlySet<string>>()
  return candidates.map((candidate) => {
    const first = above.get(candidate.lead.buyable.entry.tool.id)
    const lead = first
      ? (candidate.others.find(
          (part) =>
            doesWork(part, leads) &&
            !first.has(part.buyable.entry.tool.id) &&
            !above.has(part.buyable.entry.tool.id)
        ) ?? candidate.lead)
      : candidate.lead
    const tools = linesOf(candidate).map(({ buyable }) => buyable.entry.tool.id)
    if (!above.has(lead.buyable.entry.tool.id))
      above.set(lead.buyable.entry.tool.id, new Set(tools))
    return lead === candidate.lead
      ? candidate
      : { ...candidate, lead, others: linesOf(candidate).filter((part) => part !== lead) }
  })
}

/** Sets with one leading tool that open and ease the same builds are one row with variants. */
const sameUse = ({ lead, effects }: Candidate): string =>
  [
    lead.buyable.entry.tool.id,
    ...effects.map(({ build, opens }) => `${build}${opens}`).sort()
  ].join()

export const worthShowing = ({ effects }: Candidate): boolean =>
  effects.some(({ gain, minutesSaved }) => gain > 0 || minutesSaved > 0)
