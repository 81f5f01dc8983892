export { parseCount, parseNumber, readFigure, valueOf, type Figure } from './figure'
export * from './length'
