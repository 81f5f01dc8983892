import { box, closed, line, ring, type Drawings } from './strokes'

/** A metal plane of a length, 40 to 108 on the canvas: tote behind, knob before, iron between. */
function metal(length: number): Drawings[string] {
  const left = 60 - length / 2
  const right = 60 + length / 2
  const mouth = left + length * 0.36
  return {
    outline:
      closed(
        [left, 66],
        [left, 58],
        [left + length * 0.2, 54],
        [left + length * 0.34, 44],
        [right - length * 0.2, 54],
        [right, 58],
        [right, 66]
      ) +
      ring(left + length * 0.14, 44, 5) +
      `M${left + length * 0.12} 55v-6M${left + length * 0.16} 55v-6`,
    fine: `M${right - length * 0.2} 55q-2-14-12-24l8-3q12 10 12 28`,
    edge: line([mouth + 22, 26], [mouth, 66]) + line([mouth + 26, 28], [mouth + 5, 66])
  }
}
/** A block of wood with its iron wedged in. */
const wooden = (left: number, height: number, iron: number): Drawings[string] => ({
  outline: box(left, 66 - height, 120 - 2 * left, height),
  fine: closed([iron + 6, 66 - height], [iron + 22, 66 - height], [iron + 6, 66]),
  edge: line([iron + 24, 52 - height], [iron, 66])
})

/** Planes, scrapers and what shaves: the edge is the iron. */
export const planeDrawings: Drawings = {
  'jack-plane': metal(90),
  'smoothing-plane': metal(66),
  'jointer-plane': metal(112),
  'scrub-plane': {
    outline: metal(72).outline,
    fine: metal(72).fine,
    edge: `${metal(72).edge ?? ''}M34 70q14 8 28 0`
  },
  'block-plane': {
    outline: 'M28 66v-12l10-4h14l34 2 6 4v10z' + ring(40, 44, 4),
    fine: 'M56 52q20-16 36 0' + ring(82, 46, 4),
    edge: line([94, 42], [52, 66]) + line([96, 46], [58, 66])
  },
  'pull-plane': wooden(14, 26, 66),
  'rebate-plane': {
    outline: 'M14 66v-10l14-4 10-16 40 14 28 4v12z',
    fine: 'M86 54q-2-14-12-24l8-3q12 10 12 28' + 'M18 66v6h70v-6' + line([100, 66], [100, 72]),
    edge: line([60, 26], [44, 66])
  },
  'shoulder-plane': {
    outline: 'M12 66v-22l12-8h40l10 10 30 4q8 4 6 16z',
    fine: ring(40, 50, 6) + line([34, 66], [34, 58]),
    edge: line([92, 44], [34, 66])
  },
  'plough-plane': {
    outline: 'M16 58v-16l20-4 40 4 18 8v8z' + box(24, 20, 5, 30) + box(70, 20, 5, 30),
    fine: box(14, 62, 84, 8) + 'M92 52q-2-14-12-22l8-3q12 10 12 26',
    edge: line([62, 24], [48, 62]) + line([18, 60], [96, 60])
  },
  'router-plane': {
    outline:
      'M14 60v-8q10-8 22-4l12 2q12-16 24 0l12-2q12-4 22 4v8z' + ring(24, 38, 6) + ring(96, 38, 6),
    fine: line([24, 44], [24, 50]) + line([96, 44], [96, 50]) + 'M52 60q8-10 16 0',
    edge: line([60, 22], [60, 68], [72, 70])
  },
  scraper: {
    outline: 'M18 30q42-8 84 0v26q-42-8-84 0z',
    fine: 'M26 36q34-6 68 0',
    edge: 'M18 56q42-8 84 0'
  },
  'scraper-handled': {
    outline:
      'M46 58h28v8h-28zM46 60l-26-6q-12-2-14-12q10-4 20 2l20 8zM74 60l26-6q12-2 14-12q-10-4-20 2l-20 8z',
    fine: ring(60, 50, 3),
    edge: closed([50, 30], [72, 30], [68, 68], [48, 68])
  },
  spokeshave: {
    outline:
      'M44 52h32v10h-32zM44 54q-16-2-22-12q-8-4-14 2q4 12 20 14l16 2zM76 54q16-2 22-12q8-4 14 2q-4 12-20 14l-16 2z',
    fine: ring(54, 47, 2.5) + ring(66, 47, 2.5),
    edge: box(48, 58, 24, 8)
  },
  drawknife: {
    outline: 'M24 40v-8h72v8M24 36l-10 16v20a4 4 0 0 0 8 0v-18M96 36l10 16v20a4 4 0 0 1-8 0v-18',
    fine: line([14, 56], [22, 56]) + line([98, 56], [106, 56]),
    edge: line([24, 44], [96, 44]) + line([24, 40], [96, 40])
  }
}
