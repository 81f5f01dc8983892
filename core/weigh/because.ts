import { distinct } from '../kernel'
import { neededCompanions } from '../fit'
import { type PackageLine } from './candidate'
import { type StepChange } from './near-misses'

/** Why a part belongs to a purchase. */
export type Because =
  | { readonly kind: 'lead' }
  | { readonly kind: 'companion'; readonly of: string; readonly why: string }
  | { readonly kind: 'protection'; readonly of: string }
  | { readonly kind: 'role'; readonly operation: string }
  | { readonly kind: 'jig' }

export function becauseOf(
  part: PackageLine,
  parts: readonly PackageLine[],
  changes: readonly StepChange[],
  lead: PackageLine
): Because {
  if (part === lead) return { kind: 'lead' }
  const { tool } = part.buyable.entry
  const operations = distinct(changes.map(({ operation }) => operation))
  for (const { buyable } of parts) {
    const other = buyable.entry.tool
    const companion =
      other === tool
        ? undefined
        : operations
            .flatMap((operation) => neededCompanions(other, operation))
            .find(({ anyOf }) => anyOf.includes(tool.id))
    if (companion) return { kind: 'companion', of: other.id, why: companion.why }
  }
  const guarded = parts.find(({ buyable }) =>
    buyable.entry.tool.needs.some((need) => tool.protects.includes(need))
  )
  if (guarded && tool.protects.length > 0)
    return { kind: 'protection', of: guarded.buyable.entry.tool.id }
  const used = changes.find(({ after }) => after.tools.some((entry) => entry.tool.id === tool.id))
  if (used) return { kind: 'role', operation: used.operation }
  return part.buyable.jig
    ? { kind: 'jig' }
    : { kind: 'role', operation: changes[0]?.operation ?? '' }
}
