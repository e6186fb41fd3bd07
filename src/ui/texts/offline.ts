/** Where Innings does not answer and the browser kept pages. */
export const noConnection = {
  title: 'Innings does not answer',
  lead: 'What you entered is kept on this device and is sent by itself. This page is not kept here; these can be read:',
  log: 'Go on with the log',
  kept: 'Pages kept here',
} as const

export const offline = {
  keptAt: (time: string) => `No connection: this is how it was at ${time}. What you enter is kept.`,
} as const
