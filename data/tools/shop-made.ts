import { byHand, tool } from '../write'
import { made } from './companions'
import type { Tool } from '../../core/catalogue'

/** Made in the shop. */
export const shopMadeTools: readonly Tool[] = [
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
  }),
  made('shooting-board', 'Shooting board', ['end-grain board', 'chute board'], ['shooting-board'], {
    points: 30,
    specs: { widthMm: 200 },
    storedM2: 0.02
  }),
  made(
    'mitre-shooting-board',
    'Mitre shooting board',
    ['donkey’s ear', 'miter shooting board'],
    ['mitre-shooting-board'],
    { points: 35, specs: { widthMm: 150 }, storedM2: 0.02 }
  ),
  made('mitre-sled', 'Mitre sled', ['miter sled', 'picture-frame sled'], ['mitre-sled'], {
    points: 45,
    storedM2: 0.05
  }),
  made('taper-jig', 'Taper jig', ['tapering sled'], ['taper-jig'], {
    points: 30,
    specs: { lengthMm: 900 },
    storedM2: 0.03
  }),
  made('key-jig', 'Cradle for mitre keys', ['spline jig', 'mitre-key jig'], ['key-jig'], {
    points: 30,
    storedM2: 0.03
  }),
  made('tenon-jig', 'Tenon jig', ['tenoning jig'], ['tenon-jig'], { points: 60, storedM2: 0.04 }),
  made('dado-guide', 'Dado guide', ['housing guide', 'exact-width guide'], ['dado-guide'], {
    points: 30,
    specs: { lengthMm: 600 },
    storedM2: 0.03
  }),
  made('router-table-made', 'Table-top router table', ['router bench'], ['router-table'], {
    points: 80,
    storedM2: 0.12,
    hazard: 'router-bit'
  }),
  made('router-sled-made', 'Router sled, shop-made', ['flattening jig', 'slab jig'], ['router-sled'], {
    points: 60,
    storedM2: 0.12
  }),
  made('circle-jig-made', 'Router circle jig, shop-made', ['trammel base'], ['circle-jig'], {
    points: 15,
    specs: { reachMm: 500 }
  }),
  made('pin-template', 'Shelf-pin template', ['shelf hole strip'], ['pin-template'], {
    points: 15,
    specs: { lengthMm: 800 }
  }),
  made('tenon-router-jig', 'Mortising jig for a router', ['loose-tenon jig', 'mortise box'], ['mortise-jig'], {
    points: 60,
    storedM2: 0.04
  }),
  made('workbench-made', 'Workbench, shop-made', ['bench'], ['work-holding', 'bench', 'vice'], {
    points: 260,
    specs: { lengthMm: 1500, openingMm: 180 },
    storedM2: 0.9,
    standsMm: { stored: [1500, 600], used: [2000, 1000] },
    usedM2: 2
  }),
  made('outfeed-table', 'Outfeed table', ['run-off table'], ['outfeed'], {
    points: 60,
    storedM2: 0.3,
    standsMm: { stored: [600, 500] }
  }),
  made('squaring-blocks', 'Case-squaring blocks, four', ['corner blocks', 'assembly squares'], ['squaring-blocks'], {
    points: 20
  }),
  made('fairing-stick', 'Fairing stick', ['bending batten', 'spline'], ['curve'], {
    points: 5,
    specs: { lengthMm: 1500 }
  }),
  made('winding-sticks', 'Winding sticks', ['twist sticks'], ['winding-sticks'], { points: 15 }),
  made('story-stick', 'Story stick', ['storey rod', 'marking stick'], ['story-stick'], { points: 3 }),
  made('pinch-rods', 'Pinch rods', ['diagonal sticks', 'bar gauge'], ['pinch-rods'], { points: 8 }),
  made('bending-form', 'Bending form', ['lamination form', 'bending mould'], ['bending-form'], {
    points: 30,
    storedM2: 0.06
  }),
  made('cauls', 'Panel cauls', ['clamping cauls', 'bowed battens'], ['cauls'], { points: 12, storedM2: 0.02 }),
  made('clamp-rack', 'Clamp rack', ['clamp storage'], [], { points: 20, kind: 'storage', storedM2: 0 }),
  made('sheet-rack', 'Sheet rack', ['plywood rack'], [], {
    points: 40,
    kind: 'storage',
    storedM2: 0.3,
    standsMm: { stored: [1200, 250] }
  }),
  made('timber-rack', 'Timber rack', ['lumber rack'], [], { points: 40, kind: 'storage', storedM2: 0.1 }),
  made('push-stick-made', 'Push stick and block, shop-made', ['shop-made pusher'], [], {
    points: 6,
    kind: 'protection',
    why: 'Solid wood or ply, no metal; two, since one gets nicked.'
  }),
  made('featherboard-made', 'Featherboard, shop-made', ['shop-made hold-in'], [], { points: 8 }),
  made('zero-insert', 'Zero-clearance insert', ['throat plate', 'table insert'], [], {
    points: 14,
    caution: 'With its riving knife slot: the knife stays in.'
  }),
  made('dust-adapter', 'Saw-to-vacuum adapter, shop-made', ['dust shroud', 'hose box'], [], { points: 10 }),
  made('cleat-wall', 'French-cleat tool wall', ['french cleats', 'cleat rack'], [], {
    points: 60,
    kind: 'storage',
    storedM2: 0
  }),
  made('stop-fence-made', 'Mitre-saw fence with stop, shop-made', ['stop-block fence'], ['stop-fence'], {
    points: 30,
    specs: { lengthMm: 1200 },
    storedM2: 0.05
  }),
  made('drum-table', 'Table for a sanding drum', ['drum-sanding jig'], ['drum-table'], { points: 20, storedM2: 0.03 }),
  made('assembly-table', 'Low assembly table', ['torsion box', 'glue-up table'], ['outfeed'], {
    points: 90,
    storedM2: 0.7,
    standsMm: { stored: [1000, 700] }
  }),
  made('planing-stop', 'Planing stop', ['bench stop', 'planing board'], ['bench-dogs'], { points: 10 }),
  made('hinge-template', 'Hinge template, shop-made', ['butt-hinge template'], ['hinge-jig'], { points: 10 }),
  made('drawer-runner-jig', 'Spacers for drawer runners', ['slide spacers'], ['drawer-spacer'], { points: 8 }),
  made('edge-fence', 'Straddling fence for tall stock', ['tall fence'], [], { points: 15 }),
  made('machine-stand', 'Flip-top machine stand', ['tool stand'], ['saw-stand'], {
    points: 70,
    storedM2: 0.35,
    standsMm: { stored: [600, 580] }
  })
]
