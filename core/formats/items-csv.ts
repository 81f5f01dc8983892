import {
  CONDITIONS,
  POWERS,
  SPECS,
  TIERS,
  specsOf,
  type Library,
  type Specs,
  type Tool
} from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { issueNamed, ok, refused, type Code, type Issue, type Result } from '../kernel'
import { parseAmount, type Minor } from '../money'
import { parseCount, parseNumber } from '../units'
import type { Item } from '../workspace'
import { MOST } from './limits'
import { findTool, idIn } from './quotes-csv'
import {
  plainHeading,
  readRows,
  writeSheet,
  type Cells,
  type SheetKind,
  type SheetReading
} from './sheet'
import { decimal } from './write'

const COLUMNS = [
  'tool',
  'name',
  'tier',
  'condition',
  'power',
  'platform',
  'count',
  'since',
  'paid',
  'currency',
  'uses',
  'specs',
  'id'
] as const
type Column = (typeof COLUMNS)[number]
const HEADINGS: Readonly<Record<Column, readonly string[]>> = {
  tool: ['tool', 'item', 'article', 'what'],
  name: ['name', 'own name', 'label'],
  tier: ['tier', 'quality', 'grade'],
  condition: ['condition', 'state'],
  power: ['power', 'power form', 'drive'],
  platform: ['platform', 'battery', 'packs'],
  count: ['count', 'quantity', 'qty', 'pieces'],
  since: ['since', 'bought', 'date', 'owned since'],
  paid: ['paid', 'cost', 'price'],
  currency: ['currency', 'cur'],
  uses: ['uses'],
  specs: ['specs', 'sizes'],
  id: ['id']
}
const SHEET: SheetKind<Column> = {
  headings: HEADINGS,
  needed: [['tool']],
  most: MOST.items,
  empty: 'items-csv.empty',
  tooMany: 'items-csv.too-many',
  noColumn: 'items-csv.no-column'
}

const specsText = (specs: Specs): string =>
  SPECS.flatMap((spec) => (specs[spec] === undefined ? [] : [`${spec} ${specs[spec]}`])).join('; ')

/** What is owned as CSV; read back, it gives the same tools. Sizes stand as `depthMm 57; bladeMm 190`. */
export const writeItems = (items: readonly Item[], currency: string): string =>
  writeSheet(
    COLUMNS,
    items.map((item) => ({
      ...item,
      name: item.name ?? '',
      platform: item.platform ?? '',
      uses: item.uses ?? '',
      specs: specsText(item.specs),
      paid: decimal(item.cost, currency),
      currency
    }))
  )

/**
 * Reads what is owned from CSV or pasted cells: a row for each, the first row headings; needed is the tool. Left out: weekend tier,
 * used as bought new, the tool's first power form, one, today, nothing paid, the usual sizes. Faulty rows are named and left out.
 * Codes: `items-csv.empty`, `items-csv.no-column`, `items-csv.too-many`, `items-csv.tool`, `items-csv.choice`, `items-csv.cell`
 */
export function readItems(
  text: string,
  library: Library,
  defaults: { readonly currency: string; readonly today: Day; readonly newId: () => string }
): Result<SheetReading<Item>> {
  return readRows(text, SHEET, (cells) => itemOf(cells, library, defaults))
}

type Defaults = { readonly currency: string; readonly today: Day; readonly newId: () => string }
type Wrong = (column: Column, code: Code, figures?: Issue['figures']) => Result<never>

/** Tier, condition and power of a row; what is left out is the usual. */
function kindOf(
  cell: (column: Column) => string,
  wrong: Wrong,
  tool: Tool
): Result<Pick<Item, 'tier' | 'condition' | 'power'>> {
  const one = <T extends string>(column: Column, list: readonly T[], usual: T): T | undefined =>
    cell(column) === ''
      ? usual
      : list.find((candidate) => candidate === plainHeading(cell(column)).replace(/ /g, '-'))
  const forms = tool.forms.map(({ power }) => power)
  const tier = one('tier', TIERS, 'weekend')
  const condition = one('condition', CONDITIONS, 'new')
  const power = one('power', POWERS, forms[0] ?? 'hand')
  if (!tier) return wrong('tier', 'items-csv.choice', { choices: TIERS.join(', ') })
  if (!condition) return wrong('condition', 'items-csv.choice', { choices: CONDITIONS.join(', ') })
  return power && (forms.includes(power) || tool.madeBy !== undefined)
    ? ok({ tier, condition, power })
    : wrong('power', 'items-csv.choice', { choices: forms.join(', ') })
}

/** What was paid for a row; nothing where it does not say. */
function paidOf(cell: (column: Column) => string, wrong: Wrong, currency: string): Result<Minor> {
  if (cell('paid') === '') return ok(0)
  const paid = parseAmount(`${cell('paid')} ${cell('currency')}`.trim(), currency)
  if (paid.ok) return paid.value < 0 ? wrong('paid', 'items-csv.cell') : paid
  const [first] = paid.issues
  return first?.code === 'money.other-currency'
    ? wrong('paid', 'items-csv.currency', first.figures)
    : wrong('paid', 'items-csv.cell', first?.figures)
}

/** The numbers of a row: pieces, uses. */
function countsOf(
  cell: (column: Column) => string,
  wrong: Wrong
): Result<Pick<Item, 'count' | 'uses'>> {
  const count = cell('count') === '' ? ok(1) : parseCount(cell('count'))
  const uses = cell('uses') === '' ? ok(undefined) : parseCount(cell('uses'), 0)
  if (!count.ok || count.value > MOST_PIECES) return wrong('count', 'items-csv.cell')
  if (!uses.ok || (uses.value ?? 0) > MOST_USES) return wrong('uses', 'items-csv.cell')
  return ok({ count: count.value, ...(uses.value === undefined ? {} : { uses: uses.value }) })
}
const [MOST_PIECES, MOST_USES] = [100_000, 1_000_000]

function itemOf(
  { row, cell }: Cells<Column>,
  library: Library,
  { currency, today, newId }: Defaults
): Result<Item> {
  const wrong: Wrong = (column, code, figures = {}) =>
    refused(issueNamed(code, [row, column], { row, column, text: cell(column), ...figures }))
  const tool = findTool(library, cell('tool'))
  if (!tool) return wrong('tool', 'items-csv.tool')
  const kind = kindOf(cell, wrong, tool)
  if (!kind.ok) return kind
  const counts = countsOf(cell, wrong)
  if (!counts.ok) return counts
  const since = cell('since') === '' ? today : cell('since')
  if (!checkDay(since).ok) return wrong('since', 'items-csv.cell')
  const paid = paidOf(cell, wrong, currency)
  if (!paid.ok) return paid
  const specs = cell('specs') === '' ? specsOf(tool, kind.value.tier) : readSpecs(cell('specs'))
  if (!specs) return wrong('specs', 'items-csv.cell')
  const named = (['name', 'platform'] as const).flatMap((column) =>
    cell(column) === '' ? [] : [[column, cell(column).slice(0, 200)] as const]
  )
  return ok({
    id: idIn(cell('id')) ?? newId(),
    tool: tool.id,
    ...kind.value,
    specs,
    ...counts.value,
    since,
    cost: paid.value,
    ...Object.fromEntries(named)
  })
}

function readSpecs(text: string): Specs | undefined {
  const specs: Record<string, number> = {}
  for (const part of text.split(';')) {
    const [name = '', value = ''] = part.trim().split(/[\s=:]+/)
    const spec = SPECS.find((one) => one === name)
    const figure = parseNumber(value)
    if (spec === undefined || !figure.ok || figure.value < 0) return undefined
    specs[spec] = figure.value
  }
  return specs
}
