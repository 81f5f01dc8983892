import type { ToolCard } from '../../core/cards'

type Look = readonly [string, string, string]
/** What one family of tools has in common on its card; the rest is said for each. */
interface Family {
  readonly look: Look
  readonly mistake: string
  readonly care: string
  readonly size?: string
}
type Own = string | (Partial<Family> & { readonly use: string })

/** The cards of a family: for each tool what it is for, and what differs from the family. */
export const family = (shared: Family, own: Readonly<Record<string, Own>>): Readonly<Record<string, ToolCard>> =>
  Object.fromEntries(
    Object.entries(own).map(([id, one]) => [id, { ...shared, ...(typeof one === 'string' ? { use: one } : one) }])
  )
/** A card that has no family. */
export const card = (use: string, look: Look, mistake: string, care: string, size?: string): ToolCard => ({
  use,
  look,
  mistake,
  care,
  ...(size === undefined ? {} : { size })
})
