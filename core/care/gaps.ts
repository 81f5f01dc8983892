import { isDone } from '../builds'
import { fitBuild, fitContext, kitOf, type Miss } from '../fit'
import { groupBy } from '../kernel'
import type { World } from '../workspace'

/** An owned tool that falls short of what a build asks for, and of which builds. */
export interface CapacityGap {
  readonly tool: string
  readonly spec: Extract<Miss, { kind: 'spec' }>['spec']
  readonly has: number
  /** The most that any of the builds asks for. */
  readonly needs: number
  readonly builds: readonly string[]
}

/**
 * Where what is owned stops short: for each owned tool and measure, the open builds with a step that cannot be done and would be but
 * for that measure. Lengths in millimetres.
 */
export function capacityGaps(world: World): CapacityGap[] {
  const context = fitContext(world)
  const kit = kitOf(world.library, world.workspace.items)
  const short = world.workspace.builds
    .filter((build) => !isDone(build))
    .flatMap((build) =>
      fitBuild(context, kit, build).gaps.flatMap(({ others }) =>
        others.flatMap(({ misses }) => {
          const [only] = misses
          return misses.length === 1 && only?.kind === 'spec' && only.has > 0
            ? [{ build: build.id, miss: only }]
            : []
        })
      )
    )
  return [...groupBy(short, ({ miss }) => `${miss.tool}|${miss.spec}`).values()].flatMap((rows) => {
    const [first] = rows
    return first
      ? [
          {
            tool: first.miss.tool,
            spec: first.miss.spec,
            has: first.miss.has,
            needs: Math.max(...rows.map(({ miss }) => miss.needs)),
            builds: [...new Set(rows.map(({ build }) => build))]
          }
        ]
      : []
  })
}
