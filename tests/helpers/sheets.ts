import type { NestPart, SheetSize } from '../../core/cutlist'
import { seededRandom } from '../../core/kernel'

/** Pieces are not sawn further below this, mm. */
const SMALL_MM = 480

/** Parts made by sawing whole sheets up at random, so that the least number of sheets is known. Used by tests and figures. */
export function fromFullSheets(
  seed: number,
  sheets: number,
  sheet: SheetSize,
  kerfMm: number
): NestPart[] {
  const random = seededRandom(seed)
  const parts: NestPart[] = []
  const split = (lengthMm: number, widthMm: number, depth: number): void => {
    const alongLength = random() < lengthMm / (lengthMm + widthMm)
    const long = alongLength ? lengthMm : widthMm
    if (depth === 0 || long < SMALL_MM) {
      parts.push({ id: `p${parts.length}`, lengthMm, widthMm, quantity: 1, canTurn: true })
      return
    }
    const at = Math.round((0.25 + random() * 0.5) * long)
    for (const piece of [at, long - at - kerfMm]) {
      if (alongLength) split(piece, widthMm, depth - 1)
      else split(lengthMm, piece, depth - 1)
    }
  }
  for (let i = 0; i < sheets; i++) split(sheet.lengthMm, sheet.widthMm, 4)
  return parts
}
