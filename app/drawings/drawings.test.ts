import { describe, expect, test } from '@jest/globals'
import { library, trueChecks } from '../../data'
import { OCCASIONS, piecesBy } from '../../data/places'
import {
  checkDrawings,
  materialDrawing,
  pieceDrawings,
  toolDrawings,
  workDrawings,
  type Drawing
} from '.'

const LARGEST_BYTES = 2048
const bytes = ({ outline, fine = '', edge = '' }: Drawing): number =>
  Buffer.byteLength(outline + fine + edge)
/** Commands of an SVG path and figures between them; nothing else, no NaN. */
const PATH = /^(?:[MmLlHhVvQqTtCcSsAaZz]|-?\d*\.?\d+|[\s,])*$/

const pieces = [...library.templates.values()]
  .filter(({ kind }) => kind === 'piece')
  .map(({ id }) => id)
const all: readonly (readonly [name: string, drawing: Drawing | undefined])[] = [
  ...[...library.tools.keys()].map((id) => [`tool ${id}`, toolDrawings[id]] as const),
  ...[...library.operations.keys()].map((id) => [`work ${id}`, workDrawings[id]] as const),
  ...pieces.map((id) => [`piece ${id}`, pieceDrawings[id]] as const),
  ...Object.keys(checkDrawings).map((id) => [`check ${id}`, checkDrawings[id]] as const),
  ...[...library.materials.keys()].map((id) => [`material ${id}`, materialDrawing(id)] as const)
]

describe('line drawings', () => {
  test('every tool, piece of work and material of the library has one, and none is for nothing', () => {
    expect(all.filter(([, drawing]) => !drawing).map(([name]) => name)).toEqual([])
    expect(
      Object.keys(checkDrawings).filter((id) => !trueChecks.some((one) => one.id === id))
    ).toEqual([])
    expect(Object.keys(toolDrawings).filter((id) => !library.tools.has(id))).toEqual([])
    expect(Object.keys(pieceDrawings).filter((id) => !library.templates.has(id))).toEqual([])
    expect(Object.keys(workDrawings).filter((id) => !library.operations.has(id))).toEqual([])
  })
  test('each is a plain path under two kilobytes, with an edge that does the work', () => {
    for (const [name, drawing] of all) {
      if (!drawing) continue
      const { outline, fine = '', edge = '' } = drawing
      expect([name, bytes(drawing) < LARGEST_BYTES]).toEqual([name, true])
      expect([name, PATH.test(outline), PATH.test(fine), PATH.test(edge)]).toEqual([
        name,
        true,
        true,
        true
      ])
      expect([name, outline.startsWith('M'), edge !== '']).toEqual([name, true, true])
    }
  })
  test('tools are told apart: no two of the library share a drawing', () => {
    const seen = new Map<string, string>()
    for (const id of library.tools.keys()) {
      const key = JSON.stringify(toolDrawings[id])
      expect([id, seen.get(key)]).toEqual([id, undefined])
      seen.set(key, id)
    }
  })
  test('every piece stands in one place, the quicker ones first', () => {
    const placed = OCCASIONS.flatMap((one) => piecesBy[one])
    expect([...placed].sort()).toEqual([...pieces].sort())
    for (const one of OCCASIONS) {
      const hours = piecesBy[one].map((id) => library.templates.get(id)?.typicalHours ?? 0)
      expect([one, hours]).toEqual([one, [...hours].sort((a, b) => a - b)])
    }
  })
  test('nothing is drawn outside the canvas: points given outright lie within it', () => {
    for (const [name, drawing] of all) {
      const text = `${drawing?.outline ?? ''}${drawing?.fine ?? ''}${drawing?.edge ?? ''}`
      for (const [, x, y] of text.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)) {
        expect([name, x, y, Number(x) >= 0 && Number(x) <= 120]).toEqual([name, x, y, true])
        expect([name, x, y, Number(y) >= 0 && Number(y) <= 80]).toEqual([name, x, y, true])
      }
    }
  })
})
