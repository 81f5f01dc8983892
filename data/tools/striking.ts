import { advised, byHand, tool } from '../write'
import type { Tool } from '../../core/catalogue'

/** Mallets, hammers, and what pulls and turns. */
export const strikingTools: readonly Tool[] = [
  tool({
    id: 'mallet',
    name: 'Mallet',
    aliases: ['wooden hammer', 'joiner mallet'],
    group: 'striking',
    roles: ['mallet'],
    forms: byHand(12)
  }),
  tool({
    id: 'hammer',
    name: 'Hammer, 300 g',
    aliases: ['bench hammer', 'claw hammer'],
    group: 'striking',
    roles: ['hammer'],
    forms: byHand(12),
    companions: [advised('Sinks a nail without bruising the wood.', 'nail-set')]
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
    id: 'staple-gun',
    name: 'Hand stapler',
    aliases: ['tacker', 'staple gun'],
    group: 'striking',
    roles: ['stapler'],
    forms: byHand(13)
  })
]
