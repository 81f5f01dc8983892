import type { Figure, Nothing } from './findings-board'

/** What can be wrong with logs, checks and care. Minutes stand in figures. */
export interface CareFindings {
  'log.sessions-differ': { build: Figure; sum: Figure; spent: Figure }
  'log.shares-differ': { build: Figure; sum: Figure; spent: Figure }
  'log.item-too-long': { build: Figure; spent: Figure }
  'log.running-done': { build: Figure }
  'log.session-outside': { build: Figure; date: Figure; begun: Figure }
  'log.twice': { build: Figure }
  'check.negative': Nothing
  'check.short': { length: Figure; least: Figure }
  'check.wild': { error: Figure; most: Figure }
  'check.twice': { date: Figure }
  'loan.lent': { name: Figure; who: Figure; since: Figure }
  'loan.borrowed': { name: Figure; who: Figure; since: Figure }
}
