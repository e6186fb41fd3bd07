import { expect, expectAccessible, expectAlive, test } from './garden'

test('lots grouped into heaps, a stop before a doubtful one joins, and the heap goes its way @desk', async ({
  page,
}) => {
  await page.goto('/lots/15')
  await expectAlive(page)
  const seen = page.getByLabel('Add what you saw')
  await seen.fill('vine weevil')
  await page.getByRole('button', { name: /^Vine weevil/ }).click()
  await expect(page.getByText(/Treat it first/).first()).toBeVisible()

  await page.goto('/turnover/batches?lots=6,7,15')
  await expectAlive(page)
  const again = page.getByRole('region', { name: /^Use again: Hanging basket/ })
  const ill = page.getByRole('region', { name: /^Treat, then use again: Fuchsia rail/ })
  await expect(again.getByRole('link')).toHaveText([/Hanging basket/, /Window box/])
  await expect(ill).toContainText('Vine weevil')
  await expectAccessible(page)

  // The doubtful one is stopped before it joins; nothing moves without a reason.
  await again.getByText('Add another lot to this heap').click()
  await again.getByLabel('Which lot?').selectOption({ label: 'Fuchsia rail' })
  await expect(again.getByText(/^Stop: what was found speaks against/)).toBeVisible()
  await again.getByRole('button', { name: 'Tip them together' }).click()
  await expect(again.getByRole('alert').first()).toContainText('keep them apart')
  await again.getByLabel('Which lot?').selectOption('')
  await expect(again.getByText(/^Stop:/)).toHaveCount(0)

  await again.getByLabel('Name of the heap').fill('Autumn heap')
  await again.getByRole('button', { name: 'Tip them together' }).dblclick()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Turn over Autumn heap')
  await expectAlive(page)
  await expect(page.getByRole('checkbox', { name: /Hanging basket/ })).toBeChecked()
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Nasturtium' })
  await page.getByRole('button', { name: 'Compare the ways to go on' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Ways to go on with Autumn heap')
})

test('used all the same: the reason stays on the lot and the lot may be planned @desk', async ({
  page,
}) => {
  await page.goto('/lots/15')
  await expectAlive(page)
  await page.getByLabel('Add what you saw').fill('cause unknown')
  await page.getByRole('button', { name: /^Plant died, cause unknown/ }).click()
  await expect(page.getByText('Only for some plants, or after a test').first()).toBeVisible()
  await expectAlive(page)
  await page.getByText('Say what was done, or decide').click()
  await page.getByRole('radio', { name: /Use it all the same/ }).check()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Say why it is used all the same').first()).toBeVisible()
  await page.getByLabel('Why?').fill('the saucer was full: it drowned')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/Used all the same since/).first()).toContainText('it drowned')
  await page.goto('/turnover')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Turnover')
  await page.goto('/lots/15')
  await expectAlive(page)
  // Taken back, it is judged as before.
  await page.getByRole('button', { name: 'Take back "Used all the same"' }).click()
  await expect(page.getByText(/Used all the same since/)).toHaveCount(0)
})

test('kept apart until a day: planting is refused with it @desk', async ({ page }) => {
  await page.goto('/lots/6')
  await expectAlive(page)
  await page.getByText('Say what was done, or decide').click()
  await page.getByRole('radio', { name: /Keep it apart until a day/ }).check()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByRole('alert').first()).toHaveText(
    'Say until when it is kept apart: a day to come.',
  )
  await page.getByLabel('Until when?').fill('2026-12-01')
  await page.getByLabel('Why?').fill('smells of fuel')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText('Kept apart until 1 Dec 2026').first()).toBeVisible()
  await page.goto('/pots?find=hanging')
  await page
    .getByRole('link', { name: /Hanging basket/ })
    .first()
    .click()
  await expect(page.getByText('Kept apart until 1 Dec 2026').first()).toBeVisible()
})
