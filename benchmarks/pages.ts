import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { startServer } from '../e2e/server'
import type { Figure } from './measure'

const RECIPE =
  '/turnover/recipe?lot=1&drop=5&roots=fine&side=no&crop=strawberry&pots=1&share=0.3&feed=organic'
const PAGES = [
  ['lots', '/lots'],
  ['a lot', '/lots/1'],
  ['new lot', '/lots/new'],
  ['mixes', '/mixes'],
  ['a mix', '/mixes/design?mix=1'],
  ['bottom layer', '/mixes/layers?mixes=1'],
  ['turnover', '/turnover'],
  ['what was found', '/turnover/new?lot=1'],
  ['recipe', RECIPE],
  // Every part at once: more than any page a grower opens, so it has no goal for scripts.
  ['all parts', '/styleguide'],
] as const
const ANSWERS = 7

/** Starts the demo garden twice and asks for every page: start times, answers, scripts a page loads. */
export async function pages(): Promise<Figure[]> {
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
    for (const [name, address] of PAGES) {
      const { html, ms } = await ask(server.address + address)
      figures.push({ name: `answer: ${name}`, unit: 'ms', goal: { below: 600 }, value: ms })
      const { first, later } = scriptsOf(html)
      figures.push({
        name: `scripts: ${name}`,
        unit: 'kB',
        ...(name === 'all parts' ? {} : { goal: { below: 150 } }),
        value: kilobytes(first),
      })
      if ([...later].some((file) => file.includes('drawChart'))) {
        const all = new Set([...first, ...later])
        figures.push({
          name: `scripts with chart: ${name}`,
          unit: 'kB',
          ...(name === 'all parts' ? {} : { goal: { below: 340 } }),
          value: kilobytes(all),
        })
      }
    }
    await server.stop()
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
  return figures
}

/** Median of several answers, the first left out. */
async function ask(address: string): Promise<{ html: string; ms: number }> {
  const times: number[] = []
  let html = ''
  for (let i = 0; i <= ANSWERS; i++) {
    const from = performance.now()
    html = await fetch(address).then((answer) => answer.text())
    if (i > 0) times.push(performance.now() - from)
  }
  times.sort((a, b) => a - b)
  return { html, ms: times[Math.floor(times.length / 2)] ?? 0 }
}

/** Scripts a page loads at once, and those it may load later; each with all they import. */
function scriptsOf(html: string): { first: Set<string>; later: Set<string> } {
  const first = new Set<string>()
  const later = new Set<string>()
  const named = html.matchAll(/(?:src|href|component-url|renderer-url)="(\/_astro\/[^"]+\.js)"/g)
  const follow = (file: string, into: Set<string>) => {
    if (first.has(file) || into.has(file)) return
    into.add(file)
    const text = readFileSync(path.join('dist', 'client', file), 'utf8')
    for (const [, next = ''] of text.matchAll(/(?:from|import)\s*"(\.\/[^"]+\.js)"/g)) {
      follow(path.posix.join('/_astro', next), into)
    }
    for (const [, next = ''] of text.matchAll(/import\(\s*[`"'](\.\/[^`"']+\.js)[`"']/g)) {
      follow(path.posix.join('/_astro', next), later)
    }
  }
  for (const [, file = ''] of named) follow(file, first)
  return { first, later }
}

function kilobytes(files: ReadonlySet<string>): number {
  let bytes = 0
  for (const file of files)
    bytes += gzipSync(readFileSync(path.join('dist', 'client', file))).length
  return bytes / 1000
}
