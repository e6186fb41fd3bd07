import {
  expect,
  expectAccessible,
  expectAlive,
  expectKeeps,
  expectNoSideways,
  test,
} from './garden'

test('a place is put right: its pots follow, and what was seen at one of them names another place @desk', async ({
  page,
}) => {
  await page.goto('/pots')
  await page.getByRole('link', { name: 'Places', exact: true }).click()
  await expectAlive(page)
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByLabel('Name').last().fill('south WALL')
  await page.getByRole('button', { name: 'Add it' }).click()
  await expect(page.getByText(/A place is called "South wall" already/).first()).toBeVisible()
  await page.getByLabel('Name').last().fill('Inner yard')
  await page.reload()
  await expect(page.getByLabel('Name').last(), 'the draft is kept').toHaveValue('Inner yard')
  await page.getByRole('button', { name: 'Add it' }).dblclick()
  await expect(page.getByText('Inner yard is added.')).toBeVisible()
  await expect(page.getByText('no pot yet')).toBeVisible()

  await expectAlive(page)
  const wall = page.getByRole('listitem').filter({ hasText: 'Correct South wall' })
  await wall.getByText('Correct South wall').click()
  await wall.getByLabel('Name').fill('Warm wall')
  await wall.getByLabel('Name').press('Enter')
  await expect(page.getByText(/^Warm wall is kept/)).toBeVisible()
  await page.getByRole('link', { name: 'Warm wall' }).click()
  await expect(page.getByText('Six pots with plants, six filled and not planted')).toBeVisible()
  await page.getByText('change', { exact: true }).click()
  await page.getByRole('checkbox', { name: 'Sun and wind' }).check()
  await page.getByRole('button', { name: 'Show' }).click()
  await expect(page.getByText('Windy, or on hot paving').first()).toBeVisible()

  await page.goto('/pots?find=P17')
  await page.getByRole('link', { name: 'P17 Ladder pot' }).click()
  await expect(page.getByText(/^It dried out too fast twice/)).toBeVisible()
  await expect(page.getByText(/^Put it at /)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Pot it into P57 Spare pot' })).toBeVisible()
  await page.getByRole('link', { name: 'turn it over' }).click()
  await expect(page.getByText(/P17 dried out too fast 2 times/)).toBeVisible()
})

test('a photo of a pot: no picture is refused, a cut line loses nothing, and it stands in its log @phone', async ({
  page,
  context,
}) => {
  await page.goto('/pots/33')
  await expectKeeps(page)
  const field = page.locator('input[type=file]')
  const notes = { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') }
  await field.setInputFiles(notes)
  await expect(page.getByText(/This file is no picture that can be read/)).toBeVisible()
  await context.setOffline(true)
  await field.setInputFiles('docs/screenshots/lots.png')
  await expect(page.getByText(/^Photo: kept on this device/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^1 not sent/ })).toBeVisible()
  await context.setOffline(false)
  await expect(page.getByText('Photo: written down.')).toBeVisible()
  const picture = page.getByRole('img', { name: /^The pot on 2 Nov 2026/ })
  await picture.scrollIntoViewIfNeeded()
  await expect.poll(() => picture.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1280)
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(picture).toHaveCount(0)
})

test('a pot filled step by step on a filler; ticks stay through a reload, and its price is told @phone', async ({
  page,
}) => {
  await page.goto('/pots/57')
  await expectAlive(page)
  await page.getByLabel('What goes in?').selectOption({ label: 'All-purpose bagged mix' })
  await page.getByLabel('Light filler on the base, high').fill('25 cm')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText(/leave no room for mix/).first()).toBeVisible()
  await page.getByLabel('Light filler on the base, high').fill('6 cm')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText(/^Its price: the mix on it holds \d+ % air/)).toBeVisible()
  await page.getByRole('checkbox').first().check()
  await page.getByRole('checkbox').nth(1).check()
  await page.reload()
  await expect(page.getByText('2 of 13 steps ticked')).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByRole('button', { name: 'It is filled' }).dblclick()
  await expect(page.getByText(/^Filled: /)).toBeVisible()
  await expect(page.getByText('It stands on a light filler 6.0 cm high.')).toBeVisible()
  await page.getByLabel('What goes in?').selectOption({ label: 'Chard' })
  await page.reload()
  await expect(page.getByLabel('What goes in?'), 'the draft is kept').not.toHaveValue('')
})

test('a strawberry is potted on, then top-dressed; its first day and its mix go along @desk', async ({
  page,
}) => {
  await page.goto('/pots/14')
  await expectAlive(page)
  await page.getByText('Pot it on into a larger pot').click()
  await page.getByLabel('Into which pot').fill('P01')
  await page.getByLabel('New mix under and around it').selectOption({
    label: 'All-purpose bagged mix',
  })
  await page.getByLabel('Into which pot').press('Enter')
  await expect(page.getByText('A mix stands in P01: choose an empty pot.').first()).toBeVisible()
  await page.getByLabel('Into which pot').fill('p57')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText(/more than two sizes up/)).toBeVisible()
  await page.getByRole('checkbox').first().check()
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByRole('button', { name: 'It is potted on' }).dblclick()
  await expect(page.getByText('Potted on into P57.')).toBeVisible()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('P57 Spare pot')
  await expect(page.getByText(/^Strawberry since 5 Apr 2026/)).toBeVisible()
  await expect(page.getByRole('link', { name: /^moved here from P14/ })).toBeVisible()

  await expectAlive(page)
  await page.getByText('Top-dress around its plants').click()
  await page.getByLabel('What goes on').selectOption({ label: 'Garden compost (screened)' })
  await page.getByLabel('How thick').fill('9 cm')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText(/buries crowns and stems/).first()).toBeVisible()
  await page.getByLabel('How thick').fill('2 cm')
  await page.getByLabel('How thick').press('Enter')
  await expect(page.getByText(/scratch it in/).last()).toBeVisible()
  await page.getByRole('button', { name: 'It is top-dressed' }).dblclick()
  await expect(page.getByText(/written into the ledger of its lot/)).toBeVisible()
  await page.getByRole('link', { name: 'Spare pot P57' }).click()
  await expect(page.getByText(/Top-dressing of P57, 2 cm/)).toHaveCount(1)
})
