import { box, closed, line, marks, ring, type Drawings } from './strokes'

/** What measures and marks: the edge is the one that is read or that scribes. */
export const measuringDrawings: Drawings = {
  tape: {
    outline: 'M26 24a10 10 0 0 1 10-10h22a14 14 0 0 1 14 14v36h-46z' + line([72, 58], [108, 58]),
    fine: ring(48, 38, 15) + marks([108, 64], [76, 64], 8, 3),
    edge: line([72, 64], [108, 64]) + line([108, 54], [108, 70])
  },
  'steel-rule': {
    outline: box(8, 32, 104, 16) + ring(104, 40, 2.5),
    fine: marks([96, 48], [10, 48], 20, 3.5),
    edge: line([8, 48], [112, 48])
  },
  'folding-rule': {
    outline:
      closed([10, 62], [54, 62], [54, 68], [10, 68]) +
      closed([54, 62], [20, 40], [23, 35], [57, 57]) +
      closed([20, 34], [64, 34], [64, 40], [20, 40]) +
      closed([64, 34], [98, 12], [101, 17], [67, 39]),
    fine: marks([52, 68], [12, 68], 9, 3) + ring(56, 62, 2) + ring(22, 37, 2) + ring(64, 37, 2),
    edge: line([10, 68], [54, 68])
  },
  'combination-square': {
    outline: box(8, 24, 104, 9) + closed([44, 33], [92, 33], [92, 41], [60, 58], [44, 58]),
    fine:
      marks([110, 33], [96, 33], 3, 3) +
      marks([42, 33], [10, 33], 9, 3) +
      ring(70, 38, 2.5) +
      box(50, 46, 8, 4),
    edge: line([44, 33], [44, 58]) + line([60, 58], [92, 41])
  },
  'rafter-square': {
    outline: closed([24, 12], [24, 68], [96, 68], [24, 12]) + box(18, 8, 6, 62),
    fine: closed([32, 34], [32, 60], [66, 60]) + marks([92, 68], [30, 68], 9, 3),
    edge: line([24, 68], [96, 68])
  },
  'try-square': {
    outline: box(20, 52, 30, 14) + box(42, 10, 8, 42),
    fine: ring(28, 59, 1.5) + ring(40, 59, 1.5) + line([24, 52], [24, 66]),
    edge: line([50, 10], [50, 52]) + line([20, 52], [42, 52])
  },
  'framing-square': {
    outline: closed([20, 8], [30, 8], [30, 58], [104, 58], [104, 68], [20, 68]),
    fine: marks([30, 10], [30, 56], 9, -3) + marks([100, 58], [34, 58], 12, -3),
    edge: line([20, 8], [20, 68], [104, 68])
  },
  'sliding-bevel': {
    outline:
      closed([20, 58], [70, 58], [70, 68], [20, 68]) +
      closed([40, 60], [88, 12], [93, 16], [46, 64]),
    fine: line([58, 42], [80, 20]) + ring(50, 60, 4),
    edge: line([93, 16], [50, 58])
  },
  'marking-gauge': {
    outline: box(8, 34, 104, 8) + 'M66 20h14v36h-14z',
    fine: ring(73, 26, 3) + marks([62, 42], [24, 42], 8, 3),
    edge: line([66, 20], [66, 56]) + line([18, 42], [18, 49])
  },
  'mortise-gauge': {
    outline: box(8, 34, 104, 8) + 'M66 20h14v36h-14z',
    fine: ring(73, 26, 3) + line([34, 38], [106, 38]),
    edge: line([66, 20], [66, 56]) + line([18, 42], [18, 49]) + line([28, 42], [28, 49])
  },
  'straight-edge': {
    outline: closed([8, 46], [8, 38], [14, 34], [106, 34], [112, 38], [112, 46]),
    fine: ring(100, 40, 2.5),
    edge: line([8, 46], [112, 46])
  },
  'long-straight-edge': {
    outline: closed([4, 46], [4, 36], [116, 36], [116, 46]),
    fine: line([4, 41], [52, 41]) + line([56, 36], [52, 46]) + line([60, 41], [116, 41]),
    edge: line([4, 46], [116, 46])
  },
  calipers: {
    outline:
      box(26, 26, 86, 9) +
      closed([26, 35], [38, 35], [30, 66], [24, 60]) +
      closed([52, 35], [60, 35], [60, 40], [80, 40], [80, 20], [52, 20]) +
      closed([52, 35], [56, 60], [50, 66], [46, 40]),
    fine:
      box(58, 23, 16, 10) + marks([110, 35], [84, 35], 6, 3) + line([26, 26], [30, 12], [34, 26]),
    edge: line([38, 35], [30, 66]) + line([46, 40], [50, 66])
  },
  'setup-blocks': {
    outline: box(14, 58, 92, 8) + box(24, 46, 72, 12) + box(36, 28, 22, 18) + box(62, 22, 10, 24),
    fine: marks([52, 58], [28, 58], 3, -4),
    edge: line([14, 66], [106, 66])
  },
  'angle-gauge': {
    outline: 'M34 20h52a6 6 0 0 1 6 6v34h-64v-34a6 6 0 0 1 6-6z',
    fine:
      box(40, 28, 40, 16) +
      'M60 40v-8M56 40h8' +
      ring(48, 52, 2.5) +
      ring(72, 52, 2.5) +
      'M16 60a44 44 0 0 1 10-28',
    edge: line([28, 60], [92, 60])
  },
  'marking-knife': {
    outline:
      'M10 44l50-6v10l-46 6a5 5 0 0 1-4-10z' + closed([60, 38], [104, 40], [90, 48], [60, 48]),
    fine: line([20, 44], [20, 52]) + line([26, 43], [26, 51]),
    edge: line([104, 40], [90, 48])
  },
  'dovetail-marker': {
    outline:
      closed([34, 16], [86, 16], [86, 34], [34, 34]) +
      closed([48, 34], [72, 34], [80, 64], [40, 64]),
    fine: '',
    edge: line([48, 34], [40, 64]) + line([72, 34], [80, 64])
  },
  compass: {
    outline: closed([58, 10], [62, 10], [64, 22], [84, 66], [60, 26], [38, 68], [56, 22]),
    fine: ring(60, 20, 4) + 'M50 42h20M62 42a4 4 0 1 0 8 0',
    edge: 'M30 70a50 50 0 0 0 60 0'
  },
  trammel: {
    outline:
      box(6, 22, 108, 8) +
      closed([16, 16], [28, 16], [28, 36], [24, 36], [22, 64], [20, 36], [16, 36]) +
      closed([88, 16], [100, 16], [100, 36], [96, 36], [94, 60], [92, 36], [88, 36]),
    fine: ring(22, 12, 3) + ring(94, 12, 3),
    edge: 'M108 50a90 90 0 0 1-8 20M22 58v8M94 54v8'
  },
  dividers: {
    outline: closed([58, 14], [62, 14], [78, 68], [58, 24], [42, 68]),
    fine: 'M46 44a16 16 0 0 1 28 0' + ring(60, 14, 5),
    edge: line([42, 68], [43, 62]) + line([78, 68], [76, 62])
  },
  level: {
    outline: box(6, 28, 108, 22),
    fine:
      box(48, 32, 24, 10) +
      line([56, 32], [56, 42]) +
      line([64, 32], [64, 42]) +
      ring(18, 39, 7) +
      ring(102, 39, 7) +
      ring(60, 37, 2.5),
    edge: line([6, 50], [114, 50])
  },
  'stud-finder': {
    outline:
      'M42 14h28a8 8 0 0 1 8 8v34a8 8 0 0 1-8 8h-28a8 8 0 0 1-8-8v-34a8 8 0 0 1 8-8z' +
      line([4, 70], [116, 70]),
    fine:
      box(42, 22, 28, 12) + ring(56, 46, 5) + line([90, 6], [90, 70]) + line([104, 6], [104, 70]),
    edge: 'M80 30a14 14 0 0 1 0 18M84 25a22 22 0 0 1 0 28'
  },
  'moisture-meter': {
    outline: 'M48 20h26a5 5 0 0 1 5 5v40a8 8 0 0 1-8 8h-20a8 8 0 0 1-8-8v-40a5 5 0 0 1 5-5z',
    fine: box(49, 34, 24, 12) + ring(61, 58, 4) + 'M53 43l4-5 4 5 4-5 4 5',
    edge: line([56, 20], [56, 8]) + line([66, 20], [66, 8])
  },
  scales: {
    outline: closed([26, 66], [34, 40], [86, 40], [94, 66]) + 'M22 34h76l-6 6h-64z',
    fine: box(48, 48, 24, 10) + 'M50 34v-16h20v16M56 18v-6h8v6',
    edge: line([22, 34], [98, 34])
  },
  'flexible-curve': {
    outline: 'M10 58c20-40 40-40 52-10s30 24 44-18l6 3c-16 46-44 52-56 22s-24-24-38 6z',
    fine: '',
    edge: 'M10 58c20-40 40-40 52-10s30 24 44-18'
  },
  'profile-gauge': {
    outline: box(16, 34, 88, 12),
    fine: Array.from({ length: 17 }, (_, index) => {
      const x = 20 + index * 5
      const drop = [0, 2, 5, 9, 12, 13, 12, 9, 5, 2, 0, 0, 3, 7, 10, 10, 10][index] ?? 0
      return line([x, 20 + drop], [x, 34]) + line([x, 46], [x, 60 + drop])
    }).join(''),
    edge: 'M20 60l5 2 5 3 5 4 5 3 5 1 5-1 5-3 5-4 5-3 5-2h5l5 3 5 4 5 3h10'
  },
  'chalk-line': {
    outline: 'M50 14l30 18-6 26a8 8 0 0 1-8 6h-24a8 8 0 0 1-7-9z',
    fine: ring(58, 42, 9) + 'M58 42l12 4',
    edge: line([50, 14], [8, 8]) + line([8, 3], [8, 13]) + line([4, 74], [116, 74])
  }
}
