import type { Standing, SaleEstimate } from '../../core/prices'
import type { Difference } from '../../core/explain'
import type { Watched } from '../../core/care'
import type { Inspected } from '../../core/inspection'
import type { WaitOrBuy } from '../../core/timing'
import { said } from './language'
import { plural } from './plural'
import type { Say } from './say'

/** What waiting for a price is told in: the row's own figures and names. */
export interface WaitFigures {
  readonly upTo: string
  readonly high: string
  readonly saves: string
  readonly loses: string
  readonly on: string
  readonly sale: string | undefined
  readonly later: { readonly build: string; readonly days: number } | undefined
}

/** Whether to buy now or to wait; where a price stands; what something offered is worth. */
export const timing = said('timing', {
  tabs: {
    now: 'Now or later',
    seen: 'Prices seen',
    sales: 'Sales and deals',
    find: 'A find',
    board: 'The board'
  },
  tabsLabel: 'Questions about prices',
  working: 'Working out what can wait',
  nothing: 'The plan buys nothing',
  nothingHint: 'Say what you want to make; what it needs is priced here.',
  allNow: 'Nothing is worth waiting for: buy as planned',
  title: (now: number, waits: readonly string[]) =>
    `${now > 0 ? `Buy ${now} now, wait` : 'Wait'} with ${waits.slice(0, 2).join(', ')}${waits.length > 2 ? ` and ${waits.length - 2} more` : ''}`,
  subtitle:
    'What waiting costs is what the plan loses by it; what prices may do is read off those you have seen and the sales ahead.',
  soFar: (count: number) => `${plural(count, 'answer', 'answers')} so far`,
  groups: {
    buy: 'Buy now',
    wait: 'Wait',
    later: 'When the money is there',
    'no-need': 'Wished for'
  } as Readonly<Record<WaitOrBuy['answer'], string>>,
  along: (names: string) => `With them: ${names}`,
  each: (price: string, count: number) => (count > 1 ? `${price} each` : price),
  buyAny: ({ high, loses }: WaitFigures) =>
    `Buy at any usual price, up to about ${high}: a week without it costs you ${loses}.`,
  buyUpTo: ({ upTo }: WaitFigures) => `Buy up to ${upTo}; above that, look again first.`,
  waitFor: ({ upTo, saves, on, sale, later }: WaitFigures) =>
    `Buy now up to ${upTo}; else wait ${sale === undefined ? `until about ${on}` : `for ${sale}, from ${on}`}: ${saves} saved on average, ${later ? `${later.build} ${plural(later.days, 'day', 'days')} later` : 'and nothing is done later'}.`,
  laterUpTo: ({ upTo, on }: WaitFigures) => `Not to be paid for before ${on}. Then up to ${upTo}.`,
  noNeed: 'Nothing in the plan needs it. It can wait for a price you like.',
  protection: 'It comes with the tool it protects from, at any usual price.',
  sure: (share: string) => `Waiting comes out cheaper in ${share} of cases.`,
  today: (price: string, typical: boolean) =>
    typical ? `${price} ~ is typical here; no price of yours yet.` : `${price} is what you found.`,
  band: (low: string, high: string, prices: number) =>
    `Eight of ten prices lie between ${low} and ${high}${prices === 0 ? ', as is usual for its kind' : `, by ${plural(prices, 'price', 'prices')} of yours`}.`,
  trend: (share: string, up: boolean) =>
    `Prices seen ${up ? 'rise' : 'fall'} by about ${share} a year.`,
  standing: ({ cheaperThan, of, among }: Standing) => {
    const ten = Math.round(cheaperThan * 10)
    const against =
      among === 'kind'
        ? `the ${of} prices you have seen for its kind`
        : among === 'tool'
          ? `the ${of} prices you have seen for this tool, each by its own tier and condition`
          : 'the prices usual for its kind'
    return ten >= 10
      ? `Cheaper than all but few of ${against}.`
      : ten <= 0
        ? `Dearer than nearly all of ${against}.`
        : `Cheaper than about ${ten} of 10 of ${against}.`
  },
  chart: (tool: string) => `What ${tool} cost and may cost`,
  chartCaption:
    'Dots are prices you have seen, a ring one set aside. The band holds eight of ten. The dashed line is the most to pay on each day ahead.',
  series: { seen: 'seen', aside: 'set aside', middle: 'expected', takes: 'pay up to' },
  asTable: 'As a table',
  head: {
    date: 'Day',
    price: 'Price',
    source: 'From',
    takes: 'Pay up to',
    expects: 'Expected',
    lost: 'Lost by then',
    sale: 'Sale'
  },
  source: {
    seen: 'seen',
    list: 'a list',
    find: 'a find',
    board: 'the board (simulated)',
    receipt: 'a receipt'
  } as Readonly<Record<string, string>>,
  putAside: 'Set aside',
  countAgain: 'Count it again',
  asideStep: (tool: string) => `setting a price for ${tool} aside`,
  againStep: (tool: string) => `counting a price for ${tool} again`,
  more: (count: number) => `${plural(count, 'older one', 'older ones')}`,
  all: (count: number) => `All ${count}`,
  fewer: 'Only the newest',
  salesTitle: (next: string | undefined) =>
    next === undefined ? 'No sale is expected' : `The next sale: ${next}`,
  salesSubtitle:
    'Shops cluster their sales; what you see in their days corrects how likely and how deep each is.',
  yearly: 'Every year',
  usualSales: 'Start from the usual sales of the year',
  usualSalesHint: 'Common practice where you pay in this money; each can be taken out again.',
  usualStep: 'the usual sales of the year',
  saleNames: {
    spring: 'Start of the season',
    'early-summer': 'Father’s day',
    'late-autumn': 'Shopping days in November',
    'year-end': 'Year’s end'
  } as Readonly<Record<string, string>>,
  estimate: (say: Say, { chance, off, years, came, offLow, offHigh }: SaleEstimate) =>
    years === 0
      ? `${say.percent(off)} off with a chance of ${say.percent(chance)}, as said; you have seen no price in its days yet.`
      : `${say.percent(off)} off (${say.percent(offLow)} to ${say.percent(offHigh)}) with a chance of ${say.percent(chance)}: it came in ${came} of ${plural(years, 'year', 'years')} in which you looked.`,
  findTitle: 'What is it worth to you?',
  findWorth: (price: string) => `Worth up to ${price} to you`,
  findNothing: 'Nothing in your plan would use it',
  findSubtitle:
    'The plan is made again with it at one price after another: with what must come along, and all you could have in its place.',
  ask: 'What is it worth to me?',
  asking: 'The plan is being made again at one price after another …',
  verdict: (asked: number, upTo: number, say: Say) =>
    asked <= upTo
      ? `At ${say.money(asked)} take it: ${say.money(upTo - asked)} below what it is worth to you.`
      : `At ${say.money(asked)} leave it: ${say.money(asked - upTo)} more than it is worth to you. Offer ${say.money(upTo)}.`,
  worthNothing:
    'No build that is planned would use it, and it takes the place of nothing you would buy. A gift would only take room.',
  needless: (names: string) => `It makes needless: ${names}.`,
  comesAlong: (names: string) => `Comes along with it: ${names}.`,
  opens: (names: string) => `It opens ${names}.`,
  sooner: (names: string) => `Sooner done with it: ${names}.`,
  saved: (say: Say, { minutes }: Difference) =>
    minutes < 0 ? `It saves ${say.duration(-minutes)} of work.` : '',
  usedCaution:
    'Test it running before you pay. Look at cord, guard and play; walk away from a damaged guard or cord. The tool’s manual decides.',
  finds: 'Finds you keep',
  sheetTitle: (tool: string) => `Looking at a used ${tool}`,
  bring: (things: string) => `Bring: ${things}.`,
  doing: { look: 'Look', run: 'Run', measure: 'Measure', ask: 'Ask' } as const,
  finding: { fine: 'fine', doubtful: 'doubtful', bad: 'bad', unseen: 'could not see' } as const,
  worthNow: (say: Say, { repair, unseen, open }: Inspected, sound: number) =>
    `Worth up to ${say.money(Math.max(0, say.about(sound) - say.about(repair) - say.about(unseen)))} as it stands${
      repair + unseen > 0
        ? `: ${say.money(say.about(sound))} for a sound one${repair > 0 ? `, less ${say.money(say.about(repair))} to put it right` : ''}${unseen > 0 ? `, less ${say.money(say.about(unseen))} for what you could not see` : ''}`
        : ''
    }.${open > 0 ? ` ${plural(open, 'point', 'points')} to go.` : ''}`,
  boughtIt: 'Bought it',
  onPaper: 'The sheet on paper',
  noSheet: 'There is no sheet for this: buy it new',
  point: 'What to look at',
  elseLeave: 'Else leave it.',
  blanks: ['Asked for', 'Serial number, year', 'Seller, where', 'Measures'],
  repairOf: (tool: string) => `Repair of the ${tool}`,
  follows: (say: Say, repair: number, checks: number) =>
    [
      repair > 0
        ? `${say.money(repair)} are kept back for its repair, among the money you expect.`
        : '',
      checks > 0
        ? `${plural(checks, 'point is', 'points are')} left to look at before you rely on it; the Bench asks for ${checks === 1 ? 'it' : 'them'}.`
        : ''
    ]
      .filter(Boolean)
      .join(' '),
  lookedStep: (tool: string) => `what you found on ${tool}`,
  lookedSo: (open: number, of: number) =>
    open === 0 ? 'looked at' : `${of - open} of ${plural(of, 'point', 'points')} looked at`,
  walkAway: (text: string) => `Walk away, at any price. Not so: ${text}.`,
  inexact: (times: string) => `It may work ${times} times as inexactly as a sound one.`,
  buyNew: 'Buy protection new: what it has been through cannot be seen.',
  watchPrice: 'Say when it costs at most',
  watchStart: 'Watch for it',
  watches: 'Watched',
  watched: (say: Say, { watch: { upTo, until }, met, days, state }: Watched) =>
    `up to ${say.money(upTo)}${until === undefined ? '' : `, until ${say.shortDay(until)}`}: ${
      met
        ? `seen for ${say.money(met.price)} on ${say.shortDay(met.date)}`
        : state === 'over'
          ? 'its last day has gone by'
          : `none so low yet; last looked ${days === 0 ? 'today' : `${plural(days, 'day', 'days')} ago`}`
    }`
} as const)
