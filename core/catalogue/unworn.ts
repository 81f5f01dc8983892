import { indexLibrary, type Library } from './library'
import { withoutSkill } from './skill'

const known = new WeakMap<Library, Map<string, Library>>()
const originals = new WeakMap<Library, Library>()

/**
 * The library as it is for somebody who does not wear some of the protection: it then protects nobody, whoever owns it, and another kind
 * has to do. The same library each time. @param unworn tools
 */
export function withoutUnworn(library: Library, unworn: readonly string[] = []): Library {
  if (unworn.length === 0) return library
  const key = [...unworn].sort().join()
  const made = known.get(library) ?? new Map<string, Library>()
  known.set(library, made)
  const present = made.get(key)
  if (present) return present
  const worn = indexLibrary({
    ...library.data,
    tools: library.data.tools.map((tool) =>
      unworn.includes(tool.id) ? { ...tool, protects: [] } : tool
    )
  })
  made.set(key, worn)
  originals.set(worn, library)
  return worn
}

/** The library in which everything protects, worn or not. */
export const asIfWorn = (library: Library): Library =>
  originals.get(withoutSkill(library)) ?? library
