import { groupBy, sumOf } from '../kernel'

/** What was said to come with some chance, and whether it came. */
export interface Forecast {
  /** 0 to 1. */
  readonly chance: number
  readonly came: boolean
}

/** Forecasts that were given about the same chance, and how many of them came true. */
export interface CalibrationBin {
  readonly count: number
  /** The mean chance that was given. */
  readonly said: number
  /** The share that came true. */
  readonly came: number
}

/** How good forecasts were. */
export interface Calibration {
  /** Mean squared difference between chance and outcome (Brier 1950): 0 for a prophet, 0.25 for who always says one half. */
  readonly brier: number
  /** Its parts (Murphy 1973): brier = reliability − resolution + uncertainty, exactly where all in a bin were given the same chance. */
  readonly reliability: number
  readonly resolution: number
  readonly uncertainty: number
  /** From the lowest chance to the highest. */
  readonly bins: readonly CalibrationBin[]
}

/** Chances are put together by tenths. */
const BINS = 10
const binOf = ({ chance }: Forecast): number => Math.min(BINS - 1, Math.floor(chance * BINS))
const mean = (list: readonly Forecast[], figure: (one: Forecast) => number): number =>
  sumOf(list, figure) / list.length
const cameOf = ({ came }: Forecast): number => Number(came)

/** How forecasts fared; undefined where there are none. */
export function calibrationOf(forecasts: readonly Forecast[]): Calibration | undefined {
  if (forecasts.length === 0) return undefined
  const base = mean(forecasts, cameOf)
  const groups = [...groupBy(forecasts, binOf)].sort(([a], [b]) => a - b).map(([, group]) => group)
  const bins = groups.map((group) => ({
    count: group.length,
    said: mean(group, ({ chance }) => chance),
    came: mean(group, cameOf)
  }))
  const part = (figure: (bin: CalibrationBin) => number): number =>
    sumOf(bins, (bin) => bin.count * figure(bin) ** 2) / forecasts.length
  return {
    brier: mean(forecasts, (one) => (one.chance - cameOf(one)) ** 2),
    reliability: part(({ said, came }) => said - came),
    resolution: part(({ came }) => came - base),
    uncertainty: base * (1 - base),
    bins
  }
}
