import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { TRIAL_OF_TWO_BAGS } from '../testing/answers'
import { expect, expectAccessible, expectAlive, expectNoSideways, test } from './garden'

/** Trials of the made-up garden. */
const CHARD = '/trials/2'
const BEANS = '/trials/3'
const WEEDS = '/trials/4'
const CELERY = '/trials/5'
const FIVE = '/trials/6'
const STRAWBERRIES = '/trials/7'

const key = (page: Page, name: string) =>
  page.getByRole('group', { name: 'Keys' }).getByRole('button', { name, exact: true })
const title = (page: Page) => page.getByRole('heading', { level: 1 })
const verdicts = (page: Page) => page.locator('[data-verdict] strong')

/** Everything that was entered, and stands on the page, has arrived. */
async function expectSent(page: Page) {
  await expect(page.getByText(/(is|are) being sent/)).toHaveCount(0)
  await expect(page.getByText(/waits? here until/)).toHaveCount(0)
}

/** Keeps what is typed, and waits until it has arrived. */
async function keep(page: Page): Promise<void> {
  const answered = page.waitForResponse(/\/api\/trials\/\d+\/looks$/)
  await page.getByRole('button', { name: /^Keep/ }).click()
  expect((await answered).ok()).toBe(true)
}

/** One pot by thumb: leaves with the keys, vigour with one of the five. */
async function lookAt(page: Page, leaves: string, vigour: string): Promise<string> {
  const code = (await title(page).textContent()) ?? ''
  await page.getByLabel('Leaves').focus()
  for (const digit of leaves) await key(page, digit).click()
  await page.getByLabel('Vigour').first().focus()
  await page.getByRole('button', { name: new RegExp(`^${vigour} `) }).click()
  await page.getByRole('button', { name: /^Keep/ }).click()
  return code
}

test('the pots of a trial are looked at through a cut connection, and the look is done when it is back', {
  tag: '@phone',
}, async ({ page, context }) => {
  await page.goto('/log')
  await page.getByRole('link', { name: /Strawberries, fed or not/ }).click()
  await expectAlive(page)
  await expect(page.getByText('The look of day 28 was due on 1 Nov 2026.')).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  // Enter goes on to the next number, and a number that cannot be is told there.
  await page.getByLabel('Leaves').fill('3.5')
  await page.getByLabel('Leaves').press('Enter')
  await expect(page.getByText('A whole number.')).toBeVisible()
  await page.getByRole('button', { name: /^Keep/ }).click()
  await expect(page.getByText('Nothing is entered for this pot yet.')).toBeVisible()
  await page.getByLabel('Leaves').fill('')
  await lookAt(page, '16', '4')
  await expect(page.getByText('1 of 6 looked at')).toBeVisible()
  await expectSent(page)

  await context.setOffline(true)
  const walked = [await lookAt(page, '14', '3'), await lookAt(page, '12', '5')]
  await expect(page.getByText('2 pots wait here until there is a connection.')).toBeVisible()
  await expect(page.getByText('3 of 6 looked at')).toBeVisible()
  await context.setOffline(false)
  await expectSent(page)
  for (const leaves of ['11', '15', '13']) await lookAt(page, leaves, '3')
  await expect(page.getByText('All 6 pots are looked at.')).toBeVisible()
  await expectSent(page)

  await page.getByRole('link', { name: 'Back to the trial' }).click()
  await expect(page.getByText('done · 6 of 6 pots')).toHaveCount(2)
  // What was read stands at the pot itself.
  await page.goto(`/c/${walked[0]}`)
  await expect(page.getByText('Leaves 14')).toBeVisible()
  await expect(page.getByText('Growth 3 of 5').first()).toBeVisible()
})

test('what is typed survives a reload, and a kept pot can be put right the same day @phone', async ({
  page,
}) => {
  await page.goto(`${STRAWBERRIES}/look`)
  await expectAlive(page)
  const code = (await title(page).textContent()) ?? ''
  await page.getByLabel('Leaves').fill('9')
  await page.reload()
  await expectAlive(page)
  await expect(page.getByLabel('Leaves')).toHaveValue('9')
  await page.getByLabel('Note').fill('a slug on the rim')
  await page.getByLabel('Note').press('Enter')
  await expect(title(page)).not.toHaveText(code)
  await page.getByRole('button', { name: `${code}, looked at` }).click()
  await expect(page.getByLabel('Leaves')).toHaveValue('9')
  await page.getByLabel('Leaves').fill('10')
  await keep(page)
  await page.goto(`/c/${code}`)
  await expect(page.getByText('Leaves 10')).toBeVisible()
  await expect(page.getByText('Leaves 9', { exact: true })).toHaveCount(0)
})

test('an accident leaves a pot out with its reason, and it can be counted again', {
  tag: '@phone',
}, async ({ page }) => {
  await page.goto(`${STRAWBERRIES}/look`)
  await expectAlive(page)
  const code = (await title(page).textContent()) ?? ''
  await page.getByRole('button', { name: 'Something happened' }).click()
  await page.getByRole('button', { name: 'Animal damage' }).click()
  await page.getByLabel('A word about it').fill('a cat slept in it')
  await page.getByRole('checkbox', { name: /Leave this pot out/ }).check()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(
    page.getByText(/Left out since 2 Nov 2026: animal damage, a cat slept in it/),
  ).toBeVisible()
  // The other pots are looked at: the one left out is passed over, and told.
  await page
    .getByRole('button', { name: /, not yet$/ })
    .first()
    .click()
  await lookAt(page, '12', '3')
  await expect(page.getByText('1 of 5 looked at')).toBeVisible()
  await expectSent(page)
  await page.goto(`${STRAWBERRIES}/results?measure=leaves`)
  await expect(page.getByRole('heading', { name: 'Leaves on day 28' })).toBeVisible()
  await expect(page.getByText('2 of 3').first()).toBeVisible()
  await expect(page.getByText(`${code} Left out since 2 Nov 2026`)).toBeVisible()
  await page.goto(`${STRAWBERRIES}/look`)
  await expectAlive(page)
  await page.getByRole('button', { name: `${code}, left out` }).click()
  await page.getByRole('button', { name: 'Count it again' }).click()
  await expect(page.getByText(/Left out since/)).toHaveCount(0)
  await expectSent(page)
  await page.goto(`${STRAWBERRIES}/results`)
  await expect(page.getByText('2 of 3')).toHaveCount(0)
})

test('each kind of trial says what it found, by rule, and no more', { tag: '@phone' }, async ({
  page,
}) => {
  await page.goto(`${CHARD}/results`)
  await expect(verdicts(page)).toHaveText([
    'Trough mix: better',
    'Trough mix, second try: no difference shown',
  ])
  await expect(page.getByText(/These pots could have shown a difference of/)).toBeVisible()
  await expect(page.getByText('5 of 6').first()).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  await page.getByRole('link', { name: 'Show Height' }).click()
  await expect(page.getByRole('heading', { name: 'Height on day 56' })).toBeVisible()
  await page.getByRole('link', { name: 'day 14' }).click()
  await expect(page.getByRole('heading', { name: 'Height on day 14' })).toBeVisible()

  await page.goto(`${BEANS}/results`)
  await expect(page.getByText('Use at most 25 %, or let it age and test it again.')).toBeVisible()
  await expect(verdicts(page)).toHaveText([/^25 %: no/, /^50 %/, '75 %: worse', '100 %: worse'])
  await page.goto(`${WEEDS}/results`)
  await expect(verdicts(page)).toHaveText(['Spent mix, steamed: better', 'Fresh mix: better'])
  await expect(page.getByRole('rowheader', { name: 'Weeds on a square metre' })).toBeVisible()
  await page.goto(`${FIVE}/results`)
  await expect(verdicts(page)).toHaveText(['Trough mix: cannot tell'])
  await expect(
    page.getByText(/was ahead with 4 crops, Bag with 0, 1 crop did not finish/),
  ).toBeVisible()
  await expectNoSideways(page)
})

test('a run whose control failed is void, and is planned again with what to change @desk', async ({
  page,
}) => {
  await page.goto('/trials')
  await expect(page.getByText('void', { exact: true })).toBeVisible()
  await page.goto(`${CELERY}/results`)
  await expect(page.getByText(/This run is void/)).toBeVisible()
  await expect(verdicts(page)).toHaveText(['Sieved mix: cannot tell'])
  await expect(page.getByRole('heading', { name: 'Hand it on' })).toHaveCount(0)
  await page.getByRole('link', { name: 'Plan it again, with what to change' }).click()
  await expectAlive(page)
  await expect(page.getByText(/Try ten seeds of the packet on damp paper/)).toBeVisible()
  await expect(page.getByLabel('What the trial is called')).toHaveValue(
    'Celery seedlings in two seed mixes',
  )
  await expectAccessible(page)
})

test('scored blind, what is in the pots is told when the trial is closed @phone', async ({
  page,
}) => {
  const send = async (method: 'post' | 'put', path: string, data: object) => {
    const answer = await page.request[method](path, { data })
    expect(answer.ok(), await answer.text()).toBe(true)
    return answer.json()
  }
  const { id } = await send('post', '/api/trials', {
    ...TRIAL_OF_TWO_BAGS,
    name: 'Blind chard',
    isBlind: true,
    pots: 4,
  })
  await send('post', `/api/trials/${id}/plant`, { version: 1, on: '2026-09-01', despite: '' })
  await page.goto(`/trials/${id}/look?on=2026-09-15`)
  await expectAlive(page)
  const names = TRIAL_OF_TWO_BAGS.treatments.map(({ name }) => name)
  for (const name of names) await expect(page.getByText(name, { exact: false })).toHaveCount(0)
  await expect(page.getByText(/Scored blind/)).toBeVisible()
  const count = Number((await page.getByText(/^0 of \d+ looked at$/).textContent())?.split(' ')[2])
  for (let at = 0; at < count; at++) {
    await page.getByLabel('Height').fill(String(10 + ((at * 7) % 5)))
    await page.getByLabel('Height').press('Enter')
    await page.getByRole('button', { name: /^Keep/ }).click()
    await expect(page.getByText(`${at + 1} of ${count} looked at`)).toBeVisible()
  }
  await expectSent(page)
  await page.goto(`/trials/${id}/results`)
  await expect(page.getByText(/told once the trial is closed/)).toBeVisible()
  for (const name of names) await expect(page.getByText(name, { exact: true })).toHaveCount(0)
  await page.goto(`/trials/${id}`)
  await expectAlive(page)
  await page.getByRole('button', { name: 'Close it and read the result' }).click()
  await page.getByRole('link', { name: 'What it found' }).click()
  for (const name of names)
    await expect(page.getByText(name, { exact: true }).first()).toBeVisible()
  await expect(verdicts(page)).toHaveCount(names.length - 1)
})

test('what a trial found goes on to mixes and pots, and can be taken back @desk', async ({
  page,
}) => {
  await page.goto(`${CHARD}/results`)
  await expectAlive(page)
  await expect(page.getByLabel('The mix to use from now on')).toContainText('Trough mix')
  await page.getByRole('button', { name: 'Make it my standard' }).click()
  await expect(page.getByText(/is the standard for Chard\./)).toBeVisible()
  await page.goto('/mixes/design?mix=1')
  await expect(page.getByText(/Version 3 is your standard for Chard/)).toBeVisible()
  await expect(page.getByText(/Spring chard: bag or own mix/).first()).toBeVisible()

  await page.goto(`${BEANS}/results`)
  await expectAlive(page)
  await page.getByLabel(/^Never more/).fill('lots')
  await page.getByRole('button', { name: 'Keep to it' }).click()
  await expect(page.getByText('Say it as a number, such as 10').first()).toBeVisible()
  await page.getByLabel(/^Never more/).fill('10')
  await page.getByLabel('For', { exact: true }).selectOption({ label: 'whatever I grow' })
  await page.getByRole('button', { name: 'Keep to it' }).click()
  await expect(page.getByText(/Never more than 10 % Green-waste compost/i)).toBeVisible()
  await page.goto('/trials/new?kind=comparison')
  await expectAlive(page)
  await page.getByLabel('What grows in them').selectOption({ label: 'Chard' })
  await expect(page.getByText(/as in Spring chard: bag or own mix/)).toBeVisible()
  await page.goto(`${CHARD}/results`)
  await expectAlive(page)
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText(/is the standard for Chard\./)).toHaveCount(0)
})

test('what was picked is read off the balance with one key, and typed where it does not answer', {
  tag: '@phone',
}, async ({ page, context }) => {
  await page.goto(`${STRAWBERRIES}/look`)
  await expectAlive(page)
  const balance = page.getByRole('region', { name: 'Balance' })
  await expect(balance).toHaveCount(0)
  const picked = page.getByLabel('Picked', { exact: true })
  await expect(picked).toBeEnabled()
  await picked.focus()
  await expect(balance).toContainText('simulated')
  await balance.getByRole('button', { name: /^Lay the shoots of/ }).click()
  // It swings in first; the key waits until it is at rest.
  const take = balance.getByRole('button', { name: /^Take [1-9]\d*[.]\d g$/ })
  await expect(take).toBeEnabled()
  await expect(balance.getByRole('status')).toHaveText('steady')
  await expectAccessible(page)
  await expectNoSideways(page)
  await take.click()
  await expect(picked).toHaveValue(/^[1-9]\d*([.]\d)?$/)
  const code = (await title(page).textContent()) ?? ''
  const weight = await picked.inputValue()
  await keep(page)
  await page.reload()
  await expect(title(page)).not.toHaveText(code)
  await page.getByRole('button', { name: new RegExp(code) }).click()
  await expect(picked).toHaveValue(weight)

  // Pressed too early, or twice, it is taken once it is at rest.
  await picked.fill('1')
  await balance.getByRole('button', { name: 'Take them off' }).click()
  await expect(balance.getByRole('button', { name: /^Take 0[.][01] g$/ })).toBeVisible()
  await balance.getByRole('button', { name: /^Lay the shoots of/ }).click()
  await balance.getByRole('button', { name: 'Take it once it is steady' }).dblclick()
  await expect(picked).not.toHaveValue('1')

  await context.setOffline(true)
  await picked.focus()
  await expect(page.getByText('The balance does not answer: type the weight.')).toBeVisible()
  await expect(balance.getByRole('button', { name: 'Take the weight' })).toBeDisabled()
  await picked.fill('33')
  await expect(picked).toHaveValue('33')
  await context.setOffline(false)
})

test('a report is printed on two pages, and the trial is kept as a file @desk', async ({
  page,
}) => {
  for (const trial of [CHARD, BEANS, CELERY, FIVE]) {
    await page.goto(`${trial}/report`)
    const pdf = (await page.pdf({ format: 'A4' })).toString('latin1')
    expect(pdf.match(/\/Type\s*\/Page\b(?!s)/g)).toHaveLength(2)
  }
  await page.goto(`${CHARD}/results`)
  const waits = page.waitForEvent('download')
  await page.getByRole('link', { name: 'the whole trial as a data package' }).click()
  expect((await waits).suggestedFilename()).toBe('spring-chard-bag-or-own-mix.zip')
  await expectAlive(page)
  const dots = page.getByRole('region', { name: /Fresh shoots on day 56/ })
  for (const [button, end, begins] of [
    ['as SVG', 'svg', '<svg'],
    ['as PNG', 'png', '\u0089PNG'],
  ] as const) {
    const comes = page.waitForEvent('download')
    await dots.getByRole('button', { name: button }).click()
    const file = await comes
    expect(file.suggestedFilename()).toBe(
      `spring-chard-bag-or-own-mix-fresh-shoots-on-day-56.${end}`,
    )
    const content = await readFile(await file.path())
    expect(content.toString('latin1').slice(0, begins.length)).toBe(begins)
  }
})

test('a trial comes back from its package, a broken one is refused with what is wrong @desk', async ({
  page,
}) => {
  const packed = await page.request.get('/api/trials/2/package')
  const zip = await packed.body()
  await page.goto('/trials')
  const file = page.getByLabel('A finished trial that was kept as a data package:')
  await file.scrollIntoViewIfNeeded()
  await expect(file).toBeEnabled()
  await file.setInputFiles({
    name: 'half.zip',
    mimeType: 'application/zip',
    buffer: zip.subarray(0, 500),
  })
  await expect(
    page.getByText('This file is no archive, or a broken one', { exact: false }),
  ).toBeVisible()
  await file.setInputFiles({ name: 'chard.zip', mimeType: 'application/zip', buffer: zip })
  await expect(title(page)).toHaveText('Spring chard: bag or own mix')
  await expect(verdicts(page)).toHaveText([
    'Trough mix: better',
    'Trough mix, second try: no difference shown',
  ])
  expect(page.url()).not.toContain(CHARD)
  await page.goto('/trials')
  await expect(page.getByRole('link', { name: 'Spring chard: bag or own mix' })).toHaveCount(2)
})
