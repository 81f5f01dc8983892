/** Where a piece belongs or what it is for: how somebody new looks for one. */
export const OCCASIONS = ['small', 'home', 'kitchen', 'garden', 'children', 'workshop'] as const
export type Occasion = (typeof OCCASIONS)[number]

/** The pieces by place and occasion, the quicker ones first in each. Ids of templates. */
export const piecesBy: Readonly<Record<Occasion, readonly string[]>> = {
  small: [
    'laptop-stand',
    'candle-holders',
    'picture-ledge',
    'picture-frame',
    'carved-bowl',
    'mirror-frame',
    'spoon-set',
    'tea-box',
    'bent-lamp',
    'keepsake-box',
    'chess-board'
  ],
  home: [
    'peg-rail',
    'floating-shelf',
    'fitted-shelf',
    'step-stool',
    'bathroom-shelf',
    'narrow-table',
    'plant-stand',
    'coat-stand',
    'low-bench',
    'headboard',
    'shoe-bench',
    'shoe-rack',
    'coat-bench',
    'bookcase',
    'console-table',
    'wall-panelling',
    'media-stand',
    'bedside-table',
    'blanket-chest',
    'desk',
    'coffee-table',
    'bed-frame',
    'side-table',
    'bookcase-solid',
    'drawer-chest'
  ],
  kitchen: [
    'drawer-organiser',
    'knife-rack',
    'spice-rack',
    'cutting-board',
    'wine-rack',
    'serving-tray',
    'round-table-top',
    'chopping-block',
    'stool',
    'kitchen-chair',
    'wall-cabinet',
    'dining-table'
  ],
  garden: [
    'bird-box',
    'window-box',
    'hive-box',
    'fence-panel',
    'planter',
    'raised-bed',
    'compost-bin',
    'garden-gate',
    'log-store',
    'cold-frame',
    'trellis',
    'shed-door',
    'potting-bench',
    'dog-house',
    'garden-armchair',
    'picnic-table',
    'garden-bench'
  ],
  children: ['puzzle', 'toy-truck', 'children-table', 'toy-shelf', 'toy-box'],
  workshop: ['mallet', 'tool-tote', 'garage-shelves', 'trestle-table', 'base-cabinet', 'shop-drawers']
}
