import type { Tool } from '../../core/catalogue'
import { advised, byHand, needed, tool } from '../write'

const stone = needed(
  'An edge tool is only as good as its edge, and it dulls within an evening.',
  'sharpening-stone',
  'diamond-plates'
)

/** Measuring, saws, planes, chisels, striking, sharpening. Prices in index points, weekend tier; common practice. */
export const handTools: readonly Tool[] = [
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
    aliases: ['roofing square', 'triangle square'],
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
    forms: byHand(18)
  }),

  tool({
    id: 'pull-saw',
    name: 'Pull saw, two-sided, 240 mm',
    aliases: ['ryoba', 'japanese saw'],
    group: 'saws',
    roles: ['pull-saw'],
    specs: { bladeMm: 240, depthMm: 90 },
    forms: byHand(24),
    lifeHours: { getBy: 30, weekend: 70, trade: 90 },
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'panel-saw',
    name: 'Hand saw, 500 mm',
    aliases: ['western saw', 'push saw', 'carpenter saw'],
    group: 'saws',
    roles: ['panel-saw'],
    specs: { bladeMm: 500, depthMm: 400 },
    forms: byHand(16),
    lifeHours: { getBy: 30, weekend: 60, trade: 200 },
    storedM2: 0.03,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'back-saw',
    name: 'Back saw',
    aliases: ['tenon saw', 'dovetail saw', 'carcass saw'],
    group: 'saws',
    roles: ['back-saw'],
    specs: { bladeMm: 300, depthMm: 75 },
    forms: byHand(30),
    tierPrices: { 'get-by': 0.5, trade: 2.4, lifetime: 5 },
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'coping-saw',
    name: 'Coping saw',
    aliases: ['fret saw'],
    group: 'saws',
    roles: ['coping-saw'],
    specs: { throatMm: 120 },
    forms: byHand(10),
    storedM2: 0.01,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'mitre-box',
    name: 'Mitre box with saw',
    aliases: ['miter box', 'mitre block'],
    group: 'saws',
    roles: ['mitre-box'],
    specs: { widthMm: 120, depthMm: 60 },
    forms: byHand(22),
    storedM2: 0.06,
    hazard: 'sharp-edge'
  }),

  tool({
    id: 'jack-plane',
    name: 'Jack plane',
    aliases: ['no. 5 plane', 'bench plane'],
    group: 'planes',
    roles: ['jack-plane'],
    specs: { bladeMm: 50 },
    forms: byHand(75),
    tierPrices: { 'get-by': 0.3, trade: 2, lifetime: 3 },
    storedM2: 0.03,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'smoothing-plane',
    name: 'Smoothing plane',
    aliases: ['no. 4 plane'],
    group: 'planes',
    roles: ['smoothing-plane'],
    specs: { bladeMm: 50 },
    forms: byHand(65),
    tierPrices: { 'get-by': 0.3, trade: 2, lifetime: 3 },
    storedM2: 0.03,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'block-plane',
    name: 'Block plane',
    aliases: ['apron plane'],
    group: 'planes',
    roles: ['block-plane'],
    specs: { bladeMm: 35 },
    forms: byHand(38),
    tierPrices: { 'get-by': 0.4, trade: 2, lifetime: 3 },
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'scraper',
    name: 'Card scraper',
    aliases: ['cabinet scraper'],
    group: 'planes',
    roles: ['scraper'],
    forms: byHand(8),
    hazard: 'sharp-edge',
    companions: [advised('A scraper cuts with a burr that has to be turned.', 'burnisher')]
  }),

  tool({
    id: 'chisels',
    name: 'Chisels, set of four',
    aliases: ['bench chisels', 'bevel-edge chisels'],
    group: 'chisels',
    roles: ['chisels'],
    specs: { bladeMm: 25 },
    forms: byHand(38),
    tierPrices: { 'get-by': 0.5, trade: 2.1, lifetime: 4 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone, needed('Chisels are struck with wood or plastic, not a steel hammer.', 'mallet', 'dead-blow')],
    why: 'Three do most work: one narrow, one of about 20, one of about 35 mm.'
  }),
  tool({
    id: 'mallet',
    name: 'Mallet',
    aliases: ['wooden hammer', 'joiner mallet'],
    group: 'striking',
    roles: ['mallet'],
    forms: byHand(12)
  }),
  tool({
    id: 'hammer',
    name: 'Hammer, 300 g',
    aliases: ['bench hammer', 'claw hammer'],
    group: 'striking',
    roles: ['hammer'],
    forms: byHand(12),
    companions: [advised('Sinks a nail without bruising the wood.', 'nail-set')]
  }),
  tool({
    id: 'sharpening-stone',
    name: 'Sharpening stone and flattener',
    aliases: ['waterstone', 'oilstone', 'diamond plate'],
    group: 'sharpening',
    roles: ['sharpening-surface'],
    forms: byHand(45),
    lifeHours: { getBy: 100, weekend: 200, trade: 300 },
    storedM2: 0.02
  }),
  tool({
    id: 'brace',
    name: 'Hand brace and bits',
    aliases: ['bit brace', 'auger'],
    group: 'drilling',
    roles: ['brace'],
    forms: byHand(40),
    storedM2: 0.03
  }),
  tool({
    id: 'screwdrivers',
    name: 'Screwdrivers, set',
    aliases: ['hand drivers'],
    group: 'drilling',
    roles: ['screwdriver'],
    forms: byHand(12)
  }),

  tool({
    id: 'sanding-block',
    name: 'Sanding block and paper',
    aliases: ['cork block', 'abrasive paper'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['sanding-block'],
    forms: byHand(7),
    lifeHours: { getBy: 10, weekend: 20, trade: 30 },
    companions: [advised('Fine dust harms lungs, by hand as well.', 'half-mask')]
  }),
  tool({
    id: 'finishing-kit',
    name: 'Cloths, brushes, gloves',
    aliases: ['finishing supplies', 'brush'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['finishing-kit'],
    forms: byHand(8),
    caution: 'Spread oily cloths flat to dry outdoors: folded, they can catch fire by themselves.'
  })
]
