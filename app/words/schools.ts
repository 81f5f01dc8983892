import type { Say } from './say'
import { said } from './language'

export const schools = said('schools', {
  title: (name: string) => `You follow “${name}”`,
  titleMix: (name: string) => `Your own mix, after “${name}”`,
  titleOwn: 'Your own mix',
  subtitle:
    'Practitioners disagree. Nothing is decided for you: take up a school, take sides, or weigh it all yourself.',
  first: 'First money',
  argument: 'Why',
  givesUp: 'Gives up',
  weights: 'Weighs',
  leanings: 'Leans towards',
  away: 'and away from',
  bans: 'Leaves out',
  noMotors: 'all with a motor',
  noMotorsBut: (but: string) => `all with a motor but ${but}`,
  takeUp: 'Take it up',
  leave: 'Back to your own mix',
  following: 'You follow this one.',
  blend: 'Between two schools',
  blendWith: 'and',
  blendChoose: 'another school',
  blendShare: (a: string, b: string, share: string) => `${share} of the way from “${a}” to “${b}”`,
  blendTake: 'Take up this blend',
  blendName: (a: string, b: string) => `${a} / ${b}`,
  side: 'Side by side',
  sideCaption:
    'The same builds and the same money, ranked and planned as each school would. Choose up to four; bars end on the day a build is done.',
  choose: 'Schools to compare',
  own: 'Your own mix, as it stands',
  run: 'Compare them',
  stop: 'Stop',
  working: (done: number, of: number) => `Planning: ${done} of ${of} done …`,
  rows: {
    first: 'Buys first',
    order: 'Its list',
    spent: 'Spends on tools',
    builds: 'Builds done',
    hours: 'Hours of work',
    loud: 'Loud hours',
    risk: 'Hazard-hours',
    floor: 'Floor taken'
  },
  buildsOf: (count: number, of: number) => `${count} of ${of}`,
  never: 'not within the plan',
  chart: 'Builds by the day they are done',
  disputes: 'Open disputes',
  noSide: 'undecided',
  clash: 'Its bans and your pins cannot hold together.',
  weightText: (say: Say, weights: Readonly<Record<string, number>>) =>
    [
      weights.time ? `an hour ${say.money(weights.time)}` : '',
      weights.space ? `a m² ${say.money(weights.space)}` : '',
      weights.quiet ? `an hour of noise ${say.money(weights.quiet)}` : '',
      weights.ease ? `an hour at hazard 1 ${say.money(weights.ease)}` : '',
      weights.finish ? `a step just good enough ${say.money(weights.finish)}` : ''
    ]
      .filter(Boolean)
      .join(', ') || 'money alone'
} as const)
