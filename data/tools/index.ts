import { benchRoomTools, moreShopMade, smallMachines } from './bench-room'
import { boringTools } from './boring'
import { edgeTools } from './edge'
import { handTools } from './hand'
import { handPowerTools } from './hand-power'
import { holdingTools, shopMade } from './holding'
import { machineTools } from './machines'
import { markingTools } from './marking'
import { poweredTools } from './powered'

export const tools = [
  ...handTools,
  ...markingTools,
  ...edgeTools,
  ...boringTools,
  ...poweredTools,
  ...handPowerTools,
  ...machineTools,
  ...holdingTools,
  ...benchRoomTools,
  ...smallMachines,
  ...shopMade,
  ...moreShopMade
]
