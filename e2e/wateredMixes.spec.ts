import { expect, expectAccessible, expectNoSideways, test } from './garden'

test('gravel at the bottom: the wet zone moves up, and the numbers say so @desk', async ({
  page,
}) => {
  await page.goto('/mixes/layers?mixes=1')
  await expect(page.getByRole('img', { name: /pot cut open/ })).toHaveCount(3)
  await expect(
    page.getByText(
      /Gravel or shards stops drawing: .* as 0\.[6-9]\d? cm above the base of a pot, not 6\.0 cm/,
    ),
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /Thin air/ })).toContainText(/2\.3.*7\.4.*8\.3/)
  await page.getByLabel('At the bottom').selectOption({ label: 'coarse perlite' })
  await expect(page.getByText(/Coarse perlite stops drawing/)).toBeVisible()
  await expect(page.getByText(/Roots lose .* L of room/)).toBeVisible()
  await page.getByLabel('At the bottom').selectOption({ label: 'coarse sand' })
  await expect(page.getByText(/Coarse sand goes on drawing/)).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  const time = page.getByRole('slider', { name: 'Time' })
  await time.focus()
  await page.keyboard.press('End')
  await expect(page.getByText('1:00:00 after pouring')).toBeVisible()
  await page.getByLabel('At the bottom').selectOption({ label: 'garden soil' })
  await expect(page.getByText('On garden soil').first()).toBeVisible()
  await page.getByLabel('How high').fill('90 cm')
  await expect(page.getByText(/At most 10.5 cm here/)).toBeVisible()
})

test('a wide bowl and a tall pot of the same mix; a pour above the rim runs over @phone', async ({
  page,
}) => {
  await page.goto('/mixes/compare?mixes=1&pots=0')
  await page
    .getByLabel('Compare', { exact: true })
    .selectOption({ label: 'one mix in several pots' })
  await page.getByLabel('Pot 1').selectOption({ label: 'Wide bowl · Crane deck, 12.0 cm' })
  await page.getByLabel('Pot 2').selectOption({ label: 'Tall pot · South wall, 29.5 cm' })
  const air = page.getByRole('row', { name: /Air in the mix/ }).getByRole('cell')
  await expect(air).toHaveCount(2)
  const shares = (await air.allInnerTexts()).map((text) => Number(/(\d+)\s*%/.exec(text)?.[1]))
  expect((shares[1] ?? 0) - (shares[0] ?? 0)).toBeGreaterThan(5)
  await page.getByLabel('Water poured').fill('a can')
  await expect(page.getByText(/does not start with a number/)).toBeVisible()
  await expect(
    page.getByText('2.0 L poured onto each, watered through ten minutes before').first(),
  ).toBeVisible()
  await page.getByLabel('The pots were').selectOption('fully drained')
  await expect(page.getByText('2.0 L poured onto each, drained before').first()).toBeVisible()
  await page.getByLabel('Time until this has run out').fill('200 mL')
  await page.getByRole('button', { name: 'Why 0.20 L has run out after' }).click()
  await expect(page.getByRole('region', { name: '0.20 L has run out after' })).toContainText(
    /Tall pot.*cm\/min/,
  )
  await page.getByLabel('Water poured').fill('30 L')
  await expect(page.getByRole('row', { name: /Runs over the rim/ })).toBeVisible()
  await page.getByLabel('Water poured').fill('300 L')
  await expect(page.getByText(/The water poured in mL must be/)).toBeVisible()
  await expectNoSideways(page)
})

test('while it pours, a newer question takes the place of the older, and the page stays alive', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/mixes/layers?mixes=1')
  await expect(page.getByRole('row', { name: /First drip/ })).toBeVisible()
  const bottom = page.getByLabel('At the bottom')
  for (const under of ['garden soil', 'coarse sand', 'grit', 'bark chips']) {
    await bottom.selectOption({ label: under })
  }
  await expect(page.getByRole('columnheader', { name: 'On bark chips' })).toBeVisible()
  await expect(page.getByRole('columnheader')).toHaveCount(3)
})
