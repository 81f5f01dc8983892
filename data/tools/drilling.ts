import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, cordless, needed, tool } from '../write'
import { bits, packs } from './companions'

/** Drills and bits. */
export const drillingTools: readonly Tool[] = [
  tool({
    id: 'brace',
    name: 'Hand brace and bits',
    aliases: ['brace and bits', 'bit brace', 'auger'],
    group: 'drilling',
    roles: ['brace', 'hole-maker'],
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
    id: 'hand-drill',
    name: 'Hand drill with a wheel',
    aliases: ['egg-beater drill'],
    group: 'drilling',
    roles: ['hand-drill', 'hole-maker'],
    forms: byHand(30),
    storedM2: 0.02,
    companions: [bits]
  }),
  tool({
    id: 'flat-bits',
    name: 'Flat bits, set',
    aliases: ['spade bits', 'paddle bits'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['large-bit', 'flat-bits'],
    specs: { bladeMm: 32 },
    forms: byHand(8)
  }),
  tool({
    id: 'forstner-bits',
    name: 'Forstner bits, set',
    aliases: ['cup-hinge bit', '35 mm hinge bit'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['large-bit', 'forstner-bits'],
    specs: { bladeMm: 35 },
    forms: byHand(28),
    why: 'Cuts a clean flat-bottomed hole; wants a slow, steady drill.'
  }),
  tool({
    id: 'hole-saws',
    name: 'Hole saws, set',
    aliases: ['hole cutter'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['hole-saws'],
    specs: { bladeMm: 68 },
    forms: byHand(22)
  }),
  tool({
    id: 'auger-bits',
    name: 'Auger bits, three',
    aliases: ['brace bits', 'snail bits'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['auger-bits'],
    specs: { bladeMm: 25 },
    forms: byHand(24)
  }),
  tool({
    id: 'countersink',
    name: 'Countersink',
    aliases: ['screw sink'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['countersink'],
    forms: byHand(7)
  }),
  tool({
    id: 'countersink-stop',
    name: 'Pilot bit with countersink and depth stop',
    aliases: ['screw pilot', 'countersink with stop'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['countersink', 'countersink-stop'],
    forms: byHand(18),
    why: 'Bores, sinks and stops in one go.'
  }),
  tool({
    id: 'plug-cutter',
    name: 'Plug cutter',
    aliases: ['tenon cutter', 'button cutter'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['plug-cutter'],
    forms: byHand(11)
  }),
  tool({
    id: 'self-centring-bits',
    name: 'Self-centring hinge bits',
    aliases: ['self-centering bits', 'hinge drill'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['self-centring'],
    forms: byHand(12)
  }),
  tool({
    id: 'masonry-bits',
    name: 'Masonry bits',
    aliases: ['wall bits', 'hammer bits'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['masonry-bits'],
    forms: byHand(9)
  }),
  tool({
    id: 'hex-holder',
    name: 'Quick-change hex holder',
    aliases: ['bit holder', 'drill-drive flip'],
    group: 'drilling',
    kind: 'accessory',
    roles: [],
    forms: byHand(9),
    why: 'One drill changes between boring and driving in a second.'
  }),
  tool({
    id: 'dowel-centres',
    name: 'Dowel centres',
    aliases: ['dowel points', 'centre points'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['dowel-centres'],
    forms: byHand(5)
  }),
  tool({
    id: 'pin-jig',
    name: 'Shelf-pin drilling jig',
    aliases: ['shelf hole jig'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['pin-jig'],
    specs: { lengthMm: 300 },
    forms: byHand(22),
    companions: [advised('A stop keeps the bit from coming through.', 'drill-bits')]
  }),
  tool({
    id: 'sanding-drum',
    name: 'Sanding drum for a drill',
    aliases: ['drum sander kit'],
    group: 'drilling',
    kind: 'accessory',
    roles: ['sanding-drum'],
    forms: byHand(11),
    lifeHours: { getBy: 8, weekend: 20, trade: 30 }
  }),
  tool({
    id: 'drill-driver',
    name: 'Drill driver',
    aliases: ['cordless drill', 'screw gun', 'drill'],
    group: 'drilling',
    roles: ['drill', 'hole-maker'],
    forms: [cordless(100, 50), corded(60, 3, 6)],
    lifeHours: { getBy: 80, weekend: 250, trade: 700 },
    soundDbA: 80,
    roams: 'much',
    forgives: true,
    storedM2: 0.04,
    hazard: 'spinning-bit',
    needs: ['eyes'],
    companions: [
      bits,
      advised('One drill bores and drives without a change of chuck.', 'hex-holder'),
      advised('A tool on a cord needs reach to an outlet.', 'extension-cord')
    ],
    tierPrices: { trade: 1.75, lifetime: 2.6 },
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
    companions: [packs, needed('Plain bits shatter under impact.', 'impact-bits')]
  }),
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
    id: 'press-vice',
    name: 'Vice for a drill press',
    aliases: ['machine vise', 'drill vice'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['press-vice'],
    specs: { openingMm: 90 },
    forms: byHand(28)
  })
]
