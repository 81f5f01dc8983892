export { parseCount, parseNumber, readFigure, valueOf, type Figure } from './figure'
export {
  type UnitSystem,
  MM_PER_INCH,
  MM_PER_FOOT,
  inchText,
  parseLength,
  parseLengths
} from './length'
export { sizesIn } from './in-text'
export { readName } from './name'
