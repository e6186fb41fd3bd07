import type { Running } from '../e2e/server'
import { MAIN_PAGES } from './mainPages'
import { type Figure, quantile } from './measure'
import { mostMemory } from './memory'

const CLIENTS = 20
const FOR_MS = 30_000
/** Between two pages a person looks at what came. */
const LOOKS_MS = 1000

/** Twenty people leaf through a garden for half a minute, on this machine only. */
export async function crowd({ address, process: server }: Running): Promise<Figure[]> {
  const pages = MAIN_PAGES.flatMap((page) => [page.address, ...(page.further ?? [])])
  const times: number[] = []
  const end = performance.now() + FOR_MS
  const most = mostMemory(server)
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
    ...most('nursery: memory at most', 600),
  ]
}

function pause(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms))
}
