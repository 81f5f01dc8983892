/**
 * Hours of a practised hobby user, worked out before the library's times were set by them. Those without lines are the usual hours of a
 * teacher's course in the piece, common practice; those with lines are added up here, in minutes, from what is done one after another.
 * `power` is hand-held power tools, `hand` is everything by hand, both in the form of joint the template names first.
 */
export interface WorkedHours {
  readonly template: string
  readonly power: number
  readonly hand?: number
  readonly lines?: readonly (readonly [what: string, power: number, hand: number])[]
}

const added = (template: string, lines: NonNullable<WorkedHours['lines']>): WorkedHours => {
  const sum = (place: 1 | 2): number => lines.reduce((all, line) => all + line[place], 0) / 60
  return { template, power: sum(1), hand: sum(2), lines }
}

export const workedHours: readonly WorkedHours[] = [
  { template: 'step-stool', power: 3, hand: 4.5 },
  { template: 'potting-bench', power: 7, hand: 11 },
  { template: 'planter', power: 4, hand: 7 },
  { template: 'cutting-board', power: 3.5, hand: 5.5 },
  { template: 'bookcase', power: 11, hand: 18 },
  { template: 'bedside-table', power: 14, hand: 22 },
  { template: 'coffee-table', power: 18, hand: 34 },
  { template: 'dining-table', power: 38, hand: 75 },
  { template: 'stool', power: 9, hand: 12 },
  { template: 'tea-box', power: 7, hand: 8 },
  { template: 'wall-cabinet', power: 20, hand: 30 },
  { template: 'drawer-chest', power: 90, hand: 140 },
  { template: 'jig-workbench-made', power: 18, hand: 28 },
  { template: 'jig-sawhorses', power: 2.5, hand: 3.5 },
  // Six of our own.
  added('peg-rail', [
    ['choose, measure, mark', 12, 12],
    ['cut to length and width', 8, 14],
    ['bore five holes square', 15, 18],
    ['ease the edges', 8, 12],
    ['sand', 8, 16],
    ['glue the pegs in', 10, 10],
    ['oil, two coats', 14, 14],
    ['two screws into the wall, level', 16, 20],
    ['set out and clear up', 14, 16]
  ]),
  added('picture-frame', [
    ['choose, measure, mark', 14, 14],
    ['cut eight mitres and true them', 45, 45],
    ['rebate for the glass', 20, 34],
    ['glue up with a strap', 20, 20],
    ['saw the slots and glue keys in, trim', 40, 42],
    ['sand', 10, 18],
    ['oil, two coats', 12, 12],
    ['glass, back, clips', 12, 12],
    ['set out and clear up', 22, 25]
  ]),
  added('blanket-chest', [
    ['choose boards, lay out, mark', 50, 50],
    ['cut to length', 35, 50],
    ['joint edges and glue five panels', 190, 250],
    ['level the joints', 60, 120],
    ['dowel the corners', 130, 165],
    ['dry fit, glue up square', 70, 70],
    ['bottom', 35, 45],
    ['lid: hinges and stay', 45, 55],
    ['ease edges', 15, 30],
    ['sand', 70, 190],
    ['oil, two coats with rubbing down', 95, 95],
    ['set out and clear up, five evenings', 75, 120]
  ]),
  added('desk', [
    ['lay out, mark', 45, 45],
    ['cut the sheet', 45, 150],
    ['case of drawers or shelf: four corners', 110, 150],
    ['legs and rails: cut, mark', 45, 75],
    ['eight joints with loose tenons', 280, 400],
    ['dry fit, glue the frames, then the whole', 110, 110],
    ['edges', 40, 60],
    ['fittings, top fixed so that it can move', 60, 80],
    ['sand', 75, 190],
    ['varnish, three coats', 130, 130],
    ['set out and clear up, seven evenings', 110, 150]
  ]),
  added('jig-crosscut-sled', [
    ['base to size, square', 20, 35],
    ['laminate and straighten the fences', 45, 60],
    ['fit the runners to the slots', 40, 45],
    ['assemble', 25, 30],
    ['five-cut test, shift the fence, again', 55, 55],
    ['guard block, stop, wax', 20, 25],
    ['clear up', 10, 10]
  ]),
  added('jig-bench-hook', [
    ['mark and cut three pieces', 14, 18],
    ['pilot holes, glue, screws', 16, 18],
    ['true the fence and try it', 10, 12],
    ['ease edges, clear up', 8, 8]
  ])
]
