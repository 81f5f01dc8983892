import { box, closed, line, ring, teeth, type Drawings } from './strokes'

/** A grip as saws of the west have it, at the right of the canvas. */
const GRIP = 'M84 26q14-6 22 4l6 22q-2 10-12 8l-4-8q-8 4-14-4z'
const GRIP_HOLE = 'M92 34q8-3 11 3l3 11q-4 4-8-3l-5-3z'

const backed = (length: number, depth: number, count: number): Drawings[string] => ({
  outline: `${closed([84 - length, 30], [84, 30], [84, 30 + depth], [84 - length, 30 + depth])}${GRIP}`,
  fine: `${box(84 - length, 26, length, 5)}${GRIP_HOLE}`,
  edge: teeth([84, 30 + depth], [84 - length, 30 + depth], count, -3)
})

/** Hand saws: the edge is the row of teeth. */
export const sawDrawings: Drawings = {
  'pull-saw': {
    outline: closed([6, 28], [66, 34], [66, 50], [6, 58]) + 'M66 36l46-2a6 6 0 0 1 0 14l-46-2z',
    fine:
      line([74, 36], [78, 46]) +
      line([82, 36], [86, 46]) +
      line([90, 35], [94, 47]) +
      line([98, 35], [102, 47]),
    edge: teeth([66, 50], [6, 58], 22, -2.5)
  },
  'pull-back-saw': {
    outline: box(6, 34, 60, 22) + 'M66 36l46-2a6 6 0 0 1 0 14l-46-2z',
    fine: box(6, 30, 62, 6) + line([78, 36], [82, 46]) + line([90, 35], [94, 47]),
    edge: teeth([66, 56], [6, 56], 26, -2)
  },
  'panel-saw': {
    outline: closed([6, 48], [6, 42], [84, 24], [88, 58], [84, 60]) + GRIP,
    fine: GRIP_HOLE + ring(86, 34, 1.5),
    edge: teeth([84, 60], [6, 48], 18, -3)
  },
  'rip-saw': {
    outline: closed([4, 50], [4, 42], [84, 22], [88, 62], [84, 64]) + GRIP,
    fine: GRIP_HOLE + ring(86, 34, 1.5),
    edge: teeth([84, 64], [4, 50], 10, -5)
  },
  'back-saw': backed(74, 24, 20),
  'dovetail-saw': backed(56, 15, 20),
  'flush-saw': {
    outline:
      closed([10, 50], [62, 46], [62, 56], [10, 60]) +
      'M62 46l12-14 36-4a5 5 0 0 1 1 11l-34 4-8 12z',
    fine: line([84, 32], [86, 42]) + line([94, 31], [96, 41]) + line([4, 66], [80, 66]),
    edge: teeth([62, 56], [10, 60], 22, -2)
  },
  'coping-saw': {
    outline:
      'M14 62v-40a10 10 0 0 1 10-10h44a10 10 0 0 1 10 10v34M74 56h10l26-3a6 6 0 0 1 0 18l-26-3h-10z',
    fine: ring(14, 62, 3) + line([90, 56], [90, 68]),
    edge: teeth([76, 62], [14, 62], 24, -2)
  },
  'fret-saw': {
    outline: 'M8 66v-48a10 10 0 0 1 10-10h74a10 10 0 0 1 10 10v34',
    fine: 'M102 52h4v18h-10v-18z' + ring(8, 66, 2.5) + line([96, 62], [106, 62]),
    edge: teeth([96, 66], [10, 66], 36, -1.5)
  },
  'turning-saw': {
    outline: 'M16 10v54M104 10v54M16 36h88' + ring(12, 60, 4) + ring(108, 60, 4),
    fine: line([16, 14], [104, 14]) + line([16, 17], [104, 17]) + 'M60 15l-6 21',
    edge: teeth([104, 60], [16, 60], 28, -2)
  },
  'resaw-frame': {
    outline: box(10, 10, 8, 60) + box(102, 10, 8, 60) + box(18, 12, 84, 7) + box(18, 61, 84, 7),
    fine: 'M10 30h-6v20h6M110 30h6v20h-6',
    edge: closed([18, 36], [102, 36], [102, 42], [18, 42]) + teeth([102, 42], [18, 42], 16, -4)
  },
  'keyhole-saw': {
    outline: closed([6, 46], [70, 36], [72, 48], [6, 48]) + 'M70 34l38-6q10 4 4 14l-38 10z',
    fine: line([84, 34], [88, 46]) + line([96, 31], [100, 43]),
    edge: teeth([70, 48], [6, 48], 18, -3)
  },
  hacksaw: {
    outline: 'M12 60v-32a6 6 0 0 1 6-6h62l6 6v36M78 52l30-4q8 8 0 20l-26 2z',
    fine: ring(12, 60, 2.5) + ring(82, 58, 2),
    edge: teeth([80, 60], [14, 60], 30, -1.8)
  },
  'mitre-box': {
    outline:
      closed([14, 34], [94, 34], [94, 68], [14, 68]) +
      closed([14, 34], [26, 24], [106, 24], [94, 34]) +
      closed([94, 34], [106, 24], [106, 58], [94, 68]),
    fine: line([14, 62], [94, 62]) + line([26, 24], [26, 34]),
    edge:
      line([34, 34], [34, 60]) +
      line([46, 24], [34, 34]) +
      line([54, 34], [54, 60]) +
      line([54, 34], [84, 24]) +
      line([76, 34], [76, 60]) +
      line([76, 34], [68, 24])
  }
}
