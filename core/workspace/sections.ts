import { stableText } from '../kernel'
import type { Workspace } from './types'

/**
 * The parts of a workspace that are compared, stamped and merged one by one: single ones by name (`money`, `time`), those of a list by
 * the list's name and their own key (`items/<id>`, `pins/<offer>@<date>`). The ledger, which only grows, and what is derived are not among them.
 */
export type SectionKey = string

const SINGLE = [
  'name',
  'asOf',
  'libraryVersion',
  'preferences',
  'horizon',
  'time',
  'workshop'
] as const

interface ListPart {
  readonly name: string
  get(workspace: Workspace): readonly unknown[] | undefined
  set(workspace: Workspace, list: readonly never[]): Workspace
  key(one: never): string
}
const list = <T>(
  name: string,
  get: (workspace: Workspace) => readonly T[] | undefined,
  set: (workspace: Workspace, list: readonly T[]) => Workspace,
  key: (one: T) => string
): ListPart => ({ name, get, set: set as ListPart['set'], key: key as ListPart['key'] })
const idOf = ({ id }: { readonly id: string }): string => id

/** Lists a workspace may lack stay away when they are empty. */
const optional = <
  K extends
    | 'needTests'
    | 'bundles'
    | 'deals'
    | 'saleWindows'
    | 'watches'
    | 'hires'
    | 'scenarios'
    | 'photos'
    | 'outlets'
    | 'pieces'
    | 'orders'
    | 'upkeep'
    | 'verdicts'
    | 'supplies'
>(
  name: K,
  key: (one: NonNullable<Workspace[K]>[number]) => string
): ListPart =>
  list(
    name,
    (w) => w[name] as readonly NonNullable<Workspace[K]>[number][] | undefined,
    (w, next) => {
      const { [name]: _gone, ...rest } = w
      return (
        next.length === 0 && _gone === undefined ? rest : { ...rest, [name]: next }
      ) as Workspace
    },
    key
  )

export const LISTS: readonly ListPart[] = [
  list(
    'builds',
    (w) => w.builds,
    (w, builds) => ({ ...w, builds }),
    idOf
  ),
  list(
    'items',
    (w) => w.items,
    (w, items) => ({ ...w, items }),
    idOf
  ),
  list(
    'offers',
    (w) => w.offers,
    (w, offers) => ({ ...w, offers }),
    idOf
  ),
  list(
    'quotes',
    (w) => w.quotes,
    (w, quotes) => ({ ...w, quotes }),
    idOf
  ),
  list(
    'material-prices',
    (w) => w.materialPrices,
    (w, materialPrices) => ({ ...w, materialPrices }),
    ({ material }) => material
  ),
  list(
    'one-offs',
    (w) => w.money.oneOffs,
    (w, oneOffs) => ({ ...w, money: { ...w.money, oneOffs } }),
    idOf
  ),
  list(
    'own-operations',
    (w) => w.own.operations,
    (w, operations) => ({ ...w, own: { ...w.own, operations } }),
    idOf
  ),
  list(
    'own-methods',
    (w) => w.own.methods,
    (w, methods) => ({ ...w, own: { ...w.own, methods } }),
    idOf
  ),
  list(
    'own-tools',
    (w) => w.own.tools,
    (w, tools) => ({ ...w, own: { ...w.own, tools } }),
    idOf
  ),
  list(
    'own-materials',
    (w) => w.own.materials,
    (w, materials) => ({ ...w, own: { ...w.own, materials } }),
    idOf
  ),
  list(
    'pins',
    (w) => w.pins,
    (w, pins) => ({ ...w, pins }),
    ({ offer, date }) => `${offer}@${date}`
  ),
  list(
    'bans',
    (w) => w.bans,
    (w, bans) => ({ ...w, bans }),
    ({ kind, id }) => `${kind}@${id}`
  ),
  list(
    'wishes',
    (w) => w.wishes,
    (w, wishes) => ({ ...w, wishes }),
    (tool) => tool
  ),
  optional('needTests', ({ tool }) => tool),
  optional('bundles', idOf),
  optional('deals', idOf),
  optional('saleWindows', idOf),
  optional('watches', idOf),
  optional('hires', idOf),
  optional('scenarios', idOf),
  optional('photos', idOf),
  optional('outlets', idOf),
  optional('pieces', idOf),
  optional('orders', idOf),
  optional('upkeep', idOf),
  optional('verdicts', idOf),
  optional('supplies', idOf),
  list(
    'adopted',
    (w) => w.adopted,
    (w, adopted) => ({ ...w, adopted }),
    ({ workspace, asOf }) => `${workspace.hash}@${asOf}`
  )
]

const singleValue = (workspace: Workspace, name: string): unknown => {
  if (name === 'money') {
    const { oneOffs: _list, ...money } = workspace.money
    return money
  }
  return workspace[name as (typeof SINGLE)[number]]
}

/** All parts by key. The values are the workspace's own objects, so that what was not touched is the same object in two states. */
export function sectionsOf(workspace: Workspace): Map<SectionKey, unknown> {
  const parts = new Map<SectionKey, unknown>(
    [...SINGLE, 'money'].map((name) => [name, singleValue(workspace, name)])
  )
  for (const { name, get, key } of LISTS)
    for (const one of get(workspace) ?? []) parts.set(`${name}/${key(one as never)}`, one)
  parts.set('order', workspace.builds.map(idOf).join('\n'))
  return parts
}

/** Whether two parts say the same. */
export const sameSection = (a: unknown, b: unknown): boolean =>
  a === b || stableText(a) === stableText(b)

/** Keys of the parts that differ between two states, with what they are in each; `undefined` where there is none. */
export function differingSections(
  before: Workspace,
  after: Workspace
): Map<SectionKey, { readonly before: unknown; readonly after: unknown }> {
  const found = new Map<SectionKey, { before: unknown; after: unknown }>()
  const [was, is] = [sectionsOf(before), sectionsOf(after)]
  for (const [key, value] of was)
    if (!sameSection(value, is.get(key))) found.set(key, { before: value, after: is.get(key) })
  for (const [key, value] of is)
    if (!was.has(key)) found.set(key, { before: undefined, after: value })
  return found
}

/** A workspace with some parts put in or taken out (`undefined`); lists keep their order, what is new comes last. */
export function withSections(
  workspace: Workspace,
  changes: ReadonlyMap<SectionKey, unknown>
): Workspace {
  let next = workspace
  for (const [key, value] of changes) {
    if (key === 'money')
      next = { ...next, money: { ...(value as Workspace['money']), oneOffs: next.money.oneOffs } }
    else if (key !== 'order' && !key.includes('/'))
      next = value === undefined ? withoutField(next, key) : { ...next, [key]: value }
  }
  for (const { name, get, set, key } of LISTS) {
    const mine = [...changes].filter(([part]) => part.startsWith(`${name}/`))
    if (mine.length === 0) continue
    const left = new Map(mine.map(([part, value]) => [part.slice(name.length + 1), value]))
    const kept = (get(next) ?? []).flatMap((one) => {
      const at = key(one as never)
      if (!left.has(at)) return [one]
      const value = left.get(at)
      left.delete(at)
      return value === undefined ? [] : [value]
    })
    next = set(next, [
      ...kept,
      ...[...left.values()].filter((value) => value !== undefined)
    ] as never[])
  }
  const order = changes.get('order')
  return typeof order === 'string' ? inOrder(next, order.split('\n')) : next
}
const withoutField = (workspace: Workspace, field: string): Workspace =>
  Object.fromEntries(
    Object.entries(workspace).filter(([key]) => key !== field)
  ) as unknown as Workspace

/** Builds in a given order; those it does not name stay behind the one they stood behind. */
function inOrder(workspace: Workspace, ids: readonly string[]): Workspace {
  const place = new Map(ids.map((id, i) => [id, i]))
  let last = -1
  const at = new Map(
    workspace.builds.map(({ id }) => {
      last = place.get(id) ?? last
      return [id, last]
    })
  )
  return {
    ...workspace,
    builds: [...workspace.builds].sort((a, b) => (at.get(a.id) ?? 0) - (at.get(b.id) ?? 0))
  }
}
