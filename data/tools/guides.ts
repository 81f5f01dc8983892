import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, needed, tool } from '../write'

/** Guides, bought jigs, and what else goes with a tool. */
export const guidesTools: readonly Tool[] = [
  tool({
    id: 'finishing-kit',
    name: 'Cloths, brushes, gloves',
    aliases: ['finishing supplies', 'brush'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['finishing-kit', 'finish-brush'],
    forms: byHand(8),
    caution: 'Spread oily cloths flat to dry outdoors: folded, they can catch fire by themselves.'
  }),
  tool({
    id: 'iron',
    name: 'Household iron for edging',
    aliases: ['edging iron', 'edge-band iron'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['iron'],
    forms: [corded(16, 8, 12)],
    storedM2: 0.02,
    caution: 'Hot: set it on its heel, away from shavings.'
  }),
  tool({
    id: 'edge-guide',
    name: 'Router edge guide',
    aliases: ['side fence', 'router fence'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['router-fence'],
    forms: byHand(14)
  }),
  tool({
    id: 'template-tape',
    name: 'Double-sided tape',
    aliases: ['template tape', 'carpet tape'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['template-tape'],
    forms: byHand(5),
    why: 'Holds a template without a screw hole.'
  }),
  tool({
    id: 'circle-jig',
    name: 'Router circle jig',
    aliases: ['trammel for router'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['circle-jig'],
    specs: { reachMm: 600 },
    forms: byHand(22)
  }),
  tool({
    id: 'dovetail-jig',
    name: 'Dovetail jig for a router',
    aliases: ['dovetailer'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['dovetail-jig'],
    specs: { widthMm: 300 },
    forms: byHand(90),
    storedM2: 0.05
  }),
  tool({
    id: 'hinge-jig',
    name: 'Hinge recess template',
    aliases: ['hinge mortise jig', 'butt hinge template'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['hinge-jig'],
    forms: byHand(24)
  }),

  tool({
    id: 'guide-rail',
    name: 'Clamp-on straight guide, 2.7 m',
    aliases: ['saw guide', 'cutting guide'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['straight-guide'],
    specs: { lengthMm: 2700 },
    forms: byHand(55),
    storedM2: 0.05
  }),
  tool({
    id: 'pocket-jig',
    name: 'Pocket jig with its step bit',
    aliases: ['pocket-hole jig', 'pocket screw jig'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['pocket-jig'],
    forms: byHand(45),
    storedM2: 0.02,
    why: 'Screw length by stock: 32 mm for 19 mm, 64 mm for 38 mm.'
  }),
  tool({
    id: 'dowel-jig',
    name: 'Dowelling jig',
    aliases: ['dowel jig'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['dowel-jig'],
    forms: byHand(35),
    storedM2: 0.01
  }),
  tool({
    id: 'drill-guide',
    name: 'Drill guide',
    aliases: ['portable drill stand'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['drill-guide'],
    forms: byHand(38),
    storedM2: 0.03
  }),
  tool({
    id: 'router-table',
    name: 'Small router table',
    aliases: ['router bench'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['router-table'],
    forms: byHand(110),
    storedM2: 0.25,
    standsMm: { stored: [600, 420] },
    hazard: 'router-bit',
    alignMinutes: 30
  }),
  tool({
    id: 'router-sled',
    name: 'Router sled',
    aliases: ['flattening jig', 'slab jig'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['router-sled'],
    forms: byHand(80),
    storedM2: 0.2,
    standsMm: { stored: [500, 400] }
  }),
  tool({
    id: 'battery-set',
    name: 'Two packs and charger',
    aliases: ['batteries', 'battery pack'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    specs: { packWh: 36 },
    forms: byHand(78),
    caution: 'Packs of another maker are cheaper; they can void the warranty and some have caught fire.'
  }),

  tool({
    id: 'extension-cord',
    name: 'Extension cord, 5 m, heavy',
    aliases: ['extension lead', 'cable'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['cord'],
    specs: { lengthMm: 5000 },
    forms: byHand(18),
    caution: 'Unroll it whole; its gauge must suit the tool. For new outlets ask a licensed electrician.'
  }),
  tool({
    id: 'featherboard',
    name: 'Featherboard',
    aliases: ['finger board', 'hold-down'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(14)
  }),
  tool({
    id: 'glue-spreader',
    name: 'Glue brush and roller',
    aliases: ['glue bottle', 'spreader'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['glue-spreader'],
    forms: byHand(6),
    companions: [advised('Squeezed-out glue is scraped off when it is leathery.', 'putty-knife')]
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
    id: 'stop-fence',
    name: 'Fence with a stop for a mitre saw',
    aliases: ['stop block fence', 'flip stop'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['stop-fence'],
    specs: { lengthMm: 1200 },
    forms: byHand(48),
    storedM2: 0.03
  })
]
