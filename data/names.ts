import type { NameWord } from '../core/catalogue'

/** Trade names that differ by country; common practice. `plain` is the library's own word. A word left out of a set stays as it is. */
const pair = (plain: string, sets: Omit<NameWord, 'plain'>): NameWord[] => [
  { plain, ...sets },
  { plain: `${plain}s`, ...Object.fromEntries(Object.entries(sets).map(([set, word]) => [set, `${word}s`])) }
]

export const names: readonly NameWord[] = [
  ...pair('jointer', { british: 'surface planer' }),
  ...pair('thicknesser', { american: 'thickness planer' }),
  ...pair('combined planer', { british: 'planer-thicknesser', american: 'jointer-planer' }),
  ...pair('clamp', { british: 'cramp' }),
  ...pair('mitre', { american: 'miter' }),
  { plain: 'mitred', american: 'mitered' },
  ...pair('rebate', { american: 'rabbet' }),
  ...pair('vice', { american: 'vise' }),
  ...pair('mortise', { british: 'mortice' }),
  ...pair('mortiser', { british: 'morticer' }),
  ...pair('plough plane', { american: 'plow plane' }),
  ...pair('dado', { british: 'housing' }),
  ...pair('box joint', { british: 'comb joint' }),
  ...pair('rail saw', { american: 'track saw' }),
  ...pair('plunge saw', { american: 'track saw' }),
  ...pair('wrench', { british: 'spanner' }),
  ...pair('flat bit', { american: 'spade bit' }),
  ...pair('chip extractor', { american: 'dust collector' }),
  ...pair('workshop vacuum', { american: 'shop vacuum' }),
  ...pair('spirit level', { american: 'level' }),
  ...pair('utility knife', { british: 'craft knife' }),
  ...pair('extension cord', { british: 'extension lead' }),
  ...pair('drill press', { british: 'pillar drill' }),
  ...pair('hand saw', { american: 'handsaw' }),
  ...pair('band saw', { british: 'bandsaw', american: 'bandsaw' }),
  ...pair('coping saw', {}),
  { plain: 'calipers', british: 'callipers' },
  { plain: 'fibreboard', american: 'fiberboard' },
  { plain: 'self-centring', american: 'self-centering' },
  ...pair('dowel centre', { american: 'dowel center' }),
  { plain: 'timber', american: 'lumber' },
  { plain: 'aluminium', american: 'aluminum' },
  { plain: 'metre', american: 'meter' }
].filter((word) => Object.keys(word).length > 1)
