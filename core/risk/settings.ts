/** What may turn out otherwise than planned. All common practice; the user can change each. */
export interface RiskSettings {
  /** Spread of a typical price: standard deviation of its logarithm. */
  readonly typicalSpread: number
  /** Spread of a price quoted today, and what a year adds to it. */
  readonly quoteSpread: number
  readonly quoteSpreadPerYear: number
  /** Chance that a payday brings nothing. */
  readonly missedPayday: number
  /** Chance that a week has no hours. */
  readonly lostWeek: number
  /** Spread of working time: standard deviation of its logarithm. */
  readonly workSpread: number
  /** How much of the chance of a sale window counts: 1 all of it, 0 as if none came that is not certain. */
  readonly saleHopes: number
  /** Spread of the time until a finished piece is sold: 1 as buyers come by chance (exponential), 0 just the days expected. */
  readonly sellSpread: number
}

export const USUAL_RISK: RiskSettings = {
  typicalSpread: 0.2,
  quoteSpread: 0.04,
  quoteSpreadPerYear: 0.15,
  missedPayday: 0.05,
  lostWeek: 0.12,
  workSpread: 0.25,
  saleHopes: 1,
  sellSpread: 1
}

/** Nothing that may turn out otherwise: then a course ends exactly where the evaluator does. */
export const NO_RISK: RiskSettings = {
  typicalSpread: 0,
  quoteSpread: 0,
  quoteSpreadPerYear: 0,
  missedPayday: 0,
  lostWeek: 0,
  workSpread: 0,
  saleHopes: 0,
  sellSpread: 0
}
