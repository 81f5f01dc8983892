import { upperFirst } from './plural'
import type { Due } from '../../core/care'
import type { Say } from './say'
import { keepsCapitals, perLocale, said } from './language'

const inARow = perLocale((locale) => new Intl.ListFormat(locale, { type: 'conjunction' }))
/** Names in a row, the last one behind “and”. */
const list = (names: readonly string[]): string => inARow().format(names)
export const joined = list
/** A name within a sentence: small where the language writes its nouns so. */
export const lowerFirst = (text: string): string =>
  /^[A-Z][a-z]/.test(text) && !keepsCapitals() ? text.charAt(0).toLowerCase() + text.slice(1) : text

/** Of what is watched, and of what was bought used. */
const ofLooks = (
  say: Say,
  due: Extract<Due, { readonly kind: 'watch-met' | 'watch-look' | 'checks' }>
): string =>
  due.kind === 'checks'
    ? `${say.tool(due.tool)}, bought used: ${due.checks.length === 1 ? 'one thing' : `${due.checks.length} things`} to look at before you rely on it.`
    : due.kind === 'watch-met'
      ? `${say.shortTool(due.tool)} for ${say.money(due.price)}, seen on ${say.shortDay(due.date)}: you were waiting for ${say.money(due.upTo)}.`
      : `Look again for ${lowerFirst(say.shortTool(due.tool))} up to ${say.money(due.upTo)}: the last look was ${due.days} days ago.`

export const bench = said('bench', {
  andMore: (count: number) => `${count} more`,
  planning: 'Working out the plan …',
  nothingYet: 'Nothing to plan yet',
  nothingYetHint: 'Say what you want to build, and the next purchase appears here.',
  addBuild: 'Add a build',
  buyOn: (names: readonly string[], when: string) => `Buy ${list(names.map(lowerFirst))} ${when}`,
  today: 'today',
  on: (day: string) => `on ${day}`,
  nothingToBuy: 'Nothing to buy: build with what you have',
  nothingPays: 'No purchase pays for itself yet',
  clash: 'Your pins cannot all hold',
  clashHint: 'Let one of them go on the rule, or give the plan more money.',
  openStages: 'See it on the rule',
  subtitle: (paid: string, material: string | undefined, kept: string | undefined, left: string) =>
    `${paid} then${material === undefined ? '' : `, ${material} for material`}${kept === undefined ? '' : `, ${kept} kept for repairs`}; ${left} stays in the purse. The plan decides what comes first; it looks at every payday ahead.`,
  nextTitle: 'The next purchase, and why',
  bought: 'Bought it',
  boughtAll: 'All bought',
  basketSum: (count: number) => `${count} things in all`,
  along: (names: readonly string[]) =>
    `With it: ${list(names.length > 4 ? [...names.slice(0, 3).map(lowerFirst), `${names.length - 3} more`] : names.map(lowerFirst))}`,
  beginsWith: (work: string) => `begins with: ${lowerFirst(work)}`,
  dueMore: (count: number) => `${count} more`,
  opens: (builds: readonly string[], begin: string) => `For ${list(builds)}, to begin ${begin}`,
  safety: 'Protection comes first',
  pinned: 'Pinned by you',
  differs: (first: string) =>
    `The weigh-up puts ${lowerFirst(first)} first, by what it brings back per unit of money.`,
  buildTitle: 'What you can build today',
  buildNone: 'Nothing yet with what you own. The plan shows what opens first.',
  begin: 'Begin',
  underWay: 'Under way',
  finish: 'Done',
  since: (day: string) => `since ${day}`,
  takes: (time: string) => `takes about ${time}`,
  dueTitle: 'Waiting for you',
  setTrue: (time: string) =>
    `Set it true before the first cut: about ${time}. Its manual says how.`,
  checked: 'Looked at',
  dueNone: 'Nothing is due.',
  balanceTitle: 'In the purse',
  keepBack: (reserve: string) => `of which ${reserve} is kept back`,
  nextMoney: (amount: string, day: string) => `${amount} on ${day}`,
  noMoney: 'No more money is expected in this plan.',
  nextLabel: 'Next money',
  typicalNote:
    'Prices marked ~ are typical, not quoted. Put in the price you find and the plan follows.',
  aheadTitle: 'After that',
  aheadWhen: 'When',
  aheadWhat: 'What',
  aheadCost: 'Cost',
  aheadNames: (names: readonly string[]) =>
    upperFirst(
      names.length > 4
        ? `${names.slice(0, 3).map(lowerFirst).join(', ')} and ${names.length - 3} more`
        : list(names.map(lowerFirst))
    ),
  aheadFor: (builds: readonly string[]) => `opens ${list(builds)}`,
  cameIn: 'It came in',
  didNot: 'It did not',
  wasPaid: 'It was paid',
  notPaid: 'It was not',
  removeQuote: 'Forget this price',
  looked: 'Looked, nothing there',
  unwatch: 'No longer watch',
  renewed: 'Fresh ones are in',
  setAsideText: (month: string) => `Set aside for ${month}`,
  notSetAside: (day: string) => `Nothing set aside on ${day}`,
  notMoved: (text: string, day: string) => `${text}: nothing on ${day}`,
  due: (say: Say, due: Due): string => {
    switch (due.kind) {
      case 'receipt': {
        const { amount, date, text } = due.receipt
        const what = `${say.money(Math.abs(amount))} ${due.today ? 'is' : 'was'} to ${amount < 0 ? 'be paid' : 'come in'} ${due.today ? 'today' : `on ${say.day(date)}`}${text === undefined ? '' : ` (${text})`}`
        return due.today ? `${what}.` : `${what}, but the ledger does not have it.`
      }
      case 'unprotected':
        return `${say.tool(due.tool)}: nothing protects your ${list(due.protections)} while you use it. The plan leaves it out until then.`
      case 'companion':
        return `${say.tool(due.tool)} is of no use yet: it needs ${due.anyOf.map((id) => lowerFirst(say.tool(id))).join(' or ')}.`
      case 'stale-quote':
        return `The price of ${say.money(due.price)} for ${lowerFirst(say.tool(due.tool))} is ${due.days} days old (${say.day(due.date)}).`
      case 'late-build':
        return `${say.build(due.build)} was wished for by ${say.day(due.wished)}.`
      case 'slept-on':
        return `You slept on ${lowerFirst(say.tool(due.tool))} until ${say.day(due.until)}: is it still needed for ${say.build(due.build)}? Say so in the Weigh-up.`
      case 'warranty':
        return `The warranty of ${lowerFirst(say.tool(due.tool))} ends on ${say.day(due.until)}: try all of it once before then.`
      case 'run-out':
        return `${say.tool(due.tool)}: worn for about ${say.number(due.hours, 0)} hours by your log, and good for ${say.number(due.lasts, 0)}. Fresh ones before the next dusty or loud work.`
      case 'below-reserve':
        return `There is ${say.money(due.balance)} in the purse and you keep back ${say.money(due.reserve)}: nothing is bought until money comes in.`
      default:
        return ofLooks(say, due)
    }
  }
} as const)
