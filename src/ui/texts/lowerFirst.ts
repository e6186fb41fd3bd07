/** A name in the middle of a sentence. */
export function lowerFirst(name: string): string {
  return name.charAt(0).toLocaleLowerCase() + name.slice(1)
}
