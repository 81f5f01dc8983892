import { isBegun, materialPrice, type Build, type MaterialPricing } from '../builds'
import { addDays, compareDays, type Day } from '../calendar'
import type { Library, Material } from '../catalogue'
import { sumOf } from '../kernel'
import { timesRatio, type Minor } from '../money'
import type { Workspace } from './types'

/** Something that happened to what is kept in stock. Amounts in units of the material (boxes, bottles, litres, metres), or pieces of what wears out. */
export interface Supply {
  readonly id: string
  /** A material that is no timber, or a blade, disc, bit or filter. */
  readonly what: string
  /** Counted anew; came in; opened, so that it begins to age; thrown away. */
  readonly kind: 'count' | 'in' | 'opened' | 'gone'
  readonly on: Day
  /** 0 where it was only opened. */
  readonly amount: number
  /** The entry it was paid with. */
  readonly entry?: string | undefined
}

/** Of one material what is there. */
export interface Stocked {
  /** Units, never below 0. */
  readonly have: number
  /** How long it keeps: from when it was opened, else from when it last came or was counted; undefined for what does not age. */
  readonly goodUntil: Day | undefined
}

/** Glue, screws, finish and the like: what is sold by pack and kept for the next build, not timber or sheets. */
export const isSupply = ({ stock, unit }: Material): boolean =>
  stock === undefined && unit !== 'm2' && unit !== 'm3'

export const addSupply = (workspace: Workspace, supply: Supply): Workspace => ({
  ...workspace,
  supplies: [...(workspace.supplies ?? []), supply]
})
export const removeSupply = (workspace: Workspace, id: string): Workspace => ({
  ...workspace,
  supplies: (workspace.supplies ?? []).filter((one) => one.id !== id)
})

/** The purchase it came with was taken back. */
export const withoutSupplyOf = (workspace: Workspace, entry: string): Workspace =>
  workspace.supplies?.some((one) => one.entry === entry)
    ? { ...workspace, supplies: workspace.supplies.filter((one) => one.entry !== entry) }
    : workspace

interface Move {
  readonly on: Day
  readonly kind: Supply['kind'] | 'use'
  readonly amount: number
}
/** On one day what comes is there for the work of that day, and who counts counts what is left of it. */
const ORDER: Readonly<Record<Move['kind'], number>> = {
  in: 0,
  opened: 1,
  use: 2,
  gone: 3,
  count: 4
}

/** What builds took of a material: on the day each was begun, and pieces made beyond those the day each was made. */
function usesOf({ builds, pieces = [] }: Workspace, what: string): Move[] {
  return builds.flatMap((build): Move[] => {
    const each = sumOf(build.materials, ({ material, quantity }) =>
      material === what ? quantity : 0
    )
    if (each === 0) return []
    const own = pieces.filter((piece) => piece.build === build.id)
    const beyond = build.log ? own.slice(build.copies) : own
    return [
      ...(build.log
        ? [{ on: build.log.begun, kind: 'use' as const, amount: each * build.copies }]
        : []),
      ...beyond.map(({ made }) => ({ on: made, kind: 'use' as const, amount: each }))
    ]
  })
}

/** Amounts this small are what adding figures up leaves behind. */
const NOTHING = 1e-9

/** What is left, and the day it ages from: the day it was opened, else the day it came where nothing was left. */
interface Left {
  readonly have: number
  readonly from: Day
  readonly isOpen: boolean
}
function moved({ have, from, isOpen }: Left, { on, kind, amount }: Move): Left {
  switch (kind) {
    case 'opened':
      return { have, from: on, isOpen: true }
    case 'count':
      return { have: amount, from: isOpen ? from : on, isOpen }
    case 'in':
      return have > 0
        ? { have: have + amount, from, isOpen }
        : { have: amount, from: on, isOpen: false }
    default: {
      const left = Math.max(0, have - amount)
      return { have: left < NOTHING ? 0 : left, from, isOpen }
    }
  }
}

/** What is there of everything noted, on a day. What builds need beyond it they buy, so it never falls below 0. */
export function stockOn(
  workspace: Workspace,
  library: Library,
  asOf: Day
): ReadonlyMap<string, Stocked> {
  const supplies = (workspace.supplies ?? []).filter(({ on }) => on <= asOf)
  return new Map(
    [...new Set(supplies.map(({ what }) => what))].map((what): [string, Stocked] => {
      const own = supplies.filter((one) => one.what === what)
      const uses = usesOf(workspace, what).filter(({ on }) => on <= asOf)
      const moves: Move[] = [...own, ...uses].sort(
        (a, b) => compareDays(a.on, b.on) || ORDER[a.kind] - ORDER[b.kind]
      )
      const { have, from } = moves.reduce(moved, { have: 0, from: '', isOpen: false })
      const keeps = library.materials.get(what)?.keepsDays
      return [
        what,
        {
          have,
          goodUntil: keeps === undefined || from === '' ? undefined : addDays(from, keeps)
        }
      ]
    })
  )
}

/** As much of a world as says what is in stock and what it costs. */
interface Place {
  readonly workspace: Workspace
  readonly library: Library
  readonly asOf: Day
  readonly pricing: MaterialPricing
}
const shares = new WeakMap<Place, ReadonlyMap<string, number>>()

/**
 * Of each material in stock the share of all that open builds need of it, 0 to 1: what is there is shared over all of them by what each needs.
 * Nothing of what is too old.
 */
function sharesInStock(place: Place): ReadonlyMap<string, number> {
  const known = shares.get(place)
  if (known) return known
  const { workspace, library, asOf } = place
  const open = workspace.builds.filter((build) => !isBegun(build))
  const found = new Map<string, number>()
  for (const [what, { have, goodUntil }] of stockOn(workspace, library, asOf)) {
    const lines = open.flatMap(({ materials, copies }) =>
      materials.filter(({ material }) => material === what).map((line) => line.quantity * copies)
    )
    const needed = sumOf(lines, (amount) => amount)
    if (needed > 0 && have > 0 && (goodUntil === undefined || goodUntil >= asOf))
      found.set(what, Math.min(1, have / needed))
  }
  shares.set(place, found)
  return found
}

/** What of a build's material is paid for already, since it is in stock; minor units, each line rounded on its own. */
export function inStockFor(place: Place, build: Build): Minor {
  const { workspace, pricing } = place
  if (workspace.supplies === undefined || isBegun(build)) return 0
  const there = sharesInStock(place)
  if (there.size === 0 || !workspace.builds.some(({ id }) => id === build.id)) return 0
  return sumOf(build.materials, ({ material, quantity }) => {
    const share = there.get(material)
    return share === undefined
      ? 0
      : timesRatio(materialPrice(pricing, material).price, quantity * build.copies * share)
  })
}
