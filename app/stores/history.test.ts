import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { TODAY, build, emptyWorkspace, demoPlan } from '../../tests/helpers/workspaces'
import { balanceOn, standing } from '../../core/ledger'
import { change, type Workspace } from '../../core/workspace'
import { NO_HISTORY, STEPS_KEPT, recorded, redone, undone, type OnTable } from './history'

let n = 0
const newId = (): string => `h${n++}`
const step = fc.oneof(
  fc.record({ kind: fc.constant('build' as const) }),
  fc.record({ kind: fc.constant('entry' as const), amount: fc.integer({ min: -9000, max: 9000 }) }),
  fc.record({ kind: fc.constant('hours' as const), minutes: fc.integer({ min: 0, max: 900 }) })
)
type Made =
  { kind: 'build' } | { kind: 'entry'; amount: number } | { kind: 'hours'; minutes: number }
function make(state: Workspace, one: Made): Workspace {
  switch (one.kind) {
    case 'build':
      return change.addBuild(state, build('bird-box', { id: newId() }))
    case 'entry':
      return change.addEntry(state, {
        id: newId(),
        date: TODAY,
        kind: 'other',
        amount: one.amount,
        text: 'x'
      })
    case 'hours':
      return { ...state, time: { minutesPerWeek: one.minutes } }
  }
}
/** All but the ledger's history: ids of entries that were entered again differ, what stands does not. */
const seen = (state: Workspace): unknown => ({
  ...state,
  ledger: standing(state.ledger)
    .map(({ amount, text, date }) => `${date}${amount}${text}`)
    .sort()
})

const laid = (workspace: Workspace): OnTable => ({ workspace, plan: undefined })

test('undoing everything returns the first state, redoing everything the last; the ledger only ever grows', () => {
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 25 }), (list) => {
      const first = emptyWorkspace()
      let [state, history] = [first, NO_HISTORY]
      for (const one of list) {
        const after = make(state, one)
        history = recorded(history, { name: one.kind, before: laid(state), after: laid(after) })
        state = after
      }
      const last = state
      for (const _ of list) {
        const there = undone(history, state, newId)
        if (!there) throw new Error('nothing to undo')
        expect(there.workspace.ledger.slice(0, state.ledger.length)).toEqual(state.ledger)
        ;({ history, workspace: state } = there)
      }
      expect(seen(state)).toEqual(seen(first))
      expect(undone(history, state, newId)).toBeUndefined()
      for (const _ of list) {
        const there = redone(history, state, newId)
        if (!there) throw new Error('nothing to redo')
        ;({ history, workspace: state } = there)
      }
      expect(seen(state)).toEqual(seen(last))
      expect(redone(history, state, newId)).toBeUndefined()
    })
  )
})

test('undoing an entry appends its reversal', () => {
  const before = emptyWorkspace()
  const after = change.addEntry(before, {
    id: 'e',
    date: TODAY,
    kind: 'tool',
    amount: -500,
    text: 'Saw'
  })
  const there = undone(
    recorded(NO_HISTORY, { name: 'x', before: laid(before), after: laid(after) }),
    after,
    newId
  )
  expect(there?.workspace.ledger).toMatchObject([
    { id: 'e', amount: -500 },
    { kind: 'reversal', amount: 500, reverses: 'e' }
  ])
  expect(balanceOn(there?.workspace.ledger ?? [], TODAY)).toBe(0)
})

test('a new change forgets what could be redone, and only so many steps are kept', () => {
  const state = emptyWorkspace()
  let history = NO_HISTORY
  for (let i = 0; i < STEPS_KEPT + 5; i++)
    history = recorded(history, { name: String(i), before: laid(state), after: laid(state) })
  expect(history.past).toHaveLength(STEPS_KEPT)
  expect(STEPS_KEPT).toBeGreaterThanOrEqual(100)
  const back = undone(history, state, newId)
  expect(
    back && recorded(back.history, { name: 'new', before: laid(state), after: laid(state) }).future
  ).toEqual([])
})

test('the plan that lay beside a state comes back with it', () => {
  const workspace = emptyWorkspace()
  const [first, second] = [demoPlan('hive-yard'), demoPlan('third-floor')]
  const history = recorded(NO_HISTORY, {
    name: 'moved',
    before: { workspace, plan: first },
    after: { workspace: { ...workspace, name: 'Other' }, plan: second }
  })
  const back = undone(history, workspace, newId)
  expect(back?.plan).toBe(first)
  expect(back && redone(back.history, back.workspace, newId)?.plan).toBe(second)
})
