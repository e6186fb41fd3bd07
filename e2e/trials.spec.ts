import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectAlive, test } from './garden'

/** The question, in words, and what it is called. */
async function begin(page: Page, kind: string, name: string): Promise<void> {
  await page.goto('/trials/new')
  await expectAlive(page)
  await page.getByRole('radio', { name: kind }).check()
  await page.getByLabel('The question in your words').fill(`${name}?`)
  await page.getByLabel('What the trial is called').fill(name)
}

const choose = (page: Page, label: string, option: string) =>
  page.getByLabel(label, { exact: true }).selectOption({ label: option })

async function planIt(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name)
  await expectAlive(page)
}

/** Its pots first, then what was done at the bench is said once. */
async function setUp(page: Page, go: string): Promise<void> {
  await page.getByRole('button', { name: /^Add its \d+ pots$/ }).click()
  await expect(page.getByRole('link', { name: 'Print their labels' })).toBeVisible()
  await page.getByRole('button', { name: go }).click()
  await expect(page.getByText('Since 2 Nov 2026.')).toBeVisible()
}

const aside = (page: Page) => page.getByRole('complementary', { name: 'What this trial can find' })
/** Pots of the plan, in order of their places, by their codes. */
const potsOf = (page: Page) =>
  page.getByRole('region', { name: 'Where each pot stands' }).locator('li button')

test('a comparison, from its question to planted pots that their own pages know @desk', async ({
  page,
  context,
}) => {
  await page.goto('/trials')
  await page.getByRole('link', { name: 'Which of these grows better?' }).click()
  await expectAlive(page)
  await expect(aside(page)).toContainText('6 planned')
  await expect(aside(page)).toContainText(/it cries wolf in \d of 100/)
  await page.getByLabel('The question in your words').fill('Is our mix as good as the bag?')
  await page.getByLabel('What the trial is called').fill('Chard in two mixes')
  await choose(page, 'Its pots are filled with', 'All-purpose bagged mix')
  const first = page.getByRole('group', { name: 'Treatment 1' })
  await first.getByLabel('Filled with').selectOption({ label: 'Trough mix for strawberries' })
  // Two changes at once are told before anything is planned.
  const treatment = page.getByRole('group', { name: 'Trough mix for strawberries' })
  await treatment.getByLabel('Pot', { exact: true }).selectOption({ label: 'Pot of 24 cm' })
  await expect(aside(page)).toContainText('differs from the control in the mix and the pot')
  await treatment.getByLabel('Pot', { exact: true }).selectOption('')
  await expect(aside(page)).not.toContainText('differs from the control')
  await choose(page, 'What grows in them', 'Chard')
  await page.getByLabel('Pots of each treatment').fill('3')
  await expect(aside(page)).toContainText('fewer than six blocks')
  await expectAccessible(page)
  // Without a place it is refused there, and nothing typed is lost.
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByText('Say where the pots stand').first()).toBeVisible()
  await page.reload()
  await expectAlive(page)
  await expect(page.getByLabel('What the trial is called')).toHaveValue('Chard in two mixes')
  await page.getByLabel('Where they stand').fill('Trial bench')
  // Enter in a field plans nothing, and a line that is cut keeps what was typed.
  await page.getByLabel('Where they stand').press('Enter')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByText('Innings did not answer.').first()).toBeVisible()
  await expect(page.getByLabel('Where they stand')).toHaveValue('Trial bench')
  await context.setOffline(false)
  await page.getByRole('button', { name: 'Plan it' }).dblclick()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Chard in two mixes')
  await expectAlive(page)
  await expectAccessible(page)
  await setUp(page, 'It is planted')

  const code = (await potsOf(page).first().locator('span').first().textContent()) ?? ''
  await page.goto('/trials')
  await expect(page.getByRole('link', { name: 'Chard in two mixes' })).toHaveCount(1)
  await page.goto(`/pots?find=${code}`)
  await page
    .getByRole('link', { name: new RegExp(code) })
    .first()
    .click()
  await expect(page.getByText('In a trial:')).toContainText(`Chard in two mixes (${code})`)
  await expect(page.getByText(/Chard grows here/).or(page.getByText(/Chard/).first())).toBeVisible()
  await page
    .getByRole('link', { name: /^Chard in two mixes: / })
    .first()
    .click()
  await expect(page.getByText('In a trial:')).toContainText('Chard in two mixes')
})

test('pots change places by keys, by dragging, and never across blocks @desk', async ({ page }) => {
  await begin(page, 'Which of these grows better?', 'Places')
  await choose(page, 'Its pots are filled with', 'All-purpose bagged mix')
  await page.getByRole('group', { name: 'Treatment 1' }).getByLabel('Filled with').selectOption({
    label: 'Seed and cutting mix',
  })
  await choose(page, 'What grows in them', 'Chard')
  await page.getByLabel('Where they stand').fill('Trial bench')
  await planIt(page, 'Places')
  const codes = async () => potsOf(page).locator('span:first-child').allTextContents()
  const [one = '', other = '', far = ''] = await codes()
  await potsOf(page).first().focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(`${one} is chosen`)).toBeVisible()
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByText(`${one} and ${other} have changed places.`)).toBeVisible()
  expect((await codes()).slice(0, 2)).toEqual([other, one])
  await potsOf(page).first().hover()
  await page.mouse.down()
  const to = await potsOf(page).nth(1).boundingBox()
  if (!to) throw new Error('The pot stands somewhere.')
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 })
  await page.mouse.up()
  await expect(page.getByText(`${other} and ${one} have changed places.`)).toBeVisible()
  expect((await codes()).slice(0, 2)).toEqual([one, other])
  await potsOf(page).first().click()
  await potsOf(page).nth(2).click()
  await expect(page.getByText('That pot stands in another block')).toBeVisible()
  expect((await codes()).slice(0, 3)).toEqual([one, other, far])
  await potsOf(page).first().click()
  await page.keyboard.press('Escape')
  await expect(potsOf(page).first()).toHaveAttribute('aria-pressed', 'false')
})

test('a dose series of a doubtful material: seeds alike, its cautions, sown @desk', async ({
  page,
}) => {
  await begin(page, 'How much of this material is safe?', 'Beans in scraps')
  await choose(page, 'A mix you trust', 'Seed and cutting mix')
  await choose(page, 'What is tried out in it', 'Green-waste compost (bagged)')
  await page.getByRole('checkbox', { name: 'kitchen waste that was only dried' }).check()
  await expect(page.getByText('is not compost')).toBeVisible()
  await choose(page, 'What grows in them', 'Dwarf French bean')
  await page.getByLabel('Pots of each treatment').fill('2')
  await page.getByLabel('Shares of it, percent').fill('0, 50, 50')
  await expect(aside(page)).toContainText('is the same as another treatment')
  await page.getByLabel('Where they stand').fill('Window')
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(page.getByText(/same name|stands there twice/).first()).toBeVisible()
  await page.getByLabel('Shares of it, percent').fill('0, 25, 50, 100')
  await planIt(page, 'Beans in scraps')
  const steps = page.getByRole('region', { name: 'Alike for all pots' })
  await expect(steps).toContainText('Soak the seeds for 8 h')
  await expect(steps).toContainText('Sow at 2 cm')
  await expect(steps).toContainText('Stand the pots in 2 cm of water')
  await expect(steps).toContainText('at one window')
  // Its answer is slow: it comes when the pots have been added, and may not put the page from before them back.
  let isHeld = true
  await page.route('**/api/trials/*/steps', async (route) => {
    const response = await route.fetch()
    await expect.poll(() => isHeld).toBe(false)
    await route.fulfill({ response })
  })
  const answered = page.waitForResponse('**/api/trials/*/steps')
  await steps.getByRole('checkbox').first().check()
  await expect(steps).toContainText('done on 2 Nov 2026')
  await expect(page.getByRole('region', { name: 'Fill and sow' })).toContainText('is not compost')
  await page.getByRole('button', { name: /^Add its \d+ pots$/ }).click()
  await expect(page.getByRole('link', { name: 'Print their labels' })).toBeVisible()
  isHeld = false
  await (await answered).finished()
  await expect(page.getByRole('button', { name: /not sent/ })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Print their labels' })).toBeVisible()
  await page.getByRole('button', { name: 'It is sown' }).click()
  await expect(page.getByText('Since 2 Nov 2026.')).toBeVisible()
  await expect(page.getByText('Green-waste compost (bagged) alone')).toBeVisible()
})

test('weeds counted where nothing is sown: the control has to show some @desk', async ({
  page,
}) => {
  await begin(page, 'How much comes up?', 'Weeds in treated mix')
  await page.getByRole('radio', { name: 'weeds: nothing is sown' }).check()
  await expect(page.getByLabel('The run counts only if in the control')).toHaveValue('weeds')
  await page.getByLabel('Control, called').fill('Untreated')
  await choose(page, 'Its pots are filled with', 'All-purpose bagged mix')
  await page.getByRole('group', { name: 'Treatment 1' }).getByLabel('Filled with').selectOption({
    label: 'Seed and cutting mix',
  })
  await choose(page, 'Size', 'Seed tray, 35 × 22 cm, 3.5 L')
  await page.getByLabel('Pots of each treatment').fill('2')
  await page.getByLabel('Where they stand').fill('Window')
  await planIt(page, 'Weeds in treated mix')
  await expect(page.getByText('5 weeds come up in it')).toBeVisible()
  await setUp(page, 'They are filled')
})

test('side by side: five crops cannot tell, six can, and each stands in each mix @desk', async ({
  page,
}) => {
  await begin(page, 'Which mix do most of my crops prefer?', 'House or bag')
  await choose(page, 'Its pots are filled with', 'All-purpose bagged mix')
  await page.getByRole('group', { name: 'Treatment 1' }).getByLabel('Filled with').selectOption({
    label: 'Trough mix for strawberries',
  })
  const add = async (name: string) => {
    await choose(page, 'A crop to grow in each mix', name)
    await page.getByRole('button', { name: 'Add it' }).click()
  }
  for (const name of ['Chard', 'Lettuce', 'Celery', 'Strawberry', 'Kale']) {
    await add(name)
  }
  await expect(aside(page)).toContainText('with 6 crops it can be')
  await add('Basil')
  // Taken out again by its chip, and put back.
  const crops = page.getByRole('group', { name: 'Crops, one row of pots each' })
  await crops.getByRole('checkbox', { name: 'Basil' }).click()
  await expect(aside(page)).toContainText('with 6 crops it can be')
  await add('Basil')
  await expect(aside(page)).toContainText(/A difference of 20 % is found in \d+ of 100/)
  await page.getByLabel('Where they stand').fill('Trial bench')
  await planIt(page, 'House or bag')
  await expect(page.getByText('Block 6 · Basil')).toBeVisible()
  await setUp(page, 'It is planted')
})

test('who asks for a dose of lime is led to the bench, where jars are read @desk', async ({
  page,
}) => {
  await page.goto('/trials/new')
  await page.getByRole('link', { name: 'a jar test, at the bench' }).click()
  await expect(page.getByRole('button', { name: 'Jar test for lime', exact: true })).toBeVisible()
})

test('lessons of one trial stand beside the plan of the next; put away and taken back @desk', async ({
  page,
}) => {
  await begin(page, 'Which of these grows better?', 'First')
  await choose(page, 'Its pots are filled with', 'All-purpose bagged mix')
  const treatment = page.getByRole('group', { name: 'Treatment 1' })
  await treatment.getByLabel('Filled with').selectOption({ label: 'Trough mix for strawberries' })
  await choose(page, 'What grows in them', 'Chard')
  await page.getByLabel('Where they stand').fill('Trial bench')
  await planIt(page, 'First')
  const lessons = page.getByLabel('Lessons', { exact: true })
  await lessons.fill('Stir more often.')
  await lessons.press('Enter')
  await expect(page.getByText('Kept: it is shown when')).toBeVisible()
  await page.goto('/trials/new?kind=comparison')
  await expect(aside(page)).toContainText('Stir more often.')
  await page.goBack()
  await page.getByRole('button', { name: 'Put it away' }).click()
  await expect(page.getByText('First is put away')).toBeVisible()
  await expect(page.getByRole('link', { name: 'First', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'First', exact: true })).toBeVisible()
})

test('a mix is tried out from its own page; the plan is changed, and copied for another @desk', async ({
  page,
}) => {
  await page.goto('/mixes/design?mix=1')
  await page.getByRole('link', { name: 'Try it in a trial' }).click()
  await expectAlive(page)
  const treatment = page.getByRole('group', { name: 'Trough mix for strawberries' })
  await expect(treatment.getByLabel('Filled with')).toHaveValue('mix:1:3')
  await page.getByLabel('The question in your words').fill('Is it better than it was?')
  await page.getByLabel('What the trial is called').fill('Old against new')
  await choose(page, 'Its pots are filled with', 'Trough mix for strawberries, version 2')
  await choose(page, 'What grows in them', 'Chard')
  await page.getByLabel('Where they stand').fill('Trial bench')
  await planIt(page, 'Old against new')
  await expect(page.getByRole('button', { name: 'Add its 12 pots' })).toBeVisible()
  await page.getByRole('link', { name: 'Change the plan' }).click()
  await expectAlive(page)
  await expect(page.getByLabel('The question in your words')).toHaveValue(
    'Is it better than it was?',
  )
  await page.getByLabel('Pots of each treatment').fill('8')
  await page.getByRole('button', { name: 'Keep the change' }).click()
  await expect(page.getByRole('button', { name: 'Add its 16 pots' })).toBeVisible()
  await page.goto('/trials')
  await page.getByRole('link', { name: 'Old against new' }).click()
  await expectAlive(page)
  await page.getByRole('link', { name: 'Plan another like it' }).click()
  await expectAlive(page)
  await page.getByLabel('What the trial is called').fill('Once more')
  await planIt(page, 'Once more')
  await page.goto('/mixes/design?mix=1')
  await expect(page.getByText('In a trial:')).toContainText('Once more')
  await page.keyboard.press('.')
  await page.getByRole('dialog').getByRole('combobox').fill('once more')
  await page.getByRole('dialog').getByText('Once more').click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Once more')
})

test('how many pots: the number large, wrong numbers told, also without a line @phone', async ({
  page,
  context,
}) => {
  await page.goto('/trials')
  await page.getByText('More', { exact: true }).click()
  await page.getByRole('link', { name: 'How many pots do I need?' }).click()
  await expectAlive(page)
  await expect(page.getByText('About 21 pots of each', { exact: true })).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Treatments besides the control').fill('1')
  await expect(page.getByText('About 17 pots of each', { exact: true })).toBeVisible()
  // Worked out on the page itself.
  await context.setOffline(true)
  await page.getByLabel('Difference you want to see').fill('40')
  await expect(page.getByText('About 6 pots of each', { exact: true })).toBeVisible()
  await context.setOffline(false)
  await page.getByLabel('Variation from plant to plant').fill('much')
  await expect(page.getByText('A number from 1 to 200')).toBeVisible()
  await page.getByRole('radio', { name: 'crops' }).check()
  await expect(aside(page)).toContainText('with 6 crops it can be')
  await page.getByRole('radio', { name: 'seeds' }).check()
  await expect(aside(page)).toContainText('comes up in the control, or more, four times in five')
  await page.getByRole('textbox', { name: 'Trays of each' }).fill('2')
  await expect(aside(page)).toContainText('fewer than three trays')
})
