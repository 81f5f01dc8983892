import { box, closed, line, ring, wound, type Drawing, type Drawings } from './strokes'

/** A place on the upper face of the plank that drawings of work show: along it and across it, 0 to 1. */
export const top = (along: number, across: number): readonly [x: number, y: number] => [
  12 + 80 * along + 20 * across,
  44 - 20 * across
]
/** A plank lying, of a thickness, seen from the front and above. */
export const plank = (thick = 14): string =>
  closed(top(0, 0), top(0, 1), top(1, 1), top(1, 0)) +
  box(12, 44, 80, thick) +
  closed(top(1, 0), top(1, 1), [112, 24 + thick], [92, 44 + thick])

const grain = `${line(top(0.1, 0.3), top(0.9, 0.3))}${line(top(0.1, 0.65), top(0.7, 0.65))}`
const bar = (height: number): Drawing => ({
  outline:
    closed([8, 48], [24, 34], [112, 34], [96, 48]) +
    box(8, 48, 88, height) +
    closed([96, 48], [112, 34], [112, 34 + height], [96, 48 + height]),
  fine: line([16, 52], [88, 52]) + `M99 ${44 + height / 2}q4-6 9-6`,
  edge: closed([96, 48], [112, 34], [112, 34 + height], [96, 48 + height])
})
const sheet = (thick: number, plies: number): Drawing => ({
  outline:
    closed([6, 56], [34, 18], [114, 18], [86, 56]) +
    box(6, 56, 80, thick) +
    closed([86, 56], [114, 18], [114, 18 + thick], [86, 56 + thick]),
  fine: Array.from({ length: plies }, (_, index) =>
    line(
      [6, 56 + (thick * (index + 1)) / (plies + 1)],
      [86, 56 + (thick * (index + 1)) / (plies + 1)]
    )
  ).join(''),
  edge: line([6, 56 + thick], [86, 56 + thick], [114, 18 + thick])
})
const board = (marks: string, thick = 10): Drawing => ({
  outline: plank(thick),
  fine: marks,
  edge: closed(top(1, 0), top(1, 1), [112, 24 + thick], [92, 44 + thick])
})
const can = (label: string): Drawing => ({
  outline: 'M34 22q26-10 52 0v44q-26 10-52 0z' + 'M34 22q26 10 52 0',
  fine: box(42, 38, 36, 20) + label,
  edge: 'M36 14q24-18 48 0v8M36 14v8'
})
const bottle = (label: string): Drawing => ({
  outline: 'M44 34q0-8 10-10v-8h12v8q10 2 10 10v36q-16 6-32 0z',
  fine: box(48, 42, 24, 16) + label,
  edge: closed([55, 16], [58, 4], [62, 4], [65, 16])
})
const screw = (x: number): string =>
  closed([x - 7, 12], [x + 7, 12], [x, 20]) + line([x, 20], [x, 62])

export const FORMS = {
  bar: bar(12),
  post: bar(24),
  stud: bar(18),
  board: board(grain, 8),
  hardwood: board(`${grain}M40 40q10-14 26-8t20-2`, 10),
  rough: board(
    `M${top(0, 0.2).join(' ')}l10-2 8 3 12-4 14 3 10-2 12 3M${top(0.05, 0.7).join(' ')}l12-2 10 3 14-3 12 2`,
    14
  ),
  blank: board(`${line(top(0, 0), top(1, 1))}`, 20),
  sheet: sheet(6, 2),
  thin: sheet(3, 1),
  fibre: sheet(6, 0),
  glazing: {
    outline: sheet(8, 0).outline,
    fine: [0.1, 0.25, 0.4, 0.55, 0.7, 0.85]
      .map((u) => line([6 + 80 * u, 56], [6 + 80 * u, 64]))
      .join(''),
    edge: line([6, 56], [86, 56]) + line([6, 64], [86, 64])
  },
  screws: {
    outline: [34, 60, 86].map(screw).join(''),
    fine: [34, 60, 86].map((x) => wound(x, 30, 60, 8, 6)).join(''),
    edge: [34, 60, 86].map((x) => closed([x - 3, 62], [x + 3, 62], [x, 70])).join('')
  },
  pocket: {
    outline: [40, 80].map((x) => box(x - 9, 14, 18, 5) + line([x, 19], [x, 62])).join(''),
    fine: [40, 80].map((x) => wound(x, 34, 60, 8, 5)).join(''),
    edge: [40, 80].map((x) => line([x - 9, 19], [x + 9, 19]) + line([x, 62], [x, 70])).join('')
  },
  nails: {
    outline: [30, 48, 66, 84].map((x, index) => line([x, 14 + 4 * index], [x, 66])).join(''),
    fine: '',
    edge: [30, 48, 66, 84]
      .map((x, index) => line([x - 4, 14 + 4 * index], [x + 4, 14 + 4 * index]))
      .join('')
  },
  dowels: {
    outline: [18, 36, 54].map((y) => `M26 ${y}h64q5 6 0 12h-64q-5-6 0-12z`).join(''),
    fine: [18, 36, 54]
      .map((y) => line([28, y + 4], [88, y + 4]) + line([28, y + 8], [88, y + 8]))
      .join(''),
    edge: [18, 36, 54].map((y) => `M90 ${y}q5 6 0 12`).join('')
  },
  biscuits: {
    outline: 'M14 30q24-22 48 0q-24 22-48 0zM58 52q24-22 48 0q-24 22-48 0z',
    fine: 'M26 26l24 8M70 48l24 8',
    edge: 'M14 30q24-22 48 0'
  },
  roll: {
    outline: ring(50, 40, 30) + ring(50, 40, 12),
    fine: ring(50, 40, 24) + ring(50, 40, 18),
    edge: 'M50 70h62v-8h-44'
  },
  magnets: {
    outline: 'M20 40v10q14 8 28 0v-10M66 30v10q14 8 28 0v-10',
    fine: '',
    edge: 'M20 40q14-8 28 0q-14 8-28 0zM66 30q14-8 28 0q-14 8-28 0z'
  },
  glue: bottle(line([54, 50], [66, 50])),
  outdoorGlue: bottle('M54 54l6-8 6 8'),
  oil: can('M60 40q8 10 0 16q-8-6 0-16z'),
  varnish: can(line([50, 46], [70, 46])),
  paint: can(ring(60, 48, 6)),
  plugs: {
    outline: closed([14, 30], [52, 26], [52, 46], [14, 42]) + line([62, 36], [108, 36]),
    fine: line([14, 36], [52, 36]) + wound(84, 32, 40, 40, 1),
    edge: closed([104, 28], [112, 28], [112, 44], [104, 44])
  },
  bolts: {
    outline: box(26, 14, 18, 10) + box(31, 24, 8, 46) + box(70, 34, 28, 16),
    fine: wound(35, 44, 68, 8, 6) + ring(84, 42, 5),
    edge: closed([66, 60], [102, 60], [102, 64], [66, 64])
  },
  slides: {
    outline: box(8, 22, 92, 12) + box(20, 46, 92, 12),
    fine: [24, 54, 84].map((x) => ring(x, 28, 2) + ring(x + 10, 52, 2)).join(''),
    edge: line([8, 34], [100, 34]) + line([20, 46], [112, 46])
  },
  hinges: {
    outline: box(20, 18, 36, 44) + box(64, 18, 36, 44),
    fine: [28, 52].map((y) => ring(34, y, 2.5) + ring(86, y, 2.5)).join(''),
    edge: box(56, 14, 8, 52)
  },
  vice: {
    outline: box(10, 34, 84, 10) + ring(102, 39, 8) + line([102, 18], [102, 60]),
    fine: wound(50, 34, 44, 76, 1) + box(30, 26, 16, 26),
    edge: line([14, 34], [86, 34]) + line([14, 44], [86, 44])
  },
  pegs: {
    outline: [30, 60, 90].map((x) => `M${x - 4} 70v-36q-6-4-4-12q8-8 16 0q2 8-4 12v36z`).join(''),
    fine: [30, 60, 90].map((x) => line([x - 4, 56], [x + 4, 56])).join(''),
    edge: [30, 60, 90].map((x) => line([x - 4, 70], [x + 4, 70])).join('')
  }
} as const satisfies Drawings

/** What a material is sold as decides its drawing; the longer beginning of an id wins. */
const BY_ID: readonly (readonly [begins: string, form: keyof typeof FORMS])[] = [
  ['softwood-post', 'post'],
  ['softwood-joist', 'stud'],
  ['softwood-stud', 'stud'],
  ['softwood-square', 'bar'],
  ['softwood-batten', 'bar'],
  ['softwood-strip', 'bar'],
  ['softwood', 'board'],
  ['nominal-4x4', 'post'],
  ['nominal-2x2', 'bar'],
  ['nominal-1x2', 'bar'],
  ['nominal-1x3', 'bar'],
  ['nominal-2', 'stud'],
  ['nominal', 'board'],
  ['hardwood-rough', 'rough'],
  ['hardwood-blank', 'blank'],
  ['hardwood-slab', 'blank'],
  ['hardwood-square', 'bar'],
  ['hardwood-strip', 'bar'],
  ['hardwood', 'hardwood'],
  ['plywood-6', 'thin'],
  ['plywood-9', 'thin'],
  ['plywood', 'sheet'],
  ['mdf', 'fibre'],
  ['polycarbonate', 'glazing'],
  ['pocket-screws', 'pocket'],
  ['screws', 'screws'],
  ['brads', 'nails'],
  ['dowels', 'dowels'],
  ['biscuits', 'biscuits'],
  ['edge-band', 'roll'],
  ['magnets', 'magnets'],
  ['glue-outdoor', 'outdoorGlue'],
  ['glue', 'glue'],
  ['oil', 'oil'],
  ['varnish', 'varnish'],
  ['paint', 'paint'],
  ['wall-plugs', 'plugs'],
  ['bolts', 'bolts'],
  ['slides', 'slides'],
  ['hinges', 'hinges'],
  ['vice-hardware', 'vice'],
  ['pegs', 'pegs']
]
export const materialDrawing = (id: string): Drawing | undefined => {
  const found = BY_ID.find(([begins]) => id.startsWith(begins))
  return found && FORMS[found[1]]
}
