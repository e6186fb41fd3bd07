import { expect, expectAccessible, expectAlive, makeOrder, test } from './garden'

const LOT = 'Long trough by the door'

test('five ways side by side, what matters weighed, one of them written and worked to its end @desk', async ({
  page,
}) => {
  await page.goto('/turnover/new?lot=1')
  await expectAlive(page)
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Strawberry' })
  await page.getByLabel('What grows in it next?').press('Enter')
  await page.getByRole('button', { name: 'Compare the ways to go on' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Ways to go on with ${LOT}`)
  await expectAlive(page)
  const table = page.getByRole('table', { name: 'Five ways side by side' })
  const best = table.getByRole('columnheader').filter({ hasText: 'fits best' })
  await expect(best).toContainText('Part fresh mix')
  await expect(
    page.getByText(/fits what you put first \(growth, then money and work\)/),
  ).toBeVisible()
  await expectAccessible(page)

  // A number is asked.
  await table.getByRole('button', { name: /Why air, Full/ }).click()
  await expect(page.getByRole('heading', { name: 'Why air, full?' })).toBeVisible()
  await table.getByRole('button', { name: /Why air, Full/ }).click()

  // Two of them against each other.
  await page.getByRole('button', { name: 'Compare two' }).click()
  const two = page.getByRole('region', { name: 'Two ways against each other' })
  await expect(two).toContainText('Part fresh mix instead of as it is')
  await expect(two.getByRole('row', { name: /^Air after draining/ })).toContainText('points more')
  await two.getByLabel('Against').selectOption('replace')
  await expect(two.getByRole('row', { name: /^Cost/ })).toContainText('dearer')
  await expect(two.getByRole('row', { name: /^Cost/ })).toContainText('no price known of')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Compare two' }).click()
  await expect(two).toHaveCount(0)

  // Work alone: the least work of the ways that stand is marked, never the old mix without air; kept for the next visit.
  const notAtAll = (what: string) =>
    page.getByRole('group', { name: what }).getByRole('radio', { name: 'not at all' })
  await notAtAll('Growth').check()
  await notAtAll('Money').check()
  await expect(best).toContainText('Replace')
  await expect(
    page.getByText(/for the least work, the feeding of the season counted/),
  ).toBeVisible()
  await page.reload()
  await expect(best).toContainText('Replace')
  await expect(notAtAll('Growth')).toBeChecked()

  // What is ruled out closes ways and says so.
  await page.getByRole('checkbox', { name: /No peat is added/ }).click()
  await expect(table.getByText('it would add peat, which you rule out').first()).toBeVisible()
  await expect(table.getByRole('button', { name: '5 Replace' })).toHaveCount(0)
  await expect(best).toContainText('Full')
  await expect(page.getByText(/the only way with enough litres and air/)).toBeVisible()
  await page.getByRole('checkbox', { name: /No peat is added/ }).click()
  await expect(table.getByText('it would add peat, which you rule out')).toHaveCount(0)

  // One is chosen by hand, written and worked.
  await expectAlive(page)
  await table.getByRole('button', { name: '3 Compost only' }).click()
  await page.getByRole('link', { name: 'Write the recipe for Compost only' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Recipe for ${LOT}`)
  await expect(page.getByText('Way: compost only.')).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(`Ways to go on with ${LOT}`)
  await page.goForward()
  await makeOrder(page)
  await expect(page.getByText('Leaf mould').first()).toBeVisible()
  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(page.getByText(/Finished on 2 Nov 2026/)).toBeVisible()
})

test('as it is: forked over where it stands, and the old mix counts as used @desk', async ({
  page,
}) => {
  await page.goto('/turnover/new?lot=1')
  await expectAlive(page)
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Nasturtium' })
  await page.getByRole('button', { name: 'Compare the ways to go on' }).click()
  await expectAlive(page)
  await page.getByRole('button', { name: '1 As it is' }).click()
  await page.getByRole('link', { name: 'Write the recipe for As it is' }).click()
  await makeOrder(page)
  await expect(page.getByText(/Tip it out/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Finish: start the next innings' }).click()
  await expect(page.getByText(/Finished on 2 Nov 2026/)).toBeVisible()
  await expect(page.getByRole('link', { name: /left over/ })).toHaveCount(0)
})
