import { advised, byHand, corded, needed, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** For finishing, staining and bending by steam. */
export const finishingTools: readonly Tool[] = [
  tool({
    id: 'finish-brush',
    name: 'Good brush for clear finish',
    aliases: ['varnish brush', 'bristle brush'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['finish-brush'],
    forms: byHand(11),
    why: 'Cleaned at once it lasts for years.'
  }),
  tool({
    id: 'paint-roller',
    name: 'Small foam roller and tray',
    aliases: ['mini roller', 'paint roller'],
    group: 'accessories',
    kind: 'accessory',
    roles: ['paint-roller'],
    forms: byHand(8),
    lifeHours: { getBy: 3, weekend: 6, trade: 8 }
  }),
  tool({
    id: 'spray-gun',
    name: 'Low-pressure sprayer',
    aliases: ['turbine sprayer', 'hvlp sprayer', 'paint sprayer'],
    group: 'hand-power',
    roles: ['spray-gun'],
    forms: [corded(80, 3, 6)],
    lifeHours: { getBy: 40, weekend: 120, trade: 400 },
    soundDbA: 86,
    storedM2: 0.06,
    hazard: 'dust',
    needs: ['eyes', 'ears', 'lungs'],
    companions: [needed('A dust filter lets vapour through.', 'vapour-mask')],
    caution: 'Mist burns and vapour harms: outdoors or with real extraction, no flame, and the mask for vapour on.'
  }),
  tool({
    id: 'vapour-mask',
    name: 'Half mask with vapour filters',
    aliases: ['organic vapour respirator', 'spray mask'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(32),
    protects: ['lungs'],
    lifeHours: { getBy: 15, weekend: 20, trade: 25 },
    why: 'For solvents and sprayed finish; hours are those of the filters.'
  }),
  tool({
    id: 'rag-bin',
    name: 'Metal bin with a lid for oily rags',
    aliases: ['oily waste can', 'rag can'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(18),
    storedM2: 0.04,
    why: 'Oily cloths in a heap can catch fire by themselves.'
  }),
  tool({
    id: 'smoke-alarm',
    name: 'Smoke alarm',
    aliases: ['smoke detector', 'heat alarm'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(12),
    why: 'A heat alarm where dust would set off the other kind.'
  }),
  tool({
    id: 'no-volt-switch',
    name: 'No-volt release switch',
    aliases: ['paddle switch', 'emergency stop switch'],
    group: 'protection',
    kind: 'protection',
    roles: [],
    forms: byHand(28),
    why: 'A machine does not start again by itself when the current comes back.',
    caution: 'Plug-in ones only; anything wired is for a licensed electrician.'
  }),
  tool({
    id: 'auto-socket',
    name: 'Tool-triggered socket for the vacuum',
    aliases: ['automatic vacuum switch', 'power-tool socket'],
    group: 'dust',
    kind: 'accessory',
    roles: [],
    forms: byHand(26),
    why: 'The vacuum runs when the tool runs. Both together must stay within the circuit.'
  }),
  tool({
    id: 'hose-gates',
    name: 'Blast gates and hose',
    aliases: ['dust gates', 'duct gates', 'hose gates'],
    group: 'dust',
    kind: 'accessory',
    roles: [],
    forms: byHand(24),
    companions: [needed('Gates steer what an extractor draws.', 'chip-extractor')]
  }),
  tool({
    id: 'steam-box',
    name: 'Steam generator and hose',
    aliases: ['wallpaper steamer', 'steam bending kit'],
    group: 'accessories',
    roles: ['steam-box'],
    forms: [corded(48, 8, 12)],
    storedM2: 0.1,
    hazard: null,
    companions: [advised('Bent while it is hot, over a form.', 'bending-form')],
    caution: 'Steam scalds: long gloves, the box open at its low end, never sealed.'
  }),
  tool({
    id: 'heat-gun',
    name: 'Heat gun',
    aliases: ['hot-air gun'],
    group: 'hand-power',
    roles: ['heat-gun'],
    forms: [corded(34, 8, 12)],
    soundDbA: 70,
    storedM2: 0.03,
    caution: 'Hot enough to light shavings; old paint may hold lead: have it tested first.'
  })
]
