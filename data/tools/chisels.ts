import { byHand, needed, tool } from '../write'
import { stone, strike } from './companions'
import type { Tool } from '../../core/catalogue'

/** Chisels, knives, files. */
export const chiselsTools: readonly Tool[] = [
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
    exacting: true,
    why: 'Three do most work: one narrow, one of about 20, one of about 35 mm.'
  }),

  tool({
    id: 'pull-chisels',
    name: 'Chisels, three: 3, 24 and 36 mm',
    aliases: ['nomi', 'japanese chisels'],
    group: 'chisels',
    roles: ['chisels'],
    specs: { bladeMm: 36 },
    forms: byHand(62),
    tierPrices: { 'get-by': 0.5, trade: 2.1, lifetime: 4 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [
      stone,
      needed('Their hoops are struck with a hammer of their own or a mallet.', 'mallet', 'plane-hammer')
    ]
  }),
  tool({
    id: 'mortise-chisel',
    name: 'Mortise chisel, 8 mm',
    aliases: ['mortice chisel'],
    group: 'chisels',
    roles: ['mortise-chisel'],
    specs: { bladeMm: 8 },
    forms: byHand(30),
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone, strike],
    exacting: true
  }),
  tool({
    id: 'gouges',
    name: 'Carving gouges, set',
    aliases: ['carving tools', 'carving chisels'],
    group: 'chisels',
    roles: ['gouge'],
    forms: byHand(48),
    tierPrices: { 'get-by': 0.4, trade: 2.2, lifetime: 4 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone, strike]
  }),
  tool({
    id: 'carving-knife',
    name: 'Carving knife',
    aliases: ['sloyd knife', 'whittling knife'],
    group: 'chisels',
    roles: ['carving-knife'],
    forms: byHand(16),
    hazard: 'sharp-edge',
    companions: [
      needed(
        'Stropped every quarter of an hour a good edge lasts for months; a stone serves too.',
        'strop',
        'sharpening-stone',
        'diamond-plates'
      ),
      needed('The other hand holds the piece.', 'carving-glove')
    ],
    caution: 'Cut away from the hand that holds, thumb behind the edge.'
  }),
  tool({
    id: 'hook-knife',
    name: 'Hook knife',
    aliases: ['spoon knife', 'crook knife'],
    group: 'chisels',
    roles: ['hook-knife'],
    forms: byHand(20),
    hazard: 'sharp-edge',
    companions: [
      needed('Its inside curve is honed on a strop.', 'strop'),
      needed('The other hand holds the piece.', 'carving-glove')
    ]
  }),
  tool({
    id: 'rasp',
    name: 'Rasp, half round',
    aliases: ['four-in-hand', 'cabinet rasp'],
    group: 'chisels',
    roles: ['rasp'],
    forms: byHand(20),
    tierPrices: { 'get-by': 0.5, trade: 2.5, lifetime: 4.5 }
  }),
  tool({
    id: 'files',
    name: 'Files, set',
    aliases: ['metal files', 'needle files'],
    group: 'chisels',
    roles: ['files'],
    forms: byHand(15)
  }),
  tool({
    id: 'turning-tools',
    name: 'Turning tools, five',
    aliases: ['lathe chisels', 'woodturning set'],
    group: 'chisels',
    roles: ['turning-tools'],
    forms: byHand(70),
    storedM2: 0.03,
    hazard: 'sharp-edge',
    companions: [needed('Turning tools blunt within minutes and are ground.', 'bench-grinder', 'water-grinder')]
  }),
  tool({
    id: 'utility-knife',
    name: 'Utility knife',
    aliases: ['craft knife', 'box cutter', 'snap-off knife'],
    group: 'chisels',
    roles: ['utility-knife'],
    forms: byHand(6),
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'putty-knife',
    name: 'Putty knife',
    aliases: ['filling knife', 'scraper blade'],
    group: 'chisels',
    roles: ['putty-knife'],
    forms: byHand(5)
  }),
  tool({
    id: 'awl',
    name: 'Awl',
    aliases: ['bradawl', 'scratch awl'],
    group: 'chisels',
    roles: ['awl'],
    forms: byHand(6)
  })
]
