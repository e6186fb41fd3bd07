/** Each number of a list in an address, such as "3,4", once. */
export function numbersIn(list: string): readonly number[] {
  return [...new Set(list.split(',').filter(Boolean).map(Number))]
}
