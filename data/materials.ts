import type { Material } from '../core/catalogue'

/** Timber, sheets, fixings; price index points per unit, typical; common practice. */
export const materials: readonly Material[] = [
  { id: 'softwood-board', name: 'Softwood board, planed, 20 × 145 mm', unit: 'metre', points: 2.4 },
  { id: 'softwood-wide', name: 'Softwood board, planed, 20 × 245 mm', unit: 'metre', points: 4.4 },
  { id: 'softwood-stud', name: 'Softwood stud, 45 × 70 mm', unit: 'metre', points: 2.2 },
  { id: 'softwood-post', name: 'Softwood post, 90 × 90 mm', unit: 'metre', points: 6 },
  { id: 'softwood-batten', name: 'Softwood batten, 20 × 45 mm', unit: 'metre', points: 0.9 },
  { id: 'hardwood-board', name: 'Hardwood board, surfaced, 22 × 150 mm', unit: 'metre', points: 9 },
  { id: 'hardwood-rough', name: 'Hardwood board, rough, 27 × 160 mm', unit: 'metre', points: 6 },
  { id: 'plywood-18', name: 'Plywood, 18 mm, whole sheet', unit: 'sheet', points: 46 },
  { id: 'plywood-9', name: 'Plywood, 9 mm, half sheet', unit: 'sheet', points: 16 },
  { id: 'polycarbonate', name: 'Twin-wall sheet for glazing', unit: 'm2', points: 16 },
  { id: 'screws', name: 'Wood screws, box', unit: 'pack', points: 7 },
  { id: 'pocket-screws', name: 'Pocket screws, box', unit: 'pack', points: 8 },
  { id: 'brads', name: 'Nails and brads, box', unit: 'pack', points: 4 },
  { id: 'dowels', name: 'Dowels, bag', unit: 'pack', points: 4 },
  { id: 'glue', name: 'Wood glue, 250 ml', unit: 'piece', points: 6, keepsDays: 365 },
  { id: 'glue-outdoor', name: 'Outdoor wood glue, 250 ml', unit: 'piece', points: 9, keepsDays: 365 },
  { id: 'oil', name: 'Hard oil', unit: 'litre', points: 22, keepsDays: 730 },
  { id: 'varnish', name: 'Clear varnish', unit: 'litre', points: 18, keepsDays: 730 },
  { id: 'paint-outdoor', name: 'Outdoor wood paint', unit: 'litre', points: 20, keepsDays: 730 },
  { id: 'hinges', name: 'Hinges, pair', unit: 'piece', points: 6 },
  { id: 'pegs', name: 'Turned pegs, bag of ten', unit: 'pack', points: 7 }
]
