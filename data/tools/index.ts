import { handTools } from './hand'
import { holdingTools, shopMade } from './holding'
import { poweredTools } from './powered'

export const tools = [...handTools, ...poweredTools, ...holdingTools, ...shopMade]
