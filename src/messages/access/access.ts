import Joi from 'joi'
import { key, line } from '../rules'

/** Shorter ones are guessed. */
export const SHORTEST_PASSPHRASE = 12
const LONGEST_PASSPHRASE = 200

export type Role = 'manager' | 'helper'

/** What a script may do: read, log and tick as a helper does, or everything a manager does. */
export type TokenScope = 'read' | 'log' | 'manage'

export interface SignIn {
  readonly passphrase: string
}

export interface SignedIn {
  readonly role: Role
}

export interface NewPassphrase {
  readonly role: Role
  readonly passphrase: string
  /** The manager's as it is now; empty while there is none. */
  readonly present: string
}

export interface PresentPassphrase {
  readonly present: string
}

export interface NewToken {
  readonly name: string
  readonly scope: TokenScope
}

/** The only time a token is shown. */
export interface MadeToken {
  readonly token: string
}

export interface SessionView {
  readonly id: string
  readonly role: Role
  readonly device: string
  /** Days at the site. */
  readonly since: string
  readonly seen: string
  readonly isThis: boolean
}

export interface TokenView {
  readonly id: string
  readonly name: string
  readonly scope: TokenScope
  readonly since: string
}

export interface AccessPage {
  /** Whether copies are brought to a second folder. */
  readonly copiesLeave: boolean
  readonly hasManager: boolean
  readonly hasHelper: boolean
  /** Whether other devices reach this Innings at all. */
  readonly isShared: boolean
  readonly isEncrypted: boolean
  readonly sessions: readonly SessionView[]
  readonly tokens: readonly TokenView[]
}

export interface SignInPage {
  /** Where to go on, an address of ours. */
  readonly to: string
  readonly isEncrypted: boolean
}

const typed = (label: string) =>
  Joi.string().max(LONGEST_PASSPHRASE).label(label).meta({ text: 'secret' })

export const signInSchema = Joi.object<SignIn>({
  passphrase: typed('The passphrase').required(),
})

export const newPassphraseSchema = Joi.object<NewPassphrase>({
  role: Joi.valid('manager', 'helper').required().label('Whose passphrase'),
  passphrase: typed('The passphrase')
    .required()
    .custom((value: string, helpers) => {
      const letters = [...value.normalize('NFKC').trim()]
      if (letters.length < SHORTEST_PASSPHRASE) return helpers.error('passphrase.short')
      if (new Set(letters).size < 5) return helpers.error('passphrase.plain')
      return value
    })
    .messages({
      'passphrase.short': `Take at least ${SHORTEST_PASSPHRASE} letters: four words that do not belong together are easy to keep in mind`,
      'passphrase.plain': 'The same few letters over and over are soon guessed: take other words',
    }),
  present: typed('The passphrase as it is now').allow('').required(),
})

export const presentPassphraseSchema = Joi.object<PresentPassphrase>({
  present: typed('The passphrase as it is now').required(),
})

export const newTokenSchema = Joi.object<NewToken>({
  name: line('The name', 60).required(),
  scope: Joi.valid('read', 'log', 'manage').required().label('What it may do'),
})

export const accessIdSchema = Joi.object<{ id: string }>({
  id: key('The number').required(),
})

export const signInQuerySchema = Joi.object<{ to?: string }>({
  to: line('The address', 2000).allow(''),
}).unknown()
