import { expect, expectAccessible, expectAlive, test } from './garden'

test('many pots answered once, one that differs, and what follows in the next rooms @phone', async ({
  page,
}) => {
  await page.goto('/turnover')
  await page.getByRole('link', { name: 'Look at many pots at once' }).click()
  await expectAlive(page)
  await page.getByRole('button', { name: /^Keep what was found/ }).click()
  await expect(page.getByRole('alert')).toHaveText('Choose at least one pot')
  await page.getByText(/^South wall/).click()
  await page.getByRole('button', { name: /^All .* of South wall/ }).click()
  const chosen = page.getByRole('heading', { name: /^Which pots/ })
  await expect(chosen).toContainText(/\d+ pots chosen/)

  // For all of them: how far, how rooted, and a sign found by its drawing.
  const all = page.getByRole('region', { name: /^All of them/ })
  await all.getByLabel('How far has the surface sunk?').fill('2 1/2 in')
  await all.getByLabel('How far has the surface sunk?').press('Enter')
  await all.getByRole('group', { name: 'Root mass' }).getByRole('radio', { name: 'Dense' }).check()
  await all.getByText('Find it by what is seen').click()
  await all.getByRole('button', { name: 'Something on the surface' }).click()
  await all.getByRole('button', { name: /^Salt crust/ }).click()
  await expect(all.getByRole('button', { name: 'Take Salt crust out' })).toBeVisible()
  await expectAccessible(page)

  // One of them differs; a reload keeps all of it.
  const differs = page.getByRole('region', { name: 'Where one differs' })
  const one = differs.getByRole('listitem').first()
  await one.locator('summary').first().click()
  await one.getByLabel('What did you see?').fill('wilt fusarium')
  await one.getByRole('button', { name: /^Fusarium wilt/ }).click()
  await page.reload()
  await expectAlive(page)
  await expect(one.locator('summary').first()).toContainText('Fusarium wilt')
  await expect(all.getByLabel('How far has the surface sunk?')).toHaveValue('2 1/2 in')
  const code = ((await one.locator('summary').first().textContent()) ?? '').split(' ')[0]
  await page.getByRole('button', { name: /^Keep what was found in \d+ pots/ }).dblclick()

  // Turnover tells what may become of them; the pot, its lot and its ways know it too.
  await expect(page.getByText(/^Kept for \d+ lots?\.$/)).toBeVisible()
  await expect(page.getByText('Only for some plants, or after a test').first()).toBeVisible()
  await page.goto(`/c/${code}`)
  await expect(page.getByText(/Kept out of it/).first()).toBeVisible()
  await page.goto(`/turnover/found`)
  await expectAlive(page)
})
