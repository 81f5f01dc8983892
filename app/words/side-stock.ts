import type { AtPrice, BidAdvice } from '../../core/sidework'
import type { OrderAnswer } from '../../core/explain'
import type { Minor } from '../../core/money'
import type { Outlet } from '../../core/workspace'
import { said } from './language'
import { plural } from './plural'
import type { Say } from './say'

/** Prices and demand of what is for sale. */
export const sidePrices = said('sidePrices', {
  haggle: (say: Say, { asGood, never }: BidAdvice) =>
    never < asGood
      ? `Room to haggle: down to ${say.money(asGood)} is as good as waiting for the usual buyer; below ${say.money(never)} your hours are not paid.`
      : 'Room to haggle: none. At less an hour brings less than it is to bring.',
  title: 'What to ask, and where',
  subtitle: 'Say what you know of prices; the best one follows.',
  price: 'Price',
  outlet: 'Sold at',
  noOutlet: 'from hand to hand',
  days: 'Days until one is sold',
  net: (say: Say, net: Minor) => `${say.money(net)} of it reach you`,
  netBelow: (say: Say, short: Minor) =>
    `Fees and delivery take ${say.money(short)} more than the price. Raise it, or sell it elsewhere.`,
  known: 'What I know of its price',
  knownHint:
    'One line for each price you have seen work: “at 220 within days, four a month; at 260 within weeks, two”. Two prices at two outlets are two lines.',
  perMonth: 'a month',
  within: 'days to sell',
  add: 'Add a line',
  remove: 'Remove',
  needPrice: 'Say the price of the line.',
  best: (say: Say, at: AtPrice, where: string) =>
    `Ask ${say.money(at.price)}${where === '' ? '' : ` at ${where}`}: ${say.number(at.perMonth, 1)} a month, ${say.number(at.waiting, 1)} waiting on average, ${say.money(Math.round(at.perMonthLeft))} left a month.`,
  bestLimited:
    'More is asked for than your hours make: the price is set so that the dearer buyers are served.',
  bestNone: 'No price that is known leaves anything.',
  take: (say: Say, price: Minor) => `Take ${say.money(price)}`,
  took: (name: string) => `the price of “${name}”`,
  onePrice: 'One price is known: a second one makes a choice of it.',
  season: 'Sells in',
  seasonAll: 'the whole year',
  stored: 'Floor one takes while it waits, m²',
  offcuts: 'From the offcuts of one',
  offcutsNone: 'nothing else',
  offcutsEach: 'so many',
  outlets: 'Outlets',
  outletsHint: 'Where you sell, what it takes of a price, and what bringing a piece there costs.',
  outletName: 'Name',
  feeShare: 'Keeps, % of the price',
  feeFixed: 'and for each piece',
  delivery: 'Packing and delivery',
  km: 'km driven for each',
  addOutlet: 'Add an outlet',
  needName: 'Give the outlet a name.',
  outletChanged: (name: string) => `the outlet “${name}”`,
  outletLine: (say: Say, { feeShare, feeFixed, deliveryEach }: Outlet) =>
    [
      feeShare > 0 ? `keeps ${say.percent(feeShare)}` : '',
      feeFixed > 0 ? `${say.money(feeFixed)} a piece` : '',
      deliveryEach > 0 ? `delivery ${say.money(deliveryEach)}` : ''
    ]
      .filter((part) => part !== '')
      .join(', ') || 'takes nothing'
} as const)

/** Pieces in stock, their sales, and orders of customers. */
export const sideStock = said('sideStock', {
  title: (say: Say, pieces: number, tiedUp: Minor) =>
    pieces === 0
      ? 'Nothing waits for a buyer'
      : `${plural(pieces, 'piece waits', 'pieces wait')} for a buyer, ${say.money(tiedUp)} tied up`,
  subtitle: (say: Say, owed: Minor, orders: number) =>
    `${owed > 0 ? `${say.money(owed)} sold and not paid yet` : 'Nothing is owed'}, ${plural(orders, 'order is', 'orders are')} open`,
  finishedTitle: 'Put finished pieces into the stock',
  design: 'What',
  count: 'How many',
  made: 'Finished on',
  cost: 'Cost of one',
  minutes: 'Minutes of work in one',
  estimate: 'The estimate stands there; what you really took is better.',
  price: 'Offered at',
  put: 'Into the stock',
  putStep: (count: number, name: string) =>
    `putting ${plural(count, 'piece', 'pieces')} of “${name}” into the stock`,
  needDesign: 'Choose what was made: a build that is for sale.',
  future: 'That day has not come yet. Pieces are put into the stock once they are finished.',
  stockTitle: 'In stock',
  empty: 'Nothing is in stock.',
  age: (days: number) => (days === 0 ? 'since today' : `for ${plural(days, 'day', 'days')}`),
  asked: (say: Say, price: Minor, outlet: string) =>
    `at ${say.money(price)}${outlet === '' ? '' : `, ${outlet}`}`,
  steps: (prices: string) => `price so far: ${prices}`,
  notOffered: 'not offered yet',
  act: 'Do …',
  sell: 'Sold',
  reprice: 'Other price',
  bid: 'An offer came',
  gone: 'Left otherwise',
  drop: 'Entered by mistake',
  soldFor: 'Sold for',
  soldOn: 'on',
  soldAt: 'at',
  fee: 'Fee',
  deliveryCost: 'Delivery',
  paidNow: 'The money has come',
  confirm: 'Enter it',
  cancel: 'Leave it',
  soldStep: (name: string) => `the sale of “${name}”`,
  priceStep: (name: string) => `the price of “${name}”`,
  bidStep: (name: string) => `the offer for “${name}”`,
  goneStep: (name: string) => `“${name}” leaving the stock`,
  dropStep: (name: string) => `taking “${name}” out of the stock`,
  backStep: (name: string) => `money given back for “${name}”`,
  paidStep: (name: string) => `the money for “${name}”`,
  unsoldStep: (name: string) => `taking back the sale of “${name}”`,
  needPrice: 'Say for how much.',
  beforeMade: (day: string) => `It was finished on ${day}. It cannot be sold before.`,
  notYet: 'That day has not come yet.',
  offered: 'Offered',
  advice: (say: Say, asked: Minor, { asGood, never, takes }: BidAdvice) =>
    takes === 'take'
      ? `Take it: from ${say.money(asGood)} on it is as good as waiting for ${say.money(asked)}.`
      : takes === 'maybe'
        ? `Between: waiting for ${say.money(asked)} is worth ${say.money(asGood)} now, and below ${say.money(never)} your hours are not paid. Take it where the piece has stood longer than usual.`
        : `Leave it: below ${say.money(never)} making another one is not paid. You could go down to ${say.money(asGood)} without losing anything.`,
  bids: (texts: string) => `offers: ${texts}`,
  goneWhy: { given: 'given away', kept: 'kept for oneself', spoilt: 'spoilt' } as const,
  soldTitle: 'Sold',
  soldLine: (say: Say, name: string, price: Minor, day: string) =>
    `${name}: ${say.money(price)} on ${day}`,
  open: 'not paid yet',
  paid: 'Paid today',
  back: 'Give money back',
  backAmount: 'How much',
  returned: 'the piece came back',
  unsell: 'It was a mistake',
  more: (count: number) => `${plural(count, 'more', 'more')} …`,
  left: (say: Say, amount: number) => `${say.money(Math.round(amount))} left for the hours`,
  tooMuchBack: (say: Say, most: Minor) => `No more than ${say.money(most)} was paid for it.`,
  ordersTitle: 'Orders',
  noOrders: 'Nobody has ordered anything.',
  orderText: 'Who and what',
  orderCount: 'Pieces',
  orderPrice: 'Price of one',
  orderDue: 'Due on',
  orderDeposit: 'Deposit',
  orderAdd: 'Enter what is asked for',
  orderStep: (text: string) => `the order “${text}”`,
  orderLine: (say: Say, copies: number, price: Minor, due: string) =>
    `${plural(copies, 'piece', 'pieces')} at ${say.money(price)}, due ${due}`,
  orderStates: {
    asked: 'asked',
    accepted: 'accepted',
    declined: 'declined',
    delivered: 'delivered',
    cancelled: 'cancelled'
  } as const,
  needText: 'Say who asks for what.',
  overdue: 'That day is past. Agree on one that is to come.',
  depositHint: (say: Say, cost: Minor) =>
    `Common practice: at least the timber, ${say.money(cost)} here.`,
  shall: 'Shall I take it?',
  thinking: 'Planned with it and without …',
  answer: (say: Say, due: string, { done, earliest, pays, pushes }: OrderAnswer) =>
    done === undefined
      ? earliest === undefined
        ? 'It cannot be made, or would bring less than it costs: decline it, or ask for more.'
        : `It is not done by ${due}; ${say.day(earliest)} at the earliest. Offer that day, or decline.`
      : `It is done on ${say.day(done)}${
          pushes
            ? ` and costs “${say.build(pushes.build)}” ${pushes.days < 14 ? plural(pushes.days, 'day', 'days') : plural(Math.round(pushes.days / 7), 'week', 'weeks')}`
            : ' and makes nothing later'
        }. ${pays ? 'All in all it leaves more: take it.' : 'All in all it leaves no more than you have without it.'}`,
  drops: (builds: string) => `No longer done in time of the plan: ${builds}.`,
  accept: 'Accept',
  decline: 'Decline',
  deliver: 'Deliver',
  cancelOrder: 'Cancel it',
  keepDeposit: 'Keep of the deposit',
  held: (say: Say, amount: Minor) => `deposit held: ${say.money(amount)}`,
  acceptedStep: (text: string) => `accepting “${text}”`,
  declinedStep: (text: string) => `declining “${text}”`,
  deliveredStep: (text: string) => `delivering “${text}”`,
  cancelledStep: (text: string) => `cancelling “${text}”`,
  tooFew: (have: number, need: number) =>
    `${plural(have, 'piece is', 'pieces are')} in stock and ${need} ${need === 1 ? 'is' : 'are'} ordered. Put the finished ones into the stock first.`,
  planned: 'It stands among your builds and in the plan, with its day.',
  ownership:
    'A sale belongs to its piece: take it back or give money back here, so that stock and Ledger stay one.',
  toStock: 'To the piece'
} as const)
