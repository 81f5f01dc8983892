/** Sets of trade names: the library's own, or a country's. */
export const NAME_SETS = ['plain', 'british', 'american'] as const
export type NameSet = (typeof NAME_SETS)[number]
/** The sets a search looks through: also those that are prepared and not yet whole enough to be chosen. */
export const SEARCHED_SETS = [...NAME_SETS, 'german'] as const
export type SearchedSet = (typeof SEARCHED_SETS)[number]

/** A trade name that differs by country; left out where a set keeps the library's word. */
export interface NameWord {
  readonly plain: string
  readonly british?: string | undefined
  readonly american?: string | undefined
  readonly german?: string | undefined
}
