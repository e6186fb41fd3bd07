import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { DIST, startServer } from '../e2e/server'
import { MAIN_PAGES, type MainPage } from './mainPages'
import type { Figure } from './measure'

const BELOW_KB = 130
const WITH_CHART_BELOW_KB = 330
/** Fetched once a page stands, without anyone asking; what is behind a key or a fold comes only when it is opened. */
const UNASKED = [
  'drawChart',
  'FindDialog',
  'WhyAnswer',
  'askCore',
  'OutboxMark',
  'OutboxDialog',
  'makeOutbox',
]

/** Starts the demo garden twice, and weighs the scripts of every page as they are sent. */
export async function scripts(): Promise<Figure[]> {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-bench-'))
  const figures: Figure[] = []
  const start = async (name: string, below: number) => {
    const from = performance.now()
    const server = await startServer(folder, { INNINGS_DEMO: '1' })
    await fetch(`${server.address}/lots`).then((answer) => answer.text())
    const seconds = (performance.now() - from) / 1000
    figures.push({ name, unit: 's', goal: { below }, value: seconds })
    return server
  }
  try {
    await (await start('first start of the demo garden, until the first page', 20)).stop()
    const server = await start('second start, until the first page', 5)
    for (const { name, address } of [...MAIN_PAGES, await runningTest(server.address)]) {
      if (address.startsWith('/api')) continue
      const answer = await fetch(server.address + address)
      if (!answer.ok) throw new Error(`${address} answered ${answer.status}`)
      const html = await answer.text()
      const { first, later } = scriptsOf(html)
      figures.push({
        name: `scripts: ${name}`,
        unit: 'kB',
        goal: { below: BELOW_KB },
        value: kilobytes(first),
      })
      if ([...later].some((file) => file.includes('drawChart'))) {
        figures.push({
          name: `scripts with chart: ${name}`,
          unit: 'kB',
          goal: { below: WITH_CHART_BELOW_KB },
          value: kilobytes(new Set([...first, ...later])),
        })
      }
    }
    await server.stop()
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
  return figures
}

/** A test that was begun: its page holds the form and the clock, a finished one what it came to. */
async function runningTest(server: string): Promise<MainPage> {
  const answer = await fetch(`${server}/api/bench/tests`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: server },
    body: JSON.stringify({ kind: 'heat', sample: { kind: 'lot', id: 1 } }),
  })
  if (!answer.ok) throw new Error(`A test could not be begun: ${await answer.text()}`)
  const { id } = (await answer.json()) as { id: number }
  return { name: 'a running test', address: `/bench/tests/${id}` }
}

/** Scripts a page loads at once, and those it fetches unasked once it stands; each with all they import. */
function scriptsOf(html: string): { first: Set<string>; later: Set<string> } {
  const first = new Set<string>()
  const later = new Set<string>()
  const named = html.matchAll(/(?:src|href|component-url|renderer-url)="(\/_astro\/[^"]+\.js)"/g)
  const follow = (file: string, into: Set<string>) => {
    if (first.has(file) || into.has(file)) return
    into.add(file)
    const text = readFileSync(path.join(DIST, 'client', file), 'utf8')
    for (const [, next = ''] of text.matchAll(/(?:from|import)\s*"(\.\/[^"]+\.js)"/g)) {
      follow(path.posix.join('/_astro', next), into)
    }
    for (const [, next = ''] of text.matchAll(/import\(\s*[`"'](\.\/[^`"']+\.js)[`"']/g)) {
      if (UNASKED.some((name) => next.startsWith(`./${name}.`))) {
        follow(path.posix.join('/_astro', next), later)
      }
    }
  }
  for (const [, file = ''] of named) follow(file, first)
  return { first, later }
}

function kilobytes(files: ReadonlySet<string>): number {
  let bytes = 0
  for (const file of files) bytes += gzipSync(readFileSync(path.join(DIST, 'client', file))).length
  return bytes / 1000
}
