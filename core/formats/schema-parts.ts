import { z } from 'zod'
import {
  ACQUISITIONS,
  CONDITIONS,
  FAMILIES,
  HAZARDS,
  OPERATION_UNITS,
  POWERS,
  PROTECTIONS,
  SKILLS,
  SPECS,
  STOCK_FIELDS,
  SPECIES,
  WALLS,
  SURFACES,
  TIERS,
  TOOL_GROUPS,
  WORK_AROUNDS
} from '../catalogue'
import { LARGEST_AMOUNT, LARGEST_TOTAL } from '../money'

/** No code is made from strings: a strict content security policy forbids it, and nothing here needs it. */
z.config({ jitless: true })

/**
 * Building blocks of the file formats. Messages are issue codes. Everything here can be said in JSON Schema too (the published one is
 * made from it); what cannot, such as dates in order, is checked across the whole file in `cross-checks`.
 */

export const id = z
  .string()
  .min(1, 'id.empty')
  .max(120, 'id.too-long')
  .regex(/^[A-Za-z0-9][A-Za-z0-9/_.@ +*-]*$/, 'id.characters')

/** Direction overrides and other invisible controls: they can make a name read as another one, so they are taken out on reading. */
const HIDDEN =
  '\\u0000-\\u0008\\u000b-\\u001f\\u007f-\\u009f\\u200b\\u200e\\u200f\\u202a-\\u202e\\u2060-\\u2064\\u2066-\\u2069\\ufeff'
/** Signs without ink of other kinds: a name of nothing else is none, though a name may hold them (joiners of many scripts). */
const BLANK = '\\p{Default_Ignorable_Code_Point}\\u{2800}\\p{Surrogate}'
const INVISIBLE = new RegExp(`[${HIDDEN}]`, 'g')
/** At least one character that is seen. */
const SEEN = new RegExp(`[^\\s${HIDDEN}${BLANK}]`, 'u')
/** Halves of a character that stand alone, as damaged text holds them. */
const LONE_HALVES = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g
export const cleanText = (text: string): string =>
  text.replace(LONE_HALVES, '').normalize('NFC').replace(INVISIBLE, '')
/** A name stands on one line. */
const cleanName = (text: string): string => cleanText(text).replace(/\s+/g, ' ').trim()

export const name = z
  .string()
  .max(200, 'text.too-long')
  .regex(SEEN, 'text.empty')
  .transform(cleanName)
export const text = z.string().max(2000, 'text.too-long').transform(cleanText)
/** A calendar day of the years 1900 to 2199; whether the month has it, is said apart. */
export const day = z
  .string()
  .regex(/^(19|20|21)\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, {
    error: 'day.format',
    abort: true
  })
  .check(z.iso.date('day.does-not-exist'))
/** A moment in UTC, to the millisecond. */
export const moment = z
  .string()
  .regex(
    /^(19|20|21)\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d\.\d{3}Z$/,
    'moment.format'
  )
/** A signed amount in whole minor units. */
export const amount = z
  .number()
  .multipleOf(1, 'money.fraction')
  .min(-LARGEST_AMOUNT, 'money.too-large')
  .max(LARGEST_AMOUNT, 'money.too-large')
/** An amount that must not be negative: a price, a reserve, a set-aside. */
export const price = z
  .number()
  .multipleOf(1, 'money.fraction')
  .min(0, 'money.negative')
  .max(LARGEST_AMOUNT, 'money.too-large')
/** A sum the program makes of amounts: of a purse, of a planned purchase or of a build's timber. It may be larger than any amount that is entered. */
export const total = z
  .number()
  .multipleOf(1, 'money.fraction')
  .min(-LARGEST_TOTAL, 'money.too-large')
  .max(LARGEST_TOTAL, 'money.too-large')
/** The same where it must not be negative. */
export const paidTotal = z
  .number()
  .multipleOf(1, 'money.fraction')
  .min(0, 'money.negative')
  .max(LARGEST_TOTAL, 'money.too-large')
export const count = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(1, 'number.too-small')
  .max(100_000, 'number.too-large')
export const link = z
  .string()
  .max(2000, 'text.too-long')
  .regex(/^https?:\/\/[^\s<>"]+$/i, 'link.only-web')
export const share = z.number().min(0, 'number.too-small').max(1, 'number.too-large')
export const measure = z.number().min(0, 'number.too-small').max(1_000_000, 'number.too-large')
export const minutes = z
  .number()
  .multipleOf(1, 'number.whole')
  .min(0, 'number.too-small')
  .max(10_000_000, 'number.too-large')

export const tier = z.enum(TIERS)
export const condition = z.enum(CONDITIONS)
export const power = z.enum(POWERS)
export const acquisition = z.enum(ACQUISITIONS)

const measures = <T extends string>(
  names: readonly T[]
): z.ZodType<{ readonly [K in T]?: number | undefined }> =>
  z.strictObject(
    Object.fromEntries(names.map((field) => [field, measure.optional()]))
  ) as unknown as z.ZodType<{ readonly [K in T]?: number | undefined }>

export const specs = measures(SPECS)
export const stockSize = measures(STOCK_FIELDS)

export const step = z.strictObject({
  id,
  operation: id,
  quantity: z.number().positive('number.too-small').max(1_000_000, 'number.too-large'),
  stock: stockSize,
  perBatch: z.literal(true).optional(),
  species: z.enum(SPECIES).optional(),
  accuracyMm: z.number().positive('number.too-small').max(1000, 'number.too-large').optional(),
  surface: z.enum(SURFACES).optional(),
  note: text.optional(),
  way: id.optional()
})
export const materialLine = z.strictObject({
  material: id,
  quantity: z.number().positive('number.too-small').max(1_000_000, 'number.too-large')
})

export const ownId = id.regex(/^my\//, 'id.own-prefix')
/** A library entry may be replaced as a whole, so its id is allowed beside `my/` ones. */
export const operation = z.strictObject({
  id,
  name,
  unit: z.enum(OPERATION_UNITS),
  order: z.number().min(0).max(1000),
  aliases: z.array(name).max(30).optional(),
  cleanUp: z
    .strictObject({ operation: id, times: measure, per: z.enum(['unit', 'metre-of-length']) })
    .optional(),
  nights: z.int('number.whole').min(0, 'number.too-small').max(60, 'number.too-large').optional()
})

const specRule = z.strictObject({
  spec: z.enum(SPECS),
  is: z.enum(['atLeast', 'atMost']),
  bound: z.strictObject({
    stock: z.enum(STOCK_FIELDS).optional(),
    times: z.number().optional(),
    plus: z.number().optional()
  }),
  otherwise: z
    .strictObject({
      how: z.enum(WORK_AROUNDS),
      reach: z.number().min(1, 'number.too-small').max(100, 'number.too-large'),
      setupMinutes: measure,
      runMinutes: measure,
      errorMm: measure
    })
    .optional()
})

export const method = z.strictObject({
  id,
  operation: id,
  name,
  form: z.enum(['hand', 'hand-held', 'benchtop', 'floor', 'service']),
  roles: z.array(z.strictObject({ role: id, count, rules: z.array(specRule).max(10) })).max(10),
  ties: z
    .array(
      z.strictObject({
        comparator: z.enum(['shank-fits-collet', 'same-platform']),
        role: id,
        withRole: id
      })
    )
    .max(5)
    .optional(),
  limits: z
    .array(
      z.strictObject({
        stock: z.enum(STOCK_FIELDS),
        is: z.enum(['atLeast', 'atMost']),
        value: measure
      })
    )
    .max(6)
    .optional(),
  setupMinutes: measure,
  runMinutes: measure,
  grows: z
    .array(
      z.strictObject({
        stock: z.enum(STOCK_FIELDS),
        of: z.number().min(1, 'number.too-small').max(10_000, 'number.too-large'),
        least: measure.optional(),
        most: measure.optional()
      })
    )
    .max(3)
    .optional(),
  species: z.partialRecord(z.enum(SPECIES), measure).optional(),
  accuracyMm: measure,
  skill: z.enum(SKILLS).optional(),
  family: z.enum(FAMILIES).optional(),
  marked: z.boolean(),
  surface: z.enum(SURFACES),
  hazard: z.strictObject({ kind: z.enum(HAZARDS), level: z.literal([0, 1, 2, 3]) }).nullable(),
  soundDbA: z.number().min(0).max(160),
  dust: z.enum(['none', 'shavings', 'coarse', 'fine']),
  protection: z.array(z.enum(PROTECTIONS)).max(3).optional(),
  wall: z.enum(WALLS).optional(),
  service: z.strictObject({ pointsPerUnit: measure, pointsPerVisit: measure }).optional(),
  why: text.optional()
})

const perTier = <T extends z.ZodType>(
  value: T
): z.ZodType<{ readonly [K in (typeof TIERS)[number]]?: z.infer<T> | undefined }> =>
  z.strictObject(
    Object.fromEntries(TIERS.map((field) => [field, value.optional()]))
  ) as unknown as z.ZodType<{ readonly [K in (typeof TIERS)[number]]?: z.infer<T> | undefined }>

/** Sides of a rectangle on the floor, mm. */
export const sides = z.tuple([measure, measure])
export const tool = z.strictObject({
  id,
  name,
  aliases: z.array(name).max(30),
  group: z.enum(TOOL_GROUPS),
  kind: z.enum(['tool', 'accessory', 'protection', 'storage']),
  roles: z.array(id).max(20),
  specs,
  tierSpecs: perTier(specs).optional(),
  forms: z
    .array(
      z.strictObject({
        power,
        points: measure,
        amps230: measure.optional(),
        amps120: measure.optional(),
        whPerHour: measure.optional()
      })
    )
    .min(1, 'list.empty')
    .max(3),
  tierPrices: perTier(measure).optional(),
  lifeHours: z.strictObject({ getBy: measure, weekend: measure, trade: measure }).nullable(),
  soundDbA: z.number().min(0).max(160).optional(),
  storedM2: measure,
  usedM2: measure.optional(),
  standsMm: z.strictObject({ stored: sides, used: sides.optional() }).optional(),
  feedMm: z
    .strictObject({ infeed: measure, outfeed: measure, across: z.literal(true).optional() })
    .optional(),
  companions: z
    .array(
      z.strictObject({
        anyOf: z.array(id).min(1, 'list.empty').max(10),
        count,
        kind: z.enum(['needed', 'needed-for', 'advised']),
        packs: z.literal(true).optional(),
        operation: id.optional(),
        why: text
      })
    )
    .max(12),
  hazard: z.enum(HAZARDS).nullable(),
  needs: z.array(z.enum(PROTECTIONS)).max(3),
  protects: z.array(z.enum(PROTECTIONS)).max(3),
  madeBy: id.optional(),
  forgives: z.boolean().optional(),
  exacting: z.literal(true).optional(),
  alignMinutes: measure.optional(),
  roams: z.enum(['much', 'some']).optional(),
  caution: text.optional(),
  why: text.optional()
})
