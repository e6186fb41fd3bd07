import { beginTest as begin, finishTest as finish } from './benchSteps'
import { expect, expectAccessible, expectNoSideways, ownServerTest } from './garden'

ownServerTest(
  'a drain test: reload, a lost connection, a second tab, a correction, and its verdict',
  {
    tag: '@phone',
  },
  async ({ page, context, garden }) => {
    await begin(page, 'Long trough by the door', 'Drain test')
    await page.getByRole('button', { name: /Pouring now/ }).click()
    await expect(page.getByRole('button', { name: /First drip/ })).toBeVisible()
    await page.reload()
    await expect(page.getByRole('timer')).not.toHaveText('0:00')
    await expectAccessible(page)

    // The server goes away: the tap stays here and is sent when it is back.
    await garden.stop()
    await page.keyboard.press('2')
    await expect(page.getByText(/One tap is kept here/)).toBeVisible()
    await garden.startAgain({ INNINGS_NOW: '2026-11-02T10:02:00Z' })
    await expect(page.getByText(/is kept here/)).toBeHidden()

    // A second device sees what was tapped, and what it taps is seen here.
    const other = await context.newPage()
    await other.goto(page.url())
    await expect(other.getByRole('button', { name: 'Correct First drip' })).toBeVisible()
    await other.getByRole('button', { name: /150 mL is out/ }).click()
    await expect(page.getByRole('button', { name: 'Correct 150 mL is out' })).toBeVisible()

    await page.getByRole('button', { name: 'Correct 150 mL is out' }).click()
    await page.getByLabel('150 mL is out at (min:s)').fill('soon')
    await page.getByRole('button', { name: 'Set' }).click()
    await expect(page.getByText('Write minutes and seconds, such as 1:38.')).toBeVisible()
    await page.getByLabel('150 mL is out at (min:s)').fill('1:38')
    await page.getByRole('button', { name: 'Set' }).click()
    await expect(page.getByText(/corrected, tapped at/)).toBeVisible()
    await page.getByRole('button', { name: 'Correct First drip' }).click()
    await page.getByLabel('First drip at (min:s)').fill('0:31')
    await page.getByRole('button', { name: 'Set' }).click()
    await expect(page.getByText(/corrected, tapped at/)).toHaveCount(2)

    await page.getByLabel('Run out in all').fill('900 mL')
    await finish(page)
    await expect(
      page.getByText(/900 mL cannot have run out of 700 mL poured/).first(),
    ).toBeVisible()
    await expect(page.getByLabel('Run out in all')).toHaveValue('900 mL')
    await page.getByLabel('Run out in all').fill('1/2 L')
    await finish(page)
    await expect(
      page.getByText(
        /150 mL ran out after 1:38 min.*That fits|than its recipe should be: 1:38 min/,
      ),
    ).toBeVisible()
    await expect(page.getByRole('row', { name: /First drip/ })).toContainText('31')
    await expectAccessible(page)
    await expectNoSideways(page)
  },
)
