import { writePlan } from '../core/formats'
import { makePlan, outcomeIssues } from '../core/stages'
import { worldOf } from '../core/workspace'
import { library } from '../data'
import { EXIT, complain, loadWorkspace, today } from './io'

/** `npm run --silent plan -- file.json`: prints the plan for a workspace file as JSON. */
function main(file: string | undefined): number {
  if (file === undefined || file.startsWith('-')) {
    process.stderr.write('Say which workspace file to plan: npm run --silent plan -- file.json\n')
    return EXIT.unreadable
  }
  const workspace = loadWorkspace(file)
  if (!workspace.ok) {
    complain(file, workspace.issues)
    return EXIT.unreadable
  }
  const outcome = makePlan(worldOf(workspace.value, library, today()))
  if (outcome.kind === 'clash') {
    complain(file, outcomeIssues(outcome))
    return EXIT.broken
  }
  complain(file, outcomeIssues(outcome))
  process.stdout.write(writePlan(outcome.plan))
  return outcome.report.broken.length === 0 ? EXIT.fine : EXIT.broken
}

process.exitCode = main(process.argv[2])
