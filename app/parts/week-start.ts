/** What newer browsers know of a locale's week; an older one asks it as a property, the oldest not at all. */
interface WithWeek {
  readonly weekInfo?: { readonly firstDay: number } | undefined
  getWeekInfo?(): { readonly firstDay: number }
}
/** Monday, by ISO 8601. */
const MONDAY = 1
const DAYS = 7

/** The day a week begins with where a language is spoken so: 0 for Sunday to 6 for Saturday; Monday where the browser cannot say. */
export function weekStart(language: string): number {
  try {
    const locale = new Intl.Locale(language).maximize() as Intl.Locale & WithWeek
    return ((locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay ?? MONDAY) % DAYS
  } catch {
    return MONDAY
  }
}
