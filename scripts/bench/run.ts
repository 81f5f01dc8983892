import { browserFigures } from './browser'
import { coreFigures } from './core'
import { table, type Figure } from './figures'
import { keepingFigures } from './keeping'
import { libraryFigures } from './library'
import { pricesFigures } from './prices'
import { stagesFigures } from './stages'
import { weighFigures } from './weigh'

/** `npm run bench`: measures this machine and prints a table, or the same as JSON with `-- --json`; `-- --only stages` measures one part. Writes nothing. */
const parts: Readonly<Record<string, () => Figure[] | Promise<Figure[]>>> = {
  core: coreFigures,
  library: libraryFigures,
  weigh: weighFigures,
  prices: pricesFigures,
  stages: stagesFigures,
  keeping: keepingFigures,
  browser: browserFigures
}
const only = process.argv.includes('--only')
  ? process.argv[process.argv.indexOf('--only') + 1]
  : undefined
const figures: Figure[] = []
for (const [name, measure] of Object.entries(parts))
  if (only === undefined || only === name) figures.push(...(await measure()))
console.log(process.argv.includes('--json') ? JSON.stringify(figures, null, 2) : table(figures))
