import { type FolderLock, lockFolder } from '../src/server/storage/lock'

/** What a parent tells one of several processes that want a folder at the same instant. */
export type Order =
  | { readonly do: 'take'; readonly folder: string; readonly at: number }
  | { readonly do: 'release' }

let lock: FolderLock | null = null

process.on('message', async (order: Order) => {
  if (order.do === 'release') {
    lock?.release()
    lock = null
    process.send?.('released')
    return
  }
  // Turning on the spot is the only way to begin together within a fraction of a millisecond.
  while (Date.now() < order.at);
  try {
    lock = await lockFolder(order.folder)
    process.send?.('held')
  } catch (error) {
    process.send?.((error as Error).message)
  }
})
