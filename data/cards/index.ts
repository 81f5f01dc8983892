import type { ToolCard } from '../../core/cards'
import { clampCards } from './clamps'
import { drillingCards } from './drilling'
import { edgeCards } from './edges'
import { fittingCards } from './fittings'
import { handPowerCards } from './hand-power'
import { jigCards } from './jigs'
import { machineCards } from './machines'
import { measuringCards } from './measuring'
import { planeCards } from './planes'
import { protectionCards } from './protection'
import { sawCards } from './saws'
import { supportCards } from './support'

export { materialCards } from './materials'
export { operationCards } from './operations'

/** What is said of each tool on its card, by its id. */
export const toolCards: Readonly<Record<string, ToolCard | undefined>> = {
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
  ...jigCards
}
