import { jigs } from './jigs'
import { moreJigs } from './more-jigs'
import { morePieces } from './more-pieces'
import { pieces } from './pieces'

export const templates = [...pieces, ...morePieces, ...jigs, ...moreJigs]
