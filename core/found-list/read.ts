import { issue, type Issue } from '../kernel'
import { foreignCurrency, parseAmount, type Minor } from '../money'

/** A line of a list somebody found. */
export interface FoundLine {
  /** Its place in what was pasted, from 1. */
  readonly number: number
  readonly text: string
  /** What is left without bullet, count and price. */
  readonly name: string
  readonly count: number
  /** Price of all of them, minor units; undefined where none stands there or it cannot be read for certain. */
  readonly price: Minor | undefined
  /** The same for one of them. */
  readonly each: Minor | undefined
  /** A price stands there that is not taken: a range, by the dozen, or one that can be read two ways. */
  readonly unclearPrice: boolean
  /** A heading, or a sentence, is no tool. */
  readonly kind: 'tool' | 'heading' | 'prose'
}

export interface FoundList {
  readonly lines: readonly FoundLine[]
  readonly issues: readonly Issue[]
}

/** Lines of a list that are looked at. */
export const MOST_LINES = 500
/** A line of so many words is a sentence. */
const SENTENCE = 14

const MONEY = '(?:US\\$|C\\$|A\\$|[$€£]|USD|EUR|GBP|CHF|CAD|AUD|Fr\\.)'
const AFTER = '(?:[$€£]|USD|EUR|GBP|CHF|CAD|AUD|Fr\\.|bucks?|dollars?|euros?|pounds?|quid|Euro)'
const FIGURE = "\\d[\\d.,'’ ]*"
const PRICE = new RegExp(
  `[(\\[]?\\s*(?:(?:for|about|ca\\.?|approx\\.?|around|only|roughly) |[~≈]\\s?)*(?:${MONEY}\\s?(${FIGURE}(?:[-–]\\s?${MONEY}?\\s?${FIGURE})?)|(${FIGURE}(?:[-–]\\s?${FIGURE})?)\\s?${AFTER})(?![a-z])\\s*((?:each|ea\\.?|a piece|apiece|per [a-z]+|a dozen|/\\s?(?:dozen|ea|pc))?)\\s*[)\\]]?`,
  'i'
)
const SIGN = new RegExp(`${MONEY}|${AFTER}`, 'i')
const BULLET =
  /^\s*(?:[-–—*•◦▪·>+]|\[[ xX✓]?\]|☐|☑|✅|✔️?|✓|\d{1,3}[.)](?=\s)|[a-z][.)](?=\s)|#{1,6}(?=\s))\s*/u
const EMOJI = /[\p{Extended_Pictographic}\u{FE0F}\u{200D}]/gu
const UNIT =
  /^(?:mm|cm|m|in|inch|inches|"|”|''|ft|foot|feet|v|volt|volts|ga|gauge|ah|teeth|tooth|t|tpi|grit|oz|lb|lbs|g|kg|hp|w|watt|amp|a|piece|pc|pcs|pack|point|way|jaw)\b|^["”]/i
const COUNT_BEFORE = /^(\d{1,2})\s?(?:x|×|\*)\s+(?=\S)|^(\d{1,2})\s+(?=\p{L})/iu
const COUNT_AFTER =
  /[,;]?(?:\s+[([]?|[([])\s*(?:(?:x|×)\s?(\d{1,2})|(\d{1,2})\s?(?:x|×)|qty:?\s?(\d{1,2}))\s*[)\]]?\s*$/i

/** What a line says of money, and what is left of it without that. */
interface Priced extends Pick<FoundLine, 'price' | 'unclearPrice'> {
  readonly rest: string
  /** The price is for one of them. */
  readonly each: boolean
}

/** A bare figure at the end after a tab, a dash with room around it or an equals sign: a price in the list's own money. */
function barePrice(text: string, currency: string): Priced {
  const bare = /(?:\t|\s[-–—=]\s|\s=)\s*(\d{1,5}(?:[.,]\d{2})?)\s*$/.exec(text)
  const amount = bare?.[1] === undefined ? undefined : parseAmount(bare[1], currency)
  return bare && amount?.ok
    ? { price: amount.value, unclearPrice: false, rest: text.slice(0, bare.index), each: false }
    : { price: undefined, unclearPrice: false, rest: text, each: false }
}

const EACH = /^(?:each|ea|a piece|apiece|per (?:piece|clamp|one)|\/\s?(?:ea|pc))/

/** Amount and what is left of a line without it. */
function priceOf(text: string, currency: string): Priced {
  const found = PRICE.exec(text)
  if (!found) return barePrice(text, currency)
  const [whole, before, after, said = ''] = found
  const figure = (before ?? after ?? '').trim()
  const per = said.toLowerCase()
  const each = EACH.test(per)
  const amount = parseAmount(figure.replace(/[.,\s]+$/, ''), currency)
  const foreign = foreignCurrency(SIGN.exec(whole)?.[0] ?? '', currency) !== undefined
  const clear = !/[-–]/.test(figure) && !foreign && (per === '' || each)
  const price = clear && amount.ok ? amount.value : undefined
  const rest = `${text.slice(0, found.index)} ${text.slice(found.index + whole.length)}`
  return { price, unclearPrice: price === undefined, rest, each }
}

/** How many, and what is left of a line without that. */
function countOf(text: string): { readonly count: number; readonly rest: string } {
  const before = COUNT_BEFORE.exec(text)
  if (before) {
    const rest = text.slice(before[0].length)
    const count = Number(before[1] ?? before[2])
    if (count >= 1 && (before[1] !== undefined || !UNIT.test(rest))) return { count, rest }
  }
  const after = COUNT_AFTER.exec(text)
  const count = Number(after?.[1] ?? after?.[2] ?? after?.[3] ?? 0)
  if (after && count >= 1) return { count, rest: text.slice(0, after.index) }
  return { count: 1, rest: text }
}

const tidy = (text: string): string =>
  text
    .replace(/[\s|,;:=–—-]+$/u, '')
    .replace(/^[\s|,;:=–—-]+/u, '')
    .replace(/\s+/g, ' ')

function readLine(raw: string, number: number, currency: string): FoundLine | undefined {
  const text = raw.trim()
  const plain = raw.replace(EMOJI, ' ').replace(BULLET, '').replace(BULLET, '')
  if (tidy(plain) === '') return undefined
  const { price, unclearPrice, rest, each } = priceOf(plain, currency)
  const { count, rest: name } = countOf(tidy(rest))
  const words = tidy(name).split(' ').length
  const kind =
    price === undefined && !unclearPrice && /:\s*$/.test(plain)
      ? 'heading'
      : words >= SENTENCE || (words >= 9 && /[.!?]\s*$/.test(text))
        ? 'prose'
        : 'tool'
  return {
    number,
    text,
    name: tidy(name),
    count,
    ...(price === undefined
      ? { price, each: price }
      : each
        ? { price: price * count, each: price }
        : { price, each: Math.round(price / count) }),
    unclearPrice,
    kind
  }
}

/**
 * Reads a list as people write lists: one tool a line, with bullets, numbers, counts and prices or without; a single line is parted at its
 * commas. Nothing is guessed of a price that can be read two ways.
 */
export function readFoundList(text: string, currency: string): FoundList {
  const rows = text.split(/\r\n|\r|\n/)
  const filled = rows.filter((row) => row.trim() !== '')
  const pieces = (filled[0] ?? '').split(/[;,](?!\d)(?![^(]*\))/)
  const isRow = pieces.length >= 3 && pieces.every((piece) => /\p{L}{3}/u.test(piece))
  const parted = filled.length === 1 && isRow ? pieces : rows
  const lines: FoundLine[] = []
  for (const [i, row] of parted.entries()) {
    const line = readLine(row, i + 1, currency)
    if (line && lines.length < MOST_LINES) lines.push(line)
  }
  const all = parted.filter((row) => row.trim() !== '').length
  return {
    lines,
    issues: [
      ...(all > MOST_LINES ? [issue('found.too-many', [], { lines: all, most: MOST_LINES })] : []),
      ...(lines.length > 0 && lines.every(({ kind }) => kind !== 'tool')
        ? [issue('found.no-tools', [], { lines: lines.length })]
        : [])
    ]
  }
}
