import { expect, test } from '@jest/globals'
import ICAL from 'ical.js'
import { DEMO_FILES, demoWorld, demoPlan } from '../../tests/helpers/workspaces'
import { findBuild, type World } from '../workspace'
import { planCalendar, type CalendarWords } from '.'
import { foldedByOctets } from './calendar-file'

const wordsFor = (world: World): CalendarWords => ({
  buy: (offer, count) => `Buy ${count} of ${offer}`,
  price: (price, build) => `${price} for ${build ?? 'all'}`,
  build: (build) => `Build ${findBuild(world, build)?.name ?? build}`,
  hours: (minutes) => `${minutes} minutes`,
  care: (item, task) => `${task} ${item}`,
  kinds: { purchase: 'Einkauf', build: 'Werk', care: 'Pflege' }
})

test.each(DEMO_FILES)(
  '%s: a second, independent reader finds each purchase and build on its days',
  (name) => {
    const world = demoWorld(name)
    const plan = demoPlan(name)
    const text = planCalendar(world, plan, wordsFor(world)) ?? ''
    // RFC 5545: lines end with CRLF and are folded at 75 octets.
    expect(text.split('\r\n').every((line) => new TextEncoder().encode(line).length <= 75)).toBe(
      true
    )
    const events = new ICAL.Component(ICAL.parse(text))
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one))
    expect(events).toHaveLength(plan.purchases.length + plan.builds.length)
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length)
    const [first] = plan.purchases
    expect(events[0]?.summary).toBe(`Buy ${first?.count} of ${first?.offer}`)
    expect(text).toContain('CATEGORIES:Einkauf')
    expect(text).toContain('CATEGORIES:Werk')
    const starts = events.map(({ startDate }) => startDate.toString()).sort()
    expect(starts).toEqual(
      [...plan.purchases.map(({ date }) => date), ...plan.builds.map(({ begin }) => begin)].sort()
    )
    for (const { build, begin, done } of plan.builds) {
      const event = events.find(
        ({ uid, startDate }) => uid.includes(`-build-${build}-`) && startDate.toString() === begin
      )
      // An all-day event ends before its end date.
      expect(event?.endDate.toString()).toBe(
        new Date(Date.parse(done) + 86_400_000).toISOString().slice(0, 10)
      )
    }
  }
)

test('names with commas, semicolons and line breaks come through unharmed', () => {
  const world = demoWorld('hive-yard')
  const plan = demoPlan('hive-yard')
  const odd = 'Shelf; with, commas\nand \\ a break'
  const first = plan.builds.find(({ build }) => !build.startsWith('make/'))
  const there = {
    ...world,
    workspace: {
      ...world.workspace,
      builds: world.workspace.builds.map((one) =>
        one.id === first?.build ? { ...one, name: odd } : one
      )
    }
  }
  const events = new ICAL.Component(ICAL.parse(planCalendar(there, plan, wordsFor(there)) ?? ''))
    .getAllSubcomponents('vevent')
    .map((one) => new ICAL.Event(one))
  expect(events.filter(({ summary }) => summary.startsWith(`Build ${odd}`)).length).toBeGreaterThan(
    0
  )
})

test('lines are folded by octets, never inside a letter, and unfold to what they were', () => {
  const long = `SUMMARY:${'Säge für Brücken 木工 😀 '.repeat(12)}`
  const folded = foldedByOctets(`BEGIN:VEVENT\r\n${long}\r\nEND:VEVENT`)
  for (const line of folded.split('\r\n'))
    expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
  expect(folded).not.toContain('\ufffd')
  expect(folded.replace(/\r\n /g, '')).toBe(`BEGIN:VEVENT\r\n${long}\r\nEND:VEVENT`)
})
