import './main'
import { opened } from './database'
import { keepSnapshot, putBack } from './storage/gardenSnapshot'

/**
 * The application as the interface tests start it: with a door that puts its garden back as it was, so that one server
 * serves many tests. Nothing else starts this file.
 */
let kept: Promise<void> | null = null

async function reset(): Promise<void> {
  const { db } = await opened()
  if (kept) {
    await kept
    await putBack(db)
  } else {
    kept = keepSnapshot(db)
    await kept
  }
}

process.on('message', (word) => {
  if (word !== 'reset') return
  reset().then(
    () => process.send?.('reset'),
    (error: unknown) => process.send?.(String(error)),
  )
})
