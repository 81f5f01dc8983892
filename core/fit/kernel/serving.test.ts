import { describe, expect, test } from '@jest/globals'
import { library } from '../../../data'
import { method, owned, step } from '../../../tests/helpers/kernel'
import type { Method, Step } from '../../catalogue'
import type { KitTool } from '../kit'
import { methodsOf, operationsUnder, partSteps, withParts } from './parts'
import { asExact, measuresUp, servesFor, worksAsWell } from './serves'
import { bringsPacks, hasCompanion, neededCompanions } from './service'

// Every figure here is worked by hand from the rule it asks about; what a case leaves out plays no part in it.
describe('one serves in the place of another', () => {
  const NONE: ReadonlySet<string> = new Set()
  const sized = (specs: object) => owned({ specs: specs as never })
  test('larger capacities and finer errors do, equal ones where only those fit', () => {
    const up = (a: object, b: object, equal = NONE, unsaid = false) =>
      measuresUp(sized(a), sized(b), equal, unsaid)
    expect([
      up({ openingMm: 300 }, { openingMm: 200 }),
      up({ openingMm: 200 }, { openingMm: 300 }),
      up({ openingMm: 300 }, { openingMm: 300 }),
      up({ accuracyMm: 0.1 }, { accuracyMm: 0.2 }),
      up({ accuracyMm: 0.2 }, { accuracyMm: 0.1 }),
      up({}, { openingMm: 300 }),
      up({ openingMm: 300 }, {}),
      up({ openingMm: 300 }, {}, NONE, true),
      up({ openingMm: 300 }, { openingMm: 200 }, new Set(['openingMm']))
    ]).toEqual([true, false, true, true, false, false, false, true, false])
  })
  test('a worn one does not serve in the place of a sound one; the other way round it does', () => {
    const worn = owned({ inexact: 1.5 })
    expect([servesFor(worn, owned()), servesFor(owned(), worn), servesFor(worn, worn)]).toEqual([
      false,
      true,
      true
    ])
  })
  test('as well is as exactly, as quickly and as many', () => {
    const poor = owned({ tier: 'get-by' })
    expect([
      worksAsWell(owned(), owned()),
      worksAsWell(owned(), poor),
      worksAsWell(poor, owned()),
      worksAsWell(owned(), owned({ count: 2 })),
      worksAsWell(owned({ count: 2 }), owned()),
      worksAsWell(owned({ condition: 'used' }), owned())
    ]).toEqual([true, true, false, false, true, false])
    expect([asExact(owned(), poor), asExact(poor, owned()), asExact(poor, poor)]).toEqual([
      true,
      false,
      true
    ])
  })
  test('of the same kind and platform only', () => {
    expect([
      servesFor(owned(), owned()),
      servesFor(owned({ tool: { id: 'plane' } }), owned()),
      servesFor(owned({ platform: 'a' }), owned({ platform: 'b' })),
      servesFor(owned({ tier: 'get-by' }), owned()),
      servesFor(sized({ openingMm: 1 }), sized({ openingMm: 2 })),
      servesFor(sized({ colletMm: 12 }), sized({ colletMm: 8 }))
    ]).toEqual([true, false, false, false, false, false])
  })
})

describe('what a tool needs by its side', () => {
  const tool = owned({
    tool: {
      companions: [
        { kind: 'needed', anyOf: ['bits'], count: 1 },
        { kind: 'needed-for', operation: 'bore', anyOf: ['block'], count: 1 },
        { kind: 'advised', anyOf: ['case'], count: 1 },
        { kind: 'needed', anyOf: ['drill'], count: 1, packs: true }
      ] as never
    }
  }).tool
  const names = (operation: string, power?: KitTool['power']) =>
    neededCompanions(tool, operation, power).map(({ anyOf }) => anyOf[0])
  test('always, for one kind of work only, and packs where it runs on them', () => {
    expect(names('bore', 'cordless')).toEqual(['bits', 'block', 'drill'])
    expect(names('drive', 'corded')).toEqual(['bits'])
    expect(names('drive')).toEqual(['bits', 'drill'])
  })
  test('packs come with any of its tools that has some; a corded one has none', () => {
    const kit = (entry: KitTool) => ({ tools: [entry] }) as never
    const packs = { packs: true, anyOf: ['drill'], count: 1 } as never
    const drill = (power: KitTool['power']) => owned({ power, tool: { id: 'drill' } })
    expect([
      hasCompanion(kit(drill('cordless')), packs),
      hasCompanion(kit(drill('corded')), packs),
      hasCompanion(kit(owned({ power: 'cordless' })), packs)
    ]).toEqual([true, false, false])
    expect([bringsPacks({ power: 'cordless' }), bringsPacks({ power: 'corded' })]).toEqual([
      true,
      false
    ])
  })
})

describe('work made up of other work', () => {
  const parts = (per: string) => method({ parts: [{ operation: 'bore', times: 4, per }] as never })
  test.each([
    ['unit', 12],
    ['metre-of-width', 6],
    ['metre-of-length', 24],
    ['piece', 4]
  ])('per %s there are %d of it for three of 2 m by 0.5 m', (per, quantity) => {
    const stock = { lengthMm: 2000, widthMm: 500 }
    expect(partSteps(parts(per), step({ stock }))).toEqual([
      { id: 's/bore', operation: 'bore', quantity, stock, byOneself: true }
    ])
  })
  test('a size that is not said counts as a metre; the timber goes with it; the same objects again', () => {
    for (const per of ['metre-of-width', 'metre-of-length'])
      expect(partSteps(parts(per), step())[0]?.quantity).toBe(12)
    const one = step({ species: 'hard' })
    const by = parts('unit')
    expect(partSteps(by, one)[0]?.species).toBe('hard')
    expect(partSteps(by, one)).toBe(partSteps(by, one))
    expect(partSteps(method(), one)).toEqual([])
  })
  const made = (of: Partial<Method>[]) =>
    ({
      methodsFor: new Map([
        ['joint', of.map((one) => method(one))],
        ['bore', [method({ id: 'brace' })]]
      ])
    }) as never
  test('a way that is set is the only one; no service for what is done by oneself; a buyer’s for no one else', () => {
    const own = made([{ id: 'a' }, { id: 'b', service: {} as never }, { id: 'c', bySale: true }])
    const ids = (of: Partial<Step>, sold = false) =>
      methodsOf(own, step({ operation: 'joint', ...of }), sold).map(({ id }) => id)
    expect(ids({})).toEqual(['a', 'b'])
    expect(ids({}, true)).toEqual(['a', 'b', 'c'])
    expect(ids({ byOneself: true })).toEqual(['a'])
    expect(ids({ way: 'b' })).toEqual(['b'])
    expect(methodsOf(own, step({ operation: 'nothing' }))).toEqual([])
  })
  test('steps and operations with all that is under them', () => {
    const own = made([{ id: 'a', parts: [{ operation: 'bore', times: 1, per: 'unit' }] as never }])
    expect(withParts(own, step({ operation: 'joint' })).map(({ operation }) => operation)).toEqual([
      'joint',
      'bore'
    ])
    expect([...operationsUnder(own, ['joint'])]).toEqual(['joint', 'bore'])
    expect([...operationsUnder(library, ['no-such-work'])]).toEqual(['no-such-work'])
  })
})
