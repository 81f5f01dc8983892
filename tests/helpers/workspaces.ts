import { readFileSync } from 'node:fs'
import { buildFromTemplate, type Build } from '../../core/builds'
import { FAMILIES, specsOf, type Levels } from '../../core/catalogue'
import {
  freshWorkspace,
  splitPlan,
  worldOf,
  type Item,
  type Plan,
  type Workspace,
  type WorkspaceFile,
  type World
} from '../../core/workspace'
import { library } from '../../data'

/** Invented workspaces for tests. */
export const TODAY = '2026-05-04'

/** Somebody at home with everything: times and errors are the library’s own. */
const AT_HOME: Levels = Object.fromEntries(FAMILIES.map((family) => [family, 'home' as const]))

export function emptyWorkspace(change: Partial<Workspace> = {}): Workspace {
  const fresh = freshWorkspace(library, 'ws-test', 'Test', 'EUR', TODAY)
  return {
    ...fresh,
    asOf: TODAY,
    preferences: { ...fresh.preferences, levels: AT_HOME },
    ...change
  }
}
export const worldWith = (change: Partial<Workspace> = {}): World =>
  worldOf(emptyWorkspace(change), library, TODAY)

let count = 0
export function item(tool: string, change: Partial<Item> = {}): Item {
  const entry = library.tools.get(tool)
  if (!entry) throw new Error(`no tool ${tool}`)
  const tier = change.tier ?? 'weekend'
  return {
    id: `item-${++count}`,
    tool,
    tier,
    condition: 'new',
    power: entry.forms[0]?.power ?? 'hand',
    specs: specsOf(entry, tier),
    count: 1,
    since: '2026-01-01',
    cost: 0,
    ...change
  }
}
/** What a box, a stool or a planter is made with once there is a saw beside it: measuring, drilling, finishing, protection. */
export const BESIDE_A_SAW = [
  'tape',
  'rafter-square',
  'drill-driver',
  'drill-bits',
  'driver-bits',
  'hammer',
  'sanding-block',
  'finishing-kit',
  'safety-glasses',
  'ear-muffs',
  'half-mask',
  'sawhorses',
  'countersink'
]
export const items = (...tools: string[]): Item[] => tools.map((tool) => item(tool))

export function build(template: string, change: Partial<Build> = {}): Build {
  const entry = library.templates.get(template)
  if (!entry) throw new Error(`no template ${template}`)
  return { ...buildFromTemplate(entry, change.id ?? template, entry.name), ...change }
}

/** A monthly set-aside and something in the purse. */
export const funds = (opening: number, monthly: number): Pick<Workspace, 'money' | 'ledger'> => ({
  money: {
    ...emptyWorkspace().money,
    income:
      monthly > 0
        ? { kind: 'monthly', first: '2026-06-01', dayOfMonth: 1, amount: monthly }
        : { kind: 'none' }
  },
  ledger:
    opening === 0
      ? []
      : [{ id: 'open', date: TODAY, kind: 'opening', amount: opening, text: 'Opening' }]
})

export const DEMO_FILES = ['hive-yard', 'third-floor', 'half-a-garage', 'market-stall'] as const
export const demoText = (name: string): string =>
  readFileSync(new URL(`../../data/demo/${name}.json`, import.meta.url), 'utf8')
const demoFile = (name: string): WorkspaceFile => JSON.parse(demoText(name)) as WorkspaceFile
export const demo = (name: string): Workspace => splitPlan(demoFile(name)).workspace
/** The plan a demo is shipped with. */
export const demoPlan = (name: string): Plan => {
  const { plan } = demoFile(name)
  if (!plan) throw new Error(`${name} has no plan`)
  return plan
}
export const demoWorld = (name: string): World => worldOf(demo(name), library, TODAY)
