/** What another language says in the place of an English object: the same keys, the same figures handed in, other words. */
export type Said<T> = T extends string
  ? string
  : T extends number
    ? number
    : T extends (...given: infer Given) => infer Answer
      ? (...given: Given) => Said<Answer>
      : T extends readonly unknown[]
        ? { readonly [K in keyof T]: Said<T[K]> }
        : T extends object
          ? { readonly [K in keyof T]: Said<T[K]> }
          : T

/** Objects of another language by the name each was declared with. */
export type Catalogue = Readonly<Record<string, object | undefined>>

export interface Spoken {
  readonly language: string
  /** How figures and days are written. */
  readonly locale: string
  /** Nouns keep their capital within a sentence. */
  readonly capitals: boolean
  readonly catalogue: Catalogue
}
const ENGLISH: Spoken = { language: 'en', locale: 'en-GB', capitals: false, catalogue: {} }
let now: Spoken = ENGLISH

/** The language that is spoken from now on; said before the first word is shown, English where nothing is said. */
export function speak(spoken: Spoken = ENGLISH): void {
  now = spoken
}
export const localeNow = (): string => now.locale
/** Something made once for each locale, such as a formatter: costly to make and asked for often. */
export function perLocale<T>(make: (locale: string) => T): () => T {
  const made = new Map<string, T>()
  return () => {
    const { locale } = now
    if (!made.has(locale)) made.set(locale, make(locale))
    return made.get(locale) as T
  }
}
export const languageNow = (): string => now.language
export const keepsCapitals = (): boolean => now.capitals

/**
 * Words under a name: English as they stand here, and in the language that is spoken where its catalogue has them. They are looked up
 * when they are read, never kept.
 */
export const said = <T extends object>(name: string, english: T): T =>
  new Proxy(english, {
    get: (own, key, receiver): unknown =>
      Reflect.get(now.catalogue[name] ?? own, key) ?? Reflect.get(own, key, receiver)
  })
