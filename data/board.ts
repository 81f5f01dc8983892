import type { Market, Seller } from '../core/board'
import type { Library } from '../core/catalogue'
import { usualSales } from './sales'

const USED: readonly string[] = [
  'Little used, collected only.',
  'From a shed that is being cleared; not tried.',
  'Works as it should; box is gone.',
  'Some rust on it, otherwise whole.',
  'Sold because a larger one has come.',
  'Inherited, nothing known about it.'
]
const PUT_RIGHT: readonly string[] = [
  'Returned, checked and cleaned; a year of warranty.',
  'New bearings and brushes; half a year of warranty.',
  'Shop piece with scratches; two years of warranty.'
]

/** The sellers of the simulated board. Invented, with what sellers of their kind usually do: common practice. */
const sellers: readonly Seller[] = [
  {
    id: 'hall',
    name: 'Larkfield Tool Hall',
    type: 'hardware-store',
    sells: 'new',
    level: 1.02,
    range: 0.55,
    tiers: ['get-by', 'weekend'],
    sales: 1
  },
  {
    id: 'parcel',
    name: 'Parcel & Plane',
    type: 'online',
    sells: 'new',
    level: 0.97,
    range: 0.6,
    tiers: ['get-by', 'weekend', 'trade'],
    sales: 1.1
  },
  {
    id: 'counter',
    name: 'The Trade Counter at Ashmoor',
    type: 'hardware-store',
    sells: 'new',
    level: 1.04,
    range: 0.5,
    tiers: ['weekend', 'trade', 'lifetime'],
    sales: 0.8
  },
  {
    id: 'yard',
    name: 'Withy Lane Timber',
    type: 'timber-yard',
    sells: 'new',
    level: 1,
    range: 0.25,
    tiers: ['weekend', 'trade'],
    sales: 0.6
  },
  {
    id: 'second-turn',
    name: 'Second Turn Repairs',
    type: 'online',
    sells: 'refurbished',
    level: 1,
    range: 0.12,
    tiers: ['weekend', 'trade'],
    notes: PUT_RIGHT,
    sales: 0
  },
  {
    id: 'notices',
    name: 'Private notice',
    type: 'private',
    sells: 'used',
    level: 1,
    range: 0.18,
    tiers: ['get-by', 'weekend', 'weekend', 'trade'],
    notes: USED,
    sales: 0
  },
  {
    id: 'clearances',
    name: 'House clearances, Ashmoor',
    type: 'auction',
    sells: 'used',
    level: 0.9,
    range: 0.06,
    tiers: ['weekend', 'trade', 'lifetime'],
    notes: USED,
    sales: 0
  }
]

/** Its one seed: the same board on the same day for everybody. */
const SEED = 20_270_601
export const BOARD_NAME = 'The practice board'

/** The simulated market where a currency is paid in; undefined where its usual prices are not known. */
export function marketFor(library: Library, currency: string, seed = SEED): Market | undefined {
  const region = library.data.regions.find((one) => one.currency === currency)
  return (
    region && {
      library,
      currency,
      minorPer100Points: region.minorPer100Points,
      sellers,
      sales: usualSales(currency),
      seed
    }
  )
}
