import { drawers, pickets, piece, wall } from './shapes'
import { box, closed, line, ring, type Drawings } from './strokes'

/** Pieces for garden and workshop, seen from the front. */
export const outdoorPieces: Drawings = {
  'bird-box': piece(
    closed([36, 30], [60, 10], [84, 30], [84, 70], [36, 70]),
    ring(60, 42, 8) + line([60, 56], [60, 62]),
    line([30, 34], [60, 8], [90, 34])
  ),
  'potting-bench': piece(
    box(14, 38, 92, 6) +
      box(18, 44, 5, 30) +
      box(97, 44, 5, 30) +
      box(18, 10, 84, 8) +
      line([20, 18], [20, 38]) +
      line([100, 18], [100, 38]),
    line([22, 60], [98, 60])
  ),
  'cold-frame': piece(
    closed([12, 46], [40, 22], [108, 22], [108, 72], [12, 72]),
    line([12, 46], [108, 46]) + line([44, 46], [62, 22]) + line([76, 46], [86, 22])
  ),
  'hive-box': piece(
    box(24, 24, 72, 46),
    'M52 42h16' + line([24, 32], [96, 32]) + box(20, 18, 80, 6)
  ),
  'shed-door': piece(
    box(38, 4, 44, 70),
    [48, 56, 64, 72].map((x) => line([x, 4], [x, 74])).join('') + line([38, 62], [82, 16]),
    box(36, 12, 8, 4) + box(36, 60, 8, 4)
  ),
  'garden-bench': piece(
    box(12, 42, 96, 6) + box(14, 14, 5, 60) + box(101, 14, 5, 60) + box(14, 12, 92, 6),
    [32, 48, 64, 80].map((x) => box(x, 18, 6, 24)).join('')
  ),
  planter: piece(
    closed([24, 40], [96, 40], [88, 74], [32, 74]),
    'M40 40q-6-20 4-26M60 40v-30M80 40q6-20-4-26' + line([27, 52], [93, 52])
  ),
  'window-box': piece(
    box(12, 46, 96, 24),
    'M28 46q-4-14 4-18M52 46v-20M76 46q4-14-4-18M94 46v-16',
    wall
  ),
  'compost-bin': piece(
    box(30, 18, 5, 56) + box(85, 18, 5, 56),
    [24, 34, 44, 54, 64].map((y) => box(35, y, 50, 6)).join('')
  ),
  trellis: piece(
    line([30, 8], [30, 74]) + line([90, 8], [90, 74]),
    [20, 36, 52].map((y) => line([30, y], [90, y])).join('') +
      line([50, 8], [50, 70]) +
      line([70, 8], [70, 70])
  ),
  'tool-tote': piece(
    closed([16, 46], [104, 46], [104, 70], [16, 70]) +
      closed([16, 46], [30, 14], [40, 14], [40, 46]) +
      closed([104, 46], [90, 14], [80, 14], [80, 46]),
    '',
    line([24, 20], [96, 20])
  ),
  'base-cabinet': piece(
    box(18, 14, 84, 60) + box(14, 8, 92, 6),
    line([60, 14], [60, 74]) + line([18, 28], [102, 28]) + line([32, 21], [46, 21])
  ),
  'raised-bed': piece(
    box(10, 44, 100, 28),
    line([10, 54], [110, 54]) +
      line([10, 63], [110, 63]) +
      'M30 44q-4-16 2-20M60 44v-22M88 44q4-16-2-20'
  ),
  'trestle-table': piece(
    box(8, 26, 104, 6) +
      closed([26, 32], [32, 32], [20, 74], [14, 74]) +
      closed([26, 32], [32, 32], [44, 74], [38, 74]) +
      closed([88, 32], [94, 32], [82, 74], [76, 74]) +
      closed([88, 32], [94, 32], [106, 74], [100, 74]),
    line([24, 56], [96, 56])
  ),
  'garden-armchair': piece(
    closed([22, 34], [88, 44], [86, 50], [20, 40]) +
      line([30, 38], [26, 74]) +
      line([80, 46], [84, 74]) +
      closed([76, 44], [98, 6], [104, 8], [84, 46]),
    line([24, 24], [84, 28]) + [30, 42, 54].map((x) => line([x, 36], [x, 42])).join('')
  ),
  'garden-gate': piece(
    box(22, 16, 76, 6) + box(22, 58, 76, 6) + pickets(28, 88, 12, 10),
    line([26, 62], [94, 18])
  ),
  'fence-panel': piece(
    pickets(8, 104, 12, 14),
    line([6, 26], [114, 26]) + line([6, 60], [114, 60])
  ),
  'picnic-table': piece(
    box(22, 24, 76, 6) +
      box(4, 48, 24, 6) +
      box(92, 48, 24, 6) +
      line([44, 30], [28, 74]) +
      line([76, 30], [92, 74]),
    line([10, 54], [110, 54])
  ),
  'dog-house': piece(
    closed([26, 36], [60, 12], [94, 36], [94, 74], [26, 74]),
    'M48 74v-18a12 12 0 0 1 24 0v18',
    line([20, 40], [60, 10], [100, 40]) + line([10, 74], [110, 74])
  ),
  'log-store': piece(
    closed([14, 22], [106, 14], [106, 20], [14, 28]) +
      line([20, 28], [20, 74]) +
      line([100, 20], [100, 74]),
    [32, 48, 64, 80].map((x) => ring(x + 2, 64, 7) + ring(x + 10, 50, 7)).join('')
  ),
  'garage-shelves': piece(
    line([16, 6], [16, 74]) + line([104, 6], [104, 74]),
    [18, 40, 62].map((y) => box(16, y, 88, 5)).join('')
  ),
  'shop-drawers': drawers(32, 88, 8, 22, 36, 50)
}
