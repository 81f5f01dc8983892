/** A rectangle to cut, finished size in mm. `canTurn` is false where the grain has to run along the sheet. */
export interface NestPart {
  readonly id: string
  readonly lengthMm: number
  readonly widthMm: number
  readonly quantity: number
  readonly canTurn: boolean
}
export interface SheetSize {
  readonly lengthMm: number
  readonly widthMm: number
}
/** Where a part lies: corner nearest the sheet's origin, size along the sheet and across it. */
export interface Placement {
  readonly part: string
  readonly x: number
  readonly y: number
  readonly lengthMm: number
  readonly widthMm: number
  readonly turned: boolean
}
export interface SheetLayout {
  readonly placements: readonly Placement[]
  /** Length of each straight cut from edge to edge of what is being cut, mm, in order. */
  readonly cuts: readonly number[]
}
export interface Layout {
  readonly sheets: readonly SheetLayout[]
  /** Ids of parts larger than the sheet, each once. */
  readonly tooLarge: readonly string[]
}

export interface Piece {
  readonly part: NestPart
  readonly area: number
}

export const SLACK = 1e-6

export const mustTurn = (part: NestPart, sheet: SheetSize): boolean =>
  part.lengthMm > sheet.lengthMm || part.widthMm > sheet.widthMm

export function piecesOf(
  parts: readonly NestPart[],
  sheet: SheetSize
): { pieces: Piece[]; tooLarge: string[] } {
  const fits = (part: NestPart): boolean =>
    !mustTurn(part, sheet) ||
    (part.canTurn && part.lengthMm <= sheet.widthMm && part.widthMm <= sheet.lengthMm)
  return {
    pieces: parts
      .filter(fits)
      .flatMap((part) =>
        Array.from({ length: part.quantity }, () => ({ part, area: part.lengthMm * part.widthMm }))
      ),
    tooLarge: parts.filter((part) => !fits(part)).map(({ id }) => id)
  }
}
