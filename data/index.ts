import { indexLibrary } from '../core/catalogue'
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

/** The reference library. Its version goes into every workspace and plan made with it. */
export const library = indexLibrary({
  version: '2027.01',
  operations,
  methods,
  tools,
  templates,
  materials,
  regions,
  reckoning,
  names
})
