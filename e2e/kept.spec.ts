import { mkdtempSync, readdirSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type Page, test as plain, type Request } from '@playwright/test'
import { TRIAL_OF_TWO_BAGS } from '../testing/answers'
import { expect, expectAccessible, expectAlive, expectNoSideways, test } from './garden'
import { remove, startServer } from './server'

/** Redirects, where nothing of a garden is shown. */
const NOT_WALKED = ['/', '/sign-in']

const PAGES = 'src/pages'

/** Every page there is, so that a new one has to be walked as well. */
function pagePatterns(): string[] {
  return readdirSync(PAGES, { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.astro') && !/^(404|500)\./.test(file))
    .map((file) => `/${file.replace(/\.astro$/, '').replace(/(^|\/)index$/, '')}`)
    .sort()
}

function patternMatches(pattern: string, place: string): boolean {
  const [bare = ''] = place.split('?')
  return new RegExp(`^${pattern.replaceAll(/\[\w+\]/g, '[^/]+')}$`).test(bare)
}

/** Gives what waits until a page that stands has been answered whatever it asked for. */
function untilAnswered(page: Page): () => Promise<void> {
  const asked = new Set<Request>()
  page.on('request', (request) => asked.add(request))
  page.on('requestfinished', (request) => asked.delete(request))
  page.on('requestfailed', (request) => asked.delete(request))
  return async () => {
    // Its parts ask when they are alive: they have had their turn by then.
    await page.evaluate(
      () => new Promise((go) => requestAnimationFrame(() => requestAnimationFrame(go))),
    )
    await expect.poll(() => asked.size).toBe(0)
    await page.evaluate(() => new Promise((go) => requestAnimationFrame(go)))
  }
}

const HARM = `<img src="x" onerror="window.harmed=1"><script>window.harmed=1</script>"'\`{{7*7}}`

test('a double click on any save makes one thing, also over a slow connection @desk', async ({
  page,
}) => {
  await page.route('**/api/**', async (route) => {
    if (route.request().method() === 'POST') await new Promise((go) => setTimeout(go, 300))
    await route.continue()
  })
  await page.goto('/bench/pens')
  await page.getByLabel('Name of the pen').fill('Double pen')
  await page.getByRole('button', { name: 'Write the pen down' }).dblclick()
  await expect(page.getByRole('heading', { name: /Double pen/ })).toHaveCount(1)

  await page.goto('/lots/8')
  await page.getByRole('button', { name: 'Add an entry' }).click()
  await page.getByRole('radio', { name: 'Spilled or lost' }).check()
  await page.getByLabel('How much').fill('4 L')
  await page.getByRole('button', { name: 'Write it in the ledger' }).dblclick()
  await expect(page.getByText('15.0 L', { exact: true })).toBeVisible()

  await page.goto('/turnover/new?lot=1')
  await page.getByLabel('What grows in it next?').selectOption({ label: 'Strawberry' })
  await page.getByRole('button', { name: 'Straight to the full recipe' }).click()
  await page.getByRole('button', { name: 'Make the work order' }).dblclick()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Work order for')
  await page.goto('/turnover')
  await expect(page.getByRole('link', { name: /Long trough by the door/ })).toHaveCount(1)
})

test('an answer that is lost on the way: saving again does not do it twice @desk', async ({
  page,
}) => {
  await page.goto('/bench/pens')
  let lost = 0
  await page.route('**/api/bench/pens', async (route) => {
    if (lost++ > 0) return route.continue()
    // It arrives and is saved; the answer does not come back.
    await route.fetch()
    await route.abort('connectionreset')
  })
  await page.getByLabel('Name of the pen').fill('Lost and found')
  await page.getByRole('button', { name: 'Write the pen down' }).click()
  await expect(page.getByText(/Innings did not answer/)).toBeVisible()
  await page.getByRole('button', { name: 'Write the pen down' }).click()
  await expect(page.getByRole('heading', { name: /Lost and found/ })).toHaveCount(1)
})

test('litres that do not go into the pot are offered a place in the store @desk', async ({
  page,
}) => {
  await page.goto('/lots/new')
  await page.getByLabel('What do you call it?').fill('Small cube')
  await page.getByLabel('Where does it stand?').fill('Yard')
  await page.getByRole('radio', { name: 'Round pots or bags' }).check()
  await page.getByLabel('Diameter at the top').fill('28 cm')
  await page.getByLabel('Diameter at the base').fill('22 cm')
  await page.getByLabel('Height inside').fill('28 cm')
  await page.getByLabel('Material 1').selectOption({ label: 'All-purpose bagged mix' })
  await page.getByLabel('Litres').fill('60 L')
  await page.getByRole('button', { name: 'Save the lot' }).click()
  await expect(page.getByText(/You asked for 60\.0 L; .* go in to the rim/).first()).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: /^Save it, with .* as a lot in the store$/ }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Small cube')
  await page.goto('/lots')
  await expect(page.getByRole('link', { name: 'Small cube, left over' })).toBeVisible()
})

plain(
  'a new garden says which days and year it counts by, and changes them in one tap @desk',
  async ({ page }) => {
    const folder = mkdtempSync(path.join(tmpdir(), 'innings-own-'))
    const server = await startServer(folder, { TZ: 'Europe/Berlin' })
    try {
      await page.goto(`${server.address}/`)
      await expect(page.getByRole('link', { name: 'Enter your first lot' })).toBeVisible()
      await expect(page.getByText(/those of Europe\/Berlin, and .* northern one/)).toBeVisible()
      await expectAccessible(page)
      await expectNoSideways(page)
      await page.getByRole('button', { name: 'Use Europe/London, as in this browser' }).click()
      await expect(page.getByText(/those of Europe\/London, and/)).toBeVisible()
      await page.getByRole('radio', { name: /Southern/ }).check()
      await expect(page.getByText(/the southern one/)).toBeVisible()
      await page.getByLabel('Time zone').selectOption('Pacific/Auckland')
      await expect(page.getByText(/those of Europe\/London/)).toBeVisible()
      await expect(page.getByText(/those of Pacific\/Auckland/)).toBeVisible()
      await page.reload()
      await expect(page.getByText(/those of Pacific\/Auckland, .* southern one/)).toBeVisible()
    } finally {
      await server.stop()
      remove(folder)
    }
  },
)

test('text made of markup is shown as text on every page @desk', async ({ page, garden }) => {
  const send = async (method: string, address: string, data: unknown) => {
    const answer = await page.request.fetch(garden.address + address, {
      method,
      data: data as object,
    })
    expect(answer.ok(), `${address}: ${await answer.text()}`).toBe(true)
    return (await answer.json()) as { id: number; containerIds?: number[] }
  }
  const harm = HARM.slice(0, 80)
  const shape = { kind: 'round', topDiameterCm: 30, baseDiameterCm: 24, heightCm: 30 }
  const lot = await send('POST', '/api/media/lots', {
    name: harm,
    place: harm,
    origin: 'bag',
    components: [{ materialId: 'all-purpose-mix', litres: 12 }],
    container: { shape, headspaceCm: 2, count: 1 },
  })
  await send('POST', `/api/media/lots/${lot.id}/entries`, { kind: 'lost', litres: 1, note: HARM })
  const mix = await send('POST', '/api/mixes', {
    name: harm,
    parts: [{ materialId: 'peat-medium', litres: 4 }],
    note: HARM,
    madeFor: {
      container: { shape, headspaceCm: 2 },
      containerName: harm,
      cropId: 'strawberry',
      groupId: null,
      exposure: 'open',
      everyDays: 2,
    },
  })
  await send('POST', `/api/mixes/${mix.id}/lots`, { litres: 5, name: harm, storeBin: harm })
  await send('POST', '/api/bench/pens', { name: harm })
  const sample = { kind: 'lot', id: lot.id }
  const look = await send('POST', '/api/bench/tests', { kind: 'look', sample })
  await send('POST', `/api/bench/tests/${look.id}/finish`, {
    observation: { kind: 'look', smell: 'sour', sights: [] },
    place: harm,
    judge: harm,
    note: HARM,
    water: null,
  })
  const drain = await send('POST', '/api/bench/tests', { kind: 'drain', sample })
  await send('PUT', `/api/bench/tests/${drain.id}/draft`, {
    values: { note: HARM, pouredMl: HARM },
  })
  const stood = await send('POST', `/api/media/lots/${lot.id}/put-away`, {})
  await send('POST', `/api/media/lots/${lot.id}/take-up`, stood)
  const [pot = 0] = stood.containerIds ?? []
  const wanted = {
    lot: lot.id,
    drop: 2,
    roots: 'fine',
    side: 'no',
    crop: 'strawberry',
    pots: [pot],
    litres: 5,
    share: 0.3,
    feed: 'organic',
  }
  const order = await send('POST', '/api/recondition/work-orders', wanted)
  await send('POST', '/api/containers/plantings', {
    pots: [pot],
    cropId: 'chard',
    cultivar: harm,
    how: 'sown',
    count: 3,
    on: '2026-11-01',
    despite: harm,
  })
  await send('POST', `/api/containers/${pot}/log`, { kind: 'note', note: HARM })
  const trial = await send('POST', '/api/trials', {
    ...TRIAL_OF_TWO_BAGS,
    name: harm,
    question: harm,
    place: harm,
    potSize: { ...TRIAL_OF_TWO_BAGS.potSize, name: harm },
    treatments: ['One', 'Other'].map((name) => ({
      name: `${name} <b>${HARM}`.slice(0, 60),
      medium: { kind: 'lot', lotId: lot.id },
      dose: 0,
      care: harm,
    })),
  })
  await send('PUT', `/api/trials/${trial.id}/lessons`, { version: 1, lessons: HARM })
  // One that runs: what is said at its pots.
  const walk = await (await page.request.get('/trials/7/look')).text()
  const potId = Number(/&quot;pots&quot;:\[1,\[\[0,\{&quot;id&quot;:\[0,(\d+)\]/.exec(walk)?.[1])
  await send('POST', '/api/trials/7/looks', { potId, values: { leaves: 3 }, note: harm })
  await send('POST', '/api/trials/7/events', {
    potId,
    kind: 'animal',
    note: harm,
    isLeftOut: true,
  })
  const places = [
    '/trials',
    '/trials/new?kind=comparison',
    '/trials/pots',
    `/trials/candidates?of=mix:${mix.id},lot:${lot.id}`,
    `/trials/${trial.id}`,
    '/trials/7',
    '/trials/7/look',
    '/trials/7/results',
    '/trials/7/report',
    '/lots',
    '/lots/new',
    '/lots/audit',
    `/lots?place=${encodeURIComponent(harm)}`,
    `/lots/${lot.id}`,
    '/pots',
    '/labels',
    '/c/P01',
    '/pots/paste',
    '/pots/places',
    '/log',
    `/log?pot=${pot}`,
    '/access',
    '/practice',
    `/pots/${pot}`,
    '/mixes',
    `/mixes/design?mix=${mix.id}`,
    `/mixes/compare?mixes=${mix.id}`,
    `/mixes/layers?mixes=${mix.id}`,
    '/bench',
    '/bench/pens',
    '/bench/kit',
    '/bench/compare',
    `/bench/samples/lot/${lot.id}`,
    `/bench/tests/${look.id}`,
    `/bench/tests/${drain.id}`,
    '/turnover',
    `/turnover/new?lot=${lot.id}`,
    `/turnover/found?pots=${pot}`,
    `/turnover/batches?lots=${lot.id}`,
    `/turnover/plan?lots=${lot.id}`,
    `/turnover/ways?${new URLSearchParams({ ...wanted, lot: String(lot.id), drop: '2', pots: String(pot), share: '0.3', litres: '5' })}`,
    `/turnover/recipe?${new URLSearchParams({ ...wanted, lot: String(lot.id), drop: '2', pots: String(pot), share: '0.3', litres: '5' })}`,
    `/turnover/orders/${order.id}`,
  ]
  const unseen = pagePatterns().filter(
    (pattern) => !places.some((place) => patternMatches(pattern, place)),
  )
  expect(unseen, 'pages the walk leaves out').toEqual(NOT_WALKED)
  const settled = untilAnswered(page)
  for (const place of places) {
    const answer = await page.goto(place)
    expect(answer?.status(), place).toBe(200)
    await expectAlive(page)
    await settled()
    const found = await page.evaluate(() => ({
      harmed: 'harmed' in window,
      images: document.querySelectorAll('img[src="x"]').length,
    }))
    expect(found, place).toEqual({ harmed: false, images: 0 })
  }
  await page.goto(`/lots/${lot.id}`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(harm)
})
