import { mock } from 'node:test'
import { ourOutbox } from '../src/ui/outbox/ourOutbox'
import { catchRequests, type Request, settle } from './renderHook'

/**
 * A browser page whose entries go through its outbox: time stands until it is told to pass, and each request is answered by
 * hand.
 */
export async function outboxPage() {
  localStorage.clear()
  const network = catchRequests()
  mock.timers.enable({ apis: ['setTimeout'] })
  // Its script comes from the disk, however long that takes.
  await ourOutbox()
  return {
    made: network.made,
    /** Of those that were sent, the last one to this address. */
    sentTo(address: string): Request {
      const sent = network.made.filter((one) => one.address === address).at(-1)
      if (!sent) throw new Error(`Nothing was sent to ${address}.`)
      return sent
    },
    /** Lets so much time pass, and what follows from it happen. */
    async wait(ms: number): Promise<void> {
      mock.timers.tick(ms)
      await settle()
    },
    /** The line is back: the browser tells, and what waits goes out. */
    async comeOnline(): Promise<void> {
      window.dispatchEvent(new Event('online'))
      await settle()
    },
    close(): void {
      mock.timers.reset()
      network.restore()
    },
  }
}
