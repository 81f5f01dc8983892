import type {
  Bound,
  Companion,
  HazardClass,
  Leaning,
  Method,
  RoleNeed,
  SpecName,
  SpecRule,
  Step,
  StockField,
  StockLimit,
  StockSize,
  Surface,
  Tool,
  WorkAround
} from '../core/catalogue'

import type { Role } from './roles'

/** Short ways to write library entries, so that each stays readable as one line of a table. */

const bound = (of: StockField | number, plus = 0, times = 1): Bound =>
  typeof of === 'number' ? { plus: of } : { stock: of, plus, times }
/** The tool's spec is at least the stock's size times `times` plus `plus`, or at least a plain figure. */
export const atLeast = (spec: SpecName, of: StockField | number, plus = 0, times = 1): SpecRule => ({
  spec,
  is: 'atLeast',
  bound: bound(of, plus, times)
})
export const atMost = (spec: SpecName, of: StockField | number, plus = 0, times = 1): SpecRule => ({
  spec,
  is: 'atMost',
  bound: bound(of, plus, times)
})
/** How the trade gets round a capacity: minutes per unit and per batch, and the error it adds. Common practice. */
const around =
  (how: WorkAround['how'], reach: number, runMinutes: number, setupMinutes: number, errorMm: number) =>
  (rule: SpecRule): SpecRule => ({ ...rule, otherwise: { how, reach, setupMinutes, runMinutes, errorMm } })
export const fromTwoSides = (runMinutes: number, setupMinutes = 1, errorMm = 0.4) =>
  around('two-sides', 2, runMinutes, setupMinutes, errorMm)
export const inPasses = (reach: number, runMinutes: number, setupMinutes = 0, errorMm = 0.1) =>
  around('passes', reach, runMinutes, setupMinutes, errorMm)
export const inStrips = (runMinutes: number, setupMinutes = 5, errorMm = 0.3) =>
  around('strips', 2, runMinutes, setupMinutes, errorMm)

export const need = (role: Role, ...rules: SpecRule[]): RoleNeed => ({ role, count: 1, rules })
export const needs = (count: number, role: Role, ...rules: SpecRule[]): RoleNeed => ({ role, count, rules })
export const upTo = (stock: StockField, value: number): StockLimit => ({ stock, is: 'atMost', value })
export const from = (stock: StockField, value: number): StockLimit => ({ stock, is: 'atLeast', value })

type MethodDefaults = Pick<Method, 'marked' | 'surface' | 'hazard' | 'soundDbA' | 'dust' | 'accuracyMm'>
const QUIET: MethodDefaults = {
  marked: true,
  surface: 'clean',
  hazard: null,
  soundDbA: 60,
  dust: 'none',
  accuracyMm: 0.5
}
/** A method; what is left out is quiet, harmless, clean and marked out by hand. */
export const method = (entry: Omit<Method, keyof MethodDefaults> & Partial<MethodDefaults>): Method => ({
  ...QUIET,
  ...entry
})

type ToolDefaults = Pick<
  Tool,
  'aliases' | 'kind' | 'specs' | 'lifeHours' | 'storedM2' | 'companions' | 'hazard' | 'needs' | 'protects'
>
const PLAIN: ToolDefaults = {
  aliases: [],
  kind: 'tool',
  specs: {},
  lifeHours: null,
  storedM2: 0,
  companions: [],
  hazard: null,
  needs: [],
  protects: []
}
/** The usual caution of a hazard, for tools that have none of their own; the tool's manual goes before it. */
const CAUTIONS: Readonly<Partial<Record<HazardClass, string>>> = {
  'sharp-edge': 'Both hands behind the edge, the work clamped: a sharp edge cuts, a dull one slips.',
  'spinning-bit': 'No gloves and no loose sleeves near what turns; clamp the work.',
  'hand-blade': 'Both hands on the tool, the work clamped; let it stop before you set it down.',
  'fixed-blade': 'Hands outside the marked zone and a stick for the last bit; unplug it before you touch the blade.',
  'router-bit': 'Start with the bit clear of the work and feed against its rotation; unplug it to change bits.',
  'feed-rollers': 'Nothing short, no hands under the guard; keep to the manual’s least length.',
  'fired-nail': 'Never point it at anyone; keep the other hand well away and disconnect it to clear a jam.',
  dust: 'Fine dust harms the lungs: hose on, mask on.'
}

/** A tool; what is left out is: lasting, no floor taken, nothing needed beside it. */
export function tool(
  entry: Omit<Tool, keyof ToolDefaults | 'roles'> & Partial<ToolDefaults> & { readonly roles: readonly Role[] }
): Tool {
  const caution =
    entry.caution ??
    (entry.hazard === 'sharp-edge' && entry.group === 'saws'
      ? 'Begin slowly with the fingers clear of the line; the work held, the free hand behind the cut.'
      : entry.hazard
        ? CAUTIONS[entry.hazard]
        : undefined)
  return { ...PLAIN, ...entry, ...(caution === undefined ? {} : { caution }) }
}
export const byHand = (points: number): Tool['forms'] => [{ power: 'hand', points }]
export const corded = (points: number, amps230: number, amps120: number): Tool['forms'][number] => ({
  power: 'corded',
  points,
  amps230,
  amps120
})
/** A battery form with its energy per hour of work, watt-hours. */
export const cordless = (points: number, whPerHour: number): Tool['forms'][number] => ({
  power: 'cordless',
  points,
  whPerHour
})

export const needed = (why: string, ...anyOf: string[]): Companion => ({ anyOf, count: 1, kind: 'needed', why })
export const neededFor = (operation: string, why: string, ...anyOf: string[]): Companion => ({
  anyOf,
  count: 1,
  kind: 'needed-for',
  operation,
  why
})
export const advised = (why: string, ...anyOf: string[]): Companion => ({ anyOf, count: 1, kind: 'advised', why })

/** Stock size in millimetres: length, width, thickness; 0 leaves one out. */
export const stock = (lengthMm: number, widthMm = 0, thicknessMm = 0): StockSize => ({
  ...(lengthMm > 0 ? { lengthMm } : {}),
  ...(widthMm > 0 ? { widthMm } : {}),
  ...(thicknessMm > 0 ? { thicknessMm } : {})
})

/** Outside size in millimetres: length, width or depth, height. */
export const size = (length: number, width: number, height: number) => ({ length, width, height })

type StepRow = readonly [operation: string, quantity: number, stock?: StockSize, accuracyMm?: number, surface?: Surface]
/** Steps of a template, numbered in order. */
export const steps = (...rows: StepRow[]): Step[] =>
  rows.map(([operation, quantity, size = {}, accuracyMm, surface], index) => ({
    id: `s${index + 1}`,
    operation,
    quantity,
    stock: size,
    ...(accuracyMm === undefined ? {} : { accuracyMm }),
    ...(surface === undefined ? {} : { surface })
  }))

/** Leanings of a school or of a side, by tool. */
export const lean = (tools: Readonly<Record<string, number>>): readonly Leaning[] =>
  Object.entries(tools).map(([tool, times]) => ({ tool, times }))
