import type { Role, TokenScope } from '../../../messages/access/access'

export const roles: Readonly<Record<Role, string>> = { manager: 'Manager', helper: 'Helper' }

export const signIn = {
  title: 'Sign in',
  lead: 'This garden has a passphrase.',
  passphrase: 'Passphrase',
  show: 'Show what I type',
  go: 'Sign in',
  notEncrypted:
    'This connection is not encrypted: someone who listens on this network could read the passphrase. Sign in on networks you trust.',
  forgotten: 'Forgotten?',
  forgottenMore:
    'On the machine of the garden, “npm run share -- --passphrase” sets a new one. The garden itself stays as it is.',
} as const

export const access = {
  title: 'Who may come in',
  openLead: 'Only this machine reaches your garden, without a passphrase.',
  closedLead: 'Whoever comes in has to sign in.',
  sharedLead: 'Devices in your network reach this garden, and have to sign in.',
  howToShare:
    'To use it on a phone in the garden, stop Innings and start it with “npm run share”: it shows the address as a code for the camera.',
  notEncrypted:
    'This connection is not encrypted: use it on networks you trust. The manual tells how to set a certificate.',
  copiesStayHere:
    'Innings brings copies of this garden to no other disk: where this one goes, they go with it. Set INNINGS_COPIES_TO to a folder on another disk or machine, or take the folder “backups” along with your own copies.',
  manager: 'The manager’s passphrase',
  managerSays: 'Sees and changes everything.',
  helper: 'The helpers’ passphrase',
  helperSays: 'Helpers log, tick the steps of work and test. They change and remove nothing else.',
  noHelpers: 'There are no helpers yet.',
  managerFirst: 'Set the passphrase of the manager first.',
  present: 'The manager’s passphrase as it is now',
  next: 'New passphrase',
  nextHint: 'Four words that do not belong together are easy to keep in mind.',
  show: 'Show what I type',
  set: 'Set it',
  setManager: 'Set a passphrase',
  changeManager: 'Change it',
  setHelper: 'Let helpers in',
  changeHelper: 'Change it',
  managerSet: 'Set. Other devices of the manager sign in again with it.',
  helperSet: 'Set. Helpers sign in with it now.',
  endHelpers: 'No more helpers',
  helpersEnded: 'Helpers are signed out, and their passphrase is gone.',
  open: 'Do without passphrases',
  openSays: 'For a garden that only this machine reaches. All devices are signed out.',
  opened: 'Done: on this machine nobody has to sign in.',
  devices: 'Signed in now',
  device: (role: Role, device: string) => `${roles[role]} · ${device || 'unknown device'}`,
  isThis: 'this one',
  lastHere: (day: string) => `last here ${day}`,
  since: (day: string) => `since ${day}`,
  signOutOne: 'Sign out',
  signOutOneOf: (device: string, day: string) => `Sign out ${device}, here since ${day}`,
  signedOutOne: 'That device is signed out.',
  everywhere: 'Sign out everywhere',
  everywhereSays: 'All devices, this one too. Lost a phone? Do this, then set a new passphrase.',
  tokens: 'Scripts',
  tokensSay: 'A token lets a script of yours in, with the header “Authorization: Bearer …”.',
  tokenName: 'What it is for',
  tokenScope: 'What it may do',
  scopes: {
    read: 'Read',
    log: 'Read, log, tick and test',
    manage: 'Everything a manager does',
  } satisfies Readonly<Record<TokenScope, string>>,
  makeToken: 'Make a token',
  madeToken: (name: string) => `The token for ${name}: copy it now, it is not shown again.`,
  endToken: 'End it',
  endTokenOf: (name: string) => `End the token for ${name}`,
  tokenEnded: (name: string) => `The token for ${name} is let in no more.`,
} as const

/** At the foot of every page. */
export const foot = {
  practice: 'How you work',
  access: 'Who may come in',
  signOut: 'Sign out',
  helper: 'You are signed in as a helper: you can log, tick and test.',
} as const
