export { fitsSheet, materialFor, type EdgeWork, type Part } from './part'
export { nest, type NestOptions } from './nest'
export { nestOnShelves } from './shelves'
export {
  type Layout,
  type NestPart,
  type Placement,
  type SheetLayout,
  type SheetSize
} from './layout'
export {
  MM3_PER_BOARD_FOOT,
  WASTE_SHARE,
  boardFeet,
  dressedSize,
  roughThicknessFor,
  surfacedThicknessMm
} from './timber'
export { derive, jointOperation, type Derived, type DeriveOptions, type TimberLine } from './derive'
export { nestParts, stripsOf } from './timber-needed'
export { sheetsOf, type CutSheets } from './sheets'
