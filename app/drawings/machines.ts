import { box, closed, line, ring, teeth, type Drawing, type Drawings } from './strokes'

const legs = line([24, 58], [18, 76]) + line([96, 58], [102, 76])
/** A drop saw of a blade's size on its turntable; with rails it slides. */
const mitre = (radius: number, rails: boolean): Drawing => ({
  outline: `M14 62h92v8h-92zM22 50h20v12h-20zM78 50h20v12h-20z${ring(58, 36, radius)}M58 36l34-24 8 6`,
  fine:
    (rails ? box(72, 26, 44, 4) + box(72, 34, 44, 4) : '') +
    ring(58, 36, 4) +
    line([30, 70], [90, 70]),
  edge: `M${58 - radius} 36a${radius} ${radius} 0 0 0 ${2 * radius} 0`
})
/** A band saw of a height. */
const band = (top: number, width: number): Drawing => ({
  outline: `${closed([44, top], [44 + width, top], [44 + width, top + 22], [60, top + 22], [60, 56], [44, 56])}${box(38, 62, width + 12, 14)}`,
  fine: ring(44 + width / 2, top + 11, 8) + ring(44 + width / 2, 69, 5),
  edge:
    line([44 + width - 8, top + 22], [44 + width - 8, 62]) +
    line([36, 56], [56 + width, 56], [56 + width, 61], [36, 61])
})
const press = (foot: string): Drawing => ({
  outline: `${box(30, 8, 58, 20)}${box(78, 28, 7, 42)}${foot}`,
  fine: `${ring(42, 22, 4)}${line([42, 22], [22, 16])}${line([42, 22], [26, 32])}`,
  edge:
    closed([50, 28], [62, 28], [58, 38], [54, 38]) + line([56, 38], [56, 52]) + box(34, 54, 48, 4)
})

/** Machines that stand: the edge is the cutter and the table it meets. */
export const machineDrawings: Drawings = {
  'mitre-saw': mitre(22, true),
  'mitre-saw-small': mitre(17, false),
  'mitre-saw-large': mitre(27, true),
  'table-saw': {
    outline: closed([30, 46], [90, 46], [84, 60], [36, 60]) + legs + box(10, 40, 100, 6),
    fine: box(76, 32, 6, 8) + line([92, 40], [92, 30]) + ring(60, 53, 4),
    edge: 'M44 40a14 14 0 0 1 28 0' + line([10, 40], [110, 40])
  },
  'cabinet-saw': {
    outline: box(28, 44, 56, 32) + box(4, 38, 112, 6),
    fine:
      box(86, 28, 6, 10) + ring(56, 58, 7) + line([56, 58], [63, 52]) + line([28, 70], [84, 70]),
    edge: 'M42 38a15 15 0 0 1 30 0' + line([4, 38], [116, 38])
  },
  'band-saw': band(6, 40),
  'band-saw-small': band(18, 30),
  'scroll-saw': {
    outline: 'M14 20h70q22 0 22 20t-22 22h-66v-8h60q14 0 14-14t-14-12h-64z' + box(10, 62, 100, 8),
    fine: ring(20, 14, 4),
    edge: teeth([22, 56], [22, 28], 12, 2) + line([8, 46], [46, 46])
  },
  thicknesser: {
    outline: box(28, 14, 64, 36) + box(28, 50, 6, 18) + box(86, 50, 6, 18) + box(24, 68, 72, 6),
    fine: ring(60, 10, 5) + box(6, 60, 22, 4) + box(92, 60, 22, 4),
    edge: line([34, 50], [86, 50]) + line([4, 58], [116, 58])
  },
  jointer: {
    outline: box(30, 46, 60, 28) + box(6, 16, 108, 16),
    fine: ring(96, 60, 5) + line([60, 16], [60, 32]),
    edge: line([4, 40], [54, 40]) + ring(60, 42, 5) + line([66, 37], [116, 37])
  },
  'combined-planer': {
    outline: box(26, 38, 68, 36) + box(6, 14, 108, 14),
    fine: line([26, 56], [94, 56]) + ring(100, 64, 5) + box(12, 60, 96, 4),
    edge: line([4, 36], [54, 36]) + ring(60, 38, 5) + line([66, 33], [116, 33])
  },
  'drill-press': press(box(30, 68, 60, 6)),
  'drill-press-floor': {
    outline: box(34, 4, 48, 16) + box(72, 20, 6, 52) + box(38, 72, 46, 5),
    fine: ring(44, 16, 3) + line([44, 16], [28, 10]),
    edge:
      closed([50, 20], [60, 20], [57, 28], [53, 28]) + line([55, 28], [55, 38]) + box(38, 40, 38, 4)
  },
  'disc-sander': {
    outline: box(70, 26, 34, 34) + box(30, 66, 74, 8) + line([80, 60], [80, 66]),
    fine: ring(96, 43, 5) + line([40, 52], [40, 66]),
    edge: box(62, 10, 6, 44) + box(20, 48, 40, 5)
  },
  'spindle-sander': {
    outline: box(22, 44, 76, 30) + box(12, 38, 96, 6),
    fine: ring(84, 60, 4) + line([60, 12], [60, 8]),
    edge: box(52, 12, 16, 26) + line([12, 38], [108, 38])
  },
  'drum-sander': {
    outline: box(26, 12, 68, 30) + box(26, 42, 8, 26) + box(20, 68, 80, 6),
    fine: ring(98, 24, 6) + line([98, 24], [104, 18]),
    edge: ring(60, 44, 10) + line([6, 58], [114, 58])
  },
  lathe: {
    outline:
      box(6, 20, 26, 34) +
      box(90, 30, 18, 24) +
      box(4, 56, 112, 8) +
      line([16, 64], [12, 76]) +
      line([104, 64], [108, 76]),
    fine:
      box(50, 48, 26, 4) + line([62, 52], [62, 56]) + ring(112, 38, 4) + line([32, 38], [40, 38]),
    edge: 'M40 32q10-4 20 2t30-2v12q-20 4-30-2t-20 0z'
  },
  mortiser: {
    outline: box(66, 6, 10, 62) + box(36, 14, 38, 22) + box(24, 68, 72, 6),
    fine: line([66, 12], [98, 4]) + ring(100, 4, 3) + box(28, 60, 50, 8),
    edge: box(46, 36, 9, 18) + line([46, 54], [50, 58], [55, 54])
  }
}
