import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { NOW, startServer } from '../e2e/server'
import { copyOfGarden } from './copyOfGarden'
import { crowd } from './crowd'
import { SIZES, type SizeName } from './gardens/sizes'
import { MAIN_PAGES, ORDER_PAGE } from './mainPages'
import { type Figure, quantile } from './measure'

/** To every address, and of a page in all: of fewer, the slowest but one would pass for a quantile. */
const ANSWERS = 25
const ANSWERS_OF_PAGE = 75
/** Of a large garden. */
const P95_BELOW_MS = 150

/** Grows the made-up garden to each size, or those that are named, and asks for every page of it. */
export async function pages(named: readonly SizeName[]): Promise<Figure[]> {
  const figures: Figure[] = []
  const sizes = named.length > 0 ? named : (Object.keys(SIZES) as SizeName[])
  for (const size of sizes) figures.push(...(await pagesOf(size)))
  return figures
}

async function pagesOf(size: SizeName): Promise<Figure[]> {
  const folder = mkdtempSync(path.join(tmpdir(), `innings-bench-${size}-`))
  const figures: Figure[] = []
  try {
    const from = performance.now()
    grow(size, folder)
    const grown = (performance.now() - from) / 1000
    figures.push({ name: `${size}: grown`, unit: 's', goal: { below: 180 }, value: grown })
    const started = performance.now()
    const server = await startServer(folder)
    await fetch(`${server.address}/lots`).then((answer) => answer.text())
    figures.push({
      name: `${size}: start until the first page`,
      unit: 's',
      goal: { below: 10 },
      value: (performance.now() - started) / 1000,
    })
    const orders = await fetch(server.address + ORDER_PAGE.address)
    const measured = orders.ok ? [...MAIN_PAGES, ORDER_PAGE] : MAIN_PAGES
    for (const { name, address, further = [] } of measured) {
      const times = await ask([address, ...further].map((one) => server.address + one))
      figures.push({ name: `${size}: ${name}, p50`, unit: 'ms', value: quantile(times, 0.5) })
      figures.push({
        name: `${size}: ${name}, p95`,
        unit: 'ms',
        goal: { below: P95_BELOW_MS },
        value: quantile(times, 0.95),
      })
    }
    if (size === 'nursery') figures.push(...(await crowd(server)))
    await server.stop()
    if (size === 'nursery') figures.push(...(await copyOfGarden(folder)))
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
  return figures
}

function grow(size: SizeName, folder: string): void {
  const { status } = spawnSync(process.execPath, ['scripts/seed.mjs', '--size', size], {
    env: { ...process.env, INNINGS_DATA: folder, INNINGS_COPIES: '0', INNINGS_NOW: NOW },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  if (status !== 0) throw new Error(`The garden ${size} was not grown.`)
}

/** Times of answers, the first to each address left out. @throws where one is refused */
async function ask(addresses: readonly string[]): Promise<number[]> {
  const times: number[] = []
  const rounds = Math.max(ANSWERS, Math.ceil(ANSWERS_OF_PAGE / addresses.length))
  for (let round = 0; round <= rounds; round++) {
    for (const address of addresses) {
      const from = performance.now()
      const answer = await fetch(address)
      await answer.text()
      if (!answer.ok) throw new Error(`${address} was answered with ${answer.status}.`)
      if (round > 0) times.push(performance.now() - from)
    }
  }
  return times
}
