import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { derive, nest, nestOnShelves, type Part } from '../../core/cutlist'
import { fitBuild, fitContext, kitOf, makeFitter } from '../../core/fit'
import { buildFromTemplate } from '../../core/builds'
import { checkLibrary, indexLibrary, specsOf } from '../../core/catalogue'
import { seededRandom } from '../../core/kernel'
import { worldOf, type Item, type Workspace } from '../../core/workspace'
import { library } from '../../data'
import { materialCards, operationCards, toolCards } from '../../data/cards'
import { fromFullSheets } from '../../tests/helpers/sheets'
import { atMost, median, timed, under, type Figure } from './figures'

const kilobytes = (data: unknown): number => gzipSync(JSON.stringify(data)).byteLength / 1000

/** The library made ready and checked, and how much of it is carried over the wire. */
function loadFigures(): Figure[] {
  const loads = Array.from(
    { length: RUNS },
    () => timed(() => checkLibrary(indexLibrary({ ...library.data }))).ms
  )
  return [
    under('library made ready and checked (Node)', median(loads.slice(3)), 'ms', 150),
    under('library, gzip', kilobytes(library.data), 'kB', 90),
    under(
      'texts of the cards, gzip',
      kilobytes([toolCards, operationCards, materialCards]),
      'kB',
      40
    )
  ]
}

const RUNS = 15
const BUILDS = 40
const ITEMS = 60
const PARTS = 60

/** Sixty usual things, none of which is shop-made, in the order of the library's price. */
function items(): Item[] {
  return [...library.tools.values()]
    .filter(({ madeBy }) => madeBy === undefined)
    .sort((a, b) => (a.forms[0]?.points ?? 0) - (b.forms[0]?.points ?? 0))
    .filter((_, i) => i % 3 === 0)
    .slice(0, ITEMS)
    .map((tool, i) => ({
      id: `i${i}`,
      tool: tool.id,
      tier: 'weekend',
      condition: 'new',
      power: tool.forms[0]?.power ?? 'hand',
      specs: specsOf(tool, 'weekend'),
      count: 4,
      since: '2026-01-01',
      cost: 0
    }))
}
const builds = () =>
  library.data.templates
    .filter(({ kind }) => kind === 'piece')
    .slice(0, BUILDS)
    .map((template) => buildFromTemplate(template, template.id, template.name))

/** A seeded cut list of sheet and board parts. */
function parts(seed: number): Part[] {
  const random = seededRandom(seed)
  return Array.from({ length: PARTS }, (_, i): Part => {
    const sheet = i % 2 === 0
    return {
      id: `p${i}`,
      name: `Part ${i}`,
      quantity: 1 + Math.floor(random() * 2),
      lengthMm: 200 + Math.round(random() * 1000),
      widthMm: 60 + Math.round(random() * (sheet ? 500 : 180)),
      thicknessMm: sheet ? 18 : 20,
      stock: sheet ? 'sheet' : 'softwood',
      joints: [{ joint: 'pocket', count: 2 }],
      grain: !sheet
    }
  })
}

/** Figures of the library, fit, cut lists and nesting, in Node. */
export function libraryFigures(): Figure[] {
  const demo = JSON.parse(readFileSync('data/demo/hive-yard.json', 'utf8')) as Workspace
  const world = worldOf({ ...demo, items: items(), builds: builds() }, library, '2026-05-04')
  const context = fitContext(world)
  const kit = kitOf(world.library, world.workspace.items)
  const fits = Array.from(
    { length: RUNS },
    () => timed(() => world.workspace.builds.map((build) => fitBuild(context, kit, build))).ms
  )
  const ways: number[] = []
  for (let run = 0; run < 3; run++) {
    const fitter = makeFitter(world)
    for (const build of world.workspace.builds) ways.push(timed(() => fitter.waysIn(build)).ms)
  }
  const list = parts(11)
  const derived = Array.from({ length: RUNS }, () => timed(() => derive(library, list)).ms)
  const sheet = { lengthMm: 2440, widthMm: 1220 }
  const flat = list.map(({ id, lengthMm, widthMm, quantity }) => ({
    id,
    lengthMm,
    widthMm,
    quantity,
    canTurn: true
  }))
  const nested = Array.from({ length: 5 }, () => timed(() => nest(flat, sheet)).ms)
  const seeds = [201, 202, 203, 204, 205, 206, 207, 208, 209, 210]
  const above = seeds.map(
    (seed) =>
      nest(fromFullSheets(seed, 2 + (seed % 4), sheet, 3), sheet, { seed }).sheets.length -
      (2 + (seed % 4))
  )
  const behind = seeds.map(
    (seed) =>
      nest(
        parts(seed).map(({ id, lengthMm, widthMm, quantity }) => ({
          id,
          lengthMm,
          widthMm,
          quantity,
          canTurn: true
        })),
        sheet
      ).sheets.length -
      nestOnShelves(
        parts(seed).map(({ id, lengthMm, widthMm, quantity }) => ({
          id,
          lengthMm,
          widthMm,
          quantity,
          canTurn: true
        })),
        sheet
      ).sheets.length
  )
  return [
    ...loadFigures(),
    under(`fit of ${BUILDS} builds against ${ITEMS} items (Node)`, median(fits.slice(3)), 'ms', 20),
    under('ways in for a build, median (Node)', median(ways), 'ms', 50),
    under(
      'ways in for a build, worst of 40, warm (Node)',
      Math.max(...ways.slice(BUILDS)),
      'ms',
      50
    ),
    under(
      `steps and timber of a ${PARTS}-part cut list (Node)`,
      median(derived.slice(3)),
      'ms',
      20
    ),
    under(`nesting ${PARTS} parts on sheets (Node)`, median(nested), 'ms', 1000),
    atMost(
      'sheets above the known least, worst of 10 seeded sets',
      Math.max(...above),
      'sheets',
      1
    ),
    atMost(
      'sheets above first-fit decreasing, worst of 10 seeded lists',
      Math.max(...behind),
      'sheets',
      0
    )
  ]
}
