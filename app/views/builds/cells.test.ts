import { describe, expect, test } from '@jest/globals'
import { library } from '../../../data'
import { build, item, items, worldWith } from '../../../tests/helpers/workspaces'
import { fitContext, kitOf } from '../../../core/fit'
import { gridOf, type Cell } from './cells'

const context = fitContext(worldWith())
const cell = (template: string, operation: string, ...owned: ReturnType<typeof items>): Cell => {
  const grid = gridOf(context, kitOf(library, owned), [build(template)])
  const found = grid.rows.find((row) => row.operation.id === operation)?.cells[0]
  if (!found) throw new Error(`${template} has no ${operation}`)
  return found
}

describe('what a cell of the fit grid says', () => {
  test('done quickly with what is owned', () => {
    expect(cell('bird-box', 'tack', ...items('hammer', 'ear-plugs'))).toMatchObject({
      state: 'fast',
      minutes: 9
    })
  })
  test('slowly by hand', () => {
    expect(cell('blanket-chest', 'sand-flat', ...items('sanding-block', 'dust-masks')).state).toBe(
      'slow'
    )
  })
  test('done as a service, with its fee', () => {
    const served = cell('garage-shelves', 'break-down-sheet')
    expect(served.state).toBe('service')
    expect(served.fees).toBeGreaterThan(0)
  })
  test('near: a clamp that opens too little, with the figure', () => {
    const near = cell('round-table-top', 'glue-up-panel', item('f-clamp-600', { count: 4 }))
    expect(near.state).toBe('near')
    expect(near.nearest?.misses).toMatchObject([{ kind: 'spec', has: 600, needs: 740 }])
  })
  test('no way yet', () => {
    expect(cell('bird-box', 'bore')).toMatchObject({ state: 'none', best: undefined })
  })
})

describe('the grid', () => {
  const grid = gridOf(context, kitOf(library, items('tape', 'hammer')), [
    build('bird-box'),
    build('peg-rail')
  ])
  test('has rows in working order, for operations some build needs', () => {
    const orders = grid.rows.map(({ operation }) => operation.order)
    expect(orders).toEqual([...orders].sort((a, b) => a - b))
    expect(grid.rows.some(({ operation }) => operation.id === 'cut-mortise')).toBe(false)
  })
  test('leaves a cell empty where a build does not need the operation', () => {
    expect(grid.rows.find(({ operation }) => operation.id === 'rip')?.cells[0]).toBeUndefined()
    expect(grid.rows.find(({ operation }) => operation.id === 'rip')?.cells[1]).toBeDefined()
  })
  test('calls a row clear when nothing in it is missing, slow or near', () => {
    expect(grid.rows.find(({ operation }) => operation.id === 'measure')?.clear).toBe(true)
    expect(grid.rows.find(({ operation }) => operation.id === 'bore')?.clear).toBe(false)
  })
})
