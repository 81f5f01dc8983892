import { z } from 'zod'
import {
  ACQUISITIONS, CONDITIONS, HAZARDS, MATERIAL_UNITS, OPERATION_UNITS, POWERS, PROTECTIONS, SPECS, STOCK_FIELDS, STOCK_KINDS, SURFACES, TIERS, TOOL_GROUPS, WORK_AROUNDS
} from '../catalogue'
import { checkDay } from '../calendar'
import { LARGEST_AMOUNT } from '../money'

/** No code is made from strings: a strict content security policy forbids it, and nothing here needs it. */
z.config({ jitless: true })

/** Building blocks of the file formats. Messages are issue codes; figures stand in `params`. */

const custom = (code: string, figures: Record<string, string | number> = {}): { message: string; params: Record<string, string | number> } => ({ message: code, params: figures })

export const id = z.string().min(1, 'id.empty').max(120, 'id.too-long').regex(/^[A-Za-z0-9][A-Za-z0-9/_.@ +*-]*$/, 'id.characters')

/** Direction overrides and other invisible controls: they can make a name read as another one, so they are taken out on reading. */
// eslint-disable-next-line no-control-regex -- control characters are what it looks for
const INVISIBLE = new RegExp('[\\u0000-\\u0008\\u000b-\\u001f\\u007f-\\u009f\\u200b\\u200e\\u200f\\u202a-\\u202e\\u2060-\\u2064\\u2066-\\u2069\\ufeff]', 'g')
export const cleanText = (text: string): string => text.normalize('NFC').replace(INVISIBLE, '')

export const name = z.string().max(200, 'text.too-long').transform(cleanText).refine((text) => text.trim().length > 0, 'text.empty')
export const text = z.string().max(2000, 'text.too-long').transform(cleanText)
export const day = z.string().superRefine((value, context) => {
  const checked = checkDay(value)
  if (!checked.ok) for (const { code, figures } of checked.issues) context.addIssue({ code: 'custom', ...custom(code, figures) })
})
/** A signed amount in whole minor units. */
export const amount = z.number().refine(Number.isInteger, 'money.fraction').refine((value) => Math.abs(value) <= LARGEST_AMOUNT, 'money.too-large')
/** An amount that must not be negative: a price, a reserve, a set-aside. */
export const price = amount.refine((value) => value >= 0, 'money.negative')
export const count = z.number().int('number.whole').min(1, 'number.too-small').max(100_000, 'number.too-large')
export const share = z.number().min(0, 'number.too-small').max(1, 'number.too-large')
export const measure = z.number().min(0, 'number.too-small').max(1_000_000, 'number.too-large')
export const minutes = z.number().int('number.whole').min(0, 'number.too-small').max(10_000_000, 'number.too-large')

export const tier = z.enum(TIERS)
export const condition = z.enum(CONDITIONS)
export const power = z.enum(POWERS)
export const acquisition = z.enum(ACQUISITIONS)

const measures = <T extends string>(names: readonly T[]): z.ZodType<{ readonly [K in T]?: number | undefined }> =>
  z.strictObject(Object.fromEntries(names.map((field) => [field, measure.optional()]))) as unknown as z.ZodType<{ readonly [K in T]?: number | undefined }>

export const specs = measures(SPECS)
export const stockSize = measures(STOCK_FIELDS)

export const step = z.strictObject({
  id,
  operation: id,
  quantity: z.number().positive('number.too-small').max(1_000_000, 'number.too-large'),
  stock: stockSize,
  accuracyMm: z.number().positive('number.too-small').max(1000, 'number.too-large').optional(),
  surface: z.enum(SURFACES).optional(),
  note: text.optional()
})
export const materialLine = z.strictObject({ material: id, quantity: z.number().positive('number.too-small').max(1_000_000, 'number.too-large') })

export const ownId = id.refine((value) => value.startsWith('my/'), 'id.own-prefix')
/** A library entry may be replaced as a whole, so its id is allowed beside `my/` ones. */
export const operation = z.strictObject({
  id,
  name,
  unit: z.enum(OPERATION_UNITS),
  order: z.number().min(0).max(1000),
  aliases: z.array(name).max(30).optional(),
  cleanUp: z.strictObject({ operation: id, times: measure, per: z.enum(['unit', 'metre-of-length']) }).optional()
})

const specRule = z.strictObject({
  spec: z.enum(SPECS),
  is: z.enum(['atLeast', 'atMost']),
  bound: z.strictObject({ stock: z.enum(STOCK_FIELDS).optional(), times: z.number().optional(), plus: z.number().optional() }),
  otherwise: z.strictObject({ how: z.enum(WORK_AROUNDS), reach: z.number().min(1, 'number.too-small').max(100, 'number.too-large'), setupMinutes: measure, runMinutes: measure, errorMm: measure }).optional()
})

export const method = z.strictObject({
  id,
  operation: id,
  name,
  form: z.enum(['hand', 'hand-held', 'benchtop', 'floor', 'service']),
  roles: z.array(z.strictObject({ role: id, count, rules: z.array(specRule).max(10) })).max(10),
  ties: z.array(z.strictObject({ comparator: z.enum(['shank-fits-collet', 'same-platform']), role: id, withRole: id })).max(5).optional(),
  limits: z.array(z.strictObject({ stock: z.enum(STOCK_FIELDS), is: z.enum(['atLeast', 'atMost']), value: measure })).max(6).optional(),
  setupMinutes: measure,
  runMinutes: measure,
  accuracyMm: measure,
  marked: z.boolean(),
  surface: z.enum(SURFACES),
  hazard: z.strictObject({ kind: z.enum(HAZARDS), level: z.literal([0, 1, 2, 3]) }).nullable(),
  soundDbA: z.number().min(0).max(160),
  dust: z.enum(['none', 'shavings', 'coarse', 'fine']),
  service: z.strictObject({ pointsPerUnit: measure, pointsPerVisit: measure }).optional(),
  why: text.optional()
})

const perTier = <T extends z.ZodType>(value: T): z.ZodType<{ readonly [K in (typeof TIERS)[number]]?: z.infer<T> | undefined }> =>
  z.strictObject(Object.fromEntries(TIERS.map((field) => [field, value.optional()]))) as unknown as z.ZodType<{ readonly [K in (typeof TIERS)[number]]?: z.infer<T> | undefined }>

export const tool = z.strictObject({
  id,
  name,
  aliases: z.array(name).max(30),
  group: z.enum(TOOL_GROUPS),
  kind: z.enum(['tool', 'accessory', 'protection', 'storage']),
  roles: z.array(id).max(20),
  specs,
  tierSpecs: perTier(specs).optional(),
  forms: z.array(z.strictObject({ power, points: measure, amps230: measure.optional(), amps120: measure.optional(), whPerHour: measure.optional() })).min(1, 'list.empty').max(3),
  tierPrices: perTier(measure).optional(),
  lifeHours: z.strictObject({ getBy: measure, weekend: measure, trade: measure }).nullable(),
  soundDbA: z.number().min(0).max(160).optional(),
  storedM2: measure,
  usedM2: measure.optional(),
  feedMm: z.strictObject({ infeed: measure, outfeed: measure }).optional(),
  companions: z.array(z.strictObject({ anyOf: z.array(id).min(1, 'list.empty').max(10), count, kind: z.enum(['needed', 'needed-for', 'advised']), operation: id.optional(), why: text })).max(12),
  hazard: z.enum(HAZARDS).nullable(),
  needs: z.array(z.enum(PROTECTIONS)).max(3),
  protects: z.array(z.enum(PROTECTIONS)).max(3),
  madeBy: id.optional(),
  caution: text.optional(),
  why: text.optional()
})

export const material = z.strictObject({
  id,
  name,
  unit: z.enum(MATERIAL_UNITS),
  points: measure,
  keepsDays: z.number().int().positive().max(36_500).optional(),
  stock: z.strictObject({ kind: z.enum(STOCK_KINDS), lengthMm: measure.optional(), widthMm: measure.optional(), thicknessMm: measure }).optional(),
  nominal: name.optional()
})
