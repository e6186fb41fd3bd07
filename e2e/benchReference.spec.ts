import { beginTest, finishTest } from './benchSteps'
import { expect, expectAccessible, expectNoSideways, test } from './garden'

test('times of one’s own stopwatch typed in, and a reference run three times beside @phone', async ({
  page,
}) => {
  const typed = async (drip: string, mark: string) => {
    await page.getByText('Timed with a stopwatch of your own').click()
    await page.getByLabel('First drip after').fill(drip)
    await page.getByLabel('Mark reached after').fill(mark)
    await page.getByLabel('Run out in all').fill('600 mL')
    await finishTest(page)
    await expect(page.getByRole('region', { name: 'What it came to' })).toBeVisible()
  }
  await beginTest(page, 'Camellia tub', 'Drain test')
  // Whoever does it for the first time reads how.
  await expect(page.getByText(/three taps/).first()).toBeVisible()
  await typed('0:24', '1:10')
  await expectAccessible(page)
  await page.getByLabel('Run a reference beside it').selectOption({ label: 'Seed and cutting mix' })
  await expect(page.getByRole('link', { name: 'Seed and cutting mix' })).toBeVisible()
  await typed('0:40', '2:05')
  // Under its own name are its own values, and beside them those of the tub.
  const drip = page.getByRole('row', { name: /First drip/ })
  await expect(drip.getByRole('cell').first()).toContainText('40')
  await expect(drip.getByRole('cell').nth(1)).toContainText('24')
  for (const mark of ['2:00', '2:10']) {
    await page.getByRole('button', { name: 'Run it again' }).click()
    await expect(page.getByText('Timed with a stopwatch of your own')).toBeVisible()
    await typed('0:41', mark)
  }
  await expect(page.getByText('3 runs').first()).toBeVisible()
  await expectNoSideways(page)
  // Its mix has them in its own history.
  await page.getByRole('link', { name: 'All its tests' }).click()
  await expect(page.getByText('Drain test').first()).toBeVisible()
})
