import { changeAccess } from '../../src/server/access/accessFile'
import { hashPassphrase } from '../../src/server/access/passphrase'

export const MANAGER = 'four damp wooden crates'
export const HELPER = 'seven empty seed trays'

/** Gives a garden its two passphrases, as the manager would. */
export async function withPassphrases(folder: string): Promise<void> {
  const manager = await hashPassphrase(MANAGER)
  const helper = await hashPassphrase(HELPER)
  changeAccess(folder, (access) => ({ ...access, manager, helper }))
}
