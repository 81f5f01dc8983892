import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals'
import type { Express } from 'express'
import request from 'supertest'
import { board } from '../app/workers/board'
import { readFeed } from '../core/formats'
import { library } from '../data'
import { createApp } from './app'

let folder = ''
let app: Express
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'served-'))
  mkdirSync(join(folder, 'assets'))
  writeFileSync(join(folder, 'index.html'), '<script nonce="__CSP_NONCE__"></script>')
  writeFileSync(join(folder, 'assets', 'a.js'), 'export {}')
  writeFileSync(join(folder, 'assets', 'b.js'), 'export const whole = 1')
  writeFileSync(join(folder, 'assets', 'b.js.gz'), gzipSync('export const packed = 1'))
  writeFileSync(join(folder, 'sw.js'), '// worker')
  app = createApp(folder)
})
afterAll(() => rmSync(folder, { recursive: true, force: true }))

test('each page has a nonce of its own, the one its policy names, and no inline allowance', async () => {
  const [one, two] = [await request(app).get('/'), await request(app).get('/index.html')]
  const nonces = [one, two].map(({ text }) => /nonce="([^"]+)"/.exec(text)?.[1] ?? '')
  expect(nonces[0]).not.toBe(nonces[1])
  expect(one.headers['content-security-policy']).toContain(`'nonce-${nonces[0]}'`)
  expect(one.headers['content-security-policy']).not.toMatch(/unsafe-inline|'unsafe-eval'|https?:/)
  expect(one.headers['cache-control']).toBe('no-store')
  expect(one.headers['x-powered-by']).toBeUndefined()
})

test('assets are kept for long; what is not there is said in a sentence; nothing outside the build is served', async () => {
  expect((await request(app).get('/assets/a.js')).headers['cache-control']).toContain('immutable')
  const missing = await request(app).get('/nowhere')
  expect([missing.status, missing.text]).toEqual([
    404,
    'There is nothing at this address. The application is at the start page.'
  ])
  expect((await request(app).get('/..%2f..%2fpackage.json')).status).toBeGreaterThanOrEqual(400)
})

test('a file that was packed at the build is sent packed to whoever reads packed files, and whole to all others', async () => {
  const get = (encoding: string): request.Test =>
    request(app).get('/assets/b.js').set('Accept-Encoding', encoding)
  const [packed, whole] = [await get('gzip'), await get('identity')]
  expect([packed.headers['content-encoding'], packed.text]).toEqual([
    'gzip',
    'export const packed = 1'
  ])
  expect(packed.headers['content-type']).toContain('javascript')
  expect(packed.headers['cache-control']).toContain('immutable')
  expect([whole.headers['content-encoding'], whole.text]).toEqual([
    undefined,
    'export const whole = 1'
  ])
})

test('the worker that keeps everything offline is never itself kept for long, and comes with the same policy', async () => {
  const worker = await request(app).get('/sw.js')
  expect([worker.status, worker.headers['cache-control'], worker.headers['content-type']]).toEqual([
    200,
    'no-cache',
    expect.stringContaining('javascript')
  ])
  expect(worker.headers['content-security-policy']).toContain("worker-src 'self'")
})

test('the policy names no foreign host, allows no inline script, and lets pictures come from the page and its own data alone', async () => {
  const policy = Object.fromEntries(
    ((await request(app).get('/')).headers['content-security-policy'] ?? '')
      .split(';')
      .map((one: string) => {
        const [name = '', ...values] = one.trim().split(' ')
        return [name, values]
      })
  ) as Record<string, string[]>
  expect(policy).toMatchObject({
    'default-src': ["'none'"],
    'script-src': ["'self'", "'wasm-unsafe-eval'"],
    'connect-src': ["'self'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'object-src': ["'none'"],
    'base-uri': ["'none'"],
    'frame-ancestors': ["'none'"],
    'form-action': ["'self'"]
  })
  expect((await request(app).get('/')).headers['referrer-policy']).toBe('no-referrer')
})

test('what cannot be answered is said in a sentence, never with the program’s insides', async () => {
  for (const [path, range, status] of [
    ['/sw.js', 'bytes=900-999', 416],
    ['/%E0%A4%A', '', 400]
  ] as const) {
    const answer = await request(app).get(path).set('Range', range)
    expect(answer.status).toBe(status)
    expect(answer.text).toMatch(/^[A-Z][^\n<]{10,120}\.$/)
    expect(answer.text).not.toMatch(/node_modules|Error:|\n {4}at /)
  }
})

test('powers of the browser that nothing here needs are given away', async () => {
  expect((await request(app).get('/')).headers['permissions-policy']).toMatch(
    /camera=\(\).*geolocation=\(\).*microphone=\(\)/
  )
})

describe('the simulated board of prices', () => {
  const get = (path: string): request.Test => request(app).get(path)
  test('a day’s feed, as JSON and as CSV, that the reader of feeds takes without a fault', async () => {
    const [json, csv] = [
      await get('/board/feed.json?currency=EUR&date=2026-05-04').expect('Content-Type', /json/),
      await get('/board/feed.csv?currency=EUR&date=2026-05-04').expect('Content-Type', /csv/)
    ]
    const read = [json, csv].map(({ text }) =>
      readFeed(text, { library, currency: 'EUR', today: '2026-05-04' })
    )
    expect(read.map((one) => one.ok && one.value.problems)).toEqual([[], []])
    expect(read[0]?.ok && read[0].value.feed).toEqual(read[1]?.ok && read[1].value.feed)
    expect(json.headers['cache-control']).toBe('no-store')
  })
  test('the same as the static build makes in its worker', async () => {
    const { text } = await get('/board/feed.json?currency=GBP&date=2026-11-24')
    const said: (string | undefined)[] = []
    await board.board({} as never, { date: '2026-11-24', currency: 'GBP' }, (answer) =>
      said.push(answer)
    )
    expect(said).toEqual([text])
  })
  test('without a day it is today’s; a day or a currency that is none is said in a sentence', async () => {
    const today = (await get('/board/feed.json')).body as { date: string; currency: string }
    expect([today.date, today.currency]).toEqual([
      expect.stringMatching(/^\d{4}-\d\d-\d\d$/),
      'EUR'
    ])
    for (const asked of ['date=2026-02-30', 'currency=XAF', 'currency=<b>']) {
      const { status, text } = await get(`/board/feed.json?${asked}`)
      expect([status, text]).toEqual([400, expect.stringMatching(/^[A-Z][^\n<]{10,120}\.$/)])
    }
  })
})
