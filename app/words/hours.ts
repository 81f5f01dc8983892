import { said } from './language'
import type { Say } from './say'

/** Time at the bench, where it went, and the user's own pace. */
export const hours = said('hours', {
  bench: 'At the bench',
  start: 'Start the clock',
  stop: 'Stop the clock',
  since: (moment: string, time: string): string =>
    `The clock runs since ${moment}: ${time}. It goes on when this page is closed.`,
  soFar: (time: string): string => `${time} logged so far.`,
  nothing:
    'Nothing logged yet. Start the clock, put a session in by hand, or give one figure when it is done.',
  addTitle: 'A session by hand',
  on: 'On',
  worked: 'Hours worked',
  add: 'Put it in',
  session: (day: string): string => `Hours on ${day}`,
  remove: (day: string): string => `Take the session of ${day} out`,
  untold: (time: string): string => `${time} without a session`,
  wrongHours: 'Give hours above 0, such as 1.5.',
  tooLong: (time: string): string =>
    `A day has 24 hours, and ${time} would be logged on it. Put in the hours of this day alone.`,
  before: (day: string): string =>
    `It was begun on ${day}; a session before that needs an earlier beginning. Choose a later day, or correct the day it was begun.`,
  moreThanDays: (time: string, begun: string, most: string): string =>
    `${time} do not fit: begun on ${begun}, no more than ${most} can have been worked. Put in fewer hours, or say an earlier day on which it was begun.`,
  begunOn: 'Begun on',
  overnight: (time: string): string =>
    `The clock ran ${time}. Nobody works that long in one go: how many hours was it really?`,
  overnightTitle: 'Left running?',
  really: 'Hours really worked',
  keep: 'Log these',
  drop: 'Log nothing',
  cancel: 'Let it run on',
  whereTitle: 'Where the hours went',
  where:
    'Shared over the ways by what the fit reckons for each; put right what you know better. What one way gets, the others give.',
  wayHead: 'Way of working',
  toolHead: 'In use',
  hoursHead: 'Hours',
  wayHours: (way: string): string => `Hours of ${way}`,
  itemHours: (item: string): string => `Hours of use of ${item}`,
  noWays: 'No way of working is known for it, so its hours count for no tool.',
  gone: 'no longer there',
  paceTitle: (slower: string | undefined): string => slower ?? 'Your pace is not known yet',
  slower: (family: string, times: string): string => `${family}: you take ${times} times the book`,
  quicker: (family: string, times: string): string =>
    `${family}: you take ${times} of the book’s time`,
  likeBook: 'You work about as the book says',
  subtitle: (builds: number, time: string): string =>
    builds === 0
      ? 'Finish a build with its hours, and from then on all times go by how you really work.'
      : `${builds === 1 ? 'One finished build' : `${builds} finished builds`}, ${time} by the book.`,
  paceWhy: (say: Say, prior: number): string =>
    `What your logs say of each kind of work against the times of the library at your level, drawn towards 1 as if ${say.number(prior, 0)} hours had gone by the book. Every time in plan and ladder goes by it.`,
  kind: 'Kind of work',
  book: 'Hours by the book',
  from: 'Builds',
  times: 'You take',
  timesOf: (say: Say, times: number): string => `× ${say.number(times, 2)}`,
  unknown: 'nothing logged',
  other: 'Measuring, glueing, finishing',
  byBook: 'Reckon by the book instead',
  byBookOn: 'Your own pace is left out of every time.',
  useTitle: 'What is in use most',
  use: 'Hours from the logs of builds and of pieces for sale, since it came.',
  useNone: 'No hours logged with anything yet.',
  builds: (count: number): string => (count === 1 ? '1 build' : `${count} builds`),
  never: (names: string): string => `Not in use for anything logged: ${names}.`,
  tabs: { have: 'What I have', hours: 'Hours and pace' },
  steps: {
    start: (build: string): string => `starting the clock of ${build}`,
    stop: (build: string): string => `logging time at ${build}`,
    session: (build: string): string => `changing a session of ${build}`,
    share: (build: string): string => `putting the hours of ${build} right`,
    book: 'changing whose times count'
  }
} as const)
