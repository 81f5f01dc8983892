import { expect, test, type Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { openDemo } from './helpers'

/** What is printed, with words that must stand on the paper. */
const SHEETS = [
  { path: '/stages', says: ['In the purse', 'Buy circular saw'], not: ['Keep this plan'] },
  { path: '/pocket', says: ['Pocket list', 'Up to'], not: ['Print it'] },
  { path: '/weigh', says: ['opens', 'so far'], not: ['A way of your own'] },
  { path: '/builds/bird-boxes', says: ['What to do for all 4', 'Softwood'], not: ['Add a step'] },
  { path: '/builds/bird-boxes/sheet', says: ['Evening 1', 'Have ready'], not: ['Hours at a time'] },
  { path: '/kit/care', says: ['Tape measure', 'Done on'], not: ['Print it'] },
  {
    path: '/what/tool/circular-saw',
    says: ['Circular saw', 'When you choose one'],
    not: ['Print it']
  }
] as const
/** Points, as ISO 216 and ANSI/ASME Y14.1 have them. */
const PAPERS = { A4: [595, 842], Letter: [612, 792] } as const
/** Smaller print than this cannot be read at the bench, pt. A judgement. */
const LEAST_PT = 6.5

interface Printed {
  readonly text: string
  readonly size: readonly number[]
  readonly smallest: number
  readonly beyond: readonly string[]
}
/** The pages as a printer gets them, in black and white: colours are left to what the page says without a ground. */
async function printed(page: Page, format: keyof typeof PAPERS): Promise<Printed[]> {
  const margin = { top: '12mm', bottom: '12mm', left: '12mm', right: '12mm' }
  const data = new Uint8Array(await page.pdf({ format, margin }))
  const pdf = await getDocument({ data, useSystemFonts: true, verbosity: 0 }).promise
  const pages: Printed[] = []
  for (let number = 1; number <= pdf.numPages; number++) {
    const one = await pdf.getPage(number)
    const { items } = await one.getTextContent()
    const [, , wide = 0, high = 0] = one.view
    const words = items.flatMap((item) => ('str' in item && item.str.trim() !== '' ? [item] : []))
    pages.push({
      text: words.map(({ str }) => str).join(' '),
      size: [Math.round(wide), Math.round(high)],
      smallest: Math.min(...words.map(({ transform }) => Math.abs(Number(transform[3])))),
      beyond: words
        .filter(
          ({ transform, width }) =>
            Number(transform[4]) < 0 || Number(transform[4]) + width > wide + 1
        )
        .map(({ str }) => str)
    })
  }
  return pages
}

for (const format of ['A4', 'Letter'] as const)
  test(`everything that is made for paper fits on ${format}, can be read, and leaves what is pressed behind`, async ({
    page
  }) => {
    await openDemo(page)
    for (const { path, says, not } of SHEETS) {
      await page.goto(`/#${path}`)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      let pages: Printed[] = []
      let text = ''
      // What a worker answers stands on paper a moment later.
      await expect
        .poll(
          async () => {
            pages = await printed(page, format)
            text = pages.map((one) => one.text).join(' ')
            return says.filter((words) => !text.includes(words))
          },
          { message: path }
        )
        .toEqual([])
      expect.soft([path, pages.length <= 3]).toEqual([path, true])
      for (const one of pages) {
        expect.soft(Math.abs((one.size[0] ?? 0) - PAPERS[format][0])).toBeLessThan(3)
        expect.soft(Math.abs((one.size[1] ?? 0) - PAPERS[format][1])).toBeLessThan(3)
        expect.soft([path, one.beyond]).toEqual([path, []])
        expect
          .soft([path, one.smallest >= LEAST_PT, one.smallest])
          .toEqual([path, true, one.smallest])
      }
      for (const words of not) expect.soft(text).not.toContain(words)
    }
  })
