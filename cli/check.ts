import { pathText, readPlan } from '../core/formats'
import { evaluate } from '../core/plan'
import { worldOf } from '../core/workspace'
import { library } from '../data'
import { sentence } from '../app/words/issues'
import { sayFor } from '../app/words/say'
import { valueLines } from './value'
import { EXIT, complain, loadWorkspace, readText, today } from './io'

/** `npm run --silent check -- file.json plan.json`: replays a plan against every rule and prints those it breaks. */
function main(file: string | undefined, planFile: string | undefined): number {
  if (file === undefined || planFile === undefined) {
    process.stderr.write(
      'Say which workspace and which plan: npm run --silent check -- file.json plan.json\n'
    )
    return EXIT.unreadable
  }
  const workspace = loadWorkspace(file)
  if (!workspace.ok) complain(file, workspace.issues)
  const text = readText(planFile)
  const plan = text.ok ? readPlan(text.value) : text
  if (!plan.ok) complain(planFile, plan.issues)
  if (!workspace.ok || !plan.ok) return EXIT.unreadable
  const world = worldOf(workspace.value, library, today())
  const say = sayFor(world)
  const { broken, notes, value } = evaluate(world, plan.value)
  for (const note of notes) process.stderr.write(`note: ${sentence(note, say)}\n`)
  for (const one of broken)
    process.stdout.write(
      `${one.path.length > 0 ? `${pathText(one.path)}: ` : ''}${sentence(one, say)}\n`
    )
  process.stdout.write(
    broken.length === 0
      ? 'The plan breaks no rule.\n'
      : `${broken.length} ${broken.length === 1 ? 'rule is' : 'rules are'} broken.\n`
  )
  for (const line of valueLines(value)) process.stderr.write(`${line}\n`)
  return broken.length === 0 ? EXIT.fine : EXIT.broken
}

process.exitCode = main(process.argv[2], process.argv[3])
