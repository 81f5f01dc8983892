/** What was made, sold and lived through: plans do not go by it. */
export const AFTERWARDS = {
  pieces: undefined,
  orders: undefined,
  upkeep: undefined,
  verdicts: undefined
}
