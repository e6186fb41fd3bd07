const WORDS = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
] as const

/** A count as it stands in a sentence: up to twelve in words. */
export function inWords(count: number, number: (value: number) => string = String): string {
  return WORDS[count] ?? number(count)
}
