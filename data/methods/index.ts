import { cuttingMethods } from './cutting'
import { joiningMethods } from './joining'
import { markingMethods } from './marking'
import { millingMethods } from './milling'
import { surfacingMethods } from './surfacing'

export const methods = [...markingMethods, ...cuttingMethods, ...millingMethods, ...joiningMethods, ...surfacingMethods]
