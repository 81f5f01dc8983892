export {
  againstPlan,
  shiftsBetween,
  type Against,
  type AgainstBuild,
  type AgainstStage,
  type AgainstTool,
  type Shift
} from './against'
export { keepPlan } from './kept'
