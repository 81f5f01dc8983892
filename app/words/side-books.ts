import type { BookLine, Earns, RealWage, ToolsEarn } from '../../core/sidework'
import type { Minor } from '../../core/money'
import { said } from './language'
import { plural } from './plural'
import { roughly, type Say } from './say'

const whole = (say: Say, amount: number): string => say.money(say.about(Math.round(amount)))

/** What a tool earns with what is made for sale. */
export const sideTools = said('sideTools', {
  title: (say: Say, { id, kitFor }: Earns, pieces: number, day: string) =>
    `${kitFor === undefined ? say.shortTool(id) : `The kit for “${say.build(kitFor)}”`} is paid after ${plural(pieces, 'piece', 'pieces')}, about ${say.day(day)}`,
  none: 'No tool in view earns money with what you sell',
  noneHint:
    'What you sell can be made with what you have, and the buyers are the limit. A tool may still save evenings: see below.',
  cannotHint:
    'What an hour of it is to bring is not reached by anything you sell, with what you own or with the cheapest kit for it: a better price, or a piece that takes less time, comes before a tool.',
  beside: (build: string) =>
    `What you own makes nothing for sale: the tools are reckoned beside the kit for “${build}”.`,
  kitFor: (build: string) => `Kit for “${build}”`,
  named: (say: Say, { id, kitFor }: Earns) =>
    kitFor === undefined ? say.shortTool(id) : `the kit for “${say.build(kitFor)}”`,
  working: 'What each tool brings is reckoned …',
  subtitle: (say: Say, { month }: ToolsEarn) =>
    `An average month leaves ${whole(say, month.margin)} with what you own${month.short ? `; the next hour would bring ${whole(say, month.nextHour)}` : ''}.`,
  caption:
    'Machines that play a part in what you sell and tools the plan buys, each with what must come along, by itself beside what you own; marked those with which growing pays.',
  tool: 'Tool',
  cost: 'Costs',
  brings: 'Brings a month',
  pieces: 'Pieces',
  paid: 'Paid by',
  byShare: 'by the share that flows back',
  spread: 'In 9 of 10 courses',
  saves: 'Saves a month',
  opens: (builds: string) => `makes possible: ${builds}`,
  never: 'not by sales',
  late: 'later than ten years',
  spreadText: (early: number | undefined, late: number | undefined) =>
    early === undefined
      ? 'not within ten years'
      : late === undefined
        ? `${early} months to more than ten years`
        : early === late
          ? plural(early, 'month', 'months')
          : `${early} to ${late} months`,
  hours: (minutes: number) => roughly(minutes),
  commission: (say: Say, { commission }: Earns) =>
    commission
      ? `One commission for “${say.build(commission.build)}” at ${say.money(commission.price)} would pay for it at once, hours included.`
      : '',
  stops: (say: Say, { grows, then, years, month }: ToolsEarn, last: string) =>
    grows.length === 0
      ? `Within ${plural(years, 'year', 'years')} none of them earns back what it costs by sales alone. ${month.short ? 'Your hours are the limit, and no tool here makes them longer.' : 'More buyers, or a better price, would change that; more tools do not.'}`
      : `Growing pays with ${last}: then a month leaves ${whole(say, then.margin)}. After that another tool does not earn its price within ${plural(years, 'year', 'years')}${then.short ? ': your hours are the limit, not the tools' : ': the buyers are the limit, not the tools'}.`,
  others: (tools: string) => `Neither bring money nor save time with what you sell: ${tools}.`,
  spreadHint:
    'Drawn from 400 courses: buyers come by chance, prices spread by 15 % and hours by 25 % from month to month.',
  flowTitle: 'What flows back',
  flowAll: 'All of it',
  flowShare: 'A share',
  flowAbove: 'What is above a sum for me',
  flow: 'Money from sales goes back into tools',
  share: 'Share, %',
  above: 'Mine of each piece',
  flowHint: (say: Say, share: number, above: Minor) =>
    `Of each piece ${above > 0 ? `the first ${say.money(above)} are yours; of the rest ` : ''}${say.percent(share)} flow${share === 1 ? '' : 's'} back. The rule of the Stages shows it as money that comes in.`,
  toStages: 'To the Stages',
  flowStep: 'what flows back of sales'
} as const)

/** Books of what was sold. */
export const sideBooks = said('sideBooks', {
  title: (say: Say, period: string, line: BookLine) =>
    `${period}: ${say.money(line.left)} left${line.perHour === undefined ? '' : `, ${whole(say, line.perHour)} an hour`}`,
  none: 'Nothing has been made for sale yet',
  noneHint: 'Put finished pieces into the stock; what they bring is booked here month by month.',
  subtitle: (say: Say, line: BookLine) =>
    `${plural(line.pieces, 'piece', 'pieces')} sold for ${say.money(line.takings)}, ${roughly(line.minutes)} of work in them`,
  by: 'By',
  month: 'month',
  year: 'year',
  period: 'When',
  all: 'in all',
  sold: 'Sold',
  takings: 'Takings',
  fees: 'Fees and delivery',
  cost: 'Timber and wear',
  other: 'Room, car, not sold',
  left: 'Left',
  perHour: 'An hour',
  design: 'What',
  wagesTitle: 'What an hour really brought',
  wage: (say: Say, one: RealWage) =>
    one.perHour === undefined
      ? `${one.name}: no hours were written down.`
      : `${one.name}: ${whole(say, one.perHour)} an hour${one.expected === undefined ? '' : `, expected ${whole(say, one.expected)}`}${one.minutesEach === undefined || one.expectedMinutes === undefined ? '' : `; ${roughly(one.minutesEach)} a piece, estimated ${roughly(one.expectedMinutes)}`}.`,
  wagesHint: 'What was learnt of your pace and of waiting for buyers goes into the next estimate.',
  costsTitle: 'What else is counted',
  perKm: 'A kilometre',
  room: 'The room, a month',
  costsHint: 'Left empty they are not counted.',
  costsStep: 'what the books count',
  csv: 'As CSV',
  journal: 'As accounting journal',
  journalHint:
    'Double entry, with stock at cost, what is owed and deposits: any program for plain-text accounting balances it.',
  file: 'side work'
} as const)

/** The sheet a piece is offered with. */
export const listing = said('listing', {
  title: (name: string) => `“${name}” as it is offered`,
  subtitle:
    'The facts in good order, room for the story, and what to photograph. Nothing is sent anywhere.',
  facts: 'Facts',
  size: (say: Say, { length, width, height }: { length: number; width: number; height: number }) =>
    `Size: ${say.lengths([length, width, height])} (length, width, height)`,
  timber: (names: string) => `Timber: ${names}`,
  timberKinds: {
    softwood: 'solid softwood',
    hardwood: 'solid hardwood',
    sheet: 'plywood or board'
  } as const,
  species: 'Say which: buyers ask.',
  finish: (names: string) => `Finish: ${names}`,
  noFinish: 'Finish: none, bare wood',
  weight: (say: Say, kg: number) =>
    `Weight: about ${say.number(kg < 3 ? Math.round(kg * 2) / 2 : Math.round(kg), 1)} kg (estimated from the timber)`,
  care: {
    outdoors: 'Care: wash with water and a soft brush; renew the paint every two or three years.',
    oil: 'Care: wipe with a damp cloth, dry at once; oil again once a year.',
    plain: 'Care: wipe with a dry or barely damp cloth; keep away from heaters.'
  } as const,
  price: (say: Say, price: Minor) => `Price: ${say.money(price)}`,
  delivery: (say: Say, amount: Minor) =>
    amount > 0
      ? `Delivery: ${say.money(amount)} within the country, or to be picked up`
      : 'Delivery: to be picked up, or by agreement',
  made: 'Made by hand, one at a time or in small batches; small differences are part of it.',
  safety:
    'Load and use: say what it is made for. Pieces that carry people, hang over them or are for small children have rules of their own where you live.',
  story: 'The story',
  storyHint:
    'Who it was made for, what the timber was before, why it is built this way. Two or three sentences.',
  pictures: 'Pictures to take',
  pictureList: [
    'the whole piece from the front, in daylight, so that the colour is true',
    'in use one way',
    'in use another way',
    'a joint or an edge from near by',
    'with a hand or a chair beside it, for its size',
    'the back or the underside, and every flaw there is'
  ],
  add: 'Add a picture',
  text: 'As text',
  markdown: 'As Markdown',
  zip: 'With the pictures, as a zip',
  copy: 'Copy the text',
  copied: 'Copied.',
  missing: (count: number) =>
    `${plural(count, 'picture is', 'pictures are')} not in this browser and ${count === 1 ? 'was' : 'were'} left out.`,
  gone: 'There is no such build, or it is not for sale.',
  storyStep: (name: string) => `the story of “${name}”`,
  photoOf: (name: string) => name
} as const)
