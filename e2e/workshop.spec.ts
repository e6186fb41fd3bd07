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

test('a clock by keyboard; it runs on over a reload', async ({ page }) => {
  await openStyleguide(page)
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
