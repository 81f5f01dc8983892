import { readFileSync, writeFileSync } from 'node:fs'
import { writeWorkspace } from '../core/formats'
import { makePlan } from '../core/search'
import { worldOf, type WorkspaceFile } from '../core/workspace'
import { library } from '../data'

/** `npm run demo-plans`: puts the planner's plan into each demo, as a workspace someone has planned and saved holds its own. */
for (const name of ['hive-yard', 'third-floor', 'half-a-garage']) {
  const file = `data/demo/${name}.json`
  const { plan: _former, ...workspace } = JSON.parse(readFileSync(file, 'utf8')) as WorkspaceFile
  const outcome = makePlan(
    worldOf({ ...workspace, libraryVersion: library.version }, library, workspace.asOf ?? '')
  )
  if (outcome.kind === 'clash') throw new Error(`${file}: its pins cannot hold together`)
  writeFileSync(
    file,
    writeWorkspace({ ...workspace, libraryVersion: library.version }, outcome.plan)
  )
  console.log(
    `${file}: ${outcome.plan.purchases.length} purchases, ${outcome.plan.builds.length} builds`
  )
}
