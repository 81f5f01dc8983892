import type { Tool } from '../../core/catalogue'
import { advised, byHand, corded, needed, tool } from '../write'

/** Clamps, benches, support, dust, storage, protection and small accessories. Prices in index points, weekend tier; common practice. */
export const benchRoomTools: readonly Tool[] = [
  tool({
    id: 'f-clamp-300',
    name: 'F-clamp, 300 mm',
    aliases: ['bar clamp', 'cramp', 'f-cramp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 300 },
    forms: byHand(9),
    storedM2: 0.01
  }),
  tool({
    id: 'g-clamp-100',
    name: 'G-clamp, 100 mm',
    aliases: ['c-clamp', 'g-cramp', 'screw clamp'],
    group: 'clamps',
    roles: ['g-clamp', 'small-clamp'],
    specs: { openingMm: 100 },
    forms: byHand(8),
    storedM2: 0.01
  }),
  tool({
    id: 'parallel-clamp-600',
    name: 'Parallel clamp, 600 mm',
    aliases: ['parallel-jaw clamp', 'cabinet clamp'],
    group: 'clamps',
    roles: ['clamp', 'parallel-clamp'],
    specs: { openingMm: 600 },
    forms: byHand(36),
    storedM2: 0.01
  }),
  tool({
    id: 'parallel-clamp-1000',
    name: 'Parallel clamp, 1 m',
    aliases: ['parallel-jaw clamp'],
    group: 'clamps',
    roles: ['clamp', 'parallel-clamp'],
    specs: { openingMm: 1000 },
    forms: byHand(46),
    storedM2: 0.02
  }),
  tool({
    id: 'pipe-clamp-1500',
    name: 'Pipe clamp, 1.5 m',
    aliases: ['sash clamp', 'long clamp'],
    group: 'clamps',
    roles: ['clamp'],
    specs: { openingMm: 1500 },
    forms: byHand(34),
    storedM2: 0.02
  }),
  tool({
    id: 'spring-clamps',
    name: 'Spring clamps, six',
    aliases: ['pegs', 'clothes-peg clamps'],
    group: 'clamps',
    roles: ['spring-clamp', 'small-clamp'],
    specs: { openingMm: 50 },
    forms: byHand(10)
  }),
  tool({
    id: 'hand-screw',
    name: 'Wooden hand screw',
    aliases: ['handscrew clamp'],
    group: 'clamps',
    roles: ['hand-screw'],
    specs: { openingMm: 150 },
    forms: byHand(18),
    storedM2: 0.01,
    why: 'Holds small and tapered work, and small pieces at a machine.'
  }),
  tool({
    id: 'corner-clamps',
    name: 'Corner clamps, four',
    aliases: ['frame clamps', 'mitre clamps'],
    group: 'clamps',
    roles: ['corner-clamp'],
    forms: byHand(26),
    storedM2: 0.01
  }),
  tool({
    id: 'holdfasts',
    name: 'Holdfasts, pair',
    aliases: ['bench holdfast'],
    group: 'clamps',
    roles: ['holdfast'],
    forms: byHand(32),
    companions: [
      needed('A holdfast needs a hole in a thick bench top.', 'workbench', 'workbench-made'),
      needed('Set and freed with a blow.', 'mallet', 'dead-blow')
    ]
  }),
  tool({
    id: 'bench-dogs',
    name: 'Bench dogs and planing stop',
    aliases: ['bench stops'],
    group: 'clamps',
    kind: 'accessory',
    roles: ['bench-dogs'],
    forms: byHand(16),
    companions: [needed('Dogs sit in holes of a bench.', 'workbench', 'workbench-made', 'fold-bench')]
  }),
  tool({
    id: 'front-vice',
    name: 'Front vice, 230 mm',
    aliases: ['woodworking vise', 'face vise', 'bench vise'],
    group: 'clamps',
    roles: ['work-holding', 'vice'],
    specs: { openingMm: 230 },
    forms: byHand(80),
    storedM2: 0,
    companions: [needed('It hangs on a bench.', 'workbench', 'workbench-made')]
  }),

  tool({
    id: 'workbench',
    name: 'Workbench with vice',
    aliases: ['joiner’s bench'],
    group: 'support',
    roles: ['work-holding', 'bench'],
    specs: { lengthMm: 1400 },
    forms: byHand(300),
    storedM2: 0.9,
    usedM2: 2
  }),
  tool({
    id: 'roller-stand',
    name: 'Roller stand',
    aliases: ['support stand', 'outfeed roller'],
    group: 'support',
    kind: 'accessory',
    roles: ['outfeed'],
    forms: byHand(28),
    storedM2: 0.05
  }),
  tool({
    id: 'saw-stand',
    name: 'Mitre-saw stand',
    aliases: ['miter saw stand'],
    group: 'support',
    kind: 'accessory',
    roles: ['saw-stand'],
    forms: byHand(85),
    storedM2: 0.15
  }),
  tool({
    id: 'work-light',
    name: 'Work light',
    aliases: ['lamp', 'site light'],
    group: 'support',
    kind: 'storage',
    roles: [],
    forms: [corded(22, 0.2, 0.4)]
  }),
  tool({
    id: 'floor-mat',
    name: 'Standing mat',
    aliases: ['anti-fatigue mat'],
    group: 'support',
    kind: 'storage',
    roles: [],
    forms: byHand(18),
    storedM2: 0.02
  }),

  tool({
    id: 'broom',
    name: 'Broom, brush and pan',
    aliases: ['dustpan', 'bench brush'],
    group: 'dust',
    roles: ['broom'],
    forms: byHand(9),
    storedM2: 0.02,
    why: 'Sweeping raises fine dust again: open the door, wear the mask.'
  }),
  tool({
    id: 'cyclone-bin',
    name: 'Cyclone lid for a bin',
    aliases: ['dust separator', 'cyclone'],
    group: 'dust',
    kind: 'accessory',
    roles: ['cyclone'],
    forms: byHand(42),
    storedM2: 0.15
  }),
  tool({
    id: 'hose-adapters',
    name: 'Hose and adapters',
    aliases: ['dust hose', 'hose cuff'],
    group: 'dust',
    kind: 'accessory',
    roles: [],
    forms: byHand(15)
  }),

  tool({
    id: 'ear-plugs',
    name: 'Ear plugs, box',
    aliases: ['foam plugs', 'hearing protection'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(5),
    lifeHours: { getBy: 30, weekend: 60, trade: 60 },
    protects: ['ears'],
    why: 'Rolled thin and held in until they swell; field tests find most people get half of what the box says.'
  }),
  tool({
    id: 'face-shield',
    name: 'Face shield',
    aliases: ['visor'],
    group: 'protection',
    kind: 'protection',
    roles: ['face-shield'],
    forms: byHand(18),
    protects: ['eyes'],
    why: 'Over glasses where bowls or splinters fly.'
  }),
  tool({
    id: 'powered-mask',
    name: 'Powered visor with filter',
    aliases: ['powered respirator', 'air-fed visor'],
    group: 'protection',
    kind: 'protection',
    roles: ['powered-mask'],
    forms: byHand(190),
    protects: ['eyes', 'lungs'],
    why: 'For beards, glasses and long days at the lathe.'
  }),
  tool({
    id: 'carving-glove',
    name: 'Cut-proof glove',
    aliases: ['carving glove', 'thumb guard'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(8),
    caution: 'For the hand that holds a carving; never near anything that turns.'
  }),
  tool({
    id: 'first-aid-kit',
    name: 'First-aid kit',
    aliases: ['plasters', 'bandages'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(12)
  }),
  tool({
    id: 'fire-extinguisher',
    name: 'Fire extinguisher',
    aliases: ['fire blanket'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(26),
    storedM2: 0.02
  }),
  tool({
    id: 'leakage-breaker',
    name: 'Plug-in leakage breaker',
    aliases: ['residual-current adapter', 'ground-fault adapter'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(16),
    why: 'For outlets that have none; anything beyond plugging in is for a licensed electrician.'
  }),

  tool({
    id: 'tool-chest',
    name: 'Tool chest',
    aliases: ['tool box'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(38),
    storedM2: 0.15
  }),
  tool({
    id: 'stacking-boxes',
    name: 'Stacking boxes',
    aliases: ['crates', 'organisers'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(28),
    storedM2: 0.12
  }),
  tool({
    id: 'tool-bucket',
    name: 'Bucket with tool pockets',
    aliases: ['bucket seat', 'tool bag'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(14),
    storedM2: 0.05
  }),
  tool({
    id: 'drawer-cabinet',
    name: 'Drawer cabinet on wheels',
    aliases: ['rolling cabinet', 'tool trolley'],
    group: 'storage',
    kind: 'storage',
    roles: [],
    forms: byHand(120),
    storedM2: 0.3
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
  })
]
/** Shop-made fittings beyond the first ones; each is the outcome of a jig template. Points say what a bought one of its kind would cost. */
const made = (
  id: string,
  name: string,
  aliases: string[],
  roles: string[],
  points: number,
  rest: Partial<Tool> = {}
): Tool =>
  tool({
    id,
    name,
    aliases,
    group: 'shop-made',
    kind: 'accessory',
    roles,
    forms: byHand(points),
    madeBy: `jig-${id}`,
    ...rest
  })

export const moreShopMade: readonly Tool[] = [
  made('shooting-board', 'Shooting board', ['end-grain board', 'chute board'], ['shooting-board'], 30, {
    specs: { widthMm: 200 },
    storedM2: 0.02
  }),
  made(
    'mitre-shooting-board',
    'Mitre shooting board',
    ['donkey’s ear', 'miter shooting board'],
    ['mitre-shooting-board'],
    35,
    { specs: { widthMm: 150 }, storedM2: 0.02 }
  ),
  made('mitre-sled', 'Mitre sled', ['miter sled', 'picture-frame sled'], ['mitre-sled'], 45, { storedM2: 0.05 }),
  made('taper-jig', 'Taper jig', ['tapering sled'], ['taper-jig'], 30, { specs: { lengthMm: 900 }, storedM2: 0.03 }),
  made('key-jig', 'Cradle for mitre keys', ['spline jig', 'mitre-key jig'], ['key-jig'], 30, { storedM2: 0.03 }),
  made('tenon-jig', 'Tenon jig', ['tenoning jig'], ['tenon-jig'], 60, { storedM2: 0.04 }),
  made('dado-guide', 'Dado guide', ['housing guide', 'exact-width guide'], ['dado-guide'], 30, {
    specs: { lengthMm: 600 },
    storedM2: 0.03
  }),
  made('router-table-made', 'Table-top router table', ['router bench'], ['router-table'], 80, {
    storedM2: 0.12,
    hazard: 'router-bit'
  }),
  made('router-sled-made', 'Router sled, shop-made', ['flattening jig', 'slab jig'], ['router-sled'], 60, {
    storedM2: 0.12
  }),
  made('circle-jig-made', 'Router circle jig, shop-made', ['trammel base'], ['circle-jig'], 15, {
    specs: { reachMm: 500 }
  }),
  made('pin-template', 'Shelf-pin template', ['shelf hole strip'], ['pin-template'], 15, { specs: { lengthMm: 800 } }),
  made('tenon-router-jig', 'Mortising jig for a router', ['loose-tenon jig', 'mortise box'], ['mortise-jig'], 60, {
    storedM2: 0.04
  }),
  made('workbench-made', 'Workbench, shop-made', ['bench'], ['work-holding', 'bench'], 260, {
    specs: { lengthMm: 1500 },
    storedM2: 0.9,
    usedM2: 2
  }),
  made('outfeed-table', 'Outfeed table', ['run-off table'], ['outfeed'], 60, { storedM2: 0.3 }),
  made('squaring-blocks', 'Case-squaring blocks, four', ['corner blocks', 'assembly squares'], ['squaring-blocks'], 20),
  made('fairing-stick', 'Fairing stick', ['bending batten', 'spline'], ['curve'], 5, { specs: { lengthMm: 1500 } }),
  made('winding-sticks', 'Winding sticks', ['twist sticks'], ['winding-sticks'], 15),
  made('story-stick', 'Story stick', ['storey rod', 'marking stick'], ['story-stick'], 3),
  made('pinch-rods', 'Pinch rods', ['diagonal sticks', 'bar gauge'], ['pinch-rods'], 8),
  made('bending-form', 'Bending form', ['lamination form', 'bending mould'], ['bending-form'], 30, { storedM2: 0.06 }),
  made('cauls', 'Panel cauls', ['clamping cauls', 'bowed battens'], ['cauls'], 12, { storedM2: 0.02 }),
  made('clamp-rack', 'Clamp rack', ['clamp storage'], [], 20, { kind: 'storage', storedM2: 0 }),
  made('sheet-rack', 'Sheet rack', ['plywood rack'], [], 40, { kind: 'storage', storedM2: 0.3 }),
  made('timber-rack', 'Timber rack', ['lumber rack'], [], 40, { kind: 'storage', storedM2: 0.1 }),
  made('machine-stand', 'Flip-top machine stand', ['tool stand'], ['saw-stand'], 70, { storedM2: 0.35 })
]

export const smallMachines: readonly Tool[] = [
  tool({
    id: 'air-filter-box',
    name: 'Fan with filter box',
    aliases: ['box-fan filter', 'cheap air cleaner'],
    group: 'dust',
    kind: 'storage',
    roles: [],
    forms: [corded(32, 0.4, 0.8)],
    soundDbA: 58,
    storedM2: 0.1
  })
]
