import { describe, expect, test } from '@jest/globals'
import {
  checkLibrary,
  indexLibrary,
  specsOf,
  tierPrice,
  type LibraryData,
  type Power
} from '../../core/catalogue'
import { fitBuild, fitMethod, makeKit, type FitContext } from '../../core/fit'
import { buildFromTemplate } from '../../core/builds'
import { library } from '../../data'

const context: FitContext = {
  library,
  workshop: { volts: 230, comfort: {} },
  bannedMethods: new Set(),
  quickest: () => 0,
  timberOf: () => 0,
  joints: 0,
  minorPer100Points: 12_000,
  money: { reinvestShare: 0, keptMoneyWorth: 1 },
  weights: { money: 1, time: 0, space: 0, quiet: 0, ease: 0, finish: 0 }
}
const everything = makeKit(
  [...library.tools.values()].map((tool) => ({
    tool,
    tier: 'weekend',
    condition: 'new',
    power: tool.forms[0]?.power ?? 'hand',
    specs: specsOf(tool, 'weekend'),
    count: 8
  }))
)

describe('well-formed', () => {
  test('has the promised size', () => {
    expect(library.operations.size).toBeGreaterThanOrEqual(20)
    expect(library.methods.size).toBeGreaterThanOrEqual(45)
    expect(library.tools.size).toBeGreaterThanOrEqual(40)
    expect(
      [...library.templates.values()].filter(({ kind }) => kind === 'piece').length
    ).toBeGreaterThanOrEqual(8)
    expect([...library.tools.values()].flatMap(({ protects }) => protects)).toEqual(
      expect.arrayContaining(['eyes', 'ears', 'lungs'])
    )
  })
  test('every reference holds', () => expect(checkLibrary(library)).toEqual([]))
  test.each<[string, (data: LibraryData) => LibraryData]>([
    [
      'library.duplicate',
      (data) => ({ ...data, tools: [...data.tools, ...data.tools.slice(0, 1)] })
    ],
    ['library.unknown', (data) => ({ ...data, operations: data.operations.slice(1) })],
    [
      'library.empty-role',
      (data) => ({ ...data, tools: data.tools.filter(({ id }) => id !== 'tape') })
    ],
    [
      'library.unused',
      (data) => ({
        ...data,
        tools: data.tools.map((tool) => (tool.id === 'hammer' ? { ...tool, roles: [] } : tool))
      })
    ],
    [
      'library.jig',
      (data) => ({
        ...data,
        templates: data.templates.map((one) =>
          one.yields === 'bench-hook' ? { ...one, yields: 'drill-block' } : one
        )
      })
    ]
  ])('the check notices %s', (code, spoil) => {
    expect(checkLibrary(indexLibrary(spoil(library.data))).map((one) => one.code)).toContain(code)
  })
  test('every method can be reached by some kit', () => {
    for (const method of library.methods.values())
      expect([
        method.id,
        fitMethod(
          everything,
          method,
          { id: 's', operation: method.operation, quantity: 1, stock: {} },
          context
        ).misses
      ]).toEqual([method.id, []])
  })
  test('every template can be built by some kit', () => {
    for (const template of library.templates.values())
      expect([
        template.id,
        fitBuild(context, everything, buildFromTemplate(template, 'b', 'b')).gaps.map(
          ({ step }) => step.operation
        )
      ]).toEqual([template.id, []])
  })
})

/** Plausibility bands, common practice, from memory: points of the weekend tier, dB(A), A at 230 V and 120 V, m² stored. */
const BANDS: readonly [
  string,
  Power,
  [number, number],
  [number, number]?,
  [number, number]?,
  [number, number]?
][] = [
  ['tape', 'hand', [6, 12]],
  ['combination-square', 'hand', [15, 45]],
  ['rafter-square', 'hand', [6, 12]],
  ['pull-saw', 'hand', [18, 35]],
  ['chisels', 'hand', [20, 70]],
  ['jack-plane', 'hand', [40, 130]],
  ['sharpening-stone', 'hand', [30, 90]],
  ['drill-driver', 'cordless', [90, 110], [75, 85]],
  ['impact-driver', 'cordless', [45, 80], [95, 105]],
  ['circular-saw', 'corded', [40, 75], [98, 106], [5, 6], [13, 15]],
  ['jigsaw', 'corded', [35, 80], [90, 98], [2.5, 3.5], [5, 7]],
  ['ro-sander', 'corded', [40, 75], [82, 92], [1.3, 2], [2.5, 3.5]],
  ['trim-router', 'corded', [50, 95], [92, 102], [2.5, 3.5], [5, 7]],
  ['plunge-router', 'corded', [110, 220], [97, 105], [7, 9], [13, 15]],
  ['rail-saw', 'corded', [180, 420], [95, 103], [5, 6], [12, 12]],
  ['mitre-saw', 'corded', [150, 330], [98, 106], [7, 9], [13, 15]],
  ['table-saw', 'corded', [240, 480], [94, 102], [7, 9], [15, 15]],
  ['band-saw', 'corded', [240, 480], [80, 90], [2, 4], [5, 9]],
  ['thicknesser', 'corded', [300, 520], [98, 106], [7, 9], [15, 15]],
  ['jointer', 'corded', [240, 450], [92, 100], [4, 6], [10, 12]],
  ['drill-press', 'corded', [110, 220], [75, 85], [1.5, 3], [3, 6]],
  ['vacuum', 'corded', [55, 120], [78, 88], [5, 6], [9, 12]],
  ['chip-extractor', 'corded', [160, 320], [78, 86], [4, 6], [9, 12]],
  ['brad-nailer', 'cordless', [90, 150], [90, 100]],
  ['pocket-jig', 'hand', [25, 75]],
  ['f-clamp-600', 'hand', [8, 16]],
  ['pipe-clamp-900', 'hand', [18, 30]],
  ['trigger-clamp-300', 'hand', [8, 16]],
  ['safety-glasses', 'hand', [4, 12]],
  ['ear-muffs', 'hand', [10, 30]],
  ['half-mask', 'hand', [15, 35]],
  ['sawhorses', 'hand', [25, 60]]
]
describe('within the plausibility bands', () => {
  const within = (value: number | undefined, band: [number, number] | undefined): boolean =>
    band === undefined || (value !== undefined && value >= band[0] && value <= band[1])
  test.each(BANDS.map((band) => ({ id: band[0], band })))(
    '$id',
    ({ band: [id, power, points, sound, amps230, amps120] }) => {
      const tool = library.tools.get(id)
      const form = tool?.forms.find((one) => one.power === power)
      expect([
        within(form?.points, points),
        within(tool?.soundDbA, sound),
        within(form?.amps230, amps230),
        within(form?.amps120, amps120)
      ]).toEqual([true, true, true, true])
    }
  )
  // Three to five times for all made a lifetime clamp of 55 and a drill kit of 450: with clamps, kits and guided saws the plain one is already
  // near the best there is.
  const NARROW = ['drill-driver', 'rail-saw', 'tenon-joiner', 'circular-saw-small']
  test('tiers cost what the rule of thumb says, hand tools spreading wider, clamps and guided saws less', () => {
    for (const tool of library.tools.values()) {
      const narrow = tool.group === 'clamps' || NARROW.includes(tool.id)
      expect(tierPrice(tool, 'get-by')).toBeLessThan(1)
      expect(tierPrice(tool, 'trade')).toBeGreaterThanOrEqual(narrow ? 1.4 : 1.7)
      expect(tierPrice(tool, 'lifetime')).toBeGreaterThanOrEqual(narrow ? 1.8 : 3)
    }
  })
  test('a lifetime clamp costs less than two and a half plain ones, a lifetime bench plane four (common practice)', () => {
    for (const id of ['f-clamp-600', 'parallel-clamp-600', 'pipe-clamp-900', 'trigger-clamp-300'])
      expect([id, tierPrice(library.tools.get(id)!, 'lifetime') < 2.5]).toEqual([id, true])
    for (const id of ['jack-plane', 'smoothing-plane', 'block-plane'])
      expect([id, tierPrice(library.tools.get(id)!, 'lifetime') >= 4]).toEqual([id, true])
  })
  // A band of half to seven tenths for all took bodies for sets: the packs alone cost more than half of a drill with its packs.
  test('a corded form costs half to seven tenths of a set, and two thirds to about as much as a body alone (common practice)', () => {
    for (const { id, forms, companions } of library.tools.values()) {
      const [least, most] = companions.some(({ packs }) => packs) ? [0.65, 1] : [0.5, 0.7]
      const [corded, cordless] = [
        forms.find(({ power }) => power === 'corded'),
        forms.find(({ power }) => power === 'cordless')
      ]
      if (corded && cordless)
        expect([
          id,
          corded.points / cordless.points >= least && corded.points / cordless.points <= most
        ]).toEqual([id, true])
    }
  })
})

describe('facts of the trade (common practice)', () => {
  const minutes = (id: string): [number, number] => [
    library.methods.get(id)?.setupMinutes ?? -1,
    library.methods.get(id)?.runMinutes ?? -1
  ]
  test.each<[string, number, number]>([
    ['crosscut/pull-saw-hook', 1, 1.5],
    ['crosscut/jigsaw', 2, 1.2],
    ['crosscut/circular-saw', 2, 0.8],
    ['crosscut/mitre-saw', 2, 0.3],
    ['crosscut/table-saw-sled', 3, 0.3],
    ['rip/pull-saw', 1, 8],
    ['rip/jigsaw', 3, 2],
    ['rip/circular-saw-fence', 3, 1],
    ['rip/circular-saw-guide', 3, 2],
    ['rip/table-saw', 3, 0.5],
    ['rip/band-saw', 3, 1],
    ['break-down-sheet/panel-saw', 2, 20],
    ['break-down-sheet/circular-saw', 5, 4],
    ['break-down-sheet/rail-saw', 3, 2],
    ['sand-flat/block', 5, 60],
    ['sand-flat/palm', 4, 30],
    ['sand-flat/random-orbital', 4, 18],
    ['bore-square/block', 1, 1],
    ['bore-square/guide', 2, 0.7],
    ['bore-square/press', 3, 0.4],
    ['join-pocket/jig', 3, 3],
    ['join-dowel/jig', 4, 5],
    ['cut-mortise/hand', 5, 45],
    ['cut-box-joint/table-saw', 20, 3],
    ['profile-edge/block-plane', 1, 3],
    ['profile-edge/trim-router', 4, 0.7],
    ['profile-edge/router-table', 8, 0.5]
  ])('%s takes %d + %d minutes', (id, setup, run) => expect(minutes(id)).toEqual([setup, run]))
  test('a compact table saw does not cut a 90 mm post in one pass; a 254 mm mitre saw does', () => {
    expect(library.tools.get('table-saw')?.specs.depthMm).toBeLessThan(90)
    expect(library.tools.get('mitre-saw')?.specs.depthMm).toBeGreaterThanOrEqual(90)
  })
  test('a guide for sheets is the sheet plus about 200 mm; a first pull saw is 240 mm or longer; a compact saw rips about 600 to 640 mm', () => {
    expect(library.tools.get('cutting-guide')?.specs.lengthMm).toBeGreaterThanOrEqual(2640)
    expect(library.tools.get('pull-saw')?.specs.bladeMm).toBeGreaterThanOrEqual(240)
    expect(library.tools.get('table-saw')?.specs.ripMm).toBeGreaterThanOrEqual(600)
    expect(library.tools.get('table-saw')?.specs.ripMm).toBeLessThanOrEqual(640)
  })
  test('every powered saw and router wants eyes, ears and lungs; nothing turns by itself without its bits', () => {
    for (const id of [
      'circular-saw',
      'mitre-saw',
      'table-saw',
      'trim-router',
      'plunge-router',
      'thicknesser'
    ])
      expect([id, library.tools.get(id)?.needs]).toEqual([id, ['eyes', 'ears', 'lungs']])
    expect(
      library.tools.get('drill-driver')?.companions.find(({ kind }) => kind === 'needed')?.anyOf
    ).toContain('drill-bits')
    expect(
      library.tools.get('thicknesser')?.companions.find(({ kind }) => kind === 'needed')?.anyOf
    ).toEqual(['chip-extractor', 'cyclone-bin'])
    expect(
      library.tools.get('combined-planer')?.companions.find(({ kind }) => kind === 'needed')?.anyOf
    ).toEqual(['chip-extractor'])
  })
  test('what carries people or hangs over them says so', () => {
    expect([
      library.templates.get('step-stool')?.bearing,
      library.templates.get('low-bench')?.bearing,
      library.templates.get('peg-rail')?.bearing
    ]).toEqual(['carries-people', 'carries-people', 'hangs-over-people'])
  })
})
