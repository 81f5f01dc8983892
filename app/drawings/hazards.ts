import {
  bladeBelow,
  box,
  closed,
  line,
  ring,
  roundBlade,
  teeth,
  wound,
  type Drawings
} from './strokes'

type Point = readonly [x: number, y: number]

/** An arrow from one point to another. */
function arrow([x0, y0]: Point, [x1, y1]: Point, head = 6): string {
  const turn = Math.atan2(y1 - y0, x1 - x0)
  const barb = (by: number): Point => [
    x1 - head * Math.cos(turn + by),
    y1 - head * Math.sin(turn + by)
  ]
  return line([x0, y0], [x1, y1]) + line(barb(0.5), [x1, y1], barb(-0.5))
}
/** What is not to be done is crossed out. */
const crossed = (x: number, y: number, r = 8): string =>
  line([x - r, y - r], [x + r, y + r]) + line([x - r, y + r], [x + r, y - r])
const trestle = (x: number, top: number): string =>
  line([x - 6, 74], [x, top], [x + 6, 74]) + line([x - 7, top], [x + 7, top])
/** A hand-held saw from the side: its sole at a height, its handle to the left. */
const saw = (x: number, sole: number): string =>
  line([x - 20, sole], [x + 18, sole]) +
  `M${x - 14} ${sole - 2}a14 14 0 0 1 28 0` +
  `M${x - 14} ${sole - 6}q-14 0-16-12l8-4q2 8 10 8`
/** Somebody from above: head and shoulders. */
const person = (x: number, y: number): string =>
  ring(x, y, 5) + `M${x - 12} ${y + 1}q0-8 8-8M${x + 12} ${y + 1}q0-8-8-8`
/** Somebody from the front, standing on a line. */
const figure = (x: number, head: number, foot: number, r = 4): string =>
  ring(x, head, r) +
  line([x, head + r], [x, (head + foot) / 2 + 3]) +
  line([x - 5, foot], [x, (head + foot) / 2 + 3], [x + 5, foot]) +
  line([x - 6, head + r + 10], [x, head + r + 4], [x + 6, head + r + 10])
/** A turn round a point, with its arrow head to the right (clockwise) or to the left. */
const turning = (x: number, y: number, r: number, clockwise: boolean): string =>
  clockwise
    ? `M${x - r} ${y}a${r} ${r} 0 0 1 ${2 * r} 0` +
      line([x + r - 4, y - 4], [x + r, y], [x + r + 3, y - 5])
    : `M${x + r} ${y}a${r} ${r} 0 0 0 ${-2 * r} 0` +
      line([x - r - 3, y - 5], [x - r, y], [x - r + 4, y - 4])
const specks = (...at: readonly Point[]): string =>
  at.map(([x, y]) => line([x, y], [x + 1.5, y + 1])).join('')

/** What hurts and how to stand: the heavy line is what moves, flies or is to be kept free. */
export const hazardDrawings: Drawings = {
  'other-hand': {
    outline:
      box(6, 56, 108, 8) + box(58, 42, 44, 14) + box(96, 28, 10, 14) + line([101, 16], [101, 28]),
    fine: 'M10 34q10-8 18 0l8 2q4 4-1 7l-13 1q-8-2-12-10z' + 'M22 26q8-6 14 0l6 4q3 4-2 6l-10 0',
    edge: closed([30, 36], [58, 40], [66, 42], [58, 43], [30, 41]) + crossed(82, 24)
  },
  sleeves: {
    outline:
      box(46, 4, 28, 14) +
      box(54, 18, 12, 8) +
      box(24, 56, 72, 10) +
      box(14, 66, 92, 6) +
      box(84, 44, 10, 12),
    fine:
      wound(60, 28, 54, 8, 4) +
      'M12 26q16 0 22 6l8 2q4 4-2 7l-12 0q-8 2-16 1' +
      line([89, 34], [89, 44]),
    edge: turning(60, 40, 14, true) + crossed(24, 32)
  },
  'kickback-hand': {
    outline:
      trestle(14, 44) +
      trestle(106, 44) +
      closed([6, 40], [60, 50], [114, 40], [114, 44], [60, 55], [6, 44]) +
      saw(60, 46),
    fine: line([58, 50], [60, 55], [62, 50]) + bladeBelow(60, 46, 10, 7, 6),
    edge: arrow([42, 34], [16, 12])
  },
  'falling-offcut': {
    outline:
      trestle(18, 48) +
      trestle(54, 48) +
      box(6, 42, 64, 6) +
      saw(62, 40) +
      closed([76, 50], [104, 60], [102, 66], [74, 56]),
    fine: bladeBelow(71, 42, 5, 8, 4),
    edge: arrow([92, 48], [96, 74])
  },
  'kickback-fence': {
    outline:
      box(16, 4, 74, 58) + box(68, 4, 6, 58) + closed([49, 18], [66, 14], [68, 50], [51, 54]),
    fine: person(30, 72) + line([47, 62], [47, 78]) + line([64, 62], [64, 78]),
    edge: line([47, 14], [47, 34]) + arrow([58, 36], [56, 76])
  },
  'push-stick': {
    outline:
      box(4, 52, 112, 6) +
      box(20, 42, 56, 10) +
      closed([104, 14], [112, 18], [84, 44], [76, 42], [78, 38]),
    fine: 'M40 52a16 16 0 0 1 32 0' + `M26 26h34l8 8h-42z` + arrow([112, 36], [92, 47], 4),
    edge: 'M38 52q-8-10-4-22l6 2q-4 10 2 20z'
  },
  'feed-direction': {
    outline: box(22, 16, 76, 50) + box(48, 32, 24, 18),
    fine: turning(12, 74, 6, true) + ring(12, 72, 2),
    edge:
      arrow([34, 73], [86, 73]) +
      arrow([105, 58], [105, 24]) +
      arrow([86, 9], [34, 9]) +
      arrow([15, 24], [15, 56]) +
      arrow([52, 36], [68, 36], 4) +
      arrow([68, 46], [52, 46], 4)
  },
  'climb-cut': {
    outline: box(8, 10, 104, 34) + ring(60, 48, 13) + 'M47 48h-14v6M73 48h14v6',
    fine: turning(60, 48, 7, true) + specks([40, 56], [36, 60], [44, 62]),
    edge: arrow([98, 66], [24, 66]) + crossed(106, 66, 6)
  },
  'knots-short': {
    outline:
      ring(24, 26, 10) +
      ring(96, 26, 10) +
      box(4, 56, 112, 6) +
      closed([48, 40], [74, 50], [70, 58], [44, 48]),
    fine: turning(24, 26, 5, false) + turning(96, 26, 5, false) + ring(58, 49, 3),
    edge: roundBlade(60, 24, 13, 8) + arrow([46, 44], [10, 44])
  },
  jam: {
    outline:
      box(6, 20, 50, 36) +
      box(12, 56, 8, 16) +
      box(42, 56, 8, 16) +
      box(98, 26, 16, 22) +
      ring(106, 34, 1.5) +
      ring(106, 40, 1.5),
    fine:
      closed([22, 34], [40, 28], [42, 34], [24, 40]) +
      line([0, 46], [6, 46]) +
      `M56 40q8 22 16 0t4-3`,
    edge: box(76, 31, 10, 12) + line([86, 34], [92, 34]) + line([86, 40], [92, 40])
  },
  'nail-side': {
    outline:
      box(14, 34, 76, 22) + box(40, 8, 14, 20) + closed([44, 28], [50, 28], [49, 34], [45, 34]),
    fine: 'M16 40q30 8 72 2M16 50q34-8 72-1' + ring(66, 46, 4) + 'M94 70q8-12 18-8v12q-8 4-16 2z',
    edge: 'M47 34v8q2 6 14 10l12 10' + line([68, 61], [73, 62], [72, 57])
  },
  'fine-dust': {
    outline:
      ring(30, 26, 12) +
      'M18 66q0-26 12-28q12 2 12 28' +
      box(88, 8, 26, 34) +
      line([101, 8], [101, 42]),
    fine:
      specks(
        [56, 20],
        [62, 32],
        [70, 16],
        [66, 46],
        [58, 54],
        [76, 38],
        [80, 24],
        [72, 60],
        [84, 52]
      ) +
      'M60 74h40q8 0 8-8' +
      box(50, 66, 10, 10),
    edge: 'M32 24q10 0 12 6q-4 8-12 6z' + arrow([78, 48], [96, 30])
  },
  chips: {
    outline:
      'M70 22q8-4 16 0l3 2 3-2q8-4 16 0l-2 12q-6 5-13 0l-2-5h-4l-2 5q-7 5-13 0z' +
      box(6, 58, 66, 10),
    fine: line([22, 58], [22, 68]) + 'M70 24l-8 4M108 24l6 4',
    edge:
      teeth([10, 44], [40, 58], 5) +
      arrow([40, 48], [58, 30], 5) +
      specks([46, 34], [52, 42], [56, 24], [62, 38]) +
      line([42, 40], [46, 37])
  },
  rags: {
    outline:
      'M8 66q2-14 12-12q2-12 12-8q12-4 14 8q8 2 8 12z' +
      box(78, 42, 30, 28) +
      line([74, 42], [112, 42]),
    fine:
      'M20 40q-4-6 0-10t0-10M32 36q-4-6 0-10t0-10M44 42q-4-6 0-10' +
      line([78, 54], [108, 54]) +
      'M78 14h34M82 14v14h10v-14M98 14v14h10v-14',
    edge: crossed(31, 56, 12) + line([74, 38], [112, 38])
  },
  lifting: {
    outline: closed([34, 18], [86, 18], [86, 62], [34, 62]) + line([4, 74], [116, 74]),
    fine: figure(22, 22, 74) + figure(98, 22, 74),
    edge: line([28, 46], [36, 58]) + line([92, 46], [84, 58]) + arrow([60, 52], [60, 30])
  },
  company: {
    outline:
      box(10, 32, 36, 12) +
      line([16, 44], [16, 70]) +
      line([40, 44], [40, 70]) +
      'M22 32a9 9 0 0 1 18 0',
    fine: figure(88, 36, 70, 3.5) + figure(104, 26, 70) + line([4, 72], [116, 72]),
    edge:
      line([64, 8], [64, 16]) +
      line([64, 24], [64, 32]) +
      line([64, 40], [64, 48]) +
      line([64, 56], [64, 64]) +
      line([64, 70], [64, 76])
  }
}
