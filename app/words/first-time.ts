import type { PlaceId } from '../places'
import { said } from './language'

/** The one thing to try at each place, said until it is done once. */
export const firstTime = said('firstTime', {
  label: 'The first time here',
  done: 'Got it',
  lines: {
    bench:
      'Press a name to see what it is and what to look at; say “Bought it” and the plan follows.',
    builds: 'Press a cell to see why it says so, and what else would do.',
    kit: 'Tick one thing you have: the plan needs to buy that much less.',
    weigh: 'Open a rung to see what it costs, what it brings, and to which builds.',
    stages:
      'Move a purchase by a payday: what that breaks is said at once, and Undo takes it back.',
    prices: 'Put in one price you have seen: every typical price follows it.',
    ledger:
      'Enter what you spent. Nothing is ever deleted: what was wrong is taken back by an entry.',
    side: 'Say at what price a piece sold: what an hour of it brings follows.',
    workshop: 'Say how large your room is, and no plan fills more of it.'
  } as const satisfies Record<PlaceId, string>
} as const)
