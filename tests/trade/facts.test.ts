import { describe, expect, test } from '@jest/globals'
import { specsOf, type Method } from '../../core/catalogue'
import { buildFromTemplate } from '../../core/builds'
import { fitBuild, fitContext, fitStep, kitWith, makeKit, type Kit } from '../../core/fit'
import { library } from '../../data'
import { build, worldWith } from '../helpers/workspaces'

/** Facts of the trade the library has to agree with; common practice throughout. */
const context = fitContext(worldWith())
const kitOf = (...tools: (string | readonly [string, number])[]): Kit =>
  makeKit(
    tools.map((one) => {
      const [id, count] = typeof one === 'string' ? ([one, 1] as const) : one
      const tool = library.tools.get(id)
      if (!tool) throw new Error(id)
      return {
        tool,
        tier: 'weekend',
        condition: 'new',
        power: tool.forms[0]?.power ?? 'hand',
        specs: specsOf(tool, 'weekend'),
        count
      }
    })
  )
const gaps = (kit: Kit, template: string): string[] => {
  const found = library.templates.get(template)
  if (!found) throw new Error(template)
  return fitBuild(context, kit, buildFromTemplate(found, 'b', 'b')).gaps.map(
    ({ step }) => step.operation
  )
}
const methodsFor = (operation: string): readonly Method[] => library.methodsFor.get(operation) ?? []
const minutes = (id: string): Method => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}

describe('there is a way for everyone', () => {
  test('whatever can hurt badly has a gentler way: every operation done with a hazard of 3 can be done with 2 or less', () => {
    for (const operation of library.operations.keys()) {
      const levels = methodsFor(operation).map(({ hazard }) => hazard?.level ?? 0)
      if (levels.includes(3))
        expect([operation, Math.min(...levels) <= 2]).toEqual([operation, true])
    }
  })
  test('a quiet evening is possible: whatever is loud can be done below 85 dB(A), but for nails and biscuits', () => {
    for (const operation of library.operations.keys()) {
      const levels = methodsFor(operation).map(({ soundDbA }) => soundDbA)
      // A nail takes a blow, and biscuits are a machine's joint: who wants quiet takes screws and dowels.
      if (Math.max(...levels) >= 90 && !['join-biscuit', 'tack'].includes(operation))
        expect([operation, Math.min(...levels) < 85]).toEqual([operation, true])
    }
  })
  test('the yard and the counter do what a beginner cannot: flat, thick, straight, ripped, cut to length and to size', () => {
    for (const operation of [
      'flatten',
      'thickness',
      'straighten-edge',
      'rip',
      'crosscut',
      'break-down-sheet',
      'flatten-panel'
    ])
      expect([operation, methodsFor(operation).some(({ form }) => form === 'service')]).toEqual([
        operation,
        true
      ])
  })
})

describe('kits of the schools, on builds of their kind', () => {
  const marking = ['tape', 'combination-square', 'marking-gauge', 'sliding-bevel'] as const
  const gear = ['safety-glasses', 'ear-muffs', 'half-mask', 'push-sticks'] as const
  const quiet = kitOf(
    ...marking,
    'pull-saw',
    'bench-hook',
    'chisels',
    'mallet',
    'sharpening-stone',
    'smoothing-plane',
    'jack-plane',
    'block-plane',
    'fold-bench',
    'strap-clamp',
    ['strap-clamp', 2],
    'screwdrivers',
    'hand-drill',
    'finishing-kit'
  )
  const handHeld = kitOf(
    ...marking,
    'rafter-square',
    ...gear,
    'drill-driver',
    'drill-bits',
    'driver-bits',
    'circular-saw',
    'guide-rail',
    'foam-sheet',
    'sawhorses',
    'ro-sander',
    'sanding-discs',
    'pocket-jig',
    ['f-clamp-600', 4],
    'sanding-block',
    'finishing-kit',
    'panel-saw'
  )

  test('a quiet hand kit makes a box with joints cut by hand and a bench that carries people', () => {
    // The bottom is nailed on: for that one wants a hammer.
    const nailing = kitWith(quiet, kitOf('hammer', 'ear-plugs', 'dust-masks').tools)
    expect([gaps(nailing, 'tea-box'), gaps(nailing, 'low-bench')]).toEqual([[], []])
  })
  test('the same kit does not bore square without a block or guide, nor screw pockets', () => {
    const boring = kitWith(quiet, kitOf('drill-bits').tools)
    const can = (operation: string): boolean =>
      fitStep(context, boring, { id: 's', operation, quantity: 1, stock: {} }, build('bird-box'))
        .usable.length > 0
    expect([can('bore'), can('bore-square'), can('join-pocket')]).toEqual([true, false, false])
  })
  test('a hand-held kit breaks sheets down and screws a case together, without a machine on the floor', () => {
    expect([gaps(handHeld, 'shoe-bench'), gaps(handHeld, 'coat-bench')]).toEqual([[], []])
  })
  test('it does most of what a table saw does for sheets, only slower for each cut', () => {
    const [saw, machine] = [minutes('rip/circular-saw-guide'), minutes('rip/table-saw')]
    expect(saw.runMinutes).toBeGreaterThan(machine.runMinutes)
    expect(minutes('break-down-sheet/circular-saw').runMinutes).toBeGreaterThan(
      minutes('break-down-sheet/rail-saw').runMinutes
    )
  })
})

describe('what is quick, what is exact', () => {
  test('repeats are where fixed machines win: at 50 pieces the stop beats the saw on a hook, at one it does not pay', () => {
    const time = ({ setupMinutes, runMinutes }: Method, pieces: number): number =>
      setupMinutes + runMinutes * pieces
    expect(time(minutes('crosscut/mitre-saw'), 50)).toBeLessThan(
      time(minutes('crosscut/pull-saw-hook'), 50)
    )
    expect(time(minutes('crosscut/mitre-saw'), 1)).toBeLessThanOrEqual(
      time(minutes('crosscut/pull-saw-hook'), 1)
    )
    expect(time(minutes('cut-box-joint/table-saw'), 1)).toBeLessThan(
      time(minutes('cut-box-joint/hand'), 1)
    )
  })
  test('a guide does most of what a press does', () => {
    expect(minutes('bore-square/guide').accuracyMm).toBeLessThan(
      minutes('bore-square/block').accuracyMm
    )
    expect(minutes('bore-square/press').accuracyMm).toBeLessThan(
      minutes('bore-square/guide').accuracyMm
    )
  })
  test('a plane on a shooting board trues an end better than any saw leaves it', () => {
    const best = Math.min(...methodsFor('crosscut').map(({ accuracyMm }) => accuracyMm))
    expect(minutes('shoot-end/board').accuracyMm).toBeLessThan(best)
  })
  test('a band saw curves fast and leaves a surface to clean up; inside it cannot go', () => {
    expect(minutes('cut-curve/band-saw').surface).toBe('sawn')
    expect(
      methodsFor('cut-inside').some(({ roles }) => roles.some(({ role }) => role === 'band-saw'))
    ).toBe(false)
  })
  test('a thicknesser makes faces parallel, a jointer one flat: each has a way round the other', () => {
    expect(
      methodsFor('flatten').some(({ roles }) => roles.some(({ role }) => role === 'planer-sled'))
    ).toBe(true)
    expect(
      methodsFor('thickness').some(({ roles }) => roles.some(({ role }) => role === 'jointer'))
    ).toBe(false)
  })
  test('nothing joins people’s weight in a minute: joints that carry take longer than pockets', () => {
    const pocket = minutes('join-pocket/jig').runMinutes
    for (const method of methodsFor('cut-mortise'))
      expect([method.id, method.runMinutes > pocket]).toEqual([method.id, true])
  })
})

describe('what must come along', () => {
  const companionsOf = (id: string, kind: 'needed' | 'advised'): string[] =>
    (library.tools.get(id)?.companions ?? [])
      .filter((one) => one.kind === kind)
      .flatMap(({ anyOf }) => anyOf)
  test.each([
    ['impact-driver', 'impact-bits'],
    ['drill-driver', 'drill-bits'],
    ['trim-router', 'router-bits'],
    ['plunge-router', 'router-bits-large'],
    ['ro-sander', 'sanding-discs'],
    ['thicknesser', 'chip-extractor'],
    ['table-saw', 'push-sticks'],
    ['chisels', 'sharpening-stone'],
    ['chisels', 'mallet'],
    ['jack-plane', 'sharpening-stone'],
    ['turning-tools', 'bench-grinder'],
    ['brad-nailer', 'battery-set'],
    ['hook-knife', 'carving-glove'],
    ['scraper', 'burnisher'],
    ['scraper-handled', 'burnisher']
  ])('%s needs %s', (tool, companion) => expect(companionsOf(tool, 'needed')).toContain(companion))
  test.each([
    ['circular-saw', 'saw-blade'],
    ['table-saw', 'bench-saw-blade'],
    ['mitre-saw-large', 'saw-blade-305'],
    ['table-saw', 'featherboard'],
    ['table-saw', 'outfeed-table'],
    ['ro-sander', 'vacuum'],
    ['drill-driver', 'hex-holder']
  ])('%s is the better for %s', (tool, companion) =>
    expect(companionsOf(tool, 'advised')).toContain(companion)
  )
  test('a wooden-bodied plane is adjusted with wood or brass', () =>
    expect(companionsOf('pull-plane', 'needed')).toEqual(
      expect.arrayContaining(['mallet', 'plane-hammer'])
    ))
})
