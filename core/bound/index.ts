export { boundModel, type BoundModel, type BoundOptions } from './bound'
