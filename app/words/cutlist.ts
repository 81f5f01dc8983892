import type { Joint, StockKind } from '../../core/catalogue'
import type { JointAdvice, PanelMovement, Verdict } from '../../core/joinery'
import type { Say } from './say'

const plural = (count: number, one: string, many: string): string =>
  `${count} ${count === 1 ? one : many}`

export const cutList = {
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
} as const

export const jointNames: Readonly<Record<Joint, string>> = {
  screwed: 'screwed',
  nailed: 'nailed',
  pocket: 'pocket joint',
  dowel: 'dowels',
  biscuit: 'biscuits',
  'loose-tenon': 'loose tenon',
  'mortise-tenon': 'mortise and tenon',
  'half-lap': 'half-lap',
  dado: 'housed in a groove',
  rebate: 'rebate',
  groove: 'grooved edge',
  'box-joint': 'box joint',
  dovetail: 'dovetails',
  mitre: 'plain mitre',
  'keyed-mitre': 'keyed mitre',
  'edge-glue': 'edge glued',
  laminated: 'glued in layers'
}

export const joinery = {
  title: 'Joints: do they suit?',
  caption:
    'Each joint against its material, its load and the grain. Where makers differ, the milder word is used.',
  bearing: 'It',
  bearings: {
    none: 'carries no one',
    'carries-people': 'carries people',
    'hangs-over-people': 'hangs over people'
  },
  verdict: { right: 'suits', fair: 'will do', wrong: 'does not suit' } satisfies Record<
    Verdict,
    string
  >,
  reason: (say: Say, advice: JointAdvice): string => {
    const moved =
      advice.movementMm === undefined ? '' : `${say.number(advice.movementMm, 1)} mm over the year`
    switch (advice.reason) {
      case 'across-the-grain':
        return `holds the part rigidly across its grain, where it moves ${moved}: it splits, or the joint gives. Slotted screws, buttons or a groove let it move.`
      case 'loaded-frame':
        return 'people’s weight works on it: wood in wood holds, screws and brads work loose.'
      case 'no-stress':
        return 'brads hold where there is no stress, with glue.'
      case 'chips-in-sheet':
        return 'the layers of a sheet crumble at such shapes.'
      case 'case-of-sheets':
        return 'cases of sheet goods are what it is for.'
      case 'end-grain':
        return 'glue holds little in end grain; screws or keys have to do the work.'
      case 'shallow':
        return 'lines parts up well and adds a little strength.'
      case 'light':
        return 'fine where little works on it.'
      case 'long-grain':
        return 'long grain to long grain is as strong as the wood.'
      case 'real-joint':
        return 'holds by wood and glue.'
    }
  },
  instead: (names: readonly string[]) => `Instead: ${names.join(', ')}.`,
  needs: 'What it would take',
  canDo: 'can be made with what you own',
  screw: (say: Say, mm: number) => `Pocket screws of ${say.length(mm)}.`,
  through: (say: Say, mm: number) => `Screws of ${say.length(mm)}.`,
  movementTitle: 'Wide parts move',
  movement: (say: Say, movement: PanelMovement, low: number, high: number) =>
    `${say.number(movement.mm, 1)} mm across, between ${low} % and ${high} % humidity (${say.number(movement.fromMoisture, 1)} to ${say.number(movement.toMoisture, 1)} % moisture)${movement.rough ? '; roughly, since this leaves the range the tables hold for' : ''}`
} as const
