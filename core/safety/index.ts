export { SHEETS, sheetsOf, sheetsOfDay, sheetsOfTool, type Sheet } from './sheets'
export { gentlerWays, gentlerWork, type GentlerWay, type GentlerWork } from './gentler'
export { courageOf, type Courage, type Opening } from './courage'
export { EVENING_MINUTES, airOf, eveningsOf, worn, type Evening } from './evenings'
export {
  buysFor,
  clearing,
  dustAhead,
  dustOfMachine,
  type DustAhead,
  type DustBuy
} from './dust-buys'
export { wearOf, type AtMachine, type AtWork, type Wear, type Worn } from './wear'
export { runOut, type RunOut } from './run-out'
export { loudWays, type LoudWay } from './loud'
export { runningTogether } from './pairs'
