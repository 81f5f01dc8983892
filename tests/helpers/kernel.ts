import type { Method, Step, Tool } from '../../core/catalogue'
import type { KitTool, WorkAroundUse } from '../../core/fit'

/** A way of doing something, of which only what a test asks about is said. */
export const method = (of: Partial<Method> = {}): Method =>
  ({
    id: 'm',
    setupMinutes: 6,
    runMinutes: 2,
    accuracyMm: 3,
    roles: [],
    soundDbA: 60,
    surface: 'sawn',
    ...of
  }) as unknown as Method
/** A tool of a kit: a saw on a cord, new, of the weekend tier, unless said otherwise. */
export const owned = (
  of: Partial<Omit<KitTool, 'tool'>> & { tool?: Partial<Tool> } = {}
): KitTool =>
  ({
    tier: 'weekend',
    condition: 'new',
    power: 'corded',
    count: 1,
    specs: {},
    ...of,
    tool: { id: 'saw', roles: ['saw'], companions: [], ...of.tool }
  }) as unknown as KitTool
export const step = (of: Partial<Step> = {}): Step => ({
  id: 's',
  operation: 'crosscut',
  quantity: 3,
  stock: {},
  ...of
})
/** A work-around in use that costs so much. */
export const use = (errorMm: number, setupMinutes = 0, runMinutes = 0): WorkAroundUse =>
  ({ around: { errorMm, setupMinutes, runMinutes } }) as unknown as WorkAroundUse
