import { qrModules } from './qrPath'

/** Of two rows of modules, one line of letters half as wide as high. */
const LETTERS = { '00': ' ', '01': '▄', '10': '▀', '11': '█' } as const

/** A text as a QR code for a terminal: its light modules drawn, since most terminals are dark. */
export function qrText(text: string): string {
  const { modules, isDark } = qrModules(text)
  const isLight = (row: number, column: number) =>
    row < modules && !isDark(row, column) ? '1' : '0'
  const lines: string[] = []
  for (let row = 0; row < modules; row += 2) {
    let line = ''
    for (let column = 0; column < modules; column++) {
      line += LETTERS[`${isLight(row, column)}${isLight(row + 1, column)}`]
    }
    lines.push(line)
  }
  return lines.join('\n')
}
