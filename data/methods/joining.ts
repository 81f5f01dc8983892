import type { JoinTerms, Method, MethodPart } from '../../core/catalogue'
import { method, upTo } from '../write'

/**
 * Ways to join: what is to be joined is the operation, the joint is the choice. Each is made up of the operations it takes for one joint,
 * or once for the piece. Judgements, common practice.
 */

type Row = readonly [operation: string, times: number, per?: MethodPart['per']]
const made = (...rows: Row[]): readonly MethodPart[] =>
  rows.map(([operation, times, per = 'unit']) => ({ operation, times, per }))

interface Way {
  readonly parts: readonly MethodPart[]
  readonly joins?: JoinTerms
  readonly limits?: Method['limits']
  readonly why?: string
}
/** Minutes a unit takes besides its cuts, whatever the joint: fitting dry, lining up, glue, wiping off. Common practice. */
const ASSEMBLY: Readonly<Record<string, number>> = {
  'join-case': 8,
  'join-shelf': 6,
  'join-box': 6,
  'join-frame': 6,
  'join-legs': 9,
  'join-seat': 11,
  'fit-back': 4,
  recess: 2,
  hang: 5
}

/** A way that is made up of others: it has no tools of its own. */
const way = (operation: string, id: string, name: string, { parts, joins, limits, why }: Way): Method =>
  method({
    id: `${operation}/${id}`,
    operation,
    name,
    form: 'hand',
    roles: [],
    setupMinutes: 2,
    runMinutes: ASSEMBLY[operation] ?? 0,
    marked: false,
    accuracyMm: 1,
    parts,
    ...(joins === undefined ? {} : { joins }),
    ...(limits === undefined ? {} : { limits }),
    ...(why === undefined ? {} : { why })
  })
const joint = (
  name: JoinTerms['joint'],
  strength: JoinTerms['strength'],
  { hidden = false, adds = 0 }: { readonly hidden?: boolean; readonly adds?: number } = {}
): JoinTerms => ({ joint: name, strength, visible: !hidden, addsPoints: adds })

const hidden = { hidden: true }

export const joiningMethods: readonly Method[] = [
  way('join-case', 'screwed', 'Screwed through', {
    parts: made(['countersink', 4], ['drive', 4]),
    joins: joint('screwed', 'sound'),
    why: 'Glue and four screws hold a case of boards or sheet; the heads show.'
  }),
  way('join-case', 'nailed', 'Nailed and glued', {
    parts: made(['tack', 6]),
    joins: joint('nailed', 'light'),
    limits: [upTo('widthMm', 250)]
  }),
  way('join-case', 'pocket', 'Pocket screws', {
    parts: made(['join-pocket', 2]),
    joins: joint('pocket', 'sound', hidden),
    why: 'What pocket joints are for: cases of sheet, the holes out of sight.'
  }),
  way('join-case', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 2], ['glue-up-case', 1, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-case', 'biscuit', 'Biscuits', {
    parts: made(['join-biscuit', 2], ['glue-up-case', 1, 'piece']),
    joins: joint('biscuit', 'sound', hidden)
  }),
  way('join-case', 'rebated', 'Rebated, nailed and glued', {
    parts: made(['cut-rebate', 1, 'metre-of-width'], ['tack', 5]),
    joins: joint('rebate', 'sound')
  }),
  way('join-shelf', 'screwed', 'Screwed through the side', {
    parts: made(['countersink', 3], ['drive', 3]),
    joins: joint('screwed', 'sound')
  }),
  way('join-shelf', 'pocket', 'Pocket screws from below', {
    parts: made(['join-pocket', 1.5]),
    joins: joint('pocket', 'sound', hidden)
  }),
  way('join-shelf', 'housed', 'Housed', {
    parts: made(['cut-dado', 1, 'metre-of-width'], ['glue-up-case', 1, 'piece']),
    joins: joint('dado', 'strong', { hidden: true, adds: 1 }),
    why: 'The shelf sits in the side and cannot slip, however much stands on it.'
  }),
  way('join-shelf', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 1.5], ['glue-up-case', 1, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-shelf', 'biscuit', 'Biscuits', {
    parts: made(['join-biscuit', 1.5], ['glue-up-case', 1, 'piece']),
    joins: joint('biscuit', 'sound', hidden)
  }),
  way('join-box', 'nailed', 'Nailed and glued', {
    parts: made(['tack', 4]),
    joins: joint('nailed', 'light')
  }),
  way('join-box', 'screwed', 'Screwed and glued', {
    parts: made(['countersink', 2], ['drive', 2]),
    joins: joint('screwed', 'sound')
  }),
  way('join-box', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 1], ['glue-up-case', 1, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-box', 'rebated', 'Rebated, nailed and glued', {
    parts: made(['cut-rebate', 1, 'metre-of-width'], ['tack', 3]),
    joins: joint('rebate', 'sound')
  }),
  way('join-box', 'mitred', 'Mitred and taped', {
    parts: made(['crosscut-angle', 2], ['glue-up-case', 1, 'piece']),
    joins: joint('mitre', 'light', { hidden: true, adds: 1 }),
    limits: [upTo('lengthMm', 350)]
  }),
  way('join-box', 'fingers', 'Box joint', {
    parts: made(['cut-box-joint', 1], ['glue-up-case', 1, 'piece']),
    joins: joint('box-joint', 'strong', { adds: 3 }),
    limits: [upTo('thicknessMm', 30)]
  }),
  way('join-box', 'dovetailed', 'Dovetails', {
    parts: made(['cut-dovetail', 1], ['pare', 1], ['glue-up-case', 1, 'piece']),
    joins: joint('dovetail', 'strong', { adds: 6 })
  }),
  way('join-frame', 'pocket', 'Pocket screws', {
    parts: made(['join-pocket', 1]),
    joins: joint('pocket', 'sound', hidden)
  }),
  way('join-frame', 'lapped-over', 'Laid over and screwed', {
    parts: made(['countersink', 2], ['drive', 2]),
    joins: joint('screwed', 'light')
  }),
  way('join-frame', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 1], ['glue-up-frame', 1, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-frame', 'halved', 'Half-laps', {
    parts: made(['cut-half-lap', 1], ['glue-up-frame', 1, 'piece']),
    joins: joint('half-lap', 'sound', { adds: 1 })
  }),
  way('join-frame', 'tenoned', 'Mortise and tenon', {
    parts: made(['cut-mortise', 1], ['pare', 1], ['glue-up-frame', 1, 'piece']),
    joins: joint('mortise-tenon', 'strong', { hidden: true, adds: 3 })
  }),
  way('join-frame', 'mitred', 'Mitred and keyed', {
    parts: made(['crosscut-angle', 2], ['key-mitre', 1], ['glue-up-frame', 1, 'piece']),
    joins: joint('keyed-mitre', 'sound', { adds: 2 }),
    limits: [upTo('widthMm', 90)]
  }),
  way('join-legs', 'pocket', 'Pocket screws', {
    parts: made(['join-pocket', 1]),
    joins: joint('pocket', 'light', hidden),
    why: 'Holds a small table that is not dragged about; real joinery outlives it.'
  }),
  way('join-legs', 'blocked', 'Screwed, with corner blocks', {
    parts: made(['measure', 2], ['crosscut-angle', 2], ['countersink', 6], ['drive', 6]),
    joins: joint('screwed', 'sound'),
    why: 'Rails screwed through the leg, and a block cut to the corner screwed both ways.'
  }),
  way('join-legs', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 1.5], ['glue-up-frame', 2, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-legs', 'loose', 'Loose tenons', {
    parts: made(['join-loose-tenon', 1], ['glue-up-frame', 2, 'piece']),
    joins: joint('loose-tenon', 'strong', { hidden: true, adds: 2 })
  }),
  way('join-legs', 'tenoned', 'Mortise and tenon', {
    parts: made(['cut-mortise', 1], ['pare', 1], ['glue-up-frame', 2, 'piece']),
    joins: joint('mortise-tenon', 'strong', { hidden: true, adds: 3 })
  }),
  way('join-seat', 'bolted', 'Bolted through', {
    parts: made(['bore', 2], ['fit-hardware', 1]),
    joins: joint('screwed', 'strong'),
    why: 'Two bolts and a washer each carry people, and can be drawn up again.'
  }),
  way('join-seat', 'dowelled', 'Dowels', {
    parts: made(['join-dowel', 2], ['glue-up-frame', 2, 'piece']),
    joins: joint('dowel', 'sound', hidden)
  }),
  way('join-seat', 'loose', 'Loose tenons', {
    parts: made(['join-loose-tenon', 1], ['glue-up-frame', 2, 'piece']),
    joins: joint('loose-tenon', 'strong', { hidden: true, adds: 2 })
  }),
  way('join-seat', 'tenoned', 'Mortise and tenon', {
    parts: made(['cut-mortise', 1], ['pare', 1], ['glue-up-frame', 2, 'piece']),
    joins: joint('mortise-tenon', 'strong', { hidden: true, adds: 3 })
  }),
  way('fit-back', 'flat', 'Nailed on flat', {
    parts: made(['tack', 6]),
    joins: joint('nailed', 'sound')
  }),
  way('fit-back', 'rebated', 'Let into a rebate', {
    parts: made(['cut-rebate', 1], ['tack', 6]),
    joins: joint('rebate', 'sound', { hidden: true, adds: 1 })
  }),
  way('fit-back', 'grooved', 'Let into a groove', {
    parts: made(['groove-edge', 1]),
    joins: joint('groove', 'strong', { hidden: true, adds: 1 })
  }),
  way('recess', 'strips', 'Strips glued and pinned behind', {
    parts: made(['measure', 1], ['tack', 5])
  }),
  way('recess', 'rebated', 'Rebated', { parts: made(['cut-rebate', 1]) }),
  way('make-smooth', 'sanded', 'Sanded', { parts: made(['sand-flat', 1]) }),
  way('make-smooth', 'bladed', 'Planed or scraped', { parts: made(['smooth', 1]) }),
  way('dress-edge', 'eased', 'Eased and painted with the rest', { parts: made(['profile-edge', 1]) }),
  way('dress-edge', 'banded', 'Banded', { parts: made(['band-edge', 1]) }),
  way('hang', 'surface', 'Hinges screwed on', { parts: made(['fit-hardware', 1]) }),
  way('hang', 'let-in', 'Hinges let in', { parts: made(['cut-hinge', 1], ['fit-hardware', 1]) }),
  method({
    id: 'prepare-boards/planed',
    operation: 'prepare-boards',
    name: 'Bought planed',
    form: 'service',
    roles: [],
    setupMinutes: 0,
    runMinutes: 2,
    accuracyMm: 0.5,
    marked: false,
    soundDbA: 0,
    service: { pointsPerUnit: 22, pointsPerVisit: 0 },
    why: 'What planed boards cost over rough ones, waste counted.'
  }),
  method({
    id: 'prepare-boards/yard',
    operation: 'prepare-boards',
    name: 'Rough, planed at the yard',
    form: 'service',
    roles: [],
    setupMinutes: 45,
    runMinutes: 2,
    accuracyMm: 0.4,
    marked: false,
    soundDbA: 0,
    service: { pointsPerUnit: 18, pointsPerVisit: 6 }
  }),
  way('prepare-boards', 'milled', 'Rough, milled at home', {
    parts: made(['flatten', 1], ['thickness', 1], ['straighten-edge', 7]),
    why: 'One face flat, the other parallel, an edge straight.'
  })
]
