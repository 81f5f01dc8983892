import { said } from './language'

/** What runs together on a circuit, and which cord serves. */
export const powerSense = said('powerSense', {
  together: 'What runs at the same time?',
  pick: 'Tools that run together',
  also: 'What else hangs on the circuit, A',
  long: 'For three hours and longer at a stretch',
  none: 'Choose the saw and the vacuum, or whatever starts together.',
  carries: (amps: string, share: string) =>
    `${amps} A together, ${share} of what the circuit may carry: it holds.`,
  close: (amps: string, share: string) =>
    `${amps} A together, ${share} of what the circuit may carry: it holds, but the pull of a motor starting may still trip it. Start them one after another.`,
  over: (amps: string, rating: string) =>
    `${amps} A together are more than the ${rating} A circuit may carry: it will trip. Run one at a time, move the heater or the charger elsewhere, or ask a licensed electrician for another circuit.`,
  noRating: 'Say what the circuit is rated for, and it is held against that.',
  starting:
    'A motor draws several times its current for a moment when it starts; soft start and a slow breaker help, and an electrician knows which.',
  cordTitle: 'Which cord?',
  cordLength: 'Length of the cord, m',
  cordLengthFeet: 'Length of the cord, ft',
  cordAmps: 'Current of the tool, A',
  cord: (gauge: string, lost: string, share: string) =>
    `At least ${gauge}: it loses ${lost} V, ${share} of the voltage.`,
  noCord: (length: string) =>
    `No usual cord of ${length} serves for that: it would lose more than 3 % of the voltage, the motor grows hot and weak. Bring an outlet nearer by a licensed electrician, or use a shorter cord.`,
  thinner: (gauge: string, share: string) => `One of ${gauge} loses ${share}: too thin.`,
  unrolled:
    'Unroll it wholly: on the drum it heats up. One cord, not several in a row; look at what stands on it.'
} as const)
