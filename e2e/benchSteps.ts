import type { Page } from '@playwright/test'
import { expect } from './garden'

/** Begins a test on a lot, from the list of tests. */
export async function beginTest(page: Page, lot: string, name: string): Promise<void> {
  await page.goto('/bench')
  await page.getByLabel('Made on').selectOption({ label: lot })
  const test = page.getByRole('button', { name, exact: true })
  // A phone shows what was used last, and the others when they are asked for.
  await expect(page.getByLabel('Made on')).toBeEnabled()
  if (!(await test.isVisible())) await page.getByRole('button', { name: 'All tests' }).click()
  await test.click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name)
}

export function finishTest(page: Page): Promise<void> {
  return page.getByRole('button', { name: 'Write the result down' }).click()
}
