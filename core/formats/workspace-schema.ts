import { z } from 'zod'
import { JOINTS, STOCK_KINDS, TIMBERS, WISHES } from '../catalogue'
import { ENTRY_KINDS } from '../ledger'
import { SELLER_TYPES } from '../prices'
import { MOST } from './limits'
import { buildLog } from './log-schema'
import { material } from './material-schema'
import * as part from './schema-parts'
import { workshop } from './workshop-schema'
import { planSchema } from './plan-schema'
import { ban, preferences } from './preferences-schema'
import {
  offer,
  quote,
  materialPrice,
  needTest,
  bundle,
  deal,
  hire,
  saleWindow,
  watch
} from './market-schema'
import { photo, trail } from './photo-schema'
import { money, minutesPerWeek } from './money-schema'
import { order, outlet, piece, sale } from './selling-schema'
import { upkeep } from './upkeep-schema'
import { supply } from './supply-schema'
import { verdict } from './verdict-schema'

/** The shape of the workspace file, version 3, and of the plan file, version 1. What ids refer to and what must be in order is checked in `cross-checks`. */

export const WORKSPACE_FORMAT = 'frugal-ledger/workspace'
export const WORKSPACE_VERSION = 3

const { id, name, text, day, amount, price, count, tier, condition, power } = part

const size = z.number().positive('number.too-small').max(100_000, 'number.too-large')
const cutPart = z.strictObject({
  id,
  name,
  quantity: count,
  lengthMm: size,
  widthMm: size,
  thicknessMm: size,
  stock: z.enum(STOCK_KINDS),
  species: z.string().max(40).optional(),
  edges: z
    .strictObject({ work: z.enum(['profile', 'band']), run: z.enum(['all', 'long', 'front']) })
    .optional(),
  joints: z.array(z.strictObject({ joint: z.enum(JOINTS), count })).max(20),
  grain: z.boolean()
})

const build = z.strictObject({
  id,
  name,
  template: id.optional(),
  steps: z.array(part.step).max(200),
  materials: z.array(part.materialLine).max(100),
  copies: count,
  batchSize: count.optional(),
  worthEach: price.optional(),
  wish: z.enum(WISHES).optional(),
  timber: z.enum(TIMBERS).optional(),
  sale: sale.optional(),
  hourValue: price.optional(),
  wished: day.optional(),
  yields: id.optional(),
  log: buildLog.optional(),
  parts: z.array(cutPart).max(1000, 'list.too-long').optional(),
  bearing: z.enum(['carries-people', 'hangs-over-people']).optional()
})

const item = z.strictObject({
  id,
  tool: id,
  name: name.optional(),
  tier,
  condition,
  power,
  platform: name.optional(),
  specs: part.specs,
  count,
  since: day,
  cost: price,
  uses: z
    .number()
    .multipleOf(1, 'number.whole')
    .min(0, 'number.too-small')
    .max(1_000_000, 'number.too-large')
    .optional(),
  inexact: z.number().min(1, 'number.too-small').max(100, 'number.too-large').optional(),
  checks: z.array(id).max(50, 'list.too-long').optional(),
  loan: z.strictObject({ kind: z.enum(['lent', 'borrowed']), who: name, since: day }).optional()
})

const pin = z.strictObject({ offer: id, count, date: day })
const scenario = z.strictObject({
  id,
  name,
  change: z.strictObject({
    school: id.optional(),
    incomeTimes: z.number().min(0, 'number.too-small').max(100, 'number.too-large').optional(),
    hoursTimes: z.number().min(0, 'number.too-small').max(100, 'number.too-large').optional(),
    extra: z.strictObject({ date: day, amount }).optional(),
    pins: z.array(pin).max(50).optional(),
    without: z.array(id).max(200).optional(),
    pricesTimes: z.number().min(0.01, 'number.too-small').max(100, 'number.too-large').optional(),
    tier: tier.optional()
  })
})

const entry = z.strictObject({
  id,
  date: day,
  kind: z.enum(ENTRY_KINDS),
  amount,
  text,
  planned: amount.optional(),
  offer: id.optional(),
  item: id.optional(),
  build: id.optional(),
  answers: id.optional(),
  reverses: id.optional(),
  tool: id.optional(),
  receipt: id.optional(),
  tax: price.optional(),
  delivery: price.optional(),
  seller: z.enum(SELLER_TYPES).optional(),
  condition: condition.optional(),
  warrantyUntil: day.optional(),
  refunds: id.optional(),
  piece: id.optional(),
  order: id.optional()
})
export const workspaceSchema = z.strictObject({
  format: z.literal(WORKSPACE_FORMAT),
  version: z.literal(WORKSPACE_VERSION),
  id,
  name,
  libraryVersion: z.string().max(40),
  asOf: day.optional(),
  preferences,
  money,
  horizon: z.strictObject({
    start: day,
    length: z.enum(['week', 'fortnight', 'month']),
    count: z
      .number()
      .multipleOf(1, 'number.whole')
      .min(1, 'number.too-small')
      .max(260, 'number.too-large')
  }),
  time: z.strictObject({
    minutesPerWeek,
    changes: z
      .array(z.strictObject({ from: day, until: day, minutesPerWeek }))
      .max(200)
      .optional()
  }),
  workshop,
  builds: z.array(build).max(MOST.builds),
  items: z.array(item).max(MOST.items),
  offers: z.array(offer).max(MOST.offers),
  quotes: z.array(quote).max(MOST.quotes),
  materialPrices: z.array(materialPrice).max(MOST.materialPrices),
  own: z.strictObject({
    operations: z.array(part.operation).max(MOST.operations),
    methods: z.array(part.method).max(MOST.methods),
    tools: z.array(part.tool).max(MOST.tools),
    materials: z.array(material).max(MOST.materials)
  }),
  pins: z.array(pin).max(MOST.pins),
  bans: z.array(ban).max(MOST.bans),
  wishes: z.array(id).max(MOST.wishes),
  needTests: z.array(needTest).max(MOST.needTests).optional(),
  bundles: z.array(bundle).max(MOST.bundles).optional(),
  deals: z.array(deal).max(MOST.deals).optional(),
  saleWindows: z.array(saleWindow).max(MOST.saleWindows).optional(),
  watches: z.array(watch).max(MOST.watches).optional(),
  hires: z.array(hire).max(MOST.hires).optional(),
  scenarios: z.array(scenario).max(MOST.scenarios).optional(),
  ledger: z.array(entry).max(MOST.ledger),
  plan: planSchema.optional(),
  adopted: z.array(planSchema).max(MOST.adopted),
  photos: z.array(photo).max(MOST.photos, 'list.too-long').optional(),
  outlets: z.array(outlet).max(MOST.outlets, 'list.too-long').optional(),
  pieces: z.array(piece).max(MOST.pieces, 'list.too-long').optional(),
  orders: z.array(order).max(MOST.orders, 'list.too-long').optional(),
  upkeep: z.array(upkeep).max(MOST.upkeep, 'list.too-long').optional(),
  supplies: z.array(supply).max(MOST.supplies, 'list.too-long').optional(),
  verdicts: z.array(verdict).max(MOST.verdicts, 'list.too-long').optional(),
  trail
})

/** What one entry of each list must be, for checking what is new in it alone. */
export const ENTRIES = {
  builds: build,
  items: item,
  offers: offer,
  quotes: quote,
  materialPrices: materialPrice,
  pins: pin,
  bans: ban,
  wishes: id,
  needTests: needTest,
  bundles: bundle,
  deals: deal,
  saleWindows: saleWindow,
  watches: watch,
  hires: hire,
  scenarios: scenario,
  ledger: entry,
  adopted: planSchema,
  photos: photo,
  outlets: outlet,
  pieces: piece,
  orders: order,
  upkeep,
  verdicts: verdict,
  supplies: supply
} as const
/** The same for the lists of a user's own entries of the library. */
export const OWN_ENTRIES = {
  operations: part.operation,
  methods: part.method,
  tools: part.tool,
  materials: material
} as const
