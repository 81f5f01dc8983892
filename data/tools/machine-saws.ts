import { advised, corded, tool } from '../write'
import { push, follow, upright, insert } from './companions'
import type { Tool } from '../../core/catalogue'

/** Saws that stand. */
export const machineSawsTools: readonly Tool[] = [
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
    standsMm: { stored: [800, 560], used: [1100, 640] },
    usedM2: 0.7,
    feedMm: { infeed: 1200, outfeed: 1200, across: true },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      advised('The blade supplied is usually poor.', 'saw-blade-254'),
      advised('Long stock needs support, repeats need a stop.', 'sawhorses', 'sawhorses-made')
    ],
    alignMinutes: 60,
    exacting: true,
    caution:
      'Hands outside the marked zone, arms never crossed, short pieces clamped; a slider is pushed, not pulled; let the blade stop before it comes up.'
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
    standsMm: { stored: [750, 800], used: [900, 1000] },
    usedM2: 0.9,
    feedMm: { infeed: 2500, outfeed: 2500 },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      push,
      advised('Dust collection that can follow it.', 'vacuum', 'chip-extractor'),
      advised('The blade supplied is usually poor.', 'bench-saw-blade', 'rip-blade'),
      advised('A flat place for the stock to go.', 'outfeed-table', 'roller-stand'),
      advised('Holds the stock to the fence.', 'featherboard', 'featherboard-made'),
      advised('Height set by a block repeats exactly.', 'setup-blocks'),
      upright,
      insert
    ],
    alignMinutes: 120,
    exacting: true,
    caution:
      'Riving knife and guard fitted; never freehand, never fence and mitre gauge together; stand out of line with the blade.'
  }),
  tool({
    id: 'band-saw',
    name: 'Band saw, 300 mm',
    aliases: ['bandsaw'],
    group: 'machines',
    roles: ['band-saw'],
    specs: { throatMm: 300, resawMm: 160 },
    forms: [corded(460, 3.5, 8)],
    lifeHours: { getBy: 200, weekend: 600, trade: 1500 },
    soundDbA: 85,
    storedM2: 0.35,
    standsMm: { stored: [600, 580], used: [700, 720] },
    usedM2: 0.5,
    feedMm: { infeed: 1200, outfeed: 1200 },
    hazard: 'fixed-blade',
    alignMinutes: 90,
    caution: 'Guard lowered to just above the work; round stock in a cradle; no hand in line with the blade.',
    needs: ['eyes', 'lungs'],
    companions: [
      advised('Dust collection that can follow it.', 'vacuum', 'chip-extractor'),
      advised('Narrow blades for curves, wide ones for straight cuts; they wear.', 'band-saw-blades'),
      advised('Hands stay away from the blade.', 'push-sticks', 'push-stick-made')
    ]
  }),
  tool({
    id: 'mitre-saw-small',
    name: 'Mitre saw, 210 mm',
    aliases: ['miter saw', 'chop saw', 'compact mitre saw'],
    group: 'machines',
    roles: ['mitre-saw'],
    specs: { crosscutMm: 120, depthMm: 55, bladeMm: 210 },
    forms: [corded(115, 6, 11)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 101,
    storedM2: 0.25,
    standsMm: { stored: [550, 450], used: [750, 530] },
    usedM2: 0.4,
    feedMm: { infeed: 1000, outfeed: 1000, across: true },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      advised('The blade supplied is usually poor.', 'bench-saw-blade'),
      advised('Long stock needs support, repeats need a stop.', 'sawhorses', 'roller-stand')
    ],
    alignMinutes: 60,
    caution:
      'Hands outside the marked zone, arms never crossed, short pieces clamped; let the blade stop before it comes up.'
  }),
  tool({
    id: 'mitre-saw-large',
    name: 'Sliding mitre saw, 305 mm',
    aliases: ['miter saw', 'compound slider'],
    group: 'machines',
    roles: ['mitre-saw'],
    specs: { crosscutMm: 340, depthMm: 110, bladeMm: 305 },
    forms: [corded(380, 8.5, 15)],
    lifeHours: { getBy: 120, weekend: 350, trade: 1000 },
    soundDbA: 104,
    storedM2: 0.6,
    standsMm: { stored: [900, 670], used: [1250, 800] },
    usedM2: 1,
    feedMm: { infeed: 1200, outfeed: 1200, across: true },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      advised('The blade supplied is usually poor.', 'saw-blade-305'),
      advised('Long stock needs support, repeats need a stop.', 'saw-stand', 'sawhorses')
    ],
    alignMinutes: 60,
    caution:
      'Hands outside the marked zone, arms never crossed, short pieces clamped; a slider is pushed, not pulled; let the blade stop before it comes up.'
  }),
  tool({
    id: 'cabinet-saw',
    name: 'Floor-standing table saw, 254 mm',
    aliases: ['cabinet saw', 'contractor saw'],
    group: 'machines',
    roles: ['table-saw', 'table-saw-heavy'],
    specs: { ripMm: 760, depthMm: 80, bladeMm: 254 },
    forms: [corded(1100, 10, 15)],
    lifeHours: { getBy: 300, weekend: 900, trade: 3000 },
    soundDbA: 96,
    storedM2: 1.6,
    standsMm: { stored: [1600, 1000], used: [1900, 1160] },
    usedM2: 2.2,
    feedMm: { infeed: 2500, outfeed: 2500 },
    hazard: 'fixed-blade',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [
      push,
      follow,
      advised('The blade supplied is usually poor.', 'saw-blade-254'),
      advised('A featherboard holds stock to the fence.', 'featherboard', 'featherboard-made')
    ],
    alignMinutes: 150,
    caution:
      'Riving knife and guard fitted; never freehand, never fence and mitre gauge together; stand out of line with the blade.'
  }),
  tool({
    id: 'band-saw-small',
    name: 'Band saw, 200 mm',
    aliases: ['bandsaw', 'bench band saw'],
    group: 'machines',
    roles: ['band-saw'],
    specs: { throatMm: 200, resawMm: 80 },
    forms: [corded(180, 1.5, 3)],
    lifeHours: { getBy: 120, weekend: 400, trade: 900 },
    soundDbA: 82,
    storedM2: 0.18,
    standsMm: { stored: [400, 450], used: [500, 600] },
    usedM2: 0.3,
    feedMm: { infeed: 800, outfeed: 800 },
    hazard: 'fixed-blade',
    alignMinutes: 60,
    caution: 'Guard lowered to just above the work; round stock in a cradle; no hand in line with the blade.',
    needs: ['eyes', 'lungs'],
    companions: [
      follow,
      advised('Narrow blades for curves, wide ones for straight cuts; they wear.', 'band-saw-blades'),
      advised('Hands stay away from the blade.', 'push-sticks', 'push-stick-made')
    ]
  }),
  tool({
    id: 'scroll-saw',
    name: 'Scroll saw',
    aliases: ['fret machine', 'jig saw table'],
    group: 'machines',
    roles: ['scroll-saw'],
    specs: { throatMm: 400, reachMm: 50 },
    forms: [corded(125, 0.6, 1.2)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1000 },
    soundDbA: 78,
    storedM2: 0.2,
    standsMm: { stored: [300, 670] },
    hazard: 'fixed-blade',
    needs: ['eyes', 'lungs'],
    companions: [advised('Its fine blades break.', 'scroll-blades')],
    alignMinutes: 15
  })
]
