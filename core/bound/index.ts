export { boundFrom, boundModel, type BoundModel, type BoundOptions, type Solved } from './bound'
