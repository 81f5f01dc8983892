export { fitsSheet, materialFor, type EdgeWork, type Part } from './part'
export {
  nest,
  nestOnShelves,
  type Layout,
  type NestOptions,
  type NestPart,
  type Placement,
  type SheetLayout,
  type SheetSize
} from './nest'
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
