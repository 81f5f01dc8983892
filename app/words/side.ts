import type { Design, FirstKit, Mistake } from '../../core/sidework'
import type { Mix, Turn } from '../../core/mix'
import type { Minor } from '../../core/money'
import { said } from './language'
import { plural } from './plural'
import { roughly, type Say } from './say'

const whole = (say: Say, amount: number): string => say.money(say.about(Math.round(amount)))

/** Side work: what to make and sell, and whether it pays. */
export const side = said('side', {
  tabs: {
    make: 'What to make',
    prices: 'Prices and demand',
    stock: 'Stock and orders',
    tools: 'What a tool earns',
    books: 'Books'
  },
  working: 'Being reckoned …',
  nothing: 'Nothing is for sale yet',
  nothingHint:
    'Open a build, mark it as “for sale” and say what it sells for. Then it stands here what it brings an hour, and which to make first.',
  toBuilds: 'To the builds',
  cannotYet: 'Nothing for sale can be made yet',
  cannotHint: (builds: string) =>
    `Neither what you own nor what the plan buys makes ${builds}. The Weigh-up says what is missing.`,
  headline: (say: Say, turn: Turn, design: Design, perHour: number | undefined) =>
    `Make ${plural(turn.pieces, 'piece', 'pieces')} of “${say.build(turn.build)}” next, at ${say.money(design.price)}${perHour === undefined ? '' : `: about ${whole(say, perHour)} an hour`}`,
  headlineOne: (say: Say, design: Design, perHour: number | undefined) =>
    `“${say.build(design.build)}” brings most${perHour === undefined ? '' : `: about ${whole(say, perHour)} an hour`}`,
  firstHeadline: (say: Say, { design, cost, pieces }: FirstKit) =>
    pieces === undefined
      ? `“${say.build(design.build)}” leaves nothing at ${say.money(design.price)}`
      : `Begin with “${say.build(design.build)}” at ${say.money(design.price)}: a kit for ${say.money(cost)} is paid after ${plural(pieces, 'piece', 'pieces')}`,
  firstHint:
    'What you own and what the plan buys make nothing for sale yet. The kit for one piece that sells comes first; its money buys the next.',
  firstTitle: 'The kit for the first piece',
  firstKit: (say: Say, { cost }: FirstKit, names: string) =>
    `With ${names} (${say.money(cost)} all in) it can be made.`,
  firstLeaves: (
    say: Say,
    { pieces, day }: FirstKit,
    margin: number,
    minutes: number,
    perHour: number | undefined
  ) =>
    pieces === undefined
      ? `Each piece would cost ${say.money(Math.round(-margin))} more than it brings: raise its price first.`
      : `A piece leaves ${say.money(Math.round(margin))} for ${roughly(minutes)}${perHour === undefined ? '' : `, ${whole(say, perHour)} an hour`}; the kit is paid after ${plural(pieces, 'piece', 'pieces')}${day === undefined ? '' : `, about ${say.day(day)}`}.`,
  firstWish: 'Wish for it',
  firstWished: 'On your list of wishes: the plan buys it as the money allows.',
  month: (say: Say, margin: number, minutes: number, short: boolean) =>
    `An average month leaves ${whole(say, margin)} for ${roughly(minutes)} of work. ${short ? 'Your hours are the limit, not the buyers.' : 'The buyers are the limit, not your hours.'}`,
  from: (say: Say, day: string) => `from ${say.day(day)}, with what the plan has bought by then`,
  mistakes: 'Worth a look',
  mistake: (say: Say, one: Mistake): string => {
    switch (one.kind) {
      case 'poor-hours':
        return `${plural(one.sold, 'piece', 'pieces')} of “${one.name}” were sold and brought ${whole(say, one.perHour)} an hour. There were buyers for more of “${one.better.name}” (${whole(say, one.better.perHour)} an hour): the same hours on what was asked for would have brought ${whole(say, one.missed)} more.`
      case 'loses':
        return `Each “${one.name}” costs ${say.money(-one.each)} more than it brings. Raise its price, or stop making it.`
      case 'old-stock':
        return `${plural(one.pieces.length, 'piece', 'pieces')} of “${one.name}” ${one.pieces.length === 1 ? 'has' : 'have'} stood for up to ${plural(one.days, 'day', 'days')} at the first price; usual: ${plural(Math.round(one.usual), 'day', 'days')}. ${say.money(one.tiedUp)} are tied up in ${one.pieces.length === 1 ? 'it' : 'them'}.`
      case 'over-due':
        return `“${one.order.text}” was due ${plural(one.days, 'day', 'days')} ago. Agree on a new day, deliver it, or cancel it.`
      case 'not-paid':
        return `“${one.piece.name}” was sold ${plural(one.days, 'day', 'days')} ago and ${say.money(one.piece.sold?.price ?? 0)} have not come. Ask for them.`
      case 'disagrees':
        return `The Ledger holds ${say.money(one.found)} for “${one.piece.name}”, the stock says ${say.money(one.expected)}. Take its sale back and enter it again, or look at its entries in the Ledger.`
    }
  },
  mend: {
    'poor-hours': 'Look at its price',
    loses: 'Look at its price',
    'old-stock': 'To the stock',
    'over-due': 'To the order',
    'not-paid': 'To the stock',
    disagrees: 'To the stock'
  } as const,
  mixTitle: 'The months ahead',
  mixWorking: 'The best mix is looked for …',
  mixNone:
    'In these months nothing can be made that brings what an hour is to bring: see where each price goes, raise a price, or ask less for the hour.',
  mixSum: (say: Say, { margin, minutes }: Mix, months: number) =>
    `${whole(say, margin)} in ${plural(months, 'month', 'months')} for ${roughly(minutes)} of work${minutes > 0 ? `, ${whole(say, (margin * 60) / minutes)} an hour` : ''}.`,
  proven: 'Proven: no other choice of designs and months leaves more.',
  unproven: 'The best found in the time given; a better one is not ruled out.',
  full: (months: string) => `Your hours are used up in ${months}.`,
  mixCounts:
    'It counts your hours, the timber the purse can pay after the planned purchases, the room for pieces that wait, and the buyers you expect. What does not bring what an hour is to bring is left out; what is not sold by the end counts nothing.',
  turn: (say: Say, { build, until, pieces, fromOffcuts }: Turn) =>
    `until ${say.shortDay(until)}: ${plural(pieces, 'piece', 'pieces')} of “${say.build(build)}”${fromOffcuts === 0 ? '' : fromOffcuts === pieces ? ', from the offcuts' : `, ${fromOffcuts} of them from the offcuts`}`,
  monthsAhead: 'Months ahead',
  designsAtMost: 'Designs at most',
  floorForPieces: 'Floor for pieces that wait, m²',
  takeMix: 'Take this into my builds',
  tookMix: 'the mix of the months ahead',
  takeHint: 'Sets how many of each are to be made; the plan then finds their evenings.',
  marginTitle: 'Where each price goes',
  marginCaption:
    'Each bar is the price of one piece, all to the same scale: what it costs from the left, hatched what is left for your hours.',
  demandGuess: 'demand guessed from the days to sell',
  pace: (say: Say, pace: number) =>
    pace > 1
      ? `You take ${say.percent(pace - 1)} longer than estimated; it is counted.`
      : `You are ${say.percent(1 - pace)} quicker than estimated; it is counted.`,
  row: (say: Say, design: Design, margin: number, minutes: number, perHour: number | undefined) =>
    margin < 0
      ? `${say.money(Math.round(-margin))} lost on each, for ${roughly(minutes)}`
      : `${say.money(Math.round(margin))} for ${roughly(minutes)}${perHour === undefined ? '' : `: ${whole(say, perHour)} an hour`}, ${say.number(design.perMonth, 1)} a month`,
  parts: {
    fee: 'Fees',
    delivery: 'Delivery',
    timber: 'Timber and finish',
    other: 'Wear and services',
    margin: 'Left for your hours'
  } as const,
  tooSmall: (say: Say, asked: Minor) =>
    `too small to pay: less than the ${say.money(asked)} an hour you ask`,
  listing: 'Listing sheet',
  priceIt: 'Price and demand',
  advice:
    'Local rules for tax, permits, product safety and insurance apply: take advice. This is no tax advice.',
  stockLine: (say: Say, pieces: number, tiedUp: Minor, owed: Minor) =>
    `${plural(pieces, 'piece', 'pieces')} in stock, ${say.money(tiedUp)} tied up${owed > 0 ? `, ${say.money(owed)} sold and not paid yet` : ''}.`
} as const)
