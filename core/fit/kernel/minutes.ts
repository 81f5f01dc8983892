import {
  exactBy,
  timeFactor,
  type Growth,
  type Method,
  type Species,
  type StockSize
} from '../../catalogue'
import type { KitTool } from '../kit'
import { wornError } from './exactness'
import type { WorkAroundUse } from './roles'

/** How much work something is judged for: units of the operation and batches, of all copies. */
export interface Load {
  readonly units: number
  readonly batches: number
  /** What it is done to; of the size the method's minutes hold for, and softwood, when left out. */
  readonly stock?: StockSize | undefined
  readonly species?: Species | undefined
}

const LEAST = 0.5
const MOST = 5
const grown = ({ stock, of, least = LEAST, most = MOST }: Growth, size: StockSize): number =>
  Math.min(most, Math.max(least, (size[stock] ?? of) / of))

/** What stock and timber make of a method's run time: 1 for softwood of the size its minutes hold for. */
export const workOf = ({ grows, species }: Method, load: Load): number =>
  (grows?.reduce((times, growth) => times * grown(growth, load.stock ?? {}), 1) ?? 1) *
  (species?.[load.species ?? 'soft'] ?? 1)

/** What a tool's tier and condition make of a method's run time: 1 for a new weekend tool, and where no tool leads. */
export const slownessOf = (lead: Pick<KitTool, 'tier' | 'condition'> | undefined): number =>
  lead ? timeFactor(lead.tier, lead.condition) : 1

/** The same for a method: a better clamp holds no faster. */
const paceOf = (method: Method, lead: Pick<KitTool, 'tier' | 'condition'> | undefined): number =>
  exactBy(method) === 'setting' ? 1 : slownessOf(lead)

/** Minutes that work-arounds add to a load: per batch and per unit. */
export const roundMinutes = (uses: readonly WorkAroundUse[], { units, batches }: Load): number =>
  uses.reduce(
    (sum, { around }) => sum + around.setupMinutes * batches + around.runMinutes * units,
    0
  )

/**
 * **Minutes of a step**: set-up once per batch, running per unit of the operation times what the leading tool's tier and condition, the
 * size of the stock and the timber make of it, and work-arounds on top. Run times of the library are those of a practised hobby user with a weekend tool.
 * @param lead the tool that does the work; undefined for services and methods without tools
 */
export const minutesOf = (
  method: Method,
  lead: Pick<KitTool, 'tier' | 'condition'> | undefined,
  uses: readonly WorkAroundUse[],
  load: Load
): number =>
  method.setupMinutes * load.batches +
  method.runMinutes * load.units * paceOf(method, lead) * workOf(method, load) +
  roundMinutes(uses, load)

/** Of the minutes of a step, those in which the tool runs: all but the set-up. */
export const runningMinutes = (method: Method, minutes: number, { batches }: Load): number =>
  Math.max(0, minutes - method.setupMinutes * batches)

/** Run time alone, with a new weekend tool and no set-up, minutes. */
export const plainRunMinutes = (method: Method, load: Load): number =>
  method.runMinutes * load.units * workOf(method, load)

/** Set-up of one batch, minutes. */
export const setUpMinutes = (method: Method): number => method.setupMinutes

/** What a tool's tier and condition make of pace and error, as a key: tools with equal keys work alike. */
export const paceKey = (entry: Pick<KitTool, 'tier' | 'condition' | 'inexact'>): string =>
  `${timeFactor(entry.tier, entry.condition)}*${wornError(entry)}`
