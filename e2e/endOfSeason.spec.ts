import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectAlive, test } from './garden'

/** Two sacks, a basket, a box, six pots on a rail and two pans. */
const TWELVE = [7, 8, 9, 10, 27, 28, 29, 30, 31, 32, 37, 38]

const heap = (page: Page, name: RegExp) => page.getByRole('region', { name })

async function seenIn(page: Page, code: string, typed: string, name: RegExp) {
  const pot = await openPot(page, code)
  await pot.getByLabel('What did you see?').fill(typed)
  await pot.getByRole('button', { name }).click()
  return pot
}

async function openPot(page: Page, code: string) {
  const pot = page
    .getByRole('region', { name: 'Where one differs' })
    .getByRole('listitem')
    .filter({ has: page.locator('summary', { hasText: code }) })
  await pot.locator('summary').first().click()
  return pot
}

test('twelve pots of a mixed season: answered, judged, into heaps, each with its way @phone', async ({
  page,
}) => {
  await page.goto(`/turnover/found?pots=${TWELVE.join(',')}`)
  await expectAlive(page)
  const all = page.getByRole('region', { name: /^All of them/ })
  await expect(all).toContainText('12 pots chosen')
  await all.getByLabel('How far has the surface sunk?').fill('4 cm')
  await all.getByRole('group', { name: 'Root mass' }).getByRole('radio', { name: 'Dense' }).check()

  // One wilts and is parted from the others of its rail; its debris goes into the bin.
  const ill = await seenIn(page, 'P29', 'fusarium', /^Fusarium wilt/)
  await ill.getByRole('checkbox', { name: /Part its mix from the others/ }).check()
  await ill.getByRole('radio', { name: 'To the compost' }).check()
  await expect(ill.getByText(/the bin is safer/)).toBeVisible()
  await ill.getByRole('radio', { name: 'Into the bin' }).check()
  await seenIn(page, 'P09', 'salt', /^Salt crust/)
  await seenIn(page, 'P10', 'come up again', /^Self-seeding flowers/)
  const dry = await openPot(page, 'P38')
  await dry
    .getByRole('group', { name: 'Water runs down the side' })
    .getByRole('radio', { name: 'Yes' })
    .check()
  await dry.getByText('Smell, life, mulch, drainage').click()
  await dry
    .getByRole('group', { name: 'Does it drain?' })
    .getByRole('radio', { name: 'No' })
    .check()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Keep what was found in 12 pots' }).click()

  // Each goes with its like: the ill pot alone, the salty one to be washed, the dry ones to be wetted.
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Batches')
  await expectAlive(page)
  await expect(heap(page, /P29 /)).toContainText('Fusarium wilt')
  await heap(page, /P29 /).getByText('Add another lot to this heap').click()
  await heap(page, /P29 /)
    .getByLabel('Which lot?')
    .selectOption({ label: 'Bean sacks, south wall' })
  await expect(heap(page, /P29 /).getByText(/^Stop: what was found speaks against/)).toBeVisible()
  await heap(page, /P29 /).getByLabel('Which lot?').selectOption('')
  await expect(heap(page, /Hanging basket/)).toContainText('wash the salts out')
  await expect(heap(page, /Window box/)).toContainText('Self-seeding flowers')
  await expect(heap(page, /Nasturtium pans/)).toContainText('Water runs down the side')
  const healthy = heap(page, /^Use again: .*Bean sacks/)
  await expect(healthy).toContainText('Fuchsia rail')
  await expectAccessible(page)

  // The ill one is used all the same, with a reason that stays in sight.
  await heap(page, /P29 /).getByRole('link', { name: /^P29 / }).click()
  await expectAlive(page)
  await page.getByText('Say what was done, or decide').click()
  await page.getByRole('radio', { name: /Use it all the same/ }).check()
  await page.getByLabel('Why?').fill('only flowers will grow in it')
  await page.getByRole('button', { name: 'Keep it' }).click()
  await expect(page.getByText(/Used all the same since/).first()).toContainText('only flowers')

  // The healthy ones become one heap, and its way is chosen.
  await page.goBack()
  await expectAlive(page)
  await healthy.getByRole('button', { name: 'Tip them together' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Turn over')
  await expectAlive(page)
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Nasturtium' })
  await page.getByRole('button', { name: 'Compare the ways to go on' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Ways to go on with')
  await expectAlive(page)
  await page
    .getByRole('button', { name: /Compost only/ })
    .first()
    .click()
  await page.getByRole('link', { name: 'Write the recipe for Compost only' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Recipe for')

  // The dry pan's order wets it first, and opens the holes that were stuck.
  await page.goto('/turnover/plan')
  await expectAlive(page)
  await page.getByRole('button', { name: 'Choose none' }).click()
  await page.getByRole('checkbox', { name: /Nasturtium pans/ }).check()
  await page.getByLabel('What grows in them next?').selectOption({ label: 'Strawberry' })
  await page.getByRole('button', { name: 'Work out the ways' }).click()
  await page.getByLabel('Way for Nasturtium pans').selectOption('full')
  await page.getByRole('link', { name: 'See the ways of Nasturtium pans' }).click()
  await expectAlive(page)
  await page.getByRole('button', { name: /Full/ }).first().click()
  await page.getByRole('link', { name: 'Write the recipe for Full' }).click()
  await expectAlive(page)
  await page.getByRole('button', { name: 'Make the work order' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Work order for')
  await expect(page.getByText(/Wet it slowly/)).toBeVisible()
  await expect(page.getByText('P38 did not drain when you looked')).toBeVisible()
})
