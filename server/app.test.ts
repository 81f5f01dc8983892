import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import type { Express } from 'express'
import request from 'supertest'
import { createApp } from './app'

let folder = ''
let app: Express
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'served-'))
  mkdirSync(join(folder, 'assets'))
  writeFileSync(join(folder, 'index.html'), '<script nonce="__CSP_NONCE__"></script>')
  writeFileSync(join(folder, 'assets', 'a.js'), 'export {}')
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
  expect([missing.status, missing.text]).toEqual([404, 'There is nothing at this address. The application is at the start page.'])
  expect((await request(app).get('/..%2f..%2fpackage.json')).status).toBeGreaterThanOrEqual(400)
})
