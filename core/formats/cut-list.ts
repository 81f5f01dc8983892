import { type Part } from '../cutlist'
import { issue, ok, refused, type Issue, type Result } from '../kernel'
import { type UnitSystem } from '../units'
import { readSheet, writeSheet } from './sheet'
import { partOf } from './cut-list-cells'

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
export type Column = (typeof COLUMNS)[number]

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

export interface Row {
  readonly number: number
  readonly problems: Issue[]
  text(column: Column): string
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
