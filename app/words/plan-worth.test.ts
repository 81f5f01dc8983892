import { describe, expect, test } from '@jest/globals'
import type { Difference } from '../../core/explain'
import { demoWorld } from '../../tests/helpers/workspaces'
import { sayFor } from './say'
import { worthWords } from './plan-worth'
import { scenarioWords } from './scenarios'

const say = sayFor(demoWorld('hive-yard'))
const none: Difference = {
  value: 0,
  aboutTheSame: false,
  lost: [],
  won: [],
  later: [],
  sooner: [],
  bought: [],
  spent: 0,
  minutes: 0
}

describe('what another plan would mean', () => {
  test('nothing: said as that', () =>
    expect(worthWords.difference(none, say)).toBe('No difference in worth.'))
  test('a loss names the builds, the days and the money', () => {
    const text = worthWords.difference(
      {
        ...none,
        value: -12_345,
        lost: ['hive-boxes'],
        later: [{ build: 'step-stool', from: '2026-06-09', to: '2026-07-01' }],
        spent: -41_900,
        minutes: 125
      },
      say
    )
    expect(text).toBe(
      'Worth €123.45 less · lost: Hive boxes · later: Step stool 9 Jun → 1 Jul · €419 less spent · 2 h 05 more work.'
    )
  })
  test('a gain names what is won, sooner and bought instead', () => {
    const text = worthWords.difference(
      {
        ...none,
        value: 500,
        won: ['blanket-chest'],
        sooner: [{ build: 'peg-rails', from: '2026-06-05', to: '2026-05-09' }],
        bought: ['pull-saw/weekend/new/buy/hand'],
        spent: 100
      },
      say
    )
    expect(text).toContain('Worth €5 more')
    expect(text).toContain('won: Blanket chest')
    expect(text).toContain('sooner: Peg rails 5 Jun → 9 May')
    expect(text).toContain('bought instead: pull saw')
    expect(text).toContain('€1 more spent')
  })
  test('a long list is named in part and counted for the rest', () => {
    const ids = [
      'bird-boxes',
      'step-stool',
      'potting-bench',
      'tool-tote',
      'peg-rails',
      'cold-frame'
    ]
    expect(worthWords.difference({ ...none, value: -500, lost: ids }, say)).toContain(
      'lost: Bird boxes, Step stool, Potting bench and 3 more'
    )
  })
  test('minutes too few to matter are not said', () => {
    expect(worthWords.difference({ ...none, minutes: 10 }, say)).toBe('No difference in worth.')
  })
})

test('a planned batch is named with its copies, a whole build without', () => {
  expect(say.planned({ build: 'hive-boxes', copies: 2 })).toBe('Hive boxes × 2')
  expect(say.planned({ build: 'hive-boxes' })).toBe('Hive boxes')
  expect(say.planned({ build: 'gone' })).toBe('gone')
})

test('a scenario that changes nothing says so, others list their changes', () => {
  expect(scenarioWords.changeText([])).toBe('changes nothing')
  expect(scenarioWords.changeText(['a', 'b'])).toBe('a · b')
})
