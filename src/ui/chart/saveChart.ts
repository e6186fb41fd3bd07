import { fileName } from '../../core/fileName'
import type { ChartSpec } from './chartSpec'
import { chartRows } from './chartSpec'

/** Hands a file to the person. */
function save(content: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

export function saveSvg(svg: string, title: string): void {
  save(new Blob([svg], { type: 'image/svg+xml' }), `${fileName(title, 'chart')}.svg`)
}

/** Draws the vector picture at twice its size, on the page's ground. */
export async function savePng(svg: string, title: string, ground: string): Promise<void> {
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  const picture = new Image()
  picture.src = address
  await picture.decode()
  const canvas = document.createElement('canvas')
  canvas.width = picture.width * 2
  canvas.height = picture.height * 2
  const context = canvas.getContext('2d')
  if (context) {
    context.fillStyle = ground
    context.fillRect(0, 0, canvas.width, canvas.height)
    context.drawImage(picture, 0, 0, canvas.width, canvas.height)
  }
  URL.revokeObjectURL(address)
  canvas.toBlob((blob) => blob && save(blob, `${fileName(title, 'chart')}.png`), 'image/png')
}

export async function saveCsv(spec: ChartSpec): Promise<void> {
  const { unparse } = await import('papaparse')
  save(
    new Blob([unparse(chartRows(spec))], { type: 'text/csv' }),
    `${fileName(spec.title, 'chart')}.csv`,
  )
}
