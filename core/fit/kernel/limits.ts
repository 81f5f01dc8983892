import type { Method, StockLimit, StockSize } from '../../catalogue'
import { comfortable, suitsWall, type Workshop } from '../../workshop'

/** The circumstances besides the kit that admit a method or rule it out. */
export interface Circumstances {
  readonly workshop: Workshop
  readonly bannedMethods: ReadonlySet<string>
}

/** Whether a method may be used at all: not banned, within the comfort the user has declared, and for the walls there are. */
export const admitted = (method: Method, { workshop, bannedMethods }: Circumstances): boolean =>
  !bannedMethods.has(method.id) && comfortable(workshop, method) && suitsWall(workshop, method)

/** Whether stock of this size lies beyond a limit of a method. A size the step leaves out is within. */
const beyond = ({ stock, is, value }: StockLimit, size: StockSize): boolean => {
  const has = size[stock]
  return has !== undefined && (is === 'atMost' ? has > value : has < value)
}

/** The limits of a method that stock of this size (millimetres) goes beyond; empty when it suits. */
export const limitsBroken = (method: Method, size: StockSize): readonly StockLimit[] =>
  method.limits === undefined ? [] : method.limits.filter((limit) => beyond(limit, size))
