import { writeWorkspace } from '../core/formats'
import { SIZES, generateWorkspace, type Size } from './bench/generate'
import { library } from '../data'
import { EXIT, wholeOption } from '../cli/io'

/** `npm run --silent generate -- --size medium --seed 5`: prints a made-up workspace of the kind the planner is measured on. */
function main(args: readonly string[]): number {
  const size = args[args.indexOf('--size') + 1] ?? ''
  const seed = wholeOption(args, 'seed', 0, 1_000_000)
  if (
    !args.includes('--size') ||
    !Object.keys(SIZES).includes(size) ||
    seed === undefined ||
    seed === 'wrong'
  ) {
    process.stderr.write(
      `Say how large and which one: npm run --silent generate -- --size ${Object.keys(SIZES).join('|')} --seed 5\n`
    )
    return EXIT.unreadable
  }
  process.stdout.write(writeWorkspace(generateWorkspace(library, size as Size, seed)))
  return EXIT.fine
}

process.exitCode = main(process.argv.slice(2))
