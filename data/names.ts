import type { NameWord } from '../core/catalogue'

/**
 * Trade names that differ by country; common practice. `plain` is the library's own word. A word left out of a set stays as it is. German
 * words stand here for a search in any language; whoever reads in German has the whole library in it (`data/german`).
 */
const pair = (plain: string, { german, ...sets }: Omit<NameWord, 'plain'>): NameWord[] => [
  { plain, ...sets, ...(german === undefined ? {} : { german }) },
  {
    plain: `${plain}s`,
    ...Object.fromEntries(Object.entries(sets).map(([set, word]) => [set, `${word}s`])),
    // One word finds them all.
    ...(german === undefined ? {} : { german })
  }
]

export const names: readonly NameWord[] = [
  ...pair('jointer plane', { british: 'try plane', german: 'Raubank' }),
  ...pair('jointer', { british: 'surface planer', german: 'Abrichthobel' }),
  ...pair('thicknesser', { american: 'thickness planer', german: 'Dickenhobel' }),
  ...pair('combined planer', {
    british: 'planer-thicknesser',
    american: 'jointer-planer',
    german: 'Abricht- und Dickenhobel'
  }),
  ...pair('G-clamp', { american: 'C-clamp', german: 'Schraubzwinge' }),
  ...pair('mitre', { american: 'miter' }),
  { plain: 'mitred', american: 'mitered' },
  ...pair('rebate', { american: 'rabbet' }),
  ...pair('vice', { american: 'vise', german: 'Schraubstock' }),
  ...pair('mortise', { british: 'mortice' }),
  ...pair('mortiser', { british: 'morticer', german: 'Stemmmaschine' }),
  ...pair('plough plane', { american: 'plow plane', german: 'Nuthobel' }),
  ...pair('dado', { british: 'housing' }),
  ...pair('box joint', { british: 'comb joint' }),
  ...pair('rail saw', { american: 'track saw', german: 'Tauchsäge' }),
  ...pair('plunge saw', { american: 'track saw', german: 'Tauchsäge' }),
  ...pair('wrench', { british: 'spanner', german: 'Schraubenschlüssel' }),
  ...pair('flat bit', { american: 'spade bit', german: 'Flachfräsbohrer' }),
  ...pair('chip extractor', { american: 'dust collector', german: 'Späneabsaugung' }),
  ...pair('workshop vacuum', { american: 'shop vacuum', german: 'Werkstattsauger' }),
  ...pair('spirit level', { american: 'level', german: 'Wasserwaage' }),
  ...pair('utility knife', { british: 'craft knife', german: 'Teppichmesser' }),
  ...pair('extension cord', { british: 'extension lead', german: 'Verlängerungskabel' }),
  ...pair('drill press', { british: 'pillar drill', german: 'Ständerbohrmaschine' }),
  ...pair('hand saw', { american: 'handsaw' }),
  ...pair('band saw', { british: 'bandsaw', american: 'bandsaw', german: 'Bandsäge' }),
  ...pair('coping saw', { german: 'Laubsäge' }),
  ...pair('leakage breaker', { british: 'RCD adapter', american: 'GFCI adapter', german: 'Personenschutzstecker' }),
  ...pair('jigsaw', { german: 'Stichsäge' }),
  ...pair('circular saw', { german: 'Handkreissäge' }),
  ...pair('table saw', { german: 'Tischkreissäge' }),
  ...pair('mitre saw', { american: 'miter saw', german: 'Kappsäge' }),
  ...pair('mitre box', { american: 'miter box', german: 'Gehrungslade' }),
  ...pair('pull saw', { german: 'Japansäge' }),
  ...pair('back saw', { german: 'Rückensäge' }),
  ...pair('jack plane', { german: 'Schropp- oder Schlichthobel' }),
  ...pair('smoothing plane', { german: 'Putzhobel' }),
  ...pair('block plane', { german: 'Einhandhobel' }),
  ...pair('chisel', { german: 'Stechbeitel' }),
  ...pair('marking gauge', { german: 'Streichmaß' }),
  ...pair('sliding bevel', { german: 'Schmiege' }),
  ...pair('try square', { german: 'Winkel' }),
  ...pair('drill driver', { german: 'Akkuschrauber' }),
  ...pair('hammer drill', { german: 'Schlagbohrmaschine' }),
  ...pair('trim router', { german: 'Kantenfräse' }),
  ...pair('plunge router', { german: 'Oberfräse' }),
  ...pair('random-orbital sander', { german: 'Exzenterschleifer' }),
  ...pair('belt sander', { german: 'Bandschleifer' }),
  ...pair('workbench', { german: 'Hobelbank' }),
  ...pair('sawhorse', { german: 'Arbeitsbock' }),
  ...pair('pipe clamp', { german: 'Rohrzwinge' }),
  ...pair('dowelling jig', { american: 'doweling jig', german: 'Dübellehre' }),
  ...pair('biscuit joiner', { german: 'Flachdübelfräse' }),
  ...pair('lathe', { german: 'Drechselbank' }),
  ...pair('sharpening stone', { german: 'Abziehstein' }),
  ...pair('mallet', { german: 'Klüpfel' }),
  ...pair('screwdriver', { german: 'Schraubendreher' }),
  { plain: 'calipers', british: 'callipers' },
  { plain: 'fibreboard', american: 'fiberboard' },
  { plain: 'self-centring', american: 'self-centering' },
  ...pair('dowel centre', { american: 'dowel center', german: 'Dübelmarkierer' }),
  { plain: 'timber', american: 'lumber' },
  { plain: 'aluminium', american: 'aluminum' },
  { plain: 'metre', american: 'meter' }
].filter((word) => Object.keys(word).length > 1)
