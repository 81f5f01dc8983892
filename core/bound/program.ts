/** A term of a row: a coefficient and the name of its column. */
export type Term = readonly [coefficient: number, column: string]

/** A linear program being written, in the CPLEX LP format. */
export interface Program {
  readonly objective: string[]
  readonly rows: string[]
  readonly bounds: string[]
  readonly columns: Set<string>
  /** Columns that stand for whole things. */
  readonly whole: string[]
}

export const emptyProgram = (): Program => ({
  objective: [],
  rows: [],
  bounds: [],
  columns: new Set(),
  whole: []
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
  const used = terms.filter(([coefficient]) => coefficient !== 0)
  if (used.length === 0) return
  for (const [, name] of used) program.columns.add(name)
  program.rows.push(
    ` r${program.rows.length}: ${used.map(termText).join(' ')} ${sign} ${right.toPrecision(DIGITS)}`
  )
}

/** What one of a column adds to the objective. */
export function addGain(program: Program, coefficient: number, name: string): void {
  program.columns.add(name)
  if (coefficient !== 0) program.objective.push(termText([coefficient, name]))
}

/** How much of a column there may be. */
export function addBounds(program: Program, name: string, most: number): void {
  program.whole.push(name)
  program.bounds.push(` 0 <= ${name} <= ${most}`)
}

/** Terms of the objective on one line. */
const PER_LINE = 8

/** The program as text. @param whole asks for whole things where they are whole */
export function programText(program: Program, whole: boolean): string {
  const objective = program.objective.reduce(
    (text, one, i) => text + (i > 0 && i % PER_LINE === 0 ? '\n ' : ' ') + one,
    ''
  )
  const integers = whole ? program.whole.filter((name) => program.columns.has(name)) : []
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
