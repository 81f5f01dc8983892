import type { Dispute } from '../core/catalogue'
import { lean } from './write'

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
