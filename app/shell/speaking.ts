import { tellIn, type LibraryTelling } from '../../data'
import { speak, type Catalogue } from '../words/language'

/** Another language than English: one file in `app/languages`, called as browsers call the language. */
interface LanguageFile {
  readonly catalogue: Catalogue
  readonly telling: LibraryTelling
  /** Nouns keep their capital within a sentence. */
  readonly capitals: boolean
}
const files = import.meta.glob<LanguageFile>('../languages/*.ts')
const codeOf = (path: string): string => path.replace(/^.*\/(.+)\.ts$/, '$1')

/** Codes of the languages there are, English first. */
const codes: readonly string[] = ['en', ...Object.keys(files).map(codeOf)]

/** The languages there are, each with its own name for itself; made when they are asked for, since a browser's names are slow to load. */
export const languagesToChoose = (): readonly { readonly id: string; readonly name: string }[] =>
  codes.map((id) => ({
    id,
    name: new Intl.DisplayNames([id], { type: 'language' }).of(id) ?? id
  }))

const KEY = 'language'
/** The language that was chosen here; undefined where the browser’s holds. */
export function chosenLanguage(): string | undefined {
  try {
    return localStorage.getItem(KEY) ?? undefined
  } catch {
    return undefined
  }
}
/** Chooses a language, or the browser’s again; the page is loaded anew in it. What is on the table is kept before. */
export function chooseLanguage(language: string | undefined): void {
  try {
    if (language === undefined) localStorage.removeItem(KEY)
    else localStorage.setItem(KEY, language)
  } catch {
    return
  }
  location.reload()
}

const primary = (tag: string): string => tag.split('-')[0]?.toLowerCase() ?? ''

/** Which of the languages there are is spoken, and how its figures are written. */
export function spokenIn(
  chosen: string | undefined,
  browser: readonly string[],
  known: readonly string[]
): { readonly language: string; readonly locale: string } {
  const language =
    chosen !== undefined && known.includes(chosen)
      ? chosen
      : (browser.map(primary).find((one) => known.includes(one)) ?? 'en')
  const locale = browser.find((tag) => primary(tag) === language) ?? language
  return { language, locale }
}

/** Speaks from the first word on what was chosen, or what the browser asks for; English where neither is there. */
export async function speakAsAsked(): Promise<void> {
  const { language, locale } = spokenIn(chosenLanguage(), navigator.languages, codes)
  const load = files[`../languages/${language}.ts`]
  if (!load) return
  const { catalogue, telling, capitals } = await load()
  speak({ language, locale, capitals, catalogue })
  tellIn(telling)
  document.documentElement.lang = language
}
