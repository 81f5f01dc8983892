import { fittingDrawings } from './fittings'
import { protectionDrawings } from './protection'
import { box, closed, line, ring, type Drawing, type Drawings } from './strokes'
import { benchDrawing, horseOutline } from './support'

/** A jig is made of sheet: the same drawing as the bought one, with the plies of its edge. */
const inPly = (drawing: Drawing | undefined): Drawing => ({
  outline: drawing?.outline ?? '',
  fine: `${drawing?.fine ?? ''}M6 75h108M6 78h108`,
  edge: drawing?.edge
})
const sled = (fences: string, edge: string): Drawing => ({
  outline: closed([14, 66], [30, 30], [106, 30], [90, 66]) + fences,
  fine: line([14, 70], [90, 70]) + line([20, 76], [34, 76]) + line([70, 76], [84, 76]),
  edge
})
/** A board for shooting: a step to run the plane on, a fence across. */
const shooting = (fence: string): Drawing => ({
  outline:
    closed([10, 62], [26, 34], [110, 34], [94, 62]) +
    closed([20, 52], [30, 30], [106, 30], [98, 52]) +
    fence,
  fine: line([10, 66], [94, 66]),
  edge: line([20, 52], [98, 52])
})

/** What is made in the shop for the shop. */
export const jigDrawings: Drawings = {
  'bench-hook': {
    outline: box(20, 40, 80, 10) + box(20, 50, 12, 16) + box(86, 28, 14, 12),
    fine: line([4, 50], [20, 50]) + line([4, 50], [4, 76]) + line([32, 56], [116, 56]),
    edge: line([86, 28], [86, 40])
  },
  'cutting-guide': inPly(fittingDrawings['guide-rail']),
  'crosscut-guide': {
    outline: box(44, 10, 22, 58) + box(26, 10, 58, 8),
    fine: line([50, 18], [50, 68]),
    edge: line([66, 18], [66, 68])
  },
  'drill-block': {
    outline:
      closed([28, 30], [42, 18], [96, 18], [82, 30]) +
      box(28, 30, 54, 40) +
      closed([82, 30], [96, 18], [96, 58], [82, 70]),
    fine: line([46, 30], [46, 70]) + line([64, 30], [64, 70]),
    edge: ring(52, 24, 3) + ring(72, 24, 3) + line([52, 6], [52, 22])
  },
  'sawhorses-made': {
    outline:
      horseOutline + line([94, 32], [84, 74]) + line([98, 32], [108, 74]) + box(80, 24, 30, 8),
    fine: line([20, 54], [58, 54]) + line([24, 46], [54, 46]),
    edge: line([14, 24], [64, 24]) + line([80, 24], [110, 24])
  },
  'crosscut-sled': sled(
    closed([30, 30], [30, 20], [106, 20], [106, 30]) +
      closed([14, 66], [14, 54], [90, 54], [90, 66]),
    line([66, 24], [50, 66])
  ),
  'mitre-sled': sled(
    '',
    line([66, 30], [52, 66]) + line([60, 44], [34, 62]) + line([60, 44], [88, 62])
  ),
  'box-joint-jig': {
    outline: box(14, 16, 92, 42) + line([4, 62], [116, 62]),
    fine: line([30, 58], [30, 66]) + line([90, 58], [90, 66]),
    edge: box(50, 44, 8, 14) + box(66, 46, 8, 12)
  },
  'planer-sled': {
    outline: box(6, 56, 108, 8) + 'M10 40q26-10 50 0t50-2v12q-26-6-50 0t-50-2z',
    fine: closed([20, 56], [30, 56], [25, 50]) + closed([84, 56], [94, 56], [89, 46]),
    edge: line([6, 64], [114, 64])
  },
  'shooting-board': shooting(closed([84, 30], [92, 30], [82, 52], [74, 52])),
  'mitre-shooting-board': shooting(closed([60, 32], [88, 52], [36, 52])),
  'taper-jig': {
    outline:
      closed([8, 50], [112, 50], [112, 60], [8, 60]) +
      closed([8, 46], [108, 20], [110, 28], [14, 52]),
    fine: line([96, 30], [96, 50]) + ring(12, 50, 3),
    edge: line([108, 20], [8, 46]) + line([14, 40], [20, 46])
  },
  'key-jig': {
    outline: closed([60, 8], [94, 42], [60, 76], [26, 42]) + box(10, 60, 30, 8),
    fine: closed([60, 18], [84, 42], [60, 66], [36, 42]),
    edge: line([44, 76], [76, 76]) + line([60, 62], [60, 76])
  },
  'tenon-jig': {
    outline: box(48, 12, 8, 54) + box(24, 40, 24, 26) + box(8, 66, 104, 6),
    fine: line([24, 50], [48, 50]) + 'M56 24h20v34h-20',
    edge: line([70, 58], [70, 66]) + line([76, 58], [76, 66])
  },
  'dado-guide': {
    outline: box(20, 10, 80, 10) + box(30, 20, 14, 56) + box(70, 20, 14, 56),
    fine: ring(37, 15, 2) + ring(77, 15, 2),
    edge: line([44, 20], [44, 76]) + line([70, 20], [70, 76])
  },
  'router-table-made': inPly(fittingDrawings['router-table']),
  'router-sled-made': inPly(fittingDrawings['router-sled']),
  'circle-jig-made': inPly(fittingDrawings['circle-jig']),
  'pin-template': {
    outline: box(8, 28, 104, 24),
    fine: line([60, 28], [60, 52]),
    edge: Array.from({ length: 16 }, (_, index) =>
      ring(18 + (index % 8) * 12, index < 8 ? 34 : 46, 1.8)
    ).join('')
  },
  'tenon-router-jig': {
    outline: box(20, 20, 80, 40) + box(34, 60, 52, 14),
    fine: line([14, 40], [106, 40]) + ring(26, 26, 2) + ring(94, 54, 2),
    edge: 'M42 34h36a6 6 0 0 1 0 12h-36a6 6 0 0 1 0-12z'
  },
  'workbench-made': benchDrawing(box(98, 34, 14, 20) + line([112, 44], [118, 44])),
  'assembly-table': {
    outline: box(6, 34, 108, 8) + box(18, 42, 8, 30) + box(94, 42, 8, 30),
    fine: line([26, 60], [94, 60]) + line([30, 42], [30, 48]),
    edge: line([6, 34], [114, 34])
  },
  'outfeed-table': {
    outline:
      box(48, 34, 66, 6) +
      line([58, 40], [54, 76]) +
      line([104, 40], [108, 76]) +
      box(4, 38, 40, 38),
    fine: line([56, 60], [106, 60]),
    edge: line([48, 34], [114, 34]) + 'M14 38a9 9 0 0 1 18 0'
  },
  'squaring-blocks': {
    outline: closed([24, 10], [46, 10], [46, 52], [92, 52], [92, 72], [24, 72]),
    fine: ring(35, 26, 4) + ring(76, 62, 4),
    edge: line([46, 10], [46, 52], [92, 52])
  },
  'fairing-stick': {
    outline: 'M8 62q52-74 104-20l-3 4q-48-48-97 18z',
    fine: line([8, 66], [112, 46]),
    edge: 'M8 62q52-74 104-20'
  },
  'winding-sticks': {
    outline: box(8, 22, 104, 9) + closed([8, 54], [112, 46], [112, 55], [8, 63]),
    fine: ring(60, 26, 1.5) + ring(60, 55, 1.5),
    edge: line([8, 22], [112, 22]) + line([8, 54], [112, 46])
  },
  'story-stick': {
    outline: box(4, 34, 112, 12),
    fine: line([20, 46], [20, 56]) + line([74, 46], [74, 56]) + line([98, 46], [98, 56]),
    edge: [20, 34, 58, 74, 98].map((x) => line([x, 34], [x, 42])).join('')
  },
  'pinch-rods': {
    outline: box(4, 32, 74, 7) + box(42, 41, 74, 7),
    fine: box(44, 28, 6, 24) + box(70, 28, 6, 24),
    edge: line([4, 30], [4, 41]) + line([116, 39], [116, 50])
  },
  'bending-form': {
    outline: 'M8 70v-10q52-64 104 0v10z',
    fine: 'M8 52q52-64 104 0' + [30, 60, 90].map((x) => ring(x, 60, 4)).join(''),
    edge: 'M8 60q52-64 104 0M8 56q52-64 104 0'
  },
  cauls: {
    outline: 'M8 22q52 8 104 0v12h-104zM8 58q52-8 104 0v-12h-104z',
    fine: box(2, 14, 6, 52) + box(112, 14, 6, 52),
    edge: line([8, 34], [112, 34]) + line([8, 46], [112, 46])
  },
  'clamp-rack': {
    outline: box(10, 16, 100, 10),
    fine: [26, 46, 66, 86].map((x) => line([x, 20], [x, 72]) + box(x - 2, 50, 12, 5)).join(''),
    edge: [26, 46, 66, 86].map((x) => line([x - 2, 28], [x + 12, 28])).join('')
  },
  'sheet-rack': {
    outline: line([16, 8], [16, 72]) + line([16, 72], [104, 72]) + line([104, 72], [104, 40]),
    fine: [34, 50, 66]
      .map((x) => closed([x, 14], [x + 6, 14], [x + 16, 72], [x + 10, 72]))
      .join(''),
    edge: line([16, 72], [104, 72])
  },
  'timber-rack': {
    outline: line([28, 6], [28, 74]) + line([88, 6], [88, 74]),
    fine: [18, 38, 58].map((y) => box(8, y - 8, 104, 4) + box(16, y - 4, 88, 4)).join(''),
    edge: [18, 38, 58].map((y) => line([28, y], [48, y]) + line([88, y], [108, y])).join('')
  },
  'push-stick-made': inPly(protectionDrawings['push-sticks']),
  'featherboard-made': inPly(fittingDrawings.featherboard),
  'zero-insert': {
    outline: 'M24 26h72a14 14 0 0 1 0 28h-72a14 14 0 0 1 0-28z',
    fine: ring(22, 40, 3) + ring(98, 40, 3),
    edge: line([34, 40], [86, 40])
  },
  'dust-adapter': {
    outline:
      box(20, 16, 42, 48) + closed([62, 24], [84, 30], [110, 30], [110, 50], [84, 50], [62, 56]),
    fine: ring(41, 40, 12),
    edge: line([62, 24], [62, 56]) + line([110, 30], [110, 50])
  },
  'cleat-wall': {
    outline: [14, 36, 58].map((y) => closed([10, y], [110, y], [110, y + 8], [10, y + 8])).join(''),
    fine: [14, 36, 58].map((y) => line([10, y + 3], [110, y + 3])).join(''),
    edge: box(36, 12, 18, 26) + line([70, 34], [70, 58]) + line([88, 34], [88, 54])
  },
  'stop-fence-made': inPly(fittingDrawings['stop-fence']),
  'drum-table': {
    outline: box(14, 52, 92, 22) + box(8, 46, 104, 6),
    fine: line([84, 40], [84, 20]) + box(76, 6, 26, 14),
    edge: box(48, 18, 18, 28)
  },
  'planing-stop': {
    outline: box(6, 40, 108, 8) + box(20, 32, 10, 22),
    fine: box(32, 26, 74, 14),
    edge: line([30, 32], [30, 40])
  },
  'hinge-template': inPly(fittingDrawings['hinge-jig']),
  'drawer-runner-jig': {
    outline: box(20, 12, 12, 60) + box(32, 40, 60, 20),
    fine: line([32, 48], [92, 48]) + ring(26, 20, 2),
    edge: line([32, 40], [92, 40])
  },
  'edge-fence': {
    outline: closed([10, 60], [24, 44], [110, 44], [96, 60]) + box(24, 20, 86, 24),
    fine: ring(44, 32, 3) + ring(90, 32, 3),
    edge: line([24, 44], [110, 44])
  },
  'machine-stand': {
    outline: box(24, 20, 72, 8) + box(28, 28, 8, 44) + box(84, 28, 8, 44),
    fine: box(36, 52, 48, 6) + ring(32, 76, 3) + ring(88, 76, 3),
    edge: line([18, 20], [102, 20])
  }
}
