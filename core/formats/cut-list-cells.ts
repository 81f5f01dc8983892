import { JOINTS, type Joint, type StockKind } from '../catalogue'
import { dressedSize, type EdgeWork, type Part } from '../cutlist'
import { issue, issueNamed, type Code } from '../kernel'
import { parseCount, parseLength, type UnitSystem } from '../units'
import type { Row, Column } from './cut-list'

/** Sizes outside these are taken for a slip of the unit, mm. */
const LIMITS = { length: [5, 8000], width: [2, 3200], thickness: [1, 400] } as const
const MOST_PIECES = 10_000

const SHEETS =
  /\b(ply|plywood|mdf|hdf|fib(?:re|er)board|particle ?board|chipboard|osb|melamine|sheet|panel)\b/i
const SPECIES: Readonly<
  Record<string, { readonly words: RegExp; readonly kind: 'softwood' | 'hardwood' }>
> = {
  'white-fir': { words: /\bfir\b/i, kind: 'softwood' },
  'douglas-fir': { words: /\bdouglas/i, kind: 'softwood' },
  'white-pine': { words: /\b(pine|spruce|larch|cedar|softwood)\b/i, kind: 'softwood' },
  'red-oak': { words: /\boak\b/i, kind: 'hardwood' },
  'hard-maple': { words: /\b(maple|sycamore)\b/i, kind: 'hardwood' },
  cherry: { words: /\bcherry\b/i, kind: 'hardwood' },
  walnut: { words: /\bwalnut\b/i, kind: 'hardwood' },
  'yellow-poplar': { words: /\b(poplar|tulipwood)\b/i, kind: 'hardwood' },
  beech: { words: /\bbeech\b/i, kind: 'hardwood' }
}
const JOINT_WORDS: readonly (readonly [Joint, RegExp])[] = [
  ['loose-tenon', /\b(loose|floating)[ -]?tenons?\b/i],
  ['mortise-tenon', /\b(mortise|mortice|tenon|m&t|m\+t)\b/i],
  ['keyed-mitre', /\b(keyed|splined)[ -]?(mitre|miter)s?\b/i],
  ['mitre', /\b(mitre|miter)s?\b/i],
  ['pocket', /\bpocket/i],
  ['dowel', /\bdowels?\b/i],
  ['biscuit', /\bbiscuits?\b/i],
  ['half-lap', /\b(half[ -]?)?laps?\b/i],
  ['dado', /\b(dado|dadoe?s|housings?|trench)\b/i],
  ['rebate', /\b(rebates?|rabbets?)\b/i],
  ['groove', /\bgrooves?\b/i],
  ['box-joint', /\b(box|finger|comb)[ -]?joints?\b|\bbox\b|\bfinger\b/i],
  ['dovetail', /\bdovetails?\b/i],
  ['nailed', /\b(nails?|nailed|brads?)\b/i],
  ['screwed', /\b(screws?|screwed|butt)\b/i]
]

const hundredths = (mm: number): number => Math.round(mm * 100) / 100

/** Why a text is no size. */
const WHY_NO_SIZE: Readonly<Partial<Record<Code, Code>>> = {
  'length.not-positive': 'cut.not-positive',
  'length.ambiguous': 'cut.ambiguous'
}
/** Reads a size; a figure alone is in the column's unit, and a fraction alone needs one. */
function sizeIn(text: string, unit: string | undefined, system: UnitSystem): number | Code {
  if (text === '') return 'cut.missing'
  const bare = /^[\d\s.,/-]+$/.test(text)
  if (bare && text.includes('/') && unit === undefined && system === 'metric') return 'cut.say-unit'
  if (/^-|^0+([.,]0*)?\s*\D*$/.test(text)) return 'cut.not-positive'
  const read = parseLength(bare && unit !== undefined ? `${text} ${unit}` : text, system)
  if (read.ok) return hundredths(read.value)
  const [first] = read.issues
  return (first && WHY_NO_SIZE[first.code]) ?? 'cut.not-a-length'
}

/** A size in mm; undefined, with the reason noted, where it is none. */
function size(
  row: Row,
  column: 'length' | 'width' | 'thickness',
  unit: string | undefined,
  system: UnitSystem
): number | undefined {
  const text = row.text(column)
  const mm = sizeIn(text, unit, system)
  const [least, most] = LIMITS[column]
  const beyond = typeof mm === 'number' && (mm < least || mm > most)
  if (typeof mm === 'number' && !beyond) return mm
  const place = { row: row.number, column, text }
  row.problems.push(
    typeof mm === 'number'
      ? issueNamed('cut.absurd', ['row', row.number, column], { ...place, mm, least, most })
      : issueNamed(mm, ['row', row.number, column], place)
  )
  return undefined
}

interface Timber {
  readonly stock: StockKind
  readonly species?: string | undefined
  readonly nominal?: { readonly thicknessMm: number; readonly widthMm: number } | undefined
}

function timber(row: Row): Timber | undefined {
  const text = row.text('material')
  if (text === '') return { stock: 'softwood', species: 'white-pine' }
  // A sheet of 4x8 feet is no board of four by eight.
  if (SHEETS.test(text)) return { stock: 'sheet' }
  const nominal = dressedSize(/\d+\s*[x×*]\s*\d+/i.exec(text)?.[0] ?? '')
  if (nominal) return { stock: 'softwood', species: 'white-pine', nominal }
  const known = Object.entries(SPECIES).find(([, { words }]) => words.test(text))
  const rough = /\brough|sawn\b/i.test(text)
  if (known?.[1].kind === 'softwood' && !rough) return { stock: 'softwood', species: known[0] }
  if (known || /\bhard ?wood|ash\b/i.test(text) || rough)
    return {
      stock: rough ? 'hardwood-rough' : 'hardwood-surfaced',
      species: known?.[0] ?? 'red-oak'
    }
  row.problems.push(
    issue('cut.unknown-material', ['row', row.number, 'material'], {
      row: row.number,
      column: 'material',
      text
    })
  )
  return undefined
}

const THICKNESS_OF_BAND = /\d+(?:[.,]\d+)?\s*(?:mm|in|")/g

function edges(row: Row): EdgeWork | undefined {
  // How thick a band is does not say which edges it goes on.
  const text = row.text('edges').toLowerCase().replace(THICKNESS_OF_BAND, ' ').trim()
  if (text === '' || /^(no|none|0|-|–)$/.test(text)) return undefined
  const work = /band|lip|iron/.test(text)
    ? 'band'
    : /round|chamfer|profile|shape|ease|^(all|long|front|yes|x|\d)/.test(text)
      ? 'profile'
      : undefined
  if (!work) {
    row.problems.push(
      issue('cut.unknown-edge', ['row', row.number, 'edges'], {
        row: row.number,
        column: 'edges',
        text: row.text('edges')
      })
    )
    return undefined
  }
  return {
    work,
    run: /\ball\b|round$|\b4\b|four/.test(text)
      ? 'all'
      : /long|\b2\b|2l|two/.test(text)
        ? 'long'
        : /front|\b1\b|1l|one/.test(text)
          ? 'front'
          : 'all'
  }
}

function joints(row: Row): Part['joints'] {
  return row
    .text('joints')
    .replace(/\b1\s*\/\s*2[ -]?(?=lap)/gi, 'half ')
    .split(/[;,+]|(?<!\d)\/|\/(?!\d)|\band\b/i)
    .map((part) => part.trim())
    .filter((part) => part !== '' && !/^(no|none|0|-|–)$/i.test(part))
    .flatMap((part) => {
      const joint =
        JOINT_WORDS.find(([, words]) => words.test(part))?.[0] ??
        JOINTS.find((one) => one === part.toLowerCase())
      if (joint) return [{ joint, count: Math.max(1, Number(/\d+/.exec(part)?.[0] ?? 2)) }]
      row.problems.push(
        issue('cut.unknown-joint', ['row', row.number, 'joints'], {
          row: row.number,
          column: 'joints',
          text: part,
          known: JOINTS.join(', ')
        })
      )
      return []
    })
}

/** How many of a part; 0, with the reason noted, where it is no number of pieces. */
function quantityOf(row: Row): number {
  const text = row.text('quantity')
  const read = parseCount(text.replace(/\s*(x|pcs|no)\.?$/i, ''))
  if (read.ok && read.value <= MOST_PIECES) return read.value
  const [place, where] = [['row', row.number, 'quantity'], { row: row.number, column: 'quantity' }]
  row.problems.push(
    text === ''
      ? issue('cut.missing', place, where)
      : issue('cut.not-a-count', place, { ...where, text })
  )
  return 0
}

/** The three sizes of a part; those a trade name says need not stand in the row. */
function sizesOf(
  row: Row,
  wood: Timber | undefined,
  units: ReadonlyMap<Column, string>,
  system: UnitSystem
): Pick<Part, 'lengthMm' | 'widthMm' | 'thicknessMm'> | undefined {
  const read = (column: 'length' | 'width' | 'thickness'): number | undefined =>
    size(row, column, units.get(column), system)
  const named = (column: 'width' | 'thickness', mm: number | undefined): number | undefined =>
    row.text(column) === '' && mm !== undefined ? hundredths(mm) : read(column)
  const lengthMm = read('length')
  const widthMm = named('width', wood?.nominal?.widthMm)
  const thicknessMm = named('thickness', wood?.nominal?.thicknessMm)
  if (lengthMm === undefined || widthMm === undefined || thicknessMm === undefined) return undefined
  if (thicknessMm > widthMm)
    row.problems.push(
      issue('cut.thick', ['row', row.number, 'thickness'], { row: row.number, column: 'thickness' })
    )
  return { lengthMm, widthMm, thicknessMm }
}

/** One row as a part; undefined when something in it is not in order, which is noted. */
export function partOf(
  row: Row,
  units: ReadonlyMap<Column, string>,
  system: UnitSystem
): Part | undefined {
  const quantity = quantityOf(row)
  const wood = timber(row)
  const sizes = sizesOf(row, wood, units, system)
  const edge = edges(row)
  const joined = joints(row)
  if (row.problems.length > 0 || !wood || !sizes) return undefined
  const grain = row.text('grain')
  return {
    id: `p${row.number}`,
    name: row.text('part') || `Part ${row.number}`,
    quantity,
    ...sizes,
    stock: wood.stock,
    joints: joined,
    grain: wood.stock === 'sheet' ? /^(y|yes|l|length|long|along|x|1|true)/i.test(grain) : true,
    ...(wood.species === undefined ? {} : { species: wood.species }),
    ...(edge === undefined ? {} : { edges: edge })
  }
}
