import { seededRandom } from '../../core/kernel'

/** Damages a workspace file in one of many ways, the same way for the same seed: fields dropped, doubled, swapped, of another kind or out of range, references broken, text cut or garbled. */
type Json = null | boolean | number | string | Json[] | { [key: string]: Json }

const ODD: readonly Json[] = [
  null,
  true,
  -1,
  0,
  0.5,
  1e18,
  -1e18,
  1e308,
  '',
  ' ',
  'x',
  '2026-02-30',
  '1850-01-01',
  '__proto__',
  'constructor',
  '=1+1',
  '<b>',
  '\u202e',
  '\u0000',
  'a'.repeat(3000),
  [],
  {},
  [[]],
  { toString: 1 },
  'my/none',
  'ledger',
  2
]

interface Spot {
  readonly parent: Json[] | { [key: string]: Json }
  readonly key: string | number
}
function spots(root: Json): Spot[] {
  const found: Spot[] = []
  const walk = (node: Json): void => {
    if (node === null || typeof node !== 'object') return
    const keys = Array.isArray(node) ? node.keys() : Object.keys(node)
    for (const key of keys) {
      found.push({ parent: node, key })
      walk((node as { [key: string]: Json })[key as string] ?? null)
    }
  }
  walk(root)
  return found
}
const at = ({ parent, key }: Spot): Json =>
  (parent as { [key: string]: Json })[key as string] ?? null
const put = ({ parent, key }: Spot, value: Json): void => {
  if (key === '__proto__')
    Object.defineProperty(parent, key, {
      value,
      enumerable: true,
      configurable: true,
      writable: true
    })
  else (parent as { [key: string]: Json })[key as string] = value
}
function drop({ parent, key }: Spot): void {
  if (Array.isArray(parent)) parent.splice(Number(key), 1)
  else delete parent[String(key)]
}

/** @param text a good file  @param seed which damage */
export function damaged(text: string, seed: number): string {
  const random = seededRandom(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  if (random() < 0.15) {
    const from = Math.floor(random() * text.length)
    const garble = pick([
      '',
      '}',
      ']',
      ',',
      '"',
      '\u0000',
      '\\u0000',
      '{',
      '1e999',
      'null',
      '\ufeff',
      text.slice(0, 50)
    ])
    return random() < 0.5
      ? text.slice(0, from) + garble
      : text.slice(0, from) + garble + text.slice(from + Math.floor(random() * 30))
  }
  const root = JSON.parse(text) as Json
  const times = 1 + Math.floor(random() * 3)
  for (let i = 0; i < times; i++) {
    const all = spots(root)
    const spot = pick(all)
    switch (Math.floor(random() * 7)) {
      case 0:
        drop(spot)
        break
      case 1:
        put(spot, pick(ODD))
        break
      case 2:
        put(spot, structuredClone(at(pick(all))))
        break
      case 3:
        if (Array.isArray(spot.parent)) spot.parent.push(structuredClone(at(spot)))
        else put({ parent: spot.parent, key: `${spot.key}2` }, at(spot))
        break
      case 4: {
        const value = at(spot)
        put(
          spot,
          typeof value === 'number'
            ? value * pick([-1, 0.5, 1e6, 1 / 3])
            : typeof value === 'string'
              ? pick([`${value}x`, value.toUpperCase(), value.slice(1), `${value} `])
              : pick(ODD)
        )
        break
      }
      case 5: {
        const other = pick(all)
        const [a, b] = [structuredClone(at(spot)), structuredClone(at(other))]
        put(spot, b)
        put(other, a)
        break
      }
      default:
        put(
          {
            parent: spot.parent,
            key: Array.isArray(spot.parent)
              ? 0
              : pick(['__proto__', 'constructor', 'colour', 'id', 'reverses', 'amount'])
          },
          pick(ODD)
        )
    }
  }
  return JSON.stringify(root)
}
