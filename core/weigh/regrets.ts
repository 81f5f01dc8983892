import { type Build } from '../builds'
import type { Method } from '../catalogue'
import { distinct } from '../kernel'
import {
  boundValue,
  fitStep,
  leads,
  loadOf,
  meets,
  minutesOf,
  withParts,
  type BuildFit,
  type Fitter,
  type KitTool
} from '../fit'

export type Regret =
  | {
      readonly kind: 'few-uses'
      readonly tool: string
      readonly usesPerYear: number
      readonly threshold: number
    }
  | {
      readonly kind: 'duplicate'
      readonly tool: string
      readonly by: string
      readonly times: number
    }
  | {
      readonly kind: 'outgrown'
      readonly tool: string
      readonly build: string
      readonly operation: string
      readonly has: number
      readonly needs: number
    }
/** A tool owned that takes no more than so many times as long is a near duplicate. */
const NEAR_DUPLICATE = 2

/** Methods a tool would lead, for one step. */
const ledBy = (tool: KitTool['tool'], methods: readonly Method[]): Method[] =>
  methods.filter((method) => leads(tool, method))

/** An owned tool that already does every step the new one would do, in not much more time. */
export function duplicateOf(
  fitter: Fitter,
  builds: readonly Build[],
  lead: KitTool['tool']
): Regret | undefined {
  const { library } = fitter.context
  const steps = builds
    .flatMap((build) =>
      build.steps
        .flatMap((one) => withParts(library, one))
        .map((step) => ({
          build,
          step,
          usable: fitStep(fitter.context, fitter.kit, step, build).usable
        }))
    )
    .filter(({ step }) => ledBy(lead, library.methodsFor.get(step.operation) ?? []).length > 0)
  if (steps.length === 0) return undefined
  const owned = distinct(fitter.kit.tools.map(({ tool }) => tool)).filter(
    (tool) => tool.kind === 'tool' && tool.id !== lead.id
  )
  for (const other of owned) {
    let times = 0
    const all = steps.every(({ build, step, usable }) => {
      const now = usable.find(({ tools }) => tools[0]?.tool.id === other.id)
      const quickest = Math.min(
        ...ledBy(lead, library.methodsFor.get(step.operation) ?? []).map((method) =>
          minutesOf(method, undefined, [], loadOf(step, build))
        )
      )
      if (!now || now.minutes > NEAR_DUPLICATE * quickest) return false
      times = Math.max(times, now.minutes / Math.max(1e-9, quickest))
      return true
    })
    if (all) return { kind: 'duplicate', tool: lead.id, by: other.id, times }
  }
  return undefined
}

/** The next build that the tool is too small for and that nothing else opens. */
export function outgrownBy(
  fitter: Fitter,
  builds: readonly Build[],
  entry: KitTool,
  fits: ReadonlyMap<string, BuildFit>
): Regret | undefined {
  const { library } = fitter.context
  for (const build of builds)
    for (const step of (fits.get(build.id)?.gaps ?? []).flatMap((gap) =>
      withParts(library, gap.step)
    ))
      for (const method of library.methodsFor.get(step.operation) ?? []) {
        const short = method.roles
          .filter(({ role }) => entry.tool.roles.includes(role))
          .flatMap(({ rules }) => rules)
          .find((rule) => rule.is === 'atLeast' && !meets(entry.specs, rule, step.stock))
        if (short)
          return {
            kind: 'outgrown',
            tool: entry.tool.id,
            build: build.id,
            operation: step.operation,
            has: entry.specs[short.spec] ?? 0,
            needs: boundValue(short, step.stock) ?? 0
          }
      }
  return undefined
}
