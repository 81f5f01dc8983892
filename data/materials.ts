import type { Material } from '../core/catalogue'

/** What is sold in place of a metric section where softwood goes by nominal inches. */
const IN_INCHES: Readonly<Record<string, string | undefined>> = {
  'softwood-batten': 'nominal-1x2',
  'softwood-strip': 'nominal-1x3',
  'softwood-narrow': 'nominal-1x4',
  'softwood-board': 'nominal-1x6',
  'softwood-195': 'nominal-1x8',
  'softwood-wide': 'nominal-1x10',
  'softwood-square': 'nominal-2x2',
  'softwood-stud': 'nominal-2x3',
  'softwood-stud-95': 'nominal-2x4',
  'softwood-joist': 'nominal-2x6',
  'softwood-post': 'nominal-4x4'
}

const planed = (
  id: string,
  name: string,
  [widthMm, thicknessMm]: readonly [widthMm: number, thicknessMm: number],
  points: number,
  nominal?: string
): Material => ({
  id,
  name,
  unit: 'metre',
  points,
  stock: { kind: 'softwood', widthMm, thicknessMm },
  ...(nominal === undefined ? {} : { nominal }),
  ...(IN_INCHES[id] === undefined ? {} : { inInches: IN_INCHES[id] })
})
const sheet = (
  id: string,
  name: string,
  thicknessMm: number,
  points: number,
  [lengthMm, widthMm]: readonly [lengthMm: number, widthMm: number] = [2440, 1220]
): Material => ({
  id,
  name,
  unit: 'sheet',
  points,
  stock: { kind: 'sheet', lengthMm, widthMm, thicknessMm }
})

/** Timber, sheets, fixings; price index points per unit, typical; common practice. Sections are real sizes; what they are called stands beside. */
export const materials: readonly Material[] = [
  planed('softwood-batten', 'Softwood batten, planed, 20 × 45 mm', [45, 20], 0.9),
  planed('softwood-strip', 'Softwood strip, planed, 20 × 70 mm', [70, 20], 1.3),
  planed('softwood-narrow', 'Softwood board, planed, 20 × 95 mm', [95, 20], 1.7),
  planed('softwood-board', 'Softwood board, planed, 20 × 145 mm', [145, 20], 2.4),
  planed('softwood-195', 'Softwood board, planed, 20 × 195 mm', [195, 20], 3.4),
  planed('softwood-wide', 'Softwood board, planed, 20 × 245 mm', [245, 20], 4.4),
  planed('softwood-square', 'Softwood square, planed, 45 × 45 mm', [45, 45], 1.5),
  planed('softwood-stud', 'Softwood stud, 45 × 70 mm', [70, 45], 2.2),
  planed('softwood-stud-95', 'Softwood stud, 45 × 95 mm', [95, 45], 2.9),
  planed('softwood-joist', 'Softwood joist, 45 × 145 mm', [145, 45], 4.4),
  planed('softwood-post', 'Softwood post, 90 × 90 mm', [90, 90], 6),
  planed('nominal-1x2', 'Softwood 1 × 2, really 3/4 × 1 1/2 in', [38.1, 19.05], 0.7, '1x2'),
  planed('nominal-1x3', 'Softwood 1 × 3, really 3/4 × 2 1/2 in', [63.5, 19.05], 1.1, '1x3'),
  planed('nominal-1x4', 'Softwood 1 × 4, really 3/4 × 3 1/2 in', [88.9, 19.05], 1.5, '1x4'),
  planed('nominal-1x6', 'Softwood 1 × 6, really 3/4 × 5 1/2 in', [139.7, 19.05], 2.3, '1x6'),
  planed('nominal-1x8', 'Softwood 1 × 8, really 3/4 × 7 1/4 in', [184.15, 19.05], 3.2, '1x8'),
  planed('nominal-1x10', 'Softwood 1 × 10, really 3/4 × 9 1/4 in', [234.95, 19.05], 4.2, '1x10'),
  planed('nominal-1x12', 'Softwood 1 × 12, really 3/4 × 11 1/4 in', [285.75, 19.05], 5.6, '1x12'),
  planed('nominal-2x2', 'Softwood 2 × 2, really 1 1/2 × 1 1/2 in', [38.1, 38.1], 1.1, '2x2'),
  planed('nominal-2x3', 'Softwood 2 × 3, really 1 1/2 × 2 1/2 in', [63.5, 38.1], 1.5, '2x3'),
  planed('nominal-2x4', 'Softwood 2 × 4, really 1 1/2 × 3 1/2 in', [88.9, 38.1], 1.8, '2x4'),
  planed('nominal-2x6', 'Softwood 2 × 6, really 1 1/2 × 5 1/2 in', [139.7, 38.1], 2.8, '2x6'),
  planed('nominal-2x8', 'Softwood 2 × 8, really 1 1/2 × 7 1/4 in', [184.15, 38.1], 3.9, '2x8'),
  planed('nominal-2x10', 'Softwood 2 × 10, really 1 1/2 × 9 1/4 in', [234.95, 38.1], 5.2, '2x10'),
  planed('nominal-2x12', 'Softwood 2 × 12, really 1 1/2 × 11 1/4 in', [285.75, 38.1], 6.6, '2x12'),
  planed('nominal-4x4', 'Softwood 4 × 4, really 3 1/2 × 3 1/2 in', [88.9, 88.9], 5, '4x4'),
  {
    id: 'hardwood-board',
    name: 'Hardwood board, surfaced, 22 × 150 mm',
    unit: 'metre',
    points: 9,
    stock: { kind: 'hardwood-surfaced', widthMm: 150, thicknessMm: 22 }
  },
  {
    id: 'hardwood-thin',
    name: 'Hardwood board, surfaced, 12 × 110 mm',
    unit: 'metre',
    points: 6,
    stock: { kind: 'hardwood-surfaced', widthMm: 110, thicknessMm: 12 }
  },
  {
    id: 'hardwood-strip',
    name: 'Hardwood strip, planed, 20 × 45 mm',
    unit: 'metre',
    points: 3,
    stock: { kind: 'hardwood-surfaced', widthMm: 45, thicknessMm: 20 }
  },
  {
    id: 'hardwood-square',
    name: 'Hardwood square, planed, 45 × 45 mm',
    unit: 'metre',
    points: 6,
    stock: { kind: 'hardwood-surfaced', widthMm: 45, thicknessMm: 45 }
  },
  {
    id: 'hardwood-thick',
    name: 'Hardwood board, planed, 40 × 140 mm',
    unit: 'metre',
    points: 14,
    stock: { kind: 'hardwood-surfaced', widthMm: 140, thicknessMm: 40 }
  },
  {
    id: 'hardwood-blank',
    name: 'Turning blank, 65 × 65 mm',
    unit: 'metre',
    points: 11,
    stock: { kind: 'hardwood-surfaced', widthMm: 65, thicknessMm: 65 }
  },
  {
    id: 'hardwood-slab',
    name: 'Carving blank, 65 × 260 mm',
    unit: 'metre',
    points: 34,
    stock: { kind: 'hardwood-surfaced', widthMm: 260, thicknessMm: 65 }
  },
  {
    id: 'hardwood-rough-40',
    name: 'Hardwood board, rough, 40 × 180 mm',
    unit: 'metre',
    points: 8.5,
    stock: { kind: 'hardwood-rough', widthMm: 180, thicknessMm: 40 }
  },
  {
    id: 'hardwood-surfaced',
    name: 'Hardwood, faces and one edge planed',
    unit: 'm3',
    points: 2500,
    stock: { kind: 'hardwood-surfaced', widthMm: 150, thicknessMm: 22 }
  },
  {
    id: 'hardwood-rough',
    name: 'Hardwood board, rough, 27 × 160 mm',
    unit: 'metre',
    points: 5,
    stock: { kind: 'hardwood-rough', widthMm: 160, thicknessMm: 27 }
  },
  {
    id: 'hardwood-rough-volume',
    name: 'Hardwood, sawn rough',
    unit: 'm3',
    points: 1400,
    stock: { kind: 'hardwood-rough', widthMm: 160, thicknessMm: 27 }
  },
  sheet('plywood-6', 'Plywood, 6 mm, whole sheet', 6, 28),
  sheet('plywood-9', 'Plywood, 9 mm, half sheet', 9, 19, [1220, 1220]),
  sheet('plywood-9-whole', 'Plywood, 9 mm, whole sheet', 9, 36),
  sheet('plywood-12', 'Plywood, 12 mm, whole sheet', 12, 46),
  sheet('plywood-15', 'Plywood, 15 mm, whole sheet', 15, 54),
  sheet('plywood-18', 'Plywood, 18 mm, whole sheet', 18, 62),
  sheet('plywood-25', 'Plywood, 25 mm, whole sheet', 25, 88),
  sheet('mdf-12', 'Fibreboard, 12 mm, whole sheet', 12, 20),
  sheet('mdf-18', 'Fibreboard, 18 mm, whole sheet', 18, 27),
  { id: 'polycarbonate', name: 'Twin-wall sheet for glazing', unit: 'm2', points: 16 },
  { id: 'screws', name: 'Wood screws, box', unit: 'pack', points: 7 },
  { id: 'pocket-screws', name: 'Pocket screws, box', unit: 'pack', points: 8 },
  { id: 'brads', name: 'Nails and brads, box', unit: 'pack', points: 4 },
  { id: 'dowels', name: 'Dowels, bag', unit: 'pack', points: 4 },
  { id: 'biscuits', name: 'Biscuits, bag', unit: 'pack', points: 7 },
  { id: 'edge-band', name: 'Iron-on edge banding', unit: 'metre', points: 0.6 },
  { id: 'magnets', name: 'Disc magnets, set', unit: 'pack', points: 9 },
  { id: 'glue', name: 'Wood glue, 250 ml', unit: 'piece', points: 6, keepsDays: 365 },
  { id: 'glue-outdoor', name: 'Outdoor wood glue, 250 ml', unit: 'piece', points: 9, keepsDays: 365 },
  { id: 'oil', name: 'Hard oil', unit: 'litre', points: 40, keepsDays: 730 },
  { id: 'varnish', name: 'Clear varnish', unit: 'litre', points: 18, keepsDays: 730 },
  { id: 'paint-outdoor', name: 'Outdoor wood paint', unit: 'litre', points: 20, keepsDays: 730 },
  { id: 'wall-plugs', name: 'Wall plugs and screws, box', unit: 'pack', points: 6 },
  { id: 'bolts', name: 'Bolts, nuts and washers, bag', unit: 'pack', points: 7 },
  { id: 'slides', name: 'Drawer slides, pair', unit: 'piece', points: 8 },
  { id: 'hinges', name: 'Hinges, pair', unit: 'piece', points: 6 },
  { id: 'vice-hardware', name: 'Vice screw and plates', unit: 'piece', points: 28 },
  { id: 'pegs', name: 'Turned pegs, bag of ten', unit: 'pack', points: 7 }
]
