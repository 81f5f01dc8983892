/**
 * The fit kernel: the rules of one method on one step, each once. Nothing outside it reads a method's minutes, accuracy or limits; a test
 * holds that.
 */
export { exactEnough, leadError, markingAllowed, resultError } from './exactness'
export { admitted, limitsBroken, type Circumstances } from './limits'
export {
  minutesOf,
  paceKey,
  plainRunMinutes,
  roundMinutes,
  runningMinutes,
  setUpMinutes,
  slownessOf,
  type Load
} from './minutes'
export { eaten, serviceFee } from './money'
export { burdenOf, penaltyOf, type Burden, type MethodWeights, loudnessOf } from './penalties'
export {
  boundValue,
  leads,
  leadsOn,
  meets,
  reach,
  tieHolds,
  tieKey,
  type WorkAroundUse
} from './roles'
export { TIED_SPECS, asExact, measuresUp, servesFor, worksAsWell } from './serves'
export {
  bringsPacks,
  hasCompanion,
  lackingCompanions,
  lackingProtection,
  protectionFor,
  neededCompanions,
  overload
} from './service'
export { methodsOf, operationsUnder, partSteps, withParts } from './parts'
export { cleanUpStep, tooRough } from './surface'
