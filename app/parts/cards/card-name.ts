import type { Library } from '../../../core/catalogue'
import type { CardAsked } from '../../stores/cards'
import { sheetName } from '../../words/hazard-sheets'

/** What stands at the head of a card. */
export function cardName(library: Library | undefined, { kind, id }: CardAsked): string {
  if (kind === 'hazard') return sheetName(id) ?? id
  if (!library) return id
  const named = {
    tool: library.tools,
    operation: library.operations,
    method: library.methods,
    material: library.materials
  }[kind].get(id)
  return named?.name ?? id
}
