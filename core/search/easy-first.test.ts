import { describe, expect, test } from '@jest/globals'
import { TODAY, emptyWorkspace, funds, items } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import type { Build } from '../builds'
import { addDays } from '../calendar'
import { worldOf, type Workspace } from '../workspace'
import { makePlan } from '.'

/** Everything for both pieces is there: only the order is open. */
const kit = items(
  ...'tape rafter-square combination-square pull-saw panel-saw chisels mallet sharpening-stone'.split(
    ' '
  ),
  ...'marking-gauge awl hammer screwdrivers sanding-block finishing-kit f-clamp-600 fold-bench bench-hook'.split(
    ' '
  ),
  ...'drill-driver drill-bits driver-bits countersink safety-glasses jack-plane smoothing-plane'.split(
    ' '
  )
)
/** Screws driven are anybody's work, mortises chopped by hand a craft; both take a few evenings. */
const piece = (id: string, operation: string, quantity: number): Build => ({
  id,
  name: id,
  copies: 1,
  worthEach: 10_000,
  materials: [],
  steps: [
    {
      id: 's1',
      operation,
      quantity,
      stock: { lengthMm: 500, widthMm: 70, thicknessMm: 20 }
    }
  ]
})
const EASY = piece('easy', 'drive', 4000)
const CRAFT = piece('craft', 'cut-mortise', 12)
const begun = (builds: readonly Build[], change: Partial<Workspace> = {}): string[] => {
  const workspace = emptyWorkspace({ ...funds(0, 0), builds, items: kit, ...change })
  const world = worldOf(
    { ...workspace, preferences: { ...workspace.preferences, levels: {} }, ...change },
    library,
    TODAY
  )
  const outcome = makePlan(world, { evaluations: 800 })
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  expect(outcome.report.broken).toEqual([])
  return outcome.plan.builds.map((one) => one.build).filter((id) => !id.startsWith('make/'))
}

describe('easy pieces first', () => {
  test('of two of like worth the one that asks less skill is begun first, whatever the list says', () => {
    expect(begun([EASY, CRAFT])).toEqual(['easy', 'craft'])
    expect(begun([CRAFT, EASY])).toEqual(['easy', 'craft'])
  })
  test('also where the harder one is worth a little more and would for that come first', () => {
    expect(begun([{ ...CRAFT, worthEach: 11_000 }, EASY])).toEqual(['easy', 'craft'])
  })
  test('what is worth many times as much is not kept waiting', () => {
    expect(
      begun([
        { ...CRAFT, worthEach: 90_000 },
        { ...EASY, worthEach: 9_000 }
      ])[0]
    ).toBe('craft')
  })
  test('nor what is wanted by a day that would be missed', () => {
    // Begun first it is done after five weeks, begun second after nine.
    const wished = { ...CRAFT, wished: addDays(TODAY, 40), worthEach: 12_000 }
    const money = { ...funds(0, 0).money, latenessPerDay: 0.02 }
    expect(begun([EASY, wished], { money })[0]).toBe('craft')
  })
})
