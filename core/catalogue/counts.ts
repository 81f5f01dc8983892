import { groupBy } from '../kernel'
import type { Library } from './library'
import type { ToolGroup } from './types'
import type { MethodForm } from './method-types'

/** What a library holds, counted. */
export interface LibraryCounts {
  readonly version: string
  readonly operations: number
  readonly methods: number
  readonly methodsByForm: Readonly<Partial<Record<MethodForm, number>>>
  /** Tools that are bought; shop-made ones stand under jigs. */
  readonly tools: number
  readonly toolsByGroup: Readonly<Partial<Record<ToolGroup, number>>>
  readonly jigs: number
  readonly templates: number
  readonly materials: number
  /** References from one entry to another, each checked. */
  readonly references: number
}

const countBy = <T, K extends string>(
  list: readonly T[],
  key: (item: T) => K
): Partial<Record<K, number>> =>
  Object.fromEntries(
    [...groupBy(list, key)].map(([name, group]) => [name, group.length])
  ) as Partial<Record<K, number>>

/** Counts what a library holds; `references` counts what `checkLibrary` follows. */
export function countLibrary({ data }: Library): LibraryCounts {
  const bought = data.tools.filter(({ madeBy }) => madeBy === undefined)
  const fromMethods = data.methods.reduce((sum, { roles }) => sum + 1 + roles.length, 0)
  const fromTools = data.tools.reduce(
    (sum, { companions, madeBy }) =>
      sum +
      companions.reduce(
        (n, { anyOf, operation }) => n + anyOf.length + (operation === undefined ? 0 : 1),
        0
      ) +
      (madeBy === undefined ? 0 : 2),
    0
  )
  const fromTemplates = data.templates.reduce(
    (sum, { steps, materials, yields }) =>
      sum + steps.length + materials.length + (yields === undefined ? 0 : 1),
    0
  )
  const fromOperations = data.operations.filter(({ cleanUp }) => cleanUp !== undefined).length
  return {
    version: data.version,
    operations: data.operations.length,
    methods: data.methods.length,
    methodsByForm: countBy(data.methods, ({ form }) => form),
    tools: bought.length,
    toolsByGroup: countBy(bought, ({ group }) => group),
    jigs: data.templates.filter(({ kind }) => kind === 'jig').length,
    templates: data.templates.filter(({ kind }) => kind === 'piece').length,
    materials: data.materials.length,
    references: fromMethods + fromTools + fromTemplates + fromOperations
  }
}
