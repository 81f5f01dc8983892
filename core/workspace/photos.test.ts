import { describe, expect, test } from '@jest/globals'
import { emptyWorkspace } from '../../tests/helpers/workspaces'
import { change, type Workspace } from '.'

const speaking = (...ids: string[]): Workspace =>
  emptyWorkspace({
    ledger: [{ id: 'e', date: '2026-05-01', kind: 'tool', amount: -1, text: 'Saw' }],
    photos: ids.map((id) => ({
      id,
      entry: 'e',
      type: 'image/jpeg',
      widthPx: 1,
      heightPx: 1,
      bytes: 1
    }))
  })
const picture = (id: string, byte: number) => ({ id, bytes: Uint8Array.of(0xff, byte) })
const take = (
  workspace: Workspace,
  files: ReturnType<typeof picture>[],
  here: ReturnType<typeof picture>[]
) => {
  const taken = change.takeInPhotos(workspace, files, here, () => 'made')
  return {
    speaks: taken.workspace.photos?.map(({ id }) => id),
    photos: taken.photos.map(({ id, bytes }) => [id, bytes[1]]),
    missing: taken.missing
  }
}

describe('pictures of a file beside those that are here', () => {
  test('another picture of the same id gets an id of its own; the same picture keeps its', () => {
    expect(take(speaking('p'), [picture('p', 2)], [picture('p', 1)])).toEqual({
      speaks: ['made'],
      photos: [['made', 2]],
      missing: 0
    })
    expect(take(speaking('p'), [picture('p', 1)], [picture('p', 1)])).toEqual({
      speaks: ['p'],
      photos: [['p', 1]],
      missing: 0
    })
  })
  test('the same file taken in once more finds the id its picture was given before', () => {
    const here = [picture('p', 1), picture('made before', 2)]
    expect(take(speaking('p'), [picture('p', 2)], here).speaks).toEqual(['made before'])
  })
  test('what the workspace does not speak of stays out; what it speaks of and is nowhere is counted', () => {
    expect(
      take(speaking('p', 'gone', 'kept'), [picture('q', 3), picture('p', 1)], [picture('kept', 5)])
    ).toEqual({
      speaks: ['p', 'gone', 'kept'],
      photos: [['p', 1]],
      missing: 1
    })
  })
})
