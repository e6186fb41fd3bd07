import { proxy, releaseProxy, wrap } from 'comlink'
import { type CoreThread, coreLine } from './coreLine'
import type { runJob } from './jobs'

function startThread(): CoreThread {
  const worker = new Worker(new URL('./coreWorker.ts', import.meta.url), { type: 'module' })
  const remote = wrap<typeof runJob>(worker)
  return {
    run: (name, question, tell) => remote(name, question, proxy(tell)),
    end: () => {
      remote[releaseProxy]()
      worker.terminate()
    },
  }
}

/** The one thread of a page that works for its screens. */
export const core = coreLine(startThread)
