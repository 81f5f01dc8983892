/**
 * Things people often have already, the most common ones first. Ids of tools; common practice. Somebody new is asked about the first
 * ones, the Kit asks about all.
 */
export const usual: readonly string[] = [
  'tape',
  'rafter-square',
  'combination-square',
  'hammer',
  'screwdrivers',
  'panel-saw',
  'pull-saw',
  'sanding-block',
  'finishing-kit',
  'drill-driver',
  'drill-bits',
  'driver-bits',
  'jigsaw',
  'circular-saw',
  'f-clamp-600',
  'sawhorses',
  'safety-glasses',
  'ear-muffs',
  'dust-masks',
  'chisels',
  'mallet',
  'sharpening-stone',
  'steel-rule',
  'level',
  'utility-knife',
  'pincers',
  'wrench',
  'awl',
  'palm-sander',
  'putty-knife',
  'f-clamp-300',
  'spring-clamps',
  'fold-bench',
  'iron',
  'broom',
  'vacuum',
  'extension-cord',
  'work-light',
  'first-aid-kit',
  'tool-chest'
]
/** How many of them somebody new is asked about. */
export const USUAL_ASKED = 22
/** What nearly every household has: one press at the start. */
export const basics: readonly string[] = ['tape', 'hammer', 'screwdrivers', 'sanding-block', 'finishing-kit']

/** Pieces somebody new is asked about first, of all kinds and each a few evenings' work; the others are one press away. Ids of templates. */
export const firstPieces: readonly string[] = [
  'bird-box',
  'step-stool',
  'potting-bench',
  'tool-tote',
  'peg-rail',
  'cold-frame',
  'blanket-chest',
  'hive-box',
  'picture-ledge',
  'tea-box',
  'low-bench',
  'plant-stand',
  'shed-door',
  'coat-bench',
  'toy-shelf',
  'garage-shelves'
]
