export * from './result'
export { fingerprint, stableText, textPrint } from './hash'
export { byId, distinct, groupBy, leastBy, sumOf } from './collections'
export { seededRandom } from './random'
