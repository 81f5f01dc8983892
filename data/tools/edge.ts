import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, needed, tool } from '../write'

const stone = needed(
  'An edge tool is only as good as its edge, and it dulls within an evening.',
  'sharpening-stone',
  'diamond-plates'
)
const strike = needed('Struck with wood or plastic, not a steel hammer.', 'mallet', 'dead-blow')

/** Saws, planes, chisels, shaping and sharpening beyond the first kit. Prices in index points, weekend tier; common practice. */
export const edgeTools: readonly Tool[] = [
  tool({
    id: 'pull-back-saw',
    name: 'Fine pull saw with a back',
    aliases: ['dozuki', 'backed pull saw'],
    group: 'saws',
    roles: ['back-saw', 'fine-saw'],
    specs: { bladeMm: 240, depthMm: 50 },
    forms: byHand(30),
    lifeHours: { getBy: 20, weekend: 50, trade: 80 },
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'dovetail-saw',
    name: 'Dovetail saw',
    aliases: ['small back saw', 'gents saw'],
    group: 'saws',
    roles: ['fine-saw'],
    specs: { bladeMm: 200, depthMm: 40 },
    forms: byHand(28),
    tierPrices: { 'get-by': 0.5, trade: 2.4, lifetime: 5 },
    storedM2: 0.01,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'rip-saw',
    name: 'Rip saw, 650 mm',
    aliases: ['coarse hand saw'],
    group: 'saws',
    roles: ['rip-saw'],
    specs: { bladeMm: 650, depthMm: 450 },
    forms: byHand(30),
    lifeHours: { getBy: 30, weekend: 60, trade: 200 },
    storedM2: 0.03,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'turning-saw',
    name: 'Turning saw',
    aliases: ['bow saw', 'frame saw for curves'],
    group: 'saws',
    roles: ['turning-saw'],
    specs: { throatMm: 200, reachMm: 110 },
    forms: byHand(20),
    storedM2: 0.02,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'resaw-frame',
    name: 'Frame saw for resawing',
    aliases: ['roubo saw', 'veneer frame saw'],
    group: 'saws',
    roles: ['resaw-frame'],
    specs: { resawMm: 300 },
    forms: byHand(85),
    storedM2: 0.05,
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'keyhole-saw',
    name: 'Keyhole saw',
    aliases: ['pad saw', 'compass saw', 'plasterboard saw'],
    group: 'saws',
    roles: ['keyhole-saw'],
    specs: { reachMm: 120 },
    forms: byHand(11),
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'fret-saw',
    name: 'Fret saw',
    aliases: ['piercing saw', 'jeweller’s saw'],
    group: 'saws',
    roles: ['fret-saw'],
    specs: { throatMm: 280 },
    forms: byHand(16),
    hazard: 'sharp-edge'
  }),
  tool({
    id: 'flush-saw',
    name: 'Flush-cut saw',
    aliases: ['kugihiki', 'trim saw'],
    group: 'saws',
    roles: ['flush-saw'],
    specs: { bladeMm: 120 },
    forms: byHand(16),
    lifeHours: { getBy: 15, weekend: 30, trade: 50 },
    hazard: 'sharp-edge',
    why: 'Its teeth have no set, so it does not scratch what it rests on.'
  }),

  tool({
    id: 'pull-plane',
    name: 'Wooden pull plane, 65 mm',
    aliases: ['kanna', 'japanese plane'],
    group: 'planes',
    roles: ['smoothing-plane', 'pull-plane'],
    specs: { bladeMm: 65 },
    forms: byHand(72),
    tierPrices: { 'get-by': 0.4, trade: 2, lifetime: 3 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [
      stone,
      needed('A wooden body is adjusted with wood or brass, not a steel hammer.', 'mallet', 'plane-hammer')
    ],
    why: '50 to 70 mm to begin with; wider ones are harder to tune.'
  }),
  tool({
    id: 'jointer-plane',
    name: 'Jointer plane, 600 mm',
    aliases: ['try plane', 'no. 7 plane', 'long plane'],
    group: 'planes',
    roles: ['jointer-plane'],
    specs: { bladeMm: 60, lengthMm: 600 },
    forms: byHand(120),
    tierPrices: { 'get-by': 0.4, trade: 2, lifetime: 3 },
    storedM2: 0.05,
    hazard: 'sharp-edge',
    companions: [stone],
    why: 'Long enough to ride over the hollows of an edge.'
  }),
  tool({
    id: 'scrub-plane',
    name: 'Scrub plane',
    aliases: ['roughing plane'],
    group: 'planes',
    roles: ['scrub-plane'],
    specs: { bladeMm: 35 },
    forms: byHand(60),
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'shoulder-plane',
    name: 'Shoulder plane',
    aliases: ['rabbet block plane'],
    group: 'planes',
    roles: ['shoulder-plane'],
    specs: { bladeMm: 18 },
    forms: byHand(80),
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'rebate-plane',
    name: 'Rebate plane with fence',
    aliases: ['rabbet plane', 'fillister', 'moving fillister'],
    group: 'planes',
    roles: ['rebate-plane'],
    specs: { bladeMm: 38 },
    forms: byHand(70),
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'plough-plane',
    name: 'Plough plane',
    aliases: ['plow plane', 'grooving plane'],
    group: 'planes',
    roles: ['plough-plane'],
    specs: { bladeMm: 10 },
    forms: byHand(85),
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'router-plane',
    name: 'Router plane',
    aliases: ['hand router', 'granny’s tooth'],
    group: 'planes',
    roles: ['router-plane'],
    forms: byHand(70),
    tierPrices: { 'get-by': 0.4, trade: 2, lifetime: 3 },
    storedM2: 0.02,
    hazard: 'sharp-edge',
    companions: [stone],
    why: 'Brings the floor of a recess to one depth.'
  }),
  tool({
    id: 'scraper-handled',
    name: 'Scraper plane with handles',
    aliases: ['no. 80 scraper', 'cabinet scraper'],
    group: 'planes',
    roles: ['scraper-handled'],
    forms: byHand(32),
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [needed('A scraper cuts with a burr that has to be turned.', 'burnisher')]
  }),
  tool({
    id: 'spokeshave',
    name: 'Spokeshave',
    aliases: ['shave'],
    group: 'planes',
    roles: ['spokeshave'],
    forms: byHand(30),
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone]
  }),
  tool({
    id: 'drawknife',
    name: 'Drawknife',
    aliases: ['draw shave'],
    group: 'planes',
    roles: ['drawknife'],
    forms: byHand(40),
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone]
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
    companions: [stone, strike]
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
    companions: [stone, needed('The other hand holds the piece.', 'carving-glove')],
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
    id: 'dead-blow',
    name: 'Soft-face hammer',
    aliases: ['dead-blow mallet', 'rubber mallet'],
    group: 'striking',
    roles: ['mallet', 'assembly-mallet'],
    forms: byHand(14)
  }),
  tool({
    id: 'plane-hammer',
    name: 'Brass plane hammer',
    aliases: ['adjusting hammer'],
    group: 'striking',
    kind: 'accessory',
    roles: [],
    forms: byHand(16)
  }),
  tool({
    id: 'nail-set',
    name: 'Nail set',
    aliases: ['nail punch'],
    group: 'striking',
    kind: 'accessory',
    roles: [],
    forms: byHand(5)
  }),
  tool({
    id: 'pincers',
    name: 'Pliers and pincers',
    aliases: ['plier', 'combination pliers'],
    group: 'striking',
    roles: ['pliers'],
    forms: byHand(11)
  }),
  tool({
    id: 'wrench',
    name: 'Adjustable wrench',
    aliases: ['adjustable spanner', 'shifting spanner'],
    group: 'striking',
    roles: ['wrench'],
    forms: byHand(11)
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
  }),

  tool({
    id: 'diamond-plates',
    name: 'Diamond plates, two grits',
    aliases: ['diamond stones'],
    group: 'sharpening',
    roles: ['sharpening-surface', 'sharpening-flat'],
    forms: byHand(65),
    lifeHours: { getBy: 100, weekend: 250, trade: 400 },
    storedM2: 0.01,
    why: 'Stay flat by themselves; they need no flattener.'
  }),
  tool({
    id: 'honing-guide',
    name: 'Honing guide',
    aliases: ['sharpening jig'],
    group: 'sharpening',
    roles: ['honing-guide'],
    forms: byHand(14)
  }),
  tool({
    id: 'strop',
    name: 'Leather strop and compound',
    aliases: ['honing leather'],
    group: 'sharpening',
    roles: ['strop'],
    forms: byHand(12)
  }),
  tool({
    id: 'burnisher',
    name: 'Burnisher',
    aliases: ['ticketer'],
    group: 'sharpening',
    roles: ['burnisher'],
    forms: byHand(12)
  }),
  tool({
    id: 'bench-grinder',
    name: 'Bench grinder, 150 mm',
    aliases: ['grinder', 'dry grinder'],
    group: 'sharpening',
    roles: ['grinder'],
    forms: [corded(75, 1.5, 3)],
    lifeHours: { getBy: 150, weekend: 400, trade: 1000 },
    soundDbA: 86,
    storedM2: 0.08,
    hazard: 'spinning-bit',
    needs: ['eyes'],
    companions: [advised('Steel loses its temper when it turns blue: dip it often.', 'diamond-plates')]
  }),
  tool({
    id: 'water-grinder',
    name: 'Slow grinder in water',
    aliases: ['wet grinder', 'whetstone grinder'],
    group: 'sharpening',
    roles: ['grinder', 'water-grinder'],
    forms: [corded(150, 1, 2)],
    lifeHours: { getBy: 200, weekend: 500, trade: 1200 },
    soundDbA: 72,
    storedM2: 0.1,
    needs: ['eyes']
  })
]
