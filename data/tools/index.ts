import { chiselsTools } from './chisels'
import { clampsTools } from './clamps'
import { consumablesTools } from './consumables'
import { cuttersTools } from './cutters'
import { drillingTools } from './drilling'
import { dustTools } from './dust'
import { finishingTools } from './finishing'
import { guidesTools } from './guides'
import { handPowerTools } from './hand-power'
import { machineSawsTools } from './machine-saws'
import { machinesTools } from './machines'
import { measuringTools } from './measuring'
import { planesTools } from './planes'
import { protectionTools } from './protection'
import { sawsTools } from './saws'
import { sharpeningTools } from './sharpening'
import { shopMadeTools } from './shop-made'
import { storageTools } from './storage'
import { strikingTools } from './striking'
import { supportTools } from './support'

export const tools = [
  ...measuringTools,
  ...sawsTools,
  ...planesTools,
  ...chiselsTools,
  ...strikingTools,
  ...sharpeningTools,
  ...drillingTools,
  ...handPowerTools,
  ...machineSawsTools,
  ...machinesTools,
  ...clampsTools,
  ...supportTools,
  ...dustTools,
  ...protectionTools,
  ...cuttersTools,
  ...guidesTools,
  ...storageTools,
  ...shopMadeTools,
  ...consumablesTools,
  ...finishingTools
]
