import type { RegretKind, VerdictTime } from '../../core/workspace'
import { USUAL_REGRET, type Lesson } from '../../core/judged'
import { lowerFirst } from './bench'
import { said } from './language'
import type { Say } from './say'

const regretNames = {
  inaccurate: 'not accurate',
  flimsy: 'flimsy',
  redundant: 'something else does it',
  'not-my-way': 'does not suit how I work',
  'hardly-used': 'hardly used',
  messy: 'a mess to use'
} satisfies Record<RegretKind, string>

/** Looking back: what became of purchases, what lies idle, and whether plans were true. */
export const back = said('back', {
  tab: 'Looking back',
  title: (asked: number, mistakes: number): string =>
    asked > 0
      ? asked === 1
        ? 'One purchase asks what became of it'
        : `${asked} purchases ask what became of them`
      : mistakes > 0
        ? mistakes === 1
          ? 'One purchase was a mistake'
          : `${mistakes} purchases were mistakes`
        : 'Nothing to regret so far',
  subtitle: 'What you lived through makes the next advice better. It stays in this workspace.',
  askTitle: 'What became of it?',
  question: {
    month: (tool: string, day: string): string =>
      `${tool}, bought on ${day}: have you used it in its first month?`,
    season: (tool: string, day: string): string =>
      `${tool}, bought on ${day}: is it as good as you hoped?`,
    year: (tool: string, day: string): string =>
      `${tool}, bought on ${day}: would you buy it again?`
  } satisfies Record<VerdictTime, (tool: string, day: string) => string>,
  yes: 'Yes',
  no: 'No',
  why: 'Why not?',
  regrets: regretNames,
  sofar: (uses: number, time: string): string =>
    uses === 0
      ? 'The log knows no use of it.'
      : `By the log it was used ${uses === 1 ? 'once' : `${uses} times`}, ${time} in all.`,
  mistakesTitle: 'What was a mistake',
  mistake: (tool: string, why: string | undefined, day: string): string =>
    `${tool}: ${why ?? 'would not be bought again'} (said on ${day})`,
  takeBack: (tool: string): string => `Take back what was said of ${tool}`,
  costTitle: 'What an hour of it has cost',
  cost: 'Paid, less what it would bring now, over the hours and uses of the log.',
  tool: 'Tool',
  lost: 'Has cost',
  uses: 'Uses',
  perUse: 'A use',
  perHour: 'An hour',
  expected: 'Planned for',
  expectedBuilds: (count: number): string => (count === 1 ? '1 build' : `${count} builds`),
  unused: 'never used',
  idleTitle: 'What lies idle',
  idle: 'Not used for anything logged for half a year.',
  idleLine: (tool: string, last: string | undefined, brings: string): string =>
    `${tool}: ${last === undefined ? 'never used by the log' : `last used on ${last}`}; it would bring about ${brings}.`,
  closes: (builds: string): string => `Without it this could not be made: ${builds}.`,
  closesNone: 'Everything in your list can be made without it.',
  opens: (what: string): string =>
    `Its money alone would pay for what the plan still buys: ${what}.`,
  sell: 'Sell it in the inventory',
  trueTitle: 'Was it true?',
  trueNone: 'Keep a plan under Stages, and a month later it stands here beside what came.',
  planOf: (day: string): string => `The plan kept on ${day}`,
  builds: 'Build',
  planned: 'Planned',
  came: 'Came',
  late: (days: number): string =>
    days === 0 ? 'on the day' : days > 0 ? `${days} days late` : `${-days} days early`,
  notYet: 'not yet',
  hours: 'Hours, planned and real',
  money: 'Timber, planned and real',
  wrongTitle: 'What to set otherwise',
  wrongNone: 'What your plans took for granted was right within 15 %.',
  wrong: {
    hours: (say: Say, planned: number, real: number): string =>
      `You plan with ${say.duration(planned)} a week and really work ${say.duration(real)}.`,
    prices: (say: Say, times: number): string =>
      `Tools cost you ${say.percent(times)} of what was planned.`,
    times: (say: Say, times: number, builds: number): string =>
      `${builds === 1 ? 'One build' : `${builds} builds`} took ${say.number(times, 2)} times as long as planned. Your own pace is reckoned with from each finished build on; see Hours and pace.`
  },
  setPrices: (times: string): string => `Reckon with ${times} of typical prices`,
  setPace: 'Reckon with my own pace',
  whatIf: 'What would that change?',
  asking: 'Planning with it …',
  effectNone: 'No plan holds with that: purchases pinned to a day stand against it.',
  effect: (
    builds: readonly [number, number],
    last: readonly [string, string],
    tools: readonly [string, string]
  ): string =>
    `Planned like that: ${builds[1]} builds (now ${builds[0]}), the last ready on ${last[1]} (now ${last[0]}), tools for ${tools[1]} (now ${tools[0]}).`,
  betterTier: (tier: string): string => `Wish for the tier “${tier}”`,
  leaveOut: (tool: string): string => `Leave ${lowerFirst(tool)} out of plans`,
  takeItBack: 'Take it back',
  verdictsCount: 'Let what I said of purchases count in the advice about like ones',
  lesson: (say: Say, { judged, regretted, risk, kinds }: Lesson): string =>
    `Regret risk about ${say.percent(risk)}: of ${judged === 1 ? 'the one like it' : `${judged} like it`} you judged, ${regretted} ${regretted === 1 ? 'was' : 'were'} regretted${kinds.length > 0 ? ` (${kinds.map((kind) => regretNames[kind]).join(', ')})` : ''}. ${say.percent(USUAL_REGRET)} is usual.`,
  tierLesson: (tier: string, tools: string, cost: string): string =>
    `${tier}: you regretted ${tools} of this tier. The risk of it adds ${cost} to what it costs to own.`,
  setHours: (time: string): string => `Plan with ${time} a week`,
  calibrationTitle: 'How good were the chances',
  calibration: (say: Say, brier: number): string =>
    `Brier score ${say.number(brier, 2)}: 0 is a prophet, 0.25 always says one half.`,
  said: 'Was given',
  cameTrue: 'Came true',
  count: 'Builds',
  lentTitle: 'Lent out, borrowed',
  who: 'Who',
  sinceDay: 'Since',
  lend: 'Lend it',
  isBorrowed: 'It is borrowed',
  counted:
    'Plans go on counting on what is lent: it can be asked back. What is borrowed counts as long as it is here.',
  lent: (tool: string, who: string, day: string): string => `${tool}: lent to ${who} since ${day}`,
  borrowed: (tool: string, who: string, day: string): string =>
    `${tool}: borrowed from ${who} since ${day}`,
  backAgain: 'It is back',
  givenBack: 'Given back',
  steps: {
    verdict: (tool: string): string => `saying what became of ${tool}`,
    settings: 'planning with what really came',
    learnt: (tool: string): string => `planning as ${tool} has taught`,
    counts: 'whether verdicts count in the advice',
    lent: (tool: string): string => `lending ${tool}`,
    home: (tool: string): string => `getting ${tool} back`
  }
} as const)
