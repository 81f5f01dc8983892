import type { Template, MaterialLine } from '../../core/catalogue'
import { steps } from '../write'

export const ply: MaterialLine = { material: 'plywood-18', quantity: 0.25 }
export const half: MaterialLine = { material: 'plywood-9', quantity: 0.4 }
export const screws: MaterialLine = { material: 'screws', quantity: 0.1 }
export const glue: MaterialLine = { material: 'glue', quantity: 0.1 }
/** What a jig is written with besides its tool and its name. */
interface JigEntry {
  readonly hours: number
  readonly rows: Parameters<typeof steps>
  readonly materials: readonly MaterialLine[]
  readonly why?: string
}
/** A jig of the shop's own. @param yields the tool it becomes */
export const jig = (yields: string, name: string, { hours, rows, materials, why }: JigEntry): Template => ({
  id: `jig-${yields}`,
  name,
  kind: 'jig',
  yields,
  readyMadePoints: 0,
  typicalHours: hours,
  joinery: ['screwed'],
  steps: steps(...rows),
  materials,
  ...(why === undefined ? {} : { why })
})
