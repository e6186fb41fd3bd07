/** Words of what is read from instruments. */
export const instruments = {
  balance: 'Balance',
  simulated: 'simulated',
  simulatedMore: 'It makes its numbers up: for the made-up garden only.',
  settling: 'settling …',
  steady: 'steady',
  silent: 'The balance does not answer: type the weight.',
  take: (weight: string) => `Take ${weight}`,
  takeNone: 'Take the weight',
  takeOnceSteady: 'Take it once it is steady',
  takenOnceSteady: 'Taken as soon as it is steady',
  lay: (code: string) => `Lay the shoots of ${code} on it`,
  empty: 'Take them off',
} as const
