import { plural } from './plural'
import type { StockKind } from '../../core/catalogue'
import { said } from './language'

export const cutList = said('cutList', {
  title: 'A build from its cut list',
  changeTitle: (name: string) => `The cut list of ${name}`,
  subtitle:
    'Paste the rows from a spreadsheet, open a CSV file, or type them. Nothing is taken over before you say so.',
  open: 'From a cut list',
  change: 'Change the cut list',
  name: 'Name of the build',
  rows: 'The rows, with their headings',
  hint: 'Headings: part, quantity, length, width, thickness, material, edges, joints. Decimal commas, 23 1/2 in and 2x4 are understood.',
  example:
    'part\tquantity\tlength\twidth\tthickness\tmaterial\tedges\tjoints\nSide\t2\t800\t300\t18\tplywood\tband front\tdado 3\nShelf\t3\t764\t280\t18\tplywood\tband front\t',
  file: 'Open a CSV file',
  useExample: 'Put an example in',
  save: 'Save as CSV',
  problems: (count: number, good: number) =>
    `${plural(count, 'thing is', 'things are')} not in order; ${plural(good, 'row is', 'rows are')} kept for review.`,
  parts: (kinds: number, pieces: number) =>
    `${plural(kinds, 'kind of part', 'kinds of parts')}, ${plural(pieces, 'piece', 'pieces')}`,
  partsLabel: 'Parts as they were read',
  part: 'Part',
  quantity: 'Pieces',
  size: 'Finished size',
  stock: 'Cut from',
  edges: 'Edges',
  joints: 'Joints',
  leaveOut: (name: string) => `Leave ${name} out`,
  stepsTitle: 'What it needs doing, worked out from the list',
  stepsHint: 'For one copy. Every figure can be corrected on the build’s own page.',
  timberTitle: 'Timber',
  timber: 'Material',
  net: 'Finished',
  area: 'Face',
  buy: 'To buy',
  waste: 'Waste',
  cost: 'Cost',
  working: 'Laying the parts on sheets …',
  take: 'Make it a build',
  takeOver: 'Work the steps out from this list',
  replaces: 'The steps and the timber of the build are replaced; undo brings them back.',
  sheets: (count: number, used: string) => `${plural(count, 'sheet', 'sheets')}, ${used} used`,
  sheet: (index: number, count: number) => `Sheet ${index} of ${count}`,
  picture: (material: string, count: number) =>
    `Cutting picture: ${material}, ${plural(count, 'sheet', 'sheets')}`,
  pictureCaption:
    'Each outline is a part as it is cut, the saw’s width between them; what is left is hatched. Long cuts first, each from edge to edge.',
  turned: 'turned',
  as: 'Cutting table',
  at: 'From the corner',
  stockNames: {
    sheet: 'sheet',
    softwood: 'planed softwood',
    'hardwood-rough': 'rough hardwood',
    'hardwood-surfaced': 'surfaced hardwood'
  } satisfies Record<StockKind, string>,
  edge: (work: string, run: string) =>
    `${work === 'band' ? 'banded' : 'shaped'}, ${run === 'all' ? 'all round' : run === 'long' ? 'long ones' : 'front'}`,
  empty: 'Nothing in the list yet.'
} as const)
