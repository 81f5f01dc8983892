import { joined, lowerFirst } from './bench'
import { plural } from './plural'
import { said } from './language'

/** What stands on paper only, and the pages that are made for it. */
export const paper = said('paper', {
  print: 'Print it',
  steps: (copies: number) =>
    copies === 1
      ? 'What to do, in working order'
      : `What to do for all ${copies}, in working order`,
  head: {
    work: 'Work',
    much: 'How much',
    stock: 'Of stock',
    exact: 'Exact to',
    with: 'Done with',
    time: 'Time'
  },
  noWay: 'no way yet',
  asPlanned: 'Ways and times are those of the tools that are there when the plan begins it.',
  cut: 'Cut list',
  timber: 'Timber and fixings',
  wear: (what: readonly string[]) => `Protect your ${joined(what)}.`,
  caution: 'Follow each tool’s manual and your local rules.',
  exact: (size: string) => `± ${size}`,

  sheetTitle: (build: string) => `Evenings for ${build}`,
  sheetHint:
    'What fits into one go in the shop. Work that can be left lies over two evenings; a glue-up is done in one and then rests.',
  sheetSum: (evenings: number, time: string, nights: number) =>
    `${plural(evenings, 'evening', 'evenings')}, ${time} of work${nights > 0 ? `, and ${plural(nights, 'night', 'nights')} of rest for glue and coats` : ''}`,
  openSheet: 'In evenings',
  openCare: 'Care card',
  hours: 'Hours at a time',
  evening: (number: number, time: string) => `Evening ${number}: ${time}`,
  ready: (tools: readonly string[]) => `Have ready: ${tools.join(', ')}.`,
  goesOn: 'goes on',
  rests: (nights: number) => `Then it rests ${plural(nights, 'night', 'nights')}.`,
  finished: 'This build is done.',
  noSteps: 'This build has no steps yet.',

  planTitle: 'By day',
  plan: { day: 'Day', what: 'What happens', amount: 'Amount', left: 'In the purse' },
  begins: (build: string) => `begin ${build}`,
  done: (build: string) => `${build} is done`,
  buy: (tool: string, builds: string | undefined) =>
    builds === undefined ? `buy ${lowerFirst(tool)}` : `buy ${lowerFirst(tool)}, for ${builds}`,
  comesIn: 'comes in',
  timberFor: (build: string) => `timber and fixings for ${build}`,

  careTitle: 'What keeps your tools true',
  careHint: 'One line for each tool you own; room to write down when it was done.',
  careNone: 'Nothing is in the kit yet. Tick what you own, and its care stands here.',
  careDone: 'Done on',
  careNote:
    'Pull the plug or take out the pack before any care. What the tool’s manual says comes first.'
} as const)
