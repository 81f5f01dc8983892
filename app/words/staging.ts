import type { Difference } from '../../core/explain'
import type { Say } from './say'

/** A few of them by name, the rest by number. */
const NAMED = 4
const list = (names: readonly string[]): string =>
  names.length <= NAMED
    ? names.join(', ')
    : `${names.slice(0, NAMED - 1).join(', ')} and ${names.length - NAMED + 1} more`

/** What is said about a plan beyond its rule: how good it is, what would change it, how sure it is. */
export const staging = {
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
  worth: (value: string) =>
    `This plan is worth ${value} at today’s worth: builds and sales less what is paid, worked and worn, with what the tools will bring.`,
  prove: 'How much better could it be?',
  proving: 'Working out an upper limit …',
  gain: (share: string, amount: string) =>
    `No plan can be more than ${share} (${amount}) better. Most of that measures the limit, which is drawn generously, not the plan.`,
  gainNone: 'It is proven: no plan is better.',
  gainUnknown: 'No limit could be worked out in a minute.',
  askTitle: 'And if not?',
  ask: 'Plan again without it, and one tier up and down',
  asking: 'Planning again …',
  dropped: 'Without it',
  tierIs: (tier: string) => `In ${tier}`,
  difference: (d: Difference, say: Say): string => {
    const names = (ids: readonly string[]): string => list(ids.map((id) => say.build(id)))
    const dated = (moves: Difference['later']): string =>
      list(
        moves.map(
          ({ build, from, to }) => `${say.build(build)} ${say.shortDay(from)} → ${say.shortDay(to)}`
        )
      )
    const said = [
      d.lost.length > 0 ? `lost: ${names(d.lost)}` : '',
      d.won.length > 0 ? `won: ${names(d.won)}` : '',
      d.later.length > 0 ? `later: ${dated(d.later)}` : '',
      d.sooner.length > 0 ? `sooner: ${dated(d.sooner)}` : '',
      d.bought.length > 0
        ? `bought instead: ${list(d.bought.map((offer) => say.offer(offer).toLowerCase()))}`
        : '',
      d.spent !== 0 ? `${say.money(Math.abs(d.spent))} ${d.spent > 0 ? 'more' : 'less'} spent` : '',
      Math.abs(d.minutes) >= 15
        ? `${say.duration(Math.abs(d.minutes))} ${d.minutes > 0 ? 'more' : 'less'} work`
        : ''
    ].filter((one) => one !== '')
    const worth =
      Math.abs(d.value) < 1
        ? 'No difference in worth'
        : `Worth ${say.money(Math.round(Math.abs(d.value)))} ${d.value < 0 ? 'less' : 'more'}`
    return `${worth}${said.length > 0 ? ` · ${said.join(' · ')}` : ''}.`
  },
  waitsFor: (builds: string) => `Waiting for it, and sooner without it: ${builds}.`,
  moreTitle: 'What the next money would do',
  moreAsk: (amount: string) => `With ${amount} more today`,
  moreNote: 'Planned again with that much more in the purse.',
  scenariosTitle: 'Other ways it could go',
  scenariosSubtitle: 'Keep a few, and lay up to four side by side. Nothing here changes your plan.',
  asItStands: 'As it stands',
  add: 'Keep this one',
  name: 'Name',
  income: 'Set aside, against now',
  hours: 'Hours, against now',
  extra: 'Money that comes once',
  extraDate: 'On',
  without: 'Not bought',
  withPin: 'Bought for sure',
  pinDate: 'On',
  school: 'School',
  none: 'none',
  remove: 'Take out',
  changeText: (parts: readonly string[]) =>
    parts.length === 0 ? 'changes nothing' : parts.join(' · '),
  chooseScenarios: 'Which to compare',
  run: 'Plan and compare',
  running: (done: number, of: number) => `${done} of ${of} planned`,
  clash: 'its pins cannot hold together',
  rows: {
    value: 'Worth of the plan',
    builds: 'Builds ready',
    spent: 'Paid out',
    tools: 'Of that, tools',
    hours: 'Hours of work',
    loud: 'Of that, loud',
    risk: 'Running time × hazard level',
    floor: 'Floor for tools put away',
    lowest: 'Lowest in the purse'
  },
  doneTitle: 'When each build is ready',
  never: 'not ready',
  curveTitle: 'Money against builds ready',
  curveCaption:
    'Read it from left to right: the further a point stands to the right, the more money there is; the higher, the more builds are ready by the end. The ring is your plan as it stands.',
  curveRun: 'Draw it from nine plans',
  curveX: (currency: string) => `money of the plan, ${currency}`,
  curveY: 'builds ready',
  asTable: 'As a table',
  riskTitle: 'How sure is it?',
  riskSubtitle:
    'The plan followed through a thousand made-up courses of things: prices, missed paydays, lost weeks, slower work, time to sell. What cannot be paid on its day waits for the next.',
  riskRun: 'Work it out',
  riskWorking: (samples: number) => `${samples} courses so far`,
  riskBelow: (chance: string) => `The purse falls below what you keep back in ${chance} of them.`,
  riskBy: (day: string, wished: boolean) =>
    wished ? `by the day you wished, ${day}` : `by the day planned, ${day}`,
  riskHalf: (day: string) => `even chance by ${day}`,
  riskHalfNever: 'not within the plan in half of them',
  riskTable: { build: 'Build', chance: 'Chance', by: 'Ready', half: 'Half of the courses' },
  fanTitle: 'What is in the purse',
  fanCaption:
    'The line is the middle course; half of all lie in the dark band, nine in ten in the light one. The dashed line is what you keep back.',
  assumed:
    'Assumed, common practice: a typical price is off by about a fifth, one quoted today by 4 %, more with age; one payday in twenty is missed; one week in eight has no hours; work takes a quarter more or less.',
  resale: (item: string, day: string, amount: string) =>
    `${item} is sold on ${day} for about ${amount}: something better has come`,
  saving: (deal: string, day: string, amount: string) => `${deal}: ${amount} off on ${day}`
} as const
