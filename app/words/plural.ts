import { perLocale } from './language'

const count = perLocale((locale) => new Intl.NumberFormat(locale, { useGrouping: false }))
/** The rule of a language for one and many (Unicode CLDR, by way of the browser). */
const rule = perLocale((locale) => new Intl.PluralRules(locale))

/** So many of something: "1 tool", "3 tools". */
export const plural = (many: number, one: string, several: string): string =>
  `${count().format(many)} ${rule().select(many) === 'one' ? one : several}`

export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
