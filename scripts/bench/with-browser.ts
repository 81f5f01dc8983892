import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { chromium, type Browser } from '@playwright/test'
import { createApp } from '../../server/app'
import { CHROMIUM, FLAGS } from '../browser-flags'
import type { Figure } from './figures'

/** Builds and serves the application and measures it in Chromium; nothing where there is no browser. */
export async function withBrowser(
  measure: (browser: Browser, url: string) => Promise<readonly Figure[]>
): Promise<readonly Figure[]> {
  if (!existsSync(CHROMIUM)) {
    console.error(`No browser at ${CHROMIUM}: the browser's figures are left out.`)
    return []
  }
  spawnSync(process.execPath, ['scripts/start.mjs', '--build-only'], { stdio: 'inherit' })
  const server = createApp('dist').listen(0)
  const url = `http://localhost:${(server.address() as AddressInfo).port}/`
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: FLAGS })
  try {
    return await measure(browser, url)
  } finally {
    await browser.close()
    server.close()
  }
}
