import { matchesSearch, namesInAllSets } from '../../core/catalogue'
import { findOffer } from '../../core/prices'
import type { Plan, World } from '../../core/workspace'
import { PLACES } from '../places'
import { foundList } from '../words/found-list'
import { ledger } from '../words/ledger'
import { keeping } from '../words/keeping'
import { pocket } from '../words/pocket'
import type { Say } from '../words/say'
import { placeNames, type shell } from '../words/shell'
import { side } from '../words/side'
import { stages } from '../words/stages'

export type FoundKind = keyof typeof shell.findKinds

/** Something that can be gone to. */
export interface Findable {
  readonly key: string
  readonly kind: FoundKind
  readonly label: string
  /** What tells it from others of its name. */
  readonly more: string
  readonly path: string
  readonly words: string
}

const to = encodeURIComponent
const toolPath = (id: string): string => `/kit?tool=${to(id)}`
const place = (path: string, label: string): Findable => ({
  key: path,
  kind: 'place',
  label,
  more: '',
  path,
  words: label
})
const places = (): Findable[] => [
  ...PLACES.map(({ id, path }) => place(path, placeNames[id])),
  place('/ledger/plan', `${placeNames.ledger}: ${ledger.tabs.against}`),
  place('/ledger/inventory', `${placeNames.ledger}: ${ledger.tabs.inventory}`),
  place('/side/prices', `${placeNames.side}: ${side.tabs.prices}`),
  place('/side/stock', `${placeNames.side}: ${side.tabs.stock}`),
  place('/side/tools', `${placeNames.side}: ${side.tabs.tools}`),
  place('/side/books', `${placeNames.side}: ${side.tabs.books}`),
  place('/stages/scenarios', stages.tabs.scenarios),
  place('/stages/risk', stages.tabs.risk),
  place('/weigh/list', foundList.title),
  place('/settings', keeping.tabs.settings),
  place('/keeping', keeping.tabs.keeping),
  place('/pocket', pocket.title)
]

/** What is planned and owned. */
function ofPlanAndKit({ workspace }: World, say: Say, plan: Plan | undefined): Findable[] {
  return [
    ...workspace.builds.map(({ id, name, log }): Findable => ({
      key: id,
      kind: 'build',
      label: name,
      more: log?.done ? `✓ ${say.shortDay(log.done)}` : '',
      path: `/builds/${to(id)}`,
      words: name
    })),
    ...(plan?.purchases ?? []).map(({ id, offer, date, price }): Findable => ({
      key: id,
      kind: 'plan',
      label: say.offer(offer),
      more: `${say.shortDay(date)}, ${say.money(price)}`,
      path: '/stages',
      words: say.offer(offer)
    })),
    ...workspace.items.map((item): Findable => ({
      key: item.id,
      kind: 'owned',
      label: item.name ?? say.tool(item.tool),
      more: say.shortDay(item.since),
      path: toolPath(item.tool),
      words: `${item.name ?? ''} ${say.tool(item.tool)}`
    }))
  ]
}
/** What was entered: the ledger, prices, finds, ways it could go. */
function entered({ workspace, pricing }: World, say: Say): Findable[] {
  const toolOf = (offer: string): string => say.tool(findOffer(pricing, offer)?.tool ?? offer)
  return [
    ...[...workspace.ledger].reverse().map(({ id, date, text, amount }): Findable => ({
      key: id,
      kind: 'entry',
      label: text,
      more: `${say.shortDay(date)}, ${say.moved(amount)}`,
      path: `/ledger?entry=${to(id)}`,
      words: `${text} ${date}`
    })),
    ...workspace.quotes.map(({ id, offer, date, price }): Findable => ({
      key: id,
      kind: 'quote',
      label: toolOf(offer),
      more: `${say.money(price)}, ${say.shortDay(date)}`,
      path: '/prices/seen',
      words: `${toolOf(offer)} ${say.money(price)}`
    })),
    ...[
      ...workspace.offers.map(({ id, tool: of }) => ({ id, name: say.tool(of) })),
      ...(workspace.bundles ?? [])
    ].map(({ id, name }): Findable => ({
      key: id,
      kind: 'find',
      label: name,
      more: '',
      path: '/prices/find',
      words: name
    })),
    ...(workspace.scenarios ?? []).map(({ id, name }): Findable => ({
      key: id,
      kind: 'scenario',
      label: name,
      more: '',
      path: '/stages/scenarios',
      words: name
    }))
  ]
}
const toolsOf = ({ library }: World): Findable[] => [
  ...[...library.tools.values()].map(({ id, name, aliases }): Findable => ({
    key: id,
    kind: 'tool',
    label: name,
    more: '',
    path: toolPath(id),
    words: [...namesInAllSets(library, name), ...aliases].join(' ')
  }))
]
const operationsOf = ({ library }: World): Findable[] => [
  ...[...library.operations.values()].map(({ id, name, aliases }): Findable => ({
    key: id,
    kind: 'operation',
    label: name,
    more: '',
    path: `/kit?operation=${to(id)}`,
    words: [name, ...(aliases ?? [])].join(' ')
  }))
]

/** Everything in a workspace and the library that has a name and a place. */
export const findables = (world: World, say: Say, plan: Plan | undefined): Findable[] => [
  ...places(),
  ...ofPlanAndKit(world, say, plan),
  ...toolsOf(world),
  ...entered(world, say),
  ...operationsOf(world)
]

/** What fits the words, the closest first: names that begin with them, then those that hold them; of equals the earlier. */
export function search(
  all: readonly Findable[],
  text: string,
  most: number
): { readonly found: readonly Findable[]; readonly more: number } {
  const wanted = text.trim().toLowerCase()
  const matching = all.filter(({ words }) => matchesSearch(wanted, words))
  const rank = ({ label, kind }: Findable): number =>
    (kind === 'place' ? 0 : 1) + (label.toLowerCase().startsWith(wanted) ? 0 : 2)
  const sorted = matching
    .map((one, i) => ({ one, at: rank(one), i }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
    .map(({ one }) => one)
  return { found: sorted.slice(0, most), more: Math.max(0, sorted.length - most) }
}
