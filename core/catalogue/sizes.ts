import type { UnitSystem } from '../units'
import { indexLibrary, type Library } from './library'
import type { Template } from './types'

const sized = new WeakMap<Library, Library>()

/** A template with its softwood in the sizes sold where boards go by nominal inches: the nearest one, a few millimetres narrower. */
function inInches(library: Library, template: Template): Template {
  if (template.materials.every(({ material }) => !library.materials.get(material)?.inInches))
    return template
  return {
    ...template,
    materials: template.materials.map((line) => {
      const there = library.materials.get(line.material)?.inInches
      return there === undefined ? line : { ...line, material: there }
    })
  }
}

/**
 * The library with the timber of its templates as it is sold where these units are used: planed metric sections, or nominal inches. The
 * same library each time.
 */
export function withSizes(library: Library, units: UnitSystem): Library {
  if (units === 'metric') return library
  const known = sized.get(library)
  if (known) return known
  const made = indexLibrary({
    ...library.data,
    templates: library.data.templates.map((template) => inInches(library, template))
  })
  sized.set(library, made)
  return made
}
