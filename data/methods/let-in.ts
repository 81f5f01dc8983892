import type { Method } from '../../core/catalogue'
import { method, need, needs, upTo } from '../write'
import { bit, guided, press, router, shank } from './hazards'
import { chopped, drilled, routed } from './manners'

/**
 * Joints with something let in: dowels, pockets, loose tenons, biscuits. A run is one joint as it stands in a piece, two of what is let
 * in, both sides bored or cut, dry. Common practice, a practised hobby user.
 */
export const letInMethods: readonly Method[] = [
  method({
    id: 'join-dowel/jig',
    operation: 'join-dowel',
    name: 'Dowelling jig',
    form: 'hand-held',
    roles: [need('dowel-jig'), need('drill'), need('mallet'), needs(2, 'clamp')],
    setupMinutes: 4,
    runMinutes: 5,
    accuracyMm: 0.4,
    hazard: bit,
    soundDbA: 82,
    dust: 'shavings'
  }),
  method({
    id: 'join-pocket/jig',
    operation: 'join-pocket',
    name: 'Pocket jig',
    form: 'hand-held',
    roles: [need('pocket-jig'), need('drill'), need('driver-bits'), need('clamp')],
    setupMinutes: 3,
    runMinutes: 3,
    accuracyMm: 0.7,
    hazard: bit,
    soundDbA: 82,
    dust: 'shavings',
    limits: [upTo('thicknessMm', 40)],
    why: 'Right for cases of sheet goods; not across the grain of wide solid panels, not for frames that carry load.'
  }),
  method({
    ...routed,
    hazard: router,
    id: 'join-loose-tenon/router',
    operation: 'join-loose-tenon',
    name: 'Plunge router in a mortising jig',
    roles: [need('plunge-router'), need('bit-straight'), need('mortise-jig')],
    ties: shank('bit-straight', 'plunge-router'),
    setupMinutes: 10,
    runMinutes: 8,
    accuracyMm: 0.25,
    marked: false,
    soundDbA: 101
  }),
  method({
    ...routed,
    id: 'join-loose-tenon/joiner',
    operation: 'join-loose-tenon',
    name: 'Loose-tenon joiner',
    roles: [need('tenon-joiner')],
    setupMinutes: 3,
    runMinutes: 2,
    accuracyMm: 0.2,
    marked: false,
    soundDbA: 90
  }),
  method({
    ...drilled,
    id: 'join-loose-tenon/drilled',
    operation: 'join-loose-tenon',
    name: 'Mortises bored in a guide and squared',
    roles: [need('drill'), need('drill-guide'), need('chisels')],
    setupMinutes: 6,
    runMinutes: 22,
    accuracyMm: 0.4
  }),
  method({
    ...chopped,
    id: 'join-loose-tenon/chisel',
    operation: 'join-loose-tenon',
    name: 'Both mortises by chisel',
    roles: [need('mortise-chisel'), need('marking-gauge'), need('work-holding')],
    setupMinutes: 5,
    runMinutes: 40,
    accuracyMm: 0.4,
    soundDbA: 84
  }),
  method({
    ...drilled,
    id: 'join-dowel/centres',
    operation: 'join-dowel',
    name: 'Dowel centres',
    roles: [need('drill'), need('dowel-centres'), need('drill-block'), need('mallet')],
    setupMinutes: 3,
    runMinutes: 7,
    accuracyMm: 0.7,
    marked: false
  }),
  method({
    form: 'benchtop',
    id: 'join-dowel/press',
    operation: 'join-dowel',
    name: 'Drill press and dowel centres',
    roles: [need('drill-press'), need('dowel-centres'), need('mallet')],
    setupMinutes: 6,
    runMinutes: 4.5,
    accuracyMm: 0.3,
    marked: false,
    hazard: press,
    soundDbA: 80,
    dust: 'shavings'
  }),
  method({
    form: 'hand-held',
    id: 'join-biscuit/joiner',
    operation: 'join-biscuit',
    name: 'Biscuit joiner',
    roles: [need('biscuit-joiner')],
    setupMinutes: 3,
    runMinutes: 2,
    accuracyMm: 0.4,
    hazard: guided,
    soundDbA: 96,
    dust: 'fine'
  }),
  method({
    ...routed,
    id: 'join-biscuit/slot-cutter',
    operation: 'join-biscuit',
    name: 'Slot cutter in a router',
    roles: [need('trim-router'), need('bit-slot')],
    ties: shank('bit-slot', 'trim-router'),
    setupMinutes: 5,
    runMinutes: 3.5,
    accuracyMm: 0.5
  }),
  method({
    id: 'join-dowel/brace',
    operation: 'join-dowel',
    name: 'Dowels bored by hand from centres',
    form: 'hand',
    roles: [need('brace'), need('dowel-centres'), need('drill-block'), need('mallet')],
    setupMinutes: 4,
    runMinutes: 11,
    accuracyMm: 0.8,
    dust: 'shavings',
    family: 'joints',
    skill: 'some'
  })
]
