import type { Together } from '../../core/workshop'
import { said } from './language'
import { plural } from './plural'
import type { Say } from './say'

/** Circuits, their outlets and what hangs on them. */
export const circuits = said('circuits', {
  titleNone: 'Say what your circuit is rated for',
  title: (count: number, most: string, volts: number) =>
    count === 1
      ? `One circuit, ${most} A for tools at ${volts} V`
      : `${plural(count, 'circuit', 'circuits')}, up to ${most} A for tools`,
  subtitle:
    'What runs together, and on which cord. Beyond plugging in, everywhere: ask a licensed electrician.',
  listTitle: 'Circuits',
  first: 'Circuit',
  named: (n: number) => `Circuit ${n}`,
  name: 'Name',
  rating: 'Breaker, A',
  volts: 'Voltage',
  add: 'Another circuit',
  apart: 'Tell circuits apart',
  remove: 'Take this circuit out',
  left: (amps: string) => `${amps} A left for tools.`,
  none: 'Nothing left for tools: what always hangs on it takes all. No tool is planned for it.',
  outlets: (count: number) =>
    count === 0
      ? 'No outlet of the floor plan is on it.'
      : `${plural(count, 'outlet', 'outlets')} of the floor plan.`,
  alsoName: 'What',
  alsoAmps: 'Current, A',
  alsoAlways: 'Runs all the time',
  alsoAdd: 'Add what hangs on it',
  alsoNew: 'Light',
  alsoRemove: 'Take out',
  stray: (count: number) =>
    `${plural(count, 'outlet is', 'outlets are')} on no circuit there is: choose it in the floor plan and say which.`,
  strayTake: (name: string) => `Put on ${name}`,
  pairsTitle: 'What runs together here',
  pairsNone:
    'Nothing that is owned or planned runs from an outlet together with a vacuum or an extractor.',
  pair: (say: Say, { tool, with: other, on, apart }: Together, said: boolean) => {
    const both = `${say.tool(tool)} and ${say.tool(other)}`
    if (!said) return `${both}: say the rating, and it is held against that.`
    if (on)
      return `${both}: ${say.number(on.amps, 1)} A${on.name === '' ? '' : ` on ${on.name}`}, ${say.percent(on.share)} of what it carries.`
    if (apart)
      return `${both}: too much for one circuit; ${say.tool(tool)} on ${apart[0]}, ${say.tool(other)} on ${apart[1]}.`
    return `${both}: too much together. Empty the saw’s bag by hand and vacuum after, run the battery form of one, or ask a licensed electrician for a second circuit.`
  },
  onCircuit: 'On circuit'
} as const)
