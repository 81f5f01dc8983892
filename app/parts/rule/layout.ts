import { dayNumber, type Day, type Stage } from '../../../core/calendar'
import type { PlannedBuild, PlannedPurchase } from '../../../core/workspace'

/** Where things stand on the rule, in pixels. No drawing here. */

export interface RuleStage {
  readonly stage: Stage
  readonly x: number
  readonly width: number
}

export interface RuleScale {
  readonly stages: readonly RuleStage[]
  readonly width: number
  /** Pixels from the left edge; days outside the rule are put at its ends. */
  xOf(day: Day): number
}

/** Narrower than this a stage cannot carry a tag; the rule then scrolls. */
export const LEAST_STAGE_WIDTH = 78
/** No zoom makes a stage narrower than this. */
export const LEAST_ZOOMED_WIDTH = 26

/** @param zoom width of a stage against the one at which all of them fit, or are just wide enough for a tag */
export function scaleFor(stages: readonly Stage[], room: number, zoom = 1): RuleScale {
  const fitting = Math.floor(room / Math.max(1, stages.length))
  const each = Math.max(LEAST_ZOOMED_WIDTH, Math.floor(Math.max(LEAST_STAGE_WIDTH, fitting) * zoom))
  const placed = stages.map((stage, index) => ({ stage, x: index * each, width: each }))
  const width = each * stages.length
  return {
    stages: placed,
    width,
    xOf(day) {
      const found = placed.find(({ stage }) => day >= stage.start && day <= stage.end)
      if (!found) return placed[0] && day < placed[0].stage.start ? 0 : width
      const span = dayNumber(found.stage.end) - dayNumber(found.stage.start) + 1
      return found.x + (found.width * (dayNumber(day) - dayNumber(found.stage.start))) / span
    }
  }
}

export interface Notch {
  readonly planned: PlannedBuild
  readonly x: number
  readonly doneX: number
  /** Row of the label above the rule, counted from the top. */
  readonly row: number
  readonly labelX: number
  readonly labelWidth: number
}

const LABEL_PADDING = 18
const CHARACTER = 7.2
const LABEL_GAP = 6

/** Labels of builds, each in the first row where it does not touch another. */
export function notches(
  builds: readonly { planned: PlannedBuild; name: string }[],
  scale: RuleScale
): { notches: Notch[]; rows: number } {
  const ends: number[] = []
  const placed = [...builds]
    .sort((a, b) => (a.planned.begin < b.planned.begin ? -1 : 1))
    .map(({ planned, name }): Notch => {
      const labelWidth = name.length * CHARACTER + LABEL_PADDING
      const x = scale.xOf(planned.begin)
      const labelX = Math.max(0, Math.min(x - 10, scale.width - labelWidth))
      const free = ends.findIndex((end) => end + LABEL_GAP <= labelX)
      const row = free < 0 ? ends.length : free
      ends[row] = labelX + labelWidth
      return { planned, x, doneX: scale.xOf(planned.done), row, labelX, labelWidth }
    })
  return { notches: placed, rows: Math.max(1, ends.length) }
}

export interface Tag {
  readonly purchase: PlannedPurchase
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

const TAG_LEAST = 49
const TAG_MOST = 112
const TAG_GAP = 5
const TAG_DROP = 14
/** A column with more tags than this is hung closer, so that it stays on the screen. */
const ROOMY_COLUMN = 4
const TAG_CLOSE_MOST = 62

/** Purchases hang below their stage, dearer ones deeper: a tag's height grows with the square root of its price. */
export function tags(
  purchases: readonly PlannedPurchase[],
  scale: RuleScale
): { tags: Tag[]; height: number } {
  const dearest = Math.max(1, ...purchases.map(({ price }) => price))
  const depth = new Map<number, number>()
  const columnOf = (date: Day): RuleStage | undefined =>
    scale.stages.find(({ stage }) => date >= stage.start && date <= stage.end)
  const counts = new Map<number, number>()
  for (const { date } of purchases)
    counts.set(columnOf(date)?.x ?? -1, (counts.get(columnOf(date)?.x ?? -1) ?? 0) + 1)
  const placed = [...purchases]
    .sort((a, b) => (a.date === b.date ? b.price - a.price : a.date < b.date ? -1 : 1))
    .flatMap((purchase): Tag[] => {
      const column = columnOf(purchase.date)
      if (!column) return []
      const most = (counts.get(column.x) ?? 0) > ROOMY_COLUMN ? TAG_CLOSE_MOST : TAG_MOST
      const y = (depth.get(column.x) ?? 0) + TAG_DROP
      const height = Math.round(
        TAG_LEAST +
          (most - TAG_LEAST) * Math.max(0, Math.sqrt(purchase.price / dearest) * 1.6 - 0.6)
      )
      depth.set(column.x, y + height - TAG_DROP + TAG_GAP)
      return [{ purchase, x: column.x + 3, y, width: column.width - 6, height }]
    })
  return { tags: placed, height: Math.max(0, ...placed.map((tag) => tag.y + tag.height)) + TAG_GAP }
}

/** The balance as a stepped line: each level holds until the next change. */
export function levelPath(
  points: readonly { readonly date: Day; readonly balance: number }[],
  scale: RuleScale,
  yOf: (balance: number) => number
): string {
  const [first, ...rest] = points
  if (!first) return ''
  const start = `M${scale.xOf(first.date)},${yOf(first.balance)}`
  const steps = rest.map((point) => `H${scale.xOf(point.date)}V${yOf(point.balance)}`)
  return `${start}${steps.join('')}H${scale.width}`
}

/** A band between two stepped lines, closed. */
export function bandPath(
  points: readonly { readonly date: Day; readonly low: number; readonly high: number }[],
  scale: RuleScale,
  yOf: (balance: number) => number
): string {
  const [first] = points
  const last = points.at(-1)
  if (!first || !last) return ''
  const there = points
    .slice(1)
    .map(({ date, high }) => `H${scale.xOf(date)}V${yOf(high)}`)
    .join('')
  // Back again below: each step down is taken where its day begins.
  const back = [...points]
    .reverse()
    .map(({ date, low }) => `V${yOf(low)}H${scale.xOf(date)}`)
    .join('')
  return `M${scale.xOf(first.date)},${yOf(first.high)}${there}H${scale.width}${back}Z`
}

/** The purchase day nearest to a place on the rule. */
export function nearestDay(days: readonly Day[], scale: RuleScale, x: number): Day | undefined {
  let best: Day | undefined
  for (const day of days)
    if (best === undefined || Math.abs(scale.xOf(day) - x) < Math.abs(scale.xOf(best) - x))
      best = day
  return best
}
