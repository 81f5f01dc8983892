import { z } from 'zod'
import { WALLS } from '../catalogue'
import { OPENINGS, THINGS, WALLS_BETWEEN, type WallBetween } from '../workshop'
import { comfort, quiet } from './preferences-schema'
import { id, measure, name, sides } from './schema-parts'

/** A place in the room, mm; a thing may be dragged a little beyond a wall. */
const place = z.number().min(-100_000, 'number.too-small').max(1_000_000, 'number.too-large')
const turn = z.literal([0, 1, 2, 3])
const point = z.strictObject({ xMm: place, yMm: place })
const stand = z.strictObject({ xMm: place, yMm: place, turn })
const wall = z.int().min(0, 'number.too-small').max(39, 'number.too-large')

/** A room drawn to scale. What does not go in it is said, never refused: one draws on. */
const floorPlan = z.strictObject({
  outline: z.array(point).max(40, 'list.too-long'),
  openings: z
    .array(
      z.strictObject({
        id,
        kind: z.enum(OPENINGS),
        wall,
        fromMm: place,
        widthMm: measure,
        heightMm: measure,
        inward: z.literal(true).optional()
      })
    )
    .max(40, 'list.too-long'),
  outlets: z
    .array(z.strictObject({ id, wall, atMm: place, circuit: name }))
    .max(60, 'list.too-long'),
  things: z
    .array(
      z.strictObject({
        ...stand.shape,
        id,
        kind: z.enum(THINGS),
        name: name.optional(),
        sides,
        away: z.literal(true).optional()
      })
    )
    .max(60, 'list.too-long'),
  stands: z
    .array(z.strictObject({ ...stand.shape, tool: id, stored: stand.optional() }))
    .max(60, 'list.too-long'),
  stock: z.strictObject({ lengthMm: measure, widthMm: measure }).optional()
})

const humidity = z.number().min(1, 'number.too-small').max(98, 'number.too-large')
/** Where the work is done and what it allows. */
export const workshop = z.strictObject({
  room: z.strictObject({ lengthM: measure, widthM: measure }).optional(),
  plan: floorPlan.optional(),
  floorM2: measure.optional(),
  piecesM2: measure.optional(),
  volts: z.literal([230, 120]),
  circuitAmps: measure.optional(),
  circuits: z
    .array(
      z.strictObject({
        name,
        amps: measure,
        volts: z.literal([230, 120]).optional(),
        also: z
          .array(z.strictObject({ name, amps: measure, always: z.literal(true).optional() }))
          .max(20, 'list.too-long')
          .optional()
      })
    )
    .max(20, 'list.too-long')
    .optional(),
  neighbour: z
    .strictObject({
      metres: measure,
      wall: z.enum(Object.keys(WALLS_BETWEEN) as [WallBetween, ...WallBetween[]])
    })
    .optional(),
  heightM: measure.optional(),
  unworn: z.array(id).max(40, 'list.too-long').optional(),
  walls: z.enum(WALLS).optional(),
  humidity: z.strictObject({ low: humidity, high: humidity }).optional(),
  quiet: quiet.optional(),
  comfort
})
