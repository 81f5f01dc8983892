import type { HourWord, MoneyAim, Timber, Wish } from '../../core/catalogue'
import { plural } from './plural'
import { said } from './language'

/** What things count: the settings every plan and every ranking is reckoned with. */
export const reckoning = said('reckoning', {
  title: 'What counts',
  subtitle:
    'Every plan and every rank is reckoned with these. Each is a judgement; put in your own.',
  hour: 'An hour of mine, beyond the quickest way',
  hours: {
    slow: 'costs nothing: I like the slow way',
    little: 'counts a little',
    some: 'counts',
    lot: 'counts a lot'
  } satisfies Record<HourWord, string>,
  hourChoice: (word: HourWord, amount: string): string =>
    word === 'slow' ? reckoning.hours.slow : `${reckoning.hours[word]} (${amount})`,
  hourHint:
    'The hours of the quickest way there is are the pleasure of it and cost nothing. Those beyond it do.',
  own: 'a figure of my own',
  hourFigure: 'An hour counts',
  aim: 'The money is for',
  aims: {
    workshop: 'the workshop: it is there to be used',
    earn: 'whatever I like: a tool must earn its place'
  } satisfies Record<MoneyAim, string>,
  kept: 'What is left counts, × its amount',
  timber: 'Timber and finish are paid',
  timbers: {
    elsewhere: 'from elsewhere',
    purse: 'from this purse'
  } satisfies Record<Timber, string>,
  timberHint: 'Jigs and what you sell are paid from the purse in any case.',
  asWorkspace: (how: string) => `as usual: ${how}`,
  wish: 'How much do you want it?',
  wishes: {
    must: 'must have',
    like: 'would like',
    pays: 'only if it pays'
  } satisfies Record<Wish, string>,
  wishChoice: (wish: Wish, times: string): string => `${reckoning.wishes[wish]} (× ${times})`,
  wishOf: (name: string): string => `How much do you want it: ${name}`,
  back: 'Of what you sell, flows back into the purse, %',
  afterTitle: 'After the plan',
  after: {
    only: 'only these builds',
    likely: (count: number) => `about ${plural(count, 'piece', 'pieces')} a year like these`,
    said: 'so many pieces a year like these'
  },
  perYear: 'Pieces a year',
  years: 'Years that count',
  impatience: 'A year’s wait costs, % of a build’s worth',
  late: 'A day later than wished costs, % of its worth',
  terms: 'What that is made of',
  term: {
    builds: 'builds, by the day they are done',
    sales: 'sales',
    resold: 'tools sold for better ones',
    payments: 'paid from the purse',
    elsewhere: 'timber and fees from elsewhere',
    hours: 'hours beyond the quickest way',
    penalties: 'noise, danger, coarse work',
    space: 'floor',
    comfort: 'wishes, and a place for things',
    bother: 'a plainer tier, used ones, a cord, machines set true',
    after: 'what the tools go on bringing after it',
    resale: 'what they would sell for at last'
  },
  unspent: (amount: string): string =>
    `${amount} stays in the purse to the end: nothing was found that would bring more than it costs for these builds. More builds, or an hour that counts more, would change that.`,
  afterIs: (perYear: number, years: number): string =>
    years === 0
      ? 'Nothing after the plan is counted.'
      : `You go on making about ${plural(perYear, 'piece', 'pieces')} a year like these; ${plural(years, 'year is', 'years are')} counted.`,
  keptIs: (share: string): string =>
    `What is paid counts ${share} of itself, as money left over would.`
} as const)
