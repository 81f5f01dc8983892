import type { Build } from '../builds'

/** What a build is, apart from its name, its ids and its money: two builds with the same text are done alike. */
const textOf = ({ steps, copies, batchSize, sale, wished, wish }: Build): string =>
  JSON.stringify([
    steps.map(({ id: _id, ...step }) => Object.entries(step).sort(([a], [b]) => (a < b ? -1 : 1))),
    copies,
    batchSize ?? null,
    sale?.daysToSell ?? null,
    wish ?? null,
    wished ?? null
  ])

/**
 * Builds in an order that follows from what they are, not from how they are named or listed: a search that draws lots by place finds the
 * same plan however somebody has put their list in order.
 */
export function canonical(builds: readonly Build[]): Build[] {
  const texts = new Map(builds.map((build) => [build, textOf(build)]))
  return [...builds].sort((a, b) => {
    const [one, other] = [texts.get(a) ?? '', texts.get(b) ?? '']
    if (one !== other) return one < other ? -1 : 1
    return (a.worthEach ?? a.sale?.netEach ?? 0) - (b.worthEach ?? b.sale?.netEach ?? 0)
  })
}
