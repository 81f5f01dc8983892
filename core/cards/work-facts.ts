import { isDone } from '../builds'
import type { Library, Method, Operation } from '../catalogue'
import { plainRunMinutes } from '../fit'
import { distinct } from '../kernel'
import type { World } from '../workspace'

/** What the library and the workspace say of a piece of work. */
export interface WorkFacts {
  /** Methods, by hand first, then held in the hand, standing, and in a shop. */
  readonly methods: readonly Method[]
  /** Builds of the workspace, not yet done, that ask for it. */
  readonly builds: readonly string[]
}

const FORMS = ['hand', 'hand-held', 'benchtop', 'floor', 'service'] as const

export function workFacts({ library, workspace }: World, operation: Operation): WorkFacts {
  const methods = library.methodsFor.get(operation.id) ?? []
  return {
    methods: FORMS.flatMap((form) => methods.filter((method) => method.form === form)),
    builds: workspace.builds
      .filter(
        (build) => !isDone(build) && build.steps.some((step) => step.operation === operation.id)
      )
      .map(({ id }) => id)
  }
}

/** What a method is done with: for each role the tools that can play it, the plainest first. */
export interface MethodFacts {
  readonly roles: readonly {
    readonly role: string
    readonly count: number
    readonly tools: readonly string[]
  }[]
  /** Operations it is made up of, for a compound one. */
  readonly parts: readonly string[]
  /** Of one unit in softwood of the size the method is meant for, with a new weekend tool and no set-up; 0 for what a shop does. */
  readonly minutes: number
}

export function methodFacts(library: Library, method: Method): MethodFacts {
  const points = (id: string): number =>
    Math.min(...(library.tools.get(id)?.forms.map((form) => form.points) ?? []), Infinity)
  return {
    roles: method.roles.map(({ role, count }) => ({
      role,
      count,
      tools: [...library.tools.values()]
        .filter(({ roles }) => roles.includes(role))
        .map(({ id }) => id)
        .sort((a, b) => points(a) - points(b))
    })),
    minutes: plainRunMinutes(method, { units: 1, batches: 1 }),
    parts: distinct((method.parts ?? []).map(({ operation }) => operation))
  }
}
