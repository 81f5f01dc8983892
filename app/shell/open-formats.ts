import { inventoryOf } from '../../core/care'
import type { PocketLine } from '../../core/shopping'
import { useJudging } from '../stores/judging'
import type { useWorkspace } from '../stores/workspace'
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
  const csv = (name: string, text: string): TextFile => ({
    name: `${workspace.name} ${name}.csv`,
    type: 'text/csv',
    text
  })
  switch (id) {
    case 'tools-csv':
      return csv('tools', formats.writeItems(workspace.items, currency))
    case 'prices-csv':
      return csv('prices', formats.writeQuotes(workspace.quotes, world.library, currency))
    case 'ledger-csv':
      return csv('ledger', formats.writeLedgerCsv(workspace.ledger, currency))
    case 'plan-csv':
      return csv('plan', store.plan ? formats.planCsv(world, store.plan) : '')
    case 'inventory-csv':
      return csv('inventory', formats.writeInventory(inventoryOf(world), world.library, currency))
    case 'journal':
      return {
        name: `${workspace.name}.journal`,
        type: 'text/plain',
        text: formats.writeJournal(workspace)
      }
    case 'calendar': {
      const text = store.plan && formats.planCalendar(world, store.plan)
      return text === undefined
        ? undefined
        : { name: `${workspace.name} plan.ics`, type: 'text/calendar', text }
    }
    case 'pocket':
      return {
        name: `${workspace.name} pocket list.md`,
        type: 'text/markdown',
        text: pocketMarkdown(say, workspace, await pocketHere(), world.asOf)
      }
    case 'schema':
      return {
        name: 'workspace.schema.json',
        type: 'application/schema+json',
        text: formats.schemaText(formats.workspaceJsonSchema())
      }
  }
}
