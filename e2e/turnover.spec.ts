import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectAlive, makeOrder, test, workOutRecipe } from './garden'

const LOT = 'Long trough by the door'

/** A device whose line is so slow that it has not heard yet what others changed. */
async function hearNothing(page: Page): Promise<void> {
  await page.route('**/work-orders/*/state', (route) => route.abort())
}

test('a tired lot gets its next innings', async ({ page }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await expectAccessible(page)
  await expect(page.getByRole('img', { name: /The pot cut open/ })).toHaveCount(2)
  await page.getByRole('button', { name: /^Why this much \d/ }).click()
  await expect(page.getByText('its share of what is measured out')).toBeVisible()
  await expect(
    page.getByRole('img', { name: /Air after draining against the share/ }),
  ).toBeVisible()
  if ((page.viewportSize()?.width ?? 0) < 800) {
    await page.getByRole('button', { name: 'Close', exact: true }).click()
  }
  await page.getByRole('button', { name: /^Why pH/ }).click()
  await expect(page.getByText('pH of the old mix, measured')).toBeVisible()
  if ((page.viewportSize()?.width ?? 0) < 800) {
    await page.getByRole('button', { name: 'Close', exact: true }).click()
  }

  await makeOrder(page)
  await expectAccessible(page)
  const ticks = page.getByRole('checkbox', { name: /^Done:/ })
  const count = await ticks.count()
  for (let i = 0; i < count; i++) {
    await ticks.nth(i).click()
    // A wait is not ticked away without a reason.
    const why = page.getByLabel(/^Not before .* Why now\?$/)
    const counted = page.getByText(`${i + 1} of ${count} steps done`)
    await expect(why.or(counted)).toBeVisible()
    if (await why.isVisible()) {
      await why.fill('it lay ready since spring')
      await why.press('Enter')
    }
    await expect(counted).toBeVisible()
  }
  const compost = page.getByLabel(/Really used, leaf mould/)
  await compost.fill('2 1/2 gal')
  await expect(page.getByText('= 9.5 L')).toBeVisible()
  await compost.press('Enter')
  await expect(compost).toHaveValue('9.5 L')

  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(page.getByText(/Finished on 2 Nov 2026/)).toBeVisible()
  await page.getByRole('link', { name: 'See the lot' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(LOT)
  await expect(page.getByText('Innings 4, 2026: Strawberry, growing now')).toBeAttached()
  await expect(page.getByText(/Leaf mould 9.5 L/)).toBeVisible()
  await expectAccessible(page)
})

test('a reload in the middle keeps what was entered @desk', async ({ page }) => {
  await page.goto('/turnover/new?lot=1')
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Chard' })
  await page.getByLabel('How far has the surface sunk?').fill('7 cm')
  await page.getByRole('radio', { name: /Dense/ }).check()
  await page.reload()
  await expect(page.getByLabel('What grows in it next?')).toHaveValue('chard')
  await expect(page.getByLabel('How far has the surface sunk?')).toHaveValue('7 cm')
  await expect(page.getByRole('radio', { name: /Dense/ })).toBeChecked()

  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await makeOrder(page)
  await page.getByRole('checkbox', { name: /^Done: Take the plants out/ }).click()
  await expect(page.getByText(/1 of \d+ steps done/)).toBeVisible()
  await page.getByLabel(/Really used, old mix/).fill('12 L')
  await page.getByLabel(/Really used, old mix/).press('Tab')
  await expect(page.getByLabel(/Really used, old mix/)).toHaveValue('12.0 L')
  await page.reload()
  await expect(page.getByRole('checkbox', { name: /^Done: Take the plants out/ })).toBeChecked()
  await expect(page.getByLabel(/Really used, old mix/)).toHaveValue('12.0 L')
})

test('a page that is reloaded while an entry is on its way shows it, whichever comes first @desk', async ({
  page,
  context,
}) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  let arrive = () => {}
  const onItsWay = new Promise<void>((go) => {
    arrive = go
  })
  await page.route('**/api/recondition/work-orders/**', async (route) => {
    await onItsWay
    await route.continue()
  })
  const used = page.getByLabel(/Really used, old mix/)
  await used.fill('12 L')
  await used.press('Tab')
  await expect(used).toHaveValue('12.0 L')
  // A tab that only listens, since nobody can be asked while a page is coming.
  const listener = await context.newPage()
  await listener.goto('/api/health')
  const answered = listener.evaluate(
    () =>
      new Promise<void>((go) => {
        new BroadcastChannel('innings-outbox').onmessage = ({ data }) => {
          if (data.kind === 'answered') go()
        }
      }),
  )
  // The page is made before the entry arrives, and comes after its answer.
  await page.route('**/turnover/orders/*', async (route) => {
    const before = await route.fetch()
    arrive()
    await answered
    await route.fulfill({ response: before })
  })
  await page.reload()
  await expect(used).toHaveValue('12.0 L')
})

test('two tabs finish the same order: the second is told and nothing is doubled', {
  tag: '@desk',
}, async ({ page, context }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  const second = await context.newPage()
  await hearNothing(second)
  await second.goto(page.url())
  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(page.getByText(/Finished on/)).toBeVisible()
  await second.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(
    second.getByText('This work order was finished before: nothing was booked twice.'),
  ).toBeVisible()
  await page.goto('/lots/1')
  await expect(page.getByText(/Innings 4/)).toHaveCount(1)
  await expect(page.getByText(/Innings 5/)).toHaveCount(0)
})

test('a step changed on another device is not overwritten: both stand side by side until somebody decides', {
  tag: '@desk',
}, async ({ page, browser }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  const other = await browser.newContext()
  const second = await other.newPage()
  await hearNothing(second)
  await second.goto(page.url())
  await expectAlive(second)
  // It hears of the others once it knows what this browser kept: then it may be finished there.
  await expect(second.getByRole('button', { name: 'Finish: start the next innings' })).toBeEnabled()
  await page.getByLabel(/Really used, leaf mould/).fill('8 L')
  await page.getByLabel(/Really used, leaf mould/).press('Enter')
  await expect(page.getByLabel(/Really used, leaf mould/)).toHaveValue('8.0 L')
  await expect(page.getByText('not saved yet')).toHaveCount(0)
  await second.getByLabel(/Really used, leaf mould/).fill('3 L')
  await second.getByLabel(/Really used, leaf mould/).press('Enter')
  await expect(second.getByText('This step was changed on another page meanwhile.')).toBeVisible()
  const used = second.getByLabel(/Really used, leaf mould/)
  await expect(used).toHaveValue('8.0 L')
  await expect(second.getByRole('button', { name: /^1 not taken/ })).toBeVisible()
  await second.getByRole('button', { name: 'Look at both' }).click()
  const both = second.getByRole('dialog')
  await expect(both.getByText('Entered here', { exact: true }).locator('..')).toContainText(
    'leaf mould: 3.0 L',
  )
  await expect(both.getByText('Kept meanwhile', { exact: true }).locator('..')).toContainText('8 L')
  await expectAccessible(second)
  await both.getByRole('button', { name: 'Enter mine all the same' }).click()
  await expect(both.getByText('Everything that was entered has arrived.')).toBeVisible()
  await both.getByRole('button', { name: 'Close' }).click()
  await expect(used).toHaveValue('3.0 L')
  await other.close()
})

test('two devices on one order see what the other ticks and uses, and that it is finished, without a reload', {
  tag: '@desk',
}, async ({ page, browser }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  const other = await browser.newContext()
  const second = await other.newPage()
  await second.goto(page.url())
  await expectAlive(second)
  await page.getByRole('checkbox', { name: /^Done: Take the plants out/ }).click()
  await page.getByLabel(/Really used, leaf mould/).fill('8 L')
  await page.getByLabel(/Really used, leaf mould/).press('Enter')
  await expect(second.getByRole('checkbox', { name: /^Done: Take the plants out/ })).toBeChecked()
  await expect(second.getByLabel(/Really used, leaf mould/)).toHaveValue('8.0 L')
  await second.getByRole('checkbox', { name: /^Done: Take the plants out/ }).click()
  await expect(page.getByRole('checkbox', { name: /^Done: Take the plants out/ })).not.toBeChecked()
  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(second.getByText(/Finished on/)).toBeVisible()
  await other.close()
})

test('tabs of one browser follow each other', { tag: '@desk' }, async ({ page, context }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  const second = await context.newPage()
  await second.goto(page.url())
  await expectAlive(second)
  await page.getByLabel(/Really used, leaf mould/).fill('8 L')
  await page.getByLabel(/Really used, leaf mould/).press('Enter')
  await expect(second.getByLabel(/Really used, leaf mould/)).toHaveValue('8.0 L')
})

test('a tab that comes late learns what was entered since it was asked for', {
  tag: '@desk',
}, async ({ page, context }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  const second = await context.newPage()
  let comeOn = () => {}
  const entered = new Promise<void>((resolve) => {
    comeOn = resolve
  })
  await second.route(/\.js$/, async (route) => {
    await entered
    await route.continue()
  })
  await second.goto(page.url(), { waitUntil: 'commit' })
  await expect(second.getByLabel(/Really used, leaf mould/)).toHaveValue('')
  await page.getByLabel(/Really used, leaf mould/).fill('8 L')
  await page.getByLabel(/Really used, leaf mould/).press('Enter')
  await expect(page.getByLabel(/Really used, leaf mould/)).toHaveValue('8.0 L')
  await expect(page.getByText('not saved yet')).toHaveCount(0)
  comeOn()
  await expect(second.getByLabel(/Really used, leaf mould/)).toHaveValue('8.0 L')
})

test('over a slow connection ticks and amounts are kept in order, and say when they are not saved yet', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/turnover/new?lot=3')
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Camellia' })
  for (const pot of [/^P11/, /^P12/]) await page.getByRole('checkbox', { name: pot }).check()
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByText(/^2 equal loads of/)).toBeVisible()
  await makeOrder(page)
  await expect(page.getByText(/^2 equal loads of/)).toBeVisible()
  const sent: string[] = []
  await page.route('**/work-orders/**', async (route) => {
    if (route.request().method() !== 'PATCH') return route.continue()
    const { done, actuals } = route.request().postDataJSON()
    sent.push(done === undefined ? String(Object.values(actuals)) : String(done))
    await new Promise((go) => setTimeout(go, 500))
    return route.continue()
  })
  const old = page.getByLabel(/Really used, old mix/)
  await page.getByRole('checkbox', { name: /^Done: Take the plants out/ }).click()
  await old.fill('14 L')
  await old.press('Enter')
  await old.fill('13 L')
  await old.press('Enter')
  await page.getByRole('checkbox', { name: /^Done: Take the plants out/ }).click()
  await expect(page.getByText('not saved yet').first()).toBeAttached()
  await expect(page.getByRole('button', { name: /^Finish/ })).toBeDisabled()
  await expect(page.getByText('not saved yet')).toHaveCount(0)
  expect(sent).toEqual(['true', '14', '13', 'false'])
  await page.reload()
  await expect(old).toHaveValue('13.0 L')
  await expect(page.getByText(/\b0 of \d+ steps done/)).toBeVisible()
})

test('letters in numbers, too many litres and no crop are refused at their fields', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/turnover/new?lot=1')
  await page.getByLabel('How far has the surface sunk?').fill('a lot')
  await page.getByLabel('How many litres of finished mix?').fill('500 L')
  await page.getByLabel(/You water every/).fill('often')
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByText('"a lot" does not start with a number.')).toBeVisible()
  await expect(page.getByText('Say a number of days, such as 2')).toBeVisible()
  await expect(
    page.getByText(/You asked for .*; these hold 36\.\d L\. Add a pot or make less\./),
  ).toBeVisible()
  await page.getByLabel('How far has the surface sunk?').fill('5 cm')
  await page.getByLabel('How many litres of finished mix?').fill('')
  await page.getByLabel(/You water every/).fill('2 days')
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByRole('alert')).toContainText('Choose a crop')
})

test('more old mix than was found cannot have been used', { tag: '@desk' }, async ({ page }) => {
  await workOutRecipe(page, LOT, 'Strawberry')
  await makeOrder(page)
  await page.getByLabel(/Really used, old mix/).fill('90 L')
  await page.getByLabel(/Really used, old mix/).press('Enter')
  await expect(page.getByLabel(/Really used, old mix/)).toHaveValue('90.0 L')
  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(page.getByText(/cannot have been used/)).toBeVisible()
  await page.goto('/lots/1')
  await expect(page.getByText(/Innings 4/)).toHaveCount(0)
})

test('a recipe says how sure its air is, and what it misses', { tag: '@desk' }, async ({
  page,
}) => {
  const from = '/turnover/recipe?lot=7&drop=2&roots=fine&side=no&pots=11&share=0.25&feed=organic'
  await page.goto(`${from}&crop=chard`)
  await expect(
    page.getByText(/In 8 of 10 such mixes the air reaches the crop’s low end/),
  ).toBeVisible()
  await expect(page.getByText(/About 2 points more of rice hulls/)).toBeVisible()
  await page.goto(`${from}&crop=desert-cactus`)
  await expect(page.getByText(/pH comes to 7.5, outside 5.5–6.8/)).toBeVisible()
})

test('a rare watering habit is answered: days, what holds water, and what no mix can do', {
  tag: '@desk',
}, async ({ page }) => {
  await page.goto('/turnover/new?lot=1')
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Chard' })
  await page.getByLabel(/You water every/).fill('4')
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByText('high summer, full-grown; you water every 4')).toBeVisible()
  await expect(page.getByText(/nothing in your list holds enough more/)).toBeVisible()
  await page.getByRole('button', { name: /^Why these days/ }).click()
  await expect(page.getByText('water the crop can use')).toBeVisible()
  await makeOrder(page)
  await page.goto('/turnover/new?lot=1')
  await expect(page.getByLabel(/You water every/)).toHaveValue('4')
})

test('what never grows in used mix is led to a mix of its own', { tag: '@desk' }, async ({
  page,
}) => {
  await page.goto('/turnover/new?lot=7')
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Bromeliad (tank type)' })
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await expect(page.getByText(/does not grow in used mix: not from this lot/)).toBeVisible()
  await page.getByRole('link', { name: 'Design its mix' }).click()
  await expect(page.getByLabel('For', { exact: true })).toHaveValue('group:epiphytes')
})
