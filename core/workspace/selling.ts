import type { Sale } from '../builds'
import { timesRatio, type Minor } from '../money'
import type { Build } from '../builds'
import type { Outlet } from './selling-types'
import type { MoneySettings, Workspace } from './types'

/** Where a price goes that a buyer pays. Minor units of one piece. */
export interface PriceParts {
  readonly price: Minor
  /** What the outlet keeps: its share and its fixed fee. */
  readonly fee: Minor
  readonly delivery: Minor
  /** What is left for the seller; below 0 where they take more than the price. */
  readonly net: Minor
}

const NO_OUTLET: Pick<Outlet, 'feeShare' | 'feeFixed' | 'deliveryEach'> = {
  feeShare: 0,
  feeFixed: 0,
  deliveryEach: 0
}

/** What an outlet leaves of a price. Without one nothing is taken off. */
export function priceParts(
  price: Minor,
  outlet: Pick<Outlet, 'feeShare' | 'feeFixed' | 'deliveryEach'> = NO_OUTLET
): PriceParts {
  const fee = timesRatio(price, outlet.feeShare) + outlet.feeFixed
  return { price, fee, delivery: outlet.deliveryEach, net: price - fee - outlet.deliveryEach }
}

/** The least price that leaves so much at an outlet, minor units; Infinity where it takes all of a price. */
export const priceLeaving = (
  net: number,
  { feeShare, feeFixed, deliveryEach }: Parameters<typeof priceParts>[1] = NO_OUTLET
): Minor => (feeShare >= 1 ? Infinity : Math.ceil((net + feeFixed + deliveryEach) / (1 - feeShare)))

export const outletOf = (
  workspace: Pick<Workspace, 'outlets'>,
  id: string | undefined
): Outlet | undefined =>
  id === undefined ? undefined : workspace.outlets?.find((outlet) => outlet.id === id)

/** The parts of the price a build is sold at; of one with a net price alone nothing is known to be taken off. */
export const saleParts = (
  workspace: Pick<Workspace, 'outlets'>,
  { price, outlet, netEach }: Sale
): PriceParts => priceParts(price ?? netEach, outletOf(workspace, outlet))

/** A sale whose net price follows from its price and outlet; never below 0, since nothing is planned that costs money to sell. */
export const withNet = (workspace: Pick<Workspace, 'outlets'>, sale: Sale): Sale =>
  sale.price === undefined
    ? sale
    : { ...sale, netEach: Math.max(0, saleParts(workspace, sale).net) }

/** Sets how a build is sold; not for sale when left out. */
export function setSale(workspace: Workspace, build: string, sale: Sale | undefined): Workspace {
  return {
    ...workspace,
    builds: workspace.builds.map((one): Build => {
      if (one.id !== build) return one
      const { sale: _was, ...rest } = one
      return sale ? { ...rest, sale: withNet(workspace, sale) } : rest
    })
  }
}

/** Sets how many copies of builds are to be made, all lines of one build together; what is begun stays as it is. */
export function takeMix(
  workspace: Workspace,
  lines: readonly { readonly build: string; readonly made: number }[]
): Workspace {
  const made = new Map<string, number>()
  for (const { build, made: pieces } of lines) made.set(build, (made.get(build) ?? 0) + pieces)
  return {
    ...workspace,
    builds: workspace.builds.map((build): Build => {
      const copies = made.get(build.id) ?? 0
      return copies > 0 && copies !== build.copies && !build.log ? { ...build, copies } : build
    })
  }
}

/** Every net price as the outlets say now. */
const netsAgain = (workspace: Workspace): Workspace => ({
  ...workspace,
  builds: workspace.builds.map((build): Build => {
    const sale = build.sale && withNet(workspace, build.sale)
    return sale && sale.netEach !== build.sale?.netEach ? { ...build, sale } : build
  })
})

/** Adds an outlet, or puts it in the place of the one with its id; what is sold there is reckoned anew. */
export function putOutlet(workspace: Workspace, outlet: Outlet): Workspace {
  const outlets = workspace.outlets ?? []
  const known = outlets.some(({ id }) => id === outlet.id)
  return netsAgain({
    ...workspace,
    outlets: known
      ? outlets.map((one) => (one.id === outlet.id ? outlet : one))
      : [...outlets, outlet]
  })
}

/** Takes an outlet out. What was sold there stays as it was; what is for sale there is for sale without it. */
export function removeOutlet(workspace: Workspace, id: string): Workspace {
  const free = <T extends { readonly outlet?: string | undefined }>(one: T): T => {
    if (one.outlet !== id) return one
    const { outlet: _gone, ...rest } = one
    return rest as T
  }
  return netsAgain({
    ...workspace,
    outlets: (workspace.outlets ?? []).filter((outlet) => outlet.id !== id),
    builds: workspace.builds.map((build): Build => {
      const { sale } = build
      if (!sale || (sale.outlet !== id && !sale.known?.some(({ outlet }) => outlet === id)))
        return build
      return {
        ...build,
        sale: { ...free(sale), ...(sale.known ? { known: sale.known.map(free) } : {}) }
      }
    })
  })
}

/**
 * What flows back into the tool budget of pieces that were sold: the share of what is above what the seller keeps of each.
 * @param full what all of them bring, net
 */
export const flowsBack = (
  { reinvestShare, reinvestAbove = 0 }: Pick<MoneySettings, 'reinvestShare' | 'reinvestAbove'>,
  full: Minor,
  copies: number
): Minor => timesRatio(Math.max(0, full - reinvestAbove * copies), reinvestShare)

/** What of the money settings says how much money from sales counts. */
export type SaleMoney = Pick<MoneySettings, 'reinvestShare' | 'reinvestAbove' | 'keptMoneyWorth'>

/** What pieces that were sold count: what flows back into tools as money kept, the rest in full. @param full what they bring, net */
export const saleCounts = (money: SaleMoney, full: Minor, copies: number): number =>
  full - flowsBack(money, full, copies) * (1 - money.keptMoneyWorth)

/**
 * How often an hour of what is sold counts: as often as the money it is sold for, so that like is held against like. Between what kept
 * money is worth and 1.
 */
export const saleHourTimes = (money: SaleMoney, { netEach }: Pick<Sale, 'netEach'>): number =>
  netEach > 0 ? saleCounts(money, netEach, 1) / netEach : 1
