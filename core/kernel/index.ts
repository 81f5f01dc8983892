export {
  type Path,
  type Issue,
  type Result,
  ok,
  refused,
  issuesOf,
  issue,
  issueNamed,
  bug,
  must
} from './result'
export { fingerprint, stableText, textPrint } from './hash'
export { apportion, byId, distinct, groupBy, leastBy, sumOf, sumOfMost } from './collections'
export { FOUR_OF_FIVE, normalBelow } from './normal'
export { normalFrom, seededRandom } from './random'
export { TOLERANCE } from './tolerance'
export type { Code, Figure, Findings } from './findings'
