import assert from 'node:assert/strict'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import { MessageChannel } from 'node:worker_threads'
import type { Outcome } from '../src/workers/jobs'

/** A job that was begun in a thread, ended by hand. */
interface Begun {
  readonly question: unknown
  readonly finish: (outcome: Outcome) => void
}

/** Jobs of the page's thread, in the order they were begun. */
export const begun: Begun[] = []
/** Stands in for the browser's threads: what it is asked waits until the test answers. */
class ThreadByHand {
  private readonly port
  constructor() {
    const { port1, port2 } = new MessageChannel()
    this.port = port1
    void import('comlink').then(({ expose }) => {
      expose(
        (_: string, question: unknown) =>
          new Promise((resolve) => begun.push({ question, finish: resolve })),
        port2 as never,
      )
      // A thread that nobody waits for keeps no test from its end.
      port2.unref()
    })
  }
  addEventListener(type: 'message', listener: (event: unknown) => void) {
    this.port.on(type, (data) => listener({ data }))
    this.port.unref()
  }
  removeEventListener() {}
  start() {}
  postMessage(message: unknown, moved: never[] = []) {
    this.port.postMessage(message, moved)
  }
  terminate() {
    this.port.close()
  }
}
Object.assign(globalThis, { Worker: ThreadByHand })

/**
 * Lets go of what was asked for. The ways between page and thread are open until they are collected, and would keep the
 * file from its end for half a minute.
 */
export async function letGo(): Promise<void> {
  begun.length = 0
  setFlagsFromString('--expose-gc')
  const collect = runInNewContext('gc') as () => void
  for (let round = 0; round < 3; round++) {
    await new Promise((resolve) => setImmediate(resolve))
    collect()
  }
}

/** Waits until the thread has begun so many jobs. */
export async function untilBegun(count: number): Promise<void> {
  for (let i = 0; i < 400 && begun.length < count; i++) {
    await new Promise((resolve) => setTimeout(resolve, 5))
  }
  assert.equal(begun.length, count)
}
