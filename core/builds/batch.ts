import type { Build } from './build'

/** Batches made so far, so that equal ones are the same object. */
const known = new WeakMap<Build, Map<number, Build>>()

/** So many copies of a build as a build of its own; the build itself when all are meant. */
export function batchOf(build: Build, copies: number | undefined): Build {
  if (copies === undefined || copies === build.copies) return build
  const parts = known.get(build) ?? new Map<number, Build>()
  known.set(build, parts)
  // Where nothing is said of how many are made together, these are.
  const present = parts.get(copies) ?? { ...build, copies, batchSize: build.batchSize ?? copies }
  parts.set(copies, present)
  return present
}
