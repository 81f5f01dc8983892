import type { Method } from '../../core/catalogue'
import { method, need, needs, upTo } from '../write'
import { bit, edge } from './hazards'
import { fixed } from './manners'

/** Going together and going right: dry fit, trying a jig out, drawers, and what goes on between the cuts. Common practice. */
export const assemblyMethods: readonly Method[] = [
  method({
    ...fixed,
    id: 'keep-shop/as-one-goes',
    operation: 'keep-shop',
    name: 'As one goes',
    roles: [],
    setupMinutes: 0,
    runMinutes: 60,
    why: 'Choosing boards, fetching tools, thinking, sweeping up: about a sixth of the hours, however one works.'
  }),
  method({
    ...fixed,
    id: 'dry-fit/hands',
    operation: 'dry-fit',
    name: 'Put together by hand',
    roles: [],
    setupMinutes: 5,
    runMinutes: 1.5,
    why: 'What does not go together dry will not go together with glue on it.'
  }),
  method({
    ...fixed,
    id: 'dry-fit/clamps',
    operation: 'dry-fit',
    name: 'Put together with clamps',
    roles: [needs(2, 'clamp')],
    setupMinutes: 4,
    runMinutes: 1.2
  }),
  method({
    ...fixed,
    id: 'trial/offcuts',
    operation: 'trial',
    name: 'Tried on offcuts, shifted, tried again',
    roles: [],
    setupMinutes: 0,
    runMinutes: 15
  }),
  method({
    ...fixed,
    id: 'trial/square',
    operation: 'trial',
    name: 'Tried against a square',
    roles: [need('square-fine')],
    setupMinutes: 0,
    runMinutes: 13
  }),
  method({
    ...fixed,
    id: 'trial/calipers',
    operation: 'trial',
    name: 'Tried and measured with calipers',
    roles: [need('calipers')],
    setupMinutes: 0,
    runMinutes: 12
  }),
  method({
    ...fixed,
    id: 'fit-drawer/plane',
    operation: 'fit-drawer',
    name: 'Planed to slide on runners',
    roles: [need('block-plane')],
    setupMinutes: 5,
    runMinutes: 35,
    hazard: edge,
    soundDbA: 68,
    dust: 'shavings',
    family: 'edge-tools',
    skill: 'some'
  }),
  method({
    ...fixed,
    id: 'fit-drawer/sanded',
    operation: 'fit-drawer',
    name: 'Sanded to slide, waxed',
    roles: [need('sanding-block')],
    setupMinutes: 5,
    runMinutes: 45,
    dust: 'fine'
  }),
  method({
    id: 'fit-drawer/slides',
    operation: 'fit-drawer',
    name: 'Bought slides',
    form: 'hand-held',
    roles: [need('drill'), need('driver-bits')],
    setupMinutes: 10,
    runMinutes: 25,
    marked: false,
    hazard: bit,
    soundDbA: 78,
    family: 'hand-power',
    skill: 'anyone'
  }),
  method({
    id: 'fit-drawer/spacers',
    operation: 'fit-drawer',
    name: 'Bought slides, set by spacers',
    form: 'hand-held',
    roles: [need('drill'), need('driver-bits'), need('drawer-spacer')],
    setupMinutes: 6,
    runMinutes: 16,
    marked: false,
    hazard: bit,
    soundDbA: 78,
    family: 'hand-power',
    skill: 'anyone'
  }),
  method({
    ...fixed,
    id: 'hold/grip-mat',
    operation: 'hold',
    name: 'Non-slip mat, for sanding and routing',
    roles: [need('grip-mat')],
    setupMinutes: 0.5,
    runMinutes: 0,
    limits: [upTo('thicknessMm', 60)]
  }),
  method({
    ...fixed,
    id: 'hold/toggle',
    operation: 'hold',
    name: 'Toggle clamps on a board',
    roles: [need('toggle-clamp')],
    setupMinutes: 2,
    runMinutes: 0,
    limits: [upTo('thicknessMm', 40)]
  })
]
