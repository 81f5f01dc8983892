import type { Library, Protection, Step } from '../catalogue'
import { distinct, leastBy, sumOf } from '../kernel'
import type { BuildFit } from './build-fit'
import { loudnessOf } from './kernel'
import type { MethodUse } from './use'

/** Work that is not begun for less than this before the evening is over, min. A judgement: set-up and clearing away eat it up. */
const LEAST_PIECE = 10
/** An evening is not over sooner for the sake of a glue-up, min; it rather ends that much later. A judgement. */
const LEAST_EVENING = 30

/** A way of working that is made up of no other, and its minutes. */
export interface PlainWay {
  readonly operation: string
  readonly method: string
  readonly minutes: number
  /** What it is done with. */
  readonly tools: readonly string[]
}

/** A step as one has it before one at the bench: with what it is done best, and what that takes. */
export interface BenchStep {
  readonly step: Step
  /** Of all copies, min; none known where the kit has no way. */
  readonly minutes: number | undefined
  /** The way it is done; none where the kit has none. */
  readonly method: string | undefined
  readonly tools: readonly string[]
  /** What the way comes down to: itself, or each of its parts and its clean-up; itself where left out. */
  readonly ways?: readonly PlainWay[] | undefined
  /** The quickest way that can be done in quiet hours; none where the kit has none. */
  readonly quiet?: { readonly method: string; readonly minutes: number } | undefined
  /** What has to be protected meanwhile: by the way of working, and by each tool it is done with. */
  readonly wear: readonly Protection[]
}

/** In quiet hours nothing is louder than this at the ear where nothing else is said, dB(A): somebody talking loudly, a hand saw. A judgement. */
export const QUIET_DBA = 75

/** A way with its parts and its clean-up. */
const usesIn = (use: MethodUse): MethodUse[] => [
  use,
  ...(use.parts ?? []),
  ...(use.cleanUp ? [use.cleanUp] : [])
]
/** What a way comes down to; what a service does is nobody's work here. */
export function plainWays(use: MethodUse): PlainWay[] {
  const { method, parts = [], cleanUp, tools } = use
  const minutes = use.minutes - (cleanUp?.minutes ?? 0)
  const own =
    parts.length > 0
      ? parts.flatMap(plainWays)
      : method.service === undefined
        ? [
            {
              operation: method.operation,
              method: method.id,
              minutes,
              tools: tools.map(({ tool }) => tool.id)
            }
          ]
        : []
  return [...own, ...(cleanUp ? plainWays(cleanUp) : [])]
}
/** The loudest of a way of working, its parts and its clean-up, dB(A). */
const loudestOf = (use: MethodUse): number =>
  Math.max(
    -Infinity,
    ...usesIn(use).flatMap(({ method }) =>
      method.service === undefined ? [loudnessOf(method)] : []
    )
  )

/**
 * The steps of a build as they stand in it: patterns and cut lists write them in the order they are worked, and whoever writes others
 * knows best.
 */
export function benchSteps({ steps }: BuildFit, quietDbA = QUIET_DBA): BenchStep[] {
  return steps.map(({ step, usable }) => {
    const [best] = usable
    const uses = best ? usesIn(best) : []
    const quiet = leastBy(
      usable.filter((one) => one.method.service === undefined && loudestOf(one) <= quietDbA),
      ({ minutes }) => minutes
    )
    return {
      step,
      minutes: best?.minutes,
      method: best?.method.id,
      ways: best && plainWays(best),
      quiet: quiet && { method: quiet.method.id, minutes: quiet.minutes },
      tools: distinct(uses.flatMap(({ tools }) => tools.map(({ tool }) => tool.id))),
      wear: distinct(
        uses.flatMap(({ method, tools }) => [
          ...(method.protection ?? []),
          ...tools.flatMap(({ tool }) => tool.needs)
        ])
      )
    }
  })
}

/** A step, or a part of one, done in a sitting. */
export interface SittingWork extends BenchStep {
  /** The step was begun in a sitting before. */
  readonly goesOn: boolean
}
/** What is done in one go, and how many nights glue or coats then take. */
export interface Sitting {
  readonly work: readonly SittingWork[]
  readonly minutes: number
  readonly nights: number
}

/** How much of a step so many minutes are. */
const shareOf = ({ minutes: all }: BenchStep, minutes: number | undefined): number =>
  minutes === undefined || all === undefined || all <= 0 ? 1 : minutes / all

/** So many minutes of a step; its plain ways and the quiet one take their share. */
const partOf = (one: BenchStep, minutes: number | undefined, goesOn: boolean): SittingWork => ({
  ...one,
  minutes,
  goesOn,
  ways: one.ways?.map((way) => ({ ...way, minutes: way.minutes * shareOf(one, minutes) })),
  quiet: one.quiet && { ...one.quiet, minutes: one.quiet.minutes * shareOf(one, minutes) }
})

/**
 * A build in evenings: as many of its steps as fit into each. Work that can be left lies over two sittings; what has to
 * set or dry is done in one go, and ends the evening. Steps without a way stand where they would come, without time.
 * @param minutes of a sitting, above 0
 */
export function sittingsOf(
  library: Library,
  steps: readonly BenchStep[],
  minutes: number
): Sitting[] {
  const sittings: Sitting[] = []
  let work: SittingWork[] = []
  const spent = (): number => sumOf(work, (one) => one.minutes ?? 0)
  const close = (nights: number): void => {
    if (work.length > 0) sittings.push({ work, minutes: spent(), nights })
    work = []
  }
  for (const one of steps) {
    const nights = library.operations.get(one.step.operation)?.nights ?? 0
    let left = one.minutes ?? 0
    let goesOn = false
    if (nights > 0 && spent() >= LEAST_EVENING && spent() + left > minutes) close(0)
    while (nights === 0 && spent() + left > minutes) {
      const piece = minutes - spent()
      if (piece >= LEAST_PIECE || work.length === 0) {
        work.push(partOf(one, piece, goesOn))
        left -= piece
        goesOn = true
      }
      close(0)
    }
    work.push(partOf(one, one.minutes === undefined ? undefined : left, goesOn))
    if (nights > 0) close(nights)
  }
  close(0)
  return sittings
}
