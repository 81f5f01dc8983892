import type { ListingFacts } from '../../core/sidework'
import type { Minor } from '../../core/money'
import { joined } from './bench'
import type { Say } from './say'
import { listing as words } from './side-books'

/** What a listing is written from. */
export interface ListingSaid {
  readonly name: string
  readonly facts: ListingFacts
  /** Names of timber and finish, in the order of the facts. */
  readonly timber: readonly string[]
  readonly finish: readonly string[]
  readonly price: Minor
  readonly delivery: Minor
  readonly story: string
}

/** The facts of a piece in good order, a line each. */
export function listingLines(say: Say, said: ListingSaid): string[] {
  const { facts, timber, finish, price, delivery } = said
  const care = facts.outdoors ? 'outdoors' : facts.finish.includes('oil') ? 'oil' : 'plain'
  return [
    ...(facts.sizeMm ? [words.size(say, facts.sizeMm)] : []),
    ...(timber.length > 0 ? [words.timber(joined(timber))] : []),
    finish.length > 0 ? words.finish(joined(finish)) : words.noFinish,
    ...(facts.weightKg === undefined ? [] : [words.weight(say, facts.weightKg)]),
    words.care[care],
    words.price(say, price),
    words.delivery(say, delivery)
  ]
}

/** The listing as plain text: name, story, facts. */
export const listingText = (say: Say, said: ListingSaid): string =>
  [
    said.name,
    '',
    ...(said.story.trim() === '' ? [] : [said.story.trim(), '']),
    ...listingLines(say, said),
    '',
    words.made,
    ''
  ].join('\n')

/** The same as Markdown, with its pictures by their names beside it. */
export const listingMarkdown = (say: Say, said: ListingSaid, pictures: readonly string[]): string =>
  [
    `# ${said.name.replace(/[\\`*_[\]<>#]/g, '\\$&')}`,
    '',
    ...(said.story.trim() === '' ? [] : [said.story.trim(), '']),
    ...listingLines(say, said).map((line) => `- ${line}`),
    '',
    words.made,
    '',
    ...pictures.flatMap((file) => [`![${words.photoOf(said.name)}](${file})`, ''])
  ].join('\n')
