import { expect, test } from '@playwright/test'

test.describe('an American browser', () => {
  test.use({ locale: 'en-US' })
  test('dollars, inches and American names, said before they are taken over', async ({ page }) => {
    await page.goto('/#/start')
    await expect(page.getByRole('combobox', { name: 'Currency' })).toHaveText('USD')
    await expect(page.getByText('Lengths in inches, American names for tools')).toBeVisible()
    await page.getByLabel('Step stool').check()
    await page.getByLabel('In the purse now').fill('400')
    await page.getByRole('button', { name: 'Show me a plan' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('$')
    await page.getByRole('link', { name: 'Kit' }).click()
    await page.getByLabel('Find a tool by name, other name or operation').fill('mitre box')
    await expect(page.getByText('Miter box with saw')).toBeVisible()
  })
})

test.describe('a browser that says a country whose money is not known here', () => {
  test.use({ locale: 'pt-BR' })
  test('that is said, and nothing is taken over unasked', async ({ page }) => {
    await page.goto('/#/start')
    await expect(page.getByRole('combobox', { name: 'Currency' })).toHaveText('EUR')
    await expect(page.getByText('choose the one you pay in')).toBeVisible()
    await page.getByRole('combobox', { name: 'Currency' }).click()
    await page.getByRole('option', { name: 'GBP' }).click()
    await expect(page.getByText('Lengths in millimetres, British names for tools')).toBeVisible()
    // The euro, once it is chosen, is as good as any.
    await page.getByRole('combobox', { name: 'Currency' }).click()
    await page.getByRole('option', { name: 'EUR' }).click()
    await expect(page.getByText('this book’s own names for tools')).toBeVisible()
  })
})
