import { expect, test } from '@jest/globals'
import { library } from '../../data'
import { item, worldWith } from '../../tests/helpers/workspaces'
import type { SittingWork } from '../fit'
import { dayPacks, packsDrawn } from '.'

const bore = (minutes: number): SittingWork => ({
  step: { id: 's', operation: 'bore', quantity: 1, stock: {} },
  minutes,
  method: 'bore/drill',
  tools: ['drill-driver', 'drill-bits'],
  wear: [],
  goesOn: false
})
const perHour = library.tools
  .get('drill-driver')!
  .forms.find(({ power }) => power === 'cordless')!.whPerHour!

test('four fifths of a pack come out in work: common practice; worked by hand', () => {
  // 36 Wh give 28.8.
  expect([0, 28.8, 28.9, 57.6].map((wh) => packsDrawn(wh, 36))).toEqual([0, 1, 2, 2])
})
test('a battery drill draws by the minutes it works, a corded one nothing', () => {
  const battery = worldWith({
    items: [item('drill-driver', { power: 'cordless', platform: 'Green', specs: { packWh: 36 } })]
  })
  const [green] = dayPacks(battery, undefined, [bore(60), bore(120)])
  expect(green).toMatchObject({ platform: 'Green', packWh: 36 })
  expect(green!.energyWh).toBeCloseTo(3 * perHour, 9)
  expect(green!.packs).toBe(Math.ceil((3 * perHour) / 28.8 - 1e-9))
  const corded = worldWith({ items: [item('drill-driver', { power: 'corded' })] })
  expect(dayPacks(corded, undefined, [bore(60)])).toEqual([])
})
test('only the part of a step counts that the tool is used in', () => {
  const world = worldWith({ items: [item('drill-driver', { power: 'cordless' })] })
  const joined: SittingWork = {
    ...bore(60),
    method: 'join-case/screwed',
    ways: [
      { operation: 'bore', method: 'bore/drill', minutes: 15, tools: [] },
      { operation: 'sand-flat', method: 'sand-flat/block', minutes: 45, tools: [] }
    ]
  }
  expect(dayPacks(world, undefined, [joined])[0]?.energyWh).toBeCloseTo(perHour / 4, 9)
})
