import { box, closed, line, ring, type Drawing, type Drawings } from './strokes'

/** Two boards meeting at a corner, seen from the front. */
const corner = (edge: string, fine = ''): Drawing => ({
  outline: box(24, 14, 14, 58) + box(38, 14, 62, 14),
  fine,
  edge
})
const tee = (edge: string, fine = ''): Drawing => ({
  outline: box(22, 8, 14, 66) + box(36, 34, 70, 14),
  fine,
  edge
})
const frame = (edge: string, fine = ''): Drawing => ({
  outline: box(22, 10, 76, 60) + box(34, 22, 52, 36),
  fine: `${line([22, 22], [34, 22])}${line([86, 22], [98, 22])}${line([22, 58], [34, 58])}${line([86, 58], [98, 58])}${fine}`,
  edge
})

/** What is joined, glued and fitted. */
export const joiningDrawings: Drawings = {
  'cut-half-lap': {
    outline: box(10, 32, 38, 16) + box(72, 32, 38, 16) + box(52, 6, 16, 26) + box(52, 48, 16, 26),
    fine: '',
    edge: box(48, 32, 24, 16)
  },
  'cut-box-joint': {
    outline: box(10, 20, 44, 44) + box(76, 20, 34, 44),
    fine: '',
    edge: line(
      [54, 20],
      [66, 20],
      [66, 29],
      [54, 29],
      [54, 38],
      [66, 38],
      [66, 47],
      [54, 47],
      [54, 56],
      [66, 56],
      [66, 64]
    )
  },
  'cut-dovetail': {
    outline: box(10, 18, 44, 46) + box(78, 18, 32, 46),
    fine: line([54, 18], [54, 64]),
    edge:
      line([54, 22], [72, 18], [72, 36], [54, 32]) + line([54, 50], [72, 46], [72, 64], [54, 60])
  },
  'cut-mortise': {
    outline: box(12, 8, 20, 66) + box(62, 28, 50, 26),
    fine: '',
    edge: box(18, 32, 8, 18) + box(44, 32, 18, 18)
  },
  'join-loose-tenon': {
    outline: box(8, 22, 36, 36) + box(76, 22, 36, 36),
    fine: 'M36 34h8v12h-8zM76 34h8v12h-8z',
    edge: 'M50 34h20q4 6 0 12h-20q-4-6 0-12z'
  },
  'join-dowel': {
    outline: box(8, 20, 36, 40) + box(76, 20, 36, 40),
    fine: ring(40, 30, 2) + ring(40, 50, 2),
    edge: box(48, 27, 24, 6) + box(48, 47, 24, 6)
  },
  'join-biscuit': {
    outline: box(8, 20, 38, 40) + box(74, 20, 38, 40),
    fine: line([46, 34], [40, 40], [46, 46]),
    edge: 'M48 40q12-18 24 0q-12 18-24 0z'
  },
  'join-pocket': tee(
    line([86, 34], [44, 42]) + closed([80, 34], [92, 34], [84, 40], [78, 38]),
    line([44, 42], [28, 44])
  ),
  'key-mitre': {
    outline: closed([14, 70], [60, 24], [106, 70], [90, 70], [60, 40], [30, 70]),
    fine: line([60, 24], [60, 40]),
    edge: closed([44, 30], [76, 30], [72, 36], [48, 36])
  },
  'join-case': corner(line([38, 14], [38, 28]), ring(31, 21, 2) + line([31, 21], [54, 21])),
  'join-shelf': tee(line([30, 34], [36, 34]) + line([30, 48], [36, 48]) + line([30, 34], [30, 48])),
  'join-box': corner(
    line([24, 18], [38, 18]) + line([24, 23], [38, 23]) + line([31, 14], [31, 28])
  ),
  'join-frame': frame(
    line([34, 22], [22, 10]) +
      line([86, 22], [98, 10]) +
      line([34, 58], [22, 70]) +
      line([86, 58], [98, 70])
  ),
  'join-legs': {
    outline: box(20, 16, 12, 58) + box(88, 16, 12, 58) + box(32, 20, 56, 14),
    fine: line([10, 12], [110, 12]),
    edge: line([32, 20], [32, 34]) + line([88, 20], [88, 34])
  },
  'join-seat': {
    outline:
      closed([24, 18], [96, 18], [100, 26], [20, 26]) +
      line([32, 26], [24, 74]) +
      line([40, 26], [34, 74]) +
      line([80, 26], [86, 74]) +
      line([88, 26], [96, 74]),
    fine: box(34, 52, 52, 8),
    edge:
      line([32, 26], [40, 26]) +
      line([80, 26], [88, 26]) +
      line([34, 52], [34, 60]) +
      line([86, 52], [86, 60])
  },
  recess: frame(box(30, 18, 60, 44)),
  pare: {
    outline: box(10, 46, 70, 22),
    fine: 'M74 34l36-20 4 6-36 20',
    edge: closed([50, 46], [76, 32], [80, 38], [60, 46])
  },
  'cut-hinge': {
    outline: box(10, 28, 100, 30),
    fine: [44, 60, 76].map((x) => ring(x, 40, 2)).join(''),
    edge: closed([36, 28], [84, 28], [84, 48], [36, 48])
  },
  'glue-up-panel': {
    outline: box(14, 24, 92, 12) + box(14, 36, 92, 12) + box(14, 48, 92, 12),
    fine: line([34, 12], [34, 72]) + line([86, 12], [86, 72]),
    edge:
      line([28, 12], [40, 12]) +
      line([28, 72], [40, 72]) +
      line([80, 12], [92, 12]) +
      line([80, 72], [92, 72])
  },
  'flatten-panel': {
    outline: box(14, 20, 92, 14) + box(14, 34, 92, 14) + box(14, 48, 92, 14),
    fine: '',
    edge: line([20, 58], [40, 24]) + line([46, 58], [66, 24]) + line([72, 58], [92, 24])
  },
  'glue-up-block': {
    outline: box(16, 24, 80, 10) + box(16, 34, 80, 10) + box(16, 44, 80, 10),
    fine: '',
    edge:
      line([56, 6], [56, 20]) +
      line([50, 14], [56, 20], [62, 14]) +
      line([56, 74], [56, 58]) +
      line([50, 64], [56, 58], [62, 64])
  },
  bend: {
    outline: 'M8 66q52-70 104 0h-10q-42-54-84 0z',
    fine: 'M13 66q47-62 94 0',
    edge: 'M8 66q52-70 104 0'
  },
  'glue-up-frame': frame(
    line([8, 40], [20, 40]) +
      line([14, 34], [20, 40], [14, 46]) +
      line([112, 40], [100, 40]) +
      line([106, 34], [100, 40], [106, 46])
  ),
  'glue-up-case': {
    outline:
      closed([20, 24], [40, 10], [100, 10], [80, 24]) +
      box(20, 24, 60, 46) +
      closed([80, 24], [100, 10], [100, 56], [80, 70]),
    fine: box(26, 30, 48, 34),
    edge:
      line([6, 46], [18, 46]) +
      line([12, 40], [18, 46], [12, 52]) +
      line([114, 40], [102, 40]) +
      line([108, 34], [102, 40], [108, 46])
  },
  'check-square': frame(line([34, 22], [86, 58]) + line([86, 22], [34, 58])),
  'fit-back': {
    outline: box(24, 12, 72, 58),
    fine: box(32, 20, 56, 42),
    edge:
      [34, 60, 86].map((x) => ring(x, 16, 1.5) + ring(x, 66, 1.5)).join('') +
      [30, 50].map((y) => ring(28, y, 1.5) + ring(92, y, 1.5)).join('')
  },
  hang: {
    outline: box(18, 42, 74, 30) + closed([18, 42], [28, 10], [102, 10], [92, 42]),
    fine: '',
    edge: box(28, 40, 12, 5) + box(72, 40, 12, 5)
  },
  'fit-hardware': {
    outline: box(28, 8, 58, 66),
    fine: '',
    edge: box(26, 18, 6, 12) + box(26, 52, 6, 12) + 'M70 36q10 0 10 6t-10 6'
  },
  'fix-to-wall': {
    outline: line([18, 6], [18, 74]) + box(44, 26, 56, 28),
    fine: [14, 30, 46, 62].map((y) => line([18, y], [8, y + 8])).join(''),
    edge: line([76, 40], [6, 40]) + line([76, 35], [76, 45])
  },
  'dry-fit': {
    outline: box(8, 24, 40, 34) + box(72, 24, 40, 34),
    fine: line([54, 30], [66, 30]) + line([54, 52], [66, 52]),
    edge: line([52, 41], [68, 41]) + line([62, 36], [68, 41], [62, 46])
  },
  'fit-drawer': {
    outline: box(14, 10, 62, 60) + line([14, 40], [76, 40]),
    fine: box(20, 46, 50, 20),
    edge: closed([20, 16], [70, 16], [102, 26], [102, 46], [52, 46], [20, 34]) + ring(78, 36, 2)
  }
}
