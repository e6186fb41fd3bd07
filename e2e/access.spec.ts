import type { Page } from '@playwright/test'
import { HELPER, MANAGER, withPassphrases } from '../testing/process/passphrases'
import {
  expect,
  expectAccessible,
  expectAlive,
  expectNoSideways,
  ownServerTest as test,
} from './garden'

async function enter(page: Page, passphrase: string): Promise<void> {
  await page.getByLabel('Passphrase').fill(passphrase)
  await page.getByLabel('Passphrase').press('Enter')
}

test('a garden gets a passphrase, helpers and a script of its own, and is open again', {
  tag: '@desk',
}, async ({ page, browser, garden }) => {
  await page.goto('/lots')
  await page.getByRole('link', { name: 'Who may come in' }).click()
  await expectAlive(page)
  await expect(page.getByText('Only this machine reaches your garden')).toBeVisible()
  await expectAccessible(page)
  const manager = page.getByRole('region', { name: 'The manager’s passphrase' })
  await manager.getByText('Set a passphrase').click()
  await manager.getByLabel('New passphrase').fill('short')
  await manager.getByLabel('New passphrase').press('Enter')
  await expect(manager.getByText(/Take at least 12 letters/).first()).toBeVisible()
  await manager.getByLabel('New passphrase').fill(MANAGER)
  await manager.getByLabel('Show what I type').check()
  await expect(manager.getByLabel('New passphrase')).toHaveAttribute('type', 'text')
  await manager.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText('Whoever comes in has to sign in.')).toBeVisible()
  await expect(page.getByText('· this one')).toBeVisible()

  // Another device is asked, and gets to where it wanted.
  const other = await browser.newContext({ baseURL: garden.address })
  const phone = await other.newPage()
  await phone.goto('/pots/3')
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Sign in')
  await enter(phone, MANAGER)
  await expect(phone.getByRole('heading', { level: 1 })).toContainText('P03')

  const helper = page.getByRole('region', { name: 'The helpers’ passphrase' })
  await helper.getByText('Let helpers in').click()
  await helper.getByLabel('as it is now').fill('not the one of now')
  await helper.getByLabel('New passphrase').fill(HELPER)
  await helper.getByRole('button', { name: 'Set it' }).click()
  await expect(helper.getByText(/This is not the passphrase/).first()).toBeVisible()
  await helper.getByLabel('as it is now').fill(MANAGER)
  await helper.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText('Set. Helpers sign in with it now.')).toBeVisible()

  await page.getByLabel('What it is for').fill('Weather station')
  await page.getByRole('button', { name: 'Make a token' }).dblclick()
  const token = await page.locator('code').textContent()
  const asked = { headers: { authorization: `Bearer ${token}` } }
  const bare = await browser.newContext({ baseURL: garden.address })
  expect((await bare.request.get('/api/find?find=tub', asked)).status()).toBe(200)
  expect((await bare.request.get('/api/find?find=tub')).status()).toBe(401)
  await expectAccessible(page)

  // A lost phone: its session ends everywhere, and what was open there says what to do.
  await expectAlive(phone)
  await page.reload()
  await page.getByRole('button', { name: 'Sign out everywhere' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in')
  await phone.getByRole('button', { name: 'Stays wet' }).click()
  await phone.getByRole('button', { name: /^1 not sent/ }).click()
  const dialog = phone.getByRole('dialog')
  await expect(dialog.getByText('Sign in first; then it is sent by itself.')).toBeVisible()
  await dialog.getByRole('link', { name: 'Sign in' }).click()
  await enter(phone, MANAGER)
  await expect(phone.getByText(/Stays wet: written down|not sent/).first()).toBeVisible()
  await expect(phone.getByRole('button', { name: /not sent/ })).toHaveCount(0)

  await enter(page, MANAGER)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Who may come in')
  await page.getByText('Do without passphrases').click()
  await page.getByLabel('as it is now').last().fill(MANAGER)
  await page.getByRole('button', { name: 'Do without passphrases' }).click()
  await expect(page.getByText('Only this machine reaches your garden')).toBeVisible()
  await other.close()
  await bare.close()
})

test('a helper logs and ticks, is offered nothing else, and leaves', { tag: '@phone' }, async ({
  page,
  garden,
}) => {
  await withPassphrases(garden.folder)
  await page.goto('/lots/1')
  await expectNoSideways(page)
  await enter(page, HELPER)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Long trough by the door')
  await expect(page.getByRole('link', { name: 'Turn it over' })).toHaveCount(0)
  await expect(page.getByText('You are signed in as a helper', { exact: false })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Who may come in' })).toHaveCount(0)
  for (const name of [/Add an entry|Top up/, /Take back/]) {
    await expect(page.getByRole('button', { name })).toHaveCount(0)
  }
  await expectAccessible(page)
  await page.goto('/pots/3')
  await page.getByRole('button', { name: 'Stays wet' }).click()
  await expect(page.getByText('Stays wet: written down.')).toBeVisible()
  await page.goto('/access')
  await expect(page.getByText(/a manager has to do it/)).toBeVisible()
  // What could not be saved is not asked for.
  await page.goto('/trials/new')
  await expect(page.getByText(/a manager has to do it/)).toBeVisible()
  await expect(page.getByRole('textbox')).toHaveCount(0)
  await page.goto('/log')
  await expectAlive(page)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in')
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sign in')
})
