/** Words that were typed to find something, as they are compared. */
export function wordsOf(find: string): string[] {
  return find.toLowerCase().split(/\s+/).filter(Boolean)
}

/** A pattern that fits what holds the word anywhere; what means something to the database means itself. */
export function likeWord(word: string): string {
  return `%${word.replace(/[\\%_]/g, '\\$&')}%`
}
