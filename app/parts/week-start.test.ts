import { expect, test } from '@jest/globals'
import { weekStart } from './week-start'

// Unicode CLDR, supplemental data on weeks: Sunday in the United States, Saturday in Egypt, Monday in Germany and the United Kingdom.
test.each([
  ['en-US', 0],
  ['ar-EG', 6],
  ['de-DE', 1],
  ['en-GB', 1],
  ['not a language', 1]
])('a week begins in %s with day %d', (language, day) => expect(weekStart(language)).toBe(day))
