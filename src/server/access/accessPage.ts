import { readSite } from '../../data/site'
import type { AccessPage, SignInPage } from '../../messages/access/access'
import { dayAt } from '../clock'
import { readConfig } from '../config'
import type { OpenDatabase } from '../database'
import { isShared } from '../hosts'
import { readAccess } from './accessFile'
import type { Visitor } from './admit'
import { ownAddress } from './admitPage'
import { isEncrypted, isOnThisMachine } from './cookies'

/** Who may come in, for the manager. */
export async function accessPage(
  db: OpenDatabase,
  request: Request,
  visitor: Visitor,
): Promise<AccessPage> {
  const { timeZone } = await readSite(db)
  const day = (time: string) => dayAt(timeZone, new Date(time))
  const { dataFolder, copiesTo } = readConfig()
  const { manager, helper, sessions, tokens } = readAccess(dataFolder)
  const own = visitor.kind === 'session' ? visitor.sessionId : null
  return {
    copiesLeave: copiesTo !== null,
    hasManager: manager !== null,
    hasHelper: helper !== null,
    isShared: isShared(readConfig()),
    isEncrypted: isEncrypted(request),
    sessions: [...sessions]
      .sort((a, b) => b.seen.localeCompare(a.seen))
      .map(({ id, role, device, since, seen }) => ({
        id,
        role,
        device,
        since: day(since),
        seen: day(seen),
        isThis: id === own,
      })),
    tokens: tokens.map(({ id, name, scope, since }) => ({ id, name, scope, since: day(since) })),
  }
}

export function signInPage(request: Request, to: string | undefined): SignInPage {
  return { to: ownAddress(to), isEncrypted: isEncrypted(request) || isOnThisMachine(request) }
}
