import { HAZARDS, type Method, type Tool } from '../catalogue'

/** What there is a sheet for: each class of hazard, and what goes with all work: chips, heat and fumes, lifting, others in the room. */
export const SHEETS = [...HAZARDS, 'chips', 'heat', 'lifting', 'company'] as const
export type Sheet = (typeof SHEETS)[number]

/** Operations and ways whose danger no edge makes. Common practice. */
const BY_OPERATION: Readonly<Record<string, readonly Sheet[]>> = {
  'break-down-sheet': ['lifting'],
  'support-sheet': ['lifting'],
  finish: ['heat'],
  stain: ['heat'],
  bend: ['heat'],
  'clear-up': ['dust']
}
const BY_METHOD: Readonly<Record<string, readonly Sheet[]>> = {
  'band-edge/iron': ['heat'],
  'veneer/iron': ['heat'],
  'sharpen/grinder': ['heat']
}

type Work = Pick<Method, 'id' | 'operation' | 'form' | 'hazard' | 'dust'>

/**
 * The sheets that go with a way of working, the gravest danger first: its class, fine dust, what its operation brings, chips where a motor
 * cuts, and others in the room where one runs. None for what a service does.
 */
export function sheetsOf({ id, operation, form, hazard, dust }: Work): Sheet[] {
  if (form === 'service') return []
  const runs = form !== 'hand'
  const flies = runs && hazard !== null && hazard.kind !== 'sharp-edge'
  return [
    ...new Set<Sheet>([
      ...(hazard ? [hazard.kind] : []),
      ...(dust === 'fine' ? (['dust'] as const) : []),
      ...(BY_METHOD[id] ?? []),
      ...(BY_OPERATION[operation] ?? []),
      ...(flies ? (['chips'] as const) : []),
      ...(runs ? (['company'] as const) : [])
    ])
  ]
}

/** The sheets that go with a tool by itself: its class of hazard, and chips where eyes have to be protected. */
export const sheetsOfTool = ({ hazard, needs }: Pick<Tool, 'hazard' | 'needs'>): Sheet[] => [
  ...(hazard ? [hazard] : []),
  ...(needs.includes('eyes') ? (['chips'] as const) : [])
]

/** The sheets of a day's work, each once: classes of hazard first, what goes with all work last. */
export function sheetsOfDay(methods: Iterable<Work>): Sheet[] {
  const found = new Set([...methods].flatMap(sheetsOf))
  return SHEETS.filter((one) => found.has(one))
}
