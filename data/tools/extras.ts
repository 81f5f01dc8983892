import { advised, byHand, cordless, corded, needed, tool } from '../write'
import { HAND_POWER, bits, packs } from './companions'
import type { Tool } from '../../core/catalogue'

/** What beginners miss on lists: walls, layout, stops, second rails, the table saw’s stack, lathe and press fittings. */
export const extraTools: readonly Tool[] = [
  tool({
    id: 'hammer-drill',
    name: 'Combi drill with hammer action',
    aliases: ['hammer drill', 'percussion drill', 'impact drill'],
    group: 'drilling',
    roles: ['drill', 'hammer-drill', 'hole-maker'],
    forms: [cordless(125, 60), corded(72, 3.5, 7)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 98,
    roams: 'much',
    forgives: true,
    storedM2: 0.04,
    hazard: 'spinning-bit',
    needs: ['eyes', 'ears'],
    companions: [bits, advised('Holes in masonry ask for their own bits.', 'masonry-bits')],
    why: 'The hammer is for masonry only; switched off it is a drill driver. The cordless form comes with packs.',
    caution: 'No gloves and no loose sleeves near a turning bit; look for cables and pipes before a wall.'
  }),
  tool({
    id: 'reciprocating-saw',
    name: 'Reciprocating saw',
    aliases: ['recip saw', 'pruning saw, powered'],
    group: 'hand-power',
    roles: ['reciprocating-saw'],
    specs: { reachMm: 150 },
    forms: [corded(60, 4.5, 9), cordless(70, 250)],
    lifeHours: HAND_POWER,
    soundDbA: 97,
    storedM2: 0.06,
    roams: 'some',
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [packs],
    caution: 'Shoe pressed to the work, both hands on it; look for cables and pipes before a wall.'
  }),
  tool({
    id: 'angle-grinder',
    name: 'Angle grinder with carving disc',
    aliases: ['grinder, 115 mm', 'power carver'],
    group: 'hand-power',
    roles: ['angle-grinder'],
    forms: [corded(55, 4, 8)],
    lifeHours: HAND_POWER,
    soundDbA: 98,
    storedM2: 0.04,
    hazard: 'spinning-bit',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('A shield over the whole face, over glasses.', 'face-shield')],
    caution:
      'Guard on, handle on, both hands, work clamped; toothed carving discs kick hard: only those the manual allows.'
  }),
  tool({
    id: 'second-rail',
    name: 'Second rail and connectors',
    aliases: ['rail extension', 'track connector'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['second-rail'],
    specs: { lengthMm: 2800 },
    forms: byHand(95),
    storedM2: 0.05,
    companions: [needed('It lengthens the rail of a plunge saw.', 'rail-saw')]
  }),
  tool({
    id: 'rail-clamps',
    name: 'Rail clamps, pair',
    aliases: ['track clamps'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['rail-clamp'],
    forms: byHand(30)
  }),
  tool({
    id: 'stop-fence',
    name: 'Fence with a stop for a mitre saw',
    aliases: ['stop block fence', 'flip stop'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['stop-fence'],
    specs: { lengthMm: 1200 },
    forms: byHand(48),
    storedM2: 0.03
  }),
  tool({
    id: 'dado-stack',
    name: 'Dado stack, 200 mm',
    aliases: ['dado set', 'stacked dado head'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['dado-stack'],
    forms: byHand(75),
    lifeHours: { getBy: 30, weekend: 80, trade: 160 },
    companions: [needed('Only an arbor long enough takes it.', 'cabinet-saw')],
    caution:
      'Only on a saw whose manual allows it: many arbors are too short, and in much of Europe saws are not sold for it. The guard comes off: featherboards, push block, guard back on after.'
  }),
  tool({
    id: 'edge-clamps',
    name: 'Edge clamps, three',
    aliases: ['three-way clamp', 'edging clamps'],
    group: 'clamps',
    roles: ['edge-clamp'],
    specs: { openingMm: 60 },
    forms: byHand(33)
  }),
  tool({
    id: 'toggle-clamps',
    name: 'Toggle clamps, pair',
    aliases: ['hold-down clamps'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['toggle-clamp'],
    forms: byHand(16),
    why: 'For jigs: hands stay away from the cutter.'
  }),
  tool({
    id: 'grip-mat',
    name: 'Non-slip mat',
    aliases: ['router mat', 'sanding mat'],
    group: 'support',
    kind: 'accessory',
    roles: ['grip-mat'],
    forms: byHand(8)
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
  }),
  tool({
    id: 'hacksaw',
    name: 'Hacksaw',
    aliases: ['metal saw', 'junior hacksaw'],
    group: 'saws',
    roles: ['hacksaw'],
    forms: byHand(13),
    hazard: 'sharp-edge',
    why: 'Bolts, rods and aluminium strips; no saw for wood likes them.'
  }),
  tool({
    id: 'press-vice',
    name: 'Vice for a drill press',
    aliases: ['machine vise', 'drill vice'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['press-vice'],
    specs: { openingMm: 90 },
    forms: byHand(28)
  }),
  tool({
    id: 'lathe-chuck',
    name: 'Four-jaw chuck for a lathe',
    aliases: ['scroll chuck'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['lathe-chuck'],
    forms: byHand(110)
  }),
  tool({
    id: 'guide-bushes',
    name: 'Guide bushes, set',
    aliases: ['template guides', 'copy rings'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['guide-bush'],
    forms: byHand(22)
  }),
  tool({
    id: 'core-bit',
    name: 'Core-box bit, 6.35 mm shank',
    aliases: ['round-nose bit', 'bowl bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-core'],
    specs: { shankMm: 6.35 },
    forms: byHand(16)
  }),
  tool({
    id: 'wheel-dresser',
    name: 'Dresser and water pot for a grinder',
    aliases: ['dressing stick', 'star dresser'],
    group: 'sharpening',
    kind: 'accessory',
    roles: [],
    forms: byHand(14),
    why: 'A glazed wheel burns edges; steel that turns blue has lost its temper.'
  })
]
