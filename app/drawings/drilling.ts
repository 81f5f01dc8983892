import { box, closed, line, ring, teeth, wound, type Drawing, type Drawings } from './strokes'

/** A machine with a pistol grip: the head, the grip, the pack under it. */
const pistol = (chuck: string, head: string, extra = ''): Drawing => ({
  outline: `${head}M66 40l6 22h18l-2-24`,
  fine: `M64 62h30v10h-30zM70 46h-4v6h5${extra}`,
  edge: chuck
})
/** A shank with a cutting end below it. */
const bit = (end: Drawing): Drawing => ({
  outline: `${box(57, 8, 6, 26)}${end.outline}`,
  fine: end.fine,
  edge: end.edge
})

/** What bores and drives. */
export const drillingDrawings: Drawings = {
  'drill-driver': pistol(
    closed([24, 24], [34, 20], [34, 36], [24, 32]) + line([8, 28], [24, 28]),
    'M34 18h42q14 0 14 10v12h-50q-6 0-6-6z',
    line([42, 18], [42, 40])
  ),
  'hammer-drill': pistol(
    closed([20, 22], [32, 18], [32, 38], [20, 34]) + line([4, 28], [20, 28]),
    'M32 16h46q14 0 14 10v14h-54q-6 0-6-6z' + closed([38, 40], [46, 40], [44, 66], [36, 66]),
    line([42, 16], [42, 40])
  ),
  'impact-driver': pistol(
    box(32, 23, 8, 10) + line([14, 28], [32, 28]),
    'M40 20l8-4h28q12 0 12 12v12h-42l-6-6z',
    line([52, 16], [52, 40])
  ),
  brace: {
    outline: 'M60 6v14h30v30h-30v14M54 6h12' + ring(60, 4, 3),
    fine: box(85, 26, 10, 18) + 'M54 50h12v12h-12z',
    edge: line([60, 62], [60, 76]) + line([56, 66], [64, 70]) + line([56, 71], [64, 75])
  },
  'hand-drill': {
    outline: line([60, 8], [60, 56]) + ring(60, 36, 18) + box(54, 2, 12, 10) + box(56, 54, 8, 12),
    fine: ring(60, 36, 3) + 'M60 36h34v-10h6v16' + ring(60, 36, 14),
    edge: line([60, 66], [60, 78])
  },
  screwdrivers: {
    outline:
      'M66 16h34a5 5 0 0 1 0 14h-34zM66 46h34a5 5 0 0 1 0 14h-34z' +
      line([66, 23], [22, 23]) +
      line([66, 53], [24, 53]),
    fine:
      line([72, 20], [98, 20]) +
      line([72, 26], [98, 26]) +
      line([72, 50], [98, 50]) +
      line([72, 56], [98, 56]),
    edge:
      closed([22, 20], [12, 21], [12, 25], [22, 26]) +
      closed([24, 49], [14, 53], [24, 57]) +
      line([14, 53], [24, 53])
  },
  'flat-bits': bit({
    outline: closed([44, 34], [76, 34], [76, 60], [60, 74], [44, 60]),
    fine: line([60, 34], [60, 46]),
    edge: line([44, 60], [56, 60], [60, 74], [64, 60], [76, 60])
  }),
  'forstner-bits': bit({
    outline: box(44, 46, 32, 18) + closed([52, 34], [68, 34], [72, 46], [48, 46]),
    fine: line([44, 52], [76, 52]),
    edge: line([44, 64], [76, 64]) + line([60, 64], [60, 70])
  }),
  'hole-saws': bit({
    outline: box(36, 34, 48, 26),
    fine: box(46, 42, 8, 10) + box(66, 42, 8, 10),
    edge: teeth([84, 60], [36, 60], 10, -5) + line([60, 60], [60, 74])
  }),
  'auger-bits': bit({
    outline: box(54, 30, 12, 36),
    fine: wound(60, 30, 66, 12, 5),
    edge: closed([54, 66], [66, 66], [60, 76])
  }),
  'drill-bits': {
    outline: [24, 46, 70, 94].map((x, index) => box(x - 3 - index, 8, 6 + 2 * index, 56)).join(''),
    fine: [24, 46, 70, 94].map((x, index) => wound(x, 26, 64, 6 + 2 * index, 5)).join(''),
    edge: [24, 46, 70, 94]
      .map((x, index) => closed([x - 3 - index, 64], [x + 3 + index, 64], [x, 72]))
      .join('')
  },
  'masonry-bits': {
    outline: [36, 60, 86].map((x, index) => box(x - 3 - index, 6, 6 + 2 * index, 56)).join(''),
    fine: [36, 60, 86].map((x, index) => wound(x, 24, 62, 6 + 2 * index, 4)).join(''),
    edge: [36, 60, 86]
      .map((x, index) =>
        closed([x - 6 - index, 62], [x, 70], [x + 6 + index, 62], [x + 3, 60], [x - 3, 60])
      )
      .join('')
  },
  countersink: bit({
    outline: closed([44, 46], [76, 46], [60, 70]) + closed([52, 34], [68, 34], [76, 46], [44, 46]),
    fine: line([60, 46], [60, 70]) + line([52, 46], [58, 66]),
    edge: line([44, 46], [60, 70], [76, 46])
  }),
  'countersink-stop': bit({
    outline: box(40, 30, 40, 16) + closed([50, 46], [70, 46], [62, 62], [58, 62]),
    fine: line([40, 38], [80, 38]) + ring(72, 34, 2),
    edge: line([36, 46], [84, 46]) + line([60, 62], [60, 76])
  }),
  'plug-cutter': bit({
    outline: closed([48, 34], [72, 34], [72, 60], [48, 60]),
    fine: box(55, 46, 10, 14),
    edge: line([48, 60], [48, 68], [54, 60]) + line([72, 60], [72, 68], [66, 60])
  }),
  'self-centring-bits': bit({
    outline: box(48, 28, 24, 24) + closed([48, 52], [72, 52], [66, 62], [54, 62]),
    fine: wound(60, 28, 52, 24, 4),
    edge: line([54, 62], [66, 62]) + line([60, 62], [60, 72])
  }),
  'impact-bits': {
    outline: [26, 48, 72, 94]
      .map((x) =>
        closed(
          [x - 6, 12],
          [x + 6, 12],
          [x + 6, 26],
          [x + 2, 30],
          [x + 2, 40],
          [x + 6, 44],
          [x + 6, 50],
          [x + 3, 54],
          [x - 3, 54],
          [x - 6, 50],
          [x - 6, 44],
          [x - 2, 40],
          [x - 2, 30],
          [x - 6, 26]
        )
      )
      .join(''),
    fine: [26, 48, 72, 94].map((x) => line([x - 6, 18], [x + 6, 18])).join(''),
    edge:
      line([26, 54], [26, 64]) +
      box(45, 54, 6, 10) +
      closed([68, 54], [76, 54], [72, 66]) +
      ring(94, 59, 5)
  },
  'driver-bits': {
    outline: [26, 48, 72, 94]
      .map((x) =>
        closed([x - 6, 22], [x + 6, 22], [x + 6, 44], [x + 3, 50], [x - 3, 50], [x - 6, 44])
      )
      .join(''),
    fine: [26, 48, 72, 94].map((x) => line([x - 6, 30], [x + 6, 30])).join(''),
    edge:
      line([26, 50], [26, 62]) +
      box(45, 50, 6, 10) +
      closed([68, 50], [76, 50], [72, 62]) +
      ring(94, 55, 5)
  },
  'hex-holder': {
    outline: box(50, 30, 20, 36) + closed([55, 8], [65, 8], [65, 30], [55, 30]),
    fine: line([50, 38], [70, 38]) + line([55, 16], [65, 16]),
    edge: closed([54, 66], [66, 66], [64, 72], [56, 72])
  },
  'dowel-centres': {
    outline: [28, 60, 92].map((x) => box(x - 10, 34, 20, 26) + box(x - 13, 60, 26, 6)).join(''),
    fine: [28, 60, 92].map((x) => line([x - 10, 42], [x + 10, 42])).join(''),
    edge: [28, 60, 92].map((x) => closed([x - 4, 34], [x + 4, 34], [x, 22])).join('')
  },
  'pin-jig': {
    outline: box(10, 30, 100, 22),
    fine: line([10, 52], [110, 52]) + box(10, 58, 100, 12),
    edge: [24, 42, 60, 78, 96].map((x) => ring(x, 41, 4)).join('')
  },
  'sanding-drum': bit({
    outline: box(40, 34, 40, 34),
    fine: line([70, 34], [70, 68]) + ring(60, 30, 4),
    edge: line([40, 34], [40, 68]) + line([80, 34], [80, 68])
  })
}
