import { issue, ok, refused, type Result } from '../../core/kernel'
import type { WorkspaceFile } from '../../core/workspace'
import hiveYard from '../../data/demo/hive-yard.json?url'
import thirdFloor from '../../data/demo/third-floor.json?url'
import halfAGarage from '../../data/demo/half-a-garage.json?url'
import marketStall from '../../data/demo/market-stall.json?url'
import yearOn from '../../data/demo/year-on.json?url'

/** The invented workspaces that ship with the application. */
export const DEMOS = [
  { id: 'hive-yard', workspaceId: 'demo-hive-yard', name: 'Hive yard', url: hiveYard },
  { id: 'third-floor', workspaceId: 'demo-third-floor', name: 'Third floor', url: thirdFloor },
  {
    id: 'half-a-garage',
    workspaceId: 'demo-half-a-garage',
    name: 'Half a garage',
    url: halfAGarage
  },
  { id: 'market-stall', workspaceId: 'demo-market-stall', name: 'Market stall', url: marketStall },
  { id: 'year-on', workspaceId: 'demo-year-on', name: 'A year on', url: yearOn }
] as const
export type DemoId = (typeof DEMOS)[number]['id']

/** Demo files are part of the application and tested with it, so they are not checked again here. */
export async function loadDemo(id: DemoId): Promise<Result<WorkspaceFile>> {
  const demo = DEMOS.find((candidate) => candidate.id === id)
  if (!demo) return refused(issue('file.unreadable', [], { file: id, reason: 'no such demo' }))
  try {
    const response = await fetch(demo.url)
    return response.ok
      ? ok((await response.json()) as WorkspaceFile)
      : refused(issue('file.unreadable', [], { file: demo.name, reason: String(response.status) }))
  } catch {
    return refused(issue('file.unreadable', [], { file: demo.name, reason: 'no connection' }))
  }
}
