import { beginTest as begin, finishTest as finish } from './benchSteps'
import { expect, expectAccessible, expectAlive, test } from './garden'

test('an interrupted test is gone on with, thrown away, and taken up again', async ({ page }) => {
  await page.goto('/bench')
  await page.getByRole('link', { name: 'Jar test for lime: Camellia tub' }).click()
  await page.getByRole('button', { name: 'Throw it away' }).click()
  await expect(page.getByText('The jar test for lime was thrown away.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'On the go' })).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('link', { name: 'Jar test for lime: Camellia tub' }).click()

  await page.getByLabel('Stirred in').selectOption({ label: 'Ground limestone (calcitic)' })
  await page.getByLabel('pH wanted').fill('6')
  const heightOf = async (label: string) => (await page.getByLabel(label).boundingBox())?.y
  for (const jar of [1, 2, 3, 4, 5]) {
    // What was stirred into a jar stands beside what came of it.
    expect(await heightOf(`Jar ${jar}, pH`)).toBe(await heightOf(`Jar ${jar}, g per litre`))
  }
  for (const [jar, ph] of ['5.1', '5.6', '6.2', '6.9'].entries()) {
    await page.getByLabel(`Jar ${jar + 1}, pH`).fill(ph)
  }
  await page.reload()
  await expect(page.getByLabel('Jar 2, pH')).toHaveValue('5.6')
  await page.getByLabel('Jar 1, pH').fill('')
  await finish(page)
  await expect(page.getByText('Say the pH of this jar.').first()).toBeVisible()
  await page.getByLabel('Jar 1, pH').fill('5.1')
  await finish(page)
  await expect(
    page.getByText(/g of ground limestone \(calcitic\) per litre reach pH 6.0/),
  ).toBeVisible()
  await page.getByRole('link', { name: 'To the lot' }).click()
  await expect(page.getByText(/buffer/i).first()).toBeVisible()
})

test('a porosity test corrects what is known of its lot, repeats and a reference beside it', async ({
  page,
}) => {
  await begin(page, 'Long trough by the door', 'Porosity test')
  await page.getByLabel('Water it took to the brim').fill('1.4 L')
  await page.getByLabel('Run out within the hour').fill('90 mL')
  await finish(page)
  await expect(page.getByText(/more water than such a volume takes/).first()).toBeVisible()
  await page.getByLabel('Water it took to the brim').fill('720 mL')
  await finish(page)
  await expect(page.getByText(/9 % air in the test pot/)).toBeVisible()
  const learnt = page.getByRole('region', { name: 'What the model learnt' })
  await expect(learnt).toContainText('by its recipe')
  await expect(learnt.getByRole('row', { name: /Air after draining/ })).toContainText('measured on')

  await page.getByRole('button', { name: 'Run it again' }).click()
  await expect(page.getByText('run 2')).toBeVisible()
  await page.getByLabel('Water it took to the brim').fill('710 mL')
  await page.getByLabel('Run out within the hour').fill('70 mL')
  await finish(page)
  await expect(page.getByText('2 runs')).toBeVisible()
  await expect(
    page.getByRole('row', { name: /Air after draining, in the test pot/ }),
  ).toContainText('8')

  await page
    .getByLabel('Run a reference beside it')
    .selectOption({ label: 'All-purpose bagged mix' })
  await expect(page.getByText(/reference/).first()).toBeVisible()
  await page.getByLabel('Water it took to the brim').fill('760 mL')
  await page.getByLabel('Run out within the hour').fill('180 mL')
  await finish(page)
  // Its own values stand under its own name, those of the lot beside them.
  await expect(page.getByRole('columnheader').nth(0)).toHaveText('All-purpose bagged mix')
  await expect(page.getByRole('columnheader').nth(1)).toHaveText('Long trough by the door')
  const air = page.getByRole('row', { name: /Air after draining, in the test pot/ })
  await expect(air.getByRole('cell').nth(0)).toContainText('18')
  await expect(air.getByRole('cell').nth(1)).toContainText('8')
  await page.goto('/lots/1')
  await page.getByRole('link', { name: 'Its tests' }).click()
  await expect(page.getByRole('link', { name: 'Porosity test' })).toBeVisible()
  await expectAccessible(page)
})

test('pH by a pen that is not calibrated is kept and marked; calibrated, it becomes the reading of the lot', async ({
  page,
}) => {
  await page.goto('/bench/pens')
  await expect(
    page.getByText(/uncertain: .*more than two weeks old.*slope is outside/),
  ).toBeVisible()
  await expectAccessible(page)
  await begin(page, 'Bean sacks, south wall', 'pH and salts')
  await page.getByLabel('Pen', { exact: true }).selectOption({ label: 'Old pen in the shed' })
  await page.getByLabel('pH', { exact: true }).fill('15')
  await finish(page)
  await expect(page.getByText('A pH lies between 2 and 12.').first()).toBeVisible()
  await page.getByLabel('pH', { exact: true }).fill('5.2')
  await page.getByLabel('Conductivity', { exact: true }).fill('0,8')
  await finish(page)
  await expect(
    page.getByText(/kept, but uncertain.*It counts with a wide range; lime waits for a surer one/),
  ).toBeVisible()
  await expect(page.getByRole('row', { name: /as saturated extract/ })).toBeVisible()
  await page.getByRole('link', { name: 'Calibrate the pen' }).click()
  const pen = page.getByRole('region', { name: 'Old pen in the shed' })
  await pen.getByText('Write a calibration down').first().click()
  await pen.getByLabel('mV in 4.01').fill('170')
  await pen.getByLabel('mV in 7', { exact: true }).fill('none')
  await pen.getByRole('button', { name: 'Write a calibration down' }).click()
  await expect(pen.getByText(/The millivolts must be a number/).first()).toBeVisible()
  await pen.getByLabel('mV in 7', { exact: true }).fill('1')
  await pen.getByRole('button', { name: 'Write a calibration down' }).click()
  await expect(pen.getByText('can be trusted')).toBeVisible()
  await begin(page, 'Bean sacks, south wall', 'pH and salts')
  await page.getByLabel('Pen', { exact: true }).selectOption({ label: 'Old pen in the shed' })
  await page.getByLabel('pH', { exact: true }).fill('5.2')
  await finish(page)
  await expect(page.getByText(/pH 5.2 is below what/)).toBeVisible()
})

test('a heat record to its dose', async ({ page, garden }) => {
  await begin(page, 'Long trough by the door', 'Heat treatment')
  await expect(page.getByText('Hot trays and steam scald. Never leave it alone.')).toBeVisible()
  await page.getByLabel('Against what').selectOption({ label: 'Damping-off' })
  const note = async (temp: string) => {
    await page.getByLabel('Core temperature now, °C').fill(temp)
    await page.getByRole('button', { name: 'Note it' }).click()
  }
  await note('58')
  await expect(page.getByText(/Below 60 °C: 30 minutes are missing for damping-off/)).toBeVisible()
  await garden.setClock('2026-11-02T10:10:00Z')
  await page.reload()
  await note('64')
  await expect(page.getByText(/Continue for \d+ minutes at 60 °C or above/)).toBeVisible()
  await garden.setClock('2026-11-02T10:45:00Z')
  await page.reload()
  await note('66')
  await expect(
    page.getByText(/Done: \d+ minutes at 60 °C or above; damping-off needs 30/),
  ).toBeVisible()
  await finish(page)
  await expect(page.getByRole('row', { name: /At 60 °C or above/ })).toBeVisible()
  await expectAlive(page)
})

test('the kit is refused where it cannot work, kept where it can', async ({ page }) => {
  await page.goto('/bench/kit')
  await page.getByLabel('Mix in it').first().fill('9 L')
  await page.getByRole('button', { name: 'Keep this kit' }).click()
  await expect(page.getByText(/The column holds 2.8 L to its rim/).first()).toBeVisible()
  await page.getByLabel('Mix in it').first().fill('1.8 L')
  await page.getByLabel('Mark of the cup').fill('900 mL')
  await page.getByRole('button', { name: 'Keep this kit' }).click()
  await expect(page.getByText(/The mark has to lie below what is poured/).first()).toBeVisible()
  await page.getByLabel('Mark of the cup').fill('200 mL')
  await page.getByRole('button', { name: 'Keep this kit' }).click()
  await expect(page.getByText('The test kit is kept.')).toBeVisible()
  await begin(page, 'Camellia tub', 'Drain test')
  await page.getByRole('button', { name: /Pouring now/ }).click()
  await expect(page.getByRole('button', { name: /200 mL is out/ })).toBeVisible()
})

test('wrong addresses and a lot that loses a quarter of its air', async ({ page }) => {
  await page.goto('/bench/tests/999')
  await expect(page.getByText('There is no test 999, or it was thrown away.')).toBeVisible()
  await page.goto('/bench/samples/lot/99')
  await expect(page.getByText('There is no lot 99.')).toBeVisible()
  await page.goto('/bench')
  await page.getByRole('button', { name: 'Squeeze test' }).click()
  await expect(page.getByText('Choose what the test is made on.')).toBeVisible()
  await page.goto('/bench/samples/lot/3')
  await expect(page.getByText(/It lost .* of its air in 3 innings/)).toBeVisible()
  await expectAccessible(page)
})
