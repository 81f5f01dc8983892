import type { Tool } from '../../core/catalogue'
import { advised, corded, cordless, needed, neededFor, tool } from '../write'

const HAND_POWER = { getBy: 60, weekend: 180, trade: 550 }
const bits = needed('A drill turns nothing by itself.', 'drill-bits')

/** Drilling, hand-held power and machines. Prices, currents, sound and life within the plausibility bands; common practice. */
export const poweredTools: readonly Tool[] = [
  tool({
    id: 'drill-driver',
    name: 'Drill driver',
    aliases: ['cordless drill', 'screw gun', 'drill'],
    group: 'drilling',
    roles: ['drill'],
    forms: [cordless(100, 50), corded(60, 3, 6)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 80,
    storedM2: 0.04,
    hazard: 'spinning-bit',
    needs: ['eyes'],
    companions: [
      bits,
      advised('One drill bores and drives without a change of chuck.', 'hex-holder'),
      advised('A tool on a cord needs reach to an outlet.', 'extension-cord')
    ],
    why: 'The cordless form comes with two packs and a charger.',
    caution: 'No gloves and no loose sleeves near a turning bit.'
  }),
  tool({
    id: 'impact-driver',
    name: 'Impact driver, body',
    aliases: ['impact gun'],
    group: 'drilling',
    roles: ['impact-driver'],
    forms: [cordless(60, 60)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 100,
    storedM2: 0.02,
    hazard: 'spinning-bit',
    needs: ['eyes', 'ears'],
    companions: [
      needed('A bare body takes the packs of a set on the same platform.', 'drill-driver', 'battery-set'),
      needed('Plain bits shatter under impact.', 'impact-bits')
    ]
  }),
  tool({
    id: 'circular-saw',
    name: 'Circular saw, 185 mm',
    aliases: ['hand-held saw', 'buzz saw'],
    group: 'hand-power',
    roles: ['circular-saw'],
    specs: { depthMm: 62, bladeMm: 185 },
    forms: [corded(55, 5.5, 14), cordless(95, 320)],
    lifeHours: HAND_POWER,
    soundDbA: 102,
    storedM2: 0.07,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      neededFor(
        'break-down-sheet',
        'Sheets sag and pinch the blade unless both halves are carried.',
        'sawhorses',
        'sawhorses-made',
        'foam-sheet'
      ),
      advised('The blade supplied is usually poor.', 'saw-blade')
    ],
    caution: 'Kickback: let a bound saw stop, and never put a hand behind it.'
  }),
  tool({
    id: 'jigsaw',
    name: 'Jigsaw',
    aliases: ['sabre saw', 'bayonet saw'],
    group: 'hand-power',
    roles: ['jigsaw'],
    specs: { reachMm: 65 },
    forms: [corded(50, 3, 6), cordless(85, 170)],
    lifeHours: HAND_POWER,
    soundDbA: 94,
    storedM2: 0.05,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears'],
    companions: [advised('Fine blades for curves, coarse ones for speed.', 'jigsaw-blades')]
  }),
  tool({
    id: 'rail-saw',
    name: 'Plunge saw with 1.4 m rail',
    aliases: ['track saw', 'plunge-cut saw'],
    group: 'hand-power',
    roles: ['rail-saw'],
    specs: { depthMm: 54, lengthMm: 1400 },
    forms: [corded(270, 5.5, 12)],
    lifeHours: { getBy: 80, weekend: 250, trade: 800 },
    soundDbA: 98,
    storedM2: 0.12,
    hazard: 'hand-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      neededFor(
        'break-down-sheet',
        'Sheets need carrying on both sides of the cut.',
        'sawhorses',
        'sawhorses-made',
        'foam-sheet'
      )
    ],
    caution: 'Let it come to rest before lifting it from the cut.'
  }),
  tool({
    id: 'ro-sander',
    name: 'Random-orbital sander, 125 mm',
    aliases: ['orbit sander', 'ros'],
    group: 'hand-power',
    roles: ['ro-sander'],
    forms: [corded(55, 1.6, 3), cordless(80, 110)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 87,
    storedM2: 0.04,
    hazard: 'dust',
    needs: ['ears', 'lungs'],
    companions: [
      needed('Discs in three grits, 60, 120 and 220, do nearly everything.', 'sanding-discs'),
      advised('Dust goes where the hose is not.', 'vacuum'),
      advised('The hose has to fit its port.', 'hose-adapters')
    ]
  }),
  tool({
    id: 'palm-sander',
    name: 'Palm sander',
    aliases: ['sheet sander', 'quarter-sheet sander'],
    group: 'hand-power',
    roles: ['palm-sander'],
    forms: [corded(32, 1.2, 2.2)],
    lifeHours: { getBy: 60, weekend: 180, trade: 500 },
    soundDbA: 84,
    storedM2: 0.03,
    hazard: 'dust',
    needs: ['lungs'],
    companions: [needed('Takes cut sheets of paper.', 'sanding-block')]
  }),
  tool({
    id: 'trim-router',
    name: 'Trim router',
    aliases: ['laminate trimmer', 'palm router', 'compact router'],
    group: 'hand-power',
    roles: ['trim-router'],
    specs: { colletMm: 6.35 },
    forms: [corded(70, 3, 6), cordless(105, 180)],
    lifeHours: HAND_POWER,
    soundDbA: 98,
    storedM2: 0.04,
    hazard: 'router-bit',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('Bits of the collet’s size.', 'router-bits')],
    caution: 'Start with the bit clear of the work; feed against its rotation.'
  }),
  tool({
    id: 'plunge-router',
    name: 'Plunge router, 12.7 mm',
    aliases: ['half-inch router'],
    group: 'hand-power',
    roles: ['plunge-router'],
    specs: { colletMm: 12.7 },
    forms: [corded(160, 8, 14)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 101,
    storedM2: 0.08,
    hazard: 'router-bit',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('Bits of the collet’s size.', 'router-bits-large')],
    caution: 'Start with the bit clear of the work; keep the base seated.'
  }),
  tool({
    id: 'brad-nailer',
    name: 'Brad nailer, 18 ga, body',
    aliases: ['nail gun', 'pin nailer'],
    group: 'hand-power',
    roles: ['nailer'],
    forms: [cordless(115, 20)],
    lifeHours: { getBy: 100, weekend: 300, trade: 800 },
    soundDbA: 95,
    storedM2: 0.04,
    hazard: 'fired-nail',
    needs: ['eyes', 'ears'],
    companions: [needed('A bare body takes the packs of a set on the same platform.', 'drill-driver', 'battery-set')]
  }),

  tool({
    id: 'mitre-saw',
    name: 'Sliding mitre saw, 254 mm',
    aliases: ['miter saw', 'chop saw', 'drop saw'],
    group: 'machines',
    roles: ['mitre-saw'],
    specs: { crosscutMm: 300, depthMm: 90, bladeMm: 254 },
    forms: [corded(220, 8, 15)],
    lifeHours: { getBy: 100, weekend: 300, trade: 900 },
    soundDbA: 102,
    storedM2: 0.45,
    usedM2: 0.7,
    feedMm: { infeed: 1200, outfeed: 1200 },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [advised('Long stock needs support, repeats need a stop.', 'sawhorses', 'sawhorses-made')],
    caution: 'Hands outside the marked zone; let the blade stop before it comes up.'
  }),
  tool({
    id: 'table-saw',
    name: 'Compact table saw',
    aliases: ['bench saw', 'site saw'],
    group: 'machines',
    roles: ['table-saw'],
    specs: { ripMm: 620, depthMm: 65, bladeMm: 216 },
    forms: [corded(330, 8, 15)],
    lifeHours: { getBy: 120, weekend: 350, trade: 1000 },
    soundDbA: 98,
    storedM2: 0.6,
    usedM2: 0.9,
    feedMm: { infeed: 2500, outfeed: 2500 },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      needed('Hands stay away from the blade.', 'push-sticks'),
      advised('Dust collection that can follow it.', 'vacuum', 'chip-extractor'),
      advised('The blade supplied is usually poor.', 'saw-blade', 'rip-blade'),
      advised('A flat place for the stock to go.', 'outfeed-table', 'roller-stand'),
      advised('Holds the stock to the fence.', 'featherboard'),
      advised('Height set by a block repeats exactly.', 'setup-blocks')
    ],
    caution: 'Riving knife and guard fitted; stand out of line with the blade.'
  }),
  tool({
    id: 'band-saw',
    name: 'Band saw, 300 mm',
    aliases: ['bandsaw'],
    group: 'machines',
    roles: ['band-saw'],
    specs: { throatMm: 300, resawMm: 160 },
    forms: [corded(340, 3.5, 8)],
    lifeHours: { getBy: 200, weekend: 600, trade: 1500 },
    soundDbA: 85,
    storedM2: 0.35,
    usedM2: 0.5,
    feedMm: { infeed: 1200, outfeed: 1200 },
    hazard: 'fixed-blade',
    needs: ['eyes', 'lungs'],
    companions: [
      advised('Dust collection that can follow it.', 'vacuum', 'chip-extractor'),
      advised('Narrow blades for curves, wide ones for straight cuts.', 'band-saw-blades')
    ]
  }),
  tool({
    id: 'thicknesser',
    name: 'Thicknesser, 310 mm',
    aliases: ['planer', 'thickness planer'],
    group: 'machines',
    roles: ['thicknesser'],
    specs: { widthMm: 310 },
    forms: [corded(390, 8, 15)],
    lifeHours: { getBy: 100, weekend: 300, trade: 900 },
    soundDbA: 102,
    storedM2: 0.35,
    usedM2: 0.5,
    feedMm: { infeed: 1500, outfeed: 1500 },
    hazard: 'feed-rollers',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('Chips fill a household vacuum at once.', 'chip-extractor')],
    caution: 'Nothing short: follow the manual’s least length.'
  }),
  tool({
    id: 'jointer',
    name: 'Jointer, 150 mm',
    aliases: ['surface planer', 'planer', 'overhand planer'],
    group: 'machines',
    roles: ['jointer'],
    specs: { widthMm: 150 },
    forms: [corded(330, 5, 11)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1200 },
    soundDbA: 96,
    storedM2: 0.5,
    usedM2: 0.8,
    feedMm: { infeed: 1500, outfeed: 1500 },
    hazard: 'feed-rollers',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      needed('Chips fill a household vacuum at once.', 'chip-extractor'),
      needed('Hands never pass over the cutter.', 'push-sticks')
    ],
    caution: 'Guard over the cutter; push blocks, never fingers.'
  }),
  tool({
    id: 'drill-press',
    name: 'Drill press, bench',
    aliases: ['pillar drill'],
    group: 'machines',
    roles: ['drill-press'],
    specs: { throatMm: 100 },
    forms: [corded(150, 2.2, 4.5)],
    lifeHours: { getBy: 300, weekend: 900, trade: 2500 },
    soundDbA: 80,
    storedM2: 0.2,
    usedM2: 0.35,
    hazard: 'spinning-bit',
    needs: ['eyes'],
    companions: [bits]
  }),
  tool({
    id: 'vacuum',
    name: 'Workshop vacuum, fine filter',
    aliases: ['shop vac', 'dust extractor', 'wet and dry vacuum'],
    group: 'dust',
    roles: ['vacuum'],
    forms: [corded(85, 5.5, 10)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1000 },
    soundDbA: 83,
    storedM2: 0.2,
    hazard: null
  }),
  tool({
    id: 'chip-extractor',
    name: 'Chip extractor',
    aliases: ['dust collector'],
    group: 'dust',
    roles: ['extractor'],
    forms: [corded(220, 5, 10)],
    lifeHours: { getBy: 500, weekend: 1200, trade: 3000 },
    soundDbA: 82,
    storedM2: 0.35
  })
]
