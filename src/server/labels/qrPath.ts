import qrcode from 'qrcode-generator'

/** Light modules all around; the label leaves as much again, since no camera finds a code that has no edge. */
const QUIET = 2

/**
 * A text as a QR code: a path of its dark modules.
 * @returns the path, and how many modules a side has with its quiet zone
 */
export function qrPath(text: string): { readonly path: string; readonly modules: number } {
  // The size that fits, with room for mud and scratches: a quarter of its words can be lost.
  const code = qrcode(0, 'Q')
  code.addData(text)
  code.make()
  const count = code.getModuleCount()
  let path = ''
  for (let row = 0; row < count; row++) {
    for (let column = 0; column < count; column++) {
      if (!code.isDark(row, column)) continue
      let wide = 1
      while (column + wide < count && code.isDark(row, column + wide)) wide++
      path += `M${column + QUIET} ${row + QUIET}h${wide}v1h-${wide}z`
      column += wide
    }
  }
  return { path, modules: count + 2 * QUIET }
}
