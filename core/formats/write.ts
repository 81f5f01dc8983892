import { byDate } from '../calendar'
import { fingerprint } from '../kernel'
import { exponentOf, type Minor } from '../money'
import { findOffer } from '../prices'
import { findBuild, type Plan, type Workspace, type World } from '../workspace'
import { cleanText } from './schema-parts'
import { writeSheet } from './sheet'

/** What stands first in each object of a file; the rest follows in alphabetical order. */
const FIRST = ['format', 'version', 'id', 'name']
const place = (key: string): string => (FIRST.includes(key) ? `\u0000${FIRST.indexOf(key)}` : key)

/** Plain data with its keys in the file's order and its texts without invisible marks, as they come back when the file is read. */
function inFileOrder(data: unknown): unknown {
  if (typeof data === 'string') return cleanText(data)
  if (Array.isArray(data)) return data.map(inFileOrder)
  if (typeof data !== 'object' || data === null) return data
  const record = data as Record<string, unknown>
  const keys = Object.keys(record)
    .filter((key) => record[key] !== undefined)
    .sort((a, b) => (place(a) < place(b) ? -1 : 1))
  return Object.fromEntries(keys.map((key) => [key, inFileOrder(record[key])]))
}

/** The workspace file: indented JSON with a line break at the end, keys in a fixed order, so that equal workspaces give equal files. Fields that are left out are not written. */
export const writeWorkspace = (workspace: Workspace, plan?: Plan): string =>
  `${JSON.stringify(inFileOrder({ ...workspace, plan }), null, 2)}\n`

/** What a workspace says, apart from the hand-overs it remembers: two files with the same print hold the same state. */
export const workspacePrint = (workspace: Workspace): string =>
  fingerprint(inFileOrder({ ...workspace, trail: { ...workspace.trail, handed: [] } }))

export const writePlan = (plan: Plan): string => `${JSON.stringify(plan, null, 2)}\n`

/** An amount as a plain decimal number with a point, the form spreadsheets of any language can be told to read. */
export function decimal(amount: Minor, currency: string): string {
  const exponent = exponentOf(currency)
  return (amount / 10 ** exponent).toFixed(exponent)
}

/**
 * The plan as CSV (RFC 4180, CRLF): one line per purchase and per build, by date. Cells that a spreadsheet would take for a formula
 * get an apostrophe in front.
 */
export function planCsv(world: World, plan: Plan): string {
  const { currency } = world.workspace.money
  const purchases = plan.purchases.map((purchase) => {
    const offer = findOffer(world.pricing, purchase.offer)
    const tool = offer && world.library.tools.get(offer.tool)
    const forBuild =
      purchase.forBuild === undefined
        ? ''
        : (findBuild(world, purchase.forBuild)?.name ?? purchase.forBuild)
    return {
      date: purchase.date,
      what: 'buy',
      name: tool?.name ?? purchase.offer,
      tier: offer?.tier ?? '',
      condition: offer?.condition ?? '',
      count: String(purchase.count),
      amount: decimal(purchase.price, currency),
      currency,
      done: '',
      forBuild
    }
  })
  const builds = plan.builds.map((planned) => ({
    date: planned.begin,
    what: planned.build.startsWith('make/') ? 'make' : 'build',
    name: findBuild(world, planned.build)?.name ?? planned.build,
    tier: '',
    condition: '',
    count: String(findBuild(world, planned.build)?.copies ?? 1),
    amount: decimal(planned.material, currency),
    currency,
    done: planned.done,
    forBuild: ''
  }))
  const rows = [...purchases, ...builds].sort((a, b) => byDate(a, b))
  return writeSheet(
    [
      'date',
      'what',
      'name',
      'tier',
      'condition',
      'count',
      'amount',
      'currency',
      'done',
      'forBuild'
    ],
    rows
  )
}
