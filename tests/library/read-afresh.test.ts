import { describe, expect, test } from '@jest/globals'
import type { Method, Tool } from '../../core/catalogue'
import { library } from '../../data'

/**
 * What practised readers found wrong in tools and methods, each kept from coming back. Common practice throughout; capacities are tested
 * from both sides in `limits.test.ts`, hours in `hours.test.ts`, protection in `protection.test.ts`.
 */
const method = (id: string): Method => {
  const found = library.methods.get(id)
  if (!found) throw new Error(id)
  return found
}
const tool = (id: string): Tool => {
  const found = library.tools.get(id)
  if (!found) throw new Error(id)
  return found
}
const rolesOf = (id: string): string[] => method(id).roles.map(({ role }) => role)
const waysOf = (operation: string): string[] =>
  (library.methodsFor.get(operation) ?? []).map(({ id }) => id)
const companionsOf = (id: string, kind: 'needed' | 'advised'): string[] =>
  tool(id).companions.flatMap((one) => (one.kind === kind ? one.anyOf : []))

describe('what methods ask for', () => {
  test('work that is cut, scraped or shaved by hand is held', () => {
    const held = [
      'smooth/scraper',
      'smooth/scraper-plane',
      'flatten-panel/scraper',
      'cut-hinge/chisel',
      'cut-hinge/router-plane',
      'cut-curve/turning-saw',
      'cut-curve/coping-saw',
      'cut-inside/fret-saw',
      'cut-inside/keyhole-saw',
      'profile-edge/spokeshave',
      'shape-round/rasp',
      'cut-dovetail/coping',
      'carve/angle-grinder'
    ]
    const loose = held.filter((id) => !rolesOf(id).some((role) => /work-holding|vice/.test(role)))
    expect(loose).toEqual([])
    // A carver holds the spoon, a saw hook the board.
    expect(rolesOf('carve/knives')).not.toContain('work-holding')
  })
  test('what a trim router does a plunge router may do', () => {
    const led = [...library.methods.values()].filter(({ roles }) =>
      roles.some(({ role }) => role === 'trim-router')
    )
    expect(led.length).toBeGreaterThan(15)
    expect(tool('plunge-router').roles).toContain('trim-router')
  })
  test('a dado by a hand-held router runs along a guide that is clamped again for each', () => {
    expect(rolesOf('cut-dado/trim-router')).toEqual(
      expect.arrayContaining(['short-guide', 'clamp'])
    )
    expect(method('cut-dado/trim-router').runMinutes).toBeGreaterThanOrEqual(5)
  })
  test('a saw inside a board starts from a hole, whatever bores it', () => {
    const saws = waysOf('cut-inside').filter((id) => /coping|fret|keyhole/.test(id))
    expect(saws.length).toBe(3)
    for (const id of saws) expect(rolesOf(id)).toContain('hole-maker')
    for (const id of ['hand-drill', 'drill-driver', 'brace'])
      expect(tool(id).roles).toContain('hole-maker')
  })
  test('a dovetail marker marks dovetails and no other angle', () =>
    expect(waysOf('mark-angle').flatMap(rolesOf)).not.toContain('dovetail-marker'))
  test('winding sticks show twist, a square whether it is square', () =>
    expect(rolesOf('check-square/winding-sticks')).toContain('square-large'))
  test('sanding an end cleans it and trues nothing', () => {
    expect(method('shoot-end/sanding-block').accuracyMm).toBeGreaterThan(2)
    expect(method('shoot-end/board').accuracyMm).toBeLessThan(0.5)
  })
  test('a glued panel is flattened by machine within its width, by a sled beyond, at the yard', () => {
    expect(waysOf('flatten-panel')).toEqual(
      expect.arrayContaining([
        'flatten-panel/thicknesser',
        'flatten-panel/router-sled',
        'flatten-panel/yard'
      ])
    )
  })
  test('a band saw’s narrow and wide blades take their time to change, up to twenty minutes', () => {
    for (const id of ['cut-curve/band-saw', 'resaw/band-saw']) {
      expect(method(id).setupMinutes).toBeGreaterThanOrEqual(10)
      expect(method(id).setupMinutes).toBeLessThanOrEqual(20)
    }
    // For cuts along and across the usual blade stays on.
    expect(method('rip/band-saw').setupMinutes).toBeLessThan(5)
  })
  test('a stack of dado blades takes longer to fit than a blade', () =>
    expect(method('cut-dado/dado-stack').setupMinutes).toBeGreaterThanOrEqual(12))
  test('the counter asks for money by the cut beyond its first ones, and for the trip once', () => {
    const { service, setupMinutes, runMinutes, accuracyMm } = method('break-down-sheet/counter')
    expect(setupMinutes).toBeGreaterThanOrEqual(30)
    expect(runMinutes).toBeGreaterThanOrEqual(1)
    expect(service?.pointsPerUnit).toBeGreaterThan(0)
    expect(accuracyMm).toBeGreaterThanOrEqual(2.5)
  })
  test('the yard: one trip for whatever is milled there for a build', () => {
    for (const id of ['flatten/yard', 'thickness/yard', 'straighten-edge/yard'])
      expect([method(id).setupMinutes > 0, method(id).runMinutes]).toEqual([true, 0])
  })
  test('a jigsaw in sheet goods makes dust for a mask', () => {
    for (const { id, roles, protection } of library.methods.values())
      if (roles.some(({ role }) => role === 'jigsaw'))
        expect([id, protection?.includes('lungs')]).toEqual([id, true])
  })
  test('pocket screws are driven with bits', () =>
    expect(rolesOf('join-pocket/jig')).toEqual(expect.arrayContaining(['drill', 'driver-bits'])))
  test('a second rail where a rail must be longer than one', () =>
    expect(rolesOf('break-down-sheet/rail-two')).toContain('second-rail'))
})

describe('what tools bring and want', () => {
  test.each([
    ['ro-sander', 'sanding-discs'],
    ['detail-sander', 'detail-sheets'],
    ['spindle-sander', 'spindle-sleeves'],
    ['drum-sander', 'drum-strips'],
    ['bench-grinder', 'wheel-dresser'],
    ['scraper', 'burnisher'],
    ['lathe', 'face-shield']
  ])('%s comes with %s', (id, companion) =>
    expect([...companionsOf(id, 'needed'), ...companionsOf(id, 'advised')]).toContain(companion)
  )
  test('an air cleaner needs no mask to be bought with it', () =>
    expect([tool('air-cleaner').needs, companionsOf('air-cleaner', 'needed')]).toEqual([[], []]))
  test('what cuts or sands wears out', () => {
    const wearing = [
      'saw-blade',
      'jigsaw-blades',
      'band-saw-blades',
      'sanding-discs',
      'abrasive-sheets',
      'router-bits',
      'drill-bits'
    ]
    expect(wearing.filter((id) => tool(id).lifeHours === null)).toEqual([])
  })
  test('a bench with a vice is both, and the first drill of a list is cordless unless cords are wished for', () => {
    for (const id of ['workbench', 'workbench-made'])
      expect(tool(id).roles).toEqual(expect.arrayContaining(['work-holding', 'bench', 'vice']))
    expect(tool('drill-driver').forms[0]?.power).toBe('cordless')
  })
  /** Found by what people call it. */
  const called = (word: string): boolean =>
    [...library.tools.values(), ...library.operations.values(), ...library.methods.values()].some(
      (one) =>
        [one.name, ...('aliases' in one ? (one.aliases ?? []) : [])].some((name) =>
          name.toLowerCase().includes(word.toLowerCase())
        )
    )
  test.each(
    'brush,roller,spray,vapour,hammer drill,abrasive,burr,second rail,rail clamp,push stick,featherboard,zero-clearance,adapter,shared workshop,sharpening,mat,edge clamp,toggle,guide bush,core-box,smoke alarm,no-volt,socket,folding rule,dividers,chalk line,hacksaw,chuck,dado,drawer,stain,veneer,steam,reciprocating,grinder,heat gun,hose gate,extinguisher,first-aid,RCD,GFCI'.split(
      ','
    )
  )('%s is there', (word) => expect(called(word)).toBe(true))
})

describe('templates', () => {
  const operations = (id: string): string[] =>
    (library.templates.get(id)?.steps ?? []).map(({ operation }) => operation)
  test('what lists whole sheets has them cut', () => {
    const uncut = library.data.templates
      .filter(({ materials }) =>
        materials.some(
          ({ material, quantity }) => /^(mdf|plywood|osb|chipboard)/.test(material) && quantity >= 1
        )
      )
      .filter(({ steps }) => !steps.some(({ operation }) => operation === 'break-down-sheet'))
      .map(({ id }) => id)
    expect(uncut).toEqual([])
  })
  test.each([
    ['blanket-chest', 'hang'],
    ['cold-frame', 'hang'],
    ['peg-rail', 'fix-to-wall'],
    ['picture-ledge', 'fix-to-wall'],
    ['bird-box', 'bore-large']
  ])('%s has its step: %s', (id, operation) => expect(operations(id)).toContain(operation))
  test('every piece that is screwed has its screws’ holes bored or sunk', () => {
    const blind = library.data.templates
      .filter(({ steps }) => steps.some(({ operation }) => operation === 'drive'))
      .filter(
        ({ steps }) =>
          !steps.some(({ operation }) => /^(countersink|bore|bore-row)$/.test(operation))
      )
      .map(({ id }) => id)
    expect(blind).toEqual([])
  })
})
