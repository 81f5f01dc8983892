import { browserFigures } from './browser'
import { coreFigures } from './core'
import { table, type Figure } from './figures'
import { dayFigures, floorFigures } from './floor'
import { keepingFigures } from './keeping'
import { libraryFigures } from './library'
import { pricesFigures } from './prices'
import { careFigures } from './care'
import { sideFigures } from './side'
import { stagesFigures } from './stages'
import { weighFigures } from './weigh'
import { worthFigures } from './worth'
import { yearFigures } from './year'

/** `npm run bench`: measures this machine and prints a table, or the same as JSON with `-- --json`; `-- --only stages` measures one part, `-- --only year` (apart from the others) fifty simulated years of prices, `-- --only worth` what things are worth against long searches. Writes nothing. */
const parts: Readonly<Record<string, () => Figure[] | Promise<Figure[]>>> = {
  core: coreFigures,
  library: libraryFigures,
  weigh: weighFigures,
  prices: pricesFigures,
  stages: stagesFigures,
  floor: () => [...floorFigures(), ...dayFigures()],
  side: sideFigures,
  care: careFigures,
  keeping: keepingFigures,
  browser: browserFigures,
  year: yearFigures,
  worth: worthFigures
}
/** Takes long, and measures prices rather than this machine: asked for by name. */
const APART = new Set(['year', 'worth'])
const only = process.argv.includes('--only')
  ? process.argv[process.argv.indexOf('--only') + 1]
  : undefined
const figures: Figure[] = []
for (const [name, measure] of Object.entries(parts))
  if (only === name || (only === undefined && !APART.has(name))) figures.push(...(await measure()))
console.log(process.argv.includes('--json') ? JSON.stringify(figures, null, 2) : table(figures))
