import { roomFor } from '../../core/fit'
import { arranged } from '../../core/workshop'
import type { Answerers } from './serve'

/** Where tools stand in the room as it is drawn, and what else would find a place. */
export const floor = {
  arrange(_about, { plan, shapes }, send) {
    send(arranged(plan, shapes))
  },
  'room-for'({ world }, { there, coming }, send) {
    const { tools } = world.library
    const of = (ids: readonly string[]) => ids.flatMap((id) => tools.get(id) ?? [])
    send(roomFor(world, of(there), of(coming)))
  }
} satisfies Answerers
