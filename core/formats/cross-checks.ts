import { jigBuild } from '../builds'
import { withOwn, type Library } from '../catalogue'
import { LAST_DAY, LONGEST_HORIZON_DAYS, daysBetween, horizonEnd, stagesFrom } from '../calendar'
import { issue, type Code, type Issue, type Path } from '../kernel'
import { ledgerProblems } from '../ledger'
import { typicalOffer } from '../prices'
import type { Workspace, WorkspaceFile } from '../workspace'

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

/** Pairs that must be in order. */
function outOfOrder({ saleWindows = [], time, workshop }: Workspace): Issue[] {
  const { humidity } = workshop
  return [
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

/**
 * Methods that are their own tool's only way are refused elsewhere; here: every id that is referred to exists, none stands twice.
 * @param provenLedger the ledger is known to be what was checked before
 */
export function crossCheck(workspace: WorkspaceFile, base: Library, provenLedger = false): Issue[] {
  const found: Issue[] = []
  const library = withOwn(base, workspace.own)
  const known = (has: boolean, id: string, kind: UnknownKind, ...path: Path): void => {
    if (!has) found.push(issue(`unknown.${kind}`, path, { id }))
  }
  const { bundles = [], deals = [], saleWindows = [], needTests = [] } = workspace
  const own = new Set([...workspace.offers, ...bundles].map(({ id }) => id))
  const bundleIds = new Set(bundles.map(({ id }) => id))
  const builds = new Set(workspace.builds.map(({ id }) => id))
  const isOffer = (id: string): boolean => own.has(id) || typicalOffer(library, id) !== undefined
  const isBuild = (id: string): boolean => builds.has(id) || jigBuild(library, id) !== undefined

  for (const key of [
    'builds',
    'items',
    'offers',
    'quotes',
    ...(provenLedger ? [] : (['ledger'] as const))
  ] as const)
    found.push(...repeated(workspace[key], [key]))
  for (const key of ['operations', 'methods', 'tools', 'materials'] as const)
    found.push(...repeated(workspace.own[key], ['own', key]))
  found.push(...repeated(workspace.money.oneOffs, ['money', 'oneOffs']))

  workspace.builds.forEach((build, i) => {
    found.push(...repeated(build.steps, ['builds', i, 'steps']))
    build.steps.forEach((step, k) =>
      known(
        library.operations.has(step.operation),
        step.operation,
        'operation',
        'builds',
        i,
        'steps',
        k,
        'operation'
      )
    )
    build.materials.forEach((line, k) =>
      known(
        library.materials.has(line.material),
        line.material,
        'material',
        'builds',
        i,
        'materials',
        k,
        'material'
      )
    )
    if (build.yields !== undefined)
      known(library.tools.has(build.yields), build.yields, 'tool', 'builds', i, 'yields')
    if (build.log?.done !== undefined && build.log.done < build.log.begun)
      found.push(
        issue('build.done-before-begun', ['builds', i, 'log', 'done'], {
          begun: build.log.begun,
          done: build.log.done
        })
      )
  })
  workspace.items.forEach((item, i) =>
    known(library.tools.has(item.tool), item.tool, 'tool', 'items', i, 'tool')
  )
  workspace.offers.forEach((offer, i) =>
    known(library.tools.has(offer.tool), offer.tool, 'tool', 'offers', i, 'tool')
  )
  workspace.quotes.forEach((quote, i) =>
    known(isOffer(quote.offer), quote.offer, 'offer', 'quotes', i, 'offer')
  )
  workspace.materialPrices.forEach((entry, i) =>
    known(
      library.materials.has(entry.material),
      entry.material,
      'material',
      'materialPrices',
      i,
      'material'
    )
  )
  workspace.pins.forEach((pin, i) =>
    known(isOffer(pin.offer) && !bundleIds.has(pin.offer), pin.offer, 'offer', 'pins', i, 'offer')
  )
  workspace.bans.forEach((ban, i) =>
    known(
      ban.kind === 'tool' ? library.tools.has(ban.id) : library.methods.has(ban.id),
      ban.id,
      ban.kind,
      'bans',
      i,
      'id'
    )
  )
  for (const [key, list] of [
    ['bundles', bundles],
    ['deals', deals],
    ['saleWindows', saleWindows]
  ] as const)
    found.push(...repeated(list, [key]))
  bundles.forEach(({ pieces }, i) =>
    pieces.forEach(({ tool }, k) =>
      known(library.tools.has(tool), tool, 'tool', 'bundles', i, 'pieces', k, 'tool')
    )
  )
  deals.forEach(({ tools }, i) =>
    tools.forEach((tool, k) => known(library.tools.has(tool), tool, 'tool', 'deals', i, 'tools', k))
  )
  saleWindows.forEach(({ tools }, i) =>
    tools.forEach((tool, k) =>
      known(library.tools.has(tool), tool, 'tool', 'saleWindows', i, 'tools', k)
    )
  )
  needTests.forEach(({ tool, build }, i) => {
    known(library.tools.has(tool), tool, 'tool', 'needTests', i, 'tool')
    known(isBuild(build), build, 'build', 'needTests', i, 'build')
  })
  workspace.preferences.leanings?.forEach(({ tool }, i) =>
    known(library.tools.has(tool), tool, 'tool', 'preferences', 'leanings', i, 'tool')
  )
  workspace.wishes.forEach((tool, i) => known(library.tools.has(tool), tool, 'tool', 'wishes', i))
  workspace.own.methods.forEach((method, i) =>
    known(
      library.operations.has(method.operation),
      method.operation,
      'operation',
      'own',
      'methods',
      i,
      'operation'
    )
  )
  workspace.own.tools.forEach((tool, i) => {
    tool.companions.forEach((companion, k) =>
      companion.anyOf.forEach((id, n) =>
        known(library.tools.has(id), id, 'tool', 'own', 'tools', i, 'companions', k, 'anyOf', n)
      )
    )
    if (tool.madeBy !== undefined)
      known(
        library.templates.has(tool.madeBy),
        tool.madeBy,
        'template',
        'own',
        'tools',
        i,
        'madeBy'
      )
  })
  if (!provenLedger) found.push(...ledgerProblems(workspace.ledger))
  if (workspace.photos) {
    const entries = new Set(workspace.ledger.map(({ id }) => id))
    found.push(...repeated(workspace.photos, ['photos']))
    workspace.photos.forEach(({ entry }, i) =>
      known(entries.has(entry), entry, 'entry', 'photos', i, 'entry')
    )
  }
  workspace.plan?.builds.forEach((planned, i) =>
    known(isBuild(planned.build), planned.build, 'build', 'plan', 'builds', i, 'build')
  )
  workspace.plan?.purchases.forEach((purchase, i) =>
    known(isOffer(purchase.offer), purchase.offer, 'offer', 'plan', 'purchases', i, 'offer')
  )

  found.push(...outOfOrder(workspace))
  const { start, length, count } = workspace.horizon
  const end = horizonEnd(stagesFrom(start, length, count)) ?? start
  // A fixed day may lie behind the start: the plan then reaches as far from there.
  const from = workspace.asOf !== undefined && workspace.asOf > start ? workspace.asOf : start
  const last = horizonEnd(stagesFrom(from, length, count + 1)) ?? from
  if (last > LAST_DAY)
    found.push(issue('horizon.too-late', ['horizon', 'count'], { last: LAST_DAY }))
  if (daysBetween(start, end) > LONGEST_HORIZON_DAYS)
    found.push(
      issue('horizon.too-long', ['horizon', 'count'], { count, limit: LONGEST_HORIZON_DAYS })
    )
  return found
}
