import { box, closed, line, ring, type Drawings } from './strokes'

/** What keeps a person whole: the edge is what stands between them and harm. */
export const protectionDrawings: Drawings = {
  'push-sticks': {
    outline: closed(
      [20, 66],
      [20, 58],
      [30, 58],
      [34, 46],
      [84, 10],
      [96, 12],
      [98, 22],
      [52, 56],
      [36, 66]
    ),
    fine: ring(88, 18, 2.5),
    edge: line([20, 66], [20, 58], [30, 58])
  },
  'safety-glasses': {
    outline: 'M14 34q22-8 42 0l4 4 4-4q20-8 42 0l-4 22q-18 10-36 0l-4-10h-4l-4 10q-18 10-36 0z',
    fine: 'M14 34l-6 4v14M106 34l6 4v14',
    edge: 'M18 52q18 10 36 0M66 52q18 10 36 0'
  },
  'ear-muffs': {
    outline: box(20, 36, 16, 32) + box(84, 36, 16, 32),
    fine: box(36, 40, 6, 24) + box(78, 40, 6, 24),
    edge: 'M28 36q0-28 32-28t32 28'
  },
  'ear-plugs': {
    outline: 'M20 30h26q8 10 0 20h-26q-8-10 0-20zM74 30h26q8 10 0 20h-26q-8-10 0-20z',
    fine: 'M50 40q10 40 22 2',
    edge: line([46, 30], [46, 50]) + line([74, 30], [74, 50])
  },
  'half-mask': {
    outline: 'M38 22q22-12 44 0l6 26q-12 22-28 22t-28-22z',
    fine: 'M38 24l-30-10M82 24l30-10M34 52l-26 8M86 52l26 8',
    edge: ring(28, 54, 13) + ring(92, 54, 13)
  },
  'vapour-mask': {
    outline: 'M38 18q22-12 44 0l6 26q-12 22-28 22t-28-22z',
    fine: 'M38 20l-30-10M82 20l30-10' + line([20, 46], [36, 46]) + line([84, 46], [100, 46]),
    edge: box(18, 40, 20, 30) + box(82, 40, 20, 30)
  },
  'dust-masks': {
    outline: 'M26 34q34-30 68 0q4 30-34 36q-38-6-34-36z',
    fine:
      'M26 36q-14-10-18-24M94 36q14-10 18-24M28 54q-14 2-20 10M92 54q14 2 20 10' + ring(60, 48, 7),
    edge: 'M46 24q14-8 28 0'
  },
  'face-shield': {
    outline: 'M24 24q36-24 72 0v8h-72z',
    fine: ring(24, 28, 3) + ring(96, 28, 3),
    edge: 'M26 32q34 8 68 0l-4 36q-30 10-60 0z'
  },
  'powered-mask': {
    outline: 'M26 30q0-24 34-24t34 24l-6 10h-56z',
    fine: box(88, 50, 22, 16) + 'M90 40q12 2 10 10' + 'M93 58h12',
    edge: 'M32 40h56l-4 24q-24 12-48 0z'
  },
  'carving-glove': {
    outline:
      'M40 74v-26l-16-14q-2-8 6-8l14 10v-22q4-6 8 0v16v-20q4-6 8 0v20v-18q4-6 8 0v20v-12q4-6 8 0v34l-6 20z',
    fine: line([42, 66], [74, 66]) + line([40, 54], [52, 54]) + line([46, 46], [74, 46]),
    edge: line([40, 74], [70, 74])
  },
  'first-aid-kit': {
    outline: box(16, 24, 88, 46) + 'M46 24v-10h28v10',
    fine: line([16, 34], [104, 34]),
    edge: closed(
      [54, 40],
      [66, 40],
      [66, 46],
      [74, 46],
      [74, 56],
      [66, 56],
      [66, 62],
      [54, 62],
      [54, 56],
      [46, 56],
      [46, 46],
      [54, 46]
    )
  },
  'fire-extinguisher': {
    outline: 'M42 34q0-12 18-12t18 12v38h-36z' + box(54, 12, 12, 10),
    fine: box(48, 42, 24, 16) + 'M66 16l20-8M66 20l18 0',
    edge: 'M54 18q-24 4-26 30' + closed([24, 48], [32, 48], [35, 62], [21, 62])
  },
  'leakage-breaker': {
    outline: box(30, 14, 60, 52),
    fine: ring(46, 46, 9) + ring(74, 46, 9) + [43, 49, 71, 77].map((x) => ring(x, 46, 1)).join(''),
    edge: box(40, 22, 14, 8) + box(66, 22, 14, 8)
  },
  'rag-bin': {
    outline: box(34, 26, 52, 46) + closed([30, 26], [38, 14], [82, 14], [90, 26]),
    fine: line([34, 40], [86, 40]) + line([34, 58], [86, 58]),
    edge: line([30, 26], [90, 26]) + box(46, 72, 28, 4)
  },
  'smoke-alarm': {
    outline: 'M18 26h84q-2 20-22 22h-40q-20-2-22-22z' + line([6, 22], [114, 22]),
    fine: [40, 50, 60, 70, 80].map((x) => line([x, 32], [x, 40])).join(''),
    edge: ring(60, 56, 4) + 'M44 60q-4 8 0 14M76 60q4 8 0 14'
  },
  'no-volt-switch': {
    outline: box(34, 10, 52, 60),
    fine: box(44, 44, 14, 16) + line([51, 48], [51, 56]),
    edge: ring(68, 52, 9) + box(44, 18, 32, 16)
  }
}
