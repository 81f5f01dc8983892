import { readFileSync } from 'node:fs'
import { expect, type Page } from '@playwright/test'

export const hive = readFileSync('data/demo/hive-yard.json', 'utf8')
export const kept = (page: Page) => expect(page.getByText('Kept in this browser')).toBeVisible()
export const worth = async (page: Page, build: string, value: string): Promise<void> => {
  await page.goto(`/#/builds/${build}`)
  await page.getByLabel('Worth of one').fill(value)
  await page.getByLabel('Worth of one').blur()
}

export const saved = async (page: Page): Promise<{ name: string; buffer: Buffer }> => {
  await page.goto('/#/keeping')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file' }).click()
  ])
  return { name: download.suggestedFilename(), buffer: readFileSync(await download.path()) }
}
export const open = async (page: Page, name: string, buffer: Buffer): Promise<void> => {
  await page.goto('/#/settings')
  await page.setInputFiles('input[type=file]', {
    name,
    mimeType: 'application/octet-stream',
    buffer
  })
}
