import { describe, expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, build, emptyWorkspace, worldWith, items } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { toolLike } from '../catalogue'
import { checkWorkspace } from '../formats'
import { kitAfter } from '../plan'
import { makePlan } from '../search'
import { change, type Workspace } from '../workspace'
import { bearingOf, buildLike } from '.'

describe('a build as the pattern of another', () => {
  const done = build('step-stool', {
    copies: 3,
    wished: '2026-09-01',
    worthEach: 5000,
    log: { begun: TODAY, done: TODAY, minutesSpent: 90 }
  })
  const next = buildLike(done, 'again', 'Again', 2)
  test('takes over steps, timber and worth; what happened and when it was wished for stay behind', () => {
    expect(next).toMatchObject({
      id: 'again',
      name: 'Again',
      copies: 2,
      worthEach: 5000,
      steps: done.steps,
      materials: done.materials,
      template: 'step-stool'
    })
    expect([next.log, next.wished]).toEqual([undefined, undefined])
  })
  test('what it carries is its own word, else its template’s', () => {
    expect([
      bearingOf(library, done),
      bearingOf(library, { ...done, bearing: 'hangs-over-people' }),
      bearingOf(library, build('bird-box'))
    ]).toEqual(['carries-people', 'hangs-over-people', undefined])
  })
})

describe('the order of builds', () => {
  const ids = ['bird-box', 'step-stool', 'tool-tote', 'peg-rail']
  const workspace = emptyWorkspace({ builds: ids.map((id) => build(id)) })
  const order = (state: Workspace): string[] => state.builds.map(({ id }) => id)
  test('one moves, the others keep theirs', () => {
    expect(order(change.moveBuild(workspace, 'bird-box', 2))).toEqual([
      'step-stool',
      'tool-tote',
      'bird-box',
      'peg-rail'
    ])
    expect(order(change.moveBuild(workspace, 'peg-rail', 0))).toEqual([
      'peg-rail',
      'bird-box',
      'step-stool',
      'tool-tote'
    ])
  })
  test('beyond the ends means the end; nothing moved is nothing changed', () => {
    expect(order(change.moveBuild(workspace, 'bird-box', 99))).toEqual([
      'step-stool',
      'tool-tote',
      'peg-rail',
      'bird-box'
    ])
    expect(order(change.moveBuild(workspace, 'peg-rail', -5))[0]).toBe('peg-rail')
    expect(change.moveBuild(workspace, 'bird-box', 0)).toBe(workspace)
    expect(change.moveBuild(workspace, 'nobody', 1)).toBe(workspace)
  })
  test('never loses or doubles one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...ids), fc.integer({ min: -2, max: 6 })), {
          maxLength: 12
        }),
        (moves) => {
          const moved = moves.reduce(
            (state, [id, to]) => change.moveBuild(state, id, to),
            workspace
          )
          expect([...order(moved)].sort()).toEqual([...ids].sort())
        }
      )
    )
  })
})

describe('a tool of one’s own in a workspace', () => {
  const base = library.tools.get('pull-saw')
  if (!base) throw new Error('no pull saw')
  const own = toolLike(base, 'my/saw', 'Inherited saw', { depthMm: 120 }, 0)
  const workspace = change.putOwnTool(emptyWorkspace({ builds: [build('bird-box')] }), own)
  test('passes the checks of a file, and is put in place of the one with its id', () => {
    expect(checkWorkspace(JSON.parse(JSON.stringify(workspace)), library).ok).toBe(true)
    const again = change.putOwnTool(workspace, { ...own, name: 'Sharpened saw' })
    expect(again.own.tools.map(({ name }) => name)).toEqual(['Sharpened saw'])
  })
  test('is taken out again with what hangs on it, unless another entry needs it', () => {
    const owned = { ...(items('pull-saw')[0] as Workspace['items'][number]), tool: 'my/saw' }
    const quote = {
      id: 'q',
      offer: 'my/saw/weekend/new/buy/hand',
      date: TODAY,
      price: 1000,
      seller: 'private' as const
    }
    const full: Workspace = {
      ...workspace,
      items: [owned],
      wishes: ['my/saw'],
      quotes: [quote],
      bans: [{ kind: 'tool', id: 'my/saw' }]
    }
    expect(change.removeOwn(full, 'my/saw')).toMatchObject({
      items: [],
      wishes: [],
      quotes: [],
      bans: [],
      own: { tools: [] }
    })
    const friend = {
      ...own,
      id: 'my/friend',
      companions: [{ anyOf: ['my/saw'], count: 1, kind: 'needed' as const, why: 'together' }]
    }
    expect(change.removeOwn(change.putOwnTool(full, friend), 'my/saw')).toBeUndefined()
  })
  test('does in a build what the tool it is like does', () => {
    const steps = [{ id: 's1', operation: 'rip', quantity: 1, stock: { thicknessMm: 20 } }]
    const world = worldWith({
      ...workspace,
      builds: [{ ...build('bird-box'), steps, materials: [] }],
      items: [{ ...(items('pull-saw')[0] as Workspace['items'][number]), tool: 'my/saw' }]
    })
    expect(makePlan(world).kind).not.toBe('clash')
    expect(world.library.toolsFor.get('pull-saw')?.map(({ id }) => id)).toContain('my/saw')
  })
})

test('what is owned at the end of a plan: the kit of today, what was bought, what was made', () => {
  const world = worldWith({
    builds: [build('peg-rail', { copies: 4, worthEach: 9000 })],
    items: items('tape', 'combination-square', 'panel-saw', 'sanding-block', 'finishing-kit'),
    ledger: [{ id: 'open', date: TODAY, kind: 'opening', amount: 60_000, text: 'Opening' }]
  })
  const outcome = makePlan(world)
  if (outcome.kind !== 'planned') throw new Error(outcome.kind)
  const after = kitAfter(world, outcome.plan)
  for (const { offer } of outcome.plan.purchases)
    expect(after.byTool.has(offer.split('/')[0] ?? '')).toBe(true)
  for (const { build: id } of outcome.plan.builds.filter((planned) =>
    planned.build.startsWith('make/')
  ))
    expect(after.byTool.has(library.templates.get(id.slice(5))?.yields ?? '')).toBe(true)
  expect(after.byTool.has('tape')).toBe(true)
})
