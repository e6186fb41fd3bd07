import { expect, test } from './garden'

test('a lot is renamed, and the change undone', async ({ page }) => {
  await page.goto('/lots/3')
  await page.getByText('Rename or put away').click()
  await page.getByLabel('What do you call it?').fill('')
  await page.getByRole('button', { name: 'Save the name' }).click()
  await expect(page.getByText('Give the lot a name.').first()).toBeVisible()
  await page.getByLabel('What do you call it?').fill('North camellia')
  await page.getByRole('button', { name: 'Save the name' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('North camellia')
  await expect(page.getByText('Now called North camellia.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Camellia tub')
})

test('a lot is put away and taken up again where it stood', async ({ page, context }) => {
  await page.goto('/lots/3')
  const second = await context.newPage()
  await second.goto('/lots/3')
  await page.getByText('Rename or put away').click()
  await page.getByRole('button', { name: 'Put this lot away' }).click()
  await expect(page.getByText('Camellia tub was put away.')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Camellia tub' })).toHaveCount(0)
  await second.getByText('Rename or put away').click()
  await second.getByLabel('What do you call it?').fill('Too late')
  await second.getByRole('button', { name: 'Save the name' }).click()
  await expect(second.getByText('There is no lot 3.')).toBeVisible()

  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('link', { name: 'Camellia tub' }).click()
  await expect(page.getByText(/North landing · P04/)).toBeVisible()
})
