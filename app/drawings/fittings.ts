import {
  box,
  closed,
  disc,
  line,
  marks,
  ring,
  roundBlade,
  teeth,
  wound,
  type Drawing,
  type Drawings
} from './strokes'

/** A router bit: a shank with a profile below. */
const router = (profile: string, bearing = '', shank = 8): Drawing => ({
  outline: `${box(60 - shank / 2, 6, shank, 34)}`,
  fine: bearing,
  edge: profile
})
/** A pack of narrow blades side by side. */
const strips = (pitch: number, depth: number): Drawing => ({
  outline: [20, 38, 56]
    .map((y) => closed([16, y], [96, y], [104, y - 5], [104, y + 7], [96, y + 5], [16, y + 5]))
    .join(''),
  fine: [20, 38, 56].map((y) => ring(99, y + 1, 1.5)).join(''),
  edge: [20, 38, 56].map((y) => teeth([92, y + 5], [16, y + 5], pitch, -depth)).join('')
})
/** A rolled sheet of grit. */
const sheets = (corner: string): Drawing => ({
  outline: `${box(22, 18, 56, 44)}${corner}`,
  fine: Array.from({ length: 18 }, (_, index) =>
    ring(28 + (index % 6) * 9, 26 + Math.floor(index / 6) * 14, 0.8)
  ).join(''),
  edge: line([22, 62], [78, 62], [78, 18])
})
const brush = (bristles: string): Drawing => ({
  outline: 'M54 6h12q4 12 2 24h-16q-2-12 2-24z',
  fine: box(44, 30, 32, 10) + ring(60, 11, 1.5),
  edge: bristles
})

/** Blades, bits, abrasives and what is added to a tool. */
export const fittingDrawings: Drawings = {
  'flush-bit': router(box(52, 40, 16, 26), box(53, 68, 14, 6)),
  'rebate-bit': router(box(44, 44, 32, 18), box(54, 64, 12, 8)),
  'slot-cutter': router(box(36, 50, 48, 6), box(53, 58, 14, 8)),
  'dovetail-bit': router(closed([54, 40], [66, 40], [76, 70], [44, 70])),
  'core-bit': router('M50 40h20v14a10 16 0 0 1-20 0z'),
  'router-bits': {
    outline: [26, 60, 94].map((x) => box(x - 3, 8, 6, 30)).join(''),
    fine: ring(94, 66, 4),
    edge: box(19, 38, 14, 26) + 'M48 38h24v6q-10 2-10 18h-4q0-16-10-18zM82 38h24l-8 20h-8z'
  },
  'router-bits-large': {
    outline: [34, 86].map((x) => box(x - 7, 6, 14, 34)).join(''),
    fine: line([34, 40], [34, 70]),
    edge: box(24, 40, 20, 32) + 'M66 40h40v8q-14 2-14 20h-12q0-18-14-20z'
  },
  'guide-bushes': {
    outline: ring(60, 40, 30) + ring(60, 40, 14),
    fine: ring(40, 40, 3) + ring(80, 40, 3),
    edge: ring(60, 40, 10)
  },
  'saw-blade': disc(24),
  'bench-saw-blade': disc(30, 32),
  'saw-blade-254': disc(36, 34),
  'saw-blade-305': disc(44, 36),
  'rip-blade': disc(12),
  'dado-stack': {
    outline:
      ring(40, 40, 6) +
      box(84, 14, 4, 52) +
      box(90, 20, 4, 40) +
      box(96, 20, 4, 40) +
      box(102, 14, 4, 52),
    fine: ring(40, 40, 20),
    edge: roundBlade(40, 40, 30, 18)
  },
  'jigsaw-blades': strips(20, 2.5),
  'multi-tool-blades': {
    outline:
      closed([20, 14], [44, 14], [44, 44], [20, 44]) +
      closed([70, 14], [94, 14], [100, 44], [64, 44]),
    fine: ring(32, 22, 4) + ring(82, 22, 4),
    edge: teeth([44, 44], [20, 44], 8, -4) + teeth([100, 44], [64, 44], 10, -4)
  },
  'scroll-blades': {
    outline: [24, 34, 44, 54].map((y) => line([14, y], [106, y])).join(''),
    fine: [24, 34, 44, 54]
      .map((y) => line([12, y - 3], [12, y + 3]) + line([108, y - 3], [108, y + 3]))
      .join(''),
    edge: [24, 34, 44, 54].map((y) => teeth([86, y], [34, y], 20, -2)).join('')
  },
  'band-saw-blades': {
    outline: 'M60 14c40-16 60 24 30 36s-70 20-70-10s30-24 40-26z',
    fine: 'M60 18c34-14 52 20 26 30s-62 18-62-8s26-20 36-22z',
    edge: teeth([28, 60], [88, 56], 14, 3)
  },
  'planer-knives': {
    outline: box(12, 24, 96, 12) + box(12, 48, 96, 12),
    fine: [30, 60, 90].map((x) => ring(x, 29, 2) + ring(x, 53, 2)).join(''),
    edge: line([12, 36], [108, 36]) + line([12, 60], [108, 60])
  },
  'sanding-discs': {
    outline: ring(54, 42, 30) + 'M74 20a30 30 0 0 1 6 46',
    fine: [0, 1, 2, 3, 4, 5, 6, 7]
      .map((turn) =>
        ring(54 + 17 * Math.cos((turn * Math.PI) / 4), 42 + 17 * Math.sin((turn * Math.PI) / 4), 3)
      )
      .join(''),
    edge: ring(54, 42, 4)
  },
  'sanding-belts': {
    outline: 'M24 14h72q10 0 10 26t-10 26h-72q-10 0-10-26t10-26z',
    fine: 'M96 14q-10 0-10 26t10 26M40 30l20 10-20 10',
    edge: line([24, 66], [96, 66])
  },
  'abrasive-sheets': sheets('M78 18h20v44h-20'),
  'detail-sheets': {
    outline: closed([60, 8], [94, 62], [26, 62]),
    fine: [ring(60, 30, 3), ring(46, 52, 3), ring(74, 52, 3), ring(60, 46, 3)].join(''),
    edge: line([26, 62], [94, 62])
  },
  'spindle-sleeves': {
    outline: 'M24 16h20v50h-20zM70 22h30v40h-30z' + 'M24 16q10-5 20 0M70 22q15-6 30 0',
    fine: wound(34, 22, 62, 20, 4) + wound(85, 28, 58, 30, 3),
    edge: line([24, 16], [24, 66]) + line([70, 22], [70, 62])
  },
  'drum-strips': {
    outline: ring(40, 40, 24) + 'M40 16h70v6h-66',
    fine: ring(40, 40, 16) + ring(40, 40, 10),
    edge: line([64, 22], [110, 22])
  },
  'rotary-burrs': {
    outline: [26, 60, 94].map((x) => box(x - 2, 8, 4, 36)).join(''),
    fine: wound(60, 46, 68, 14, 4),
    edge:
      ring(26, 54, 10) +
      closed([52, 44], [68, 44], [66, 70], [54, 70]) +
      closed([86, 44], [102, 44], [94, 72])
  },
  'sanding-block': {
    outline:
      closed([22, 40], [36, 24], [98, 24], [84, 40]) +
      box(22, 40, 62, 22) +
      closed([84, 40], [98, 24], [98, 46], [84, 62]),
    fine: line([22, 54], [84, 54]) + line([84, 54], [98, 38]),
    edge: line([18, 66], [88, 66])
  },
  'finishing-kit': {
    outline:
      box(14, 30, 36, 42) +
      'M14 30q18-8 36 0q-18 8-36 0z' +
      closed([66, 62], [78, 48], [110, 52], [104, 70], [76, 72]),
    fine: box(18, 44, 28, 14) + 'M78 48q8 10 26 22',
    edge: 'M80 8h10l2 18h-14zM76 26h18l-4 18h-10z'
  },
  'finish-brush': brush(
    closed([44, 40], [76, 40], [80, 72], [40, 72]) +
      line([54, 44], [52, 72]) +
      line([66, 44], [68, 72])
  ),
  'paint-roller': {
    outline: 'M58 78v-24h30v-20h8v-14',
    fine: box(54, 54, 8, 24),
    edge: box(20, 10, 70, 20)
  },
  'glue-spreader': {
    outline: 'M50 6h20v34h-20z',
    fine: line([56, 10], [56, 36]) + line([64, 10], [64, 36]),
    edge: closed([36, 40], [84, 40], [84, 56], [36, 56]) + teeth([84, 56], [36, 56], 10, -8)
  },
  iron: {
    outline: 'M14 56q4-26 40-28h40l8 28z' + 'M46 28q2-14 18-14h24q10 0 8 14',
    fine: line([20, 50], [100, 50]) + ring(84, 40, 3),
    edge: line([12, 60], [104, 60])
  },
  'edge-guide': {
    outline: line([10, 24], [92, 24]) + line([10, 40], [92, 40]) + box(40, 16, 26, 32),
    fine: ring(48, 20, 2) + ring(58, 44, 2),
    edge: box(92, 6, 8, 54)
  },
  'template-tape': {
    outline: ring(46, 40, 30) + ring(46, 40, 16),
    fine: ring(46, 40, 24) + line([76, 62], [112, 62]),
    edge: 'M46 70h64v-8h-46'
  },
  'circle-jig': {
    outline: box(6, 44, 108, 8) + box(70, 24, 32, 20),
    fine: ring(86, 34, 8) + marks([64, 44], [20, 44], 8, -3),
    edge: ring(14, 48, 2.5) + 'M108 54a96 96 0 0 1-12 22'
  },
  'dovetail-jig': {
    outline: box(10, 40, 100, 28) + box(10, 34, 100, 6),
    fine: ring(22, 54, 4) + ring(98, 54, 4),
    edge: [20, 38, 56, 74, 92]
      .map((x) => closed([x - 3, 34], [x - 7, 14], [x + 7, 14], [x + 3, 34]))
      .join('')
  },
  'hinge-jig': {
    outline: box(22, 12, 76, 56),
    fine: ring(30, 20, 2) + ring(90, 20, 2) + ring(30, 60, 2) + ring(90, 60, 2),
    edge: 'M44 12h32v30q-16 6-32 0z'
  },
  'guide-rail': {
    outline: closed([4, 34], [116, 34], [116, 54], [4, 54]),
    fine: line([4, 40], [116, 40]) + line([4, 45], [116, 45]) + line([60, 34], [60, 54]),
    edge: line([4, 54], [116, 54])
  },
  'second-rail': {
    outline: box(4, 22, 112, 14) + box(4, 46, 112, 14),
    fine:
      line([4, 28], [116, 28]) +
      line([4, 52], [116, 52]) +
      box(52, 26, 18, 5) +
      ring(56, 28.5, 1) +
      ring(66, 28.5, 1),
    edge: line([4, 36], [116, 36]) + line([4, 60], [116, 60])
  },
  'pocket-jig': {
    outline: closed([30, 68], [30, 14], [64, 14], [78, 68]) + line([20, 68], [100, 68]),
    fine: box(84, 20, 8, 48) + line([78, 40], [84, 40]),
    edge: line([40, 14], [52, 68]) + line([54, 14], [66, 68]) + ring(40, 14, 3) + ring(54, 14, 3)
  },
  'dowel-jig': {
    outline:
      box(22, 16, 76, 26) +
      line([30, 42], [30, 66]) +
      line([90, 42], [90, 66]) +
      box(40, 46, 40, 26),
    fine: line([60, 16], [60, 42]) + 'M98 29h16M112 24v10',
    edge: [38, 52, 68, 82].map((x, index) => ring(x, 29, 3 + (index % 2))).join('')
  },
  'drill-guide': {
    outline: box(26, 64, 68, 8) + box(38, 8, 5, 56) + box(77, 8, 5, 56) + box(34, 24, 52, 8),
    fine: [10, 14, 18, 40, 44, 48].map((y) => line([77, y], [82, y])).join(''),
    edge: closed([54, 32], [66, 32], [63, 42], [57, 42]) + line([60, 42], [60, 62])
  },
  'router-table': {
    outline:
      box(8, 34, 104, 6) +
      line([22, 40], [18, 76]) +
      line([98, 40], [102, 76]) +
      box(20, 18, 32, 16) +
      box(68, 18, 32, 16),
    fine: box(50, 40, 20, 22) + line([8, 46], [112, 46]),
    edge: closed([56, 24], [64, 24], [66, 34], [54, 34])
  },
  'router-sled': {
    outline: box(6, 56, 108, 6) + box(6, 40, 6, 16) + box(108, 40, 6, 16) + box(4, 30, 112, 10),
    fine: box(20, 50, 80, 6),
    edge: 'M50 8h20v22h-20z' + line([60, 40], [60, 50])
  },
  'battery-set': {
    outline: box(10, 30, 44, 32) + 'M16 30v-8h32v8' + 'M66 40h44v30h-44zM70 40v-10h36v10',
    fine: [18, 26, 34].map((x) => box(x, 52, 6, 4)).join('') + ring(78, 60, 2) + ring(86, 60, 2),
    edge:
      line([22, 22], [22, 16]) +
      line([42, 22], [42, 16]) +
      closed([30, 36], [24, 46], [32, 46], [28, 54], [40, 42], [32, 42], [36, 36])
  },
  'extension-cord': {
    outline: ring(46, 40, 28) + ring(46, 40, 10),
    fine: ring(46, 40, 22) + ring(46, 40, 16) + 'M74 40q14 6 16 20',
    edge: box(82, 58, 18, 14) + line([87, 72], [87, 78]) + line([95, 72], [95, 78])
  },
  featherboard: {
    outline: closed([14, 20], [72, 20], [96, 60], [14, 60]),
    fine: ring(26, 32, 3) + ring(26, 48, 3),
    edge:
      [22, 29, 36, 43, 50].map((y) => line([48, y], [74 + (y - 20) * 0.6, y + 2])).join('') +
      line([72, 20], [96, 60])
  },
  'stop-fence': {
    outline: box(4, 40, 112, 14) + box(4, 54, 112, 6),
    fine: marks([112, 54], [8, 54], 24, 3),
    edge: closed([52, 18], [76, 18], [76, 52], [68, 52], [68, 30], [52, 30])
  },
  'lathe-chuck': {
    outline: ring(60, 40, 30) + ring(60, 40, 8),
    fine: ring(60, 40, 25),
    edge: box(53, 16, 14, 14) + box(53, 50, 14, 14) + box(36, 33, 14, 14) + box(70, 33, 14, 14)
  },
  'press-vice': {
    outline: box(14, 54, 92, 10) + box(24, 30, 16, 24) + box(58, 34, 12, 20) + box(92, 40, 10, 14),
    fine: line([70, 46], [114, 46]) + line([114, 38], [114, 54]),
    edge: line([40, 30], [40, 54]) + line([58, 34], [58, 54])
  },
  'steam-box': {
    outline:
      box(14, 14, 92, 22) +
      line([26, 36], [22, 50]) +
      line([94, 36], [98, 50]) +
      box(36, 54, 30, 20),
    fine: line([20, 25], [100, 25]) + 'M66 60q16-4 16-24' + ring(16, 25, 1.5),
    edge: 'M84 12q4-5 0-10M94 12q4-5 0-10M104 12q4-5 0-10'
  }
}
