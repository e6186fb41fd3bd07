import { expect, expectAccessible, expectNoSideways, test } from './garden'

test('a mix is designed by thumb: a group, a pot, a material, an adjuster, and why @phone', async ({
  page,
}) => {
  await page.goto('/mixes/design?group=seedlings')
  await expect(page.getByRole('img', { name: /pot cut open/ })).toHaveCount(1)
  await page.getByLabel('In which pot').selectOption({ label: 'Wide bowl · Crane deck' })
  await page.getByLabel('Add a material').selectOption({ label: 'Perlite (1-3 mm)' })
  const air = page.getByRole('button', { name: /^Why Air after draining/ })
  await expect(air).toContainText('%')
  const before = await air.textContent()
  await page.getByRole('button', { name: 'I water every day' }).click()
  await page.getByRole('button', { name: 'Do it' }).last().click()
  await expect(air).not.toHaveText(before ?? '')
  await air.click()
  await expect(page.getByRole('region', { name: 'Air after draining' })).toBeInViewport()
  await page.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('button', { name: 'Why Left to itself' }).click()
  await expect(page.getByRole('region', { name: 'Left to itself' }).first()).toContainText(
    'What rots is lost',
  )
  await page.getByRole('button', { name: 'Close' }).click()
  await expectNoSideways(page)
  await expectAccessible(page)
})

test('adjusters that change several materials: no peat, only what there is, hard water, a lower pot', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/mixes/design?mix=2')
  await page.getByRole('button', { name: 'no peat' }).click()
  await expect(page.getByText(/The most like it: .*Air \d+ % → \d+ %/)).toBeVisible()
  await page.getByRole('button', { name: 'Do it' }).last().click()
  await page.getByRole('button', { name: 'no peat' }).click()
  await expect(page.getByText(/There is no peat in it/)).toBeVisible()
  await page.getByRole('button', { name: 'only what I have' }).click()
  await expect(page.getByText(/From what stands in the workshop|All of it is in the/)).toBeVisible()
  await page.getByRole('button', { name: 'hard water' }).click()
  await expect(page.getByText(/A season of water with \d+ mg\/L of alkalinity/)).toBeVisible()
  await page.getByRole('button', { name: 'a shallow pot' }).click()
  await expect(page.getByText(/it holds \d+ % air after draining/)).toBeVisible()
  await page.getByRole('button', { name: 'I forget' }).click()
  await expect(page.getByText(/More water in reach bridges the days/)).toBeVisible()
})
