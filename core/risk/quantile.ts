/** The value below which a share of a sorted list lies, between neighbours by proportion (type 7 of Hyndman and Fan, 1996). */
export function quantile(sorted: readonly number[], share: number): number {
  if (sorted.length === 0) return Number.NaN
  const place = (sorted.length - 1) * share
  const low = Math.floor(place)
  const [a, b] = [sorted[low] ?? 0, sorted[Math.min(sorted.length - 1, low + 1)] ?? 0]
  return a + (b - a) * (place - low)
}
