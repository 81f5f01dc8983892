import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { buildFromTemplate } from '../../core/builds'
import { TIERS } from '../../core/catalogue'
import { bestSplit, tierPlaces, type TierPlace } from '../../core/weigh'
import { worldWith } from '../helpers/workspaces'

/**
 * Where the trade says to spend and where to save, common practice: accuracy and edge start from squares, straight edges, planes, chisels
 * and the fences and detents of the big saws; of a sander the paper matters, of a router the bit, and the first drill, the clamps and the
 * jigsaw may be plain.
 */
const SPEND = [
  'rafter-square',
  'combination-square',
  'straight-edge',
  'smoothing-plane',
  'block-plane',
  'jack-plane',
  'chisels',
  'mitre-saw'
]
const SAVE = [
  'ro-sander',
  'drill-driver',
  'trim-router',
  'trigger-clamp-300',
  'f-clamp-600',
  'circular-saw',
  'jigsaw'
]

const BUILDS = [
  'step-stool',
  'coffee-table',
  'keepsake-box',
  'planter',
  'bedside-table',
  'wall-cabinet'
]
const world = worldWith({
  builds: BUILDS.map((id) => {
    const template = library.templates.get(id)
    if (!template) throw new Error(id)
    return buildFromTemplate(template, id, id)
  })
})
const places = tierPlaces(
  world,
  [...SPEND, ...SAVE].map((id) => {
    const tool = library.tools.get(id)
    if (!tool) throw new Error(id)
    return { tool, power: tool.forms[0]?.power ?? ('hand' as const), count: 1 }
  }),
  3
)
const costOf = ({ options }: TierPlace, tier: string): number =>
  options.find(({ id }) => id === tier)?.cost ?? NaN
const sumAt = (tier: string): number => places.reduce((sum, place) => sum + costOf(place, tier), 0)
/** Tiers by tool, of the best split of a sum. */
function split(total: number): Map<string, string> {
  const found = bestSplit(total, places)
  if (found.kind !== 'split') throw new Error(found.kind)
  return new Map(found.chosen.map(({ place, option }) => [place, option]))
}
const rank = (tier: string | undefined): number => TIERS.indexOf((tier ?? 'get-by') as 'get-by')

describe('the tier advisor says what the trade says', () => {
  test('however much there is, nothing dearer than the builds need, and no bargain squares, planes or chisels', () => {
    const rich = split(sumAt('lifetime'))
    for (const id of SAVE) expect([id, rich.get(id)]).toEqual([id, 'weekend'])
    for (const id of SPEND) expect([id, rank(rich.get(id)) >= rank('weekend')]).toEqual([id, true])
  })
  test('where only half of them can be better ones, squares, planes, chisels and detents come before sander, drill and clamps', () => {
    const extra = places
      .filter(({ id }) => SPEND.includes(id))
      .reduce((sum, place) => sum + costOf(place, 'weekend') - costOf(place, 'get-by'), 0)
    const short = split(sumAt('get-by') + extra)
    for (const id of SPEND) expect([id, short.get(id)]).toEqual([id, 'weekend'])
    for (const id of SAVE) expect([id, short.get(id)]).toEqual([id, 'get-by'])
  })
  test('no class is ruled out in a plain make but by a step that needs better', () =>
    expect(
      places.flatMap(({ id, ruledOut }) =>
        SAVE.includes(id) ? ruledOut.map(({ kind }) => `${id}: ${kind}`) : []
      )
    ).toEqual([]))
})
