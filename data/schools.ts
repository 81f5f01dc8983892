import type { Dispute, School } from '../core/catalogue'

const lean = (tools: Readonly<Record<string, number>>): School['leanings'] =>
  Object.entries(tools).map(([tool, times]) => ({ tool, times }))

/**
 * The main schools of equipping a first workshop, each as weights, leanings and what it leaves out. Weights are price index points: an
 * hour, a square metre, an hour of noise, an hour at hazard level 1, a step. Judgements, common practice; correct them here.
 */
export const schools: readonly School[] = [
  {
    id: 'hand-held',
    name: 'Hand-held first',
    firstMoney: 'Drill, circular saw with a guide, sander, clamps',
    argument: 'Cheap and portable, does sheets and boards, and takes no floor.',
    givesUp: 'Speed and repeatability',
    weights: { money: 1, time: 4, space: 30, quiet: 0, ease: 0, finish: 0 },
    leanings: lean({
      'drill-driver': 2,
      'circular-saw': 2.2,
      'ro-sander': 1.6,
      'f-clamp-600': 1.3,
      'guide-rail': 1.5,
      'table-saw': 0.5,
      'mitre-saw': 0.6,
      brace: 0.4,
      'hand-drill': 0.4,
      'panel-saw': 0.5,
      'pull-saw': 0.5
    }),
    bans: ['cabinet-saw', 'jointer', 'drill-press-floor', 'combined-planer']
  },
  {
    id: 'machine-heart',
    name: 'Machine heart',
    firstMoney: 'A compact table saw early, sled and jigs',
    argument: 'Accuracy and repeats come from a fence set once; jigs turn one machine into many.',
    givesUp: 'Money, space, quiet, and a blade to respect',
    weights: { money: 1, time: 10, space: 0, quiet: 0, ease: 0, finish: 2 },
    leanings: lean({
      'table-saw': 6,
      'crosscut-sled': 1.5,
      thicknesser: 1.5,
      'circular-saw': 0.5,
      jigsaw: 0.5,
      'rail-saw': 0.4,
      'pull-saw': 0.3,
      'panel-saw': 0.3,
      'mitre-box': 0.4,
      'back-saw': 0.4,
      'rip-saw': 0.3
    }),
    bans: []
  },
  {
    id: 'gentle-start',
    name: 'Gentle start',
    firstMoney: 'Jigsaw, mitre box or mitre saw, drill, pocket jig; sheets cut at the counter',
    argument: 'Little to be afraid of, little kickback, results the first weekend.',
    givesUp: 'Straightness, and sheets at home',
    weights: { money: 1, time: 3, space: 5, quiet: 1, ease: 5, finish: 0 },
    leanings: lean({
      jigsaw: 2,
      'mitre-box': 2,
      'mitre-saw': 1.5,
      'drill-driver': 2,
      'pocket-jig': 2.5,
      brace: 0.5,
      'hand-drill': 0.7,
      chisels: 0.7,
      'panel-saw': 0.8
    }),
    bans: ['table-saw', 'cabinet-saw'],
    comfort: { 'hand-blade': 1, 'fixed-blade': 2, 'router-bit': 1, 'feed-rollers': 1 }
  },
  {
    id: 'quiet-pull',
    name: 'Quiet hand kit, pull saws',
    firstMoney: 'One pull saw, three chisels, one fine plane, squares, one stone with a flattener, a mallet',
    argument: 'Little money and room, silent, and it makes other tools.',
    givesUp: 'Time, and thick sheets',
    weights: { money: 1, time: 0, space: 40, quiet: 12, ease: 2, finish: 3 },
    leanings: lean({
      'pull-saw': 3,
      'pull-back-saw': 1.5,
      chisels: 1.5,
      'pull-chisels': 1.8,
      'pull-plane': 1.8,
      'smoothing-plane': 1.5,
      'sharpening-stone': 1.3,
      mallet: 1.2,
      'panel-saw': 0.3,
      'back-saw': 0.3,
      'rip-saw': 0.3,
      'dovetail-saw': 0.3,
      'mitre-box': 0.6
    }),
    bans: [],
    noMotorsBut: ['drill-driver']
  },
  {
    id: 'quiet-push',
    name: 'Quiet hand kit, push saws',
    firstMoney: 'Bench, back saw, jack plane, chisels, brace',
    argument: 'Little money and room, silent, and it makes other tools; with Western forms.',
    givesUp: 'Time, and thick sheets',
    weights: { money: 1, time: 0, space: 30, quiet: 12, ease: 2, finish: 3 },
    leanings: lean({
      'back-saw': 3,
      'dovetail-saw': 2,
      'panel-saw': 2.5,
      'rip-saw': 1.5,
      'jack-plane': 2,
      'fold-bench': 1.3,
      workbench: 1.3,
      chisels: 1.5,
      brace: 2,
      'hand-drill': 1.5,
      'pull-saw': 0.25,
      'pull-back-saw': 0.25,
      'pull-plane': 0.4,
      'pull-chisels': 0.5
    }),
    bans: [],
    noMotorsBut: []
  },
  {
    id: 'small-room',
    name: 'Small room',
    firstMoney: 'A few large clamps, drill guide, straight edge, foldaway bench, boxes',
    argument: 'Space is the first budget.',
    givesUp: 'Throughput',
    weights: { money: 1, time: 2, space: 250, quiet: 5, ease: 0, finish: 0 },
    leanings: lean({
      'drill-guide': 3,
      'pipe-clamp-900': 1.5,
      'parallel-clamp-600': 1.5,
      'guide-rail': 2,
      'long-straight-edge': 1.5,
      'fold-bench': 2,
      'foam-sheet': 1.3,
      'f-clamp-300': 0.7,
      'spring-clamps': 0.7
    }),
    bans: [
      'drill-press',
      'drill-press-floor',
      'cabinet-saw',
      'table-saw',
      'jointer',
      'combined-planer',
      'chip-extractor',
      'band-saw',
      'workbench',
      'mitre-saw-large',
      'drum-sander'
    ]
  },
  {
    id: 'rough-lumber',
    name: 'Rough lumber',
    firstMoney: 'Table or band saw, thicknesser then jointer or both as one, extraction',
    argument: 'Rough boards cost less and become better stock.',
    givesUp: 'Money early, space, quiet',
    weights: { money: 1, time: 5, space: 0, quiet: 0, ease: 0, finish: 1 },
    leanings: lean({
      thicknesser: 3,
      'combined-planer': 2,
      jointer: 1.5,
      'band-saw': 2.5,
      'table-saw': 2.5,
      'chip-extractor': 1.5,
      'moisture-meter': 1.2,
      'power-planer': 0.4,
      'scrub-plane': 0.5
    }),
    bans: []
  },
  {
    id: 'shape-curve',
    name: 'Shape and curve',
    firstMoney: 'Band saw or router first',
    argument: 'Freedom of form.',
    givesUp: 'Straight work in sheets',
    weights: { money: 1, time: 5, space: 0, quiet: 0, ease: 0, finish: 2 },
    leanings: lean({
      'band-saw': 4,
      'band-saw-small': 3,
      'trim-router': 3,
      'plunge-router': 2.5,
      spokeshave: 1.3,
      'spindle-sander': 1.3,
      'coping-saw': 0.3,
      'turning-saw': 0.3,
      'fret-saw': 0.4,
      'keyhole-saw': 0.4,
      jigsaw: 0.6,
      'scroll-saw': 0.8,
      'table-saw': 0.6
    }),
    bans: []
  },
  {
    id: 'earn-back',
    name: 'Earn it back',
    firstMoney: 'The kit for one piece that sells, then reinvest',
    argument: 'Tools pay for themselves.',
    givesUp: 'Variety',
    weights: { money: 1, time: 3, space: 0, quiet: 0, ease: 0, finish: 0 },
    leanings: [],
    bans: [],
    soldTimes: 4,
    reinvestShare: 0.7
  }
]

const side = (
  id: string,
  name: string,
  argument: string,
  leanings: Readonly<Record<string, number>> = {},
  more: Partial<Dispute['sides'][number]> = {}
): Dispute['sides'][number] => ({ id, name, argument, leanings: lean(leanings), bans: [], ...more })

/** What practitioners disagree about: each side with its argument, none chosen unless the user does. */
export const disputes: readonly Dispute[] = [
  {
    id: 'first-saw',
    question: 'Jigsaw or circular saw first?',
    sides: [
      side('jigsaw', 'Jigsaw', 'Gentler, and it does curves as well.', { jigsaw: 2, 'circular-saw': 0.5 }),
      side('circular', 'Circular saw', 'Straight and through anything, with a guide.', {
        'circular-saw': 2,
        jigsaw: 0.5
      })
    ]
  },
  {
    id: 'mitre-saw',
    question: 'Is a mitre saw needed at all?',
    sides: [
      side('yes', 'Yes', 'Repeat lengths at once, square every time.', { 'mitre-saw': 2, 'mitre-saw-small': 1.5 }),
      side(
        'no',
        'No',
        'A guide or a sled crosscuts as well, and wider.',
        {},
        { bans: ['mitre-saw', 'mitre-saw-small', 'mitre-saw-large'] }
      )
    ]
  },
  {
    id: 'two-drivers',
    question: 'Drill and driver, or one drill?',
    sides: [
      side(
        'one',
        'One drill',
        'A quick-change holder does what the second one would.',
        {},
        { bans: ['impact-driver'] }
      ),
      side('two', 'Both', 'Faster, and fewer stripped heads.', { 'impact-driver': 2 })
    ]
  },
  {
    id: 'platforms',
    question: 'One battery platform, or whatever is cheap?',
    sides: [
      side('one', 'Cordless, one platform', 'Packs serve every body bought later.', {}, { power: 'cordless' }),
      side(
        'cheap',
        'Whatever is cheap',
        'The packs are the dearest part; buy what the day offers.',
        {},
        { power: 'cheapest' }
      )
    ]
  },
  {
    id: 'cords',
    question: 'Cordless or corded?',
    sides: [
      side('corded', 'Corded', 'A third to a half cheaper, steady power, no swaps.', {}, { power: 'corded' }),
      side('cordless', 'Cordless', 'Goes where the work is; no cord on the floor.', {}, { power: 'cordless' })
    ]
  },
  {
    id: 'sander',
    question: 'Palm, sheet or random-orbital sander?',
    sides: [
      side('palm', 'Palm or sheet', 'Cheap, gets into corners, ordinary paper.', {
        'palm-sander': 2,
        'ro-sander': 0.6
      }),
      side('orbital', 'Random-orbital', 'Quickest, with the fewest marks.', { 'ro-sander': 2, 'palm-sander': 0.5 }),
      side(
        'hand',
        'By hand',
        'A block and a plane; no dust in the air.',
        { 'sanding-block': 2 },
        { bans: ['ro-sander', 'palm-sander', 'belt-sander', 'detail-sander'] }
      )
    ]
  },
  {
    id: 'milling',
    question: 'Thicknesser before jointer, both, one machine, or neither?',
    sides: [
      side('thicknesser', 'Thicknesser first', 'A sled makes it flatten too.', {
        thicknesser: 2,
        jointer: 0.5,
        'combined-planer': 0.5
      }),
      side('both', 'Both together', 'Each does half of the work.', { thicknesser: 1.5, jointer: 2 }),
      side('combined', 'One combined machine', 'Wide, in one footprint.', {
        'combined-planer': 2.5,
        thicknesser: 0.5,
        jointer: 0.5
      }),
      side(
        'neither',
        'Neither',
        'Buy it planed, or plane by hand.',
        {},
        { bans: ['thicknesser', 'jointer', 'combined-planer'] }
      )
    ]
  },
  {
    id: 'router',
    question: 'Router early or late?',
    sides: [
      side('early', 'Early', 'The most versatile of all.', { 'trim-router': 2, 'plunge-router': 1.5 }),
      side('late', 'Late', 'Loud and frightening; other ways first.', {
        'trim-router': 0.4,
        'plunge-router': 0.4,
        'router-table': 0.4
      })
    ]
  },
  {
    id: 'drill-press',
    question: 'Drill press early, late or never?',
    sides: [
      side('early', 'Early', 'Square holes without thinking.', { 'drill-press': 2 }),
      side('late', 'Late', 'A good used buy, when one turns up.', { 'drill-press': 0.5, 'drill-guide': 1.5 }),
      side(
        'never',
        'Never',
        'A guide or a block does most of it.',
        { 'drill-guide': 1.5 },
        { bans: ['drill-press', 'drill-press-floor'] }
      )
    ]
  },
  {
    id: 'clamps',
    question: 'Cheap clamps in number, or a few good ones?',
    sides: [
      side('number', 'Cheap, in number', 'One never has enough.', {
        'f-clamp-300': 1.4,
        'f-clamp-600': 1.6,
        'trigger-clamp-300': 1.4,
        'pipe-clamp-900': 1.3
      }),
      side('good', 'A few good ones', 'They pull square and last.', {
        'parallel-clamp-600': 3,
        'parallel-clamp-1000': 2.5,
        'f-clamp-300': 0.6
      })
    ]
  },
  {
    id: 'used',
    question: 'Cheap tools new, or good ones used?',
    sides: [
      side('new', 'Cheap ones new', 'With a receipt, and no hunting.', {}, { condition: 'new', tier: 'get-by' }),
      side(
        'used',
        'Good ones used',
        'Durable, often half price; test before paying.',
        {},
        { condition: 'used', tier: 'trade' }
      )
    ]
  }
]
