import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectAlive, expectNoSideways, test } from './garden'

const SHEET = '/trials/candidates?of=mix:1,material:all-purpose-mix,lot:1&crop=chard'
const title = (page: Page) => page.getByRole('heading', { level: 1 })
/** Names of the candidates in the order in which they stand. */
const names = (page: Page) =>
  page.getByRole('columnheader').evaluateAll((heads) => heads.map((head) => head.textContent ?? ''))
const row = (page: Page, name: RegExp) =>
  page.getByRole('row').filter({
    has: page.getByRole('rowheader', { name }),
  })

test('which mix for this pot: what grew better, what it costs and what it does there stand side by side', {
  tag: '@phone',
}, async ({ page }) => {
  await page.goto('/trials/2/results')
  await page.getByRole('link', { name: 'All that is known of these mixes' }).click()
  await expect(title(page)).toHaveText('Candidates side by side')
  await expectAlive(page)
  await expect(page.getByText(/Trough mix for strawberries comes first/)).toBeVisible()
  await expect(page.getByText(/All-purpose bagged mix is behind/)).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)

  // Each check of the trial, with the pots that count, and its own verdict.
  const height = row(page, /^Height$/).first()
  await expect(height).toContainText('day 14: ')
  await expect(height).toContainText('5 of 6 pots')
  // Height was also seen: the verdict is that of what decides.
  await expect(height).not.toContainText('better than')
  await expect(row(page, /^Fresh shoots$/).first()).toContainText(
    'better than All-purpose bagged mix',
  )
  // A number that was worked out can be asked why.
  const air = page.getByRole('button', { name: /Why.*Air after draining.*Trough mix/ })
  await air.click()
  await expect(page.getByRole('region', { name: 'Air after draining' })).toBeVisible()
  await page.getByRole('region', { name: 'Air after draining' }).getByText('Close').click()
  await expect(page.getByRole('region', { name: 'Air after draining' })).toHaveCount(0)

  // Money first: the cheaper one stands first, and the way back is the one before.
  await page.getByLabel('What matters most').selectOption({ label: 'what a litre costs' })
  await expect(
    page.getByText(/^By what a litre costs, All-purpose bagged mix comes first/),
  ).toBeVisible()
  expect((await names(page))[0]).toContain('All-purpose')
  await page.goBack()
  await expect(page.getByText(/Trough mix for strawberries comes first/)).toBeVisible()
  expect((await names(page))[0]).toContain('Trough')
})

test('candidates are added and taken off, and what a trial did not compare is not said to differ @desk', async ({
  page,
}) => {
  await page.goto('/mixes')
  await page.getByRole('link', { name: 'Candidates side by side' }).click()
  await expectAlive(page)
  const add = page.getByLabel('Add a candidate')
  await add.selectOption({ label: 'Camellia tub' })
  await expect(page.getByRole('columnheader')).toHaveCount(3)
  await expect(page.getByText(/Of Camellia tub it is not known/)).toBeVisible()
  // The same again changes nothing.
  await add.selectOption({ label: 'Camellia tub' })
  await expect(page.getByRole('columnheader')).toHaveCount(3)
  await page.getByLabel('What matters most').selectOption({ label: 'air after draining' })
  await expect(page.getByText(/^By air after draining/)).toBeVisible()
  await page.getByLabel('Hold them against').selectOption({ label: 'Camellia tub' })
  await expect(page.getByRole('columnheader', { name: /Camellia tub/ })).toContainText(
    'held against this',
  )
  await page.getByRole('link', { name: 'Take off Camellia tub' }).click()
  await expect(page.getByRole('columnheader')).toHaveCount(2)

  // One alone, and none: the next step is offered.
  await page.goto('/trials/candidates?of=mix:2&crop=camellia')
  await expect(page.getByText('Add another to hold it against.')).toBeVisible()
  await page.getByRole('link', { name: 'Take off Camellia tub' }).click()
  await expect(page.getByRole('columnheader').first()).toBeVisible()

  // Nothing was tried: a trial is a step away, with the first of them chosen already.
  await page.goto('/trials/candidates?of=mix:2,material:acid-mix&crop=camellia')
  await page.getByRole('link', { name: 'Plan a trial of them' }).click()
  await expect(page).toHaveURL(/\/trials\/new\?kind=comparison&mix=2/)
})

test('what is read at the bench and handed on by a trial shows on the sheet at once @desk', async ({
  page,
}) => {
  await page.goto(SHEET)
  const salts = row(page, /^pH/)
  await expect(salts.getByRole('cell').first()).toContainText('≈')
  await page.getByRole('link', { name: 'Trough mix for strawberries', exact: true }).click()
  await page.getByRole('link', { name: 'All that is known, beside others' }).click()
  await expect(page.getByRole('columnheader')).toHaveCount(1)
  const made = await page.request.post('/api/bench/tests', {
    data: { kind: 'look', sample: { kind: 'mix', id: 1 } },
  })
  const { id } = await made.json()
  await page.request.post(`/api/bench/tests/${id}/finish`, {
    data: {
      observation: { kind: 'look', smell: 'sour', sights: ['gnats'] },
      place: '',
      judge: '',
      note: '',
      water: null,
    },
  })
  await page.goto('/trials/2/results')
  await expectAlive(page)
  await page.getByRole('button', { name: 'Make it my standard' }).click()
  await expect(page.getByText(/is the standard for Chard\./)).toBeVisible()
  await page.goto(SHEET)
  await expect(row(page, /^Smell$/)).toContainText('sour: it had no air')
  await expect(row(page, /^Seen in it$/)).toContainText('gnats')
  await expect(page.getByRole('columnheader').first()).toContainText('your standard for Chard')
  await row(page, /^Smell$/)
    .getByRole('link', { name: /tested once/ })
    .click()
  await expect(page).toHaveURL(`/bench/tests/${id}`)
})

test('an address with what is gone or nonsense says so, and shows the rest @desk', async ({
  page,
}) => {
  await page.goto('/trials/candidates?of=mix:1,lot:99999&pot=99999&by=trial:77')
  await expect(page.getByText('One of the candidates is not there any more')).toBeVisible()
  await expect(page.getByRole('columnheader')).toHaveCount(1)
  const refused = await page.goto('/trials/candidates?of=mix:1&pot=here')
  expect(refused?.status()).toBe(422)
  await expect(page.getByText(/pot/).first()).toBeVisible()
})
