import { box, closed, line, ring, wound, type Drawing, type Drawings } from './strokes'

/** An F-shaped clamp: bar up the left, fixed jaw above, sliding arm with its screw below. */
const fClamp = (opening: number, handle: string): Drawing => ({
  outline: `${box(34, 6, 6, 20 + opening)}${closed([34, 6], [84, 6], [84, 14], [40, 14])}${closed([32, 20 + opening], [84, 14 + opening], [84, 22 + opening], [32, 28 + opening])}`,
  fine: handle,
  edge: line([74, 16], [86, 16]) + line([72, 6 + opening], [86, 6 + opening])
})
const parallel = (length: number): Drawing => {
  const left = 60 - length / 2
  return {
    outline:
      box(left, 44, length, 6) +
      box(left, 12, 14, 40) +
      box(left + length - 40, 12, 14, 40) +
      box(left + length - 26, 46, 4, 4),
    fine: `M${left + length - 26} 42h18q6 0 6 6t-6 6h-18z`,
    edge:
      line([left + 14, 12], [left + 14, 44]) +
      line([left + length - 40, 12], [left + length - 40, 44])
  }
}
const pipe = (length: number): Drawing => {
  const left = 60 - length / 2
  return {
    outline:
      box(left, 44, length, 7) +
      closed([left + 2, 14], [left + 12, 14], [left + 16, 54], [left + 2, 54]) +
      closed(
        [left + length - 30, 14],
        [left + length - 20, 14],
        [left + length - 18, 54],
        [left + length - 34, 54]
      ),
    fine:
      wound(left + length - 8, 40, 55, 8, 3) +
      line([left + length - 2, 38], [left + length - 2, 58]),
    edge:
      line([left + 12, 14], [left + 14, 42]) +
      line([left + length - 30, 14], [left + length - 32, 42])
  }
}

/** Clamps and what holds work: the edge is the faces that press. */
export const clampDrawings: Drawings = {
  'f-clamp-300': fClamp(34, box(76, 52, 5, 22)),
  'f-clamp-600': fClamp(44, box(76, 62, 5, 16)),
  'trigger-clamp-300': {
    outline:
      box(6, 34, 108, 6) +
      closed([12, 34], [12, 12], [22, 12], [22, 34]) +
      closed([52, 28], [78, 28], [84, 44], [78, 70], [66, 70], [64, 44], [52, 44]),
    fine: 'M62 46q-10 8-4 20l4-2' + box(52, 12, 8, 16),
    edge: line([22, 10], [22, 30]) + line([52, 10], [52, 30])
  },
  'pipe-clamp-900': pipe(96),
  'pipe-clamp-1500': pipe(116),
  'parallel-clamp-600': parallel(92),
  'parallel-clamp-1000': parallel(116),
  'strap-clamp': {
    outline: box(30, 16, 60, 44) + box(46, 62, 28, 12),
    fine: ring(60, 68, 4) + line([74, 68], [100, 74]),
    edge: 'M46 66h-14q-8 0-8-8v-42q0-8 8-8h56q8 0 8 8v42q0 8-8 8h-14'
  },
  'bench-vice': {
    outline:
      closed([24, 34], [48, 34], [48, 22], [54, 22], [54, 48], [24, 48]) +
      closed([62, 22], [68, 22], [68, 34], [84, 40], [68, 48], [62, 48]) +
      box(26, 48, 26, 8) +
      box(8, 56, 104, 8),
    fine: line([84, 41], [100, 41]) + line([100, 32], [100, 50]) + line([39, 64], [39, 76]),
    edge: line([54, 22], [54, 42]) + line([62, 22], [62, 42])
  },
  'g-clamp-100': {
    outline: 'M28 12h50v10h-38v36h18v10h-30z',
    fine:
      wound(70, 40, 66, 7, 6) +
      line([62, 74], [78, 74]) +
      line([70, 66], [70, 74]) +
      box(58, 56, 22, 12),
    edge: line([66, 23], [78, 23]) + line([64, 38], [76, 38])
  },
  'spring-clamps': {
    outline:
      closed([16, 26], [64, 36], [108, 14], [112, 20], [66, 44], [16, 34]) +
      closed([16, 54], [64, 44], [108, 66], [112, 60], [66, 36], [16, 46]),
    fine: ring(64, 40, 6),
    edge: line([14, 36], [26, 38]) + line([14, 44], [26, 42])
  },
  'hand-screw': {
    outline:
      closed([10, 18], [100, 18], [100, 32], [40, 32], [10, 26]) +
      closed([10, 56], [40, 48], [100, 48], [100, 62], [10, 62]),
    fine:
      line([62, 10], [62, 70]) + line([86, 10], [86, 70]) + box(58, 2, 8, 10) + box(82, 68, 8, 10),
    edge: line([10, 26], [40, 32]) + line([10, 56], [40, 48])
  },
  'corner-clamps': {
    outline:
      closed([18, 18], [66, 18], [66, 32], [32, 32], [32, 66], [18, 66]) +
      closed([48, 48], [64, 40], [72, 48], [56, 62]),
    fine: line([68, 54], [92, 72]) + line([86, 76], [98, 66]),
    edge: line([66, 32], [32, 32], [32, 66])
  },
  holdfasts: {
    outline:
      'M54 76v-40q0-22 22-24l26-2v8l-24 4q-16 2-16 16v38z' +
      line([20, 48], [48, 48]) +
      line([68, 48], [112, 48]),
    fine: line([20, 58], [48, 58]) + line([68, 58], [112, 58]),
    edge: closed([92, 14], [110, 14], [106, 22], [92, 22])
  },
  'bench-dogs': {
    outline:
      box(26, 24, 14, 14) +
      box(29, 38, 8, 32) +
      box(78, 24, 14, 14) +
      box(81, 38, 8, 32) +
      line([6, 46], [26, 46]) +
      line([40, 46], [78, 46]) +
      line([92, 46], [114, 46]),
    fine: box(42, 32, 34, 14),
    edge: line([40, 24], [40, 38]) + line([78, 24], [78, 38])
  },
  'front-vice': {
    outline:
      box(14, 16, 38, 44) +
      box(66, 16, 14, 44) +
      line([52, 52], [66, 52]) +
      line([52, 28], [66, 28]),
    fine: box(80, 36, 18, 8) + line([98, 20], [98, 60]) + line([14, 24], [52, 24]),
    edge: line([52, 16], [52, 60]) + line([66, 16], [66, 60])
  },
  'rail-clamps': {
    outline:
      box(8, 22, 104, 8) + closed([52, 30], [62, 30], [62, 40], [84, 40], [84, 64], [52, 64]),
    fine: 'M84 58h22l4 6-26 6' + line([8, 18], [112, 18]),
    edge: line([46, 30], [68, 30]) + line([52, 44], [44, 44])
  },
  'edge-clamps': {
    outline: 'M30 14h52v10h-40v32h40v10h-52z' + line([88, 40], [116, 40]),
    fine: wound(58, 38, 42, 22, 2) + line([30, 40], [14, 40]) + line([14, 34], [14, 46]),
    edge: line([70, 36], [70, 46]) + line([82, 24], [92, 24]) + line([82, 56], [92, 56])
  },
  'toggle-clamps': {
    outline:
      closed([30, 66], [78, 66], [78, 58], [64, 58], [60, 44], [48, 44], [44, 58], [30, 58]) +
      closed([52, 48], [60, 14], [68, 16], [62, 48]) +
      closed([44, 40], [46, 32], [100, 36], [100, 42]),
    fine: ring(54, 46, 3) + ring(58, 38, 2),
    edge: line([94, 42], [94, 54]) + line([88, 56], [100, 56])
  }
}
