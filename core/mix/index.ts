export {
  bestMix,
  worthMaking,
  type Mix,
  type MixAsks,
  type MixLine,
  type MixMonth,
  type MixSolver
} from './mix'
export { mixAsks } from './asks'
export { inTurn, type Turn } from './turns'
