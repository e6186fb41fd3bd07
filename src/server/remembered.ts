import { createHash } from 'node:crypto'

/**
 * A function of the core that remembers what it answered: whoever goes back, reloads or compares asks the very same
 * again. What it is asked has to be plain data, and its answers are not changed by anybody.
 * @param most so many answers are kept; those that were not asked for longest go first
 */
export function remembered<Asked, Answer>(
  most: number,
  work: (asked: Asked) => Answer,
): (asked: Asked) => Answer {
  const known = new Map<string, Answer>()
  return (asked) => {
    const key = createHash('sha1').update(JSON.stringify(asked)).digest('base64')
    if (!known.has(key)) known.set(key, work(asked))
    const answer = known.get(key) as Answer
    known.delete(key)
    known.set(key, answer)
    const [oldest] = known.keys()
    if (known.size > most && oldest !== undefined) known.delete(oldest)
    return answer
  }
}
