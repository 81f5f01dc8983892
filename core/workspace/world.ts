import {
  batchOf,
  jigBuild,
  materialCost,
  roughVariant,
  wishOf,
  worthOf,
  type Build,
  type MaterialPricing,
  forPlans
} from '../builds'
import { libraryOf } from './library-of'
import type { Library } from '../catalogue'
import {
  addDays,
  byDate,
  horizonEnd,
  laterDay,
  paydays,
  stageOf,
  stagesFrom,
  type Day,
  type Stage
} from '../calendar'
import { fingerprint, must } from '../kernel'
import { answeredBy, balanceOn, type LedgerEntry } from '../ledger'
import { timesRatio, type Minor } from '../money'
import {
  calibratedLevel,
  countedQuotes,
  hiredBundles,
  typicalOffer,
  type Bundle,
  type Pricing,
  type Till
} from '../prices'
import { usualLevel } from './fresh'
import { salesOf } from './sales'
import { NO_TRAIL } from './trail'
import type { PlannedBuild } from './plan-types'
import type { Workspace } from './types'
import { AFTERWARDS } from './afterwards'
import { inStockFor } from './supplies'

/** Money that is expected on a day. */
export interface Receipt {
  readonly key: string
  readonly date: Day
  readonly amount: Minor
  readonly text?: string | undefined
}

/** A workspace with a date and a library: what every reckoning starts from. Derived, never stored. */
export interface World {
  readonly workspace: Workspace
  readonly library: Library
  readonly asOf: Day
  /** All stages from the horizon's start; the plan covers `count` of them from the one that holds `asOf`. */
  readonly stages: readonly Stage[]
  readonly until: Day
  readonly pricing: Pricing & MaterialPricing
  readonly balance: Minor
  /** Expected from `asOf` on and not yet in the ledger, in order of date. */
  readonly receipts: readonly Receipt[]
  /** Expected before `asOf` and never entered. */
  readonly overdue: readonly Receipt[]
}

/** What 100 index points cost: the user's own figure, else the currency's usual level corrected by the user's quotes. */
export function priceLevel(workspace: Workspace, library: Library): number {
  const { minorPer100Points, currency } = workspace.money
  return (
    minorPer100Points ??
    calibratedLevel(library, countedQuotes(workspace.quotes), usualLevel(library, currency))
  )
}

/** Where the level of typical prices comes from, and how many of the user's own prices it counts. */
export function levelBasis(
  workspace: Workspace,
  library: Library
): { readonly kind: 'own-level' | 'calibrated' | 'usual'; readonly quotes: number } {
  const quotes = workspace.quotes.filter(
    ({ offer, until, price, aside }) =>
      !aside && until === undefined && price > 0 && typicalOffer(library, offer) !== undefined
  ).length
  return {
    kind:
      workspace.money.minorPer100Points !== undefined
        ? 'own-level'
        : quotes > 0
          ? 'calibrated'
          : 'usual',
    quotes
  }
}

/** Stages from the horizon's start to `count` stages on from the one that holds `asOf`. */
function stagesOf(workspace: Workspace, asOf: Day): Stage[] {
  const { start, length, count } = workspace.horizon
  if (asOf < start) return stagesFrom(asOf, length, count)
  for (let length_ = count; ; length_ *= 2) {
    const stages = stagesFrom(start, length, length_)
    const current = stageOf(stages, asOf)
    if (current && current.index + count <= stages.length)
      return stages.slice(0, current.index + count)
  }
}

/** Income and one-offs from one day to another, whether entered or not. */
export function expectedReceipts(workspace: Workspace, from: Day, to: Day): Receipt[] {
  const income = paydays(workspace.money.income, from, to).map(({ date, amount }) => ({
    key: `income/${date}`,
    date,
    amount
  }))
  const oneOffs = workspace.money.oneOffs
    .filter(({ date }) => date >= from && date <= to)
    .map(({ id, date, amount, text }) => ({ key: `one-off/${id}`, date, amount, text }))
  return [...income, ...oneOffs].sort(byDate)
}

/** How far back an income that was never entered is still asked about, days. */
const ASK_BACK_DAYS = 62

/**
 * Puts a workspace together with the library and a date.
 * @param today the date to look from, unless the workspace has a fixed one
 */
export function worldOf(workspace: Workspace, baseLibrary: Library, today: Day): World {
  const asOf = workspace.asOf ?? today
  const library = libraryOf(workspace, baseLibrary)
  const stages = stagesOf(workspace, asOf)
  const until = must(horizonEnd(stages), 'the last stage')
  const answered = answeredBy(workspace.ledger)
  const opened =
    workspace.ledger.find(({ kind }) => kind === 'opening')?.date ?? workspace.horizon.start
  const past = addDays(asOf, -ASK_BACK_DAYS)
  const open = expectedReceipts(workspace, laterDay(past, opened), until).filter(
    ({ key }) => !answered.has(key)
  )
  return {
    workspace,
    library,
    asOf,
    stages,
    until,
    balance: balanceOn(workspace.ledger, asOf),
    receipts: open.filter(({ date }) => date >= asOf),
    overdue: open.filter(({ date }) => date < asOf),
    pricing: {
      library,
      minorPer100Points: priceLevel(workspace, library),
      taxBasisPoints: workspace.money.taxBasisPoints,
      deliveryEach: workspace.money.deliveryEach,
      offers: workspace.offers,
      quotes: countedQuotes(workspace.quotes),
      own: workspace.materialPrices
    }
  }
}

/** What is sold together: bundles, and the stretches tools can be hired for. */
export const bundlesOf = ({
  workspace: { bundles = NO_BUNDLES, hires },
  library,
  asOf
}: Pick<World, 'workspace' | 'library' | 'asOf'>): readonly Bundle[] =>
  hires && hires.length > 0 ? [...bundles, ...hiredBundles(library, hires, asOf)] : bundles
const NO_BUNDLES: readonly Bundle[] = []

/** Everything that says what things cost at the till. */
export const tillOf = ({ pricing, workspace, asOf, until, library }: World): Till => ({
  pricing,
  windows: salesOf({ workspace, pricing, asOf, until }),
  bundles: bundlesOf({ workspace, library, asOf }),
  deals: workspace.deals ?? []
})

/** The build with this id: one of the workspace's, or the derived build of a shop-made jig. */
export const findBuild = (world: World, id: string): Build | undefined =>
  world.workspace.builds.find((build) => build.id === id) ?? jigBuild(world.library, id)

/** A build as a plan makes it: so many copies of it, from rough boards where it says so; undefined where there is no such build. */
export function plannedBuild(
  world: World,
  { build: id, copies, rough }: Pick<PlannedBuild, 'build' | 'copies' | 'rough'>
): Build | undefined {
  const whole = findBuild(world, id)
  const build = whole && batchOf(whole, copies)
  return build && rough ? (roughVariant(world.library, build)?.build ?? build) : build
}

/** What the material of all copies costs: what is in stock for it is paid for already. */
export const buildMaterial = (world: World, build: Build): Minor =>
  materialCost(world.pricing, build) - inStockFor(world, build)
/** What all copies of a build are worth to the user: their price ready-made, or the user's figure, times the wish for them. */
export const buildWorth = (world: World, build: Build): Minor =>
  timesRatio(worthOf(world.pricing, build), wishOf(world.library, build))

/** Fingerprints of ledgers, which are long and change seldom, by the list itself. */
const ledgerPrints = new WeakMap<readonly LedgerEntry[], string>()

/** Hashes by the state itself, which several ask for after every change. */
const hashes = new WeakMap<Workspace, string>()

/** What a plan knows of a ledger: what is in the purse, by which day, since when it is kept, and which receipts it answers. */
function ledgerPrint(ledger: readonly LedgerEntry[]): string {
  const known = ledgerPrints.get(ledger)
  if (known !== undefined) return known
  const answered = [...answeredBy(ledger)].sort()
  let [balance, last, opened] = [0, '', '']
  for (const { amount, date, kind } of ledger) {
    balance += amount
    if (date > last) last = date
    if (opened === '' && kind === 'opening') opened = date
  }
  const print = fingerprint([balance, last, opened, answered])
  ledgerPrints.set(ledger, print)
  return print
}

/** Settings, tools and offers as far as planning knows of them: not what is still to be looked at, nor each answer of a look. */
const plannedOf = ({ preferences, items, offers }: Workspace): Partial<Workspace> => ({
  preferences: { ...preferences, withoutVerdicts: undefined },
  ...(items.some(({ checks }) => checks)
    ? { items: items.map(({ checks: _checks, ...item }) => item) }
    : {}),
  ...(offers.some(({ looked }) => looked)
    ? {
        offers: offers.map(({ looked, ...offer }) =>
          looked && (looked.repair > 0 || looked.inexact !== undefined)
            ? { ...offer, looked: { ...looked, answers: {} } }
            : offer
        )
      }
    : {})
})

/** What a plan is made for: everything but the plans themselves, names, photos and when what was changed. */
export function workspaceHash(workspace: Workspace): string {
  const known = hashes.get(workspace)
  if (known !== undefined) return known
  const hash = fingerprint({
    ...workspace,
    ledger: ledgerPrint(workspace.ledger),
    ...plannedOf(workspace),
    builds: workspace.builds.map(forPlans),
    adopted: undefined,
    name: undefined,
    scenarios: undefined,
    watches: undefined,
    photos: undefined,
    ...AFTERWARDS,
    trail: undefined
  })
  hashes.set(workspace, hash)
  return hash
}

/**
 * The workspace with as much of its ledger as planning knows of, for a worker: a long ledger takes longer to hand over than to plan with.
 * Its hash and every figure a plan is made from are the same.
 */
export function forPlanning(workspace: Workspace, today: Day): Workspace {
  const { ledger } = workspace
  const asOf = workspace.asOf ?? today
  const past = ledger.filter(({ date }) => date <= asOf)
  const opening = ledger.find(({ kind }) => kind === 'opening')
  const last = past.reduce((latest, { date }) => (date > latest ? date : latest), '')
  const rest = past.reduce((sum, { amount }) => sum + amount, 0)
  const answers = [...answeredBy(ledger)].map((key, i): LedgerEntry => ({
    id: `answer-${i}`,
    date: last,
    kind: 'other',
    amount: 0,
    text: '',
    answers: key
  }))
  const condensed: LedgerEntry[] = [
    ...(opening && opening.date <= asOf
      ? [{ id: 'opening', date: opening.date, kind: 'opening' as const, amount: 0, text: '' }]
      : []),
    ...(last === ''
      ? []
      : [{ id: 'rest', date: last, kind: 'other' as const, amount: rest, text: '' }]),
    ...answers
  ]
  return {
    ...workspace,
    adopted: [],
    photos: undefined,
    ...AFTERWARDS,
    trail: NO_TRAIL,
    ledger: [
      ...condensed,
      ...ledger.filter(({ date, answers: key }) => date > asOf && key === undefined)
    ]
  }
}
