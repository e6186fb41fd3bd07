import { readFile } from 'node:fs/promises'
import {
  expect,
  expectAccessible,
  expectNoSideways,
  expectPartsAccessible,
  openStyleguide,
  test,
} from './garden'

for (const look of ['light', 'dark']) {
  test(`all parts are accessible in the ${look} look`, async ({ page, baseURL }) => {
    await expectPartsAccessible(page, look, baseURL ?? '')
  })
}

test('a key is a letter while typing, can be changed and switched off', async ({ page }) => {
  await page.goto('/turnover/new?lot=1')
  const drop = page.getByLabel('How far has the surface sunk?')
  await drop.fill('')
  await drop.pressSequentially('2.5')
  await expect(drop).toHaveValue('2.5')
  await expect(page.getByRole('dialog')).toHaveCount(0)

  await page.locator('h1').click()
  await page.keyboard.press('F1')
  const keys = page.getByRole('dialog', { name: 'What works here' })
  await expect(keys).toBeVisible()
  await expectAccessible(page)
  await keys.getByLabel('Key for Find').fill(',')
  await expect(keys.getByLabel('Key for Find')).toHaveValue(',')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.locator('h1').click()
  await page.keyboard.press('.')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.keyboard.press(',')
  await expect(page.getByRole('dialog', { name: /Find a place/ })).toBeVisible()
  await page.keyboard.press('Escape')

  await page.keyboard.press('F1')
  await keys.getByLabel('Single keys work').uncheck()
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(page.getByRole('button', { name: /^Find/ })).toBeEnabled()
  await page.locator('h1').click()
  await page.keyboard.press(',')
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('a long table by keyboard: down, choose, sort, filter, act on many', async ({ page }) => {
  await openStyleguide(page)
  const table = page.getByRole('grid', { name: 'Pots of a made-up nursery' })
  await expect(page.getByText('1200 rows')).toBeVisible()
  await table.getByRole('row', { name: /N0001/ }).focus()
  await page.keyboard.press('ArrowDown')
  await expect(table.getByRole('row', { name: /N0002/ })).toBeFocused()
  await page.keyboard.press('Space')
  await page.keyboard.press('End')
  await expect(table.getByRole('row', { name: /N1200/ })).toBeFocused()
  await page.keyboard.press('Space')
  await expect(page.getByText('2 chosen')).toBeVisible()
  await page.getByRole('button', { name: 'Mark as watered' }).click()
  await expect(page.getByText(/2 pots marked as watered/)).toBeVisible()

  await table.getByRole('button', { name: 'Litres' }).click()
  await expect(table.getByRole('columnheader', { name: /Litres/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  )
  await page.getByLabel('Filter').first().fill('N0042')
  await expect(page.getByText('1 of 1200 rows')).toBeVisible()
  await page.getByLabel('Filter').first().fill('no such pot')
  await page.getByRole('button', { name: 'Show all' }).click()
  await expect(page.getByText('1200 rows')).toBeVisible()
})

test('columns are chosen and rows copied as text', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await openStyleguide(page)
  const table = page.getByRole('grid', { name: 'Pots of a made-up nursery' })
  await page.getByLabel('Filter').first().fill('N0007')
  await page.getByText('Columns', { exact: true }).first().click()
  await page.getByRole('checkbox', { name: 'Shape' }).uncheck()
  await expect(table.getByRole('columnheader', { name: 'Shape' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Copy as text' }).first().click()
  await expect(page.getByText('1 row copied, columns parted by tabs.')).toBeVisible()
  const text = await page.evaluate(() => navigator.clipboard.readText())
  expect(text).toMatch(/^Code\tPlace\tHeight, cm\tLitres\tAir, %\nN0007\t/)
})

test('a table the server sorts and filters fetches what is scrolled to', async ({ page }) => {
  await openStyleguide(page)
  const table = page.getByRole('grid', { name: /sorted and filtered by the server/ })
  await table.getByRole('button', { name: 'Dry weight' }).click()
  await expect(table.getByRole('row').nth(1)).toContainText(/0\.0\d/)
  await table.getByRole('button', { name: 'Dry weight' }).click()
  await expect(table.getByRole('row').nth(1)).toContainText(/1\.[4-9]\d/)
  await page.getByLabel('Filter').nth(1).fill('perlite')
  await expect(table.getByRole('row')).toHaveCount(3)
  await expect(page.getByText('2 rows', { exact: true })).toBeVisible()
})

test('tabs, steps and a clock by keyboard; the clock runs on over a reload', async ({ page }) => {
  await openStyleguide(page)
  await page.getByRole('tab', { name: 'Mix' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('How it stands in its pot.')).toBeVisible()
  await expect(page.getByText('What it is made of, by volume.')).toBeHidden()
  await page.keyboard.press('End')
  await expect(page.getByRole('tab', { name: 'Ledger' })).toBeFocused()

  await page.keyboard.press('1')
  const clock = page.getByRole('region', { name: 'Drain clock' })
  await expect(clock.getByText(/^started/)).toBeVisible()
  await expect(clock.getByRole('timer')).toHaveText(/^0:0[1-9]$/)
  await page.reload()
  await expect(clock.getByRole('timer')).toHaveText(/^0:(0[2-9]|[1-5]\d)$/)
  await page.keyboard.press('2')
  await page.keyboard.press('3')
  await expect(clock.getByRole('row', { name: /Stop the clock/ })).toBeVisible()
  await expect(clock.getByRole('button', { name: /Water is in/ })).toBeDisabled()
})

test('a dialog keeps the focus, closes with Escape and gives it back', async ({ page }) => {
  await openStyleguide(page)
  const opener = page.getByRole('button', { name: 'Open a dialog' })
  await opener.click()
  const dialog = page.getByRole('dialog', { name: 'Finish this turnover?' })
  for (let i = 0; i < 5; i++) {
    await page.keyboard.press('Tab')
    const inside = await dialog.evaluate(
      (element) =>
        element.contains(document.activeElement) || document.activeElement === document.body,
    )
    expect(inside).toBe(true)
  }
  await page.keyboard.press('Escape')
  await expect(dialog).toBeHidden()
  await expect(opener).toBeFocused()
})

test('what is typed stays until it is thrown away', async ({ page }) => {
  await openStyleguide(page)
  await page.getByLabel('How much compost?').fill('1 1/2 gal')
  await expect(page.getByText('1 1/2 gal = 5.7 L')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('How much compost?')).toHaveValue('1 1/2 gal')
  await page.getByRole('button', { name: 'Throw the draft away' }).click()
  await expect(page.getByLabel('How much compost?')).toHaveValue('2 1/2 cups')
})

test('a chart is saved as a picture and as data', async ({ page }) => {
  await openStyleguide(page)
  const chart = page.getByRole('figure').filter({ hasText: 'Water held by two mixes' })
  const saved = async (button: string) => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      chart.getByRole('button', { name: button }).click(),
    ])
    return { name: download.suggestedFilename(), content: await readFile(await download.path()) }
  }
  const csv = await saved('data as CSV')
  expect(csv.name).toBe('water-held-by-two-mixes.csv')
  expect(csv.content.toString()).toMatch(
    /^suction \(cm\),open mix \(% of the volume\),fine mix \(% of the volume\)\r\n1,\d+/,
  )
  const svg = await saved('as SVG')
  expect(svg.content.toString()).toContain('open mix')
  const png = await saved('as PNG')
  expect(png.content.subarray(1, 4).toString()).toBe('PNG')
})

test('a pot that was watered is moved through time', async ({ page }) => {
  await openStyleguide(page)
  const player = page.getByRole('group', { name: /Watered with two litres/ })
  const time = player.getByRole('slider', { name: /Time since/ })
  await time.focus()
  await page.keyboard.press('End')
  await expect(player.getByText('1:00:00 after pouring')).toBeVisible()
  await expect(player.getByText('2.0 L has run out')).toBeVisible()
  await player.getByRole('button', { name: 'Play' }).click()
  await expect(player.getByRole('button', { name: 'Hold' })).toBeVisible()
  await player.getByRole('button', { name: 'Hold' }).click()
  await expect(player.getByRole('button', { name: 'Play' })).toBeVisible()
})

test('a photo is made smaller; a file that is none is refused in words', async ({ page }) => {
  await openStyleguide(page)
  const field = page.locator('input[type=file]')
  await field.setInputFiles({
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no picture'),
  })
  await expect(page.getByText(/This file is no picture that can be read/)).toBeVisible()
  await field.setInputFiles('docs/screenshots/lots.png')
  const picture = page.getByRole('img', { name: 'Photo of the surface' })
  await picture.scrollIntoViewIfNeeded()
  await expect.poll(() => picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1280)
})

test('on paper there is the page and nothing to press', async ({ page }) => {
  await page.goto('/lots/1')
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Add an entry' })).toBeHidden()
  await expect(page.getByRole('link', { name: 'Turnover', exact: true })).toBeHidden()
})

test('at twice the size nothing is cut off sideways', async ({ page }) => {
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
