import './main'
import { opened } from './database'
import { keepSnapshot, putBack } from './storage/gardenSnapshot'

/**
 * The application as the interface tests start it: with a door that puts its garden back as it was, so that one server
 * serves many tests, and sets its clock. Nothing else starts this file.
 */
let kept: Promise<void> | null = null
/** The hour it was started at. */
const startedAt = process.env.INNINGS_NOW

async function reset(): Promise<void> {
  setClock(startedAt)
  const { db } = await opened()
  if (kept) {
    await kept
    await putBack(db)
  } else {
    kept = keepSnapshot(db)
    await kept
  }
}

function setClock(now: string | undefined): void {
  if (now === undefined) delete process.env.INNINGS_NOW
  else process.env.INNINGS_NOW = now
}

/** "reset", or the hour that it is from now on; said back when it is done. */
process.on('message', (word) => {
  const done = word === 'reset' ? reset() : Promise.resolve(setClock(String(word)))
  done.then(
    () => process.send?.(word),
    (error: unknown) => process.send?.(String(error)),
  )
})
