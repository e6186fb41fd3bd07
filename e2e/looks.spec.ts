import type { Page } from '@playwright/test'
import { expect, expectAccessible, openStyleguide, lookingTest as test } from './garden'

const LOOKS = [
  ['light', 'Day'],
  ['dark', 'Evening'],
  ['outdoor', 'Outdoors'],
] as const

async function expectNoSideways(page: Page): Promise<void> {
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  )
  expect(wider, 'the page may not scroll sideways').toBeLessThanOrEqual(0)
}

for (const [look, name] of LOOKS) {
  test(`all parts are accessible, look ${name}`, async ({ page, context, baseURL }) => {
    const phone = (page.viewportSize()?.width ?? 0) < 720
    test.skip(phone && look !== 'outdoor', 'on a phone the look for outdoors stands for all')
    await context.addCookies([{ name: 'innings-theme', value: look, url: baseURL ?? '' }])
    await openStyleguide(page)
    await expect(page.locator('html')).toHaveAttribute('data-theme', look)
    await page.getByRole('button', { name: /^Why this much air/ }).click()
    await expectAccessible(page)
    await page
      .getByRole('region', { name: 'Why 20 % air?' })
      .getByRole('button', { name: 'Close' })
      .click()
    await page.getByRole('button', { name: 'Open a dialog' }).click()
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    await expectNoSideways(page)
  })
}

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

test('Find goes to a pot by its code, a place, or something to do', async ({ page }) => {
  await page.goto('/lots')
  await expect(page.getByRole('button', { name: /^Find/ })).toBeEnabled()
  await page.keyboard.press('.')
  const field = page.getByPlaceholder('Type a name or a pot’s code')
  await expect(field).toBeFocused()
  await field.fill('P04')
  await expect(page.getByRole('option').first()).toContainText('P04')
  await expectAccessible(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Camellia tub')

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

test('at twice the size nothing is cut off sideways', async ({ page }) => {
  test.skip((page.viewportSize()?.width ?? 0) < 720, 'sets its own widths')
  for (const address of ['/lots', '/lots/1', '/turnover', '/turnover/new?lot=1', '/styleguide']) {
    await page.goto(address)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    // Half a desk is a desk at twice the size; the other is a tablet.
    for (const width of [640, 820]) {
      await page.setViewportSize({ width, height: 400 })
      await expectNoSideways(page)
    }
  }
})
