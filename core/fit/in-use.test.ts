import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { worldWith } from '../../tests/helpers/workspaces'
import { roomInUse } from '.'

const tool = (id: string) => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}
const withRip = (lengthMm: number, room?: { lengthM: number; widthM: number }) => {
  const base = worldWith()
  return worldWith({
    workshop: { ...base.workspace.workshop, ...(room ? { room } : {}) },
    builds: [
      {
        id: 'b',
        name: 'b',
        copies: 1,
        materials: [],
        steps: [
          {
            id: 's',
            operation: 'rip',
            quantity: 1,
            stock: { lengthMm, widthMm: 100, thicknessMm: 20 }
          }
        ]
      }
    ]
  })
}

describe('a machine in use', () => {
  test('a board of a metre wants a metre before the saw, the saw, and a metre behind it', () => {
    const saw = tool('table-saw')
    const found = roomInUse(withRip(1000, { lengthM: 3, widthM: 2.4 }), saw)
    // The saw stands on 0.9 m², about 0.95 m square.
    expect(found).toMatchObject({ m2: 0.9, longestMm: 1000, roomMm: 3000 })
    expect(found?.lineMm).toBeCloseTo(1000 + Math.sqrt(0.9) * 1000 + 1000, 6)
  })
  test('however long the board, no more than its own feed; without a board, all of it', () => {
    const saw = tool('table-saw')
    const whole = 2500 + Math.sqrt(0.9) * 1000 + 2500
    expect(roomInUse(withRip(4000), saw)?.lineMm).toBeCloseTo(whole, 6)
    const nothing = roomInUse(worldWith(), saw)
    expect(nothing?.longestMm).toBeUndefined()
    expect(nothing?.roomMm).toBeUndefined()
    expect(nothing?.lineMm).toBeCloseTo(whole, 6)
  })
  test('what stands still while it works has no line, and hand tools take no room', () => {
    expect(roomInUse(worldWith(), tool('drill-press'))?.lineMm).toBe(0)
    expect(roomInUse(worldWith(), tool('chisels'))).toBeUndefined()
  })
})
