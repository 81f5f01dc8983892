import { describe, expect, test } from '@jest/globals'
import type { Build } from '../builds'
import { library } from '../../data'
import { build, demo, demoWorld, item, items, worldWith } from '../../tests/helpers/workspaces'
import { change, worldOf } from '../workspace'
import { Weighing, powerPlan, pulls, packPrices } from '.'

const leadOf = (world: ReturnType<typeof worldWith>): string | undefined =>
  new Weighing(world).rank().candidates[0]?.lead.buyable.entry.tool.id

/** One hole of 32 mm: a flat bit for the drill that is owned is the least that opens it. */
const hole: Build = {
  id: 'hole',
  name: 'hole',
  copies: 4,
  worthEach: 1500,
  materials: [],
  steps: [{ id: 's', operation: 'bore-large', quantity: 1, stock: { thicknessMm: 20 } }]
}

describe('bad and empty input is said, never not a number', () => {
  test('no builds, no candidates: empty lists all through', () => {
    const weighing = new Weighing(worldWith())
    const ranking = weighing.rank()
    expect([ranking.candidates, ranking.feasible, ranking.hopeless, ranking.weightless]).toEqual([
      [],
      [],
      [],
      false
    ])
    expect(pulls(weighing, ranking).pulls).toEqual([])
    expect(powerPlan([], [], packPrices(worldWith()), 'best')).toMatchObject({
      choices: [],
      cost: 0
    })
  })
  test('all tools banned: nothing is offered, the build is named with its steps', () => {
    const { candidates, hopeless } = new Weighing(
      worldWith({
        builds: [build('bird-box')],
        items: items('tape'),
        bans: [...library.tools.keys()].map((id) => ({ kind: 'tool' as const, id }))
      })
    ).rank()
    expect([candidates, hopeless.map(({ build: id }) => id)]).toEqual([[], ['bird-box']])
  })
  test('a gift costs nothing and comes first', () => {
    const world = worldWith({
      builds: [hole],
      items: items('tape', 'drill-driver', 'drill-bits', 'safety-glasses'),
      quotes: [
        {
          id: 'q',
          offer: 'flat-bits/weekend/new/buy/hand',
          date: '2026-05-01',
          price: 0,
          seller: 'private'
        }
      ]
    })
    const top = new Weighing(
      worldOf(
        { ...world.workspace, money: { ...world.workspace.money, minorPer100Points: 12_000 } },
        library,
        world.asOf
      )
    )
      .rank()
      .candidates.find(({ lead }) => lead.buyable.entry.tool.id === 'flat-bits')
    expect([top?.cost, top?.backPerMoney]).toEqual([0, Infinity])
  })
})

describe('the list moves as a woodworker expects', () => {
  const owned = items(
    'tape',
    'rafter-square',
    'panel-saw',
    'hammer',
    'drill-driver',
    'drill-bits',
    'safety-glasses',
    'finishing-kit'
  )
  test('a build that needs a hole of 32 mm brings bits up; without it they are gone', () => {
    const tools = (builds: Build[]): string[] =>
      new Weighing(worldWith({ builds, items: owned }))
        .rank()
        .candidates.flatMap(({ lead, others }) =>
          [lead, ...others].map(({ buyable }) => buyable.entry.tool.id)
        )
    expect(tools([hole])).toContain('flat-bits')
    expect(
      tools([{ ...hole, steps: [{ id: 's', operation: 'sand-flat', quantity: 1, stock: {} }] }])
    ).not.toContain('flat-bits')
  })
  test('what is owned already is not bought again', () => {
    const before = new Weighing(demoWorld('half-a-garage')).rank().candidates
    const first = before[0]?.lead.buyable.entry.tool.id ?? ''
    expect(library.tools.has(first)).toBe(true)
    const workspace = demo('half-a-garage')
    const then = worldOf(
      { ...workspace, items: [...workspace.items, item(first)] },
      library,
      workspace.asOf ?? ''
    )
    expect(leadOf(then)).not.toBe(first)
  })
  test('ten times the price, and another one leads', () => {
    const workspace = demo('half-a-garage')
    const dear = ['weekend', 'get-by'].reduce(
      (state, tier) =>
        change.addQuote(state, {
          id: `q-${tier}`,
          offer: `foam-sheet/${tier}/new/buy/hand`,
          date: workspace.asOf ?? '',
          price: 18_900,
          seller: 'other'
        }),
      workspace
    )
    expect(leadOf(worldOf(dear, library, workspace.asOf ?? ''))).not.toBe('foam-sheet')
  })
})
