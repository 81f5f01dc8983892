import {
  type Placement,
  type NestPart,
  SLACK,
  type SheetSize,
  type Layout,
  piecesOf,
  mustTurn
} from './layout'

/**
 * Shelves: pieces by falling width, each on the first shelf with room, each shelf on the first sheet with room (first-fit
 * decreasing height, Coffman, Garey, Johnson and Tarjan 1980). The yardstick that `nest` never falls behind.
 */
export function nestOnShelves(parts: readonly NestPart[], sheet: SheetSize, kerfMm = 3): Layout {
  const { pieces, tooLarge } = piecesOf(parts, sheet)
  const upright = pieces.map(({ part }) => ({
    part,
    turned:
      mustTurn(part, sheet) ||
      (part.canTurn &&
        part.widthMm > part.lengthMm &&
        part.widthMm <= sheet.lengthMm &&
        part.lengthMm <= sheet.widthMm)
  }))
  const sized = upright
    .map(({ part, turned }) => ({
      part,
      turned,
      l: turned ? part.widthMm : part.lengthMm,
      w: turned ? part.lengthMm : part.widthMm
    }))
    .sort((a, b) => b.w - a.w || b.l - a.l)
  const shelves: { sheet: number; y: number; w: number; used: number }[] = []
  const filled: number[] = []
  const sheets: { placements: Placement[]; cuts: number[] }[] = []
  for (const { part, turned, l, w } of sized) {
    let shelf = shelves.find((one) => w <= one.w + SLACK && one.used + l <= sheet.lengthMm + SLACK)
    if (!shelf) {
      let index = filled.findIndex((used) => used + w <= sheet.widthMm + SLACK)
      if (index < 0) {
        index = filled.push(0) - 1
        sheets.push({ placements: [], cuts: [] })
      }
      shelf = { sheet: index, y: filled[index] ?? 0, w, used: 0 }
      filled[index] = shelf.y + w + kerfMm
      sheets[index]?.cuts.push(sheet.lengthMm)
      shelves.push(shelf)
    }
    const target = sheets[shelf.sheet]
    target?.placements.push({
      part: part.id,
      x: shelf.used,
      y: shelf.y,
      lengthMm: l,
      widthMm: w,
      turned
    })
    target?.cuts.push(shelf.w, ...(w < shelf.w - SLACK ? [l] : []))
    shelf.used += l + kerfMm
  }
  return { sheets, tooLarge }
}
