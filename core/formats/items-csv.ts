import { CONDITIONS, POWERS, SPECS, TIERS, specsOf, type Library, type Specs } from '../catalogue'
import { checkDay, type Day } from '../calendar'
import { issueNamed, ok, refused, type Code, type Issue, type Result } from '../kernel'
import { parseAmount } from '../money'
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

function itemOf(
  { row, cell }: Cells<Column>,
  library: Library,
  {
    currency,
    today,
    newId
  }: { readonly currency: string; readonly today: Day; readonly newId: () => string }
): Result<Item> {
  const wrong = (column: Column, code: Code, figures: Issue['figures'] = {}): Result<never> =>
    refused(issueNamed(code, [row, column], { row, column, text: cell(column), ...figures }))
  const tool = findTool(library, cell('tool'))
  if (!tool) return wrong('tool', 'items-csv.tool')
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
  if (!power || !(forms.includes(power) || tool.madeBy !== undefined))
    return wrong('power', 'items-csv.choice', { choices: forms.join(', ') })
  const counted = cell('count') === '' ? ok(1) : parseCount(cell('count'))
  const used = cell('uses') === '' ? ok(undefined) : parseCount(cell('uses'), 0)
  if (!counted.ok || counted.value > 100_000) return wrong('count', 'items-csv.cell')
  if (!used.ok || (used.value ?? 0) > 1_000_000) return wrong('uses', 'items-csv.cell')
  const [count, uses] = [counted.value, used.value]
  const since = cell('since') === '' ? today : cell('since')
  if (!checkDay(since).ok) return wrong('since', 'items-csv.cell')
  const paid =
    cell('paid') === ''
      ? ok(0)
      : parseAmount(`${cell('paid')} ${cell('currency')}`.trim(), currency)
  if (!paid.ok || paid.value < 0)
    return wrong(
      'paid',
      paid.ok
        ? 'items-csv.cell'
        : paid.issues[0]?.code === 'money.other-currency'
          ? 'items-csv.currency'
          : 'items-csv.cell',
      paid.ok ? {} : paid.issues[0]?.figures
    )
  const specs = cell('specs') === '' ? specsOf(tool, tier) : readSpecs(cell('specs'))
  if (!specs) return wrong('specs', 'items-csv.cell')
  return ok({
    id: idIn(cell('id')) ?? newId(),
    tool: tool.id,
    tier,
    condition,
    power,
    specs,
    count,
    since,
    cost: paid.value,
    ...(cell('name') === '' ? {} : { name: cell('name').slice(0, 200) }),
    ...(cell('platform') === '' ? {} : { platform: cell('platform').slice(0, 200) }),
    ...(uses === undefined ? {} : { uses })
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
