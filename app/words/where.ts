import type { Issue } from '../../core/kernel'
import { said } from './language'
import { type Say } from './say'
import { sentence } from './issues'

/** What the screens call the parts of a workspace, where they call them otherwise. */
const CALLED: Readonly<Record<string, string>> = said('called', {
  items: 'kit',
  offers: 'finds',
  quotes: 'prices',
  saleWindows: 'sales',
  watches: 'what is watched',
  hires: 'what can be hired',
  pieces: 'pieces for sale',
  upkeep: 'checks and care',
  needTests: 'purchases slept on',
  oneOffs: 'money that comes once',
  adopted: 'kept plans',
  own: 'own entries'
})
const words = said('calledEntry', { entry: (number: number): string => `entry ${number}` })
const called = (part: string | number): string =>
  typeof part === 'number'
    ? words.entry(part + 1)
    : (CALLED[part] ?? part.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`))
/** The place of a finding in plain words: "builds, entry 3, name". Empty where it is about the whole. */
export const placeText = (path: Issue['path']): string => path.map(called).join(', ')
/** The sentence for a finding in the form it is about: behind the name of its field alone. */
export function inForm(one: Issue, say?: Say): string {
  const field = one.path.findLast((part) => typeof part === 'string')
  if (field === undefined) return sentence(one, say)
  const name = called(field)
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${sentence(one, say)}`
}
/** The sentence for a finding behind its place. */
export const placed = (one: Issue, say?: Say): string =>
  one.path.length === 0 ? sentence(one, say) : `${placeText(one.path)}: ${sentence(one, say)}`
