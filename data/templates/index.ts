import { cabinets } from './cabinets'
import { carved } from './carved'
import { edgeJigs } from './edge-jigs'
import { garden } from './garden'
import { sawingJigs } from './sawing-jigs'
import { shelves } from './shelves'
import { shopFurniture } from './shop-furniture'
import { small } from './small'
import { tables } from './tables'

export const templates = [
  ...small,
  ...carved,
  ...shelves,
  ...tables,
  ...garden,
  ...cabinets,
  ...sawingJigs,
  ...edgeJigs,
  ...shopFurniture
]
