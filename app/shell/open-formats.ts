import { careAhead, inventoryOf } from '../../core/care'
import { plannedUses } from '../../core/hours'
import type { PocketLine } from '../../core/shopping'
import { useJudging } from '../stores/judging'
import { useUpkeep } from '../stores/upkeep'
import type { useWorkspace } from '../stores/workspace'
import { calendar, calendarWords } from '../words/calendar'
import { pocketMarkdown } from '../words/pocket'

export type FormatId =
  | 'tools-csv'
  | 'prices-csv'
  | 'ledger-csv'
  | 'plan-csv'
  | 'inventory-csv'
  | 'journal'
  | 'calendar'
  | 'pocket'
  | 'schema'

interface TextFile {
  readonly name: string
  readonly type: string
  readonly text: string
}

/** The pocket list of the plan on the table, asked of the judge. */
const pocketHere = (): Promise<readonly PocketLine[]> =>
  new Promise((resolve) => useJudging().pocket(resolve))

/** The workspace on the table in one of the open formats; undefined where there is nothing to write. */
export async function openFormat(
  id: FormatId,
  store: ReturnType<typeof useWorkspace>
): Promise<TextFile | undefined> {
  const { world, workspace, say } = store
  if (!world || !workspace || !say) return undefined
  const { currency } = workspace.money
  const formats = await import('../../core/formats')
  const { plan } = store
  const { files } = calendar
  const file = (name: string, type: string, text: string): TextFile => ({
    name: `${workspace.name}${name}`,
    type,
    text
  })
  const csv = (name: string, text: string): TextFile => file(` ${name}.csv`, 'text/csv', text)
  const itemName = (id: string): string => {
    const item = workspace.items.find((one) => one.id === id)
    return item?.name ?? (item ? say.tool(item.tool) : id)
  }
  /** Each format written when it is asked for. */
  const written: Readonly<Record<FormatId, () => TextFile | undefined | Promise<TextFile>>> = {
    'tools-csv': () => csv(files.tools, formats.writeItems(workspace.items, currency)),
    'prices-csv': () =>
      csv(files.prices, formats.writeQuotes(workspace.quotes, world.library, currency)),
    'ledger-csv': () => csv(files.ledger, formats.writeLedgerCsv(workspace.ledger, currency)),
    'plan-csv': () => csv(files.plan, plan ? formats.planCsv(world, plan) : ''),
    'inventory-csv': () =>
      csv(files.inventory, formats.writeInventory(inventoryOf(world), world.library, currency)),
    journal: () => file('.journal', 'text/plain', formats.writeJournal(workspace)),
    calendar: () => {
      const text =
        plan &&
        formats.planCalendar(
          world,
          plan,
          calendarWords(say, itemName),
          careAhead(world, useUpkeep().care, plannedUses(world, plan))
        )
      return text === undefined ? undefined : file(` ${files.plan}.ics`, 'text/calendar', text)
    },
    pocket: async () =>
      file(
        ` ${files.pocket}.md`,
        'text/markdown',
        pocketMarkdown(say, workspace, await pocketHere(), world.asOf, plan?.savings)
      ),
    schema: () => ({
      name: 'workspace.schema.json',
      type: 'application/schema+json',
      text: formats.schemaText(formats.workspaceJsonSchema())
    })
  }
  return written[id]()
}
