import type { Sheet } from '../../core/inspection'
import {
  WALK_AWAY,
  costs,
  point,
  CORD,
  SWITCH,
  MOTOR,
  GUARD,
  BASE,
  PARTS,
  AGE,
  PACK,
  CONTACTS,
  TABLE_FLAT,
  FENCE,
  ANGLES,
  POWERED,
  TO_POWERED,
  TO_MACHINE,
  sheet
} from './points'

/** Sheets for what has a motor. */
export const powered: readonly Sheet[] = [
  sheet('corded', TO_POWERED, [CORD, ...POWERED]),
  sheet('cordless', TO_POWERED, [CONTACTS, PACK, ...POWERED]),
  sheet('circular-saw', TO_POWERED, [
    GUARD,
    ...POWERED,
    BASE,
    point(
      'riving',
      'look',
      'Base locks in depth and angle, and blade and base are parallel',
      costs(0.05, 1.5),
      costs(0.2, 2.5)
    )
  ]),
  sheet('table-saw', TO_MACHINE, [
    CORD,
    point(
      'splitter',
      'look',
      'Riving knife and blade guard are there, fit and stand in line with the blade',
      costs(0.1),
      WALK_AWAY
    ),
    ...POWERED,
    TABLE_FLAT,
    FENCE,
    point(
      'lift',
      'run',
      'Blade rises, sinks and tilts smoothly over its whole way and stays where it is locked',
      costs(0.05),
      costs(0.25, 2)
    ),
    point(
      'runs-true',
      'measure',
      'Unplugged: one tooth, turned by hand, stands as far from the slot in front as behind',
      costs(0.05, 1.5),
      costs(0.25, 3)
    )
  ]),
  sheet('mitre-saw', TO_MACHINE, [
    CORD,
    GUARD,
    ...POWERED,
    ANGLES,
    FENCE,
    point(
      'head',
      'measure',
      'Head does not give sideways when you push it at its lowest and farthest',
      costs(0.05, 1.5),
      costs(0.25, 3)
    )
  ]),
  sheet('band-saw', TO_MACHINE, [
    CORD,
    GUARD,
    ...POWERED,
    point(
      'wheels',
      'look',
      'Unplugged: wheels run in one plane, tyres whole and not hard; the blade stays in the middle when you turn them by hand',
      costs(0.08, 1.5),
      costs(0.3, 2)
    ),
    point(
      'guides',
      'look',
      'Guides and thrust bearings turn, are not grooved, and can be set',
      costs(0.05, 1.5),
      costs(0.2, 2)
    ),
    TABLE_FLAT
  ]),
  sheet('thicknesser', TO_MACHINE, [
    CORD,
    ...POWERED,
    point(
      'knives',
      'look',
      'Knives without nicks, with steel left to grind; price a new set before you go',
      costs(0.08),
      costs(0.2)
    ),
    point(
      'rollers',
      'run',
      'Rollers draw a board through evenly; no slipping, no burnt strip',
      costs(0.08),
      costs(0.25)
    ),
    point(
      'snipe',
      'measure',
      'A board comes out as thick left as right, and its ends are not dug in by more than a hair',
      costs(0.05, 1.5),
      costs(0.15, 2)
    )
  ]),
  sheet('jointer', TO_MACHINE, [
    CORD,
    GUARD,
    ...POWERED,
    point(
      'tables',
      'measure',
      'Both tables flat and in one plane along their whole length under a straight edge',
      costs(0.08, 2),
      costs(0.35, 4)
    ),
    FENCE,
    point(
      'knives',
      'look',
      'Knives without nicks, with steel left to grind; price a new set before you go',
      costs(0.08),
      costs(0.2)
    )
  ]),
  sheet('drill-press', TO_MACHINE, [
    CORD,
    ...POWERED,
    point(
      'quill',
      'measure',
      'Quill has no side play when let down; a bit runs true to a few tenths of a millimetre',
      costs(0.08, 1.5),
      costs(0.3, 3)
    ),
    point(
      'chuck',
      'look',
      'Chuck grips a thin and a thick bit; belts whole, pulleys straight',
      costs(0.05),
      costs(0.15)
    ),
    TABLE_FLAT
  ]),
  sheet('router', TO_POWERED, [
    CORD,
    ...POWERED,
    point(
      'collet',
      'look',
      'Collet clean, not scored, and lets a shank in and out without force',
      costs(0.08),
      costs(0.15)
    ),
    point(
      'plunge',
      'run',
      'Plunges and locks smoothly; depth does not creep while it runs',
      costs(0.05, 1.5),
      costs(0.2, 2)
    ),
    BASE
  ]),
  sheet('sander', TO_POWERED, [
    ...POWERED,
    point('pad', 'look', 'Pad flat, its holes open, and it still holds a disc or a sheet', costs(0.1), costs(0.2)),
    point('dust', 'run', 'Draws dust through the pad into bag or hose', costs(0.05), costs(0.15))
  ]),
  sheet(
    'extraction',
    ['a strip of paper', 'a lamp'],
    [
      CORD,
      SWITCH,
      MOTOR,
      point(
        'pull',
        'run',
        'Holds a sheet of paper fast at the end of the hose; as strong with a clean filter as it should be',
        costs(0.1),
        costs(0.3)
      ),
      point(
        'filter',
        'look',
        'Filter whole, dry, of the class it says; seals and hose without cracks',
        costs(0.12),
        costs(0.25)
      ),
      PARTS,
      AGE
    ]
  )
]
