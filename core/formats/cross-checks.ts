import { jigBuild } from '../builds'
import { withOwn, type Library } from '../catalogue'
import { LAST_DAY, LONGEST_HORIZON_DAYS, daysBetween, horizonEnd, stagesFrom } from '../calendar'
import { issue, type Code, type Issue, type Path } from '../kernel'
import { ledgerProblems } from '../ledger'
import { hireOf, typicalOffer } from '../prices'
import type { Workspace, WorkspaceFile } from '../workspace'
import { logsWrong } from './log-checks'

const repeated = (list: readonly { readonly id: string }[], path: Path): Issue[] => {
  const first = new Map<string, number>()
  return list.flatMap(({ id }, index) => {
    const at = first.get(id)
    if (at !== undefined)
      return [issue('id.duplicate', [...path, index, 'id'], { id, first: at + 1 })]
    first.set(id, index)
    return []
  })
}

/** Sales before there was anything to sell, more given back than was paid, a deposit beyond the price. */
function soldWrong({ pieces = [], orders = [] }: Workspace): Issue[] {
  return [
    ...pieces.flatMap(({ name, made, sold }, i) => {
      if (!sold) return []
      const path = ['pieces', i, 'sold'] as const
      return [
        ...(sold.date < made
          ? [issue('piece.sold-before-made', [...path, 'date'], { name, made, date: sold.date })]
          : []),
        ...((sold.back ?? 0) > sold.price
          ? [issue('piece.back-too-large', [...path, 'back'], { name })]
          : [])
      ]
    }),
    ...orders.flatMap(({ text, deposit, copies, priceEach }, i) =>
      deposit > copies * priceEach
        ? [issue('order.deposit-too-large', ['orders', i, 'deposit'], { name: text })]
        : []
    )
  ]
}

/** Pairs that must be in order. */
function outOfOrder(workspace: Workspace): Issue[] {
  const { builds, saleWindows = [], time, workshop } = workspace
  const { humidity } = workshop
  return [
    ...soldWrong(workspace),
    ...logsWrong(builds),
    ...saleWindows.flatMap(({ from, until }, i) =>
      from <= until ? [] : [issue('sale.ends-before-it-begins', ['saleWindows', i, 'until'])]
    ),
    ...(time.changes ?? []).flatMap(({ from, until }, i) =>
      from <= until ? [] : [issue('hours.ends-before-it-begins', ['time', 'changes', i, 'until'])]
    ),
    ...(humidity && humidity.low >= humidity.high
      ? [issue('workshop.humidity', ['workshop', 'humidity'])]
      : [])
  ]
}

/** What a reference may lead to. */
type UnknownKind = Code extends infer C ? (C extends `unknown.${infer K}` ? K : never) : never

/** What references are held against, and where those that lead nowhere are noted. */
interface Referring {
  readonly workspace: WorkspaceFile
  readonly library: Library
  readonly isOffer: (id: string) => boolean
  readonly isBundle: (id: string) => boolean
  readonly isBuild: (id: string) => boolean
  readonly known: (has: boolean, id: string, kind: UnknownKind, ...path: Path) => void
}
function referring(workspace: WorkspaceFile, base: Library, found: Issue[]): Referring {
  const library = withOwn(base, workspace.own)
  const bundles = new Set((workspace.bundles ?? []).map(({ id }) => id))
  const offers = new Set(workspace.offers.map(({ id }) => id))
  const builds = new Set(workspace.builds.map(({ id }) => id))
  return {
    workspace,
    library,
    isBundle: (id) => bundles.has(id),
    isOffer: (id) =>
      offers.has(id) ||
      bundles.has(id) ||
      hireOf(workspace.hires, id) !== undefined ||
      typicalOffer(library, id) !== undefined,
    isBuild: (id) => builds.has(id) || jigBuild(library, id) !== undefined,
    known: (has, id, kind, ...path) => {
      if (!has) found.push(issue(`unknown.${kind}`, path, { id }))
    }
  }
}
/** A list of tool ids, each of which has to exist. */
const knownTools = ({ library, known }: Referring, tools: readonly string[], path: Path): void =>
  tools.forEach((tool, i) => known(library.tools.has(tool), tool, 'tool', ...path, i))

function buildReferences({ workspace, library, known }: Referring): void {
  workspace.builds.forEach(({ steps, materials, yields }, i) => {
    steps.forEach(({ operation }, k) =>
      known(
        library.operations.has(operation),
        operation,
        'operation',
        'builds',
        i,
        'steps',
        k,
        'operation'
      )
    )
    materials.forEach(({ material }, k) =>
      known(
        library.materials.has(material),
        material,
        'material',
        'builds',
        i,
        'materials',
        k,
        'material'
      )
    )
    if (yields !== undefined)
      known(library.tools.has(yields), yields, 'tool', 'builds', i, 'yields')
  })
}
function kitAndPriceReferences({ workspace, library, isOffer, isBundle, known }: Referring): void {
  for (const key of ['items', 'offers'] as const)
    workspace[key].forEach(({ tool }, i) =>
      known(library.tools.has(tool), tool, 'tool', key, i, 'tool')
    )
  workspace.quotes.forEach(({ offer }, i) =>
    known(isOffer(offer), offer, 'offer', 'quotes', i, 'offer')
  )
  workspace.materialPrices.forEach(({ material }, i) =>
    known(library.materials.has(material), material, 'material', 'materialPrices', i, 'material')
  )
  workspace.pins.forEach(({ offer }, i) =>
    known(isOffer(offer) && !isBundle(offer), offer, 'offer', 'pins', i, 'offer')
  )
}
function wishReferences(refs: Referring): void {
  const { workspace, library, isBuild, known } = refs
  const { needTests = [], preferences } = workspace
  workspace.bans.forEach(({ kind, id }, i) =>
    known((kind === 'tool' ? library.tools : library.methods).has(id), id, kind, 'bans', i, 'id')
  )
  needTests.forEach(({ tool, build }, i) => {
    known(library.tools.has(tool), tool, 'tool', 'needTests', i, 'tool')
    known(isBuild(build), build, 'build', 'needTests', i, 'build')
  })
  preferences.leanings?.forEach(({ tool }, i) =>
    known(library.tools.has(tool), tool, 'tool', 'preferences', 'leanings', i, 'tool')
  )
  knownTools(refs, workspace.wishes, ['wishes'])
}
function bargainReferences(refs: Referring): void {
  const { library, known } = refs
  const { bundles = [], deals = [], saleWindows = [], watches = [], hires = [] } = refs.workspace
  const held = { bundles, hires }
  for (const key of ['bundles', 'hires'] as const)
    held[key].forEach(({ pieces }, i) =>
      pieces.forEach(({ tool }, k) =>
        known(library.tools.has(tool), tool, 'tool', key, i, 'pieces', k, 'tool')
      )
    )
  deals.forEach(({ tools }, i) => knownTools(refs, tools, ['deals', i, 'tools']))
  saleWindows.forEach(({ tools }, i) => knownTools(refs, tools, ['saleWindows', i, 'tools']))
  watches.forEach(({ tool }, i) =>
    known(library.tools.has(tool), tool, 'tool', 'watches', i, 'tool')
  )
}
function ownReferences(refs: Referring): void {
  const { workspace, library, known } = refs
  workspace.own.methods.forEach(({ operation }, i) =>
    known(
      library.operations.has(operation),
      operation,
      'operation',
      'own',
      'methods',
      i,
      'operation'
    )
  )
  workspace.own.tools.forEach(({ companions, madeBy }, i) => {
    companions.forEach(({ anyOf }, k) =>
      knownTools(refs, anyOf, ['own', 'tools', i, 'companions', k, 'anyOf'])
    )
    if (madeBy !== undefined)
      known(library.templates.has(madeBy), madeBy, 'template', 'own', 'tools', i, 'madeBy')
  })
}
function photoAndPlanReferences({ workspace, isBuild, isOffer, known }: Referring): void {
  const { photos = [], plan } = workspace
  const entries = new Set(photos.length === 0 ? [] : workspace.ledger.map(({ id }) => id))
  photos.forEach(({ entry, build }, i) => {
    if (entry !== undefined) known(entries.has(entry), entry, 'entry', 'photos', i, 'entry')
    if (build !== undefined || entry === undefined)
      known(isBuild(build ?? ''), build ?? '', 'build', 'photos', i, 'build')
  })
  plan?.builds.forEach(({ build }, i) =>
    known(isBuild(build), build, 'build', 'plan', 'builds', i, 'build')
  )
  plan?.purchases.forEach(({ offer }, i) =>
    known(isOffer(offer), offer, 'offer', 'plan', 'purchases', i, 'offer')
  )
}

/** Ids that stand twice in a list where each may stand once. */
function allRepeated(workspace: WorkspaceFile, provenLedger: boolean): Issue[] {
  const { builds, items, offers, quotes, ledger, own, money } = workspace
  const {
    bundles = [],
    deals = [],
    saleWindows = [],
    watches = [],
    hires = [],
    photos = [],
    outlets = [],
    pieces = [],
    orders = [],
    upkeep = [],
    verdicts = [],
    supplies = []
  } = workspace
  const lists = {
    builds,
    items,
    offers,
    quotes,
    bundles,
    deals,
    saleWindows,
    watches,
    hires,
    photos,
    outlets,
    pieces,
    orders,
    upkeep,
    verdicts,
    supplies
  }
  return [
    ...Object.entries({ ...lists, ...(provenLedger ? {} : { ledger }) }).flatMap(([key, list]) =>
      repeated(list, [key])
    ),
    ...(['operations', 'methods', 'tools', 'materials'] as const).flatMap((key) =>
      repeated(own[key], ['own', key])
    ),
    ...repeated(money.oneOffs, ['money', 'oneOffs']),
    ...builds.flatMap(({ steps }, i) => repeated(steps, ['builds', i, 'steps']))
  ]
}

/** A horizon that ends beyond what is reckoned with. */
function horizonProblems({ horizon, asOf }: WorkspaceFile): Issue[] {
  const { start, length, count } = horizon
  const end = horizonEnd(stagesFrom(start, length, count)) ?? start
  // A fixed day may lie behind the start: the plan then reaches as far from there.
  const from = asOf !== undefined && asOf > start ? asOf : start
  const last = horizonEnd(stagesFrom(from, length, count + 1)) ?? from
  const place = ['horizon', 'count']
  const limit = LONGEST_HORIZON_DAYS
  return [
    ...(last > LAST_DAY ? [issue('horizon.too-late', place, { last: LAST_DAY })] : []),
    ...(daysBetween(start, end) > limit ? [issue('horizon.too-long', place, { count, limit })] : [])
  ]
}

/**
 * Methods that are their own tool's only way are refused elsewhere; here: every id that is referred to exists, none stands twice.
 * @param provenLedger the ledger is known to be what was checked before
 */
export function crossCheck(workspace: WorkspaceFile, base: Library, provenLedger = false): Issue[] {
  const found: Issue[] = allRepeated(workspace, provenLedger)
  const refs = referring(workspace, base, found)
  for (const check of [
    buildReferences,
    kitAndPriceReferences,
    wishReferences,
    bargainReferences,
    ownReferences,
    photoAndPlanReferences
  ])
    check(refs)
  if (!provenLedger) found.push(...ledgerProblems(workspace.ledger))
  found.push(...outOfOrder(workspace), ...horizonProblems(workspace))
  return found
}
