import { ladderOf } from '../core/ladder'
import { worldOf } from '../core/workspace'
import { library } from '../data'
import { EXIT, complain, loadWorkspace, today } from './io'

const USAGE = 'npm run --silent ladder -- file.json'

/** `npm run --silent ladder -- file.json`: prints the order to buy in for a workspace file as JSON. */
function main([file]: readonly string[]): number {
  if (file === undefined || file.startsWith('-')) {
    process.stderr.write(`Say which workspace file the ladder is for: ${USAGE}\n`)
    return EXIT.unreadable
  }
  const workspace = loadWorkspace(file)
  if (!workspace.ok) {
    complain(file, workspace.issues)
    return EXIT.unreadable
  }
  const ladder = ladderOf(worldOf(workspace.value, library, today()))
  process.stdout.write(`${JSON.stringify(ladder, null, 2)}\n`)
  return EXIT.fine
}

process.exitCode = main(process.argv.slice(2))
