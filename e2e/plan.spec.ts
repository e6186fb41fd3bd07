import { expect, expectAccessible, expectAlive, test } from './garden'

test('the ways of all lots at once, changed for one, and on to its own page @desk', async ({
  page,
}) => {
  await page.goto('/turnover')
  await page.getByRole('link', { name: 'Plan them all' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plan the turnover')
  await expectAlive(page)
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await expect(page.getByText('Choose a crop').last()).toBeVisible()
  await page.getByLabel('What grows in them next?').selectOption({ label: 'Strawberry' })
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  const table = page.getByRole('region', { name: 'The way of each lot' })
  await expect(table.getByText('All together')).toBeVisible()
  await expectAccessible(page)

  // Another way for one of them, and what it costs in all.
  const sum = table.locator('tfoot')
  const before = (await sum.textContent()) ?? ''
  const way = table.getByLabel('Way for Hanging basket')
  const now = await way.inputValue()
  await way.selectOption(now === 'full' ? 'part-fresh' : 'full')
  await expect(sum).not.toHaveText(before)
  await page.reload()
  await expect(page.getByLabel('What grows in them next?')).toHaveValue('strawberry')
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await expect(way).toHaveValue(now === 'full' ? 'part-fresh' : 'full')

  await table.getByRole('link', { name: 'See the ways of Hanging basket' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText(
    'Ways to go on with Hanging basket',
  )
})

test('stopped, cut off and asked anew @desk', async ({ page, context }) => {
  await page.goto('/turnover/plan')
  await expectAlive(page)
  await page.getByLabel('What grows in them next?').selectOption({ label: 'Strawberry' })
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await expect(page.getByText(/did not answer|no connection/i).first()).toBeVisible()
  await context.setOffline(false)
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByText('All together')).toHaveCount(0)
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await expect(page.getByText('All together')).toBeVisible()
})
