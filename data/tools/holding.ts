import type { Tool } from '../../core/catalogue'
import { byHand, corded, needed, tool } from '../write'

/** Clamps, supports, joint jigs, accessories, protection. Prices in index points; common practice. */
export const holdingTools: readonly Tool[] = [
  tool({
    id: 'trigger-clamp-300',
    name: 'Trigger clamp, 300 mm',
    aliases: ['quick clamp', 'one-handed cramp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 300 },
    forms: byHand(11),
    storedM2: 0.01
  }),
  tool({
    id: 'f-clamp-600',
    name: 'F-clamp, 600 mm',
    aliases: ['bar clamp', 'cramp', 'f-cramp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 600 },
    forms: byHand(12),
    storedM2: 0.01
  }),
  tool({
    id: 'pipe-clamp-900',
    name: 'Pipe clamp, 900 mm',
    aliases: ['pipe cramp', 'sash clamp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 900 },
    forms: byHand(24),
    storedM2: 0.01,
    why: 'The pipe counts: heads alone hold nothing.'
  }),
  tool({
    id: 'strap-clamp',
    name: 'Strap clamp',
    aliases: ['band clamp', 'web clamp'],
    group: 'clamps',
    roles: ['strap-clamp'],
    specs: { lengthMm: 4000 },
    forms: byHand(12)
  }),
  tool({
    id: 'bench-vice',
    name: 'Clamp-on bench vice',
    aliases: ['vise', 'work holding'],
    group: 'clamps',
    roles: ['work-holding'],
    specs: { openingMm: 120 },
    forms: byHand(35),
    storedM2: 0.03
  }),
  tool({
    id: 'fold-bench',
    name: 'Folding work bench',
    aliases: ['portable bench', 'workbench'],
    group: 'support',
    roles: ['work-holding'],
    forms: byHand(65),
    storedM2: 0.12
  }),
  tool({
    id: 'sawhorses',
    name: 'Folding sawhorses, pair',
    aliases: ['trestles'],
    group: 'support',
    roles: ['sawhorses'],
    forms: byHand(40),
    storedM2: 0.1
  }),
  tool({
    id: 'foam-sheet',
    name: 'Rigid foam sheet',
    aliases: ['insulation board', 'sacrificial support'],
    group: 'support',
    kind: 'accessory',
    roles: ['foam-sheet'],
    forms: byHand(14),
    storedM2: 0.05
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
    hazard: 'router-bit'
  }),
  tool({
    id: 'router-sled',
    name: 'Router sled',
    aliases: ['flattening jig', 'slab jig'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['router-sled'],
    forms: byHand(80),
    storedM2: 0.2
  }),
  tool({
    id: 'drill-bits',
    name: 'Twist bits for wood, set',
    aliases: ['brad-point bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(16)
  }),
  tool({
    id: 'driver-bits',
    name: 'Driver bits, set',
    aliases: ['screw bits', 'star-drive bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['driver-bits'],
    forms: byHand(9)
  }),
  tool({
    id: 'impact-bits',
    name: 'Impact-rated driver bits',
    aliases: ['torsion bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['impact-bits', 'driver-bits'],
    forms: byHand(13)
  }),
  tool({
    id: 'battery-set',
    name: 'Two packs and charger',
    aliases: ['batteries', 'battery pack'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    specs: { packWh: 36 },
    forms: byHand(55),
    caution: 'Packs of another maker are cheaper; they can void the warranty and some have caught fire.'
  }),
  tool({
    id: 'saw-blade',
    name: 'Better saw blade',
    aliases: ['circular blade', 'finishing blade'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(20),
    lifeHours: { getBy: 15, weekend: 40, trade: 80 }
  }),
  tool({
    id: 'jigsaw-blades',
    name: 'Jigsaw blades, assorted',
    aliases: [],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(9),
    lifeHours: { getBy: 5, weekend: 15, trade: 25 }
  }),
  tool({
    id: 'sanding-discs',
    name: 'Sanding discs, three grits',
    aliases: ['abrasive discs'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(14),
    lifeHours: { getBy: 10, weekend: 20, trade: 30 }
  }),
  tool({
    id: 'router-bits',
    name: 'Router bits, 6.35 mm shank',
    aliases: ['quarter-inch bits', 'round-over', 'chamfer bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-straight', 'bit-profile'],
    specs: { shankMm: 6.35 },
    forms: byHand(30)
  }),
  tool({
    id: 'router-bits-large',
    name: 'Router bits, 12.7 mm shank',
    aliases: ['half-inch bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-straight', 'bit-profile'],
    specs: { shankMm: 12.7 },
    forms: byHand(45)
  }),
  tool({
    id: 'push-sticks',
    name: 'Push stick and push block',
    aliases: ['pushers'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(9)
  }),

  tool({
    id: 'safety-glasses',
    name: 'Safety glasses',
    aliases: ['goggles', 'eye protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(7),
    protects: ['eyes'],
    why: 'Impact marked. Comfortable ones get worn.'
  }),
  tool({
    id: 'ear-muffs',
    name: 'Ear muffs',
    aliases: ['ear defenders', 'hearing protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(16),
    protects: ['ears']
  }),
  tool({
    id: 'half-mask',
    name: 'Half mask with dust filters',
    aliases: ['respirator', 'dust mask'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(24),
    protects: ['lungs'],
    lifeHours: { getBy: 20, weekend: 30, trade: 40 },
    why: 'Hours are those of the filters.'
  }),
  tool({
    id: 'dust-masks',
    name: 'Disposable dust masks, fine grade',
    aliases: ['filtering facepiece'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(12),
    protects: ['lungs'],
    lifeHours: { getBy: 8, weekend: 16, trade: 16 }
  }),
  tool({
    id: 'air-cleaner',
    name: 'Ceiling air cleaner',
    aliases: ['air filter', 'ambient filter'],
    group: 'dust',
    kind: 'storage',
    roles: [],
    forms: [corded(160, 1, 2)],
    soundDbA: 60,
    companions: [needed('Filters clog.', 'dust-masks')]
  }),
  tool({
    id: 'tool-wall',
    name: 'Perforated wall panel and hooks',
    aliases: ['pegboard', 'tool wall'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(30)
  })
]

/** Shop-made fittings; each is the outcome of a jig template. The price points say what a bought one of its kind would cost. */
export const shopMade: readonly Tool[] = [
  tool({
    id: 'bench-hook',
    name: 'Bench hook',
    aliases: ['sawing board'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['bench-hook'],
    forms: byHand(10),
    madeBy: 'jig-bench-hook'
  }),
  tool({
    id: 'cutting-guide',
    name: 'Cutting guide for sheets, 2.65 m',
    aliases: ['saw guide', 'straight guide'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['straight-guide', 'straight-edge'],
    specs: { lengthMm: 2650 },
    forms: byHand(30),
    madeBy: 'jig-cutting-guide',
    storedM2: 0.06
  }),
  tool({
    id: 'crosscut-guide',
    name: 'Crosscut guide',
    aliases: ['square guide'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['short-guide'],
    specs: { lengthMm: 350 },
    forms: byHand(15),
    madeBy: 'jig-crosscut-guide'
  }),
  tool({
    id: 'drill-block',
    name: 'Drilling block',
    aliases: ['square block'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['drill-block'],
    forms: byHand(5),
    madeBy: 'jig-drill-block'
  }),
  tool({
    id: 'sawhorses-made',
    name: 'Sawhorses, shop-made pair',
    aliases: ['trestles'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['sawhorses'],
    forms: byHand(35),
    madeBy: 'jig-sawhorses',
    storedM2: 0.12
  }),
  tool({
    id: 'crosscut-sled',
    name: 'Crosscut sled',
    aliases: ['table-saw sled'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['crosscut-sled'],
    specs: { crosscutMm: 450 },
    forms: byHand(40),
    madeBy: 'jig-crosscut-sled',
    storedM2: 0.05
  }),
  tool({
    id: 'box-joint-jig',
    name: 'Box-joint jig',
    aliases: ['finger-joint jig'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['box-joint-jig'],
    forms: byHand(40),
    madeBy: 'jig-box-joint',
    storedM2: 0.03
  }),
  tool({
    id: 'planer-sled',
    name: 'Thicknesser sled',
    aliases: ['planer sled', 'face-jointing sled'],
    group: 'shop-made',
    kind: 'accessory',
    roles: ['planer-sled'],
    specs: { lengthMm: 1500 },
    forms: byHand(30),
    madeBy: 'jig-planer-sled',
    storedM2: 0.04
  })
]
