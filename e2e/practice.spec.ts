import { expect, expectAccessible, expectAlive, test } from './garden'

test('how a garden works is chosen once and is where the forms begin @desk', async ({ page }) => {
  await page.goto('/lots')
  await page.getByRole('link', { name: 'How you work' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('How you work')
  await expectAlive(page)
  await expectAccessible(page)
  const kept = (field: string) =>
    page.waitForResponse(
      (answer) =>
        answer.url().endsWith('/api/site/practice') &&
        answer.ok() &&
        (answer.request().postData() ?? '').includes(field),
    )
  const compost = kept('"compostShare":0.5')
  await page.getByRole('radio', { name: /^Half/ }).check()
  await compost
  const heat = kept('"heat":"never"')
  await page.getByRole('radio', { name: /^Never/ }).check()
  await heat
  await page.reload()
  await expect(page.getByRole('radio', { name: /^Half/ })).toBeChecked()

  await page.goto('/turnover/new?lot=1')
  await expect(page.getByRole('radio', { name: /^Half/ })).toBeChecked()
  // What was found asks for a rest now, where it asked for heat.
  await expectAlive(page)
  await page.getByLabel('Add what you saw').fill('vine weevil')
  await page.getByRole('button', { name: /^Vine weevil/ }).click()
  await expect(page.getByText(/let it rest, closed/).first()).toBeVisible()
})
