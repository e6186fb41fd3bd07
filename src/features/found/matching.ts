import { meantBy } from '../../core/recondition'
import type { ProblemChoice } from '../../messages/media/found'
import { findings as words } from '../../ui/texts/media/findings'

const MOST_MATCHES = 6

/** Problems that are meant by the words, then those in whose name, then in whose signs all words are found. */
export function matching(problems: readonly ProblemChoice[], text: string): ProblemChoice[] {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (asked.length === 0) return []
  const holds = (where: string) => asked.every((word) => where.toLowerCase().includes(word))
  const meant = meantBy(text).problems.flatMap((id) => problems.find((one) => one.id === id) ?? [])
  const inName = problems.filter(({ name }) => holds(name))
  const inSigns = problems.filter((one) => holds(`${one.name} ${one.signs}`))
  return [...new Set([...meant, ...inName, ...inSigns])].slice(0, MOST_MATCHES)
}

/** What stands below the field: what to look at before any pest, that nothing is called so, or what may be typed. */
export function hintFor(text: string, matches: readonly ProblemChoice[], usual: string): string {
  if (text.trim() === '') return usual
  const { care } = meantBy(text)
  if (care.length > 0) return words.careFirst(care.map((one) => words.cares[one]))
  return matches.length === 0 ? words.noProblem : usual
}
