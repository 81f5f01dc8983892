import { issue, type Issue } from '../kernel'
import type { Day } from '../calendar'
import { changeItem, removeItem } from './changes'
import type { Item, Workspace } from './types'

/** A tool that is at somebody else's, or somebody else's that is here. */
export interface Loan {
  readonly kind: 'lent' | 'borrowed'
  readonly who: string
  readonly since: Day
}

/** One's own tool goes to somebody. Plans go on counting on it: it can be asked back. */
export const lendItem = (workspace: Workspace, item: string, who: string, since: Day): Workspace =>
  changeItem(workspace, item, (one) => ({ ...one, loan: { kind: 'lent', who, since } }))

/** What is here was somebody else's all along: nothing was paid for it. */
export const markBorrowed = (
  workspace: Workspace,
  item: string,
  who: string,
  since: Day
): Workspace =>
  changeItem(workspace, item, (one) => ({
    ...one,
    cost: 0,
    loan: { kind: 'borrowed', who, since }
  }))

/** What was lent is back; what was borrowed goes back and leaves the kit. */
export function endLoan(workspace: Workspace, id: string): Workspace {
  const item = workspace.items.find((one) => one.id === id)
  return item?.loan?.kind === 'borrowed'
    ? removeItem(workspace, id)
    : changeItem(workspace, id, ({ loan: _over, ...one }) => one)
}

/** Why a thing cannot be sold or given away now. */
export const loanTrouble = ({ tool, name, loan }: Item): Issue[] =>
  loan === undefined
    ? []
    : [
        issue(loan.kind === 'lent' ? 'loan.lent' : 'loan.borrowed', [], {
          name: name ?? tool,
          who: loan.who,
          since: loan.since
        })
      ]
