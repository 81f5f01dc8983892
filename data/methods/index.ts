import { withProtection } from '../../core/catalogue'
import { anglesMethods } from './angles'
import { assemblyMethods } from './assembly'
import { boringMethods } from './boring'
import { carvingMethods } from './carving'
import { cornersMethods } from './corners'
import { crosscuttingMethods } from './crosscutting'
import { curvesMethods } from './curves'
import { dadoStackMethods } from './dado-stack'
import { finishingMethods } from './finishing'
import { fixingMethods } from './fixing'
import { flatteningMethods } from './flattening'
import { gluingMethods } from './gluing'
import { holdingMethods } from './holding'
import { housingsMethods } from './housings'
import { joiningMethods } from './joining'
import { jointingMethods } from './jointing'
import { letInMethods } from './let-in'
import { markingMethods } from './marking'
import { measuringMethods } from './measuring'
import { millingMethods } from './milling'
import { poweredCrosscutsMethods } from './powered-crosscuts'
import { rippingMethods } from './ripping'
import { sandingMethods } from './sanding'
import { servicesMethods } from './services'
import { shapingMethods } from './shaping'
import { sheetsMethods } from './sheets'
import { withSkills } from './skills'
import { smoothingMethods } from './smoothing'
import { tenonsMethods } from './tenons'
import { upkeepMethods } from './upkeep'
import { inTimber } from './work'
import { held } from './held'

const all = withSkills([
  ...measuringMethods,
  ...markingMethods,
  ...holdingMethods,
  ...sheetsMethods,
  ...crosscuttingMethods,
  ...poweredCrosscutsMethods,
  ...anglesMethods,
  ...rippingMethods,
  ...curvesMethods,
  ...millingMethods,
  ...jointingMethods,
  ...boringMethods,
  ...housingsMethods,
  ...dadoStackMethods,
  ...tenonsMethods,
  ...cornersMethods,
  ...joiningMethods,
  ...letInMethods,
  ...gluingMethods,
  ...fixingMethods,
  ...shapingMethods,
  ...carvingMethods,
  ...sandingMethods,
  ...smoothingMethods,
  ...flatteningMethods,
  ...upkeepMethods,
  ...assemblyMethods,
  ...finishingMethods,
  ...servicesMethods
])

export const methods = all.map(inTimber).map(held).map(withProtection)
