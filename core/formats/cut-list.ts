import { JOINTS, type Joint, type StockKind } from '../catalogue'
import { dressedSize, type EdgeWork, type Part } from '../cutlist'
import { issue, issueNamed, ok, refused, type Code, type Issue, type Result } from '../kernel'
import { parseCount, parseLength, type UnitSystem } from '../units'
import { readSheet, writeSheet } from './sheet'

/** A cut list as read: the rows that are in order, and what is wrong with the others, by row and column. */
export interface CutListReading {
  readonly parts: readonly Part[]
  readonly problems: readonly Issue[]
  /** Rows with something in them. */
  readonly rows: number
}

const COLUMNS = [
  'part',
  'quantity',
  'length',
  'width',
  'thickness',
  'material',
  'edges',
  'joints',
  'grain'
] as const
type Column = (typeof COLUMNS)[number]

/** Headings people use, by column; compared without case, units in brackets and full stops. */
const HEADINGS: Readonly<Record<Column, readonly string[]>> = {
  part: ['part', 'name', 'description', 'label', 'item', 'piece', 'part name'],
  quantity: ['quantity', 'qty', 'count', 'no', 'number', 'pcs', 'pieces', 'amount', 'x'],
  length: ['length', 'l', 'len', 'long'],
  width: ['width', 'w', 'wide', 'depth'],
  thickness: ['thickness', 't', 'th', 'thick', 'height'],
  material: ['material', 'stock', 'wood', 'timber', 'lumber', 'species', 'sheet'],
  edges: ['edges', 'edge', 'edging', 'banding', 'edge banding', 'profile'],
  joints: ['joints', 'joint', 'joinery', 'connection'],
  grain: ['grain', 'grain direction']
}
const NEEDED: readonly Column[] = ['part', 'quantity', 'length']

/** Most rows read. */
const MOST_ROWS = 1000
/** Sizes outside these are taken for a slip of the unit, mm. */
const LIMITS = { length: [5, 8000], width: [2, 3200], thickness: [1, 400] } as const
const MOST_PIECES = 10_000

const SHEETS =
  /\b(ply|plywood|mdf|hdf|fib(?:re|er)board|particle ?board|chipboard|osb|melamine|sheet|panel)\b/i
const SPECIES: Readonly<
  Record<string, { readonly words: RegExp; readonly kind: 'softwood' | 'hardwood' }>
> = {
  'white-fir': { words: /\bfir\b/i, kind: 'softwood' },
  'douglas-fir': { words: /\bdouglas/i, kind: 'softwood' },
  'white-pine': { words: /\b(pine|spruce|larch|cedar|softwood)\b/i, kind: 'softwood' },
  'red-oak': { words: /\boak\b/i, kind: 'hardwood' },
  'hard-maple': { words: /\b(maple|sycamore)\b/i, kind: 'hardwood' },
  cherry: { words: /\bcherry\b/i, kind: 'hardwood' },
  walnut: { words: /\bwalnut\b/i, kind: 'hardwood' },
  'yellow-poplar': { words: /\b(poplar|tulipwood)\b/i, kind: 'hardwood' },
  beech: { words: /\bbeech\b/i, kind: 'hardwood' }
}
const JOINT_WORDS: readonly (readonly [Joint, RegExp])[] = [
  ['loose-tenon', /\b(loose|floating)[ -]?tenons?\b/i],
  ['mortise-tenon', /\b(mortise|mortice|tenon|m&t|m\+t)\b/i],
  ['keyed-mitre', /\b(keyed|splined)[ -]?(mitre|miter)s?\b/i],
  ['mitre', /\b(mitre|miter)s?\b/i],
  ['pocket', /\bpocket/i],
  ['dowel', /\bdowels?\b/i],
  ['biscuit', /\bbiscuits?\b/i],
  ['half-lap', /\b(half[ -]?)?laps?\b/i],
  ['dado', /\b(dado|dadoe?s|housings?|trench)\b/i],
  ['rebate', /\b(rebates?|rabbets?)\b/i],
  ['groove', /\bgrooves?\b/i],
  ['box-joint', /\b(box|finger|comb)[ -]?joints?\b|\bbox\b|\bfinger\b/i],
  ['dovetail', /\bdovetails?\b/i],
  ['nailed', /\b(nails?|nailed|brads?)\b/i],
  ['screwed', /\b(screws?|screwed|butt)\b/i]
]

const plain = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[([].*$/, '')
    .replace(/[.:#]/g, '')
    .trim()
    .replace(/\s+/g, ' ')
    .replace(/ (mm|cm|m|in|inch|inches)$/, '')
const columnOf = (heading: string): Column | undefined =>
  COLUMNS.find((column) => HEADINGS[column].includes(plain(heading)))
const unitOf = (heading: string): string | undefined =>
  /[\s([](mm|cm|m|inches|inch|in|")[\])]?\s*$/i
    .exec(heading)?.[1]
    ?.toLowerCase()
    .replace(/inch(es)?/, 'in')

interface Sheet {
  readonly columns: ReadonlyMap<Column, number>
  readonly units: ReadonlyMap<Column, string>
  readonly rows: readonly { readonly number: number; readonly cells: readonly string[] }[]
}

/** Rows and their columns: by heading, or in the usual order where the first row holds figures already. */
function sheetOf(text: string): Result<Sheet> {
  const all = readSheet(text).map(({ row, cells }) => ({ number: row, cells }))
  const [first, ...rest] = all
  if (!first) return refused(issue('cut.empty'))
  if (all.length > MOST_ROWS)
    return refused(issue('cut.too-many', [], { rows: all.length, limit: MOST_ROWS }))
  const found = first.cells.map(columnOf)
  if (found.every((column) => column === undefined) && /\d/.test(first.cells.slice(1).join(' ')))
    return ok({
      columns: new Map(COLUMNS.map((column, i) => [column, i])),
      units: new Map(),
      rows: all
    })
  const columns = new Map(
    found.flatMap((column, i) => (column === undefined ? [] : [[column, i] as const])).reverse()
  )
  const units = new Map(
    [...columns].flatMap(([column, i]) => {
      const unit = unitOf(first.cells[i] ?? '')
      return unit === undefined ? [] : [[column, unit] as const]
    })
  )
  const missing = NEEDED.filter((column) => !columns.has(column))
  if (missing.length > 0)
    return refused(
      ...missing.map((column) =>
        issue('cut.no-column', [column], {
          column,
          found: first.cells.filter((cell) => cell !== '').join(', ') || 'none'
        })
      )
    )
  return ok({ columns, units, rows: rest })
}

interface Row {
  readonly number: number
  readonly problems: Issue[]
  text(column: Column): string
}

const hundredths = (mm: number): number => Math.round(mm * 100) / 100

/** A size in mm; undefined, with the reason noted, where it is none. */
function size(
  row: Row,
  column: 'length' | 'width' | 'thickness',
  unit: string | undefined,
  system: UnitSystem
): number | undefined {
  const text = row.text(column)
  const note = (code: Code, figures: Record<string, string | number> = {}): undefined => {
    row.problems.push(
      issueNamed(code, ['row', row.number, column], { row: row.number, column, text, ...figures })
    )
    return undefined
  }
  if (text === '') return note('cut.missing')
  const bare = /^[\d\s.,/-]+$/.test(text)
  if (bare && text.includes('/') && unit === undefined && system === 'metric')
    return note('cut.say-unit')
  if (/^-|^0+([.,]0*)?\s*\D*$/.test(text)) return note('cut.not-positive')
  const read = parseLength(bare && unit !== undefined ? `${text} ${unit}` : text, system)
  if (!read.ok)
    return note(
      read.issues[0]?.code === 'length.not-positive'
        ? 'cut.not-positive'
        : read.issues[0]?.code === 'length.ambiguous'
          ? 'cut.ambiguous'
          : 'cut.not-a-length'
    )
  const [least, most] = LIMITS[column]
  return read.value < least || read.value > most
    ? note('cut.absurd', { mm: hundredths(read.value), least, most })
    : hundredths(read.value)
}

interface Timber {
  readonly stock: StockKind
  readonly species?: string | undefined
  readonly nominal?: { readonly thicknessMm: number; readonly widthMm: number } | undefined
}

function timber(row: Row): Timber | undefined {
  const text = row.text('material')
  if (text === '') return { stock: 'softwood', species: 'white-pine' }
  // A sheet of 4x8 feet is no board of four by eight.
  if (SHEETS.test(text)) return { stock: 'sheet' }
  const nominal = dressedSize(/\d+\s*[x×*]\s*\d+/i.exec(text)?.[0] ?? '')
  if (nominal) return { stock: 'softwood', species: 'white-pine', nominal }
  const known = Object.entries(SPECIES).find(([, { words }]) => words.test(text))
  const rough = /\brough|sawn\b/i.test(text)
  if (known?.[1].kind === 'softwood' && !rough) return { stock: 'softwood', species: known[0] }
  if (known || /\bhard ?wood|ash\b/i.test(text) || rough)
    return {
      stock: rough ? 'hardwood-rough' : 'hardwood-surfaced',
      species: known?.[0] ?? 'red-oak'
    }
  row.problems.push(
    issue('cut.unknown-material', ['row', row.number, 'material'], {
      row: row.number,
      column: 'material',
      text
    })
  )
  return undefined
}

const THICKNESS_OF_BAND = /\d+(?:[.,]\d+)?\s*(?:mm|in|")/g

function edges(row: Row): EdgeWork | undefined {
  // How thick a band is does not say which edges it goes on.
  const text = row.text('edges').toLowerCase().replace(THICKNESS_OF_BAND, ' ').trim()
  if (text === '' || /^(no|none|0|-|–)$/.test(text)) return undefined
  const work = /band|lip|iron/.test(text)
    ? 'band'
    : /round|chamfer|profile|shape|ease|^(all|long|front|yes|x|\d)/.test(text)
      ? 'profile'
      : undefined
  if (!work) {
    row.problems.push(
      issue('cut.unknown-edge', ['row', row.number, 'edges'], {
        row: row.number,
        column: 'edges',
        text: row.text('edges')
      })
    )
    return undefined
  }
  return {
    work,
    run: /\ball\b|round$|\b4\b|four/.test(text)
      ? 'all'
      : /long|\b2\b|2l|two/.test(text)
        ? 'long'
        : /front|\b1\b|1l|one/.test(text)
          ? 'front'
          : 'all'
  }
}

function joints(row: Row): Part['joints'] {
  return row
    .text('joints')
    .replace(/\b1\s*\/\s*2[ -]?(?=lap)/gi, 'half ')
    .split(/[;,+]|(?<!\d)\/|\/(?!\d)|\band\b/i)
    .map((part) => part.trim())
    .filter((part) => part !== '' && !/^(no|none|0|-|–)$/i.test(part))
    .flatMap((part) => {
      const joint =
        JOINT_WORDS.find(([, words]) => words.test(part))?.[0] ??
        JOINTS.find((one) => one === part.toLowerCase())
      if (joint) return [{ joint, count: Math.max(1, Number(/\d+/.exec(part)?.[0] ?? 2)) }]
      row.problems.push(
        issue('cut.unknown-joint', ['row', row.number, 'joints'], {
          row: row.number,
          column: 'joints',
          text: part,
          known: JOINTS.join(', ')
        })
      )
      return []
    })
}

/** One row as a part; undefined when something in it is not in order, which is noted. */
function partOf(
  row: Row,
  units: ReadonlyMap<Column, string>,
  system: UnitSystem
): Part | undefined {
  const name = row.text('part') || `Part ${row.number}`
  const count = row.text('quantity')
  const read = parseCount(count.replace(/\s*(x|pcs|no)\.?$/i, ''))
  const quantity = read.ok ? read.value : 0
  if (count === '')
    row.problems.push(
      issue('cut.missing', ['row', row.number, 'quantity'], { row: row.number, column: 'quantity' })
    )
  else if (!read.ok || quantity > MOST_PIECES)
    row.problems.push(
      issue('cut.not-a-count', ['row', row.number, 'quantity'], {
        row: row.number,
        column: 'quantity',
        text: count
      })
    )
  const wood = timber(row)
  const lengthMm = size(row, 'length', units.get('length'), system)
  const widthMm =
    row.text('width') === '' && wood?.nominal
      ? hundredths(wood.nominal.widthMm)
      : size(row, 'width', units.get('width'), system)
  const thicknessMm =
    row.text('thickness') === '' && wood?.nominal
      ? hundredths(wood.nominal.thicknessMm)
      : size(row, 'thickness', units.get('thickness'), system)
  const edge = edges(row)
  const joined = joints(row)
  if (widthMm !== undefined && thicknessMm !== undefined && thicknessMm > widthMm)
    row.problems.push(
      issue('cut.thick', ['row', row.number, 'thickness'], { row: row.number, column: 'thickness' })
    )
  if (
    row.problems.length > 0 ||
    !wood ||
    lengthMm === undefined ||
    widthMm === undefined ||
    thicknessMm === undefined
  )
    return undefined
  const grain = row.text('grain')
  return {
    id: `p${row.number}`,
    name,
    quantity,
    lengthMm,
    widthMm,
    thicknessMm,
    stock: wood.stock,
    joints: joined,
    grain: wood.stock === 'sheet' ? /^(y|yes|l|length|long|along|x|1|true)/i.test(grain) : true,
    ...(wood.species === undefined ? {} : { species: wood.species }),
    ...(edge === undefined ? {} : { edges: edge })
  }
}

/**
 * Reads a cut list: pasted from a spreadsheet (tabs), CSV with commas or semicolons, decimal points or commas, fractions of an inch.
 * Columns go by their headings, in any order; without headings in the order part, quantity, length, width, thickness, material, edges,
 * joints. Rows in order are returned even where others are not; nothing is guessed: what is not understood names its row and column.
 */
export function readCutList(text: string, system: UnitSystem): CutListReading {
  const sheet = sheetOf(text)
  if (!sheet.ok) return { parts: [], problems: sheet.issues, rows: 0 }
  const problems: Issue[] = []
  const parts = sheet.value.rows.flatMap(({ number, cells }) => {
    const row: Row = {
      number,
      problems: [],
      text: (column) => cells[sheet.value.columns.get(column) ?? -1] ?? ''
    }
    const part = partOf(row, sheet.value.units, system)
    problems.push(...row.problems)
    return part ? [part] : []
  })
  return { parts, problems, rows: sheet.value.rows.length }
}

/** The cut list as CSV (RFC 4180), sizes in mm; what a spreadsheet would run as a formula is made inert. */
export const writeCutList = (parts: readonly Part[]): string =>
  writeSheet(
    [
      'part',
      'quantity',
      'length (mm)',
      'width (mm)',
      'thickness (mm)',
      'material',
      'edges',
      'joints',
      'grain'
    ],
    parts.map(
      ({
        name,
        quantity,
        lengthMm,
        widthMm,
        thicknessMm,
        stock,
        species,
        edges: edge,
        joints: joined,
        grain
      }) => ({
        part: name,
        quantity,
        'length (mm)': lengthMm,
        'width (mm)': widthMm,
        'thickness (mm)': thicknessMm,
        material:
          stock === 'sheet'
            ? 'plywood'
            : stock === 'softwood'
              ? 'softwood'
              : `${stock === 'hardwood-rough' ? 'rough ' : ''}hardwood${species === undefined ? '' : ` ${species.split('-').at(-1)}`}`,
        edges: edge ? `${edge.work === 'band' ? 'band' : 'round'} ${edge.run}` : '',
        joints: joined.map(({ joint, count }) => `${joint} ${count}`).join('; '),
        grain: stock === 'sheet' && grain ? 'yes' : ''
      })
    )
  )
