import type { Page } from '@playwright/test'
import { expect, test } from './garden'

/** Moves the focus with Tab until it is on the wanted control, as a person without a mouse would. */
async function tabTo(
  page: Page,
  role: 'link' | 'button' | 'combobox' | 'checkbox',
  name: string | RegExp,
) {
  const wanted = page.getByRole(role, { name })
  await expect(wanted).toBeEnabled()
  for (let presses = 0; presses < 80; presses++) {
    if (await wanted.evaluate((element) => element === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`Tab does not reach ${name}`)
}

test('the whole turnover by keyboard only', async ({ page }) => {
  await page.goto('/turnover')
  await tabTo(page, 'link', 'Turn over Bean sacks, south wall')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Turn over')
  await tabTo(page, 'combobox', 'What grows in it next?')
  await page.keyboard.type('Nasturtium')
  await tabTo(page, 'button', 'Straight to the full recipe')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Recipe for')
  await tabTo(page, 'button', /^Why air/)
  await page.keyboard.press('Space')
  await expect(page.getByText('water held after draining')).toBeVisible()
  await tabTo(page, 'button', 'Make the work order')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Work order for')
  await tabTo(page, 'checkbox', /^Done: Take the plants out/)
  await page.keyboard.press('Space')
  await expect(page.getByText(/1 of \d+ steps done/)).toBeVisible()
  await tabTo(page, 'button', 'Finish: start the next innings')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Finished on/)).toBeVisible()
})
