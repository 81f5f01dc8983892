import { cuttingMethods } from './cutting'
import { joiningMethods } from './joining'
import { markingMethods } from './marking'
import { millingMethods } from './milling'
import { moreCuttingMethods } from './more-cutting'
import { moreJoiningMethods } from './more-joints'
import { moreMarkingMethods } from './more-marking'
import { moreShapingMethods } from './more-shaping'
import { surfacingMethods } from './surfacing'

export const methods = [
  ...markingMethods,
  ...moreMarkingMethods,
  ...cuttingMethods,
  ...moreCuttingMethods,
  ...millingMethods,
  ...joiningMethods,
  ...moreJoiningMethods,
  ...surfacingMethods,
  ...moreShapingMethods
]
