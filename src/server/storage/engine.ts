import { PGlite } from '@electric-sql/pglite'
import { FlushedFiles } from './flushedFiles'
import { openQuickEngine } from './quickEngine'

/** The engine comes with flushing switched off (-F); a garden is kept for years. */
const START_PARAMS = [
  ...PGlite.defaultStartParams.filter((word) => word !== '-F'),
  ...[
    'fsync=on',
    'synchronous_commit=on',
    'full_page_writes=on',
    'wal_sync_method=fsync',
    // Two log segments are kept for use again, not five: a garden's log is small.
    'min_wal_size=32MB',
  ].flatMap((setting) => ['-c', setting]),
]

/** Opens the engine on a folder that holds a database, every commit flushed before it is answered. */
export function openEngine(
  folder: string,
  files: FlushedFiles = new FlushedFiles(folder),
): Promise<PGlite> {
  return openQuickEngine({ fs: files, startParams: [...START_PARAMS] })
}
