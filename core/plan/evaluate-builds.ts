import { isDone, batchOf, nightsOf, roughVariant, type Build } from '../builds'
import { addDays, checkDay, daysBetween, laterDay } from '../calendar'
import { isUse, taskOf, plainUse, useMethod, type FitContext, type MethodUse, usedUp } from '../fit'
import { issue, issueNamed, sumOf, type Issue, type Path } from '../kernel'
import { buildMaterial, findBuild, plannedBuild, type PlannedBuild, type World } from '../workspace'
import { kitBetween, type Acquired } from './acquired'
import type { CheckedBuild } from './value'

const isDay = (text: string): boolean => checkDay(text).ok

/** What a build is checked against, and where what is broken is noted. */
interface Checking {
  readonly world: World
  readonly context: FitContext
  readonly acquired: readonly Acquired[]
  readonly broken: Issue[]
}

/** As many copies as the build has, all of them where it is under way. */
const copiesHold = (copies: number, whole: Build): boolean =>
  Number.isInteger(copies) &&
  copies >= 1 &&
  copies <= whole.copies &&
  (whole.log === undefined || copies >= whole.copies)

/** Whether the dates of a build can be reckoned with; what breaks a rule is noted. */
function datesHold(
  { world, broken }: Checking,
  { begin, done }: PlannedBuild,
  build: Build,
  path: Path
): boolean {
  if (!isDay(begin) || !isDay(done)) {
    broken.push(issue('day.does-not-exist', path, { text: isDay(begin) ? done : begin }))
    return false
  }
  if (isDone(build)) broken.push(issue('plan.build-already-done', path, { build: build.id }))
  if (begin < world.asOf || done > world.until || done < begin)
    broken.push(
      issue('plan.build-dates', path, {
        build: build.id,
        begin,
        done,
        from: world.asOf,
        until: world.until
      })
    )
  return true
}

/** Each step by the method the plan names, with the kit there is while the build is made. */
function usesOf(
  { world, context, acquired, broken }: Checking,
  planned: PlannedBuild,
  build: Build,
  path: Path
): MethodUse[] {
  const { begin } = planned
  // While the last coats dry nothing is needed: what is hired may have gone back.
  const worked = laterDay(begin, addDays(planned.done, -nightsOf(world.library, build)))
  const kit = kitBetween(acquired, begin, worked)
  return build.steps.flatMap((step): MethodUse[] => {
    const place = [...path, 'methods', step.id]
    const method = world.library.methods.get(planned.methods[step.id] ?? '')
    if (!method || method.operation !== step.operation) {
      broken.push(
        issue('plan.no-method', place, { build: build.id, operation: step.operation, begin })
      )
      return []
    }
    const fit = useMethod(context, kit, method, step, build)
    for (const miss of fit.misses)
      broken.push(
        issueNamed(`plan.miss.${miss.kind}`, place, {
          build: build.id,
          method: method.id,
          begin,
          ...figuresOf(miss)
        })
      )
    return [isUse(fit) ? fit : plainUse(context, fit, taskOf(step, build))]
  })
}

/** A planned build by the rules: its copies, dates, methods and what is paid for it. Undefined where it cannot be reckoned at all. */
export function checkBuild(
  checking: Checking,
  planned: PlannedBuild,
  index: number
): CheckedBuild | undefined {
  const { world, broken } = checking
  const path = ['builds', index] as const
  const whole = findBuild(world, planned.build)
  if (!whole) {
    broken.push(issue('plan.unknown-build', [...path, 'build'], { id: planned.build }))
    return undefined
  }
  const { copies } = planned
  if (copies !== undefined && !copiesHold(copies, whole))
    broken.push(
      issue('plan.copies', [...path, 'copies'], { build: whole.id, copies, all: whole.copies })
    )
  const build = plannedBuild(world, planned) ?? batchOf(whole, copies)
  if (planned.rough && !roughVariant(world.library, batchOf(whole, copies)))
    broken.push(issue('plan.not-rough', path, { build: whole.id }))
  if (!datesHold(checking, planned, build, path)) return undefined
  const uses = usesOf(checking, planned, build, path)
  const spent = build.log?.minutesSpent ?? 0
  const minutes = Math.max(0, Math.ceil(sumOf(uses, (use) => use.minutes)) - spent)
  const nights = minutes > 0 ? nightsOf(world.library, build) : 0
  if (daysBetween(planned.begin, planned.done) < nights)
    broken.push(issue('plan.still-wet', path, { build: build.id, done: planned.done, nights }))
  const payment =
    build.log !== undefined
      ? 0
      : buildMaterial(world, build) +
        sumOf(uses, ({ fee, spoilt }) => fee + spoilt) +
        usedUp(world, build, uses)
  if (payment !== planned.material)
    broken.push(
      issue('plan.material-differs', [...path, 'material'], {
        build: build.id,
        planned: planned.material,
        price: payment
      })
    )
  return { planned, build, uses, minutes, payment }
}

const figuresOf = (miss: object): Record<string, string | number> =>
  Object.fromEntries(
    Object.entries(miss).flatMap(([key, value]): [string, string | number][] =>
      key === 'kind'
        ? []
        : [[key, Array.isArray(value) ? value.join(', ') : (value as string | number)]]
    )
  )
