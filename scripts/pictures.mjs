// Renews docs/screenshots from the demo garden, with a standing clock.
import './withWorkshop.mjs'
import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { ensureChromium } from './chromium.mjs'
import { CHROMIUM_FLAGS } from './chromiumFlags.mjs'
import { dist, ensureBuilt, ensureInstalled, ensureNode, root } from './setup.mjs'

ensureNode()
ensureInstalled()
ensureChromium()
ensureBuilt()
const { chromium } = await import('@playwright/test')

const PORT = '45877'
const address = `http://localhost:${PORT}`
const answers = {
  lot: 1,
  drop: 5,
  roots: 'fine',
  side: 'no',
  crop: 'strawberry',
  pots: [1],
  litres: null,
  share: 0.3,
  feed: 'organic',
}
const recipe =
  '/turnover/recipe?lot=1&drop=5&roots=fine&side=no&crop=strawberry&pots=1&share=0.3&feed=organic'
const askAggregate = (page) => page.getByRole('button', { name: /^Why this much \d/ }).click()
const desk = { width: 1280, height: 800 }
const phone = { width: 390, height: 844 }

const folder = mkdtempSync(path.join(tmpdir(), 'innings-pictures-'))
const server = spawn(process.execPath, [`${dist}/main.mjs`], {
  cwd: root,
  env: {
    ...process.env,
    PORT,
    INNINGS_DATA: folder,
    INNINGS_DEMO: '1',
    INNINGS_COPIES: '0',
    INNINGS_NOW: '2026-11-02T10:00:00Z',
  },
  stdio: ['ignore', 'pipe', 'inherit'],
})
await new Promise((resolve) =>
  server.stdout.on('data', (said) => `${said}`.includes('ready') && resolve()),
)
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM,
  args: CHROMIUM_FLAGS,
})
const take = async (name, place, viewport, act) => {
  const page = await browser.newPage({ viewport, locale: 'en-GB' })
  await page.goto(address + place, { waitUntil: 'networkidle' })
  await act?.(page)
  await page.screenshot({ path: path.join(root, 'docs', 'screenshots', `${name}.png`) })
  await page.close()
}

await take('lots', '/lots', desk)
await take('lot', '/lots/1', desk)
await take('mix', '/mixes/design?mix=1', desk, (page) =>
  page.getByRole('button', { name: /^Why Air after draining/ }).click(),
)
await take('bottom-layer', '/mixes/layers?mixes=1', desk, async (page) => {
  await page.getByLabel('In which pot').selectOption({ label: 'Stair pot · Upper flight' })
  await page.getByRole('slider', { name: 'Time' }).fill('17')
})
await take('compare', '/mixes/compare?mixes=1&pots=17,18', desk, (page) =>
  page.getByRole('row', { name: /First drip/ }).waitFor(),
)
await take('intake', '/turnover/new?lot=1', desk)
await take('ways', recipe.replace('recipe', 'ways'), { width: 1280, height: 1180 })
await take('recipe', recipe, desk, askAggregate)
await take('pots', '/pots', desk)
await take('log-phone', '/log?pot=2', phone)
const made = await fetch(`${address}/api/recondition/work-orders`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(answers),
})
const { id } = await made.json()
await take('order', `/turnover/orders/${id}`, desk, async (page) => {
  await page.getByRole('checkbox').first().click()
  await page.getByText(/1 of \d+ steps done/).waitFor()
})
await take('turnover', '/turnover', desk)
await take('trial', '/trials/2/results', { width: 1280, height: 1500 }, async (page) => {
  await page.locator('[data-drawn="true"]').first().waitFor()
})
const candidates = 'mix:1,material:all-purpose-mix,lot:1,lot:2'
await take('candidates', `/trials/candidates?of=${candidates}&crop=chard`, {
  width: 1280,
  height: 1180,
})
await take('look-phone', '/trials/7/look', phone, async (page) => {
  const leaves = page.getByLabel('Leaves')
  await leaves.and(page.locator(':enabled')).waitFor()
  await leaves.focus()
  await page.getByRole('group', { name: 'Keys' }).getByRole('button', { name: '1' }).click()
})
await take('labels', '/labels', desk)
await take('bench', '/bench?lot=4', desk)
const idOf = (link) => Number(/tests\/(\d+)/.exec(link)?.[1])
await take('drain-result', '/bench/samples/lot/4', desk, async (page) => {
  const links = page.getByRole('link', { name: 'Drain test' })
  await page.goto(`${address}/bench/tests/${idOf(await links.first().getAttribute('href'))}`)
})
const begun = await fetch(`${address}/api/bench/tests`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ kind: 'drain', sample: { kind: 'lot', id: 4 } }),
})
const drain = await begun.json()
// Two minutes before the standing clock, so that the picture shows a test in the middle.
for (const [key, secondsAgo] of [
  ['pour', 107],
  ['drip', 69],
]) {
  await fetch(`${address}/api/bench/tests/${drain.id}/moments`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      id: key,
      key,
      at: new Date(Date.parse('2026-11-02T10:00:00Z') - 1000 * secondsAgo).toISOString(),
      value: null,
    }),
  })
}
await take('clock-phone', `/bench/tests/${drain.id}`, phone)

await browser.close()
server.kill('SIGTERM')
server.on('exit', () => rmSync(folder, { recursive: true, force: true }))
