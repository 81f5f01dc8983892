import type * as Formats from '../../core/formats'
import { issue, ok, type Issue, type Result } from '../../core/kernel'
import { change, type Workspace, type World } from '../../core/workspace'
import { newId } from './clock'

/** Tables whose rows can be taken in. */
export type Table = 'tools' | 'prices' | 'ledger'
interface Taken {
  readonly workspace: Workspace
  readonly alreadyThere: number
  readonly problems: readonly Issue[]
}

const ID: Readonly<Record<Table, string>> = { tools: 'item', prices: 'q', ledger: 'e' }

/** The workspace with the rows of a table; rows that cannot be read are left out and named. */
export function readTable(
  readers: typeof Formats,
  mine: Workspace,
  { library, asOf }: World,
  text: string,
  what: Table
): Result<Taken> {
  const defaults = { currency: mine.money.currency, today: asOf, newId: () => newId(ID[what]) }
  switch (what) {
    case 'tools': {
      const read = readers.readItems(text, library, defaults)
      return read.ok
        ? ok({ ...change.takeInItems(mine, read.value.found), problems: read.value.problems })
        : read
    }
    case 'prices': {
      const read = readers.readQuotes(text, library, {
        ...defaults,
        tier: mine.preferences.tier,
        offers: new Set([...mine.offers, ...(mine.bundles ?? [])].map(({ id }) => id))
      })
      return read.ok
        ? ok({ ...change.takeInQuotes(mine, read.value.found), problems: read.value.problems })
        : read
    }
    case 'ledger': {
      const read = readers.readLedgerCsv(text, defaults)
      if (!read.ok) return read
      const { conflicts, ...rest } = change.takeInEntries(mine, read.value.found)
      const clashing = conflicts.map(({ id }) => issue('ledger-csv.conflict', [], { id }))
      return ok({ ...rest, problems: [...read.value.problems, ...clashing] })
    }
  }
}
