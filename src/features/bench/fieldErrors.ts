import type { Problem } from '../../messages/problem'

/** How the form's answers are called where they arrive. */
function arrivesAs(name: string): string[] {
  const row = /^([a-zA-Z]+?)(\d+)$/.exec(name)
  const known: Readonly<Record<string, (i: string) => string>> = {
    drop: (i) => `dropsS.${i}`,
    height: (i) => `heightsCm.${i}`,
    dose: (i) => `points.${i}.gPerL`,
    ph: (i) => `points.${i}.ph`,
    day: (i) => `counts.${i}.on`,
    count: (i) => `counts.${i}.count`,
  }
  const [, word = '', index = ''] = row ?? []
  const first: Readonly<Record<string, string>> = {
    drop0: 'dropsS',
    height0: 'heightsCm',
    feels: 'threads',
  }
  return [name, first[name] ?? name, ...(known[word] ? [known[word](index)] : [])]
}

/** What was refused of one answer of a test's form. */
export function fieldErrors(problem: Problem | null, name: string): string | undefined {
  const names = arrivesAs(name)
  return problem?.fields.find(({ field }) =>
    names.some((one) => field === one || field === `observation.${one}`),
  )?.message
}
