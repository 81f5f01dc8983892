import { clampDrawings } from './clamps'
import { drillingDrawings } from './drilling'
import { edgeDrawings } from './edges'
import { fittingDrawings } from './fittings'
import { handPowerDrawings } from './hand-power'
export { checkDrawings } from './checks'
export { hazardDrawings } from './hazards'
import { jigDrawings } from './jigs'
import { joiningDrawings } from './joints'
import { machineDrawings } from './machines'
import { measuringDrawings } from './measuring'
import { outdoorPieces } from './outdoors'
import { housePieces } from './pieces'
import { planeDrawings } from './planes'
import { protectionDrawings } from './protection'
import { sawDrawings } from './saws'
import type { Drawings } from './strokes'
import { supportDrawings } from './support'
import { cuttingDrawings } from './work'

export { materialDrawing } from './stock'
export { CANVAS, type Drawing } from './strokes'

/** Line drawings of our own, by the tool they show. */
export const toolDrawings: Drawings = {
  ...measuringDrawings,
  ...sawDrawings,
  ...planeDrawings,
  ...edgeDrawings,
  ...drillingDrawings,
  ...handPowerDrawings,
  ...machineDrawings,
  ...clampDrawings,
  ...supportDrawings,
  ...protectionDrawings,
  ...fittingDrawings,
  ...jigDrawings
}

/** Drawings of the work itself, by operation. */
export const workDrawings: Drawings = { ...cuttingDrawings, ...joiningDrawings }

/** Drawings of what is built, by template. */
export const pieceDrawings: Drawings = { ...housePieces, ...outdoorPieces }
