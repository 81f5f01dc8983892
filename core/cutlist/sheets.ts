import type { Library } from '../catalogue'
import type { TimberLine } from './derive'
import type { Layout, SheetSize } from './layout'

/** How the parts of one sheet material lie on its sheets. */
export interface CutSheets {
  readonly line: TimberLine
  readonly material: string
  readonly layout: Layout
  readonly sheet: SheetSize
}

/** The layouts of a cut list's sheet materials, each with the size it is sold in; what does not come in sheets is left out. */
export const sheetsOf = (library: Library, timber: readonly TimberLine[]): CutSheets[] =>
  timber.flatMap((line) => {
    const material = library.materials.get(line.material)
    const { lengthMm, widthMm } = material?.stock ?? {}
    return material && line.layout && line.layout.sheets.length > 0 && lengthMm && widthMm
      ? [{ line, material: material.name, layout: line.layout, sheet: { lengthMm, widthMm } }]
      : []
  })
