import { afterEach, expect, test } from '@jest/globals'
import { demo } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import type { Told } from '../../core/search'
import { worldOf } from '../../core/workspace'
import { laneElsewhere, playing, type FromLane, type LaneWorker, type ToLane } from './lane'
import type { Planned } from './protocol'
import { answering } from './serve'
import { raceIn, staging } from './staging'

const ground = { workspace: demo('half-a-garage'), today: '2026-05-04' }

/** A worker that does what the real one does, until it is killed with so many stretches asked of it. */
function standIn(killedAt = Infinity) {
  const listeners = new Map<string, (event: { data?: FromLane }) => void>()
  const play = playing(
    ({ workspace, today }) => worldOf(workspace, library, today),
    (data) => void setTimeout(() => listeners.get('message')?.({ data }), 1)
  )
  let asked = 0
  let ended = 0
  const worker: LaneWorker = {
    postMessage(message: ToLane) {
      if (message.kind === 'go-on' && ++asked >= killedAt)
        return void setTimeout(() => listeners.get('error')?.({}), 1)
      play(message)
    },
    addEventListener: (type, next) => void listeners.set(type, next),
    terminate: () => void ended++
  }
  return { worker, listeners, ended: () => ended, asked: () => asked }
}

/** Plans as the worker does; the value of the last plan. */
async function planned(): Promise<number> {
  const answers: Planned[] = []
  const handle = answering(
    staging,
    ({ workspace, today }) => worldOf(workspace, library, today),
    (message) => {
      if (message.kind === 'answer') answers.push(message.answer as Planned)
    }
  )
  await handle({ kind: 'ground', key: 'a', ground })
  await handle({ kind: 'ask', call: 'plan', request: 1, asks: {} })
  const last = answers.at(-1)
  if (last?.kind !== 'done' || last.outcome.kind !== 'planned') throw new Error('no plan')
  return last.outcome.report.value.total
}
afterEach(() => raceIn(undefined))

test('one worker, two, or two of which one is killed in mid-race come to the same plan', async () => {
  const alone = await planned()
  const two = standIn()
  raceIn(() => two.worker)
  expect(await planned()).toBe(alone)
  expect(two.asked()).toBe(2)
  expect(two.ended()).toBe(1)
  const mortal = standIn(2)
  raceIn(() => mortal.worker)
  expect(await planned()).toBe(alone)
  expect(mortal.asked()).toBe(2)
}, 120_000)

test('a late answer to an earlier stretch is not taken for a later one', async () => {
  const { worker, listeners } = standIn()
  const told = (value: number): Told => ({
    codes: new Int32Array(),
    genes: new Int32Array(),
    value
  })
  const sent: number[] = []
  worker.postMessage = (message) => {
    if (message.kind === 'go-on') sent.push(message.stretch)
  }
  const { lane } = laneElsewhere(() => worker, ground, undefined)
  const first = lane.goOn(1000, undefined)
  listeners.get('message')?.({ data: { stretch: sent[0]!, told: told(1) } })
  expect((await first).value).toBe(1)
  const second = lane.goOn(2000, undefined)
  listeners.get('message')?.({ data: { stretch: sent[0]!, told: told(7) } })
  listeners.get('message')?.({ data: { stretch: sent[1]!, told: told(2) } })
  expect((await second).value).toBe(2)
})
