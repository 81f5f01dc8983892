import { describe, expect, test } from '@jest/globals'
import { withSizes } from '../../core/catalogue'
import { library } from '../../data'
import { namesIn } from './names-in'

const cards = (text: string, of = library): string[] =>
  namesIn(of, text).flatMap(({ text: name, card }) => (card ? [`${name}=${card.id}`] : []))

describe('names in a sentence', () => {
  test('put together again they are the sentence', () => {
    for (const text of [
      'Needs a circular saw, 185 mm and safety glasses.',
      'Nothing here has a card.',
      'Pull saw',
      ''
    ])
      expect(
        namesIn(library, text)
          .map((one) => one.text)
          .join('')
      ).toBe(text)
  })
  test.each([
    ['Waits for the pull saw.', ['pull saw=pull-saw']],
    ['The circular saw, 185 mm, comes first', ['circular saw, 185 mm=circular-saw']],
    ['Four pipe clamps and a mallet', ['pipe clamps=pipe-clamp-900', 'mallet=mallet']],
    [
      'It needs a sharpening stone and flattener',
      ['sharpening stone and flattener=sharpening-stone']
    ],
    // A longer word that begins like a name is no name; nor are these words, which also mean something else.
    ['Jigsawed on the hammering side of the files', []]
  ])('%s', (text, expected) => {
    expect(cards(text)).toEqual(expected)
  })
  test('as they are told in inches', () =>
    expect(cards('with a circular saw, 7 1/4 in', withSizes(library, 'imperial'))).toEqual([
      'circular saw, 7 1/4 in=circular-saw'
    ]))
})
