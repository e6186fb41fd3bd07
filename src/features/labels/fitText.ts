/** Mean width of a letter of the shipped typefaces, as a share of its size. */
const LETTER = 0.48

/**
 * Breaks a text into lines that fit, at its spaces where it has some; what does not fit is cut with an ellipsis.
 * @param widthMm of a line
 * @param sizeMm of the letters
 * @param most lines
 */
export function fitText(text: string, widthMm: number, sizeMm: number, most: number): string[] {
  const room = Math.max(3, Math.floor(widthMm / (sizeMm * LETTER)))
  const lines: string[] = []
  let line = ''
  for (const word of text.trim().split(/\s+/)) {
    const longer = line === '' ? word : `${line} ${word}`
    if (longer.length <= room) {
      line = longer
      continue
    }
    if (line !== '') lines.push(line)
    line = word
  }
  if (line !== '') lines.push(line)
  const shown = lines.slice(0, most)
  return shown.map((one, index) => {
    const isCut = one.length > room || (index === most - 1 && lines.length > most)
    return isCut ? `${one.slice(0, room - 1).trimEnd()}…` : one
  })
}
