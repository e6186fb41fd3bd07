import { ASKED } from '../benchmarks/mainPages'
import { expectAccessible, expectAlive, expectNoSideways, test } from './garden'

// Jobs are driven at one width, the one they are done at; their pages fit and read at the other as well.

for (const [where, addresses] of [
  [
    'by thumb @phone',
    [
      `/turnover/ways?${ASKED}`,
      '/turnover/plan',
      '/turnover/batches?lots=6,7,15',
      '/trials/new?kind=comparison',
      '/trials/1',
      '/mixes/layers?mixes=1',
      '/lots/new',
    ],
  ],
  [
    'at a desk @desk',
    [
      '/turnover/found',
      '/mixes/design?group=seedlings',
      '/mixes/compare?mixes=1,2',
      '/trials/pots',
    ],
  ],
] as const) {
  test(`pages of jobs that are done elsewhere fit and read ${where}`, async ({ page }) => {
    for (const address of addresses) {
      await page.goto(address)
      await expectAlive(page)
      await expectAccessible(page)
      await expectNoSideways(page)
    }
  })
}
