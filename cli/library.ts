import { checkLibrary, countLibrary } from '../core/catalogue'
import { pathText } from '../core/formats'
import { sentence } from '../app/words/issues'
import { library } from '../data'
import { EXIT } from './io'

/** `npm run --silent library [-- --json]`: counts what the reference library holds and checks every reference in it. */
function main(json: boolean): number {
  const counts = countLibrary(library)
  const problems = checkLibrary(library)
  if (json)
    process.stdout.write(
      `${JSON.stringify({ ...counts, problems: problems.map(({ code, path, figures }) => ({ code, path: pathText(path), figures })) }, null, 2)}\n`
    )
  else {
    const line = (name: string, value: number, note = ''): string =>
      `${name.padEnd(24)}${String(value).padStart(6)}${note === '' ? '' : `   ${note}`}\n`
    const parts = (record: Readonly<Partial<Record<string, number>>>): string =>
      Object.entries(record)
        .map(([name, value]) => `${name} ${value}`)
        .join(', ')
    process.stdout.write(
      `Reference library ${counts.version}\n` +
        line('operations', counts.operations) +
        line('methods', counts.methods, parts(counts.methodsByForm)) +
        line('tools', counts.tools, parts(counts.toolsByGroup)) +
        line('shop-made jigs', counts.jigs) +
        line('build templates', counts.templates) +
        line('materials', counts.materials) +
        line('references checked', counts.references)
    )
    process.stdout.write(
      problems.length === 0 ? 'Every reference holds.\n' : `${problems.length} problems:\n`
    )
  }
  for (const one of problems) process.stderr.write(`${pathText(one.path)}: ${sentence(one)}\n`)
  return problems.length === 0 ? EXIT.fine : EXIT.broken
}

process.exitCode = main(process.argv.includes('--json'))
