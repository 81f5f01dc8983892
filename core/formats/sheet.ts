import Papa from 'papaparse'
import { cleanText } from './schema-parts'

/** A row of cells with its number in the file, 1 first. */
export interface SheetRow {
  readonly row: number
  readonly cells: readonly string[]
}

/** What a spreadsheet would run as a formula. On writing it gets an apostrophe in front, which is taken off again on reading. */
const GUARDED = /^'(?='*[=+\-@\t\r])/
const RUNS = /^'*[=+\-@\t\r]/

/**
 * The rows with something in them, of CSV (RFC 4180) with commas, semicolons or bars, or of cells pasted from a spreadsheet (tabs).
 * Invisible marks are taken out.
 */
export function readSheet(text: string): SheetRow[] {
  const delimiter = text.includes('\t') ? '\t' : (text.split('\n', 1)[0] ?? '').includes(';') ? ';' : ''
  const { data } = Papa.parse<string[]>(text.replace(/^\ufeff/, ''), { delimiter, skipEmptyLines: false, delimitersToGuess: [',', ';', '|'] })
  return data.map((cells, i) => ({ row: i + 1, cells: cells.map((cell) => cleanText(cell).replace(GUARDED, '').trim()) })).filter(({ cells }) => cells.some((cell) => cell !== ''))
}

export const plainHeading = (text: string): string => text.trim().toLowerCase().replace(/\s+/g, ' ')

/** Where each column stands, by the headings people use for it. */
export function columnsIn<C extends string>(head: SheetRow, headings: Readonly<Record<C, readonly string[]>>): ReadonlyMap<C, number> {
  const columns = Object.keys(headings) as C[]
  return new Map(columns.flatMap((column) => {
    const index = head.cells.findIndex((cell) => headings[column].includes(plainHeading(cell)))
    return index < 0 ? [] : [[column, index] as const]
  }))
}

/** Rows as CSV: RFC 4180 with CRLF, a heading row even where there is no other; nothing in it is run by a spreadsheet. */
export const writeSheet = <C extends string>(columns: readonly C[], rows: readonly { readonly [K in C]?: string | number | undefined }[]): string =>
  `${Papa.unparse({ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) }, { newline: '\r\n', escapeFormulae: RUNS })}\r\n`
