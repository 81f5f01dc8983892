import type { Tool } from '../../core/catalogue'
import { advised, byHand, tool } from '../write'

/** Measuring and marking. */
export const measuringTools: readonly Tool[] = [
  tool({
    id: 'tape',
    name: 'Tape measure, 5 m',
    aliases: ['measuring tape', 'tape rule'],
    group: 'measuring',
    roles: ['tape'],
    specs: { lengthMm: 5000, accuracyMm: 0.8 },
    forms: byHand(8)
  }),
  tool({
    id: 'steel-rule',
    name: 'Steel rule, 300 mm',
    aliases: ['ruler', 'engineer rule'],
    group: 'measuring',
    roles: ['rule'],
    specs: { lengthMm: 300, accuracyMm: 0.2 },
    forms: byHand(6)
  }),
  tool({
    id: 'combination-square',
    name: 'Combination square',
    aliases: ['combi square', 'adjustable square'],
    group: 'measuring',
    roles: ['square', 'square-fine'],
    specs: { lengthMm: 300, accuracyMm: 0.3 },
    forms: byHand(22),
    tierPrices: { 'get-by': 0.55, trade: 2.2, lifetime: 4 },
    why: 'Accuracy starts here: check it by flipping it over and drawing the line again.'
  }),
  tool({
    id: 'rafter-square',
    name: 'Rafter square',
    aliases: ['triangle square'],
    group: 'measuring',
    roles: ['square', 'square-coarse', 'short-guide'],
    specs: { lengthMm: 180, accuracyMm: 0.7 },
    forms: byHand(8)
  }),
  tool({
    id: 'sliding-bevel',
    name: 'Sliding bevel',
    aliases: ['bevel gauge', 't-bevel'],
    group: 'measuring',
    roles: ['bevel'],
    forms: byHand(12)
  }),
  tool({
    id: 'marking-gauge',
    name: 'Marking gauge',
    aliases: ['wheel gauge', 'cutting gauge'],
    group: 'measuring',
    roles: ['marking-gauge'],
    specs: { accuracyMm: 0.2 },
    forms: byHand(16)
  }),
  tool({
    id: 'straight-edge',
    name: 'Straight edge, 1 m',
    aliases: ['long rule'],
    group: 'measuring',
    roles: ['straight-edge'],
    specs: { lengthMm: 1000, accuracyMm: 0.3 },
    forms: byHand(18),
    exacting: true
  }),
  tool({
    id: 'try-square',
    name: 'Try square, 230 mm',
    aliases: ['joiner’s square', 'fixed square'],
    group: 'measuring',
    roles: ['square', 'square-fine'],
    specs: { lengthMm: 230, accuracyMm: 0.25 },
    forms: byHand(26),
    tierPrices: { 'get-by': 0.5, trade: 2.2, lifetime: 4 },
    why: 'Has no screw that works loose; test it by flipping it over.'
  }),
  tool({
    id: 'framing-square',
    name: 'Framing square, 600 mm',
    aliases: ['carpenter’s square', 'roofing square', 'large square'],
    group: 'measuring',
    roles: ['square', 'square-large'],
    specs: { lengthMm: 600, accuracyMm: 0.6 },
    forms: byHand(15)
  }),
  tool({
    id: 'calipers',
    name: 'Calipers, 150 mm',
    aliases: ['vernier', 'dial caliper', 'sliding calliper'],
    group: 'measuring',
    roles: ['calipers'],
    specs: { lengthMm: 150, accuracyMm: 0.1 },
    forms: byHand(16),
    why: 'Reads thickness and the width of a groove where a rule cannot.'
  }),
  tool({
    id: 'setup-blocks',
    name: 'Spacers in set thicknesses',
    aliases: ['setup blocks', 'gauge blocks', 'brass bars'],
    group: 'measuring',
    kind: 'accessory',
    roles: [],
    specs: { accuracyMm: 0.05 },
    forms: byHand(14),
    why: 'Sets a blade or a bit to height without reading a scale.'
  }),
  tool({
    id: 'angle-gauge',
    name: 'Digital angle gauge',
    aliases: ['angle finder', 'bevel box', 'inclinometer'],
    group: 'measuring',
    roles: ['angle-gauge'],
    specs: { accuracyMm: 0.2 },
    forms: byHand(15)
  }),
  tool({
    id: 'marking-knife',
    name: 'Marking knife',
    aliases: ['striking knife', 'layout knife'],
    group: 'measuring',
    roles: ['marking-knife'],
    forms: byHand(10),
    hazard: 'sharp-edge',
    why: 'A knife line guides the chisel; a pencil line only shows where.'
  }),
  tool({
    id: 'dovetail-marker',
    name: 'Dovetail marker',
    aliases: ['dovetail template'],
    group: 'measuring',
    roles: ['dovetail-marker'],
    forms: byHand(14)
  }),
  tool({
    id: 'mortise-gauge',
    name: 'Mortise gauge, two pins',
    aliases: ['mortice gauge', 'twin-pin gauge'],
    group: 'measuring',
    roles: ['marking-gauge', 'mortise-gauge'],
    specs: { accuracyMm: 0.2 },
    forms: byHand(26)
  }),
  tool({
    id: 'compass',
    name: 'Pencil compass',
    aliases: ['wing compass', 'dividers'],
    group: 'measuring',
    roles: ['compass'],
    specs: { reachMm: 200 },
    forms: byHand(7)
  }),
  tool({
    id: 'trammel',
    name: 'Trammel points',
    aliases: ['beam compass'],
    group: 'measuring',
    roles: ['compass', 'trammel'],
    specs: { reachMm: 1200 },
    forms: byHand(20)
  }),
  tool({
    id: 'level',
    name: 'Spirit level, 600 mm',
    aliases: ['bubble level'],
    group: 'measuring',
    roles: ['level'],
    specs: { lengthMm: 600 },
    forms: byHand(13)
  }),
  tool({
    id: 'stud-finder',
    name: 'Stud and cable finder',
    aliases: ['stud finder', 'stud sensor', 'wall scanner'],
    group: 'measuring',
    roles: ['stud-finder'],
    forms: byHand(16),
    caution: 'Cables and pipes hide in walls: switch the circuit off where in doubt, and ask a licensed electrician.'
  }),
  tool({
    id: 'moisture-meter',
    name: 'Moisture meter',
    aliases: ['damp meter', 'pin meter'],
    group: 'measuring',
    roles: ['moisture-meter'],
    forms: byHand(20),
    why: 'A cheap one compares boards rather than measures them; dry timber from a yard you trust may replace it.'
  }),
  tool({
    id: 'scales',
    name: 'Small scales',
    aliases: ['kitchen scales'],
    group: 'measuring',
    roles: ['scales'],
    forms: byHand(9),
    why: 'Weigh a piece each week: it is dry when it no longer loses.'
  }),
  tool({
    id: 'flexible-curve',
    name: 'Flexible curve',
    aliases: ['bendable ruler'],
    group: 'measuring',
    roles: ['curve'],
    specs: { lengthMm: 600 },
    forms: byHand(8)
  }),
  tool({
    id: 'profile-gauge',
    name: 'Profile gauge',
    aliases: ['contour gauge'],
    group: 'measuring',
    roles: ['profile-gauge'],
    specs: { lengthMm: 250 },
    forms: byHand(12)
  }),
  tool({
    id: 'long-straight-edge',
    name: 'Aluminium straight edge, 2 m',
    aliases: ['screeding bar', 'long ruler'],
    group: 'measuring',
    roles: ['straight-edge', 'long-edge'],
    specs: { lengthMm: 2000, accuracyMm: 0.5 },
    forms: byHand(24),
    storedM2: 0.02,
    companions: [advised('It is held with clamps when a saw runs along it.', 'f-clamp-300', 'f-clamp-600')]
  }),
  tool({
    id: 'folding-rule',
    name: 'Folding rule, 1 or 2 m',
    aliases: ['zigzag rule', 'carpenter’s rule'],
    group: 'measuring',
    roles: ['folding-rule'],
    specs: { lengthMm: 2000 },
    forms: byHand(9)
  }),
  tool({
    id: 'dividers',
    name: 'Dividers, pair',
    aliases: ['spring dividers'],
    group: 'measuring',
    roles: ['dividers'],
    forms: byHand(13)
  }),
  tool({
    id: 'chalk-line',
    name: 'Chalk line',
    aliases: ['snap line'],
    group: 'measuring',
    roles: ['chalk-line'],
    forms: byHand(9)
  })
]
