import { expect, test } from '@playwright/test'
import { openDemo, watch } from './helpers'

test('a room is drawn, a machine put in, what is in its way said, and a place found for it', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop')
  await page.getByRole('button', { name: 'Take the drawing away' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    'Draw your room, and see what fits'
  )
  // A room without breadth is said, and nothing is lost.
  await page.getByLabel('Length of the room').fill('6 m')
  await page.getByLabel('Length of the room').blur()
  await page.getByRole('button', { name: 'Draw the room' }).click()
  await expect(page.getByRole('alert')).toContainText('The room has no floor')
  await page.getByLabel('Width of the room').fill('3 m')
  await page.getByLabel('Width of the room').blur()
  await page.getByRole('button', { name: 'Change its size' }).click()
  await expect(page.getByText('18 m² of floor')).toBeVisible()

  await page.getByLabel('Would another one fit?').click()
  await page.getByRole('option', { name: 'Compact table saw' }).click()
  await expect(page.getByText('Compact table saw: yes, beside all that is there.')).toBeVisible()
  await page.getByRole('button', { name: 'Put in Compact table saw' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('not go as drawn')
  await expect(page.getByText(/outfeed of Compact table saw runs into the wall/)).toBeVisible()

  // By the keys it is moved and turned, and back again by undo.
  const saw = page.getByRole('button', { name: 'Compact table saw', exact: true })
  const left = page.getByRole('textbox', { name: 'From the left, mm' })
  await saw.focus()
  await saw.press('ArrowRight')
  await expect(left).toHaveValue('3050')
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(left).toHaveValue('3000')

  await page.getByRole('button', { name: 'Place them for me' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    '1 tool stands, and nothing is in the way',
    { timeout: 15_000 }
  )
  expect(errors).toEqual([])
})

test('dragged into the car it clashes while it is dragged; a small room has no place for it', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop')
  const bench = page.locator('[data-key="tool:workbench"]')
  const box = (await bench.boundingBox())!
  const shelves = (await page.locator('[data-key="thing:shelves"]').boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(shelves.x + 40, shelves.y + 10, { steps: 8 })
  await expect(page.getByRole('heading', { level: 1 })).toContainText('not go as drawn')
  await expect(page.getByText(/into the shelves/).first()).toBeVisible()
  await page.mouse.up()
  await expect(page.getByText(/into the shelves/).first()).toBeVisible()

  // Narrower than its gate: said, and the question waits.
  await page.getByLabel('Width of the room').fill('2 m')
  await page.getByLabel('Width of the room').blur()
  await page.getByRole('button', { name: 'Change its size' }).click()
  await expect(page.getByRole('alert')).toContainText(
    'reaches beyond its wall, which is 2,000 mm long'
  )
  await expect(page.getByLabel('Would another one fit?')).toHaveCount(0)
  await page.getByLabel('Width of the room').fill('2.6 m')
  await page.getByLabel('Width of the room').blur()
  await page.getByLabel('Length of the room').fill('2.2 m')
  await page.getByLabel('Length of the room').blur()
  await page.getByRole('button', { name: 'Change its size' }).click()
  await page.getByLabel('Would another one fit?').click()
  await page.getByRole('option', { name: 'Compact table saw' }).click()
  await expect(page.getByText(/Compact table saw: not in this room/)).toBeVisible()
  expect(errors).toEqual([])
})

test('the sheet of a day: what to check, what can hurt, its noise and dust, and on paper', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/today')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Before you start: Cold frame')
  await expect(
    page.getByText('Protection for eyes, ears, lungs: on, or within reach.')
  ).toBeVisible()
  await expect(page.getByText(/the saw jumps back at you/)).toBeVisible()
  await expect(page.getByText(/^The gentler way: Pull saw/)).toBeVisible()
  await expect(page.getByText(/^Rip to width: Hand saw on sawhorses/)).toBeVisible()
  await expect(page.getByText(/^2 of 36 Wh charged before you begin/)).toBeVisible()
  await expect(page.getByText(/of a day’s noise by the 3 dB rule/)).toBeVisible()
  // 103 dB(A): 480 minutes halved by every three decibels above 85 are seven and a half.
  await expect(
    page.getByText(/about 103 dB\(A\), permitted without protection for 8 min/)
  ).toBeVisible()
  // A room without air is said, there and on the page that sets its height.
  await page.goto('/#/workshop/air')
  await page.getByLabel('Height of the room').fill('0')
  await page.getByLabel('Height of the room').blur()
  await expect(page.getByText(/The room has no volume/)).toBeVisible()
  await page.goto('/#/workshop/today')
  await expect(page.getByText(/The room has no volume/)).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(
    page.getByText('Tired, cross or in a hurry: do the quiet steps today.')
  ).toBeVisible()
  await expect(page.getByLabel('Hours at a time')).toBeHidden()
  expect(errors).toEqual([])
})

test('fifty metres of thin cord, and a saw with a vacuum on one circuit, are said', async ({
  page
}) => {
  const errors = watch(page)
  await openDemo(page, '/workshop/power')
  // 1 mm² is 19.5 ohm a kilometre at 20 °C (IEC 60228), 23.7 at 75 °C: 10 m there and back lose 4.7 V at 10 A.
  await page.getByLabel('Length of the cord').fill('10')
  await page.getByLabel('Current of the tool').fill('10')
  await page.getByLabel('Current of the tool').blur()
  await expect(page.getByText('At least 1 mm²: it loses 4.7 V, 2 % of the voltage.')).toBeVisible()
  await page.getByLabel('Length of the cord').fill('100')
  await page.getByLabel('Length of the cord').blur()
  await expect(page.getByText(/^No usual cord of 100 m serves/)).toBeVisible()
  expect(errors).toEqual([])
})
