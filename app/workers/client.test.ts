import { expect, test } from '@jest/globals'
import { demo } from '../../tests/helpers/workspaces'
import { withWeights } from '../../core/workspace'
import { answer } from './answer'
import { workerClient, type WorkerLike } from './client'
import type { Question, Reply } from './protocol'

/** A worker that answers when it is told to. */
function standIn() {
  const asked: Question[] = []
  let listener: (event: { data: Reply }) => void = () => undefined
  let stopped = 0
  const worker: WorkerLike = {
    postMessage: (question) => void asked.push(question),
    addEventListener: (_, next) => void (listener = next),
    terminate: () => void stopped++
  }
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
  const ranking = { candidates: [], feasible: [], hopeless: [], weightless: false }
  for (const { request, kind } of one.asked)
    one.reply(kind === 'ways' ? { kind, request, ways: [] } : { kind: 'rank', request, ranking })
  expect(heard).toEqual(['ways', 'second'])
})

test('a planning run that is overtaken is stopped, not waited for', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  client.ask({ kind: 'plan', workspace, today }, () => undefined)
  client.ask({ kind: 'plan', workspace, today }, () => undefined)
  expect(one.stopped()).toBe(1)
})

test('the answers are plain data that survive the way to the page', async () => {
  const replies: Reply[] = []
  await answer({ kind: 'rank', request: 1, workspace, today }, (reply) => replies.push(reply))
  await answer({ kind: 'ways', request: 2, workspace, today, build: 'bird-boxes' }, (reply) =>
    replies.push(reply)
  )
  await answer({ kind: 'plan', request: 3, workspace, today }, (reply) => replies.push(reply))
  expect(replies.at(0)?.kind).toBe('rank')
  expect(replies.at(-1)?.kind).toBe('plan')
  expect(replies.some(({ kind }) => kind === 'plan-so-far')).toBe(true)
  expect(structuredClone(replies)).toEqual(replies)
})

test('parts are laid on sheets without a workspace, and the answer says for which material', () => {
  const replies: Reply[] = []
  const parts = [{ id: 'side', lengthMm: 900, widthMm: 300, quantity: 2, canTurn: true }]
  answer(
    {
      kind: 'nest',
      request: 7,
      parts,
      sheet: { lengthMm: 2440, widthMm: 1220 },
      material: 'plywood-18'
    },
    (reply) => replies.push(reply)
  )
  expect(replies).toHaveLength(1)
  expect(replies[0]).toMatchObject({
    kind: 'nest',
    request: 7,
    material: 'plywood-18',
    layout: { tooLarge: [] }
  })
  expect(structuredClone(replies)).toEqual(replies)
})

test('ways in are found for a build that stands nowhere yet', () => {
  const replies: Reply[] = []
  const probe = {
    id: 'probe',
    name: '',
    copies: 1,
    materials: [],
    steps: [{ id: 's', operation: 'join-dowel', quantity: 1, stock: {} }]
  }
  answer({ kind: 'ways', request: 8, workspace, today, build: probe }, (reply) =>
    replies.push(reply)
  )
  expect(replies[0]?.kind === 'ways' && replies[0].ways.length).toBeGreaterThan(0)
})

test('where nothing is missing, it says what would be quicker and by how much', () => {
  const replies: Reply[] = []
  const probe = {
    id: 'probe',
    name: '',
    copies: 10,
    materials: [],
    steps: [{ id: 's', operation: 'sand-flat', quantity: 2, stock: {} }]
  }
  answer({ kind: 'ways', request: 9, workspace, today, build: probe }, (reply) =>
    replies.push(reply)
  )
  const ways = replies[0]?.kind === 'ways' ? replies[0].ways : []
  expect(ways.length).toBeGreaterThan(0)
  for (const { saves, cost } of ways) expect([(saves ?? 0) > 0, cost > 0]).toEqual([true, true])
  // Twenty square metres by block take 5 + 1200 minutes, by random-orbital sander 4 + 360.
  const orbital = ways.find(({ parts }) => parts.some(({ tool }) => tool === 'ro-sander'))
  if (orbital) expect(orbital.saves).toBe(5 + 20 * 60 - (4 + 20 * 18))
})

test('the Weigh-up’s answers are plain data, come in rounds where they take time, and end', () => {
  const ask = (question: object): Reply[] => {
    const replies: Reply[] = []
    answer({ request: 1, workspace, today, ...question } as Question, (reply) =>
      replies.push(reply)
    )
    expect(structuredClone(replies)).toEqual(replies)
    return replies
  }
  const [ranked] = ask({ kind: 'rank' })
  const candidates = ranked?.kind === 'rank' ? ranked.ranking.candidates : []
  expect(candidates.length).toBeGreaterThan(5)
  const rounds = ask({ kind: 'pulls' })
  expect(rounds.map((reply) => reply.kind === 'pulls' && reply.view.done)).toEqual(
    rounds.map((_, i) => i === rounds.length - 1)
  )
  expect(ask({ kind: 'sway' }).map((reply) => reply.kind === 'sway' && reply.weight)).toEqual([
    'money',
    'time',
    'space',
    'quiet',
    'ease',
    'finish'
  ])
  const [explained] = ask({ kind: 'reasons', candidate: candidates[0]?.id ?? '' })
  expect(explained?.kind === 'reasons' && explained.reasons?.parts.length).toBe(
    1 + (candidates[0]?.others.length ?? 0)
  )
  const [unknown] = ask({ kind: 'reasons', candidate: 'nothing' })
  expect(unknown?.kind === 'reasons' && unknown.reasons).toBe(undefined)
  const [owned] = ask({ kind: 'ownership', tool: 'drill-driver', power: 'corded' })
  expect(owned?.kind === 'ownership' && owned.view?.options.length).toBeGreaterThan(12)
  const [divided] = ask({
    kind: 'split',
    total: 60_000,
    years: 5,
    tools: [
      { tool: 'drill-driver', power: 'corded', count: 1 },
      { tool: 'pull-saw', power: 'hand', count: 1 }
    ]
  })
  expect(divided?.kind === 'split' && divided.view.split.kind).toBe('split')
  const [powered] = ask({ kind: 'batteries' })
  expect(powered?.kind === 'batteries' && powered.view.plans.map(({ mode }) => mode)).toEqual([
    'best',
    'one-platform',
    'several',
    'cords'
  ])
})

test('an order tried with other weights is that of a workspace with those weights', () => {
  const orderOf = (question: object): string[] => {
    const replies: Reply[] = []
    answer({ kind: 'rank', request: 1, workspace, today, ...question } as Question, (reply) =>
      replies.push(reply)
    )
    return replies[0]?.kind === 'rank' ? replies[0].ranking.candidates.map(({ id }) => id) : []
  }
  const weights = { money: 1, time: 1500, space: 3000, quiet: 0, ease: 200, finish: 0 }
  expect(orderOf({ weights })).toEqual(orderOf({ workspace: withWeights(workspace, weights) }))
  expect(orderOf({})).not.toEqual(orderOf({ weights }))
})

test('an overtaken plan ends without an answer, the newer one comes; questions about a plan are answered as plain data', async () => {
  const replies: Reply[] = []
  const hear = (reply: Reply): void => void replies.push(reply)
  const first = answer({ kind: 'plan', request: 11, workspace, today }, hear)
  await Promise.all([first, answer({ kind: 'plan', request: 12, workspace, today }, hear)])
  expect(replies.filter(({ kind }) => kind === 'plan').map(({ request }) => request)).toEqual([12])
  const { plan } = demo('hive-yard')
  if (!plan) throw new Error('no plan')
  await answer({ kind: 'risk', request: 13, workspace, today, plan }, hear)
  await answer(
    { kind: 'answers', request: 14, workspace, today, plan, purchase: 'nothing of the kind' },
    hear
  )
  expect(replies.at(-1)).toEqual({
    kind: 'answers',
    request: 14,
    purchase: 'nothing of the kind',
    answers: undefined
  })
  expect(replies.filter((reply) => reply.kind === 'risk' && reply.done)).toHaveLength(1)
  expect(structuredClone(replies)).toEqual(replies)
})
