import { writePlan } from '../core/formats'
import { Planner, outcomeIssues, settledBefore, type Outcome } from '../core/search'
import { boundModel, isProven } from '../core/bound'
import { worldOf, type World } from '../core/workspace'
import { library } from '../data'
import { EXIT, complain, loadWorkspace, today, wholeOption } from './io'
import { closestBound, upperBound } from './solver'

const USAGE =
  'npm run --silent plan -- file.json [--seconds 3 | --evaluations 100000] [--seed 7] [--no-bound | --prove]'
/** Evaluations between two looks at the clock. */
const SLICE = 500
const SECONDS = 3

/** Plans for some seconds, or for a number of evaluations: then the same plan comes out again. */
function planFor(
  world: World,
  seed: number,
  seconds: number | undefined,
  evaluations: number | undefined
): { outcome: Outcome; ms: number } {
  const started = performance.now()
  const before = settledBefore(world)
  if (before) return { outcome: before, ms: performance.now() - started }
  const planner = new Planner(world, seed)
  if (evaluations !== undefined) planner.advance(evaluations)
  else {
    const until = started + (seconds ?? SECONDS) * 1000
    for (let last = -1; performance.now() < until && planner.effort.evaluations !== last;) {
      last = planner.effort.evaluations
      planner.advance(last + SLICE)
    }
  }
  return { outcome: planner.outcome(), ms: performance.now() - started }
}

/** What a plan is worth, how much better it could be, and how it was found. @param bound undefined where it was not worked out */
function effortText(
  value: number,
  bound: number | undefined,
  evaluations: number,
  ms: number
): string {
  const gain = bound === undefined ? undefined : Math.max(0, bound - value)
  const share = gain === undefined || value <= 0 ? '' : ` (${((100 * gain) / value).toFixed(1)} %)`
  return [
    `value          ${value.toFixed(2)} minor units at today's worth`,
    `upper bound    ${bound === undefined ? 'not worked out' : bound.toFixed(2)}`,
    `possible gain  ${gain === undefined ? 'not known' : `at most ${gain.toFixed(2)}${share}; most of it measures the bound, not the plan`}`,
    `proven best    ${bound !== undefined && isProven(value, bound) ? 'yes, to a thousandth of its value' : 'no'}`,
    `evaluations    ${evaluations}`,
    `time           ${Math.round(ms)} ms`,
    ''
  ].join('\n')
}

/** `npm run --silent plan -- file.json`: prints the plan for a workspace file as JSON, and on stderr what it is worth and how it was found. */
async function main(args: readonly string[]): Promise<number> {
  const [file] = args
  const [seconds, evaluations, seed] = [
    wholeOption(args, 'seconds', 1, 3600),
    wholeOption(args, 'evaluations', 1, 1e9),
    wholeOption(args, 'seed', 0, 2 ** 31)
  ]
  if (
    file === undefined ||
    file.startsWith('-') ||
    [seconds, evaluations, seed].some((one) => one === 'wrong')
  ) {
    process.stderr.write(`Say which workspace file to plan, with whole numbers: ${USAGE}\n`)
    return EXIT.unreadable
  }
  const workspace = loadWorkspace(file)
  if (!workspace.ok) {
    complain(file, workspace.issues)
    return EXIT.unreadable
  }
  const number = (one: number | 'wrong' | undefined): number | undefined =>
    one === 'wrong' ? undefined : one
  const world = worldOf(workspace.value, library, today())
  const { outcome, ms } = planFor(world, number(seed) ?? 1, number(seconds), number(evaluations))
  complain(file, outcomeIssues(outcome))
  if (outcome.kind === 'clash') return EXIT.broken
  process.stdout.write(writePlan(outcome.plan))
  if ('effort' in outcome) {
    const value = outcome.report.value.total
    const bound = args.includes('--prove')
      ? await closestBound(world, value)
      : args.includes('--no-bound')
        ? undefined
        : await upperBound(boundModel(world))
    process.stderr.write(effortText(value, bound, outcome.effort.evaluations, ms))
  }
  return outcome.report.broken.length === 0 ? EXIT.fine : EXIT.broken
}

process.exitCode = await main(process.argv.slice(2))
