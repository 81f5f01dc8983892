import { expect, test } from '@jest/globals'
import { items, demo, demoPlan } from '../../tests/helpers/workspaces'
import { library } from '../../data'
import { withWeights, worldOf } from '../../core/workspace'
import { answers } from './answer'
import { workerClient, type About, type WorkerLike } from './client'
import type { Answer, Asks, CallName, FromWorker, ToWorker } from './protocol'
import { answering } from './serve'

/** A worker that answers when it is told to. */
function standIn() {
  const asked: ToWorker[] = []
  const listeners = new Map<string, (event: { data?: FromWorker; message?: string }) => void>()
  let stopped = 0
  const worker: WorkerLike = {
    postMessage: (message) => void asked.push(message),
    addEventListener: (type, next) => void listeners.set(type, next),
    terminate: () => void stopped++
  }
  return {
    worker,
    asked,
    requests: () => asked.flatMap((one) => (one.kind === 'ask' ? [one] : [])),
    reply: (data: FromWorker) => listeners.get('message')?.({ data }),
    die: (message: string) => listeners.get('error')?.({ message }),
    stopped: () => stopped
  }
}
const workspace = demo('hive-yard')
const today = '2026-05-04'
const about: About = { key: 'a', ground: () => ({ workspace, today }) }
const nothing = { answer: () => undefined }
const done = (request: number, answer: Answer<CallName>, last = true): FromWorker => ({
  kind: 'answer',
  request,
  answer,
  last
})

test('a reply to an overtaken question is dropped', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  const heard: string[] = []
  const rank = (name: string): void =>
    client.ask('rank', {}, about, { answer: () => heard.push(name) })
  rank('first')
  client.ask('ways', { build: 'bird-boxes' }, about, { answer: () => heard.push('ways') })
  rank('second')
  const ranking = { candidates: [], feasible: [], hopeless: [], weightless: false }
  for (const { request, call } of one.requests())
    one.reply(done(request, call === 'ways' ? [] : ranking))
  expect(heard).toEqual(['ways', 'second'])
})

test('a state is sent once, ahead of the questions about it', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  client.ask('rank', {}, about, nothing)
  client.ask('ways', { build: 'bird-boxes' }, about, nothing)
  client.ask('sway', {}, { ...about, key: 'b' }, nothing)
  expect(
    one.asked.map((message) => (message.kind === 'ground' ? message.key : message.call))
  ).toEqual(['a', 'rank', 'ways', 'b', 'sway'])
})

test('a planning run that is overtaken is stopped, not waited for; what answers quickly is waited for', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  client.ask('plan', {}, about, nothing)
  client.ask('plan', {}, about, nothing)
  expect(one.stopped()).toBe(1)
  const two = standIn()
  const patient = workerClient(() => two.worker, { waits: true })
  patient.ask('pocket', { plan: demoPlan('hive-yard') }, about, nothing)
  patient.ask('pocket', { plan: demoPlan('hive-yard') }, about, nothing)
  expect(two.stopped()).toBe(0)
})

test('a worker that dies is started again with the open questions; when that dies too, it is said', () => {
  const made = [standIn(), standIn(), standIn()]
  let started = 0
  const client = workerClient(() => made[started++]!.worker)
  const troubles: string[] = []
  const heard: unknown[] = []
  const hears = {
    answer: (answer: unknown) => heard.push(answer),
    failed: ({ code }: { code: string }) => troubles.push(code)
  }
  client.ask('rank', {}, about, hears)
  made[0]?.die('could not load')
  expect([started, troubles]).toEqual([2, []])
  expect(made[1]?.asked.map(({ kind }) => kind)).toEqual(['ground', 'ask'])
  made[1]?.die('could not load')
  expect(troubles).toEqual(['worker.lost'])
  // And the next question begins afresh.
  client.ask('rank', {}, about, hears)
  const [last] = made[2]?.requests() ?? []
  made[2]?.reply(done(last?.request ?? 0, 'an answer' as never))
  expect(heard).toEqual(['an answer'])
})

test('what a worker cannot answer is said once, and only to who asked', () => {
  const one = standIn()
  const client = workerClient(() => one.worker)
  const troubles: unknown[] = []
  client.ask('rank', {}, about, { ...nothing, failed: (trouble) => troubles.push(trouble) })
  client.ask('sway', {}, about, { ...nothing, failed: () => troubles.push('wrong') })
  const failed = {
    kind: 'failed',
    request: one.requests()[0]?.request ?? 0,
    reason: 'why'
  } as const
  one.reply(failed)
  one.reply(failed)
  expect(troubles).toEqual([{ code: 'worker.failed', path: [], figures: { reason: 'why' } }])
})

/** What the core worker says to one question about a workspace. */
async function said<K extends CallName>(
  call: K,
  asks: Asks<K>,
  state = workspace
): Promise<Answer<K>[]> {
  const found: FromWorker[] = []
  const handle = answering(
    answers,
    (ground) => worldOf(ground.workspace, library, ground.today),
    (message) => found.push(message)
  )
  await handle({ kind: 'ground', key: 'k', ground: { workspace: state, today } })
  await handle({ kind: 'ask', call, request: 1, asks } as ToWorker)
  // Plain data that survives the way to the page, ended by exactly one last answer.
  expect(structuredClone(found)).toEqual(found)
  expect(found.map((one) => one.kind === 'answer' && one.last)).toEqual(
    found.map((_, i) => i === found.length - 1)
  )
  return found.map((one) => (one.kind === 'answer' ? (one.answer as Answer<K>) : (one as never)))
}

test('a plan comes in rounds, the first at once; the answers are plain data', async () => {
  const rounds = await said('plan', {})
  expect(rounds.length).toBeGreaterThan(1)
  expect(rounds.map(({ kind }) => kind)).toEqual([...rounds.slice(1).map(() => 'so-far'), 'done'])
})

test('the judge says of a plan what it comes to, what is next and what that opens', async () => {
  const plan = demoPlan('hive-yard')
  const [judged] = await said('judge', { plan })
  expect(judged?.report.broken).toEqual([])
  expect(judged?.overtaken).toBe(false)
  expect(Object.keys(judged?.opens ?? {})).toEqual(judged?.next?.purchases.map(({ id }) => id))
  const [pocket] = await said('pocket', { plan })
  expect(pocket?.[0]?.date).toBe(judged?.next?.date)
  const [reasons] = await said('purchase-reasons', { plan, purchase: plan.purchases[0]?.id ?? '' })
  expect(reasons?.opens.length).toBeGreaterThanOrEqual(0)
  expect(await said('carried-pins', {})).toEqual([undefined])
})

test('parts are laid on sheets without a workspace', async () => {
  const parts = [{ id: 'side', lengthMm: 900, widthMm: 300, quantity: 2, canTurn: true }]
  const [layout] = await said('nest', { parts, sheet: { lengthMm: 2440, widthMm: 1220 } })
  expect(layout).toMatchObject({ tooLarge: [] })
})

const probeOf = (operation: string, quantity: number, copies: number) => ({
  id: 'probe',
  name: '',
  copies,
  materials: [],
  steps: [{ id: 's', operation, quantity, stock: {} }]
})
test('ways in are found for a build that stands nowhere yet', async () => {
  const [ways] = await said('ways', { build: probeOf('join-dowel', 1, 1) })
  expect(ways?.length).toBeGreaterThan(0)
})

test('where nothing is missing, it says what would be quicker and by how much', async () => {
  // Sanding by hand is dusty: with a mask nothing is missing.
  const masked = { ...workspace, items: [...workspace.items, ...items('dust-masks')] }
  const [ways = []] = await said('ways', { build: probeOf('sand-flat', 2, 10) }, masked)
  expect(ways.length).toBeGreaterThan(0)
  for (const { saves, cost } of ways) expect([(saves ?? 0) > 0, cost > 0]).toEqual([true, true])
  // Twenty square metres by block take 5 + 1200 minutes, by random-orbital sander 4 + 360.
  const orbital = ways.find(({ parts }) => parts.some(({ tool }) => tool === 'ro-sander'))
  if (orbital) expect(orbital.saves).toBe(5 + 20 * 60 - (4 + 20 * 18))
})

test('the Weigh-up’s answers are plain data, come in rounds where they take time, and end', async () => {
  const [ranked] = await said('rank', {})
  const candidates = ranked?.candidates ?? []
  expect(candidates.length).toBeGreaterThan(3)
  const rounds = await said('pulls', {})
  expect(rounds.map(({ done: whole }) => whole)).toEqual(
    rounds.map((_, i) => i === rounds.length - 1)
  )
  const weights = ['money', 'time', 'space', 'quiet', 'ease', 'finish']
  expect((await said('sway', {})).map(({ weight }) => weight)).toEqual(weights)
  const [explained] = await said('reasons', { candidate: candidates[0]?.id ?? '' })
  expect(explained?.parts.length).toBe(1 + (candidates[0]?.others.length ?? 0))
  expect(await said('reasons', { candidate: 'nothing' })).toEqual([undefined])
  const [owned] = await said('ownership', { tool: 'drill-driver', power: 'corded' })
  expect(owned?.options.length).toBeGreaterThan(12)
  const tools = [
    { tool: 'drill-driver', power: 'corded', count: 1 },
    { tool: 'pull-saw', power: 'hand', count: 1 }
  ] as const
  const [divided] = await said('split', { total: 60_000, years: 5, tools })
  expect(divided?.split.kind).toBe('split')
  const [powered] = await said('batteries', {})
  expect(powered?.plans.map(({ mode }) => mode)).toEqual([
    'best',
    'one-platform',
    'several',
    'cords'
  ])
})

test('an order tried with other weights is that of a workspace with those weights', async () => {
  const orderOf = async (asks: Asks<'rank'>, state = workspace): Promise<string[]> =>
    (await said('rank', asks, state))[0]?.candidates.map(({ id }) => id) ?? []
  const weights = { money: 1, time: 6000, space: 30_000, quiet: 0, ease: 200, finish: 0 }
  const tried = await orderOf({ weights })
  expect(tried).toEqual(await orderOf({}, withWeights(workspace, weights)))
  expect(await orderOf({})).not.toEqual(tried)
})

test('an overtaken plan ends without an answer, the newer one comes', async () => {
  const found: FromWorker[] = []
  const handle = answering(
    answers,
    (ground) => worldOf(ground.workspace, library, ground.today),
    (message) => found.push(message)
  )
  await handle({ kind: 'ground', key: 'k', ground: { workspace, today } })
  const ask = (request: number): Promise<void> =>
    handle({ kind: 'ask', call: 'plan', request, asks: {} })
  await Promise.all([ask(11), ask(12)])
  const last = found.filter((one) => one.kind === 'answer' && one.last)
  expect(last.map(({ request }) => request)).toEqual([12])
})

test('questions about a plan that take long end with one answer; what nobody answers is said', async () => {
  const plan = demoPlan('hive-yard')
  expect((await said('risk', { plan })).at(-1)?.samples).toBe(1000)
  expect(await said('answers', { plan, purchase: 'nothing of the kind' })).toEqual([undefined])
  const found: FromWorker[] = []
  const handle = answering(
    {},
    () => {
      throw new Error('unused')
    },
    (message) => found.push(message)
  )
  await handle({ kind: 'ask', call: 'bound', request: 4, asks: { value: 0 } })
  expect(found).toMatchObject([{ kind: 'failed', request: 4 }])
})
