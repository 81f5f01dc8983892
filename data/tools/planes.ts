import { byHand, needed, tool } from '../write'
import { stone } from './companions'
import type { Tool } from '../../core/catalogue'

/** Planes, scrapers, shaves. */
export const planesTools: readonly Tool[] = [
  tool({
    id: 'jack-plane',
    name: 'Jack plane',
    aliases: ['no. 5 plane', 'bench plane'],
    group: 'planes',
    roles: ['jack-plane'],
    specs: { bladeMm: 50 },
    forms: byHand(75),
    tierPrices: { 'get-by': 0.3, trade: 2, lifetime: 4 },
    storedM2: 0.03,
    hazard: 'sharp-edge',
    companions: [stone],
    exacting: true
  }),
  tool({
    id: 'smoothing-plane',
    name: 'Smoothing plane',
    aliases: ['no. 4 plane'],
    group: 'planes',
    roles: ['smoothing-plane'],
    specs: { bladeMm: 50 },
    forms: byHand(65),
    tierPrices: { 'get-by': 0.3, trade: 2, lifetime: 4.5 },
    storedM2: 0.03,
    hazard: 'sharp-edge',
    companions: [stone],
    exacting: true
  }),
  tool({
    id: 'block-plane',
    name: 'Block plane',
    aliases: ['apron plane'],
    group: 'planes',
    roles: ['block-plane'],
    specs: { bladeMm: 35 },
    forms: byHand(38),
    tierPrices: { 'get-by': 0.4, trade: 2, lifetime: 4 },
    storedM2: 0.01,
    hazard: 'sharp-edge',
    companions: [stone],
    exacting: true
  }),
  tool({
    id: 'scraper',
    name: 'Card scraper',
    aliases: [],
    group: 'planes',
    roles: ['scraper'],
    forms: byHand(8),
    hazard: 'sharp-edge',
    companions: [needed('A scraper cuts with a burr that has to be turned.', 'burnisher')]
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
    exacting: true,
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
    exacting: true,
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
    companions: [stone],
    exacting: true
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
    companions: [stone],
    exacting: true
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
    exacting: true,
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
    companions: [stone],
    exacting: true
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
  })
]
