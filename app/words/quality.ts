import type { RuledOut, Tenure } from '../../core/weigh'
import { lowerFirst } from './bench'
import type { Say } from './say'
import { terms } from './terms'
import { said } from './language'

const tier = (name: string): string => lowerFirst(terms.tierName[name] ?? name)

export const quality = said('quality', {
  title: (tool: string, option: string) => `${tool}: to own, ${option} costs least`,
  borrowFirst: (name: string, hours: string) => `${name} costs less still, up to ${hours} hours.`,
  borrowName: { borrow: 'Borrowing it', hire: 'Hiring it' } as Readonly<Record<string, string>>,
  titleNone: 'How good must it be?',
  none: 'Choose a tool, and see which tier and condition costs least over its hours, and which will not do.',
  tool: 'Tool',
  power: 'Power',
  powerName: { hand: 'by hand', corded: 'corded', cordless: 'cordless' } as Readonly<
    Record<string, string>
  >,
  hours: (hours: string, builds: string) =>
    `Your builds use it for about ${hours} hours (${builds}).`,
  noHours: 'No open build uses it, so any money for it waits for a reason.',
  upTo: 'Look ahead, hours',
  chart: (tool: string) => `What having ${lowerFirst(tool)} costs, by hours of use`,
  unit: (currency: string) => `in ${currency}`,
  chartCaption:
    'Each line is one way to have it: purchase, replacements when worn out, blades, repairs and slower work, less what it would still sell for. The lowest line at your hours is the cheapest; steps are replacements, dotted uprights where another way becomes the cheapest.',
  axisHours: 'hours of use',
  yours: (hours: string) => `your builds: ${hours} h`,
  tenure: (option: Tenure): string => {
    switch (option.kind) {
      case 'buy':
        return `${tier(option.tier)}, ${terms.conditionName[option.condition] ?? option.condition}`
      case 'trade-up':
        return 'get by now, trade tier when it is worn out'
      case 'hire':
        return 'hire by the day'
      case 'borrow':
        return 'borrow'
    }
  },
  cheapest: 'Cheapest by hours of use',
  stretch: (from: string, to: string, option: string) => `${from} to ${to} h: ${option}`,
  table: 'At the hours of your builds',
  showTable: 'Show as a table',
  head: {
    option: 'Way to have it',
    purchase: 'Purchase',
    replacements: 'Bought again',
    running: 'Blades, repairs',
    slower: 'Slower work',
    resale: 'Sells for',
    total: 'In all'
  },
  ruledOutTitle: 'Tiers that will not do',
  ruledOut: (say: Say, one: RuledOut): string =>
    one.kind === 'accuracy'
      ? `The ${tier(one.tier)}: ${say.build(one.build)} wants ${lowerFirst(say.operation(one.operation))} within ${say.length(one.needs)}, it gives ${say.length(one.has)} with the marking you own.`
      : `The ${tier(one.tier)}: ${say.build(one.build)} runs it for ${say.duration(one.minutes)} in one go, about ${one.needsPerHour} minutes in the hour; it is made for ${one.allows}.`,
  noneRuledOut: 'All four tiers are exact and strong enough for your builds.',
  tiersNote:
    'Tiers: get-by, weekend, trade, lifetime. Used ones keep a repair reserve; test them running before paying.',
  typical: 'Prices with ~ are typical, not quoted.',
  spend: 'Spend here, save there',
  spendCaption:
    'A total for several tools, split over their tiers as well as it can be: what each tier costs now, and over the years in replacements, blades, repairs, slower work and finish, less what it would still sell for. Money left over counts as kept. Tiers that will not do are left out.',
  total: 'Total for these tools',
  tools: 'Tools',
  years: 'Years ahead',
  split: (say: Say, cost: number, left: number) =>
    `${say.money(cost)} spent, ${say.money(left)} left over.`,
  tooLittle: (say: Say, least: number) =>
    `That does not reach: the cheapest tiers that will do cost ${say.money(least)} together. Raise the total or take a tool out.`,
  noOption: (tool: string) =>
    `No tier of ${lowerFirst(tool)} has a price. Put one in, or take it out.`,
  noTools: 'Choose the tools the total is for; the plan’s purchases stand here at first.',
  splitHead: {
    tool: 'Tool',
    hours: 'Hours',
    tier: 'Tier',
    cost: 'Costs now',
    later: 'Costs over the years'
  },
  proven: (ms: string) => `Best of all splits, proven in ${ms} ms.`
} as const)
