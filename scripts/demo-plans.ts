import { readFileSync, writeFileSync } from 'node:fs'
import type { Build } from '../core/builds'
import { writeWorkspace } from '../core/formats'
import { makePlan } from '../core/search'
import { worldOf, type WorkspaceFile } from '../core/workspace'
import { library } from '../data'

/** A build as somebody would add it today: steps and materials are its template's. */
const anew = (build: Build): Build => {
  const template = library.templates.get(build.template ?? '')
  return template ? { ...build, steps: template.steps, materials: template.materials } : build
}

/** `npm run demo-plans` (`-- market-stall` for one of them): puts today's templates and the planner's plan into each demo, as a workspace someone has planned and saved holds its own. */
const all = ['hive-yard', 'third-floor', 'half-a-garage', 'market-stall', 'year-on']
const wanted = process.argv.slice(2)
for (const name of wanted.length > 0 ? wanted : all) {
  const file = `data/demo/${name}.json`
  const { plan: _former, ...kept } = JSON.parse(readFileSync(file, 'utf8')) as WorkspaceFile
  const workspace = { ...kept, builds: kept.builds.map(anew) }
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
