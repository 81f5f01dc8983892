import type { AgainstTool } from '../../core/against'
import type { EntryKind } from '../../core/ledger'
import type { Say } from './say'

const plural = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`

export const entryKinds: Readonly<Record<EntryKind, string>> = {
  opening: 'Opening',
  'set-aside': 'Set aside',
  'one-off': 'One-off',
  sale: 'Sale of a piece',
  resale: 'Sale of a tool',
  refund: 'Refund',
  tool: 'Tool',
  companion: 'Companion',
  consumable: 'Consumable',
  timber: 'Timber',
  fee: 'Fee',
  repair: 'Repair',
  other: 'Other',
  reversal: 'Taken back'
}
export const ledger = {
  title: (balance: string) => `${balance} in the purse`,
  subtitle: (inn: string, out: string, count: number) =>
    `${inn} came in, ${out} went out, in ${plural(count, 'entry', 'entries')}`,
  empty: 'Nothing has moved yet. Begin with what you have: an opening entry.',
  entries: 'What moved',
  add: 'Enter',
  kind: 'What',
  amount: 'Amount',
  date: 'On',
  text: 'For',
  planned: 'Planned',
  balance: 'Balance',
  reverse: 'Take back',
  reversed: 'taken back',
  reverses: (text: string) => `takes back: ${text}`,
  chart: 'Balance over time',
  chartAxis: (currency: string) => `Balance, ${currency}`,
  chartTable: 'The same figures stand in the table of entries.',
  againstPlan: (actual: string, planned: string, difference: string) =>
    `Bought for ${actual} where the plan had ${planned}: ${difference}.`,
  tabs: { entries: 'Entries', against: 'Plan and actual', inventory: 'Inventory' },
  filter: 'Find in the texts',
  kinds: 'Kinds',
  anyKind: 'any kind',
  kindsChosen: '{0} kinds',
  from: 'From',
  to: 'To',
  standing: 'Without what was taken back',
  found: (found: number, all: number, sum: string) =>
    found === all
      ? plural(all, 'entry', 'entries')
      : `${found} of ${plural(all, 'entry', 'entries')}, ${sum} together`,
  tableHint: 'Up and down go through the entries, Enter opens one.',
  detail: 'The entry',
  close: 'Close',
  ofWhichTax: 'Of which tax',
  ofWhichDelivery: 'Of which delivery',
  seller: 'Bought from',
  condition: 'Condition',
  warranty: 'Warranty until',
  receiptNo: 'Receipt',
  notSaid: 'not said',
  sameReceipt: 'On the same receipt:',
  isReversed: 'Taken back: it counts no more.',
  correct: 'Correct it',
  correctHint:
    'The entry is taken back and entered again as it should have been; both stay in the ledger.',
  refund: 'Money came back',
  refundHint: (most: string) => `A return or a refund, at most ${most}.`,
  returnedOf: (count: number): string => `How many of the ${count} went back`,
  returned: 'The tool went back: take it out of the kit',
  reverseHint: 'Taking a purchase back takes its tool out of the kit too.',
  confirm: 'Put it in the ledger',
  cancel: 'Cancel',
  addPhoto: 'Add a photo',
  photoOf: (text: string) => `Photo: ${text}`,
  photoReady: 'The photo goes with it.',
  photoElsewhere: 'This photo is not in this browser; open the zip from the device that took it.',
  dropPhoto: 'Take it off',
  receiptOpen: 'Receipt …',
  receiptTitle: 'A receipt',
  lineWhat: (number: number) => `Line ${number}`,
  linePlanned: 'From the plan',
  lineTool: 'A tool for the kit',
  lineOther: 'Something else',
  price: 'Price',
  deliveryAll: 'Delivery',
  addLine: 'Add a line',
  taxAmount: 'Tax',
  taxIncluded: 'the prices contain it',
  total: 'Total paid',
  receiptSum: (sum: string, lines: number) =>
    `${plural(lines, 'line', 'lines')}, ${sum} in all. Delivery and tax are shared out by price.`,
  moneyTitle: 'What comes in',
  rhythm: 'How often',
  rhythms: {
    none: 'Nothing regular',
    weekly: 'Every week',
    fortnightly: 'Every two weeks',
    monthly: 'Every month',
    list: 'On these days'
  } as const,
  each: 'Each time',
  first: 'First on',
  receipts: 'Days and amounts',
  receiptsHint: 'One a line: 2026-05-04 120',
  oneOffs: 'Once',
  addOneOff: 'Add',
  oneOffText: 'What it is',
  oneOffHint: 'A minus in front is money that will go out.',
  remove: 'Remove',
  reserve: 'Keep back',
  hours: 'Hours a week in the workshop',
  stage: 'A stage is a',
  stageLengths: { week: 'week', fortnight: 'fortnight', month: 'month' } as const,
  count: 'Stages ahead',
  currency: 'Currency',
  tax: 'Tax added at the till, %',
  delivery: 'Delivery of a tool',
  hourValue: 'Value of your hour',
  level: 'Price of a weekend-tier cordless drill set',
  levelHint: 'Sets the level of all typical prices.',
  badLine: (line: number, text: string) =>
    `Line ${line}, “${text}”, is not a date and an amount. Write it like 2026-05-04 120.`
} as const

export const start = {
  title: 'Start mine',
  subtitle: 'Three questions, each of which you may leave out. Everything can be changed later.',
  moreBuilds: (count: number) => `Show ${count} more builds`,
  buildsTitle: '1 · Which of these would you like to build?',
  kitTitle: '2 · Which of these do you have?',
  moneyTitle: '3 · How much, how often?',
  currency: 'Currency',
  now: 'In the purse now',
  each: 'Set aside each time',
  rhythm: 'How often',
  reserve: 'Keep back',
  hours: 'Hours a week',
  go: 'Show me a plan',
  cancel: 'Back to the demo',
  allUsual: 'Tick the usual basics',
  openingText: 'What was there at the start'
} as const

export const settings = {
  title: 'File and settings',
  subtitle: (name: string) => `On the table: ${name}`,
  fileTitle: 'File',
  fileHint:
    'One file holds everything of a workspace. It carries your data between devices and is your backup.',
  save: 'Save to a file',
  open: 'Open a file',
  refused: (name: string) => `${name} was not opened. What you had is untouched.`,
  line: (line: number) => `line ${line}`,
  demosTitle: 'Demos',
  demosHint: 'Three invented workshops to look around in. Your own workspace is kept beside them.',
  showDemo: (name: string) => `Show ${name}`,
  afresh: 'As it was shipped',
  mineTitle: 'Kept in this browser',
  mineNone: 'Only what is on the table.',
  openMine: (name: string) => `Open ${name}`,
  startMine: 'Start mine',
  lookTitle: 'Looks and keys',
  theme: 'Light or dark',
  themes: { system: 'As the system', light: 'Light', dark: 'Dark' } as const,
  letters: 'Single-letter keys for the places',
  units: 'Lengths in',
  tradeNames: 'Trade names',
  nameSets: {
    plain: 'jointer, thicknesser, mitre',
    british: 'British: surface planer, cramp, mortice',
    american: 'American: miter, rabbet, vise'
  } as const,
  humidity: 'Humidity of the rooms',
  humidityHint: 'Where the pieces will stand, over the year. It decides how far wide boards move.',
  driest: 'Driest, %',
  dampest: 'Dampest, %',
  unitNames: { metric: 'millimetres', imperial: 'inches' } as const,
  name: 'Name of this workspace',
  tier: 'Usual quality of what you buy',
  condition: 'Machines usually',
  power: 'Power',
  powers: { cheapest: 'whatever is cheapest', corded: 'corded', cordless: 'cordless' } as const,
  shopTitle: 'Workshop',
  shopMoved:
    'Room, circuit, hours, quiet and what you are comfortable with have a place of their own.',
  comfortLevels: ['not at all', 'with respect', 'with practice', 'no limit'] as const
} as const

export const against = {
  titleNone: 'No plan has been kept yet',
  none: 'Keep a plan, and later you can see here how true it was.',
  even: 'Just as much in the purse as was planned',
  ahead: (amount: string) => `${amount} more in the purse than was planned for today`,
  behind: (amount: string) => `${amount} less in the purse than was planned for today`,
  subtitle: (day: string) => `Against the plan kept on ${day}`,
  keep: 'Keep today’s plan',
  which: 'Against',
  planOf: (day: string) => `the plan of ${day}`,
  chart: 'The purse as it was, and dashed as that plan had it. The figures stand in the tables.',
  lineActual: 'as it was',
  linePlanned: 'as planned',
  stages: 'Stage by stage',
  from: 'From',
  inPlanned: 'In, planned',
  inActual: 'In',
  outPlanned: 'Out, planned',
  outActual: 'Out',
  total: 'Together',
  builds: 'Builds',
  build: 'Build',
  plannedDone: 'To be done',
  done: 'Done',
  notYet: 'not yet',
  paid: 'Paid',
  tools: 'Tool by tool',
  tool: 'Tool',
  how: 'What came of it',
  difference: 'Saved',
  kinds: {
    bought: 'bought',
    'to-come': 'to come',
    late: 'late',
    unplanned: 'not in that plan',
    'given-back': 'given back'
  } as const satisfies Record<AgainstTool['kind'], string>,
  dates: (say: Say, { plannedOn, boughtOn }: AgainstTool) =>
    [
      plannedOn === undefined ? '' : `planned ${say.shortDay(plannedOn)}`,
      boughtOn === undefined ? '' : `bought ${say.shortDay(boughtOn)}`
    ]
      .filter(Boolean)
      .join(', '),
  rest: 'What it does to the rest',
  restEven: 'Nothing: the purse stands where it was planned.',
  restHint: (amount: string) =>
    `Plans the rest twice: as it is, and as if the ${amount} had not come about.`,
  restAsk: 'Work it out',
  restThinking: 'Planning both …',
  restSame: 'Every build comes out on the same day.',
  restSpent: (asIs: string, planned: string) =>
    `The rest spends ${asIs} as it is, ${planned} with the money as planned.`,
  asPlanned: 'As planned',
  shift: (build: string, say: Say, here: string | undefined, there: string | undefined) =>
    here === undefined
      ? `${build}: no longer in the plan; with the money as planned it would be done on ${say.day(there ?? '')}.`
      : there === undefined
        ? `${build}: done on ${say.day(here)}; with the money as planned it would not be in the plan.`
        : `${build}: done on ${say.day(here)} instead of ${say.day(there)}.`
} as const

export const inventory = {
  title: (worth: string) => `What you own is worth about ${worth}`,
  subtitle: (count: number, paid: string, replace: string) =>
    `${plural(count, 'line', 'lines')}, ${paid} paid, ${replace} to buy all of it new today`,
  hint: 'Worth now is what it would bring: the price paid, or that of a new one where it is not known, times the usual share for its kind, quality and condition. Prices of new ones are your quotes or typical.',
  empty: 'Nothing is owned yet. Tick it in the kit, or record a purchase.',
  print: 'Print it',
  csv: 'Save as CSV',
  tool: 'Tool',
  quality: 'Quality',
  since: 'Since',
  age: 'Age',
  paid: 'Paid',
  worth: 'Worth now',
  replace: 'New today',
  unknown: 'not known',
  years: (years: number) =>
    years < 1
      ? plural(Math.round(years * 12), 'month', 'months')
      : `${(Math.round(years * 10) / 10).toFixed(1)} years`,
  sold: 'Sold',
  sellTitle: (tool: string) => `Sold: ${tool}`,
  soldFor: 'Brought',
  oneOf: (count: number) => `One of the ${count}; the others stay.`
} as const
