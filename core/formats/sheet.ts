import Papa from 'papaparse'
import { issue, ok, refused, type Code, type Issue, type Result } from '../kernel'
import { cleanText } from './schema-parts'

/** A row of cells with its number in the file, 1 first. */
export interface SheetRow {
  readonly row: number
  readonly cells: readonly string[]
}

/** Signs a spreadsheet takes for the beginning of a formula, in their full width too. */
const FORMULA = '=+\\-@\\t\\r\uff1d\uff0b\uff0d\uff20'
/** What a spreadsheet would run as a formula. On writing it gets an apostrophe in front, which is taken off again on reading. */
const GUARDED = new RegExp(`^'(?='*[${FORMULA}])`)
const RUNS = new RegExp(`^'*[${FORMULA}]`)
/** What parts cells somewhere: such a cell is written in quotes, so that it is one cell everywhere. */
const PARTS = /[,;|\t"\r\n]/

const DELIMITERS = [',', ';', '\t', '|'] as const
/** What parts the cells: whichever stands most often in the heading row, outside of quotes. */
function delimiterOf(text: string): string {
  const heading = (/^(?:"(?:[^"]|"")*"|[^"\r\n])*/.exec(text)?.[0] ?? '').replace(
    /"(?:[^"]|"")*"/g,
    ''
  )
  const times = (delimiter: string): number => heading.split(delimiter).length
  return DELIMITERS.reduce((best, one) => (times(one) > times(best) ? one : best))
}

/**
 * The rows with something in them, of CSV (RFC 4180) with commas, semicolons or bars, or of cells pasted from a spreadsheet (tabs).
 * Invisible marks are taken out.
 */
export function readSheet(text: string): SheetRow[] {
  const bare = text.replace(/^\ufeff/, '')
  const { data } = Papa.parse<string[]>(bare, {
    delimiter: delimiterOf(bare.replace(/^[\r\n]+/, '')),
    skipEmptyLines: false
  })
  return data
    .map((cells, i) => ({
      row: i + 1,
      cells: cells.map((cell) => cleanText(cell).replace(GUARDED, '').trim())
    }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''))
}

export const plainHeading = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ')

/** Where each column stands, by the headings people use for it. */
function columnsIn<C extends string>(
  head: SheetRow,
  headings: Readonly<Record<C, readonly string[]>>
): ReadonlyMap<C, number> {
  const columns = Object.keys(headings) as C[]
  return new Map(
    columns.flatMap((column) => {
      const index = head.cells.findIndex((cell) => headings[column].includes(plainHeading(cell)))
      return index < 0 ? [] : [[column, index] as const]
    })
  )
}

/** A row under its headings; a column that is not there reads as empty. */
export interface Cells<C extends string> {
  readonly row: number
  cell(column: C): string
}
export interface SheetKind<C extends string> {
  readonly headings: Readonly<Record<C, readonly string[]>>
  /** What cannot be done without: of each group one column at the least. The first of a group names it where it is missing. */
  readonly needed: readonly (readonly [C, ...C[]])[]
  readonly most: number
  readonly empty: Extract<Code, `${string}.empty`>
  readonly tooMany: Extract<Code, `${string}.too-many`>
  readonly noColumn: Extract<Code, `${string}.no-column`>
}
export interface SheetReading<T> {
  readonly found: readonly T[]
  readonly problems: readonly Issue[]
  readonly rows: number
}
/** More faulty rows than this are counted, not listed. */
const MOST_PROBLEMS = 50

/** Reads every row below the headings; a faulty one is named and left out. The codes for a sheet that is empty, too long or lacks a column are its kind's. */
export function readRows<C extends string, T>(
  text: string,
  kind: SheetKind<C>,
  read: (cells: Cells<C>) => Result<T>
): Result<SheetReading<T>> {
  const [head, ...rows] = readSheet(text)
  if (!head || rows.length === 0) return refused(issue(kind.empty))
  if (rows.length > kind.most)
    return refused(issue(kind.tooMany, [], { rows: rows.length, limit: kind.most }))
  const at = columnsIn(head, kind.headings)
  const missing = kind.needed
    .filter((group) => !group.some((column) => at.has(column)))
    .map(([column]) => column)
  const present = head.cells.filter((cell) => cell !== '').join(', ') || 'none'
  if (missing.length > 0)
    return refused(
      ...missing.map((column) => issue(kind.noColumn, [column], { column, found: present }))
    )
  const all = rows.map(({ row, cells }) =>
    read({ row, cell: (column) => cells[at.get(column) ?? -1] ?? '' })
  )
  const problems = all.flatMap((one) => (one.ok ? [] : one.issues))
  const listed =
    problems.length > MOST_PROBLEMS
      ? [
          ...problems.slice(0, MOST_PROBLEMS),
          issue('file.more-problems', [], { more: problems.length - MOST_PROBLEMS })
        ]
      : problems
  return ok({
    found: all.flatMap((one) => (one.ok ? [one.value] : [])),
    problems: listed,
    rows: rows.length
  })
}

/** Rows as CSV: RFC 4180 with CRLF, a heading row even where there is no other; nothing in it is run by a spreadsheet. */
export const writeSheet = <C extends string>(
  columns: readonly C[],
  rows: readonly { readonly [K in C]?: string | number | undefined }[]
): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) }, { newline: '\r\n', escapeFormulae: RUNS, quotes: (value: unknown) => PARTS.test(String(value)) })}\r\n`
