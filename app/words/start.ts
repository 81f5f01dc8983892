import { titles } from './titles'
import { plural } from './plural'
import { said } from './language'

export const start = said('start', {
  title: titles.start,
  subtitle: 'Four questions, each of which you may leave out. Everything can be changed later.',
  occasion: 'Pieces by place and occasion',
  occasions: {
    first: 'First pieces',
    small: 'Small, for giving',
    home: 'Home',
    kitchen: 'Kitchen',
    garden: 'Garden',
    children: 'Children',
    workshop: 'Workshop',
    all: 'All'
  } as const,
  findPiece: 'Find a piece',
  hoursOf: (hours: number) => `about ${plural(hours, 'hour', 'hours')}`,
  noPiece: (text: string) =>
    `No piece is called “${text}” here. Tick the one that is nearest to it, or put in your own:`,
  nearest: (text: string) =>
    `No piece is called “${text}” here. Nearest to it, with steps of the same kind:`,
  notThat: (name: string) => `not ${name}`,
  orOwn: 'Or put in your own:',
  fromCutList: 'from a cut list',
  moreBuilds: (count: number) => `Show ${count} more builds`,
  buildsTitle: '1 · Which of these would you like to build?',
  kitTitle: '2 · Which of these do you have?',
  moneyTitle: '3 · How much, how often?',
  likeTitle: '4 · How do you like to work?',
  likeHint:
    'Left as it is: new to it, any tool with care, no need to be quiet, room enough, whatever drives it for the least money.',
  likesOf: {
    hands: 'By hand or with motors',
    careful: 'What frightens',
    quiet: 'Noise',
    corner: 'Space',
    power: 'Cords or packs'
  } as const,
  likes: {
    hands: ['By hand, quietly', 'With motors, quickly'],
    careful: ['Nothing that kicks back', 'Any tool, with care'],
    quiet: ['Thin walls: keep it quiet', 'Noise is no matter'],
    corner: ['A corner; all is put away', 'A room of its own'],
    power: ['On a cord', 'On packs']
  } as const,
  planTitle: 'Your first plan',
  planEmpty: 'Tick a piece you would like to make, and the plan appears here.',
  planNoMoney: 'Say how much there is, or comes in, and the plan appears here.',
  planNone: 'No plan could be made of this. Tick another piece, or put in more money.',
  planNothing:
    'For these alone the tools would cost more than they bring. Tick more of what you would like to make, or say “must have” beside a piece.',
  planBuy: (names: readonly string[], cost: string) => `${names.join(', ')}: ${cost}`,
  planBegins: (build: string, day: string) => `${build} can begin on ${day}.`,
  planMade: (made: number, of: number, paid: string) =>
    `${made} of ${of} pieces can be made; tools come to ${paid} in all.`,
  glance: (first: string, cost: string, day: string) => `First ${first}: ${cost} on ${day}.`,
  seePlan: 'The plan',
  planTypical: 'At typical prices, until you put in those you find.',
  haveList: 'I have a list somebody gave me',
  nothing: 'I have nothing',
  usualTools: 'What people often have',
  families: 'Tools by family',
  findTool: 'Find a tool',
  noTool: (text: string) =>
    `No tool is called “${text}” here. A tool of your own can be put in later, in the Kit.`,
  kitHint: 'More can be ticked in the Kit at any time. Left as it is: you have nothing.',
  hour: 'An hour beyond the quickest way',
  aim: 'The money is for',
  currency: 'Currency',
  currencyOf: (units: string, names: string) =>
    `Lengths in ${units}, ${names} names for tools; each can be changed under File, settings.`,
  units: { metric: 'millimetres', imperial: 'inches' },
  names: { plain: 'this book’s own', british: 'British', american: 'American' },
  currencyUnknown:
    'Your browser does not say where you are, or not with a currency known here: choose the one you pay in.',
  now: 'In the purse now',
  each: 'Set aside each time',
  rhythm: 'How often',
  reserve: 'Keep back',
  hours: 'Hours a week',
  go: 'Show me a plan',
  cancel: 'Back to the demo',
  allUsual: 'Tick the usual basics',
  openingText: 'What was there at the start'
} as const)
