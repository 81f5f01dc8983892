import { browserFigures } from './browser'
import { coreFigures } from './core'
import { table } from './figures'
import { libraryFigures } from './library'
import { weighFigures } from './weigh'

/** `npm run bench`: measures this machine and prints a table, or the same as JSON with `-- --json`. Writes nothing. */
const figures = [...coreFigures(), ...libraryFigures(), ...weighFigures(), ...(await browserFigures())]
console.log(process.argv.includes('--json') ? JSON.stringify(figures, null, 2) : table(figures))
