import { networkInterfaces } from 'node:os'
import type { Page } from '@playwright/test'
import { HELPER, withPassphrases } from '../testing/process/passphrases'
import { beginTest } from './benchSteps'
import {
  expect,
  expectAccessible,
  expectAlive,
  expectKeeps,
  expectNoSideways,
  ownServerTest,
  test,
} from './garden'
import { copyOfDemo, freePort, remove, startServer } from './server'

/** How often the log of a pot says this. */
async function timesSaid(page: Page, pot: string, said: string): Promise<number> {
  const html = await (await page.request.get(`/c/${pot}`)).text()
  const log = html.split('id="log"')[1]?.split('</section>')[0] ?? ''
  return log.split(`>${said}<`).length - 1
}

/** In no log of the demo garden. */
const SAID = 'Growth 2 of 5'

const mark = (page: Page) => page.getByRole('button', { name: /not sent|not taken/ })
const network = Object.values(networkInterfaces())
  .flatMap((one) => one ?? [])
  .find(({ internal, family }) => !internal && family === 'IPv4')?.address

test('a round of twenty pots without a connection, from a plain address of the network, and its arrival', {
  tag: '@phone',
}, async ({ browser }) => {
  test.skip(!network, 'this machine is in no network')
  const folder = copyOfDemo()
  await withPassphrases(folder)
  const port = await freePort()
  const server = await startServer(folder, { HOST: '0.0.0.0', PORT: String(port) })
  const context = await browser.newContext({
    baseURL: `http://${network}:${port}`,
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  })
  const page = await context.newPage()

  await page.goto('/log')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in')
  await expectAccessible(page)
  await page.getByLabel('Passphrase').fill('not this one at all')
  await page.getByLabel('Passphrase').press('Enter')
  await expect(page.getByText('This is not the passphrase.', { exact: false })).toBeVisible()
  await page.getByLabel('Passphrase').fill(HELPER)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Log')
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false)
  await expectKeeps(page)
  await expectAccessible(page)

  await context.setOffline(true)
  await page.getByRole('button', { name: /^Upper flight/ }).tap()
  const walked: string[] = []
  for (let stop = 0; stop < 20; stop++) {
    const goOn = page.getByRole('button', { name: /^Go on to/ })
    if (await goOn.isVisible()) await goOn.tap()
    const code = (await page.getByRole('heading', { level: 1 }).textContent())?.split(' ')[0] ?? ''
    walked.push(code)
    const key = page.getByRole('button', { name: SAID })
    // A slip of the thumb: the second tap must not fall on the next pot.
    if (stop === 2) await key.dblclick()
    else await key.tap()
    await expect(page.getByText(`${code}: ${SAID}`)).toBeVisible()
  }
  expect(new Set(walked).size).toBe(20)
  await expect(page.getByRole('button', { name: /^20 not sent/ })).toBeVisible()
  await mark(page).tap()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText(SAID)).toHaveCount(20)
  await expect(dialog.getByText('Innings does not answer.', { exact: false })).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  await dialog.getByRole('button', { name: 'Close' }).tap()
  // The last one was a slip: taken back before it was sent.
  await page.getByRole('button', { name: 'Take it back' }).first().tap()
  await expect(page.getByRole('button', { name: /^19 not sent/ })).toBeVisible()

  await context.setOffline(false)
  await expect(mark(page)).toHaveCount(0)
  for (const [stop, code] of walked.entries()) {
    const said = await timesSaid(page, code, SAID)
    expect(said, `${code} was seen as number ${stop}`).toBe(stop < 19 ? 1 : 0)
  }
  await context.close()
  await server.stop()
  remove(folder)
})

test('the same outbox in two tabs: each entry arrives once', { tag: '@desk' }, async ({
  page,
  context,
}) => {
  const second = await context.newPage()
  for (const one of [page, second]) {
    await one.goto('/pots/3')
    await expectKeeps(one)
  }
  const wet = await timesSaid(page, 'P03', 'Stays wet')
  const fine = await timesSaid(page, 'P03', 'Growth 5 of 5')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Stays wet' }).click()
  await second.getByRole('button', { name: 'Growth 5 of 5' }).click()
  for (const one of [page, second]) {
    await expect(one.getByRole('button', { name: /^2 not sent/ })).toBeVisible()
  }
  await context.setOffline(false)
  for (const one of [page, second]) await expect(mark(one)).toHaveCount(0)
  expect(await timesSaid(page, 'P03', 'Stays wet')).toBe(wet + 1)
  expect(await timesSaid(page, 'P03', 'Growth 5 of 5')).toBe(fine + 1)
})

/** What a browser does that keeps nothing. */
const FORGETFUL = {
  'is forbidden': () => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('denied', 'SecurityError')
    }
    Storage.prototype.setItem = () => {
      throw new DOMException('denied', 'SecurityError')
    }
  },
  'is full': () => {
    for (const what of ['add', 'put'] as const) {
      IDBObjectStore.prototype[what] = () => {
        throw new DOMException('full', 'QuotaExceededError')
      }
    }
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
  },
}

for (const [what, forget] of Object.entries(FORGETFUL)) {
  test(`a browser whose storage ${what} says so, and sends all the same`, { tag: '@desk' }, async ({
    page,
    context,
  }) => {
    await page.addInitScript(forget)
    await page.addInitScript(countAskers)
    const askers = () => page.evaluate(() => (window as unknown as { askers: number }).askers)
    await page.goto('/pots/3')
    await expectKeeps(page)
    // A page that always asks before it is left would not be kept for the way back, nor close while it loads anew.
    expect(await askers()).toBe(0)
    const wet = await timesSaid(page, 'P03', 'Stays wet')
    await context.setOffline(true)
    await page.getByRole('button', { name: 'Stays wet' }).click()
    await mark(page).click()
    await expect(page.getByText(/This browser keeps nothing on the disk/)).toBeVisible()
    expect(await askers()).toBe(1)
    await context.setOffline(false)
    await expect.poll(() => timesSaid(page, 'P03', 'Stays wet')).toBe(wet + 1)
    // The page has come anew by then.
    await page.waitForFunction(() => (window as unknown as { askers: number }).askers === 0)
  })
}

/** How many want to be asked before the page is left. */
function countAskers(): void {
  const seen = window as unknown as { askers: number }
  seen.askers = 0
  const kept = new Set<unknown>()
  const { addEventListener, removeEventListener } = window
  window.addEventListener = function (this: Window, ...given: Parameters<typeof addEventListener>) {
    if (String(given[0]) === 'beforeunload') seen.askers = kept.add(given[1]).size
    addEventListener.apply(this, given)
  } as typeof window.addEventListener
  window.removeEventListener = function (
    this: Window,
    ...given: Parameters<typeof removeEventListener>
  ) {
    if (String(given[0]) === 'beforeunload') {
      kept.delete(given[1])
      seen.askers = kept.size
    }
    removeEventListener.apply(this, given)
  } as typeof window.removeEventListener
}

test('a phone whose clock is an hour off tells how long ago it was, not when', {
  tag: '@desk',
}, async ({ page, context }) => {
  await page.addInitScript(() => {
    const real = Date.now.bind(Date)
    Date.now = () => real() + 3_600_000
  })
  await page.goto('/pots/3')
  await expectKeeps(page)
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Stays wet' }).click()
  await expect(mark(page)).toBeVisible()
  const sent = page.waitForRequest((request) => /log$/.test(request.url()))
  await context.setOffline(false)
  const ago = Number((await sent).headers()['entered-ago-ms'])
  expect(ago).toBeGreaterThan(0)
  expect(ago).toBeLessThan(120_000)
})

test('what an older program left waiting is not dropped when nobody takes it any more', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/pots/3')
  await expectKeeps(page)
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const opening = indexedDB.open('innings-outbox', 1)
        opening.onerror = () => failed(opening.error)
        opening.onsuccess = () => {
          const tx = opening.result.transaction('entries', 'readwrite')
          tx.objectStore('entries').add({
            id: 'from-an-older-program',
            about: 'pot/3',
            title: 'A score as it was written then',
            where: 'P03',
            page: '/pots/3',
            method: 'POST',
            address: '/api/containers/3/old-scores',
            body: { score: 4 },
            enteredAtMs: Date.now() - 60_000,
            problem: null,
          })
          tx.oncomplete = () => done()
        }
      }),
  )
  await page.reload()
  await expect(page.getByRole('button', { name: /^1 not taken/ })).toBeVisible()
  await mark(page).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('A score as it was written then')).toBeVisible()
  await dialog.getByRole('button', { name: 'Throw it away' }).click()
  await expect(dialog.getByText('Everything that was entered has arrived.')).toBeVisible()
})

ownServerTest.describe('pages kept on the device', () => {
  ownServerTest.use({ serviceWorkers: 'allow' })
  ownServerTest(
    'without a server what was read stays readable, the log goes on, and a clock runs through a reload',
    { tag: '@phone' },
    async ({ page, garden }) => {
      await page.goto('/lots/1')
      const told = await page.locator('link[rel=manifest]').getAttribute('href')
      const manifest = await (await page.request.get(told ?? '')).json()
      for (const { src } of manifest.icons) expect((await page.request.get(src)).ok()).toBe(true)
      await expect
        .poll(() => page.evaluate(async () => (await navigator.serviceWorker.ready).active?.state))
        .toBe('activated')
      // From now on the worker sees what is loaded.
      await page.goto('/pots/3')
      await expect
        .poll(() => page.evaluate(async () => (await caches.match('/log'))?.status))
        .toBe(200)
      await beginTest(page, 'Long trough by the door', 'Drain test')
      await expectAlive(page)
      await page.getByRole('button', { name: /Pouring now/ }).click()
      await expect(page.getByRole('timer')).not.toHaveText('0:00')
      await page.reload()
      await expectAlive(page)
      const test = page.url()

      await garden.stop()
      await page.reload()
      await expect(page.getByText(/No connection: this is how it was at/)).toBeVisible()
      await expect(page.getByRole('timer')).not.toHaveText('0:00')
      await page.getByRole('button', { name: /First drip/ }).click()
      await expect(page.getByText(/One tap is kept here/)).toBeVisible()

      await page.goto('/pots/3')
      await expect(page.getByRole('heading', { level: 1 })).toContainText('P03')
      await page.goto('/log?pot=3')
      await expect(page.getByRole('heading', { level: 1 })).toContainText('Innings does not answer')
      await expect(page.getByRole('link', { name: '/pots/3', exact: true })).toBeVisible()
      await page.getByRole('link', { name: 'Go on with the log' }).click()
      await page.getByLabel('Which pot?').fill('P03')
      await page.getByLabel('Which pot?').press('Enter')
      await page.getByRole('button', { name: 'Dries too fast' }).click()
      await expect(page.getByRole('button', { name: /^2 not sent/ })).toBeVisible()

      await garden.startAgain()
      await expect(mark(page)).toHaveCount(0)
      await page.goto(test)
      await expect(page.getByRole('button', { name: 'Correct First drip' })).toBeVisible()
      await page.goto('/pots/3')
      await expect(page.getByText('Dries too fast').last()).toBeVisible()
    },
  )
})
