import { plank, top } from './stock'
import { box, closed, line, ring, wound, type Drawing, type Drawings } from './strokes'

/** What is done to a plank: the edge is the cut, the mark or the place worked. */
const on = (edge: string, fine = ''): Drawing => ({ outline: plank(), fine, edge })
const dot = (along: number, across: number, r = 3): string => {
  const [x, y] = top(along, across)
  return `M${x - r} ${y}a${r} ${r / 2} 0 1 0 ${2 * r} 0a${r} ${r / 2} 0 1 0 ${-2 * r} 0`
}
/** A line across the plank and down its front. */
const across = (along: number): string => line(top(along, 1), top(along, 0), [12 + 80 * along, 58])
const wave = (y: number): string => `M12 ${y}q10-5 20 0t20 0 20 0 20 0`

export const cuttingDrawings: Drawings = {
  'check-moisture': on(line([52, 8], [52, 34]) + line([60, 8], [60, 34]), box(46, 2, 20, 8)),
  measure: on(line([12, 66], [92, 66]) + line([12, 62], [12, 70]) + line([92, 62], [92, 70])),
  'mark-square': on(across(0.55), closed([50, 40], [66, 40], [66, 46], [56, 46])),
  'mark-angle': on(line(top(0.65, 1), top(0.4, 0))),
  'gauge-lines': on(line(top(0, 0.35), top(1, 0.35)), line(top(0.3, 0.35), [42, 18])),
  'lay-out-curve': on('M20 38q40-22 84-8', ring(60, 12, 2)),
  hold: {
    outline: plank() + box(4, 62, 112, 6),
    fine: '',
    edge: 'M52 8h16v10h-6v10h-4v-10h-6z' + line([52, 32], [68, 32])
  },
  'support-sheet': {
    outline: closed([6, 34], [28, 18], [114, 18], [92, 34]) + box(6, 34, 86, 4),
    fine:
      line([26, 42], [20, 74]) +
      line([36, 42], [42, 74]) +
      line([68, 42], [62, 74]) +
      line([78, 42], [84, 74]),
    edge: line([18, 40], [44, 40]) + line([60, 40], [86, 40])
  },
  'break-down-sheet': {
    outline: closed([6, 58], [34, 18], [114, 18], [86, 58]) + box(6, 58, 80, 4),
    fine: '',
    edge: line([74, 18], [46, 58], [46, 62])
  },
  crosscut: on(across(0.65)),
  'crosscut-angle': on(line(top(0.75, 1), top(0.5, 0), [52, 58])),
  'shoot-end': on(closed([92, 44], [112, 24], [112, 38], [92, 58]), 'M100 60l8-8'),
  'shoot-mitre': {
    outline: closed([12, 44], [32, 24], [96, 24], [76, 44]) + box(12, 44, 64, 14),
    fine: '',
    edge: closed([76, 44], [112, 24], [112, 38], [76, 58])
  },
  rip: on(line(top(0, 0.55), top(1, 0.55), [103, 47])),
  'bevel-rip': on(line(top(0, 0.45), top(1, 0.45), [106, 44])),
  taper: on(line(top(0, 0.05), top(1, 0.7))),
  resaw: on(line([12, 51], [92, 51], [112, 31])),
  'cut-curve': on('M30 44q8-22 32-8t40-12'),
  'cut-inside': on(
    closed(top(0.3, 0.25), top(0.3, 0.75), top(0.7, 0.75), top(0.7, 0.25)),
    dot(0.34, 0.4)
  ),
  flatten: {
    outline: plank(),
    fine: 'M12 40q20-10 40 0t40 0',
    edge: closed(top(0, 0), top(0, 1), top(1, 1), top(1, 0))
  },
  thickness: on(
    line([102, 52], [102, 66]) + line([4, 44], [10, 44]) + line([4, 58], [10, 58]),
    line([7, 30], [7, 44]) + line([7, 58], [7, 72])
  ),
  'prepare-boards': {
    outline: box(12, 50, 84, 10) + box(18, 36, 84, 10) + box(24, 22, 84, 10),
    fine: '',
    edge: line([12, 60], [96, 60]) + line([18, 46], [102, 46]) + line([24, 32], [108, 32])
  },
  'straighten-edge': on(box(12, 44, 80, 14), wave(66)),
  'shape-round': {
    outline: 'M16 34h80q8 9 0 18h-80q-8-9 0-18z',
    fine: line([20, 38], [92, 38]),
    edge: 'M96 34q-8 9 0 18q8-9 0-18z'
  },
  turn: {
    outline: 'M10 32h14v20h-14zM96 32h14v20h-14z',
    fine: line([2, 42], [10, 42]) + line([110, 42], [118, 42]),
    edge: 'M24 32q6 8 14 4t16-8 18 6 24-2v20q-12 0-24-2t-18 6-16-8-14 4z'
  },
  carve: on('M30 38q8-10 16 0M46 34q8-10 16 0M62 38q8-10 16 0M78 32q6-8 12 0'),
  bore: on(dot(0.5, 0.5, 5) + line([62, 4], [62, 30]), wound(62, 8, 28, 8, 3)),
  'bore-square': on(
    dot(0.5, 0.5, 5) + line([62, 4], [62, 34]) + line([62, 26], [70, 26], [70, 34])
  ),
  'bore-large': on(dot(0.5, 0.5, 14), dot(0.5, 0.5, 10)),
  'bore-row': on([0.15, 0.32, 0.49, 0.66, 0.83].map((u) => dot(u, 0.5, 3)).join('')),
  'cut-dado': on(line(top(0.45, 1), top(0.45, 0), [48, 51], [60, 51], [60, 44], top(0.6, 1))),
  'groove-edge': on(line(top(0, 0.4), top(1, 0.4), [100, 43], [104, 39], top(1, 0.6), top(0, 0.6))),
  'cut-rebate': {
    outline:
      closed([12, 50], [12, 36], [26, 24], [106, 24], [92, 36], [12, 36]) +
      line([92, 36], [92, 58]) +
      box(12, 50, 80, 8) +
      line([106, 24], [112, 24], [112, 38], [92, 58]),
    fine: '',
    edge: line([12, 44], [92, 44]) + line([12, 50], [92, 50])
  },
  drive: on(line([62, 14], [62, 36]) + line([56, 14], [68, 14]), wound(62, 20, 34, 6, 3)),
  countersink: on(dot(0.5, 0.5, 7), dot(0.5, 0.5, 3)),
  plug: on('M56 20v14a6 3 0 0 0 12 0v-14' + 'M56 20a6 3 0 1 0 12 0a6 3 0 1 0-12 0'),
  tack: on(
    [44, 62, 80].map((x) => line([x, 16], [x, 34]) + line([x - 3, 16], [x + 3, 16])).join('')
  ),
  'profile-edge': on('M12 44q2 12 12 14h68q10-6 20-20'),
  'dress-edge': {
    outline: closed([6, 50], [34, 20], [114, 20], [86, 50]) + box(6, 50, 80, 6),
    fine: wave(66),
    edge: line([6, 50], [86, 50], [114, 20])
  },
  'band-edge': {
    outline: closed([6, 44], [34, 16], [114, 16], [86, 44]),
    fine: line([6, 54], [4, 64]),
    edge: box(6, 44, 80, 10)
  },
  'trim-flush': {
    outline: box(20, 40, 80, 22),
    fine: '',
    edge: box(20, 32, 96, 8) + line([100, 28], [100, 44])
  },
  fill: on(dot(0.35, 0.5, 4) + dot(0.65, 0.5, 4), closed([70, 8], [96, 4], [100, 14], [74, 30])),
  'sand-flat': on(box(44, 18, 40, 12) + line([44, 34], [84, 34]), 'M30 36h8M92 36h8'),
  'sand-curve': {
    outline: 'M10 66q50-70 100 0z',
    fine: '',
    edge: 'M34 30q24-22 52 0l-6 8q-20-18-40 0z'
  },
  smooth: on('M20 34q20-16 30-4t-14 4M58 34q16-14 26-4t-12 4'),
  'make-smooth': on(
    closed(top(0, 0), top(0, 1), top(1, 1), top(1, 0)),
    line(top(0.2, 0.5), top(0.8, 0.5))
  ),
  sharpen: {
    outline: box(14, 54, 92, 14),
    fine: closed([40, 54], [84, 14], [94, 20], [52, 54]),
    edge: line([36, 54], [56, 54])
  },
  finish: on('M24 38h30M36 32h36M52 36h40', closed([80, 4], [92, 8], [84, 26], [74, 22])),
  stain: on(
    closed(top(0, 0), top(0, 1), top(0.55, 1), top(0.4, 0)),
    line(top(0.1, 0.2), top(0.3, 0.9)) + line(top(0.25, 0.1), top(0.45, 0.9))
  ),
  'clear-up': {
    outline: line([88, 6], [48, 46]) + closed([38, 40], [56, 56], [46, 66], [28, 48]),
    fine: [16, 26, 36].map((x, index) => `M${x} ${72 - index * 2}q4-4 6 0`).join(''),
    edge: line([28, 48], [14, 58]) + line([46, 66], [34, 76])
  },
  'keep-shop': {
    outline: box(14, 12, 92, 50),
    fine: line([14, 62], [14, 74]) + line([106, 62], [106, 74]),
    edge:
      line([32, 18], [32, 40]) +
      box(52, 18, 10, 26) +
      closed([78, 18], [94, 18], [90, 40], [82, 40])
  },
  veneer: { outline: plank(), fine: '', edge: closed([20, 22], [40, 6], [116, 6], [98, 22]) },
  trial: {
    outline: plank(10),
    fine: line([12, 64], [50, 64]),
    edge: across(0.5) + 'M76 66l6 6 14-14'
  }
}
