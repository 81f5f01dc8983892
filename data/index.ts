import { inSpecies, indexLibrary, type Template } from '../core/catalogue'
import { materials } from './materials'
import { methods } from './methods'
import { names } from './names'
import { operations } from './operations'
import { reckoning } from './reckoning'
import { regions } from './regions'
import { templates } from './templates'
import { tools } from './tools'

export { USUAL_ASKED, basics, firstPieces, usual } from './usual'
export { disputes } from './disputes'
export { schools } from './schools'

/** A template with what each of its steps is done in. */
const inItsTimber = (template: Template): Template => ({
  ...template,
  steps: inSpecies(
    template.steps,
    template.materials.flatMap(({ material: id, quantity }) => {
      const material = materials.find((one) => one.id === id)
      return material ? [{ material, quantity }] : []
    })
  )
})

/** The reference library. Its version goes into every workspace and plan made with it. */
export const library = indexLibrary({
  version: '2027.05',
  operations,
  methods,
  tools,
  templates: templates.map(inItsTimber),
  materials,
  regions,
  reckoning,
  names
})
