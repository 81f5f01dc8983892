import { describe, expect, test } from '@jest/globals'
import { build, items, worldWith } from '../../tests/helpers/workspaces'
import type { Workspace } from '../workspace'
import { airOf, buysFor, clearing, dustAhead, dustOfMachine, eveningsOf, loudWays } from '.'

const shop = (workshop: Partial<Workspace['workshop']>): Partial<Workspace> => ({
  workshop: { volts: 230, comfort: {}, ...workshop }
})

describe('dust that is coming', () => {
  const kit = items('ro-sander', 'sanding-discs', 'dust-masks', 'ear-muffs', 'safety-glasses')
  const world = worldWith({
    items: kit,
    builds: [build('blanket-chest', { copies: 2 })],
    ...shop({ room: { lengthM: 5, widthM: 3 }, heightM: 2.5 })
  })
  test('the air is that of the room, as drawn, as said, or a usual one', () => {
    expect(airOf(world.workspace.workshop)).toEqual({ volumeM3: 37.5, changes: 0.5 })
    expect(airOf({ volts: 230, comfort: {} }).volumeM3).toBeCloseTo(18 * 2.4, 9)
    expect(airOf(world.workspace.workshop, true).changes).toBe(5)
  })
  test('of the evenings the dustiest, with the machine that makes it, and the gate as the cheapest help', () => {
    const ahead = dustAhead(world, undefined)!
    expect([ahead.build, ahead.machine, ahead.bought]).toEqual([
      'blanket-chest',
      'ro-sander',
      undefined
    ])
    const all = eveningsOf(world, undefined).map(({ day }) => day.dust!.mean)
    expect(ahead.air).toBe(Math.max(...all))
    expect(ahead.open).toBeLessThan(ahead.air)
    // A mask of factor 10 lets a tenth through (29 CFR 1910.134, from memory).
    expect(ahead.breathed).toBeCloseTo(ahead.air / 10, 9)
  })
  test('a hose takes 85 of 100 parts of the air, a mask none; most for the money first', () => {
    const ahead = dustAhead(world, undefined)!
    const of = (id: string) => ahead.buys.find((one) => one.tool === id)!
    expect(of('vacuum').air / ahead.air).toBeCloseTo(0.15, 9)
    expect(of('half-mask').air).toBe(ahead.air)
    expect(of('half-mask').breathed).toBeCloseTo(ahead.air / 20, 9)
    expect(ahead.buys.map(({ tool: id }) => id)).not.toContain('dust-masks')
    const rates = ahead.buys.map(({ perHundred }) => perHundred)
    expect(rates).toEqual([...rates].sort((a, b) => b - a))
    // Caught at the tool before it is breathed; the cheapest hose. Common practice.
    expect(clearing(ahead)?.tool).toBe('vacuum')
    const rest = ahead.buys.filter(({ tool: id }) => !['vacuum', 'chip-extractor'].includes(id))
    expect(clearing({ ...ahead, buys: rest })?.air).toBeLessThan(ahead.air)
    const [evening] = eveningsOf(world, undefined)
    const owned = { ...evening!, there: new Set([...evening!.there, 'vacuum']) }
    expect(buysFor(world, owned).some(({ tool: id }) => id === 'vacuum')).toBe(false)
  })
  test('it is said of the machine only where it is above the strictest limit', () => {
    const small = worldWith({
      ...world.workspace,
      workshop: { ...world.workspace.workshop, room: { lengthM: 2, widthM: 1.5 } }
    })
    expect(dustOfMachine(small, undefined, 'ro-sander')?.over).toBe(true)
    const hall = worldWith({
      ...world.workspace,
      workshop: { ...world.workspace.workshop, room: { lengthM: 60, widthM: 30 } }
    })
    expect(dustOfMachine(hall, undefined, 'ro-sander')).toBeUndefined()
    expect(dustOfMachine(small, undefined, 'table-saw')).toBeUndefined()
  })
})

describe('what is loud', () => {
  test('ways above the limit, loudest first, with what goes instead and what arrives next door', () => {
    const kit = items(
      'circular-saw',
      'panel-saw',
      'sawhorses',
      'safety-glasses',
      'ear-muffs',
      'half-mask',
      'rafter-square',
      'tape'
    )
    const world = worldWith({
      items: kit,
      builds: [build('bird-box', { copies: 6 })],
      ...shop({
        neighbour: { metres: 10, wall: 'blocks' },
        quiet: { aboveDbA: 78, costPerHour: 0 }
      })
    })
    const loud = loudWays(world, undefined)
    const saws = loud.find(({ operation }) => operation === 'crosscut')!
    expect(saws.method).toContain('circular-saw')
    // 20 dB for the distance, 40 for the wall.
    expect(saws.there).toBeCloseTo(saws.dbA - 60, 9)
    expect(saws.quiet?.method).toContain('panel-saw')
    expect(saws.quiet!.minutes).toBeGreaterThan(saws.minutes)
    expect(loud.map(({ dbA }) => dbA)).toEqual(
      [...loud.map(({ dbA }) => dbA)].sort((a, b) => b - a)
    )
    expect(loud.every(({ dbA }) => dbA > 78)).toBe(true)
  })
})
