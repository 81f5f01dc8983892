import type { Sheet } from '../../core/inspection'
import { WALK_AWAY, costs, point, RUST, CASTING, TO_HAND, sheet } from './points'

/** Sheets for what is worked by hand, and for benches. */
export const byHand: readonly Sheet[] = [
  sheet('plane', TO_HAND, [
    CASTING,
    RUST,
    point(
      'sole',
      'measure',
      'Sole flat before and behind the mouth; light under the straight edge only in the hollow places',
      costs(0.05, 1.5),
      costs(0.25, 3)
    ),
    point(
      'iron',
      'look',
      'Iron long enough to grind for years, cap iron closes on it without a gap',
      costs(0.1),
      costs(0.25)
    ),
    point(
      'adjusts',
      'run',
      'Depth and side adjust without slipping; frog and screws are its own',
      costs(0.1),
      costs(0.3)
    )
  ]),
  sheet('saw', TO_HAND, [
    point(
      'straight',
      'measure',
      'Blade straight when you sight along it; no kink, no crack at a tooth',
      costs(0.2, 2),
      WALK_AWAY
    ),
    RUST,
    point(
      'teeth',
      'look',
      'Teeth all there and of one height; sharpening, or a new blade, is priced in',
      costs(0.2),
      costs(0.5)
    ),
    point('handle', 'look', 'Handle whole and tight, and fits your hand', costs(0.1), costs(0.25))
  ]),
  sheet('chisel', TO_HAND, [
    RUST,
    point(
      'back',
      'measure',
      'Back flat for the last few centimetres: that is where the work of a used one lies',
      costs(0.15),
      costs(0.4)
    ),
    point(
      'steel',
      'look',
      'Steel left in front of the handle; the edge not blued by a grinder',
      costs(0.15),
      costs(0.4)
    ),
    point('handle', 'look', 'Handles not split, ferrules or sockets tight', costs(0.1), costs(0.2))
  ]),
  sheet(
    'measuring',
    ['a straight board with one true edge', 'a sharp pencil', 'a lamp'],
    [
      point(
        'square',
        'measure',
        'Draw a line, turn it over, draw it again: both lie on one another',
        costs(0.1, 3),
        costs(0.6, 6)
      ),
      point(
        'edge',
        'measure',
        'Edges straight against another straight edge and against the light, not worn or nicked',
        costs(0.1, 2),
        costs(0.4, 4)
      ),
      point('marks', 'look', 'Scale readable along its whole length, locks hold', costs(0.1), costs(0.3)),
      CASTING
    ]
  ),
  sheet(
    'clamp',
    ['a scrap of wood'],
    [
      point('bar', 'look', 'Bar or pipe straight, its teeth not rounded where the jaw grips', costs(0.15), costs(0.5)),
      point('slips', 'run', 'Tighten hard on a scrap: nothing slips, jaws close square', costs(0.15), costs(0.5)),
      point('thread', 'run', 'Screw turns freely over its whole way; pads are there', costs(0.08), costs(0.2)),
      CASTING
    ]
  ),
  sheet(
    'bench',
    ['a long straight edge', 'a scrap of wood', 'a tape'],
    [
      point('stands', 'run', 'Push it lengthways and across: it does not rack or walk', costs(0.1), costs(0.3)),
      point(
        'top',
        'measure',
        'Top flat enough for your work, thick enough to plane once more, no deep splits',
        costs(0.08),
        costs(0.25)
      ),
      point(
        'vice',
        'run',
        'Vice closes parallel, holds a board without racking, its screw not worn loose',
        costs(0.1),
        costs(0.3)
      ),
      point('worm', 'look', 'No fresh wood dust under small holes: that is living worm', costs(0.1), WALK_AWAY),
      point('way-home', 'ask', 'Comes apart, and fits through your doors', costs(0), costs(0.1))
    ]
  )
]
