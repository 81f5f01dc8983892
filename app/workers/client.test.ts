import { expect, test } from '@jest/globals'
import { demo } from '../../tests/helpers/workspaces'
import { answer } from './answer'
import { workerClient, type WorkerLike } from './client'
import type { Question, Reply } from './protocol'

/** A worker that answers when it is told to. */
function standIn() {
  const asked: Question[] = []
  let listener: (event: { data: Reply }) => void = () => undefined
  let stopped = 0
  const worker: WorkerLike = { postMessage: (question) => void asked.push(question), addEventListener: (_, next) => void (listener = next), terminate: () => void stopped++ }
  return { worker, asked, reply: (data: Reply) => listener({ data }), stopped: () => stopped }
}
const workspace = demo('hive-yard')
const today = '2026-05-04'

test('a reply to an overtaken question is dropped', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  const heard: string[] = []
  client.ask({ kind: 'rank', workspace, today }, () => heard.push('first'))
  client.ask({ kind: 'ways', workspace, today, build: 'bird-boxes' }, () => heard.push('ways'))
  client.ask({ kind: 'rank', workspace, today }, () => heard.push('second'))
  const ranking = { candidates: [], feasible: [], hopeless: [] }
  for (const { request, kind } of one.asked) one.reply(kind === 'ways' ? { kind, request, ways: [] } : { kind: 'rank', request, ranking })
  expect(heard).toEqual(['ways', 'second'])
})

test('a planning run that is overtaken is stopped, not waited for', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  client.ask({ kind: 'plan', workspace, today }, () => undefined)
  client.ask({ kind: 'plan', workspace, today }, () => undefined)
  expect(one.stopped()).toBe(1)
})

test('the answers are plain data that survive the way to the page', () => {
  const replies: Reply[] = []
  answer({ kind: 'rank', request: 1, workspace, today }, (reply) => replies.push(reply))
  answer({ kind: 'ways', request: 2, workspace, today, build: 'bird-boxes' }, (reply) => replies.push(reply))
  answer({ kind: 'plan', request: 3, workspace, today }, (reply) => replies.push(reply))
  expect(replies.at(0)?.kind).toBe('rank')
  expect(replies.at(-1)?.kind).toBe('plan')
  expect(replies.some(({ kind }) => kind === 'plan-so-far')).toBe(true)
  expect(structuredClone(replies)).toEqual(replies)
})

test('parts are laid on sheets without a workspace, and the answer says for which material', () => {
  const replies: Reply[] = []
  const parts = [{ id: 'side', lengthMm: 900, widthMm: 300, quantity: 2, canTurn: true }]
  answer({ kind: 'nest', request: 7, parts, sheet: { lengthMm: 2440, widthMm: 1220 }, material: 'plywood-18' }, (reply) => replies.push(reply))
  expect(replies).toHaveLength(1)
  expect(replies[0]).toMatchObject({ kind: 'nest', request: 7, material: 'plywood-18', layout: { tooLarge: [] } })
  expect(structuredClone(replies)).toEqual(replies)
})

test('ways in are found for a build that stands nowhere yet', () => {
  const replies: Reply[] = []
  const probe = { id: 'probe', name: '', copies: 1, materials: [], steps: [{ id: 's', operation: 'join-dowel', quantity: 1, stock: {} }] }
  answer({ kind: 'ways', request: 8, workspace, today, build: probe }, (reply) => replies.push(reply))
  expect(replies[0]?.kind === 'ways' && replies[0].ways.length).toBeGreaterThan(0)
})

test('where nothing is missing, it says what would be quicker and by how much', () => {
  const replies: Reply[] = []
  const probe = { id: 'probe', name: '', copies: 10, materials: [], steps: [{ id: 's', operation: 'sand-flat', quantity: 2, stock: {} }] }
  answer({ kind: 'ways', request: 9, workspace, today, build: probe }, (reply) => replies.push(reply))
  const ways = replies[0]?.kind === 'ways' ? replies[0].ways : []
  expect(ways.length).toBeGreaterThan(0)
  for (const { saves, cost } of ways) expect([(saves ?? 0) > 0, cost > 0]).toEqual([true, true])
  // Twenty square metres by block take 5 + 1200 minutes, by random-orbital sander 4 + 360.
  const orbital = ways.find(({ parts }) => parts.some(({ tool }) => tool === 'ro-sander'))
  if (orbital) expect(orbital.saves).toBe(5 + 20 * 60 - (4 + 20 * 18))
})
