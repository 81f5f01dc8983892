import { describe, expect, test } from '@jest/globals'
import { must } from '../../core/kernel'
import { library } from '../../data'

/**
 * What is led by something that cuts says what it asks of the hands: left out, a new hand would saw, carve or grind as well as a practised
 * one. Holes, shaping by file and what is set once and then only fed are the ones anyone does (common practice).
 */
const ANYONE = new Set([
  'hole-saws',
  'rasp',
  'plug-cutter',
  'sanding-drum',
  'countersink',
  'countersink-stop',
  'drill-guide',
  'stud-finder'
])

describe('what a method asks of the hands', () => {
  const cutting = [...library.methods.values()].filter(({ hazard, roles, form }) => {
    const lead = roles[0]?.role
    return (
      lead !== undefined &&
      !ANYONE.has(lead) &&
      form !== 'service' &&
      hazard !== null &&
      ['sharp-edge', 'hand-blade', 'fixed-blade', 'spinning-bit'].includes(hazard.kind)
    )
  })
  test('there are many to look at', () => expect(cutting.length).toBeGreaterThan(150))
  test('is said of every one that cuts', () =>
    expect(cutting.filter(({ skill }) => skill === undefined).map(({ id }) => id)).toEqual([]))
  /** Sawing square by eye is learnt; carving with a grinder above all. */
  test.each([
    ['crosscut/reciprocating-saw', 'some'],
    ['carve/angle-grinder', 'craft'],
    ['crosscut/mitre-saw', 'anyone'],
    ['crosscut/mitre-box', 'anyone'],
    ['cut-dado/dado-stack', 'some']
  ])('%s: %s', (id, skill) => expect(must(library.methods.get(id), id).skill).toBe(skill))
})
