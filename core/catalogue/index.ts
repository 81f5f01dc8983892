export {
  HAZARDS,
  type HazardClass,
  type HazardLevel,
  PROTECTIONS,
  type Protection,
  SURFACES,
  type Surface,
  type DustClass,
  STOCK_FIELDS,
  SPECIES,
  type Species,
  type StockField,
  type StockSize,
  SPECS,
  type SpecName,
  type Specs,
  TIERS,
  type Tier,
  CONDITIONS,
  type Condition,
  ACQUISITIONS,
  type Acquisition,
  POWERS,
  type Power,
  type PowerForm,
  type Sides,
  type Companion,
  TOOL_GROUPS,
  type ToolGroup,
  type Tool,
  MATERIAL_UNITS,
  type MaterialUnit,
  STOCK_KINDS,
  type StockKind,
  type Material,
  type Step,
  type MaterialLine,
  JOINTS,
  type Joint,
  type Template,
  type Region,
  type LibraryData
} from './types'
export { NAME_SETS, type NameSet, type NameWord } from './name-types'
export {
  OPERATION_UNITS,
  type OperationUnit,
  type Operation,
  type CleanUp,
  type JoinTerms,
  type MethodForm,
  type Growth,
  type MethodPart,
  type Bound,
  type SpecRule,
  WORK_AROUNDS,
  type WorkAround,
  type RoleNeed,
  type Tie,
  type StockLimit,
  type ServiceTerms,
  type Method
} from './method-types'
export { indexLibrary, withOwn, type Library, type OwnEntries } from './library'
export {
  conditionPrice,
  dutyMinutesPerHour,
  errorFactor,
  repairReserve,
  resaleShare,
  specsOf,
  tierPrice,
  tierRank,
  timeFactor
} from './tiers'
export type { ExactBy } from './tiers'
export { WALLS, type Wall } from './walls'
export { withSizes } from './sizes'
export { LOUD_DBA, protectionOf, withProtection } from './protection'
export { inNames, matchesSearch, namesInAllSets, withNames } from './names'
export { toldIn, type Telling } from './told'
export { checkOwn, methodDefaults, companionCircles, methodWith, ownId, toolLike } from './own'
export { isCapacity, operationsByTool } from './uses'
export { countLibrary, type LibraryCounts } from './counts'
export { checkLibrary } from './check'
export {
  HOUR_WORDS,
  MONEY_AIMS,
  TIMBERS,
  WISHES,
  type HourWord,
  type MoneyAim,
  type Reckoning,
  type Timber,
  type Wish
} from './reckoning'
export {
  FAMILIES,
  SKILLS,
  exactBy,
  withSkill,
  type Paces,
  withoutSkill,
  type Family,
  type Levels,
  type Skill,
  type SkillFactors,
  type SkillTable
} from './skill'
export { WEIGHTS, type WeightName } from './school'
export type { Dispute, Leaning, PowerWish, School, SchoolWeights, Side, Stance } from './school'
export { LEVELS, type Level } from './levels'
export { HOURS_FOR, reachedAfter, sharesOver, type Shares } from './learning'
export { inSpecies, speciesOf, type Listed } from './species'
export { asIfWorn, withoutUnworn } from './unworn'
