import { expect, expectAccessible, expectAlive, expectNoSideways, test } from './garden'

test('a lot is found in the list by any word, and back undoes it @desk', async ({ page }) => {
  await page.goto('/lots')
  await page.getByRole('searchbox', { name: 'Find' }).fill('north tub')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/find=north\+tub/)
  await expect(page.getByText(/^1 lot · with/)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Camellia tub' })).toBeVisible()
  await page.goBack()
  await expect(page.getByText(/^20 lots · by number/)).toBeVisible()

  await page.getByRole('searchbox', { name: 'Find' }).fill('100 % zeppelin_')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Nothing fits what you asked for.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Show all' }).click()
  await expect(page.getByText(/^20 lots · by number/)).toBeVisible()
})

test('lots are narrowed to a state and sorted, and the address keeps it @desk', async ({
  page,
}) => {
  await page.goto('/lots?order=air')
  await page.getByText('change', { exact: true }).click()
  await page.getByLabel('Which').selectOption('Turn over')
  await page.getByRole('button', { name: 'Show' }).click()
  await expect(page).toHaveURL(/order=air/)
  await expect(page).toHaveURL(/state=turn-over/)
  const states = page.getByRole('row').filter({ hasText: /Growing|Store/ })
  await expect(states).toHaveCount(0)
  await page.reload()
  await expect(page.getByText(/turn over · air in its pot, upwards/)).toBeVisible()
  await page.getByText('change', { exact: true }).click()
  await expect(page.getByLabel('Which')).toHaveValue('turn-over')
})

test('a heading sorts upwards, then downwards, and says so @desk', async ({ page }) => {
  await page.goto('/lots')
  const heading = page.getByRole('columnheader', { name: 'pH' })
  const shown = async () => {
    const at = await heading.evaluate((cell) => (cell as HTMLTableCellElement).cellIndex)
    const cells = await page.locator(`tbody td:nth-child(${at + 1})`).allInnerTexts()
    // Before a measured number stands, unseen, when it was measured.
    return cells.map((text) => Number(text.match(/[\d.]+/g)?.at(-1)))
  }
  await heading.getByRole('link').click()
  await expect(heading).toHaveAttribute('aria-sort', 'ascending')
  const upwards = await shown()
  expect(upwards.length).toBeGreaterThan(10)
  expect(upwards).toEqual(upwards.toSorted((a, b) => a - b))
  await heading.getByRole('link').click()
  await expect(heading).toHaveAttribute('aria-sort', 'descending')
  expect((await shown())[0]).toBe(upwards.at(-1))
})

test('columns that are not wanted go, and the page stays within its width', async ({ page }) => {
  await page.goto('/lots')
  await page.getByText('change', { exact: true }).click()
  await page.getByRole('checkbox', { name: 'Innings' }).uncheck()
  await page.getByRole('checkbox', { name: 'pH' }).uncheck()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Show' }).click()
  await expect(page.getByText('7.2', { exact: true })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Camellia tub' })).toBeVisible()
  await expectNoSideways(page)
})

test('an address that asks for what is not there is told in a sentence @desk', async ({ page }) => {
  for (const address of [
    '/lots?order=smell',
    '/lots?page=0',
    '/lots?columns=all',
    '/turnover?page=x',
  ]) {
    const answer = await page.goto(address)
    expect(answer?.status(), address).toBe(422)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  }
  const past = await page.goto('/lots?page=900')
  expect(past?.status()).toBe(200)
  await expect(page.getByRole('link', { name: 'Camellia tub' })).toBeVisible()
})

test('pots are ticked one by one, in a range and over pages, and kept @desk', async ({ page }) => {
  await page.goto('/pots')
  await expectAlive(page)
  await page.getByRole('checkbox', { name: 'Choose P02' }).check()
  await page.getByRole('checkbox', { name: 'Choose P05' }).click({ modifiers: ['Shift'] })
  await expect(page.getByRole('heading', { name: '4 pots chosen' })).toBeVisible()
  await page.getByRole('checkbox', { name: 'Choose P05' }).press('Shift+ArrowDown')
  await expect(page.getByRole('checkbox', { name: 'Choose P06' })).toBeChecked()
  await page.getByRole('link', { name: 'Next' }).click()
  await expect(page).toHaveURL(/page=2/)
  await expectAlive(page)
  await expect(page.getByRole('heading', { name: '5 pots chosen' })).toBeVisible()
  await page.getByRole('checkbox', { name: 'Choose all of this page' }).check()
  await expect(page.getByRole('heading', { name: '35 pots chosen' })).toBeVisible()
  await page.getByRole('button', { name: 'Choose none' }).click()
  await expect(page.getByRole('heading', { name: /chosen/ })).toHaveCount(0)
})

test('lots that wait are ticked and turned over together @desk', async ({ page }) => {
  await page.goto('/turnover')
  await expectAlive(page)
  const link = page.getByRole('link', { name: 'Turn over Hanging basket by the door' })
  const before = await link.elementHandle()
  await page.getByRole('checkbox', { name: 'Tick Hanging basket by the door' }).check()
  await page.getByRole('checkbox', { name: 'Tick Bean sacks, south wall' }).check()
  await expect(page.getByText('2 lots ticked: 45.3 L')).toBeVisible()
  const stays = await before?.evaluate((element) => element.isConnected)
  expect(stays, 'a press on it would be lost').toBe(true)
  await page.getByRole('link', { name: 'Turn the two over' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Plan the turnover')
  await expectAlive(page)
  await expect(page.getByText('2 lots chosen')).toBeVisible()
})
