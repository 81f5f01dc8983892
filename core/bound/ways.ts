import { type Activity, type Slot } from '../search'
import { addGain, addRow, type Program, type Term } from './program'

/** The slots of an activity's steps, each with its place; `way` is left out where the step has one way only. */
export const slotsOf = (
  activity: Activity
): { readonly id: string; readonly way: string | undefined; readonly slot: Slot }[] =>
  activity.steps.flatMap(({ ways }, s) =>
    ways.flatMap(({ slots }, w) =>
      slots.map((slot, t) => ({
        id: `${s}_${w}_${t}`,
        way: ways.length > 1 ? `${s}_${w}` : undefined,
        slot
      }))
    )
  )

/** Writes that each step is done in one of its ways. */
export function writeWays(
  program: Program,
  activity: Activity,
  {
    whole,
    name,
    counts
  }: {
    readonly whole: string
    readonly name: (way: string) => string
    readonly counts: number
  }
): void {
  activity.steps.forEach(({ ways }, s) => {
    const extra = ways[0]?.extra ?? 0
    if (ways.length === 1) return addGain(program, -counts * extra, whole)
    ways.forEach((way, w) => addGain(program, -counts * way.extra, name(`${s}_${w}`)))
    addRow(program, [[-1, whole], ...ways.map((_, w): Term => [1, name(`${s}_${w}`)])], '=', 0)
  })
}
