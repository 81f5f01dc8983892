import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { materialCards, operationCards, toolCards } from '../../data/cards'
import { change } from '../workspace'
import { TODAY, demoWorld, funds, items, worldWith } from '../../tests/helpers/workspaces'
import { worldOf } from '../workspace'
import { methodFacts, otherWays, toolFacts, workFacts } from '.'

const tool = (id: string) => {
  const found = library.tools.get(id)
  if (!found) throw new Error(`no tool ${id}`)
  return found
}
const ways = (id: string) => otherWays(library, tool(id))

describe('what is said on a card', () => {
  test('every tool, piece of work and material has its text, and no text is for nothing', () => {
    expect([...library.tools.keys()].filter((id) => !toolCards[id])).toEqual([])
    expect(Object.keys(toolCards).filter((id) => !library.tools.has(id))).toEqual([])
    expect([...library.operations.keys()].filter((id) => !operationCards[id])).toEqual([])
    expect(Object.keys(operationCards).filter((id) => !library.operations.has(id))).toEqual([])
    expect(
      [...library.materials.keys()].filter(
        (id) => !materialCards.some(([begins]) => id.startsWith(begins))
      )
    ).toEqual([])
  })
  test('a tool is for something in one sentence; three points to look at, with a figure among them', () => {
    for (const id of library.tools.keys()) {
      const card = toolCards[id]
      expect([id, card?.use.trim().split(/(?<=[.!?])\s+(?=\p{Lu})/u).length]).toEqual([id, 1])
      expect([id, new Set(card?.look).size]).toEqual([id, 3])
      expect([id, card?.look.some((one) => /\d/.test(one))]).toEqual([id, true])
      expect([id, card?.mistake !== '' && card?.care !== '']).toEqual([id, true])
    }
  })
  test('sizes on the cards are those of the library: blades, shanks, openings that are named as such', () => {
    // Each of these sizes is the one the catalogue calculates with.
    for (const [id, spec] of [
      ['circular-saw', 'bladeMm'],
      ['circular-saw-small', 'depthMm'],
      ['mitre-saw', 'crosscutMm'],
      ['mitre-saw-small', 'crosscutMm'],
      ['table-saw', 'ripMm'],
      ['band-saw', 'resawMm'],
      ['thicknesser', 'widthMm'],
      ['drill-press', 'throatMm'],
      ['bench-vice', 'openingMm'],
      ['jigsaw', 'reachMm']
    ] as const)
      expect([id, toolCards[id]?.size]).toEqual([
        id,
        expect.stringContaining(String(Math.floor(tool(id).specs[spec] ?? 0)))
      ])
  })
})

/** Common practice: what a teacher names when a tool is too dear or frightens. */
describe('gentler and cheaper ways', () => {
  test.each([
    ['table-saw', 'circular-saw', 'cheaper'],
    ['mitre-saw', 'mitre-box', 'gentler'],
    ['circular-saw', 'jigsaw', 'gentler'],
    ['circular-saw', 'pull-saw', 'gentler'],
    ['rail-saw', 'circular-saw', 'cheaper'],
    ['plunge-router', 'trim-router', 'cheaper'],
    ['drill-press', 'drill-driver', 'cheaper'],
    ['jointer', 'jack-plane', 'gentler'],
    ['thicknesser', 'jack-plane', 'cheaper'],
    ['moisture-meter', 'scales', 'cheaper'],
    ['brad-nailer', 'hammer', 'gentler'],
    ['mortiser', 'mortise-chisel', 'cheaper']
  ] as const)('instead of a %s: %s, %s', (dear, other, how) => {
    const way = ways(dear).find((one) => one.tool === other)
    expect(way?.[how]).toBe(true)
  })
  test('a clamp that opens less is no way round a longer one; nothing is a way round protection', () => {
    expect(ways('pipe-clamp-1500').map((one) => one.tool)).not.toContain('f-clamp-300')
    expect(ways('safety-glasses')).toEqual([])
    expect(ways('circular-saw').map((one) => one.tool)).not.toContain('table-saw')
  })
  test('no more than three, and each does at least half of the work', () => {
    for (const one of library.tools.values()) {
      const led = toolFacts(worldWith(funds(0, 0)), one).operations.length
      const found = otherWays(library, one)
      expect(found.length).toBeLessThanOrEqual(3)
      for (const way of found) expect(way.operations.length * 2).toBeGreaterThanOrEqual(led)
    }
  })
})

describe('what the workspace knows of a tool', () => {
  test('builds that ask for its work, without those that are done', () => {
    const world = demoWorld('hive-yard')
    const { builds } = toolFacts(world, tool('circular-saw'))
    expect(builds.length).toBeGreaterThan(0)
    const [first = ''] = builds
    const done = worldOf(
      change.finishBuild(world.workspace, library, {
        build: first,
        date: world.asOf,
        minutesSpent: 60,
        itemId: 'i'
      }),
      library,
      TODAY
    )
    expect(toolFacts(done, tool('circular-saw')).builds).not.toContain(first)
  })
  test('what must come with it comes first, packs that are in the box left out', () => {
    const { comesWith } = toolFacts(
      worldWith({ ...funds(0, 0), items: items('tape') }),
      tool('chisels')
    )
    expect(comesWith[0]?.anyOf).toContain('sharpening-stone')
    expect(comesWith.every(({ packs }) => packs !== true)).toBe(true)
  })
  test('names elsewhere: the American, British and German ones, not the one shown', () => {
    const { elsewhere } = toolFacts(worldWith(funds(0, 0)), tool('thicknesser'))
    expect(elsewhere.join(' ').toLowerCase()).toContain('planer')
    expect(elsewhere).not.toContain(tool('thicknesser').name)
  })
})

describe('work and ways to do it', () => {
  test('hand methods come first, a shop last; builds that ask for it', () => {
    const world = demoWorld('hive-yard')
    const crosscut = library.operations.get('crosscut')
    if (!crosscut) throw new Error('no crosscut')
    const { methods, builds } = workFacts(world, crosscut)
    expect(methods[0]?.form).toBe('hand')
    expect(methods.length).toBe(library.methodsFor.get('crosscut')?.length)
    expect(builds.length).toBeGreaterThan(0)
  })
  test('a method names the tools of each role, the cheapest first, and its minutes', () => {
    for (const method of library.methods.values()) {
      const { roles, minutes } = methodFacts(library, method)
      expect([method.id, roles.every(({ tools }) => tools.length > 0)]).toEqual([method.id, true])
      expect(Number.isFinite(minutes)).toBe(true)
    }
    const [lead] = [...library.methods.values()].filter(({ roles }) => roles[0]?.role === 'clamp')
    if (!lead) throw new Error('no method led by a clamp')
    const [first = '', second = ''] = methodFacts(library, lead).roles[0]?.tools ?? []
    const points = (id: string) => Math.min(...tool(id).forms.map((form) => form.points))
    expect(points(first)).toBeLessThanOrEqual(points(second))
  })
})
