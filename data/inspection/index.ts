import type { Power, Tool } from '../../core/catalogue'
import type { Sheet } from '../../core/inspection'
import { byHand } from './by-hand'
import { CONTACTS, CORD, PACK } from './points'
import { powered } from './powered'

/** The sheets, by the kind of tool they are for. */
export const sheets: readonly Sheet[] = [...powered, ...byHand]

const BY_TOOL: Readonly<Record<string, string>> = {
  'table-saw': 'table-saw',
  'cabinet-saw': 'table-saw',
  'mitre-saw': 'mitre-saw',
  'mitre-saw-small': 'mitre-saw',
  'mitre-saw-large': 'mitre-saw',
  'band-saw': 'band-saw',
  'band-saw-small': 'band-saw',
  thicknesser: 'thicknesser',
  jointer: 'jointer',
  'combined-planer': 'jointer',
  'drill-press': 'drill-press',
  'drill-press-floor': 'drill-press',
  'trim-router': 'router',
  'plunge-router': 'router',
  vacuum: 'extraction',
  'chip-extractor': 'extraction',
  'circular-saw': 'circular-saw',
  'circular-saw-small': 'circular-saw',
  'rail-saw': 'circular-saw',
  'fold-bench': 'bench',
  workbench: 'bench',
  'bench-vice': 'bench',
  'front-vice': 'bench'
}
const BY_GROUP: Readonly<Record<string, string>> = {
  planes: 'plane',
  saws: 'saw',
  chisels: 'chisel',
  measuring: 'measuring',
  clamps: 'clamp'
}

/** The sheet for a used tool; undefined for what is bought new (protection, and what wears out) and what needs no look. */
export function sheetFor(tool: Tool, power: Power): Sheet | undefined {
  if (tool.kind !== 'tool') return undefined
  const byName = BY_TOOL[tool.id] ?? (/sander/.test(tool.id) ? 'sander' : undefined)
  const id = byName ?? (power === 'hand' ? BY_GROUP[tool.group] : power)
  const found = sheets.find((one) => one.id === id)
  if (!found || byName === undefined || power === 'hand') return found
  // A cordless one of its kind has a pack in the place of a cord.
  const points = found.points.filter(({ id: one }) => one !== 'cord')
  const own = power === 'cordless' ? [CONTACTS, PACK] : [CORD]
  return { ...found, points: [...own, ...points] }
}
