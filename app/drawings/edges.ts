import { box, closed, line, marks, ring, type Drawings } from './strokes'

/** One chisel lying from left (edge) to right (handle). */
const chisel = (y: number, width: number): string =>
  closed(
    [14, y],
    [64, y],
    [70, y + width / 2 - 2],
    [70, y + width / 2 + 2],
    [64, y + width],
    [14, y + width]
  ) + `M70 ${y + width / 2 - 4}h6l28-2a6 6 0 0 1 0 12l-28-2h-6z`

/** Chisels, knives, files, striking tools and what sharpens. */
export const edgeDrawings: Drawings = {
  chisels: {
    outline: chisel(10, 8) + chisel(32, 14) + chisel(54, 20),
    fine: line([20, 10], [20, 18]) + line([22, 32], [22, 46]) + line([24, 54], [24, 74]),
    edge: line([14, 10], [14, 18]) + line([14, 32], [14, 46]) + line([14, 54], [14, 74])
  },
  'pull-chisels': {
    outline:
      closed([14, 14], [48, 14], [56, 18], [70, 18], [70, 24], [14, 24]) +
      box(70, 15, 38, 12) +
      closed([14, 44], [44, 44], [54, 52], [70, 52], [70, 60], [54, 60], [44, 68], [14, 68]) +
      box(70, 50, 38, 12),
    fine:
      box(104, 14, 5, 14) +
      box(104, 49, 5, 14) +
      line([76, 15], [76, 27]) +
      line([76, 50], [76, 62]),
    edge: line([14, 14], [14, 24]) + line([14, 44], [14, 68])
  },
  'mortise-chisel': {
    outline:
      closed([10, 34], [66, 34], [66, 48], [18, 48]) + 'M66 36h6l36-2a7 7 0 0 1 0 14l-36-2h-6z',
    fine: box(102, 33, 4, 16),
    edge: line([10, 34], [18, 48])
  },
  gouges: {
    outline:
      'M14 12q8 6 0 12l50-3v-6zM14 32q12 8 0 16l50-4v-8zM14 54q16 10 0 20l50-5v-10z' +
      [18, 40, 64].map((y) => `M64 ${y - 4}h6l34-1a5 5 0 0 1 0 10l-34-1h-6z`).join(''),
    edge: 'M14 12q8 6 0 12M14 32q12 8 0 16M14 54q16 10 0 20'
  },
  'carving-knife': {
    outline:
      'M60 34h48a8 8 0 0 1 2 16q-26 6-50 0z' + closed([60, 36], [24, 36], [10, 48], [60, 48]),
    fine: line([66, 35], [66, 50]),
    edge: line([10, 48], [60, 48])
  },
  'hook-knife': {
    outline: 'M52 46h56a8 8 0 0 1 2 14q-30 6-58 0z' + 'M52 48h-14a18 18 0 0 1-16-18q0-14 14-14',
    fine: 'M52 54h-16a24 24 0 0 1-22-24',
    edge: 'M38 48a17 17 0 0 1-15-18q0-14 13-14'
  },
  rasp: {
    outline: 'M10 40q26-12 56-8v18q-30 4-56-10z' + 'M66 38h6l34-4a8 8 0 0 1 0 16l-34-4h-6z',
    fine: Array.from(
      { length: 18 },
      (_, index) => `M${20 + (index % 9) * 5} ${index < 9 ? 37 : 43}l2 2`
    ).join(''),
    edge: 'M10 40q26-12 56-8'
  },
  files: {
    outline:
      box(10, 22, 58, 10) +
      box(10, 48, 58, 6) +
      'M68 23h6l32-3a7 7 0 0 1 0 14l-32-3h-6zM68 48h6l32-4a7 7 0 0 1 0 14l-32-4h-6z',
    fine: Array.from({ length: 13 }, (_, index) =>
      line([12 + index * 4, 32], [16 + index * 4, 22])
    ).join(''),
    edge: line([10, 32], [68, 32]) + line([10, 54], [68, 54])
  },
  'turning-tools': {
    outline:
      'M6 18h40v6h-40zM46 18l64-4v14l-64-4zM6 38q8 5 0 10h40v-10zM46 40l64-4v14l-64-4zM6 62l10-2h30v6h-40zM46 60l64-4v14l-64-4z',
    edge: line([6, 18], [6, 24]) + 'M6 38q8 5 0 10' + line([6, 66], [16, 60])
  },
  'utility-knife': {
    outline: 'M36 34h66a8 8 0 0 1 8 8v8h-60l-14-6z' + closed([36, 36], [10, 50], [36, 46]),
    fine: box(60, 37, 18, 5) + line([86, 34], [86, 50]),
    edge: line([10, 50], [36, 46])
  },
  'putty-knife': {
    outline:
      closed([12, 26], [46, 34], [58, 36], [58, 46], [46, 48], [12, 56]) +
      'M58 36h46a5 5 0 0 1 0 10h-46z',
    fine: ring(68, 41, 1.5) + ring(92, 41, 1.5),
    edge: line([12, 26], [12, 56])
  },
  awl: {
    outline: 'M58 40l6-6q14-8 30-4q14 2 14 10t-14 10q-16 4-30-4z',
    fine: line([66, 34], [66, 46]),
    edge: line([10, 40], [58, 40])
  },
  mallet: {
    outline: closed([34, 10], [86, 10], [82, 42], [38, 42]) + box(55, 42, 10, 32),
    fine: 'M40 20h40M40 28h40' + box(56, 6, 8, 4),
    edge: line([34, 10], [38, 42]) + line([86, 10], [82, 42])
  },
  'dead-blow': {
    outline: 'M28 14q0-4 5-4h54q5 0 5 4v20q0 4-5 4h-54q-5 0-5-4zM54 38h12l2 36h-16z',
    fine:
      line([40, 10], [40, 38]) +
      line([80, 10], [80, 38]) +
      line([54, 56], [66, 56]) +
      line([54, 62], [66, 62]),
    edge: line([28, 14], [28, 34]) + line([92, 14], [92, 34])
  },
  hammer: {
    outline: 'M24 16h8v-3h44q22 0 30 14q-14-8-32-2h-42v-3h-8zM54 26h10v48h-10z',
    fine: line([54, 54], [64, 54]),
    edge: line([24, 15], [24, 23]) + 'M106 27q-8-12-24-13'
  },
  'plane-hammer': {
    outline: box(34, 16, 52, 14) + box(56, 30, 7, 44),
    fine: line([44, 16], [44, 30]) + line([76, 16], [76, 30]),
    edge: line([34, 16], [34, 30]) + line([86, 16], [86, 30])
  },
  'nail-set': {
    outline: closed([12, 37], [12, 47], [70, 47], [108, 43], [108, 41], [70, 37]),
    fine: marks([60, 37], [24, 37], 9, -10),
    edge: line([108, 39], [108, 45])
  },
  pincers: {
    outline: 'M56 10q-20 4-18 20q2 8 18 12l22 32M64 10q20 4 18 20q-2 8-18 12l-22 32',
    fine: ring(60, 42, 5) + 'M52 18q-6 4-6 12M68 18q6 4 6 12',
    edge: line([56, 10], [59, 18]) + line([64, 10], [61, 18])
  },
  wrench: {
    outline: 'M12 26l6-10 14 0 10 14 60 22a6 6 0 0 1-4 12l-62-24-14 8-12-6-2-8 10-2 2-8z',
    fine: ring(100, 58, 3) + line([40, 34], [50, 26]),
    edge: line([14, 24], [24, 28]) + line([10, 34], [18, 32])
  },
  'staple-gun': {
    outline: 'M14 34h54q6 0 8 6l30-14 6 8-34 22q-4 6-12 6h-52z' + 'M46 34q22-18 60-16l2 8',
    fine: box(20, 42, 36, 8),
    edge: line([14, 62], [26, 62]) + 'M16 66v6h8v-6'
  },
  'sharpening-stone': {
    outline:
      closed([16, 40], [30, 28], [104, 28], [90, 40]) +
      box(16, 40, 74, 14) +
      closed([90, 40], [104, 28], [104, 42], [90, 54]),
    fine: line([16, 47], [90, 47]) + box(12, 58, 94, 6),
    edge: closed([16, 40], [30, 28], [104, 28], [90, 40])
  },
  'diamond-plates': {
    outline:
      closed([16, 46], [30, 34], [104, 34], [90, 46]) +
      box(16, 46, 74, 4) +
      closed([24, 62], [34, 56], [104, 56], [92, 62]) +
      box(24, 62, 68, 4),
    fine: Array.from({ length: 16 }, (_, index) =>
      ring(30 + (index % 8) * 8, 38 + Math.floor(index / 8) * 4, 0.8)
    ).join(''),
    edge: closed([16, 46], [30, 34], [104, 34], [90, 46])
  },
  'honing-guide': {
    outline:
      'M40 34h40v14h-40z' +
      ring(50, 58, 8) +
      ring(70, 58, 8) +
      closed([28, 68], [72, 22], [82, 26], [36, 70]),
    fine: ring(40, 41, 3) + ring(80, 41, 3) + line([8, 70], [112, 70]),
    edge: line([28, 68], [36, 70])
  },
  strop: {
    outline:
      closed([10, 46], [20, 34], [84, 34], [76, 46]) +
      box(10, 46, 66, 6) +
      'M76 46l8-12 26-2-6 14z',
    fine: 'M26 42q20-6 44 0M24 40q20-6 46-2',
    edge: closed([10, 46], [20, 34], [84, 34], [76, 46])
  },
  burnisher: {
    outline: 'M64 34q20-6 40 0q8 6 0 12q-20 6-40 0z',
    fine: line([70, 34], [70, 46]),
    edge: closed([10, 38], [64, 38], [64, 42], [10, 42])
  },
  'bench-grinder': {
    outline:
      box(38, 34, 44, 24) +
      closed([34, 70], [42, 58], [78, 58], [86, 70]) +
      ring(24, 44, 18) +
      ring(96, 44, 18),
    fine: ring(24, 44, 4) + ring(96, 44, 4) + line([4, 54], [12, 54]) + line([108, 54], [116, 54]),
    edge: 'M10 56a18 18 0 0 1-2-20M110 56a18 18 0 0 0 2-20'
  },
  'water-grinder': {
    outline:
      ring(52, 38, 26) + closed([22, 50], [82, 50], [92, 72], [22, 72]) + box(82, 44, 24, 28),
    fine:
      ring(52, 38, 5) +
      'M26 62q6-4 12 0t12 0 12 0 12 0' +
      line([20, 12], [84, 12]) +
      line([80, 12], [80, 44]),
    edge: 'M30 24a26 26 0 0 1 44 0'
  },
  'wheel-dresser': {
    outline: box(44, 34, 66, 12) + box(34, 30, 10, 20),
    fine: line([60, 34], [60, 46]) + ring(16, 40, 12),
    edge: box(28, 36, 6, 8)
  }
}
