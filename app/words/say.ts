import { boardFeet } from '../../core/cutlist'
import { findOffer, hireOf } from '../../core/prices'
import { exponentOf, type Minor } from '../../core/money'
import { MM_PER_INCH, inchText, type UnitSystem } from '../../core/units'
import { findBuild, type World } from '../../core/workspace'
import { dayNumber, type Day } from '../../core/calendar'
import { hire as hireWords } from './hire'
import { localeNow, said } from './language'
import { terms } from './terms'
import { operationUnits } from './units'

/** How figures and names are written for one workspace: currency, units, language of dates. */
export interface Say {
  money(amount: Minor): string
  /** With a sign, for what comes in and goes out. */
  moved(amount: Minor): string
  /** Rounded to whole units of money, for what is only known about as well. */
  about(amount: Minor): Minor
  day(day: Day): string
  shortDay(day: Day): string
  month(day: Day): string
  length(mm: number): string
  lengths(mm: readonly number[]): string
  duration(minutes: number): string
  number(value: number, digits?: number): string
  percent(share: number): string
  tool(id: string): string
  /** The name without its measures: "Pull saw" for "Pull saw, two-sided, 240 mm". */
  shortTool(id: string): string
  shortOffer(id: string): string
  build(id: string): string
  /** A build as planned, with how many of its copies where it is made in batches. */
  planned(one: { readonly build: string; readonly copies?: number | undefined }): string
  method(id: string): string
  operation(id: string): string
  offer(id: string): string
  quantity(value: number, unit: string): string
  /** Timber: cubic metres, or board feet in the imperial system. */
  volume(m3: number): string
}

const utc = (day: Day): Date => new Date(dayNumber(day) * 86_400_000)

/** Formatters are costly to make and asked for often; one of each kind is kept, by language. */
const formats = new Map<string, Intl.NumberFormat>()
const kept = (key: string, make: (locale: string) => Intl.NumberFormat): Intl.NumberFormat => {
  const locale = localeNow()
  const known = formats.get(`${locale} ${key}`) ?? make(locale)
  formats.set(`${locale} ${key}`, known)
  return known
}
const DATES = {
  day: { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' },
  short: { day: 'numeric', month: 'short', timeZone: 'UTC' },
  month: { month: 'short', year: '2-digit', timeZone: 'UTC' }
} as const satisfies Record<string, Intl.DateTimeFormatOptions>
const dateFormats = new Map<string, Intl.DateTimeFormat>()
function dated(kind: keyof typeof DATES, day: Day): string {
  const locale = localeNow()
  const key = `${locale} ${kind}`
  const known = dateFormats.get(key) ?? new Intl.DateTimeFormat(locale, DATES[kind])
  dateFormats.set(key, known)
  return known.format(utc(day)).replace('Sept', 'Sep')
}

/** A duration that is worked out rather than said: whole minutes, at least one. */
export const roughly = (minutes: number): string => duration(Math.max(1, Math.round(minutes)))

/** "1 h 05", "45 min". */
export function duration(minutes: number): string {
  const whole = Math.round(minutes)
  if (whole < 60) return `${whole} min`
  const rest = whole % 60
  return rest === 0
    ? `${Math.floor(whole / 60)} h`
    : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`
}

function moneyText(currency: string, amount: Minor, signed: boolean): string {
  const exponent = exponentOf(currency)
  const round = amount % 10 ** exponent === 0
  const digits = round ? 0 : exponent
  return kept(`${currency}${digits}${signed}`, (locale) => {
    const options: Intl.NumberFormatOptions = {
      style: 'currency',
      currency,
      currencyDisplay: 'narrowSymbol',
      minimumFractionDigits: digits,
      maximumFractionDigits: digits
    }
    return new Intl.NumberFormat(
      locale,
      signed ? { ...options, signDisplay: 'exceptZero' } : options
    )
  }).format(amount / 10 ** exponent)
}

function lengthText(mm: number, units: UnitSystem): string {
  if (units === 'imperial') return `${inchText(mm)} in`
  const digits = mm < 10 ? 1 : 0
  return `${kept(`mm${digits}`, (locale) => new Intl.NumberFormat(locale, { maximumFractionDigits: digits })).format(mm)} mm`
}

const shortened = (name: string): string => name.split(',')[0] ?? name

/** What several tools together are called: a bundle, or a stretch of hire. */
function togetherName(
  { workspace }: World,
  id: string
): { readonly short: string; readonly whole: string } | undefined {
  const hire = hireOf(workspace.hires, id)
  if (!hire) {
    const name = workspace.bundles?.find((one) => one.id === id)?.name
    return name === undefined ? undefined : { short: name, whole: name }
  }
  const days = Number(id.slice(hire.id.length + 1))
  const whole = Number.isNaN(days)
    ? hireWords.alreadyPaid(hire.name)
    : hireWords.offer(hire.name, hireWords.stretch(hire.per, days, 1))
  return { short: hire.name, whole }
}

export function sayFor(world: World): Say {
  const { currency } = world.workspace.money
  const { units } = world.workspace.preferences
  const { library } = world
  const number = (value: number, digits = 0): string =>
    kept(
      `n${digits}`,
      (locale) => new Intl.NumberFormat(locale, { maximumFractionDigits: digits })
    ).format(value)
  const tool = (id: string): string => library.tools.get(id)?.name ?? id
  return {
    money: (amount) => moneyText(currency, amount, false),
    moved: (amount) => moneyText(currency, amount, true),
    about: (amount) => {
      const unit = 10 ** exponentOf(currency)
      return Math.round(amount / unit) * unit
    },
    day: (day) => dated('day', day),
    shortDay: (day) => dated('short', day),
    month: (day) => dated('month', day),
    length: (mm) => lengthText(mm, units),
    lengths: (list) =>
      units === 'imperial'
        ? `${list.map(inchText).join(' × ')} in`
        : `${list.map((mm) => String(Math.round(mm * 10) / 10)).join(' × ')} mm`,
    duration,
    number,
    percent: (share) => `${number(share * 100)} %`,
    tool,
    shortTool: (id) => shortened(tool(id)),
    shortOffer: (id) => {
      const of = findOffer(world.pricing, id)?.tool
      return of === undefined
        ? (togetherName(world, id)?.short ?? shortened(tool(id)))
        : shortened(tool(of))
    },
    build: (id) => findBuild(world, id)?.name ?? id,
    planned: ({ build, copies }) =>
      `${findBuild(world, build)?.name ?? build}${copies === undefined ? '' : ` × ${copies}`}`,
    method: (id) => library.methods.get(id)?.name ?? id,
    operation: (id) => library.operations.get(id)?.name ?? id,
    offer: (id) => {
      const offer = findOffer(world.pricing, id)
      if (!offer) return togetherName(world, id)?.whole ?? tool(id)
      const { tier, condition } = offer
      return [
        tool(offer.tool),
        ...(condition === 'new' ? [] : [terms.conditionName[condition]]),
        ...(tier === 'weekend' ? [] : [terms.tierName[tier]])
      ].join(', ')
    },
    quantity: (value, unit) =>
      `${units === 'imperial' && unit === 'metre' ? number((value * 1000) / MM_PER_INCH / 12, 1) : number(value, 2)} ${operationUnits(unit, value, units)}`,
    volume: (m3) =>
      units === 'imperial'
        ? `${number(boardFeet(1000, 1000, m3 * 1000), 1)} bd ft`
        : `${number(m3, 4)} m³`
  }
}

const words = said('plainSay', { minor: (amount: number): string => `${amount} minor units` })
/** For messages about files that could not be read: there is no workspace to take currency and names from. */
export const plainSay: Say = {
  money: (amount) => words.minor(amount),
  moved: (amount) => words.minor(amount),
  about: (amount) => amount,
  day: (day) => day,
  shortDay: (day) => day,
  month: (day) => day.slice(0, 7),
  length: (mm) => `${Math.round(mm * 10) / 10} mm`,
  lengths: (list) => `${list.join(' × ')} mm`,
  duration,
  number: (value) => String(value),
  percent: (share) => `${Math.round(share * 100)} %`,
  tool: (id) => id,
  shortTool: (id) => id,
  shortOffer: (id) => id,
  build: (id) => id,
  planned: ({ build }) => build,
  method: (id) => id,
  operation: (id) => id,
  offer: (id) => id,
  quantity: (value, unit) => `${value} ${unit}`,
  volume: (m3) => `${m3} m³`
}
