import type { Page } from '@playwright/test'
import { expect } from './garden'

/** Begins a test on a lot, from the list of tests. */
export async function beginTest(page: Page, lot: string, name: string): Promise<void> {
  await page.goto('/bench')
  await page.getByLabel('Made on').selectOption({ label: lot })
  await page.getByRole('button', { name, exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name)
}

export function finishTest(page: Page): Promise<void> {
  return page.getByRole('button', { name: 'Write the result down' }).click()
}
