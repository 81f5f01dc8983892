import { box, closed, line, type Drawings } from './strokes'

/** A number of straight strokes, as a hand would put them beside a cut. */
const tally = (x: number, y: number, count: number): string =>
  Array.from({ length: count }, (_, i) => line([x + i * 3, y], [x + i * 3, y + 6])).join('')

const shown = {
  /** A square against a board, turned over: two lines from one point. */
  square: {
    outline: box(8, 58, 104, 16) + closed([40, 52], [78, 52], [78, 58], [40, 58]),
    fine:
      closed([56, 52], [62, 52], [60, 10], [54, 10]) +
      'M70 30a14 8 0 0 1 14 8' +
      line([84, 38], [80, 34]) +
      line([84, 38], [88, 34]),
    edge: line([59, 58], [51, 6]) + line([59, 58], [67, 6]) + line([51, 6], [67, 6])
  },
  /** A panel with its four sides numbered in the order they are cut, and the strip of the fifth. */
  five: {
    outline: box(20, 14, 56, 52) + closed([88, 14], [93, 14], [96, 66], [88, 66]),
    fine:
      tally(14, 37, 1) +
      tally(46, 6, 2) +
      tally(79, 37, 3) +
      tally(43, 70, 4) +
      line([26, 20], [26, 60]),
    edge: line([86, 11], [95, 11]) + line([86, 69], [98, 69])
  },
  /** A frame of four pieces with its last corner open. */
  eight: {
    outline:
      closed([24, 10], [88, 10], [78, 20], [34, 20]) +
      closed([24, 12], [34, 22], [34, 60], [24, 70]) +
      closed([90, 12], [90, 66], [80, 58], [80, 22]) +
      closed([26, 72], [36, 62], [76, 62], [84, 72]),
    fine: line([40, 26], [74, 26]) + line([40, 56], [74, 56]),
    edge: line([80, 58], [90, 66]) + line([76, 62], [84, 72])
  },
  /** A straight edge laid on, and a feeler where light comes through. */
  flat: {
    outline: `M8 48q52 10 104 0v20h-104z` + box(8, 34, 104, 12),
    fine: line([16, 40], [104, 40]),
    edge: closed([58, 47], [86, 50], [86, 52], [58, 52])
  },
  /** A saw table from above: the slot, the blade, and a stick screwed to the gauge that just touches a tooth. */
  slot: {
    outline: box(14, 6, 92, 68) + box(30, 6, 7, 68) + box(58, 18, 4, 44),
    fine: box(24, 50, 18, 10) + line([33, 50], [33, 60]) + 'M70 30v20M67 46l3 4l3-4',
    edge: line([42, 55], [58, 55])
  },
  /** A bit turned by hand against an edge: how far it comes and goes. */
  runout: {
    outline: closed([44, 6], [68, 6], [64, 26], [48, 26]) + box(16, 66, 88, 8),
    fine: line([53, 26], [53, 62]) + line([59, 26], [59, 62]) + 'M38 16a18 6 0 0 0 36 0',
    edge: line([62, 50], [92, 50]) + line([92, 44], [92, 56])
  },
  /** An edge drawn along twice, turned over between: where it is not straight the lines gape. */
  straight: {
    outline: box(8, 50, 104, 14),
    fine: 'M100 22a10 8 0 0 1 4 16' + line([104, 38], [99, 35]) + line([104, 38], [107, 33]),
    edge: 'M12 40q48-12 96 0M12 40q48 12 96 0'
  }
} satisfies Drawings

/** How checks are made, by check, where a drawing helps: what is compared stands as the edge. */
export const checkDrawings: Drawings = {
  'square-flip': shown.square,
  'straight-flip': shown.straight,
  'saw-square': shown.five,
  'sled-square': shown.five,
  'saw-mitre': shown.eight,
  'blade-slot': shown.slot,
  'table-flat': shown.flat,
  'plane-sole': shown.flat,
  'drill-runout': shown.runout
}
