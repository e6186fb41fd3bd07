/** A name in the middle of a sentence. */
export function lowerFirst(name: string): string {
  return name.charAt(0).toLocaleLowerCase() + name.slice(1)
}

/** Words at the beginning of a sentence. */
export function upperFirst(words: string): string {
  return words.charAt(0).toLocaleUpperCase() + words.slice(1)
}
