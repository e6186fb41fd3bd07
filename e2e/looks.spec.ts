import { expect, expectAccessible, expectNoSideways, expectPartsAccessible, test } from './garden'

test('all parts are accessible outdoors @phone', async ({ page, baseURL }) => {
  await expectPartsAccessible(page, 'outdoor', baseURL ?? '')
})

test('a look is kept on the next page, from its first byte', async ({ page }) => {
  await page.goto('/lots')
  const phone = (page.viewportSize()?.width ?? 0) < 720
  await page.getByRole('button', { name: 'Outdoors' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'outdoor')
  const answer = await page.request.get('/lots/1')
  expect(await answer.text()).toContain('data-theme="outdoor"')
  await page.goto('/lots/1')
  const size = await page.evaluate(() => getComputedStyle(document.documentElement).fontSize)
  expect(size).toBe('18px')
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByRole('button', { name: 'Outdoors' }).click()
  await expect(page.locator('html')).not.toHaveAttribute('data-theme', /./)
  if (phone) await expect(page.getByRole('button', { name: 'Evening' })).toBeHidden()
})

test('Find goes to a pot by its code, a place, or something to do @phone', async ({ page }) => {
  await page.goto('/lots')
  await expect(page.getByRole('button', { name: /^Find/ })).toBeEnabled()
  await page.keyboard.press('.')
  const field = page.getByPlaceholder('Type a name or a pot’s code')
  await expect(field).toBeFocused()
  await field.fill('P04')
  await expect(page.getByRole('option').first()).toContainText('P04')
  await expectAccessible(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('P04 Camellia tub')

  await page.getByRole('button', { name: /^Find/ }).click()
  await field.fill('turn over long')
  await expect(page.getByRole('option').first()).toContainText('Turn over Long trough')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Turn over Long trough/)

  await page.getByRole('button', { name: /^Find/ }).click()
  await field.fill('crane')
  await page
    .getByRole('option')
    .filter({ hasText: /^Crane deck$/ })
    .click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lots at Crane deck')
  await page.getByRole('button', { name: /^Find/ }).click()
  await field.fill('no such thing at all')
  await expect(page.getByText('Nothing of that name.')).toBeVisible()
})
