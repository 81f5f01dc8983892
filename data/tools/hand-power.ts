import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, cordless, needed, tool } from '../write'

const LIFE = { getBy: 60, weekend: 180, trade: 500 }
const packs = needed('A bare body takes the packs of a set on the same platform.', 'drill-driver', 'battery-set')

/** Hand-held powered tools and router accessories beyond the first. Prices, currents, sound: common practice. */
export const handPowerTools: readonly Tool[] = [
  tool({
    id: 'circular-saw-small',
    name: 'Small circular saw, 136 mm, body',
    aliases: ['mini circular saw'],
    group: 'hand-power',
    roles: ['circular-saw'],
    specs: { depthMm: 45, bladeMm: 136 },
    forms: [cordless(70, 260)],
    lifeHours: { getBy: 60, weekend: 180, trade: 600 },
    soundDbA: 98,
    storedM2: 0.05,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [packs],
    caution: 'Kickback: let a bound saw stop, and never put a hand behind it.'
  }),
  tool({
    id: 'biscuit-joiner',
    name: 'Biscuit joiner',
    aliases: ['plate joiner'],
    group: 'hand-power',
    roles: ['biscuit-joiner'],
    forms: [corded(95, 3.2, 6.5)],
    lifeHours: { getBy: 80, weekend: 200, trade: 500 },
    soundDbA: 96,
    storedM2: 0.05,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs']
  }),
  tool({
    id: 'tenon-joiner',
    name: 'Loose-tenon joiner',
    aliases: ['floating tenon machine'],
    group: 'hand-power',
    roles: ['tenon-joiner'],
    forms: [corded(520, 2, 4)],
    lifeHours: { getBy: 100, weekend: 300, trade: 800 },
    soundDbA: 90,
    storedM2: 0.05,
    hazard: 'router-bit',
    needs: ['eyes', 'ears', 'lungs']
  }),
  tool({
    id: 'belt-sander',
    name: 'Belt sander, 75 mm',
    aliases: ['belt sanding machine'],
    group: 'hand-power',
    roles: ['belt-sander'],
    forms: [corded(80, 4, 8)],
    lifeHours: LIFE,
    soundDbA: 93,
    storedM2: 0.06,
    hazard: 'dust',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('Belts in two grits.', 'sanding-belts'), advised('Dust goes where the hose is not.', 'vacuum')],
    why: 'Takes off fast and digs in as fast: keep it flat and moving.'
  }),
  tool({
    id: 'power-planer',
    name: 'Hand-held power planer, 82 mm',
    aliases: ['electric planer', 'hand planer'],
    group: 'hand-power',
    roles: ['power-planer'],
    specs: { widthMm: 82 },
    forms: [corded(75, 3.5, 7)],
    lifeHours: LIFE,
    soundDbA: 98,
    storedM2: 0.05,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    caution: 'Both hands on it; set it down only when the drum has stopped.'
  }),
  tool({
    id: 'multi-tool',
    name: 'Oscillating multi-tool',
    aliases: ['oscillating tool', 'multi cutter'],
    group: 'hand-power',
    roles: ['multi-tool'],
    forms: [corded(60, 1.5, 3), cordless(95, 110)],
    lifeHours: LIFE,
    soundDbA: 88,
    storedM2: 0.04,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears']
  }),
  tool({
    id: 'rotary-tool',
    name: 'Rotary tool',
    aliases: ['mini drill', 'hobby drill'],
    group: 'hand-power',
    roles: ['rotary-tool'],
    forms: [corded(45, 0.7, 1.3)],
    lifeHours: { getBy: 40, weekend: 120, trade: 300 },
    soundDbA: 80,
    storedM2: 0.03,
    hazard: 'spinning-bit',
    needs: ['eyes']
  }),
  tool({
    id: 'detail-sander',
    name: 'Detail sander',
    aliases: ['mouse sander', 'delta sander', 'corner sander'],
    group: 'hand-power',
    roles: ['detail-sander'],
    forms: [corded(36, 0.8, 1.5)],
    lifeHours: LIFE,
    soundDbA: 82,
    storedM2: 0.03,
    hazard: 'dust',
    needs: ['lungs'],
    companions: [needed('Takes sheets of its own shape.', 'sanding-discs', 'sanding-block')]
  }),
  tool({
    id: 'air-nailer',
    name: 'Air nailer and small compressor',
    aliases: ['pneumatic nailer', 'compressor kit'],
    group: 'hand-power',
    roles: ['nailer', 'air-nailer'],
    forms: [corded(150, 5, 9)],
    lifeHours: { getBy: 100, weekend: 300, trade: 900 },
    soundDbA: 96,
    storedM2: 0.2,
    hazard: 'fired-nail',
    needs: ['eyes', 'ears']
  }),
  tool({
    id: 'staple-gun',
    name: 'Hand stapler',
    aliases: ['tacker', 'staple gun'],
    group: 'striking',
    roles: ['stapler'],
    forms: byHand(13)
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
    id: 'flush-bit',
    name: 'Flush-trim bit, 6.35 mm shank',
    aliases: ['bearing bit', 'template bit', 'pattern bit'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['bit-flush'],
    specs: { shankMm: 6.35 },
    forms: byHand(16)
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
    id: 'sanding-belts',
    name: 'Sanding belts, two grits',
    aliases: ['abrasive belts'],
    group: 'accessories',
    kind: 'accessory',
    roles: [],
    forms: byHand(13),
    lifeHours: { getBy: 6, weekend: 15, trade: 25 }
  })
]
