import type { Companion, Tool } from '../../core/catalogue'
import type { Role } from '../roles'
import { advised, byHand, needed, neededFor, tool } from '../write'

/** A fitting made in the shop; it is the outcome of a jig template. @param points what a bought one of its kind would cost */
export const made = (
  id: string,
  name: string,
  aliases: string[],
  roles: Role[],
  { points, ...rest }: { readonly points: number } & Partial<Omit<Tool, 'roles'>>
): Tool =>
  tool({
    id,
    name,
    aliases,
    group: 'shop-made',
    kind: 'accessory',
    roles,
    forms: byHand(points),
    madeBy: `jig-${id}`,
    ...rest
  })
export const stone = needed(
  'An edge tool is only as good as its edge, and it dulls within an evening.',
  'sharpening-stone',
  'diamond-plates'
)
export const strike = needed('Struck with wood or plastic, not a steel hammer.', 'mallet', 'dead-blow')
export const LIFE = { getBy: 60, weekend: 180, trade: 500 }
export const packs: Companion = {
  ...needed(
    'A bare body takes the packs of a set on the same platform.',
    'drill-driver',
    'hammer-drill',
    'battery-set'
  ),
  packs: true
}
export const push = needed('Hands stay away from the blade.', 'push-sticks', 'push-stick-made')
export const chips = needed('Chips fill a household vacuum at once.', 'chip-extractor', 'cyclone-bin')
export const extractor = needed('Its chips fill a vacuum and a cyclone’s bin at once.', 'chip-extractor')
export const follow = advised('Dust collection that can follow it.', 'vacuum', 'chip-extractor')
export const insert = advised('Thin strips drop beside the blade through the wide slot.', 'zero-insert')
export const upright = advised('Tall stock on edge wants a tall fence.', 'edge-fence')
export const HAND_POWER = { getBy: 60, weekend: 180, trade: 550 }
export const bits = needed('A drill turns nothing by itself.', 'drill-bits')
export const knives = advised('Knives are ground or changed.', 'planer-knives')
/** What carries a sheet while it is cut: part of the sawing, since whoever has it cut elsewhere needs nothing. */
export const carry = neededFor(
  'break-down-sheet',
  'Sheets sag and pinch the blade unless both halves are carried.',
  'sawhorses',
  'sawhorses-made',
  'workbench',
  'workbench-made',
  'foam-sheet'
)
