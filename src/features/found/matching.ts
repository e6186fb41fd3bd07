import type { ProblemChoice } from '../../messages/media/found'

const MOST_MATCHES = 6

/** Problems in whose name or signs all words are found; those found in the name first. */
export function matching(problems: readonly ProblemChoice[], text: string): ProblemChoice[] {
  const asked = text.toLowerCase().split(/\s+/).filter(Boolean)
  if (asked.length === 0) return []
  const holds = (where: string) => asked.every((word) => where.toLowerCase().includes(word))
  const inName = problems.filter(({ name }) => holds(name))
  const inSigns = problems.filter(
    (one) => !inName.includes(one) && holds(`${one.name} ${one.signs}`),
  )
  return [...inName, ...inSigns].slice(0, MOST_MATCHES)
}
