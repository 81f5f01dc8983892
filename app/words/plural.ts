import { localeNow } from './language'

/** So many of something: "1 tool", "3 tools". */
export const plural = (count: number, one: string, many: string): string =>
  `${countOf(localeNow()).format(count)} ${ruleOf(localeNow()).select(count) === 'one' ? one : many}`

const counts = new Map<string, Intl.NumberFormat>()
function countOf(locale: string): Intl.NumberFormat {
  const known = counts.get(locale) ?? new Intl.NumberFormat(locale, { useGrouping: false })
  counts.set(locale, known)
  return known
}

/** The rule of a language for one and many (Unicode CLDR, by way of the browser); costly to make and asked for often. */
const rules = new Map<string, Intl.PluralRules>()
function ruleOf(locale: string): Intl.PluralRules {
  const known = rules.get(locale) ?? new Intl.PluralRules(locale)
  rules.set(locale, known)
  return known
}

export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
