import type { Step, Template } from '../../core/catalogue'
import { cabinets } from './cabinets'
import { carved } from './carved'
import { edgeJigs } from './edge-jigs'
import { forTheShop } from './for-the-shop'
import { garden } from './garden'
import { outdoors } from './outdoors'
import { rooms } from './rooms'
import { smallRooms } from './rooms-small'
import { sawingJigs } from './sawing-jigs'
import { shelves } from './shelves'
import { shopFurniture } from './shop-furniture'
import { small } from './small'
import { tables } from './tables'

/** Parts of the hours that go into fetching, handling and thinking, for every copy and once a batch; common practice. */
const EACH = 0.06
const BATCH = 0.12
const JOINS = /^join-/
/** What takes less is made between other things, h. */
const SMALL = 1

/** Steps every piece has and nobody lists: put together dry before it is glued, and what goes on between the cuts. */
function framed(template: Template): Template {
  const joints = template.steps.reduce(
    (sum, { operation, quantity }) => sum + (JOINS.test(operation) ? quantity : 0),
    0
  )
  const last = template.steps.findLastIndex(({ operation }) => JOINS.test(operation))
  const share = (part: number): number => Math.max(0.02, Math.round(part * template.typicalHours * 50) / 50)
  const added = (id: string, operation: string, quantity: number): Step => ({ id, operation, quantity, stock: {} })
  return {
    ...template,
    steps: [
      ...template.steps.slice(0, last + 1),
      ...(joints >= 4 ? [added('dry', 'dry-fit', joints)] : []),
      ...template.steps.slice(last + 1),
      ...(template.typicalHours < SMALL
        ? []
        : [
            added('between', 'keep-shop', share(EACH)),
            { ...added('begin', 'keep-shop', share(BATCH)), perBatch: true as const }
          ])
    ]
  }
}

export const templates: readonly Template[] = [
  ...small,
  ...carved,
  ...shelves,
  ...tables,
  ...garden,
  ...cabinets,
  ...rooms,
  ...smallRooms,
  ...outdoors,
  ...sawingJigs,
  ...edgeJigs,
  ...shopFurniture,
  ...forTheShop
].map(framed)
