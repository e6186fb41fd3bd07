import { inWords } from '../inWords'

/** Sentences that the list of trials opens with. */
export const trialsSentence = {
  late: (name: string, looks: number) =>
    looks === 1
      ? `A look at “${name}” is late.`
      : `Looks at “${name}” are late: ${inWords(looks)}.`,
  manyLate: (trials: number) => `Looks at ${inWords(trials)} trials are late.`,
  today: (name: string) => `Today “${name}” is looked at.`,
  runs: (trials: number) =>
    trials === 1 ? 'One trial is running.' : `${inWords(trials)} trials are running.`,
  next: (name: string, day: string) => `The next look is on ${day}: ${name}.`,
  planned: (name: string) => `“${name}” is planned and not planted yet.`,
  manyPlanned: (trials: number) => `${inWords(trials)} trials are planned and not planted yet.`,
  over: (trials: number) =>
    trials === 1 ? 'The trial is over.' : `All ${inWords(trials)} trials are over.`,
  lookNow: 'Look now',
}
