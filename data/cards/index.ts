import type { StockCard, ToolCard, WorkCard } from '../../core/cards'
import { toldCards } from '../index'
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
import { materialCards } from './materials'
import { operationCards } from './operations'

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

export { materialCards, operationCards }

/** What is said of a tool, in the language that is spoken. */
export const toolCard = (id: string): ToolCard | undefined => toldCards?.tools[id] ?? toolCards[id]
/** What is said of a piece of work. */
export const workCard = (id: string): WorkCard | undefined => toldCards?.operations[id] ?? operationCards[id]
/** What is said of a material: the first that fits the beginning of its id. */
export const stockCard = (id: string): StockCard | undefined =>
  (toldCards?.materials ?? materialCards).find(([begins]) => id.startsWith(begins))?.[1]
