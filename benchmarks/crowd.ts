import { readFileSync } from 'node:fs'
import type { Running } from '../e2e/server'
import { MAIN_PAGES } from './mainPages'
import { type Figure, quantile } from './measure'

const CLIENTS = 20
const FOR_MS = 30_000
/** Between two pages a person looks at what came. */
const LOOKS_MS = 1000
const WATCHED_EVERY_MS = 250

/** Twenty people leaf through a garden for half a minute, on this machine only. */
export async function crowd({ address, process: server }: Running): Promise<Figure[]> {
  const pages = MAIN_PAGES.flatMap((page) => [page.address, ...(page.further ?? [])])
  const times: number[] = []
  const end = performance.now() + FOR_MS
  let mostBytes = 0
  const watch = setInterval(() => {
    mostBytes = Math.max(mostBytes, memoryOf(server.pid) ?? 0)
  }, WATCHED_EVERY_MS)
  const leaf = async (client: number) => {
    await pause((client * LOOKS_MS) / CLIENTS)
    for (let i = client; performance.now() < end; i++) {
      const from = performance.now()
      await fetch(address + pages[i % pages.length]).then((answer) => answer.text())
      times.push(performance.now() - from)
      await pause(LOOKS_MS)
    }
  }
  await Promise.all(Array.from({ length: CLIENTS }, (_, client) => leaf(client)))
  clearInterval(watch)
  return [
    {
      name: `nursery: ${CLIENTS} clients, answers a second`,
      unit: '1/s',
      value: times.length / (FOR_MS / 1000),
    },
    {
      name: `nursery: ${CLIENTS} clients, p95`,
      unit: 'ms',
      goal: { below: 600 },
      value: quantile(times, 0.95),
    },
    ...(mostBytes > 0
      ? [
          {
            name: 'nursery: memory at most',
            unit: 'MB',
            goal: { below: 600 },
            value: mostBytes / 1e6,
          } as const,
        ]
      : []),
  ]
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms))
}

/** Resident memory of a process, where the system tells it. */
function memoryOf(pid: number | undefined): number | null {
  try {
    const [, pages = ''] = readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')
    return Number(pages) * 4096
  } catch {
    return null
  }
}
