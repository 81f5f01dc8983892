import { spawn, spawnSync } from 'node:child_process'
import { createServer, type Server, type AddressInfo } from 'node:net'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync, existsSync } from 'node:fs'
import { join } from 'node:path'
import { networkInterfaces, tmpdir } from 'node:os'
import { afterAll, beforeAll, expect, test } from '@jest/globals'

/** The server as a person starts it, on ports that are taken, wrong or free. */
let blocked: Server
let port = 0
let made = false
beforeAll(async () => {
  // The server reads the built page when it starts; a page of its own will do where nothing has been built yet.
  if (!existsSync('dist/index.html')) {
    mkdirSync('dist', { recursive: true })
    writeFileSync('dist/index.html', '<!doctype html><title>Frugal Ledger</title>')
    made = true
  }
  blocked = createServer()
  await new Promise<void>((resolve) => blocked.listen(0, resolve))
  port = (blocked.address() as AddressInfo).port
})
afterAll(() => {
  blocked.close()
  if (made) rmSync('dist/index.html')
})

const start = (value: string) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    encoding: 'utf8',
    env: { ...process.env, PORT: value },
    timeout: 30_000
  })

test('a taken port is said with the way out, and ends with 1', () => {
  const { status, stderr } = start(String(port))
  expect([status, stderr.trim()]).toEqual([
    1,
    `Port ${port} is taken by another program. Stop that, or choose another: PORT=4174 npm start`
  ])
})

test.each(['fish', '-1', '70000', '80.5', ' '])('PORT=%s is no port, and is said so', (value) => {
  const { status, stderr } = start(value)
  expect([status, stderr.trim()]).toEqual([
    1,
    `PORT is “${value}”, which is not a port. Use a whole number from 1 to 65535.`
  ])
})

test('with nothing built, the way out is said', () => {
  const { status, stderr } = spawnSync(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    encoding: 'utf8',
    env: { ...process.env, PORT: '0', DIST: tmpdir() },
    timeout: 30_000
  })
  expect([status, stderr.trim()]).toEqual([
    1,
    'Nothing has been built yet, so there is nothing to serve. npm start builds first, then serves.'
  ])
})

test('only this machine is listened to, unless told otherwise', async () => {
  const outside = Object.values(networkInterfaces())
    .flat()
    .find((one) => one && !one.internal && one.family === 'IPv4')?.address
  for (const [host, reached] of [
    ['', false],
    ['0.0.0.0', true]
  ] as const) {
    const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
      env: { ...process.env, PORT: '0', HOST: host }
    })
    const printed = await new Promise<string>((resolve) =>
      child.stdout.on('data', (data: Buffer) => resolve(data.toString()))
    )
    const served = /localhost:(\d+)/.exec(printed)?.[1] ?? ''
    const answer = await fetch(`http://${outside ?? '127.0.0.1'}:${served}/`).then(
      () => true,
      () => false
    )
    // A machine without any network has nothing that could be reached from outside.
    expect(answer).toBe(outside === undefined || reached)
    child.kill()
  }
})

test('a free port is served, and its address is printed', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'served-'))
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: '0' }
  })
  const printed = await new Promise<string>((resolve) =>
    child.stdout.on('data', (data: Buffer) => resolve(data.toString()))
  )
  const address = /http:\/\/localhost:\d+/.exec(printed)?.[0] ?? ''
  const response = await fetch(address)
  expect([response.status, (await response.text()).includes('Frugal Ledger')]).toEqual([200, true])
  child.kill()
  rmSync(folder, { recursive: true, force: true })
})
