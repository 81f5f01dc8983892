import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import {
  NAME_SETS,
  checkLibrary,
  checkOwn,
  methodDefaults,
  companionCircles,
  countLibrary,
  indexLibrary,
  inNames,
  matchesSearch,
  methodWith,
  namesInAllSets,
  ownId,
  toolLike,
  withNames,
  withSizes,
  withOwn,
  type Tool
} from '.'

const toolOf = (id: string): Tool => {
  const tool = library.tools.get(id)
  if (!tool) throw new Error(id)
  return tool
}
const way = { id: 'my/way', name: 'Way', setupMinutes: 1, runMinutes: 1, accuracyMm: 1 }
const NOTHING = { operations: [], methods: [], tools: [], materials: [] }

describe('trade names by country (common practice)', () => {
  test.each([
    ['jointer', 'british', /surface planer/i],
    ['thicknesser', 'american', /thickness planer/i],
    ['f-clamp-600', 'british', /clamp/i],
    ['g-clamp-100', 'american', /C-clamp/],
    ['leakage-breaker', 'british', /RCD/],
    ['leakage-breaker', 'american', /GFCI/],
    ['jointer-plane', 'british', /try plane/i],
    ['mitre-saw', 'american', /miter saw/i],
    ['bench-vice', 'american', /vise/i],
    ['rebate-plane', 'american', /rabbet/i],
    ['mortise-chisel', 'british', /mortice/i],
    ['wrench', 'british', /spanner/i]
  ] as const)('%s in %s', (id, set, name) =>
    expect(withNames(library, set).tools.get(id)?.name).toMatch(name)
  )
  test('ids, references and counts stay; every set passes the checks', () => {
    for (const set of NAME_SETS) {
      const named = withNames(library, set)
      expect([...named.tools.keys()]).toEqual([...library.tools.keys()])
      expect(checkLibrary(named)).toEqual([])
      expect(countLibrary(named)).toEqual(countLibrary(library))
    }
  })
  test('whatever set is shown, the names of the others find the tool', () => {
    for (const set of NAME_SETS) {
      const named = withNames(library, set)
      const { name, aliases } = named.tools.get('mitre-box') as Tool
      for (const wanted of ['mitre box', 'miter box', 'box mitre'])
        expect([
          set,
          wanted,
          matchesSearch(wanted, ...namesInAllSets(named, name), ...aliases)
        ]).toEqual([set, wanted, true])
    }
  })
  test('whole words only, capitals kept', () => {
    const words = [{ plain: 'vice', american: 'vise' }]
    expect([
      inNames('Vice for advice', words, 'american'),
      inNames('vice', words, 'british'),
      inNames('vice', words, 'plain')
    ]).toEqual(['Vise for advice', 'vice', 'vice'])
  })
  test('what the user named keeps its name', () => {
    const own = {
      ...NOTHING,
      tools: [{ ...toolOf('mitre-box'), id: 'my/box', name: 'Mitre thing' }]
    }
    expect(withNames(withOwn(library, own), 'american').tools.get('my/box')?.name).toBe(
      'Mitre thing'
    )
  })
})

describe('entries of one’s own', () => {
  test('a tool like another does what that does, with its own measures and price', () => {
    const tool = toolLike(toolOf('table-saw'), 'my/saw', 'Old saw', { depthMm: 100 }, 50)
    expect(tool).toMatchObject({
      id: 'my/saw',
      roles: ['table-saw'],
      specs: { depthMm: 100, ripMm: 620 },
      needs: ['eyes', 'ears', 'lungs']
    })
    expect(tool.forms.map(({ points }) => points)).toEqual([50])
    expect(checkOwn(library, { ...NOTHING, tools: [tool] })).toEqual([])
  })
  test('what is made can be owned bought: a tool like a jig is no jig', () =>
    expect(toolLike(toolOf('bench-hook'), 'my/hook', 'Hook', {}, 5)).not.toHaveProperty('madeBy'))
  test('the same checks: an operation nobody knows, a role nobody plays', () => {
    const base = {
      operation: 'levitate',
      hazard: null,
      soundDbA: 60,
      dust: 'none',
      surface: 'clean',
      form: 'hand',
      marked: false
    } as const
    expect(
      checkOwn(library, {
        ...NOTHING,
        methods: [methodWith(base, { ...way, tools: [toolOf('tape')] })]
      }).map(({ code }) => code)
    ).toEqual(['library.unknown'])
    expect(
      checkOwn(library, {
        ...NOTHING,
        methods: [
          methodWith(
            { ...base, operation: 'measure' },
            { ...way, tools: [{ ...toolOf('tape'), roles: ['nobody'] }] }
          )
        ]
      }).map(({ code }) => code)
    ).toEqual(['library.empty-role'])
  })
  test('a way of one’s own takes hazard and noise of the library’s worst way with that tool, not its limits or ties', () => {
    const made = methodWith(methodDefaults(library, 'cut-dado', toolOf('trim-router')), {
      ...way,
      tools: [toolOf('trim-router')]
    })
    expect(made).toMatchObject({
      hazard: { kind: 'router-bit' },
      soundDbA: 98,
      roles: [{ role: 'trim-router' }]
    })
    expect([made.ties, made.limits, made.service]).toEqual([undefined, undefined, undefined])
    expect(methodDefaults(library, 'measure', undefined)).toMatchObject({
      operation: 'measure',
      hazard: null,
      dust: 'none'
    })
  })
  test('ids are words under my/ and never taken twice', () => {
    expect(ownId('Großvater’s  Säge!', () => false)).toMatch(/^my\/[a-z0-9-]+$/)
    expect(ownId('Saw', (id) => id === 'my/saw')).toBe('my/saw-2')
    expect(ownId('!!!', () => false)).toBe('my/tool')
  })
})

describe('counts and checks of the library', () => {
  test('the promised breadth: operations, methods with services and each form, tools over all groups, jigs, templates', () => {
    const counts = countLibrary(library)
    expect(counts.operations).toBeGreaterThanOrEqual(50)
    expect(counts.methods).toBeGreaterThanOrEqual(200)
    expect(counts.tools).toBeGreaterThanOrEqual(150)
    expect(counts.jigs).toBeGreaterThanOrEqual(25)
    expect(counts.templates).toBeGreaterThanOrEqual(40)
    for (const form of ['hand', 'hand-held', 'benchtop', 'floor', 'service'] as const)
      expect([form, (counts.methodsByForm[form] ?? 0) > 5]).toEqual([form, true])
    for (const group of [
      'measuring',
      'saws',
      'planes',
      'chisels',
      'striking',
      'sharpening',
      'drilling',
      'hand-power',
      'machines',
      'clamps',
      'support',
      'dust',
      'protection',
      'accessories',
      'storage'
    ] as const)
      expect([group, (counts.toolsByGroup[group] ?? 0) >= 4]).toEqual([group, true])
  })
  test('two operations that clean up after each other are noticed', () => {
    const circle = indexLibrary({
      ...library.data,
      operations: library.data.operations.map((one) =>
        one.id === 'shoot-end'
          ? { ...one, cleanUp: { operation: 'crosscut', times: 1, per: 'unit' } }
          : one
      )
    })
    expect(checkLibrary(circle).map(({ code }) => code)).toContain('library.circle')
  })
})

describe('circles of own tools that need each other', () => {
  const tool = (id: string, ...needs: string[]): Tool => ({
    ...toolOf('jigsaw'),
    id: `my/${id}`,
    name: id,
    companions: needs.map((need) => ({
      anyOf: [`my/${need}`],
      count: 1,
      kind: 'needed' as const,
      why: ''
    }))
  })
  const pairs = (tools: readonly Tool[]): string[] =>
    companionCircles(withOwn(library, { ...NOTHING, tools }), { tools }).map(({ figures }) =>
      `${String(figures.tool)} ${String(figures.other)}`.replaceAll('my/', '')
    )
  test('each pair once, a tool that needs itself too; what only leads into a circle is none', () => {
    expect(pairs([tool('a', 'b'), tool('b', 'c'), tool('c', 'a'), tool('d', 'a')])).toEqual([
      'a b',
      'b c',
      'c a'
    ])
    expect(pairs([tool('a', 'a'), tool('b', 'a')])).toEqual(['a a'])
    expect(pairs([tool('a', 'b'), tool('b')])).toEqual([])
  })
  test('tools that branch without end are gone through once each: 40 layers of two, and a chain of 2000', () => {
    const layers = Array.from({ length: 40 }, (_, i) =>
      ['x', 'y'].map((side) => tool(`${side}${i}`, `x${i + 1}`, `y${i + 1}`))
    ).flat()
    expect(pairs([...layers, tool('x40'), tool('y40')])).toEqual([])
    const chain = Array.from({ length: 2000 }, (_, i) => tool(`c${i}`, `c${(i + 1) % 2000}`))
    expect(pairs(chain)).toHaveLength(2000)
  })
})

describe('timber as it is sold', () => {
  const sections = (units: 'metric' | 'imperial', id: string): string[] =>
    (withSizes(library, units).templates.get(id)?.materials ?? []).map(({ material }) => material)
  test('where boards go by nominal inches a planter is made of 1x6 and 2x2, elsewhere of planed metric sections', () => {
    expect(sections('metric', 'planter').some((one) => one.startsWith('nominal'))).toBe(false)
    expect(sections('imperial', 'planter').filter((one) => one.startsWith('softwood'))).toEqual([])
    expect(sections('imperial', 'planter')).toContain('nominal-1x6')
  })
  // Dressed sizes after PS 20: a 1x6 is 19 × 140 mm, a 2x4 38 × 89 mm (from memory).
  test('what is sold in its place is the nearest there is, no thicker and at most a fifth narrower', () => {
    for (const { id, stock, inInches } of library.materials.values()) {
      if (inInches === undefined) continue
      const other = library.materials.get(inInches)?.stock
      const [width, thickness] = [
        (other?.widthMm ?? 0) / (stock?.widthMm ?? 1),
        (other?.thicknessMm ?? 0) / (stock?.thicknessMm ?? 1)
      ]
      expect([id, width > 0.8 && width <= 1, thickness > 0.8 && thickness <= 1]).toEqual([
        id,
        true,
        true
      ])
    }
  })
  test('every template keeps its pieces and metres', () => {
    for (const [id, { materials }] of withSizes(library, 'imperial').templates)
      expect(materials.map(({ quantity }) => quantity)).toEqual(
        library.templates.get(id)?.materials.map(({ quantity }) => quantity)
      )
  })
})
