/**
 * The country a browser is set to, by its two letters: the first of its languages that names one, else where the first is mostly spoken;
 * undefined where neither can be said.
 */
export function countryOf(languages: readonly string[]): string | undefined {
  const locales = languages.flatMap((tag) => {
    try {
      return new Intl.Locale(tag)
    } catch {
      return []
    }
  })
  return locales.find(({ region }) => region !== undefined)?.region ?? locales[0]?.maximize().region
}
