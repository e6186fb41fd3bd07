import qrcode from 'qrcode-generator'

/** Light modules all around; the label leaves as much again, since no camera finds a code that has no edge. */
const QUIET = 2

/** The modules of a text as a QR code, with its quiet zone, counted from 0. */
export function qrModules(text: string): {
  readonly modules: number
  readonly isDark: (row: number, column: number) => boolean
} {
  // The size that fits, with room for mud and scratches: a quarter of its words can be lost.
  const code = qrcode(0, 'Q')
  code.addData(text)
  code.make()
  const count = code.getModuleCount()
  const isInside = (at: number) => at >= QUIET && at < count + QUIET
  return {
    modules: count + 2 * QUIET,
    isDark: (row, column) =>
      isInside(row) && isInside(column) && code.isDark(row - QUIET, column - QUIET),
  }
}

export interface QrPath {
  readonly path: string
  /** A side has so many, with its quiet zone. */
  readonly modules: number
}

/** Codes of labels that were shown before: a pot's address stays what it is. */
const drawn = new Map<string, QrPath>()
const MOST_DRAWN = 1000

/** A text as a QR code: a path along the middle of its dark modules, to be drawn one module wide. */
export function qrPath(text: string): QrPath {
  const known = drawn.get(text)
  if (known) return known
  if (drawn.size >= MOST_DRAWN) drawn.clear()
  const made = draw(text)
  drawn.set(text, made)
  return made
}

function draw(text: string): QrPath {
  const { modules, isDark } = qrModules(text)
  let path = ''
  for (let row = 0; row < modules; row++) {
    let end: number | null = null
    for (let column = 0; column < modules; column++) {
      if (!isDark(row, column)) continue
      let wide = 1
      while (isDark(row, column + wide)) wide++
      // From the last one in its row, which is shorter: a sheet of labels is little else.
      path += end === null ? `M${column} ${row}.5h${wide}` : `m${column - end} 0h${wide}`
      column += wide
      end = column
    }
  }
  return { path, modules }
}
