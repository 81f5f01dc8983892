/** A linear program that stays loaded: solved again after a change of its bounds, it goes on from where it was. */
export interface LinearModel {
  run(): unknown
  getModelStatus(): number
  getColByName(name: string): number
  changeColBounds(column: number, least: number, most: number): unknown
  getSolution(): { readonly colValue: ArrayLike<number> }
  readonly info: { get(name: 'objective_function_value'): unknown }
  readonly options: { set(name: string, value: unknown): unknown }
  dispose(): void
}

/** A solver of linear programs; HiGHS is one. */
export interface Solver {
  solve(text: string, options: Readonly<Record<string, unknown>>): Solved
  /** Loads a program that stays loaded. */
  createModel(source: { readonly format: 'lp'; readonly data: string }): LinearModel
}

/** What a solver says of a program. */
export interface Solved {
  readonly Status: string
  readonly ObjectiveValue: number
}
