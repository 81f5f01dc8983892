import { jigs } from './jigs'
import { pieces } from './pieces'

export const templates = [...pieces, ...jigs]
