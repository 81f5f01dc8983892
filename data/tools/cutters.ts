import type { Tool } from '../../core/catalogue'
import { advised, byHand, needed, tool } from '../write'

/** Bits, blades and abrasives. */
export const cuttersTools: readonly Tool[] = [
  tool({
    id: 'sanding-block',
    name: 'Sanding block and paper',
    aliases: ['cork block', 'abrasive paper'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['sanding-block'],
    forms: byHand(7),
    lifeHours: { getBy: 10, weekend: 20, trade: 30 },
    companions: [
      advised('Fine dust harms lungs, by hand as well.', 'half-mask'),
      advised('Paper is used up.', 'abrasive-sheets')
    ]
  }),

  tool({
    id: 'flush-bit',
    name: 'Flush-trim bit, 6.35 mm shank',
    aliases: ['bearing bit', 'template bit', 'pattern bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-flush'],
    specs: { shankMm: 6.35 },
    forms: byHand(16),
    lifeHours: { getBy: 10, weekend: 30, trade: 60 }
  }),
  tool({
    id: 'rebate-bit',
    name: 'Rebate bit, 6.35 mm shank',
    aliases: ['rabbeting bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-rebate'],
    specs: { shankMm: 6.35 },
    forms: byHand(20)
  }),
  tool({
    id: 'slot-cutter',
    name: 'Slot cutter, 6.35 mm shank',
    aliases: ['groove cutter', 'wing cutter'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-slot'],
    specs: { shankMm: 6.35 },
    forms: byHand(20)
  }),
  tool({
    id: 'dovetail-bit',
    name: 'Dovetail bit, 6.35 mm shank',
    aliases: ['tail bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-dovetail'],
    specs: { shankMm: 6.35 },
    forms: byHand(12)
  }),
  tool({
    id: 'sanding-belts',
    name: 'Sanding belts, two grits',
    aliases: ['abrasive belts'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(13),
    lifeHours: { getBy: 6, weekend: 15, trade: 25 }
  }),
  tool({
    id: 'drill-bits',
    name: 'Twist bits for wood, set',
    aliases: ['drill bits', 'brad-point bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(16),
    lifeHours: { getBy: 20, weekend: 60, trade: 120 }
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
    id: 'saw-blade',
    name: 'Fine blade for a circular saw, 185 mm',
    aliases: ['saw blade', 'circular blade', 'finishing blade', 'better saw blade'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(20),
    lifeHours: { getBy: 15, weekend: 40, trade: 80 }
  }),
  tool({
    id: 'bench-saw-blade',
    name: 'Fine blade for a bench saw, 216 mm',
    aliases: ['table saw blade', 'mitre saw blade'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(32),
    lifeHours: { getBy: 20, weekend: 50, trade: 100 }
  }),
  tool({
    id: 'saw-blade-254',
    name: 'Fine blade for a standing saw, 254 mm',
    aliases: ['table saw blade, large'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(44),
    lifeHours: { getBy: 25, weekend: 60, trade: 120 }
  }),
  tool({
    id: 'saw-blade-305',
    name: 'Fine blade for a large mitre saw, 305 mm',
    aliases: ['mitre saw blade, large'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(62),
    lifeHours: { getBy: 25, weekend: 60, trade: 120 }
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
    forms: byHand(30),
    lifeHours: { getBy: 10, weekend: 30, trade: 60 }
  }),
  tool({
    id: 'router-bits-large',
    name: 'Router bits, 12.7 mm shank',
    aliases: ['half-inch bits'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-straight', 'bit-profile'],
    specs: { shankMm: 12.7 },
    forms: byHand(45),
    lifeHours: { getBy: 15, weekend: 40, trade: 80 }
  }),
  tool({
    id: 'rip-blade',
    name: 'Rip blade, 24 teeth',
    aliases: ['ripping blade'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(24),
    lifeHours: { getBy: 20, weekend: 50, trade: 100 }
  }),
  tool({
    id: 'band-saw-blades',
    name: 'Band-saw blades, narrow and wide',
    aliases: ['bandsaw blades'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(18),
    lifeHours: { getBy: 10, weekend: 25, trade: 40 }
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
  })
]
