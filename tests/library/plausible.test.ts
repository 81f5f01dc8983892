import { describe, expect, test } from '@jest/globals'
import {
  TIERS,
  dutyMinutesPerHour,
  errorFactor,
  tierPrice,
  timeFactor,
  type ToolGroup
} from '../../core/catalogue'
import { library } from '../../data'
import { tools } from '../helpers/all-tools'

/** Price bands of whole groups, index points of the weekend tier; common practice, from memory. */
const GROUP_POINTS: Readonly<Record<ToolGroup, readonly [least: number, most: number]>> = {
  measuring: [3, 45],
  saws: [8, 95],
  planes: [5, 140],
  chisels: [4, 80],
  striking: [4, 30],
  sharpening: [8, 180],
  // A combi drill with packs costs a quarter more than the drill driver all prices are measured by.
  drilling: [4, 130],
  'hand-power': [30, 560],
  machines: [60, 1300],
  clamps: [6, 95],
  support: [7, 340],
  dust: [8, 340],
  protection: [3, 220],
  accessories: [4, 120],
  storage: [8, 140],
  'shop-made': [2, 300]
}
/** Floor taken when put away, m², at most. */
const GROUP_FLOOR: Readonly<Partial<Record<ToolGroup, number>>> = {
  measuring: 0.05,
  saws: 0.07,
  planes: 0.06,
  chisels: 0.05,
  striking: 0.02,
  drilling: 0.06,
  'hand-power': 0.25,
  clamps: 0.05,
  machines: 2,
  protection: 0.05
}

describe('every tool lies in the bands of its group (common practice, from memory)', () => {
  test.each(Object.keys(GROUP_POINTS) as ToolGroup[])('%s: price and floor', (group) => {
    const [least, most] = GROUP_POINTS[group]
    const outside = tools
      .filter((tool) => tool.group === group)
      .filter(
        ({ forms, storedM2 }) =>
          forms.some(({ points }) => points < least || points > most) ||
          storedM2 > (GROUP_FLOOR[group] ?? 2)
      )
      .map(({ id }) => id)
    expect(outside).toEqual([])
  })
  test('cords draw what their work takes, more at 120 V than at 230 V; batteries say their energy', () => {
    for (const { id, forms } of tools)
      for (const { power, amps230, amps120, whPerHour } of forms) {
        if (power === 'corded')
          expect([
            id,
            (amps230 ?? 0) > 0 && (amps120 ?? 0) >= (amps230 ?? 0) && (amps120 ?? 0) <= 15
          ]).toEqual([id, true])
        if (power === 'cordless')
          expect([id, (whPerHour ?? 0) >= 10 && (whPerHour ?? 0) <= 500]).toEqual([id, true])
      }
  })
  test('what turns or cuts under power protects the eyes; what is loud the ears; what makes fine dust the lungs', () => {
    for (const tool of tools) {
      if (tool.soundDbA !== undefined && tool.soundDbA >= 90)
        expect([tool.id, tool.needs.includes('ears')]).toEqual([tool.id, true])
      if (
        tool.forms.some(({ power }) => power !== 'hand') &&
        ['spinning-bit', 'hand-blade', 'fixed-blade', 'router-bit', 'fired-nail'].includes(
          tool.hazard ?? ''
        )
      )
        expect([tool.id, tool.needs.includes('eyes')]).toEqual([tool.id, true])
      if (tool.hazard === 'dust' && tool.group !== 'dust')
        expect([tool.id, tool.needs.includes('lungs')]).toEqual([tool.id, true])
    }
  })
  test('every powered tool that can hurt has its caution beside it', () => {
    for (const { id, hazard, forms, caution } of tools)
      if (hazard !== null && forms.some(({ power }) => power !== 'hand'))
        expect([id, (caution ?? '').length > 20]).toEqual([id, true])
  })
  test('machines that are fed say how much room that takes, and take no less floor in use than put away', () => {
    for (const id of [
      'table-saw',
      'cabinet-saw',
      'band-saw',
      'thicknesser',
      'jointer',
      'combined-planer',
      'mitre-saw',
      'drum-sander'
    ]) {
      const tool = library.tools.get(id)
      expect([
        id,
        (tool?.feedMm?.infeed ?? 0) >= 800 && (tool?.feedMm?.outfeed ?? 0) >= 800,
        (tool?.usedM2 ?? 0) >= (tool?.storedM2 ?? Infinity)
      ]).toEqual([id, true, true])
    }
  })
  test('wear: weekend lasts longer than get-by, trade longer than weekend', () => {
    for (const { id, lifeHours } of tools)
      if (lifeHours)
        expect([
          id,
          lifeHours.getBy <= lifeHours.weekend && lifeHours.weekend <= lifeHours.trade
        ]).toEqual([id, true])
  })
  test('each tier is dearer, more exact, quicker and made for longer runs than the one below', () => {
    TIERS.slice(1).forEach((tier, i) => {
      const below = TIERS[i] ?? 'get-by'
      expect([
        errorFactor(tier) < errorFactor(below),
        timeFactor(tier, 'new') < timeFactor(below, 'new'),
        dutyMinutesPerHour(tier) > dutyMinutesPerHour(below)
      ]).toEqual([true, true, true])
      for (const tool of tools)
        expect([tool.id, tierPrice(tool, tier) > tierPrice(tool, below)]).toEqual([tool.id, true])
    })
  })
})
