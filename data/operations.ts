import type { Operation } from '../core/catalogue'

/** Operations in working order: measure, cut, mill, bore, join, hold, shape, smooth, finish. */
export const operations: readonly Operation[] = [
  { id: 'measure', name: 'Measure', unit: 'piece', order: 10 },
  { id: 'mark-square', name: 'Mark square', unit: 'piece', order: 20 },
  { id: 'mark-angle', name: 'Mark angles', unit: 'piece', order: 30 },
  { id: 'support-sheet', name: 'Support the work', unit: 'batch', order: 40 },
  { id: 'break-down-sheet', name: 'Break down sheets', unit: 'cut', order: 50 },
  { id: 'crosscut', name: 'Cut to length', unit: 'piece', order: 60 },
  { id: 'rip', name: 'Rip to width', unit: 'metre', order: 70 },
  { id: 'cut-curve', name: 'Cut curves', unit: 'metre', order: 80 },
  { id: 'cut-inside', name: 'Cut out inside', unit: 'metre', order: 90 },
  { id: 'flatten', name: 'Flatten a face', unit: 'm2', order: 100 },
  { id: 'thickness', name: 'Bring to thickness', unit: 'm2', order: 110 },
  { id: 'straighten-edge', name: 'Straighten edges', unit: 'metre', order: 120 },
  { id: 'bore', name: 'Bore', unit: 'hole', order: 130 },
  { id: 'bore-square', name: 'Bore square', unit: 'hole', order: 140 },
  { id: 'cut-dado', name: 'Cut grooves', unit: 'metre', order: 150 },
  { id: 'cut-box-joint', name: 'Box joint', unit: 'joint', order: 160 },
  { id: 'cut-mortise', name: 'Mortise and tenon', unit: 'joint', order: 170 },
  { id: 'join-dowel', name: 'Dowel joint', unit: 'joint', order: 180 },
  { id: 'join-pocket', name: 'Pocket joint', unit: 'joint', order: 190 },
  { id: 'pare', name: 'Pare to fit', unit: 'joint', order: 200 },
  { id: 'glue-up-panel', name: 'Glue up panels', unit: 'panel', order: 210 },
  { id: 'glue-up-case', name: 'Glue up cases', unit: 'case', order: 220 },
  { id: 'drive', name: 'Drive screws', unit: 'screw', order: 230 },
  { id: 'tack', name: 'Nail and tack', unit: 'piece', order: 240 },
  { id: 'profile-edge', name: 'Shape edges', unit: 'metre', order: 250 },
  { id: 'sand-flat', name: 'Sand flat', unit: 'm2', order: 260 },
  { id: 'smooth', name: 'Smooth by blade', unit: 'm2', order: 270 },
  { id: 'sharpen', name: 'Sharpen', unit: 'edge', order: 280 },
  { id: 'finish', name: 'Oil, varnish, paint', unit: 'm2', order: 290 }
]
