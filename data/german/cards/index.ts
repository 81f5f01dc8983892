import { clampCards } from './clamps'
import { currentCards } from './current'
import { drillingCards } from './drilling'
import { edgeCards } from './edges'
import { fittingCards } from './fittings'
import { handPowerCards } from './hand-power'
import { jigCards } from './jigs'
import { machineCards } from './machines'
import { materialCards } from './materials'
import { measuringCards } from './measuring'
import { operationCards } from './operations'
import { planeCards } from './planes'
import { protectionCards } from './protection'
import { sawCards } from './saws'
import { supportCards } from './support'

/** What the cards say in German; the same entries as in `data/cards`. */
export const cards = {
  tools: {
    ...measuringCards,
    ...sawCards,
    ...planeCards,
    ...edgeCards,
    ...drillingCards,
    ...handPowerCards,
    ...machineCards,
    ...clampCards,
    ...supportCards,
    ...protectionCards,
    ...fittingCards,
    ...currentCards,
    ...jigCards
  },
  operations: operationCards,
  materials: materialCards
}
