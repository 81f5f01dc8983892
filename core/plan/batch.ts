import { batchesOf, type Build } from '../builds'
import { sumOf } from '../kernel'
import type { MethodUse } from '../fit'
import type { Minor } from '../money'
import { consumablesPerHour, type World } from '../workspace'

const known = new WeakMap<Build, Map<number, Build>>()

/** So many copies of a build as a build of its own; the build itself when all are meant. */
export function batchOf(build: Build, copies: number | undefined): Build {
  if (copies === undefined || copies === build.copies) return build
  const parts = known.get(build) ?? new Map<number, Build>()
  known.set(build, parts)
  const present = parts.get(copies) ?? { ...build, copies }
  parts.set(copies, present)
  return present
}

/** Minutes a tool really runs in a use, clean-up apart. */
const running = (use: MethodUse, batches: number): number =>
  Math.max(0, use.minutes - (use.cleanUp?.minutes ?? 0) - use.method.setupMinutes * batches)

/** What a use eats in blades, bits and discs, minor units, not rounded. */
function eats(world: World, use: MethodUse, batches: number): number {
  const [lead] = use.tools
  return (
    (lead ? (consumablesPerHour(world, lead.tool) * running(use, batches)) / 60 : 0) +
    (use.cleanUp ? eats(world, use.cleanUp, batches) : 0)
  )
}

/** What one use of a method eats, rounded half up. */
export const useEats = (world: World, build: Build, use: MethodUse): Minor =>
  Math.floor(eats(world, use, batchesOf(build)) + 0.5)

/** Blades, bits and discs used up by a build: falls due with its timber. Each step is rounded on its own. */
export const usedUp = (world: World, build: Build, uses: readonly MethodUse[]): Minor =>
  sumOf(uses, (use) => useEats(world, build, use))
