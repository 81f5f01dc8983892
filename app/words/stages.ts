import type { Unopened } from '../../core/search'
import { plural } from './plural'
import { said } from './language'

/** Two names and how many more there are. */
const few = (names: readonly string[]): string =>
  names.length > 3 ? `${names.slice(0, 2).join(', ')}, ${names.length - 2} more` : names.join(', ')

export const stages = said('stages', {
  title: (builds: number, spent: string) => `${plural(builds, 'build', 'builds')} for ${spent}`,
  titleNone: 'Nothing staged yet',
  noBuildsHint: 'Add a build first: the plan grows from what you want to make.',
  nothingPaysHint:
    'No purchase pays within this plan. More money, more hours, or a higher worth of a build would change that.',
  subtitle: (purchases: number, until: string) =>
    `${plural(purchases, 'purchase', 'purchases')} until ${until}, none of which takes the purse below what you keep back`,
  subtitleBroken: (count: number) =>
    count === 1 ? 'One rule is broken' : `${count} rules are broken`,
  caption:
    'Read it like a rule: paydays are its ticks, the green level above is what is in the purse, purchases hang below on their day (the deeper, the dearer), builds notch the upper edge. Drag a purchase, or move it with the arrow keys.',
  planAgain: 'Plan the rest again',
  planning: 'Planning …',
  keep: 'Keep this plan',
  kept: (count: number) => `${plural(count, 'plan', 'plans')} kept`,
  csv: 'Save as CSV',
  print: 'Print',
  keepBack: (reserve: string) => `keep back ${reserve}`,
  today: 'today',
  make: 'make',
  pinned: 'pinned',
  hours: 'The hours of a week, paydays and what you keep back are set in the ledger.',
  rule: 'The rule: purchases and builds by date',
  phoneHint:
    'Swipe a purchase to the right for a payday later, to the left for one earlier; choose it for the same as buttons. Two fingers apart open every stage, together fold them.',
  openAll: 'Open every stage',
  foldAll: 'Fold every stage',
  fold: 'Fold this stage',
  folded: (purchases: readonly string[], builds: readonly string[], sum: string): string =>
    [
      purchases.length === 0 ? '' : `${few(purchases)}: ${sum}`,
      builds.length === 0 ? '' : `begins ${few(builds)}`
    ]
      .filter(Boolean)
      .join('; '),
  tagLabel: (tool: string, price: string, day: string, pinnedToo: boolean) =>
    `${tool}, ${price}, ${day}${pinnedToo ? ', pinned' : ''}`,
  buildLabel: (build: string, begin: string, done: string) =>
    `${build}: begin ${begin}, done ${done}`,
  putBack: 'Put it back',
  planAround: 'Plan the rest around it',
  breaks: 'This move breaks a rule:',
  movedFine: (tool: string, day: string) =>
    `${tool} is now pinned to ${day}. Nothing else has been changed; plan the rest again if you like.`,
  wouldBreak: (day: string) => `On ${day} this would break a rule:`,
  wouldHold: (day: string) => `On ${day} every rule holds.`,
  choose: 'Choose a purchase or a build to see why it stands where it does.',
  boughtIt: 'Bought it',
  pin: 'Pin it here',
  unpin: 'Let it go',
  earlier: 'One payday earlier',
  later: 'One payday later',
  ban: 'Not this one',
  opensTitle: 'What it opens',
  wished: 'It is on your list of wishes.',
  opensNone: 'No build of the plan needs it.',
  quickens: (build: string, less: string) => `Opens none; ${build} takes ${less} less with it`,
  opens: (build: string, begin: string) => `${build}, to begin ${begin}`,
  withTitle: 'Comes with it',
  withNone: 'Nothing else.',
  advised: (tool: string, price: string) => `Advised as well: ${tool}, ${price}.`,
  takeAlong: 'Take along',
  takeLater: (day: string) => `Buy on ${day}`,
  takeNever: 'The plan has no money left for it.',
  waitsWith: (names: string) => `Waits along: ${names}.`,
  rough: (metres: string, saved: string) =>
    `From rough boards: ${metres} m of planed board are bought rough and milled by yourself, which saves ${saved} of timber; the milling is in the hours.`,
  waitTitle: 'Could it wait?',
  slackNone: 'Not beyond its day.',
  slack: (paydays: number, until: string) =>
    `Free to slip ${plural(paydays, 'payday', 'paydays')}, to ${until}.`,
  slackAfter: 'After that:',
  couldNotBegin: (build: string, day: string) => `${build} could not begin on ${day}.`,
  earlierTitle: 'Why not earlier?',
  earlierFirst: 'There is no earlier payday.',
  earlierFine:
    'It could be: the money is there. Nothing that needs it begins sooner, so nothing would be gained.',
  unopenedTitle: 'Left out of the plan',
  curtailed: (operations: readonly string[]): string =>
    `There are more combinations of tools for ${operations.join(', ')} than can be looked at: a better way to do it may have been missed. Fewer tools that stand in for one another, or a ban on some, make it exact again.`,
  unopened: (
    build: string,
    why: Unopened['why'],
    cost: string | undefined,
    loses: string | undefined
  ): string => {
    switch (why) {
      case 'no-way':
        return `${build}: no tool of the library opens it within your limits.`
      case 'money':
        return `${build}: the money does not reach within the plan${cost === undefined ? '' : ` (its tools cost ${cost})`}.`
      case 'late':
        return `${build}: the money for it is there only when too little time is left to build it${cost === undefined ? '' : ` (its tools cost ${cost})`}. A longer plan would hold it.`
      case 'hours':
        return `${build}: the hours do not reach within the plan.`
      case 'space':
        return `${build}: there is no floor left to put its tools away.`
      case 'does-not-pay':
        return `${build}: would bring you less than it takes${cost === undefined ? '' : `, its tools at ${cost} more`}${loses === undefined ? '' : `; the plan would be worth ${loses} less with it`}.`
    }
  },
  buildWork: (time: string, material: string) => `${time} of work, ${material} for timber and fees`,
  openBuild: 'Open the build',
  clashTitle: 'These pins cannot hold together',
  letGo: (tool: string, day: string) => `Let ${tool} (${day}) go`,
  tabs: { rule: 'The rule', scenarios: 'Other ways', risk: 'How sure' },
  searching: (evaluations: string, of: string, value: string) =>
    `Planning: ${evaluations} of ${of} plans tried, the best so far is worth ${value}`,
  stop: 'Stop here',
  ics: 'Calendar',
  tryOut: 'Only try things',
  tryingOut: 'You are only trying: nothing you move is kept until you say so.',
  keepTried: 'Keep it so',
  dropTried: 'Back to the plan',
  wider: 'Wider',
  narrower: 'Narrower',
  showFan: 'Show how sure it is',
  fanOnRule:
    'The bands: where the purse is in half, and in nine of ten, of a thousand courses of things.',
  ghosts: 'Dashed: where it stood before the last change.',
  keysHint:
    'On the rule: + and − change its width, Home and End go to its ends. Ctrl with the wheel does the same as + and −.',
  afterTitle: (day: string) => `What you can build after ${day}`,
  afterNone: 'Nothing on your list yet.',
  afterLabel: (day: string) => `What can I build after ${day}?`,
  resale: (item: string, day: string, amount: string) =>
    `${item} is sold on ${day} for about ${amount}: something better has come`,
  saving: (deal: string, day: string, amount: string) => `${deal}: ${amount} off on ${day}`
} as const)
