import { randomUUID } from 'node:crypto'
import { NotFound } from '../../data/errors'
import type { NewToken } from '../../messages/access/access'
import { readConfig } from '../config'
import { refuseField } from '../problem'
import { changeAccess, readAccess } from './accessFile'
import { newSecret, sumOf } from './sessions'

const MOST_TOKENS = 50

/** A token for a script; it is shown once, since only a sum of it is kept. */
export async function makeToken({ name, scope }: NewToken, at: Date): Promise<string> {
  const { dataFolder } = readConfig()
  const before = readAccess(dataFolder)
  if (before.tokens.some((one) => one.name.toLowerCase() === name.toLowerCase())) {
    refuseField('name', `Another token is called "${name}".`)
  }
  if (before.tokens.length >= MOST_TOKENS) {
    refuseField('name', `There are ${MOST_TOKENS} tokens already: end one that is not used.`)
  }
  const secret = `inn_${newSecret()}`
  changeAccess(dataFolder, (access) => ({
    ...access,
    tokens: [
      ...access.tokens,
      { id: randomUUID(), hash: sumOf(secret), name, scope, since: at.toISOString() },
    ],
  }))
  return secret
}

export async function endToken(id: string): Promise<void> {
  const { dataFolder } = readConfig()
  if (!readAccess(dataFolder).tokens.some((one) => one.id === id)) {
    throw new NotFound('There is no such token; it may have been ended already.')
  }
  changeAccess(dataFolder, (access) => ({
    ...access,
    tokens: access.tokens.filter((one) => one.id !== id),
  }))
}
