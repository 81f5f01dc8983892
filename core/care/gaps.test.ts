import { describe, expect, test } from '@jest/globals'
import { build, item, items, worldWith } from '../../tests/helpers/workspaces'
import { capacityGaps } from '.'

describe('where what is owned stops short', () => {
  test('clamps of 600 mm and panels they do not span: the widest panel, with room for blocks, and both builds', () => {
    const wide = (id: string, widthMm: number) => ({
      ...build('blanket-chest'),
      id,
      steps: [{ id: 's1', operation: 'glue-up-panel', quantity: 1, stock: { widthMm } }]
    })
    const world = worldWith({
      builds: [wide('a', 700), wide('b', 900)],
      items: [item('f-clamp-600', { count: 6 })]
    })
    expect(capacityGaps(world)).toContainEqual({
      tool: 'f-clamp-600',
      spec: 'openingMm',
      has: 600,
      needs: 940,
      builds: ['a', 'b']
    })
  })
  test('a jigsaw whose blade does not reach through, with the figure and the build', () => {
    const chest = {
      ...build('step-stool'),
      id: 'thick',
      steps: [{ id: 's1', operation: 'cut-curve', quantity: 1, stock: { thicknessMm: 80 } }]
    }
    const world = worldWith({
      builds: [chest],
      items: items('tape', 'jigsaw', 'safety-glasses', 'ear-plugs')
    })
    expect(capacityGaps(world)).toEqual([
      { tool: 'jigsaw', spec: 'reachMm', has: 65, needs: 80, builds: ['thick'] }
    ])
  })
  test('nothing is said of what is done, of what another tool can do, or of what lacks more than a measure', () => {
    const done = {
      ...build('tool-tote'),
      log: { begun: '2026-05-01', done: '2026-05-02', minutesSpent: 60 }
    }
    expect(
      capacityGaps(worldWith({ builds: [done], items: [item('f-clamp-600', { count: 4 })] }))
    ).toEqual([])
    const reached = [item('f-clamp-600', { count: 4 }), item('pipe-clamp-900', { count: 4 })]
    const wide = {
      ...build('tool-tote'),
      steps: [{ id: 's1', operation: 'glue-up-panel', quantity: 1, stock: { widthMm: 700 } }]
    }
    expect(capacityGaps(worldWith({ builds: [wide], items: reached }))).toEqual([])
    expect(capacityGaps(worldWith({ builds: [wide], items: [] }))).toEqual([])
  })
})
