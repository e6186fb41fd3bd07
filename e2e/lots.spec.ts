import { expect, expectAccessible, test } from './garden'

test('lots are listed with their pictures, and a lot opens @phone', async ({ page }) => {
  await page.goto('/lots')
  await expect(page.getByRole('img', { name: /^Core sample/ })).toHaveCount(20)
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Camellia tub' }).click()
  await expect(
    page.getByText(/Salts 1.9 dS\/m are above the 1.3 .* And one thing more/),
  ).toBeVisible()
  await page.getByText('All of it').click()
  await expect(page.getByText(/pH 6.4 is outside the 5.0–6.0 that camellia wants/)).toBeVisible()
  await expect(page.getByRole('link', { name: 'Turn it over' })).toBeVisible()
})

test('a ledger entry is written, refused when impossible, and put right by its opposite @desk', async ({
  page,
}) => {
  await page.goto('/lots/8')
  await page.getByRole('button', { name: 'Add an entry' }).click()
  await page.getByRole('radio', { name: 'Spilled or lost' }).check()
  await page.getByLabel('How much').fill('60 L')
  await page.getByRole('button', { name: 'Write it in the ledger' }).click()
  await expect(page.getByText('Only 19.0 L are there: more cannot be taken out.')).toBeVisible()
  await page.getByLabel('How much').fill('-4 L')
  await expect(page.getByText('A quantity cannot be negative.')).toBeVisible()
  await page.getByLabel('How much').fill('4 L')
  await page.getByRole('button', { name: 'Write it in the ledger' }).click()
  await expect(page.getByText('15.0 L', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: /^Reverse "Lost"/ }).click()
  await expect(page.getByText('Lost (reversed)')).toBeVisible()
  await expect(page.getByText('19.0 L', { exact: true }).first()).toBeVisible()
})

test('a new lot: nothing measured out is refused, what was typed stays, then it is made @desk', async ({
  page,
}) => {
  await page.goto('/lots/new')
  await expectAccessible(page)
  await page.getByLabel('What do you call it?').fill('Herb pots by the well')
  await page.getByRole('button', { name: 'Save the lot' }).click()
  await expect(page.getByText('Say where it stands.').first()).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('What do you call it?')).toHaveValue('Herb pots by the well')
  await page.getByLabel('Where does it stand?').fill('Yard')
  await page.getByLabel('Diameter at the top').fill('20 cm')
  await page.getByLabel('Diameter at the base').fill('16 cm')
  await page.getByLabel('Height inside').fill('8 in')
  await page
    .getByLabel('Material 1', { exact: true })
    .selectOption({ label: 'All-purpose bagged mix' })
  await page.getByLabel('Litres').fill('0')
  await page.getByRole('button', { name: 'Save the lot' }).click()
  await expect(page.getByText(/at least one part must be above 0/)).toBeVisible()
  await page.getByLabel('Litres').fill('1 gal')
  await page.getByRole('button', { name: 'Save the lot' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Herb pots by the well')
  await expect(page.getByText(/3\.8 L/).first()).toBeVisible()
})

test('the numbers of a lot say where they come from @phone', async ({ page }) => {
  await page.goto('/lots/3')
  await page.getByRole('button', { name: /^Why this pH/ }).click()
  const panel = page.getByRole('region', { name: 'Why this pH?' })
  await expect(panel.getByText('expected from its composition')).toBeVisible()
  await expect(panel.getByText(/Measured on .* Source: your measurement/)).toBeVisible()
  await panel.getByRole('button', { name: 'Close' }).click()
  await expect(panel).toBeHidden()
  await page.getByRole('button', { name: /^Why this much air/ }).click()
  await expect(page.getByText(/Measured on the bench in another pot/)).toBeVisible()
  await expectAccessible(page)
  await page.goto('/lots/1')
  await page.getByRole('button', { name: /^Why this much air/ }).click()
  await expect(page.getByText(/Likely between \d+ % and \d+ %/)).toBeVisible()
})
