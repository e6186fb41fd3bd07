import path from 'node:path'

/** What stands where in a data folder. */
export function placesIn(dataFolder: string) {
  return {
    database: path.join(dataFolder, 'database'),
    /** A database in the making; whatever it holds was never answered for. */
    unfinished: path.join(dataFolder, 'database.unfinished'),
    /** A copy being put back. */
    restoring: path.join(dataFolder, 'database.restoring'),
    backups: path.join(dataFolder, 'backups'),
    logs: path.join(dataFolder, 'logs'),
    reserve: path.join(dataFolder, 'reserve'),
    /** Who may come in. */
    access: path.join(dataFolder, 'access.json'),
    /** Which garden this is; another one after a copy was put back. */
    identity: path.join(dataFolder, 'garden-id'),
    lock: path.join(dataFolder, 'innings.lock'),
  } as const
}
