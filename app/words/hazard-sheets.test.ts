import { afterEach, describe, expect, test } from '@jest/globals'
import { HAZARDS, type Method } from '../../core/catalogue'
import { SHEETS, gentlerWays, sheetsOf } from '../../core/safety'
import { library } from '../../data'
import { hazardDrawings } from '../drawings'
import { words as german } from './de'
import { courage, hazardSheets, sheetName } from './hazard-sheets'
import { hazards } from './hazards'
import { speak } from './language'

const inGerman = (): void =>
  speak({ language: 'de', locale: 'de-DE', capitals: true, catalogue: german })
afterEach(() => speak())

const tools = [...library.tools.values()]
/** Done with a motor: by its form, or because only powered tools play one of its roles. */
const isPowered = ({ form, roles }: Method): boolean => {
  if (form === 'service') return false
  if (form !== 'hand') return true
  return roles.some(({ role }) => {
    const players = tools.filter((tool) => tool.roles.includes(role))
    return (
      players.length > 0 &&
      players.every((tool) => tool.forms.every(({ power }) => power !== 'hand'))
    )
  })
}
const powered = [...library.methods.values()].filter(isPowered)

describe('every powered way of working', () => {
  test('has a class, or is one of those whose danger is not an edge', () => {
    // Hot irons, steam and what sucks up dust cut nothing. Common practice.
    expect(powered.filter(({ hazard }) => hazard === null).map(({ id }) => id)).toEqual([
      'band-edge/iron',
      'clear-up/vacuum',
      'clear-up/cyclone',
      'clear-up/extractor',
      'bend/steam'
    ])
    expect(powered.length).toBeGreaterThan(150)
  })
  test('has a sheet that says what happens, how to stand, what comes before and after', () => {
    for (const method of powered) {
      const sheets = sheetsOf(method)
      expect([method.id, sheets.length > 0]).toEqual([method.id, true])
      for (const id of sheets) {
        const { happens, stand, before, after } = hazardSheets.texts[id]
        for (const text of [happens, stand, before, after])
          expect([id, text.length > 30]).toEqual([id, true])
      }
    }
  })
  test('has its caution: its class is named in words', () => {
    for (const { id, hazard } of powered)
      if (hazard) expect([id, hazards[hazard.kind]?.length > 3]).toEqual([id, true])
  })
  test('has a gentler way with its time, or it is said that there is none', () => {
    const none = powered.filter(
      (method) => method.hazard !== null && gentlerWays(library, method).length === 0
    )
    for (const method of none) {
      const said = hazardSheets.gentlerNone('Cut plugs', method.name)
      expect(said).toContain('no gentler way')
      expect(said).toContain(method.name)
    }
    // Pockets are bored, biscuits milled, veneer ironed or pressed: no milder way is usual. Common practice.
    expect([...new Set(none.map(({ operation }) => operation))].sort()).toEqual([
      'join-biscuit',
      'join-pocket',
      'veneer'
    ])
    for (const method of powered)
      for (const way of gentlerWays(library, method))
        expect([way.method, way.minutes === undefined || way.minutes > 0]).toEqual([
          way.method,
          true
        ])
  })
})

describe('sheets', () => {
  test('there is one for each class, and for chips, heat, lifting and company', () => {
    expect(SHEETS.slice(0, HAZARDS.length)).toEqual(HAZARDS)
    expect(Object.keys(hazardSheets.texts)).toEqual([...SHEETS])
    expect(SHEETS.map((id) => sheetName(id) !== undefined)).toEqual(SHEETS.map(() => true))
    expect(sheetName('nothing')).toBeUndefined()
  })
  test('each shows drawings of its own, and every drawing is shown by one', () => {
    const shown = SHEETS.flatMap((id) => Object.keys(hazardSheets.texts[id].shows))
    expect([...shown].sort()).toEqual(Object.keys(hazardDrawings).sort())
    expect(new Set(shown).size).toBe(shown.length)
  })
  test('in German the same sheets with the same drawings, in other words', () => {
    const english = SHEETS.map((id) => hazardSheets.texts[id])
    inGerman()
    SHEETS.forEach((id, i) => {
      const { shows, happens } = hazardSheets.texts[id]
      expect([id, Object.keys(shows)]).toEqual([id, Object.keys(english[i]!.shows)])
      expect([id, happens === english[i]!.happens]).toEqual([id, false])
    })
    expect(courage.steps.map((list) => list.length)).toEqual([0, 3, 3, 3])
  })
  test('nothing asked for by the next level is asked of nobody: each level names a piece, a person and the manual or dry trials', () => {
    for (const list of courage.steps.slice(1)) {
      const all = list.join(' ').toLowerCase()
      expect(all).toMatch(/somebody|person|course/)
      expect(all).toMatch(/offcut|piece|waste/)
    }
  })
})
