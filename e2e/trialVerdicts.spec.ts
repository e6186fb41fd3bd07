import type { Page } from '@playwright/test'
import { TRIAL_OF_TWO_BAGS } from '../testing/answers'
import { expect, expectAccessible, expectAlive, expectNoSideways, test } from './garden'

const verdicts = (page: Page) =>
  page.getByRole('listitem').locator('strong').filter({ hasText: /:/ })

/** Plans, plants and reads a trial as its pages do, and closes it. */
async function grown(
  page: Page,
  more: object,
  valuesOf: (pot: {
    readonly treatment: number
    readonly block: number
    readonly at: number
  }) => object,
): Promise<number> {
  const send = async (method: 'post' | 'put', path: string, data: object) => {
    const answer = await page.request[method](path, { data })
    expect(answer.ok(), await answer.text()).toBe(true)
    return answer.json()
  }
  const { id } = await send('post', '/api/trials', { ...TRIAL_OF_TWO_BAGS, ...more })
  const planned = await send('put', `/api/trials/${id}/layout`, { version: 1, swap: null })
  const { version } = planned
  await send('post', `/api/trials/${id}/plant`, { version, on: '2026-09-01', despite: '' })
  for (const [at, pot] of planned.potList.entries()) {
    await send('post', `/api/trials/${id}/looks`, {
      potId: pot.id,
      on: '2026-09-15',
      values: valuesOf({ treatment: pot.treatment, block: pot.block ?? 0, at }),
      note: '',
    })
  }
  return id
}

test('two mixes in blocks, from the plan to the verdict: what differs between blocks is taken out @phone', async ({
  page,
}) => {
  const id = await grown(
    page,
    { name: 'Two bags in six blocks', pots: 6, measures: ['height', 'vigour'], decides: 'height' },
    ({ treatment, block, at }) => ({
      // Blocks differ by far more than the mixes do.
      height: 12 + 6 * block + 2 * treatment + ((at * 7) % 3) / 10,
      vigour: 3 + (block % 2),
    }),
  )
  await page.goto(`/trials/${id}`)
  await expectAlive(page)
  await expect(page.getByText(/What decides, and nothing else: height on day 14/)).toBeVisible()
  await page.getByRole('button', { name: 'Close it and read the result' }).click()
  await page.getByRole('link', { name: 'What it found' }).click()
  await expect(verdicts(page)).toHaveText(['seed-mix: better'])
  await expect(
    page.getByText('What decides, named before it was planted: height on day 14.'),
  ).toBeVisible()
  await page.getByText('How this is decided').click()
  await expect(
    page.getByText(/in blocks: what differs from block to block is taken out/),
  ).toBeVisible()
  await expectAccessible(page)
  await expectNoSideways(page)
  // What does not decide is also seen, and leads back to what does.
  await page.getByRole('link', { name: 'Show Vigour' }).click()
  await expect(verdicts(page)).toHaveText(['seed-mix: also seen'])
  await page.getByRole('link', { name: 'Show what decides' }).click()
  await expect(verdicts(page)).toHaveText(['seed-mix: better'])
})

test('seeds in trays: two of each are described, four are compared as trays @desk', async ({
  page,
}) => {
  const trays = (pots: number) =>
    grown(
      page,
      {
        name: `Trays, ${pots} of each`,
        kind: 'count',
        must: 'germination',
        mustValue: 60,
        measures: ['emerged'],
        how: 'sown',
        perPot: 20,
        pots,
        blocks: false,
      },
      ({ treatment, at }) => ({ emerged: (treatment === 0 ? 17 : 6) + (at % 3) }),
    )
  const shown = async (id: number) => {
    await page.goto(`/trials/${id}`)
    await expectAlive(page)
    await page.getByRole('button', { name: 'Close it and read the result' }).click()
    await page.getByRole('link', { name: 'What it found' }).click()
  }
  await shown(await trays(2))
  await expect(verdicts(page)).toHaveText(['seed-mix: cannot tell'])
  await expect(page.getByText(/fewer than three trays on a side count/)).toBeVisible()
  await shown(await trays(4))
  await expect(verdicts(page)).toHaveText(['seed-mix: worse'])
})
