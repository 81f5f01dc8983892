import { describe, expect, test } from '@jest/globals'
import { library } from '../../data'
import { piecesAlso } from '../../data/pieces-also'
import { OCCASIONS, piecesBy } from '../../data/places'
import { nearestPieces } from '.'

const ids = [...new Set(OCCASIONS.flatMap((one) => piecesBy[one]))]
const near = (text: string, most = 3) =>
  nearestPieces(library, ids, text, { also: piecesAlso, most })

describe('the piece nearest to what somebody says', () => {
  // Common names of pieces, as people say them; the piece a woodworker would take the steps of.
  test.each([
    ['a nightstand', 'bedside-table'],
    ['rabbit hutch', 'dog-house'],
    ['TV stand', 'media-stand'],
    ['bookshelf', 'bookcase'],
    ['a bench for the hall with storage', 'shoe-bench'],
    ['kitchen cupboard', 'wall-cabinet'],
    ['sandpit for the children', 'raised-bed'],
    ['wooden spoons', 'spoon-set'],
    ['bird house', 'bird-box'],
    ['breakfast tray', 'serving-tray'],
    ['workbench', 'trestle-table'],
    ['cutlery tray', 'drawer-organiser'],
    ['vegetable beds', 'raised-bed'],
    ['toy box', 'toy-box'],
    ['chiken coop', 'dog-house'],
    ['bedside tabel', 'bedside-table'],
    ['night stand', 'bedside-table'],
    ['greenhouse', 'cold-frame'],
    ['photo frames', 'picture-frame'],
    ['chopping board', 'cutting-board']
  ])('“%s” is nearest to %s', (text, id) => expect(near(text)).toContain(id))
  test('nothing is named where nothing is like it, or nothing was said', () => {
    expect(near('harpsichord')).toEqual([])
    expect([near(''), near('a for the'), near('🎻')]).toEqual([[], [], []])
  })
  test('few are named, of those that are offered', () => {
    expect(near('table').length).toBe(3)
    expect(near('table', 1).length).toBe(1)
    expect(
      nearestPieces(library, ['desk', 'no-such-piece'], 'table', { also: piecesAlso })
    ).toEqual(['desk'])
  })
  test('what else people say is said of pieces that there are', () =>
    expect(Object.keys(piecesAlso).filter((id) => !ids.includes(id))).toEqual([]))
})
