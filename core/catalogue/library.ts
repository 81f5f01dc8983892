import { withProtection } from './protection'
import { byId, groupBy } from '../kernel'
import type { LibraryData, Material, Protection, Template, Tool } from './types'
import type { Method, Operation } from './method-types'

/** The reference library with the look-ups everything else uses. Entries under `my/` come from the workspace. */
export interface Library {
  readonly version: string
  readonly data: LibraryData
  readonly operations: ReadonlyMap<string, Operation>
  readonly methods: ReadonlyMap<string, Method>
  readonly tools: ReadonlyMap<string, Tool>
  readonly templates: ReadonlyMap<string, Template>
  readonly materials: ReadonlyMap<string, Material>
  /** Methods by operation, in library order. */
  readonly methodsFor: ReadonlyMap<string, readonly Method[]>
  /** Tools by the role they play. */
  readonly toolsFor: ReadonlyMap<string, readonly Tool[]>
  readonly protectionFor: ReadonlyMap<Protection, readonly Tool[]>
}

export function indexLibrary(data: LibraryData): Library {
  const toolsFor = new Map<string, Tool[]>()
  const protectionFor = new Map<Protection, Tool[]>()
  const put = <K>(map: Map<K, Tool[]>, key: K, tool: Tool): void => {
    map.set(key, [...(map.get(key) ?? []), tool])
  }
  for (const tool of data.tools) {
    for (const role of tool.roles) put(toolsFor, role, tool)
    for (const protection of tool.protects) put(protectionFor, protection, tool)
  }
  return {
    version: data.version,
    data,
    operations: byId(data.operations),
    methods: byId(data.methods),
    tools: byId(data.tools),
    templates: byId(data.templates),
    materials: byId(data.materials),
    methodsFor: groupBy(data.methods, (method) => method.operation),
    toolsFor,
    protectionFor
  }
}

/** What a workspace adds to the library; an entry with a library id replaces that entry as a whole. */
export interface OwnEntries {
  readonly operations: readonly Operation[]
  readonly methods: readonly Method[]
  readonly tools: readonly Tool[]
  readonly materials: readonly Material[]
}

const merged = <T extends { readonly id: string }>(
  base: readonly T[],
  own: readonly T[]
): readonly T[] =>
  own.length === 0
    ? base
    : [...base.filter(({ id }) => !own.some((entry) => entry.id === id)), ...own]

const laid = new WeakMap<Library, WeakMap<OwnEntries, Library>>()

/** The library with the workspace's own entries laid over it; worked out once for each. */
export function withOwn(library: Library, own: OwnEntries): Library {
  if (own.operations.length + own.methods.length + own.tools.length + own.materials.length === 0)
    return library
  const known = laid.get(library)?.get(own)
  if (known) return known
  const next = indexLibrary({
    ...library.data,
    operations: merged(library.data.operations, own.operations),
    methods: merged(library.data.methods, own.methods.map(withProtection)),
    tools: merged(library.data.tools, own.tools),
    materials: merged(library.data.materials, own.materials)
  })
  const layers = laid.get(library) ?? new WeakMap<OwnEntries, Library>()
  layers.set(own, next)
  laid.set(library, layers)
  return next
}
