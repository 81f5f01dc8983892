import type { Library, Material, Step, StockSize } from '../catalogue'
import { issue, sumOf, type Issue } from '../kernel'
import { nest } from './nest'
import { type NestPart } from './layout'
import { type Part } from './part'
import { WASTE_SHARE, boardFeet, roughThicknessFor } from './timber'
import type { DeriveOptions, TimberLine } from './derive'

/** Common practice: sheets to a millimetre and a half, boards to one and a half, jointed ends to one. */
const ACCURACY = { sheet: 1.5, solid: 1.5, joined: 1 } as const
/** Widest board that is usually bought without gluing, by stock, mm. */
const WIDEST_BOARD_MM = { softwood: 245, 'hardwood-surfaced': 160, 'hardwood-rough': 170 } as const
/** Cuts longer than this are sheet work; shorter ones are made as on a board. */
const SHEET_CUT_MM = 300

const stockOf = (part: Part): StockSize => ({
  lengthMm: Math.round(part.lengthMm),
  widthMm: Math.round(part.widthMm),
  thicknessMm: round1(part.thicknessMm)
})
export const round1 = (value: number): number => Math.round(value * 10) / 10
export const round3 = (value: number): number => Math.round(value * 1000) / 1000

/** Collects quantities under the same operation and stock. */
export class Steps {
  private readonly rows: {
    operation: string
    quantity: number
    stock: StockSize
    accuracyMm?: number | undefined
  }[] = []

  /** @param stock the largest size of all rows under one operation counts, so that a method must take them all */
  add(operation: string, quantity: number, stock: StockSize = {}, accuracyMm?: number): void {
    if (quantity <= 0) return
    const present = this.rows.find(
      (row) =>
        row.operation === operation &&
        row.accuracyMm === accuracyMm &&
        row.stock.thicknessMm === stock.thicknessMm
    )
    if (!present) this.rows.push({ operation, quantity, stock, accuracyMm })
    else {
      present.quantity += quantity
      present.stock = { ...present.stock, ...larger(present.stock, stock) }
    }
  }

  ordered(library: Library): Step[] {
    const order = (id: string): number => library.operations.get(id)?.order ?? 0
    return [...this.rows]
      .sort((a, b) => order(a.operation) - order(b.operation))
      .map(({ operation, quantity, stock, accuracyMm }, i) => ({
        id: `s${i + 1}`,
        operation,
        quantity: round3(quantity),
        stock,
        ...(accuracyMm === undefined ? {} : { accuracyMm })
      }))
  }
}

const larger = (a: StockSize, b: StockSize): StockSize =>
  Object.fromEntries(
    (['lengthMm', 'widthMm', 'thicknessMm'] as const).flatMap((field) =>
      a[field] === undefined && b[field] === undefined
        ? []
        : [[field, Math.max(a[field] ?? 0, b[field] ?? 0)]]
    )
  )

export const nestParts = (parts: readonly Part[]): NestPart[] =>
  parts.map(({ id, lengthMm, widthMm, quantity, grain }) => ({
    id,
    lengthMm,
    widthMm,
    quantity,
    canTurn: !grain
  }))

/** Sheets: laid out, broken down, with the short cuts made as on boards. */
export function sheetTimber(
  steps: Steps,
  material: Material,
  parts: readonly Part[],
  options: DeriveOptions,
  notes: Issue[]
): TimberLine {
  const { lengthMm = 0, widthMm = 0, thicknessMm = 0 } = material.stock ?? {}
  const sheet = { lengthMm, widthMm }
  const layout =
    options.layouts?.get(material.id) ??
    nest(nestParts(parts), sheet, { kerfMm: options.kerfMm ?? 3, trials: 0 })
  const accuracy = (options.accuracyMm ?? ACCURACY).sheet
  const cuts = layout.sheets.flatMap((one) => one.cuts)
  const long = cuts.filter((cut) => cut > SHEET_CUT_MM)
  const short = cuts.filter((cut) => cut <= SHEET_CUT_MM)
  steps.add(
    'break-down-sheet',
    long.length,
    { lengthMm: Math.max(0, ...long), widthMm, thicknessMm },
    accuracy
  )
  steps.add(
    'crosscut',
    short.length,
    { lengthMm: SHEET_CUT_MM, widthMm: Math.max(0, ...short), thicknessMm },
    accuracy
  )
  for (const part of parts.filter(({ id }) => layout.tooLarge.includes(id)))
    notes.push(
      issue('cut.larger-than-sheet', ['parts', part.id], {
        part: part.name,
        material: material.id,
        lengthMm,
        widthMm
      })
    )
  const areaM2 = sumOf(parts, (part) => (part.quantity * part.lengthMm * part.widthMm) / 1e6)
  const volumeM3 = (areaM2 * thicknessMm) / 1000
  const sheetM2 = (lengthMm * widthMm) / 1e6
  return {
    material: material.id,
    parts: parts.map(({ id }) => id),
    pieces: sumOf(parts, ({ quantity }) => quantity),
    areaM2,
    volumeM3,
    boardFeet: boardFeet(1000, 1000, volumeM3 * 1000),
    quantity: layout.sheets.length,
    wasteShare: layout.sheets.length === 0 ? 0 : 1 - areaM2 / (layout.sheets.length * sheetM2),
    layout
  }
}

/** How many boards side by side a part takes, and how wide each is. */
export function stripsOf(part: Part): { readonly count: number; readonly widthMm: number } {
  const widest = part.stock === 'sheet' ? Infinity : WIDEST_BOARD_MM[part.stock]
  const count = Math.max(1, Math.ceil((part.widthMm - 0.5) / widest))
  return { count, widthMm: part.widthMm / count }
}

/** A part as boards: how many strips of which size, how far they reach. */
interface Boards {
  readonly part: Part
  readonly pieces: number
  readonly strips: { readonly count: number; readonly widthMm: number }
  readonly strip: StockSize
  readonly metres: number
  /** Face of all strips, m². */
  readonly face: number
}
function boardsOf(part: Part): Boards {
  const strips = stripsOf(part)
  const pieces = part.quantity * strips.count
  return {
    part,
    pieces,
    strips,
    strip: {
      lengthMm: Math.round(part.lengthMm),
      widthMm: Math.round(strips.widthMm),
      thicknessMm: round1(part.thicknessMm)
    },
    metres: (pieces * part.lengthMm) / 1000,
    face: (pieces * part.lengthMm * strips.widthMm) / 1e6
  }
}

/** From the board to the strip: milled when rough, ripped and planed where the stock is wider or thicker. */
function millSteps(steps: Steps, boards: Boards, material: Material, accuracyMm: number): void {
  const { kind = 'softwood', widthMm: boardMm = 0, thicknessMm: bought = 0 } = material.stock ?? {}
  const { part, strips, strip, metres, face } = boards
  if (kind === 'hardwood-rough') {
    steps.add('flatten', face, strip)
    steps.add('thickness', face, strip)
    steps.add('straighten-edge', metres, strip)
  }
  const rip = kind !== 'softwood' || strips.widthMm < boardMm - 1
  if (rip) steps.add('rip', metres, strip, accuracyMm)
  if (kind === 'softwood' && part.thicknessMm < bought - 1.1) steps.add('thickness', face, strip)
}

/** Where a part is wider than a board: its strips are glued up to a panel. */
function panelSteps(steps: Steps, { part, strips, strip, metres }: Boards): void {
  if (strips.count === 1) return
  steps.add('straighten-edge', metres * 2, strip, 0.5)
  steps.add('glue-up-panel', part.quantity, stockOf(part))
  steps.add('flatten-panel', (part.quantity * part.lengthMm * part.widthMm) / 1e6, {
    widthMm: Math.round(part.widthMm)
  })
}

/** Timber a part takes: metres of softwood, cubic metres of hardwood in the thickness it is bought in. */
function timberUsed({ part, pieces, strips, metres }: Boards, material: Material): number {
  const { kind = 'softwood' } = material.stock ?? {}
  if (kind === 'softwood') return metres
  const thick = kind === 'hardwood-rough' ? roughThicknessFor(part.thicknessMm) : part.thicknessMm
  return (pieces * part.lengthMm * strips.widthMm * thick) / 1e9
}

/** Boards: milled when rough, ripped where narrower than the stock, glued up where wider. */
export function solidTimber(
  steps: Steps,
  material: Material,
  parts: readonly Part[],
  options: DeriveOptions
): TimberLine {
  const accuracy = options.accuracyMm ?? ACCURACY
  const all = parts.map(boardsOf)
  for (const boards of all) {
    const { part, strip, pieces } = boards
    const { widthMm, thicknessMm } = strip
    steps.add('mark-square', part.quantity, { widthMm, thicknessMm }, 1)
    const within = part.joints.length > 0 ? accuracy.joined : accuracy.solid
    steps.add('crosscut', pieces, strip, within)
    millSteps(steps, boards, material, accuracy.solid)
    panelSteps(steps, boards)
  }
  const volume = sumOf(
    parts,
    (part) => (part.quantity * part.lengthMm * part.widthMm * part.thicknessMm) / 1e9
  )
  const used = sumOf(all, (boards) => timberUsed(boards, material))
  const wasteShare = WASTE_SHARE[material.stock?.kind ?? 'softwood']
  return {
    material: material.id,
    parts: parts.map(({ id }) => id),
    pieces: sumOf(parts, ({ quantity }) => quantity),
    areaM2: sumOf(parts, (part) => (part.quantity * part.lengthMm * part.widthMm) / 1e6),
    volumeM3: volume,
    boardFeet: boardFeet(1000, 1000, volume * 1000),
    quantity: round3(used * (1 + wasteShare)),
    wasteShare
  }
}
