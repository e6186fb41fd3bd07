import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { test as base, expect, type Page } from '@playwright/test'
import {
  copyOfDemo,
  type Resettable,
  type Running,
  remove,
  startResettable,
  startServer,
} from './server'

/** Fails a test on any error its page reports. */
async function withoutErrors(page: Page, use: (page: Page) => Promise<void>): Promise<void> {
  const errors: string[] = []
  page.on('pageerror', (error) => errors.push(error.message))
  page.on('console', (message) => {
    const refused = message.text().startsWith('Failed to load resource')
    if (message.type() === 'error' && !refused) errors.push(message.text())
  })
  await use(page)
  expect(errors, 'errors on the page').toEqual([])
}

/** Every test has a garden of its own: one server a worker, put back before each. */
export const test = base.extend<{ garden: Resettable }, { server: Resettable }>({
  server: [
    async ({}, use) => {
      const server = await startResettable()
      await use(server)
      await server.stop()
      remove(server.folder)
    },
    { scope: 'worker' },
  ],
  garden: async ({ server }, use) => {
    await server.reset()
    await use(server)
  },
  baseURL: async ({ garden }, use) => use(garden.address),
  page: ({ page }, use) => withoutErrors(page, use),
})

/** A server that a test may end, and start again at the same address. */
interface Restartable extends Running {
  startAgain(env?: NodeJS.ProcessEnv): Promise<void>
}

/** For tests that end their server and start it again. */
export const ownServerTest = base.extend<{ garden: Restartable }>({
  garden: async ({}, use) => {
    const folder = copyOfDemo()
    const first = await startServer(folder)
    let now = first
    await use({
      ...first,
      stop: (signal) => now.stop(signal),
      startAgain: async (env) => {
        await now.stop()
        now = await startServer(folder, { PORT: new URL(first.address).port, ...env })
      },
    })
    // Also after a test that failed between the two.
    await now.stop()
    remove(folder)
  },
  baseURL: async ({ garden }, use) => use(garden.address),
  page: ({ page }, use) => withoutErrors(page, use),
})

export { expect }

const axeSource = readFileSync(
  createRequire(import.meta.url).resolve('axe-core/axe.min.js'),
  'utf8',
)

/** WCAG 2.2 AA, by axe; run through evaluate, since the content security policy blocks script tags. */
export async function expectAccessible(page: Page): Promise<void> {
  // A page that was looked at before has it still.
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeSource)
  const violations = await page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: {
        run: (options: object) => Promise<{
          violations: { id: string; nodes: { html: string; failureSummary: string }[] }[]
        }>
      }
    }
    const result = await axe.run({
      // What passed is counted, not described: that took a third of the time.
      resultTypes: ['violations'],
      // Styles are all here, and there is nothing to hear.
      preload: false,
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
    })
    return result.violations.map(
      ({ id, nodes }) => `${id}: ${nodes[0]?.html} ${nodes[0]?.failureSummary}`,
    )
  })
  expect(violations).toEqual([])
}

/** Until then a page only shows: what is typed before its parts are alive is not heard by them. */
export async function expectAlive(page: Page): Promise<void> {
  await expect(page.locator('astro-island[ssr]')).toHaveCount(0)
}

/** Until then nothing is kept here for a connection that comes back: its script comes once the page stands. */
export async function expectKeeps(page: Page): Promise<void> {
  await expectAlive(page)
  await page.waitForFunction(() =>
    performance.getEntriesByType('resource').some(({ name }) => name.includes('makeOutbox')),
  )
}

/** Answers of the first screen and on to the recipe, as a grower gives them. */
export async function workOutRecipe(page: Page, lot: string, crop: string): Promise<void> {
  await page.goto('/turnover')
  await page.getByRole('link', { name: `Turn over ${lot}` }).click()
  await page.getByLabel('What grows in it next?').selectOption({ label: crop })
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Recipe for ${lot}`)
}

export async function makeOrder(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Make the work order' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Work order for')
  // A line that is cut before its scripts have come would leave it dead.
  await expectKeeps(page)
}

/** The page of all parts, with its charts drawn. */
export async function openStyleguide(page: Page): Promise<void> {
  await page.goto('/styleguide')
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.locator('[data-drawn="true"]')).toHaveCount(2)
}

/** Nothing may make a page wider than its window. */
export async function expectNoSideways(page: Page): Promise<void> {
  const wider = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  )
  expect(wider, 'the page may not scroll sideways').toBeLessThanOrEqual(0)
}

/** All parts in one look: by axe, with a reason and a dialog open, and not too wide. */
export async function expectPartsAccessible(
  page: Page,
  look: string,
  baseURL: string,
): Promise<void> {
  await page.context().addCookies([{ name: 'innings-theme', value: look, url: baseURL }])
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
}
