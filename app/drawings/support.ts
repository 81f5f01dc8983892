import { box, closed, line, ring, type Drawings } from './strokes'

const bench = (vice: string): Drawings[string] => ({
  outline: box(10, 24, 94, 9) + box(18, 33, 9, 42) + box(86, 33, 9, 42) + box(27, 58, 59, 6),
  fine: box(27, 33, 59, 7) + [34, 52, 70].map((x) => ring(x, 28, 1.5)).join(''),
  edge: vice
})
const horse =
  closed([14, 24], [64, 24], [64, 32], [14, 32]) +
  line([22, 32], [14, 74]) +
  line([26, 32], [34, 74]) +
  line([52, 32], [44, 74]) +
  line([56, 32], [66, 74])

/** What carries work, takes dust and keeps tools. */
export const supportDrawings: Drawings = {
  'fold-bench': {
    outline:
      closed([10, 18], [110, 18], [110, 24], [10, 24]) +
      closed([14, 28], [106, 28], [106, 34], [14, 34]) +
      line([24, 34], [40, 74]) +
      line([96, 34], [80, 74]) +
      line([40, 34], [20, 74]) +
      line([80, 34], [100, 74]),
    fine: ring(34, 58, 2) + ring(86, 58, 2) + line([30, 38], [30, 46]) + line([24, 46], [36, 46]),
    edge: line([10, 24], [110, 24]) + line([14, 28], [106, 28])
  },
  sawhorses: {
    outline: horse + line([94, 32], [84, 74]) + line([98, 32], [108, 74]) + box(80, 24, 30, 8),
    fine: line([20, 54], [58, 54]),
    edge: line([14, 24], [64, 24]) + line([80, 24], [110, 24])
  },
  'foam-sheet': {
    outline:
      closed([10, 50], [34, 26], [110, 26], [86, 50]) +
      box(10, 50, 76, 12) +
      closed([86, 50], [110, 26], [110, 38], [86, 62]),
    fine: [24, 40, 56, 72].map((x) => ring(x, 56, 1.5)).join(''),
    edge: line([46, 50], [70, 26])
  },
  workbench: bench(closed([98, 24], [112, 24], [112, 46], [104, 46], [104, 33], [98, 33])),
  'roller-stand': {
    outline: box(56, 26, 8, 40) + line([60, 56], [36, 76]) + line([60, 56], [84, 76]),
    fine: line([48, 26], [72, 26]) + ring(66, 44, 3),
    edge: box(24, 14, 72, 10)
  },
  'saw-stand': {
    outline:
      box(6, 26, 108, 6) +
      line([28, 32], [14, 76]) +
      line([40, 32], [54, 76]) +
      line([80, 32], [66, 76]) +
      line([92, 32], [106, 76]),
    fine: box(4, 16, 8, 10) + box(108, 16, 8, 10),
    edge: box(34, 20, 52, 6)
  },
  'work-light': {
    outline:
      closed([34, 14], [78, 14], [84, 44], [28, 44]) +
      line([56, 44], [56, 66]) +
      line([36, 72], [76, 72], [56, 60], [36, 72]),
    fine: box(36, 20, 40, 18),
    edge: line([92, 22], [110, 16]) + line([94, 32], [112, 34]) + line([92, 42], [108, 52])
  },
  'floor-mat': {
    outline:
      closed([8, 60], [36, 30], [112, 30], [84, 60]) +
      closed([8, 60], [84, 60], [84, 66], [8, 66]) +
      closed([84, 60], [112, 30], [112, 36], [84, 66]),
    fine: [0, 1, 2, 3].map((row) => line([22 + row * 16, 58], [46 + row * 16, 34])).join(''),
    edge: line([8, 66], [84, 66])
  },
  'grip-mat': {
    outline: closed([12, 58], [34, 32], [108, 32], [86, 58]),
    fine: Array.from({ length: 15 }, (_, index) =>
      ring(34 + (index % 5) * 13 + (index % 3) * 3, 37 + Math.floor(index / 5) * 8, 1.5)
    ).join(''),
    edge: 'M12 58l74 0 4 4-76 0z'
  },
  vacuum: {
    outline: 'M38 30h44v36h-44zM42 14h36l4 16h-44z' + ring(46, 70, 5) + ring(74, 70, 5),
    fine: line([38, 40], [82, 40]) + box(54, 18, 12, 6),
    edge: 'M38 50q-26 0-28-22t-4-20M6 8l10-2'
  },
  'chip-extractor': {
    outline:
      'M60 8h32q6 0 6 8v22h-44v-22q0-8 6-8zM54 44h44v26h-44z' +
      box(54, 38, 44, 6) +
      ring(30, 56, 14),
    fine:
      line([58, 20], [94, 20]) + line([58, 28], [94, 28]) + ring(30, 56, 5) + box(44, 40, 10, 8),
    edge: 'M22 46q-14-4-14-26M28 42q-10-8-10-22M6 20h14'
  },
  'air-cleaner': {
    outline: box(16, 22, 88, 36) + line([30, 22], [30, 6]) + line([90, 22], [90, 6]),
    fine: [26, 36, 46, 56].map((x) => line([x, 28], [x, 52])).join('') + box(76, 32, 18, 14),
    edge: line([16, 22], [16, 58]) + 'M8 30l6 4-6 4M8 44l6 4-6 4'
  },
  broom: {
    outline:
      line([100, 6], [50, 50]) +
      line([104, 10], [54, 54]) +
      closed([40, 44], [60, 62], [52, 70], [32, 52]),
    fine: line([34, 50], [56, 68]),
    edge:
      line([34, 54], [16, 64]) +
      line([38, 58], [20, 70]) +
      line([43, 62], [28, 74]) +
      line([48, 66], [36, 78])
  },
  'cyclone-bin': {
    outline: closed([38, 10], [82, 10], [68, 42], [52, 42]) + box(38, 42, 44, 30),
    fine: line([38, 50], [82, 50]) + box(54, 2, 12, 8),
    edge: 'M82 16h24M82 22h24' + 'M46 18q14 6 28 0M50 26q10 5 20 0M54 34q6 3 12 0'
  },
  'hose-adapters': {
    outline: closed(
      [14, 22],
      [40, 22],
      [56, 30],
      [100, 30],
      [100, 50],
      [56, 50],
      [40, 58],
      [14, 58]
    ),
    fine: [66, 74, 82, 90].map((x) => line([x, 30], [x, 50])).join(''),
    edge: line([14, 22], [14, 58]) + line([100, 30], [100, 50])
  },
  'air-filter-box': {
    outline:
      box(26, 20, 60, 54) +
      closed([26, 20], [40, 8], [100, 8], [86, 20]) +
      closed([86, 20], [100, 8], [100, 62], [86, 74]),
    fine:
      ring(56, 47, 22) +
      ring(56, 47, 5) +
      line([56, 25], [56, 42]) +
      line([75, 58], [60, 49]) +
      line([37, 58], [52, 49]),
    edge: [88, 91, 94, 97].map((x) => line([x, 24 - (x - 86)], [x, 66 - (x - 86)])).join('')
  },
  'auto-socket': {
    outline: box(30, 22, 60, 36),
    fine: ring(46, 40, 9) + ring(74, 40, 9) + 'M90 40q16 0 18 24',
    edge: [43, 49, 71, 77].map((x) => ring(x, 40, 1.2)).join('')
  },
  'hose-gates': {
    outline: box(8, 30, 38, 22) + box(74, 30, 38, 22) + box(46, 24, 28, 34),
    fine: ring(60, 41, 9),
    edge: closed([52, 4], [68, 4], [68, 30], [52, 30])
  },
  'tool-wall': {
    outline: box(10, 8, 100, 64),
    fine: Array.from({ length: 24 }, (_, index) =>
      ring(20 + (index % 8) * 11.5, 18 + Math.floor(index / 8) * 22, 1)
    ).join(''),
    edge:
      line([28, 22], [28, 40]) +
      box(24, 40, 8, 18) +
      line([56, 22], [56, 30]) +
      closed([46, 30], [66, 30], [66, 36], [46, 36]) +
      line([90, 22], [90, 62])
  },
  'tool-chest': {
    outline:
      box(14, 34, 82, 34) +
      closed([14, 34], [22, 14], [104, 14], [96, 34]) +
      closed([96, 34], [104, 14], [104, 50], [96, 68]),
    fine: line([14, 60], [96, 60]) + box(50, 32, 10, 8),
    edge: line([14, 34], [96, 34])
  },
  'stacking-boxes': {
    outline: box(24, 48, 72, 24) + box(28, 26, 64, 22) + box(34, 8, 52, 18),
    fine: box(52, 12, 16, 5) + box(50, 32, 20, 5) + box(48, 54, 24, 5),
    edge:
      [30, 84].map((x) => box(x, 44, 6, 8)).join('') +
      [36, 78].map((x) => box(x, 22, 6, 8)).join('')
  },
  'tool-bucket': {
    outline: closed([34, 28], [86, 28], [80, 74], [40, 74]) + 'M34 28q26-40 52 0',
    fine: line([44, 28], [44, 14]) + line([56, 28], [56, 18]) + line([76, 28], [78, 12]),
    edge: 'M38 44h14v14h-13M56 44h14v14h-14M74 44h10l-2 14h-8'
  },
  'drawer-cabinet': {
    outline: box(28, 8, 64, 66),
    fine: [20, 32, 46, 60].map((y) => line([28, y], [92, y])).join(''),
    edge: [14, 26, 39, 53, 67].map((y) => line([54, y], [66, y])).join('')
  }
}
export const benchDrawing = bench
export const horseOutline = horse
