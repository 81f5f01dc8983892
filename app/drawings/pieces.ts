import { drawers, frame, lid, piece, shelves, table, wall } from './shapes'
import { box, closed, line, ring, type Drawings } from './strokes'

/** Pieces for the house, seen from the front: the edge is the ground or the wall they stand by. */
export const housePieces: Drawings = {
  'tea-box': lid(30, 82, 26),
  'keepsake-box': lid(24, 86, 30),
  'picture-frame': frame(26, 10, 94, 70, 10),
  'mirror-frame': frame(36, 6, 84, 74, 8),
  'cutting-board': piece(
    closed([14, 58], [34, 26], [110, 26], [90, 58]) + box(14, 58, 76, 8),
    ring(96, 32, 3)
  ),
  'chopping-block': piece(
    closed([18, 50], [34, 26], [106, 26], [90, 50]) + box(18, 50, 72, 16),
    line([36, 50], [50, 26]) + line([54, 50], [70, 26]) + line([72, 50], [88, 26])
  ),
  'serving-tray': piece(
    closed([10, 60], [20, 40], [100, 40], [110, 60]) + box(10, 60, 100, 8),
    line([20, 40], [20, 48]) + 'M50 64h20'
  ),
  'spice-rack': shelves(26, 94, 14, 34, 54),
  'knife-rack': piece(
    box(12, 24, 96, 12),
    [28, 48, 68, 88].map((x) => closed([x, 30], [x + 8, 30], [x + 8, 62], [x, 70])).join(''),
    wall
  ),
  'spoon-set': piece(
    'M30 70v-34q-8-12 0-24q8 12 0 24M60 70v-34q-10-12 0-24q10 12 0 24M90 70v-34q-7-12 0-22q7 10 0 22'
  ),
  'carved-bowl': piece('M12 34q48 64 96 0z', 'M24 38q36 40 72 0'),
  'candle-holders': piece(
    box(24, 54, 26, 18) + box(70, 44, 26, 28) + box(33, 28, 8, 26) + box(79, 18, 8, 26),
    'M37 28q-3-6 0-10q3 4 0 10M83 18q-3-6 0-10q3 4 0 10'
  ),
  'bent-lamp': piece(
    'M36 20q24-24 48 0l8 36h-64z' + box(52, 56, 16, 16),
    'M44 22l-6 32M60 12v44M76 22l6 32'
  ),
  puzzle: piece(box(24, 14, 72, 56), 'M60 14v20q8-2 8 6t-8 6v24M24 42h20q-2-8 6-8t6 8h40'),
  mallet: piece(
    closed([34, 8], [86, 8], [82, 38], [38, 38]) + box(55, 38, 10, 36),
    line([40, 18], [80, 18])
  ),
  'peg-rail': piece(
    box(8, 28, 104, 14),
    '',
    wall + [24, 48, 72, 96].map((x) => line([x, 36], [x - 4, 56])).join('')
  ),
  'picture-ledge': piece(
    box(8, 44, 104, 6) + box(8, 36, 4, 8),
    box(24, 16, 26, 28) + box(62, 24, 30, 20),
    wall
  ),
  'coat-bench': piece(
    box(16, 6, 88, 10) + box(16, 46, 88, 6) + box(16, 6, 5, 68) + box(99, 6, 5, 68),
    box(24, 60, 72, 4),
    [34, 60, 86].map((x) => line([x, 14], [x - 3, 24])).join('') + line([10, 74], [110, 74])
  ),
  'toy-shelf': shelves(14, 106, 22, 38, 56),
  'floating-shelf': piece(
    box(14, 36, 92, 9),
    box(28, 18, 8, 18) + box(38, 22, 8, 14) + ring(84, 28, 8),
    wall
  ),
  bookcase: shelves(34, 86, 6, 22, 40, 58),
  'bookcase-solid': shelves(30, 90, 6, 26, 48),
  'shoe-rack': piece(
    box(16, 24, 5, 50) + box(99, 24, 5, 50),
    [34, 40, 58, 64].map((y) => line([16, y], [104, y])).join('')
  ),
  'fitted-shelf': piece(box(14, 30, 92, 8), ring(84, 34, 6) + line([84, 6], [84, 74]), wall),
  'step-stool': piece(
    box(30, 18, 60, 6) +
      box(18, 46, 84, 6) +
      line([36, 24], [34, 74]) +
      line([84, 24], [86, 74]) +
      line([22, 52], [20, 74]) +
      line([98, 52], [100, 74])
  ),
  'low-bench': table(14, 106, 44),
  'plant-stand': piece(
    box(36, 22, 48, 6) + line([42, 28], [36, 74]) + line([78, 28], [84, 74]),
    'M50 22v-10h20v10M60 12q-10-10-4-8M60 12q10-10 4-8' + line([40, 56], [80, 56])
  ),
  'bedside-table': drawers(38, 82, 24, 40),
  'side-table': table(30, 90, 26, box(42, 34, 36, 12)),
  'narrow-table': table(12, 108, 22),
  'coffee-table': table(12, 108, 44, line([18, 64], [102, 64])),
  'dining-table': table(6, 114, 24),
  stool: piece(
    'M38 18h44v6h-44z' + line([42, 24], [34, 74]) + line([78, 24], [86, 74]),
    line([38, 50], [82, 50]) + line([36, 62], [84, 62])
  ),
  'round-table-top': piece('M10 40q50-26 100 0q-50 26-100 0z', 'M10 40v6q50 26 100 0v-6'),
  'blanket-chest': lid(12, 96, 28),
  desk: table(10, 110, 30, box(72, 38, 28, 14)),
  'wall-cabinet': piece(
    box(24, 14, 72, 52),
    line([60, 14], [60, 66]) + ring(54, 42, 2) + ring(66, 42, 2),
    wall
  ),
  'toy-box': lid(18, 90, 34),
  'drawer-chest': drawers(28, 92, 8, 22, 36, 54),
  'bed-frame': piece(
    box(10, 52, 100, 10) + box(10, 26, 6, 48) + box(104, 44, 6, 30) + box(16, 30, 4, 22),
    line([16, 46], [104, 46])
  ),
  headboard: piece(
    box(14, 14, 92, 42) + box(14, 14, 8, 60) + box(98, 14, 8, 60),
    [40, 60, 80].map((x) => line([x, 14], [x, 56])).join('')
  ),
  'console-table': table(10, 110, 20, line([16, 60], [104, 60])),
  'media-stand': piece(
    box(8, 36, 104, 30) + box(14, 66, 6, 8) + box(100, 66, 6, 8),
    line([44, 36], [44, 66]) + line([76, 36], [76, 66])
  ),
  'kitchen-chair': piece(
    box(40, 42, 40, 6) + box(40, 6, 5, 68) + box(75, 48, 5, 26),
    line([45, 12], [50, 12]) + line([45, 62], [75, 62]) + box(45, 10, 4, 24)
  ),
  'children-table': table(26, 94, 46),
  'wall-panelling': piece(
    box(8, 26, 104, 48) + box(8, 22, 104, 4),
    [26, 52, 78].map((x) => box(x - 10, 34, 20, 32)).join('')
  ),
  'bathroom-shelf': piece(
    box(22, 28, 76, 6) + box(22, 54, 76, 6) + line([26, 34], [26, 54]) + line([94, 34], [94, 54]),
    box(36, 16, 8, 12) + box(60, 42, 10, 12),
    wall
  ),
  'wine-rack': piece(
    box(24, 14, 72, 60),
    [30, 54, 78].map((x) => [26, 44, 62].map((y) => ring(x + 6, y, 6)).join('')).join('')
  ),
  'laptop-stand': piece(
    closed([20, 64], [28, 64], [60, 40], [100, 22], [96, 16], [20, 56]),
    line([36, 64], [84, 64])
  ),
  'chess-board': piece(
    closed([16, 62], [36, 22], [104, 22], [84, 62]),
    line([33, 62], [53, 22]) +
      line([50, 62], [70, 22]) +
      line([67, 62], [87, 22]) +
      line([21, 52], [89, 52]) +
      line([26, 42], [94, 42]) +
      line([31, 32], [99, 32])
  ),
  'drawer-organiser': piece(
    box(14, 26, 92, 40),
    line([44, 26], [44, 66]) + line([74, 26], [74, 66]) + line([44, 46], [74, 46])
  ),
  'toy-truck': piece(
    box(16, 34, 56, 24) + box(72, 24, 26, 34),
    box(78, 30, 12, 12),
    ring(34, 64, 9) + ring(84, 64, 9)
  ),
  'coat-stand': piece(
    line([60, 6], [60, 66]) + line([60, 62], [40, 74]) + line([60, 62], [80, 74]),
    '',
    line([60, 14], [46, 8]) +
      line([60, 14], [74, 8]) +
      line([60, 26], [46, 20]) +
      line([60, 26], [74, 20])
  ),
  'shoe-bench': piece(
    box(14, 30, 92, 7) + box(14, 37, 6, 37) + box(100, 37, 6, 37),
    line([20, 56], [100, 56]) + line([60, 37], [60, 74])
  )
}
