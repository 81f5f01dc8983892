import { sizesIn, type UnitSystem } from '../units'
import { indexLibrary, type Library } from './library'
import type { Template, Tool } from './types'

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

const inInch = (text: string): string => sizesIn(text, 'imperial')
/** An entry of the library with the sizes in its words told in inches; its name in millimetres stays findable. */
function told<
  T extends {
    readonly id: string
    readonly name: string
    readonly aliases?: readonly string[] | undefined
    readonly why?: string | undefined
    readonly caution?: string | undefined
  }
>(entry: T): T {
  if (entry.id.startsWith('my/')) return entry
  const name = inInch(entry.name)
  return {
    ...entry,
    name,
    ...(entry.aliases && name !== entry.name ? { aliases: [...entry.aliases, entry.name] } : {}),
    ...(entry.why === undefined ? {} : { why: inInch(entry.why) }),
    ...(entry.caution === undefined ? {} : { caution: inInch(entry.caution) })
  }
}
const toldTool = (tool: Tool): Tool => {
  const next = told(tool)
  return next === tool
    ? tool
    : {
        ...next,
        companions: tool.companions.map((one) => ({ ...one, why: inInch(one.why) }))
      }
}

/**
 * The library as it is told and sold where these units are used: planed metric sections and millimetres, or nominal inches and inches with
 * fractions. The same library each time.
 */
export function withSizes(library: Library, units: UnitSystem): Library {
  if (units === 'metric') return library
  const known = sized.get(library)
  if (known) return known
  const { data } = library
  const made = indexLibrary({
    ...data,
    tools: data.tools.map(toldTool),
    methods: data.methods.map(told),
    materials: data.materials.map(told),
    templates: data.templates.map((template) => told(inInches(library, template)))
  })
  sized.set(library, made)
  return made
}
