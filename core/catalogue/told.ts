import { indexLibrary, type Library } from './library'

type Texts = Readonly<Record<string, string>>

/** The texts of a library in another language, each by the text it stands for; a text that is missing stays as it is. */
export interface Telling {
  readonly tools: Texts
  readonly methods: Texts
  readonly operations: Texts
  /** Templates and materials. */
  readonly pieces: Texts
  /** Reasons, hints, cautions. */
  readonly texts: Texts
}

/** A library told in another language. Ids do not change; names of tools and operations stay as other names, so that a search finds both. */
export function toldIn(library: Library, telling: Telling): Library {
  const { data } = library
  const text = (said: string): string => telling.texts[said] ?? said
  const why = <T extends { readonly why?: string | undefined }>(entry: T): T =>
    entry.why === undefined ? entry : { ...entry, why: text(entry.why) }
  const named = <T extends { readonly name: string }>(names: Texts, entry: T): T =>
    names[entry.name] === undefined ? entry : { ...entry, name: names[entry.name] }
  const found = <
    T extends { readonly name: string; readonly aliases?: readonly string[] | undefined }
  >(
    names: Texts,
    entry: T
  ): T => ({ ...named(names, entry), aliases: [...(entry.aliases ?? []), entry.name] })
  return indexLibrary({
    ...data,
    tools: data.tools.map((entry) => ({
      ...why(found(telling.tools, entry)),
      companions: entry.companions.map((one) => ({ ...one, why: text(one.why) })),
      ...(entry.caution === undefined ? {} : { caution: text(entry.caution) })
    })),
    methods: data.methods.map((entry) => why(named(telling.methods, entry))),
    operations: data.operations.map((entry) => found(telling.operations, entry)),
    templates: data.templates.map((entry) => why(named(telling.pieces, entry))),
    materials: data.materials.map((entry) => named(telling.pieces, entry))
  })
}
