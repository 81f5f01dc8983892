/** A term of a row: a coefficient and the name of its column. */
export type Term = readonly [coefficient: number, column: string]

/** A linear program being written, in the CPLEX LP format. */
export interface Program {
  /** What one of each column adds. */
  readonly objective: Map<string, number>
  readonly rows: string[]
  readonly bounds: string[]
  readonly columns: Set<string>
  /** Columns that stand for whole things, and how many there may be. */
  readonly whole: Map<string, number>
}

/** Columns of a program of which some are divided where they should be whole. */
export interface Divided {
  /** Lists of places in their order; all that stands in a list lies in one place. The first that is divided is decided first. */
  readonly lists: readonly (readonly (readonly string[])[])[]
  /** Columns that stand for whole numbers, and how many there may be; the first of those farthest from whole is decided. */
  readonly whole: ReadonlyMap<string, number>
}

export const emptyProgram = (): Program => ({
  objective: new Map(),
  rows: [],
  bounds: [],
  columns: new Set(),
  whole: new Map()
})

/** Digits that a coefficient is written with. */
const DIGITS = 12

const termText = ([coefficient, name]: Term): string =>
  `${coefficient < 0 ? '-' : '+'} ${Math.abs(coefficient).toPrecision(DIGITS)} ${name}`

/** Adds a row; one without terms says nothing and is left out. */
export function addRow(
  program: Program,
  terms: readonly Term[],
  sign: '<=' | '=' | '>=',
  right: number
): void {
  // A column stands in a row once: of one that stands twice a reader of the format may keep the last.
  const sums = new Map<string, number>()
  for (const [coefficient, name] of terms) sums.set(name, (sums.get(name) ?? 0) + coefficient)
  const used = [...sums].flatMap(([name, sum]): Term[] => (sum === 0 ? [] : [[sum, name]]))
  if (used.length === 0) return
  for (const [, name] of used) program.columns.add(name)
  program.rows.push(
    ` r${program.rows.length}: ${used.map(termText).join(' ')} ${sign} ${right.toPrecision(DIGITS)}`
  )
}

/** What one of a column adds to the objective, besides what it adds already. */
export function addGain(program: Program, coefficient: number, name: string): void {
  program.columns.add(name)
  program.objective.set(name, (program.objective.get(name) ?? 0) + coefficient)
}

/** How much of a column there may be. */
export function addBounds(program: Program, name: string, most: number): void {
  program.whole.set(name, most)
  program.bounds.push(` 0 <= ${name} <= ${most}`)
}

/** Terms of the objective on one line. */
const PER_LINE = 8

/** The program as text. @param whole asks for whole things where they are whole */
export function programText(program: Program, whole: boolean): string {
  const objective = [...program.objective].reduce(
    (text, [name, gain], i) =>
      text + (i > 0 && i % PER_LINE === 0 ? '\n ' : ' ') + termText([gain, name]),
    ''
  )
  const integers = whole
    ? [...program.whole.keys()].filter((name) => program.columns.has(name))
    : []
  return [
    'Maximize',
    ` value:${objective}`,
    'Subject To',
    ...program.rows,
    'Bounds',
    ...program.bounds,
    ...(integers.length > 0 ? ['General', ...integers.map((name) => ` ${name}`)] : []),
    'End',
    ''
  ].join('\n')
}
