import { expect, expectAccessible, test } from './garden'

test('a lot shows its chemistry, and each number says why', async ({ page }) => {
  await page.goto('/lots/1')
  const chemistry = page.getByRole('region', { name: 'pH, salts and feed' })
  await expect(chemistry.getByText(/^Short from week \d+/).first()).toBeVisible()
  await expect(chemistry.locator('[data-drawn="true"]')).toBeVisible()
  await chemistry.getByRole('button', { name: /^Why this drift/ }).click()
  await expect(page.getByText('lime in each litre of your tap water')).toBeVisible()
  await chemistry.getByRole('button', { name: /^Why this share of nitrogen/ }).click()
  await expect(page.getByText('tied up by wood', { exact: true }).first()).toBeVisible()
  await expectAccessible(page)
})

test('a reading is written down and takes the place of the estimate', async ({ page }) => {
  await page.goto('/lots/5')
  await page.getByText('Write down a reading').click()
  await page.getByLabel('pH on the meter').fill('15')
  await page.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(page.getByText(/A pH lies between 2 and 12/).first()).toBeVisible()
  await page.getByLabel('pH on the meter').fill('6,2')
  await page.getByLabel('How', { exact: true }).selectOption('strip')
  await page.reload()
  await page.getByText('Write down a reading').click()
  await expect(page.getByLabel('pH on the meter'), 'the draft is kept').toHaveValue('6,2')
  await page.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(page.getByText('pH 6.20 kept.')).toBeVisible()
  await page.getByRole('button', { name: /^Why this pH/ }).click()
  await expect(page.getByText(/Measured on 2 Nov 2026/)).toBeVisible()
})

test('a jar test gives a dose and the lot its buffer', async ({ page }) => {
  await page.goto('/lots/4')
  await page.getByText('Write down a reading').click()
  await page.getByRole('radio', { name: 'Jar test' }).check()
  await page
    .getByLabel('What was stirred in')
    .selectOption({ label: 'Ground limestone (calcitic)' })
  await page.getByLabel('pH wanted').fill('6')
  for (const [jar, ph] of [5, 5.6, 6.1, 6.9].entries()) {
    await page.getByLabel(`Jar ${jar + 1}: pH`).fill(String(ph))
  }
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep the reading' }).click()
  await expect(page.getByText(/^1.8 g a litre reach the pH wanted in 8 weeks/)).toBeVisible()
  await page.getByRole('button', { name: /^Why this buffer/ }).click()
  await expect(page.getByText(/Read off a jar test/)).toBeVisible()
})

test('factors and speeds of an arithmetic are told as they are, not as whole numbers', async ({
  page,
}) => {
  await page.goto('/lots/3')
  await page.getByRole('button', { name: /Why this drift/ }).click()
  await expect(page.getByText('× 0.7')).toBeVisible()
  await page.goto('/mixes/design?mix=1')
  await page.getByRole('button', { name: /Why Days between/ }).click()
  await expect(page.getByText('× 0.85')).toBeVisible()
  await expect(page.getByText('× 1.3')).toBeVisible()
})
