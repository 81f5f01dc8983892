import { plural } from './plural'
import type { WeightName } from '../../core/workspace'
import type { Because, Regret } from '../../core/weigh'
import type { Say } from './say'
import { lowerFirst } from './bench'
import { said } from './language'

export const weigh = said('weigh', {
  part: (say: Say, part: { tool: string; count: number; jig?: string | undefined }) =>
    `${lowerFirst(say.shortTool(part.tool))}${part.count > 1 ? ` ×${part.count}` : ''}${part.jig === undefined ? '' : ' (make)'}`,
  free: 'nothing to buy',
  title: (lead: string) => `${lead} first: nothing else brings back as much for its money`,
  titleNone: 'Nothing to weigh yet',
  titleWorking: 'Weighing …',
  again: 'Something has changed: weighing again …',
  noneHint: 'Add a build that cannot be made yet, and see what opens it.',
  noneOpens:
    'Nothing that is for sale and not ruled out opens or eases a build of yours. Below stands what is in the way; what is ruled out can be allowed again.',
  subtitle: (candidates: number, builds: number) =>
    `${plural(candidates, 'candidate', 'candidates')} against ${plural(builds, 'build', 'builds')}`,
  caption:
    'Read it like a balance: left of the fulcrum what it costs with all that must come along, right of it what it is worth to your builds. The beam tips to the side that weighs more. In order of what comes back per unit of money.',
  tabs: {
    ladder: 'What first',
    tools: 'Weighed',
    quality: 'How good',
    power: 'Cords or packs',
    schools: 'Schools',
    list: 'A list you found'
  },
  counts: 'What counts',
  countsHint: 'Slide, and the order follows; let go, and it is kept.',
  weightName: {
    money: 'what builds are worth',
    time: 'an hour of work',
    space: 'floor',
    quiet: 'quiet',
    ease: 'ease',
    finish: 'finish'
  } satisfies Record<WeightName, string>,
  weightLine: (say: Say, weight: WeightName, value: number): string => {
    if (weight === 'money') return `builds × ${say.number(value, 2)}`
    if (value === 0)
      return {
        time: 'hours not priced',
        space: 'floor is free',
        quiet: 'noise is free',
        ease: 'hazard is free',
        finish: 'good enough is enough'
      }[weight]
    return {
      time: `an hour ${say.money(Math.round(value))}`,
      space: `a square metre ${say.money(Math.round(value))}`,
      quiet: `an hour of noise ${say.money(Math.round(value))}`,
      ease: `an hour at hazard 1 ${say.money(Math.round(value))}`,
      finish: `a step just good enough ${say.money(Math.round(value))}`
    }[weight]
  },
  holds: 'First place holds',
  swayLine: (
    say: Say,
    weight: WeightName,
    below: { at: number; lead: string } | undefined,
    above: { at: number; lead: string } | undefined
  ): string => {
    const unit = (at: number): string =>
      weight === 'money' ? `× ${say.number(at, 2)}` : say.money(Math.round(at))
    const parts = [
      below ? `below ${unit(below.at)} ${lowerFirst(say.shortTool(below.lead))} leads` : '',
      above ? `above ${unit(above.at)} ${lowerFirst(say.shortTool(above.lead))} leads` : ''
    ].filter(Boolean)
    return parts.length > 0 ? parts.join(', ') : 'wherever it stands'
  },
  weightless:
    'All six weights are zero, so nothing can be told apart but by price. Give at least one of them a value.',
  more: (count: number) => `Show ${count} more`,
  fewer: 'Show fewer',
  compare: 'Compare',
  compareThis: (name: string) => `Compare ${name}`,
  compareTitle: (count: number) => `${count} side by side`,
  compareHint: 'Tick two to four of them.',
  compareRows: {
    cost: 'Costs all in',
    gain: 'Worth to your builds',
    net: 'Net',
    back: 'Back per unit of money',
    minutes: 'Hours saved',
    opens: 'Opens',
    along: 'Comes with',
    floor: 'Floor taken',
    pulls: 'Pulls'
  },
  none: 'nothing',
  pulls: (share: string, error: string | undefined) =>
    `Pulls its weight: ${share}${error === undefined ? '' : ` ± ${error}`} of what the whole list gains together`,
  pullsHint:
    'Its fair share of what all the purchases in the list would gain together, partners considered (Shapley value).',
  pullsWorking: 'Working out how much it pulls …',
  floor: (m: string) => `Takes floor counted at ${m}.`,
  leaning: (times: string) => `× ${times} for a leaning of yours or your school’s`,
  bundleLine: (names: readonly string[], saved: string) =>
    `Cheaper by ${saved} with ${names.join(' and ')}.`,
  rough: (metres: string, saved: string) =>
    `${metres} of board bought rough instead of planed: ${saved} less for timber`,
  stepLine: (operation: string, before: string, after: string) =>
    `${operation}: ${before} → ${after}`,
  gap: 'not possible',
  use: (method: string, time: string, fee: string | undefined) =>
    `${lowerFirst(method)}, ${time}${fee === undefined ? '' : ` and ${fee}`}`,
  nearMiss: (say: Say, miss: { tool: string; has: number; needs: number; operation: string }) =>
    `${say.shortTool(miss.tool)} almost did it: ${lowerFirst(say.operation(miss.operation))} needs ${say.length(miss.needs)}, it gives ${say.length(miss.has)}.`,
  against: 'Against it',
  regret: (say: Say, regret: Regret): string => {
    switch (regret.kind) {
      case 'few-uses':
        return `About ${say.number(regret.usesPerYear, 1)} uses a year; fewer than ${regret.threshold} are often better borrowed, hired or done without.`
      case 'duplicate':
        return `You own ${lowerFirst(say.shortTool(regret.by))}, which does all of it in ${regret.times < 1.05 ? 'the same time' : `${say.number(regret.times, 1)} times the time`}.`
      case 'outgrown':
        return `${say.build(regret.build)} outgrows it: ${lowerFirst(say.operation(regret.operation))} needs ${say.length(regret.needs)}, it gives ${say.length(regret.has)}.`
    }
  },
  noRegret: 'Nothing speaks against it that can be reckoned.',
  usesPerYear: (uses: string) => `About ${uses} uses a year in the builds you plan.`,
  savesPerYear: (parts: readonly string[]) => `Saves ${parts.join(', ')} a year.`,
  hazardLine: (level: number) =>
    [
      '',
      'Hazard 1 of 3: respect it.',
      'Hazard 2 of 3: practise on scrap first.',
      'Hazard 3 of 3: serious injury in a moment.'
    ][level] ?? '',
  gentler: 'Gentler',
  cheaper: 'Cheaper',
  wayMore: (time: string) => `, ${time} more work`,
  wayLess: (time: string) => `, ${time} less work`,
  service: (
    say: Say,
    s: { operation: string; units: number; feeEach: number; breakEvenUnits: number },
    unit: string
  ) =>
    `Replaces a service: ${lowerFirst(say.operation(s.operation))} costs ${say.money(Math.round(s.feeEach))} ${unit} elsewhere, ${say.number(s.units, 1)} of them are planned; the purchase is paid for after ${say.number(s.breakEvenUnits)}.`,
  because: (say: Say, because: Because): string => {
    switch (because.kind) {
      case 'lead':
        return 'does the work'
      case 'jig':
        return 'shop-made'
      case 'companion':
        return because.why === ''
          ? `needed with ${lowerFirst(say.shortTool(because.of))}`
          : because.why
      case 'protection':
        return `protection for ${lowerFirst(say.shortTool(because.of))}`
      case 'role':
        return because.operation === ''
          ? 'goes with it'
          : `to ${lowerFirst(say.operation(because.operation))}`
    }
  },
  priceParts: (say: Say, p: { tag: number; tax: number; delivery: number; repair: number }) =>
    [
      `tag ${say.money(p.tag)}`,
      p.tax > 0 ? `tax ${say.money(p.tax)}` : '',
      p.delivery > 0 ? `delivery ${say.money(p.delivery)}` : '',
      p.repair > 0 ? `repair reserve ${say.money(p.repair)}` : ''
    ]
      .filter(Boolean)
      .join(' + '),
  need: 'I need it for …',
  needBuild: 'Which build needs it',
  needUntil: 'Sleep on it until',
  needAsk: 'Keep it in mind',
  needWaits: (say: Say, build: string, until: string) =>
    `Needed for ${build}; you wanted to sleep on it until ${say.shortDay(until)}.`,
  needOver: (build: string) => `You slept on it: still needed for ${build}?`,
  needYes: 'Yes, still',
  needNo: 'No, let it go',
  needWrong: (build: string) =>
    `${build} does not use it: nothing in its steps becomes possible or quicker.`,
  howGood: 'How good must it be',
  leanLabel: 'Your leaning',
  leanName: {
    '0.5': 'away from it (× 0.5)',
    '1': 'neither way',
    '2': 'towards it (× 2)'
  } as Readonly<Record<string, string>>,
  leanOther: (times: string) => `as set (× ${times})`,
  ways: 'Other ways round',
  priceBasis: (basis: 'own-level' | 'calibrated' | 'usual', quotes: number) =>
    basis === 'own-level'
      ? '~ typical price at the level you set in the settings.'
      : basis === 'calibrated'
        ? `~ typical price, calibrated by ${plural(quotes, 'price', 'prices')} of your own.`
        : '~ typical price, not yours yet: put in prices you have seen, and all of them draw nearer to your market.',
  costs: 'what it costs, all in',
  worth: 'what it is worth to your builds',
  with: (others: readonly string[]) => `with ${others.join(', ')}`,
  back: (ratio: string, net: string) => `${ratio} back per unit, ${net} net`,
  gift: 'costs nothing',
  saves: (time: string) => `saves ${time}`,
  arrow: (cost: string, gain: string) => `${cost} → ${gain}`,
  opens: 'Opens',
  openLine: (build: string, gain: string) => `${build}: worth ${gain} after timber`,
  gainLine: (build: string, gain: string) => `${build}: ${gain} more`,
  easeLine: (build: string, time: string) => `${build}: ${time} less work`,
  comes: 'What it is made of',
  variants: 'Instead',
  why: (gain: string, cost: string, net: string) =>
    `Worth ${gain} to your builds, costs ${cost} all in: ${net} net.`,
  yourPrice: 'A price you have seen for one',
  addPrice: 'your price',
  ban: 'Not for me',
  unban: 'Allow again',
  wish: 'Wish for it',
  unwish: 'No longer wish for it',
  banned: 'Ruled out',
  hopeless: (build: string, steps: readonly string[]) =>
    `${build} cannot be opened by any purchase within your limits (${steps.join(', ')}).`,
  possible: (builds: readonly string[]) => `Possible already: ${builds.join(', ')}.`,
  beamLabel: (name: string, cost: string, gain: string) => `${name}: costs ${cost}, worth ${gain}`,
  make: 'shop-made',
  cautionTail: 'Follow the tool’s manual and your local rules.',
  tierLine: (tier: string, condition: string, power: string) =>
    [tier, condition, power === 'hand' ? '' : power].filter(Boolean).join(', ')
} as const)
