import { bladeBelow, box, closed, line, ring, teeth, type Drawing, type Drawings } from './strokes'

/** A circular saw of a blade's size on its sole. */
const circular = (radius: number, extra: string): Drawing => ({
  outline: `M22 56h80v5h-80zM${62 - radius} 54a${radius} ${radius} 0 0 1 ${2 * radius} 0zM60 ${54 - radius}q14-14 38-6l6 10-8 8-14-8q-8-2-12 6`,
  fine: `${ring(62, 50, 5)}${extra}`,
  edge: bladeBelow(62, 61, radius * 0.75, radius * 0.45, 8)
})
/** A sander: a body over a pad of a shape. */
const sander = (pad: string, grip: string): Drawing => ({
  outline: `M40 54v-20q0-14 18-14t20 14v20z${grip}`,
  fine: 'M44 36h30M78 46l18-6 8 2-8 10-18 2',
  edge: pad
})

/** Powered tools held in the hands. */
export const handPowerDrawings: Drawings = {
  'circular-saw': circular(30, line([32, 54], [92, 54])),
  'circular-saw-small': circular(23, line([40, 54], [84, 54])),
  'rail-saw': {
    outline: 'M28 50h68v5h-68zM34 50v-14q6-16 26-16t28 16v14zM54 20q14-14 42-4l8 12-8 6-12-10',
    fine: box(4, 58, 112, 6) + line([4, 61], [116, 61]) + ring(60, 38, 6),
    edge: line([4, 64], [116, 64]) + bladeBelow(60, 64, 16, 10, 6)
  },
  jigsaw: {
    outline:
      'M18 56h56v5h-56zM24 54v-22q0-10 10-10h40q24 0 34 16l-4 6q-12-8-26-8h-20v18zM64 36q10-8 28 4',
    fine: line([40, 22], [40, 54]) + ring(32, 32, 4),
    edge: teeth([36, 76], [36, 56], 7, 3) + line([36, 56], [32, 56], [32, 76], [36, 76])
  },
  'ro-sander': sander('M28 60h64M28 54h64v6h-64z', 'M46 22q14-12 28 0'),
  'palm-sander': sander('M34 62h50M34 54h50v8h-50z', 'M42 26q18-14 34 0'),
  'detail-sander': sander('M10 62h74M10 62l30-8h44v8', 'M46 22q14-12 28 0'),
  'belt-sander': {
    outline:
      ring(26, 54, 10) +
      ring(92, 54, 8) +
      'M24 40q2-16 24-16h34q18 0 18 18M58 24q0-14 20-14h18l2 8-22 2-4 6',
    fine: ring(26, 54, 3) + ring(92, 54, 3) + box(44, 46, 34, 8),
    edge: 'M26 64h66a10 10 0 0 0 0-19M26 64a10 10 0 0 1 0-20'
  },
  'trim-router': {
    outline:
      'M44 14h32l2 8v26h-36v-26zM34 60h52v6h-52z' +
      line([38, 48], [36, 60]) +
      line([82, 48], [84, 60]),
    fine: box(52, 46, 16, 10) + line([42, 24], [78, 24]),
    edge: closed([57, 56], [63, 56], [64, 76], [56, 76])
  },
  'plunge-router': {
    outline:
      'M42 10h36l4 8v22h-44v-22zM26 58h68v6h-68z' +
      ring(22, 28, 8) +
      ring(98, 28, 8) +
      'M30 28h8M82 28h8',
    fine: box(42, 40, 5, 18) + box(73, 40, 5, 18) + line([38, 20], [82, 20]),
    edge: box(55, 40, 10, 12) + closed([56, 52], [64, 52], [66, 76], [54, 76])
  },
  'brad-nailer': {
    outline: 'M20 14h40q14 0 16 8l24 4v10l-30 2-6 20h-10l4-22h-10v-2h-22z',
    fine: closed([34, 38], [42, 38], [62, 66], [52, 66]) + 'M62 58h28v10h-28z',
    edge: closed([20, 38], [32, 38], [30, 54], [24, 54]) + line([27, 54], [27, 72])
  },
  'air-nailer': {
    outline: 'M16 14h36q14 0 16 8l28 2v10l-28 4h-36v-2h-16z' + line([96, 29], [102, 29]),
    fine: closed([28, 38], [36, 38], [62, 66], [52, 66]) + 'M102 29q14 4 8 18t-4 26',
    edge: closed([16, 38], [28, 38], [26, 54], [20, 54]) + line([23, 54], [23, 72])
  },
  'biscuit-joiner': {
    outline: 'M40 36h44q22 0 26 10l-4 8h-66zM40 28h-10v34h10zM30 62h40v5h-40z',
    fine: 'M44 36q6-18 22-18l2 6q-10 2-14 12' + line([12, 40], [30, 40]),
    edge: 'M30 42q-10 6 0 14' + closed([8, 44], [16, 40], [24, 44], [16, 48])
  },
  'tenon-joiner': {
    outline: 'M44 34h42q20 0 24 12l-4 8h-62zM44 26h-14v38h14zM30 64h40v5h-40z',
    fine: 'M48 34q6-18 22-18l2 6q-10 2-14 12',
    edge: closed([18, 46], [30, 44], [30, 52], [18, 50]) + 'M4 42h6q4 4 0 8h-6z'
  },
  'power-planer': {
    outline: 'M10 60h46v-8h12v8h42l-6-18h-88zM20 42q2-14 16-14h30q20-18 38-2l-4 8q-10-8-20 0v8',
    fine: ring(24, 30, 5) + line([12, 66], [108, 66]),
    edge: ring(62, 56, 7) + line([56, 61], [68, 61])
  },
  'multi-tool': {
    outline: 'M30 30h70q12 4 10 16l-76 4q-8-8-4-20z',
    fine: line([48, 30], [48, 49]) + box(58, 34, 20, 6),
    edge: closed([24, 48], [36, 48], [38, 68], [22, 68]) + teeth([38, 68], [22, 68], 5, -3)
  },
  'rotary-tool': {
    outline: 'M34 32h64q12 0 12 8t-12 8h-64l-10-4v-8z',
    fine: line([44, 32], [44, 48]) + box(54, 35, 14, 5),
    edge: line([10, 40], [24, 40]) + closed([4, 36], [12, 38], [12, 42], [4, 44])
  },
  'angle-grinder': {
    outline: 'M44 30h56q10 2 10 8t-10 8h-56zM44 28h-14q-8 2-8 10v10h22z' + 'M36 28v-18h6v18',
    fine: line([54, 30], [54, 46]) + 'M10 44a22 16 0 0 1 44 2',
    edge: 'M8 56h48v-5h-48z'
  },
  'reciprocating-saw': {
    outline:
      'M40 28h44l18 8q8 4 6 22h-10l-6-14h-18l-8 6h-26z' +
      closed([30, 32], [40, 30], [40, 48], [30, 46]),
    fine: line([54, 28], [54, 50]) + box(26, 30, 4, 20),
    edge: line([26, 38], [4, 38], [8, 44]) + teeth([26, 44], [8, 44], 7, -3)
  },
  'spray-gun': {
    outline:
      'M30 26h44q10 0 14 8l6 34h-12l-8-22h-16l-4-6h-24z' +
      closed([36, 26], [40, 6], [68, 6], [72, 26]),
    fine: 'M66 46q-2 8 4 12' + line([40, 12], [68, 12]),
    edge:
      closed([30, 26], [22, 29], [22, 37], [30, 40]) +
      line([18, 33], [4, 22]) +
      line([18, 33], [4, 33]) +
      line([18, 33], [4, 44])
  },
  'heat-gun': {
    outline: 'M34 20h44q12 0 14 12l-2 36h-16l-2-28h-38z',
    fine:
      line([50, 20], [50, 40]) +
      'M68 42q-2 8 4 10' +
      line([84, 24], [84, 34]) +
      line([80, 24], [80, 34]),
    edge:
      closed([18, 22], [34, 22], [34, 38], [18, 38]) +
      'M14 24q-6 3-10-1M14 30q-6 3-10-1M14 36q-6 3-10-1'
  }
}
